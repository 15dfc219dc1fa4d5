const LIST = new Intl.ListFormat('en-GB', { type: 'conjunction' })

/** Words in a row, as they are told: `width, height and sill`. */
export const listed = (words: readonly string[]): string => LIST.format(words)
