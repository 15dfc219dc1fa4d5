/** Materials a rule asks after, as people write them into the field of that name, in the languages of the interface. */
const WORDS = {
  glass: ['glass', 'glas', 'üveg'],
  'found wood': [
    ...['pallet', 'pallets', 'pallet wood', 'driftwood', 'found wood', 'reclaimed wood', 'tree stump'],
    ...['europalette', 'palettenholz', 'treibholz', 'altholz', 'baumstumpf'],
    ...['raklap', 'raklapfa', 'uszadékfa', 'tuskó'],
  ],
} as const satisfies Readonly<Record<string, readonly string[]>>

/** Whether what was written down as a material says so: whole words, in any case; "fiberglass" is no glass. */
export const isSaidToBe = (material: string, what: keyof typeof WORDS): boolean =>
  new RegExp(`(?<![\\p{L}-])(${WORDS[what].join('|')})(?!\\p{L})`, 'iu').test(material)
