/** A day on an axis of time: its midnight in Greenwich, in milliseconds. */
export const timeOf = (iso: string): number => Date.parse(`${iso}T00:00:00Z`)

/** The day of a place on an axis of time. */
export const dayOf = (time: number): string => new Date(time).toISOString().slice(0, 10)
