const MARKS: readonly (readonly [RegExp, string])[] = [
  [/€|\beur\b/i, 'EUR'],
  [/\$|\busd\b/i, 'USD'],
  [/£|\bgbp\b/i, 'GBP'],
  [/\bchf\b/i, 'CHF'],
  [/\bsek\b/i, 'SEK'],
  [/¥|\bjpy\b/i, 'JPY'],
]

/** The currency a text names by its sign or code; a bare dollar is the US one. Other codes of three capitals count as they stand alone. */
export const currencyNamed = (text: string): string | undefined =>
  MARKS.find(([mark]) => mark.test(text))?.[1] ?? /^\s*([A-Z]{3})\s*$/.exec(text)?.[1]
