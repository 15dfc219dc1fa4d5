/** Rows by a key, each group in the order of the rows; a row without a key is in none. */
export function grouped<T>(
  rows: readonly T[],
  keyOf: (row: T) => string | null | undefined,
): Map<string, T[]> {
  const groups = new Map<string, T[]>()
  for (const row of rows) {
    const key = keyOf(row)
    if (key == null) continue
    const list = groups.get(key)
    if (list) list.push(row)
    else groups.set(key, [row])
  }
  return groups
}
