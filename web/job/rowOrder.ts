import { put, type RowChange } from '@bonitas/core/model/changes'
import type { Collection } from '@bonitas/core/model/registry'

/** A list with one of its members at another place; out of bounds it stays at the end. */
export function movedTo<T>(list: readonly T[], from: number, to: number): T[] {
  const rest = list.filter((_x, i) => i !== from)
  const moved = list[from]
  if (moved !== undefined) rest.splice(Math.max(0, Math.min(rest.length, to)), 0, moved)
  return rest
}

/** What writes an order of rows down: only the rows whose place becomes another are changed. */
export function orderChanges(
  collection: Collection,
  rows: readonly { readonly id: string; readonly position: number }[],
  order: readonly string[],
): RowChange[] {
  const before = [...rows].sort((a, b) => a.position - b.position)
  if (before.every((r, i) => r.id === order[i])) return []
  return order.flatMap((id, position) => {
    const row = rows.find((r) => r.id === id)
    return row && row.position !== position ? [put(collection, id, { position })] : []
  })
}
