import { alike, type Change, type Row } from './changes.js'
import type { Collection } from './registry.js'

/** What one change of a group did: the row before and after, null where there was none. */
export interface Did {
  readonly collection: Collection
  readonly id: string
  readonly before: Row | null
  readonly after: Row | null
}

const bare = ({ version: _v, ...row }: Row): Row => row

/**
 * The group that undoes what a group did, as the server says it did it: only fields that it really changed are put back,
 * and only where they still hold what it wrote.
 */
export function inverseOf(did: readonly Did[]): Change[] {
  return [...did].reverse().flatMap(({ collection, id, before, after }): Change[] => {
    if (before && !after) return [{ collection, id, add: bare(before) }]
    if (!before) return after ? [{ collection, id, remove: true, seen: Number(after.version ?? 1) }] : []
    const fields = Object.keys(bare(before)).filter((f) => !alike(before[f], after?.[f]))
    if (!after || fields.length === 0) return []
    const pick = (row: Row) => Object.fromEntries(fields.map((f) => [f, row[f]]))
    return [{ collection, id, set: pick(before), was: pick(after) }]
  })
}
