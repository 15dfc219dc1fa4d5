/** Rows that are the only one with their key, by the key; a row without one is in none. */
export function soleBy<Row>(rows: readonly Row[], keyOf: (row: Row) => string): ReadonlyMap<string, Row> {
  const sole = new Map<string, Row>()
  const several = new Set<string>()
  for (const row of rows) {
    const key = keyOf(row)
    if (key === '' || several.has(key)) continue
    if (sole.delete(key)) several.add(key)
    else sole.set(key, row)
  }
  return sole
}
