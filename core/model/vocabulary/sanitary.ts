/** Kinds of sanitary ware, each with distances of its own. */
export const SANITARY = ['toilet', 'basin', 'shower', 'bath', 'other'] as const

export type Sanitary = (typeof SANITARY)[number]

const WORDS: readonly (readonly [RegExp, Sanitary])[] = [
  [/toilet|\bwc\b|water closet|bidet|urinal/i, 'toilet'],
  [/basin|lavatory|vanity|washstand|sink/i, 'basin'],
  [/\bbath\b|tub/i, 'bath'],
  [/shower (tray|pan|stall|enclosure)|^shower$|shower base|walk-in shower/i, 'shower'],
]

/** The kind a name speaks of: what is proposed when a piece is entered. */
export const sanitaryOf = (name: string): Sanitary => WORDS.find(([w]) => w.test(name))?.[1] ?? 'other'
