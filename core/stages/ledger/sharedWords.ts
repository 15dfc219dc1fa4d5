const words = (text: string) =>
  new Set(
    text
      .toLowerCase()
      .split(/[^\p{L}\p{N}]+/u)
      .filter((w) => w.length >= 3 && !COMMON.has(w)),
  )
const COMMON: ReadonlySet<string> = new Set([
  'and',
  'the',
  'ltd',
  'gmbh',
  'sepa',
  'card',
  'transfer',
  'payment',
  'order',
  'ref',
  'for',
])

/** Words of some length that two texts have in common, apart from those that stand in every payment. */
export function sharedWords(a: string, b: string): string[] {
  const other = words(b)
  return [...words(a)].filter((w) => other.has(w))
}
