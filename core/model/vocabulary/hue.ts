/** Hues by their everyday names. */
export const HUES = ['red', 'orange', 'yellow', 'green', 'blue', 'violet', 'pink', 'brown'] as const

export type Hue = (typeof HUES)[number]
