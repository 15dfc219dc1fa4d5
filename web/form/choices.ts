/** The lines of a choice: words that are their own value, or a value with its words. */
export type Choices = readonly (string | { readonly value: string | null; readonly text: string })[]
