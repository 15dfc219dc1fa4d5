/** Things that are alike in what decides, together; each group in the order of entry. */
export function alike<T>(list: readonly T[], by: (item: T) => readonly unknown[]): (readonly [T, ...T[]])[] {
  const groups = new Map<string, [T, ...T[]]>()
  for (const item of list) {
    const key = JSON.stringify(by(item))
    const group = groups.get(key)
    if (group) group.push(item)
    else groups.set(key, [item])
  }
  return [...groups.values()]
}
