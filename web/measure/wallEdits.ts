import type { RowChange } from '@bonitas/core/findings/finding'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { dependents } from '@bonitas/core/job/dependents'
import { inOrder } from '@bonitas/core/stages/measure/roomAreas'
import type { RoomFile } from '@bonitas/core/stages/measure/roomFile'

/** Everything that hangs on a wall goes with it; pieces and works only forget where they stood. */
export function removeWall(job: JobSnapshot, wallId: string): RowChange[] {
  const gone = (collection: string, rows: readonly { readonly id: string }[]): RowChange[] =>
    rows.map((r) => ({ collection, id: r.id, remove: true }))
  const freed = (
    collection: string,
    rows: readonly { readonly id: string; readonly wallId?: string | null }[],
  ): RowChange[] =>
    rows.filter((r) => r.wallId === wallId).map((r) => ({ collection, id: r.id, set: { wallId: null } }))
  const on = <T extends { readonly wallId: string }>(rows: readonly T[]) =>
    rows.filter((r) => r.wallId === wallId)
  return [
    ...on(job.openings).flatMap((o) => dependents(job, 'openings', o.id)),
    ...gone('openings', on(job.openings)),
    ...on(job.fixtures).flatMap((f) => dependents(job, 'fixtures', f.id)),
    ...gone('fixtures', on(job.fixtures)),
    ...gone('hangs', on(job.hangs)),
    ...gone('setOuts', on(job.setOuts)),
    ...gone('ceilings', on(job.ceilings)),
    ...gone(
      'diagonals',
      job.diagonals.filter((d) => d.fromWallId === wallId || d.toWallId === wallId),
    ),
    ...gone(
      'placements',
      job.placements.filter((p) => p.surface === `wall:${wallId}`),
    ),
    ...freed('parts', job.parts),
    ...freed('pieces', job.pieces),
    ...freed('items', job.items),
    ...freed('works', job.works),
    { collection: 'walls', id: wallId, remove: true },
  ]
}

/** Moves a wall one place along the run. */
export function moveWall(job: JobSnapshot, wallId: string, by: 1 | -1): RowChange[] {
  const walls = inOrder(job.walls)
  const at = walls.findIndex((w) => w.id === wallId)
  const [one, two] = [walls[at], walls[at + by]]
  if (!one || !two) return []
  const order = walls.map((w) => w.id)
  order[at] = two.id
  order[at + by] = one.id
  return order.flatMap((id, position): RowChange[] =>
    walls.find((w) => w.id === id)?.position === position
      ? []
      : [{ collection: 'walls', id, set: { position } }],
  )
}

/** Puts a room from a file in the place of what was measured: one step, undone as one. */
export function replaceRoom(job: JobSnapshot, file: RoomFile, newId: () => string): RowChange[] {
  const ids = new Map(file.walls.map((w) => [w.id, newId()]))
  const wall = (id: string) => ids.get(id) ?? id
  const added = <T extends { id: string }>(
    collection: string,
    rows: readonly T[],
    turned: (row: T) => object,
  ): RowChange[] => rows.map((row) => ({ collection, add: { ...row, id: newId(), ...turned(row) } }))
  const { id: _id, ...room } = file.room
  return [
    ...inOrder(job.walls)
      .flatMap((w) => removeWall(job, w.id))
      .filter(once()),
    { collection: 'room', id: job.room.id, set: { ...room, kind: room.kind ?? job.room.kind } },
    ...file.walls.map((w): RowChange => ({ collection: 'walls', add: { ...w, id: wall(w.id) } })),
    ...added('ceilings', file.ceilings, (c) => ({ wallId: wall(c.wallId) })),
    ...added('openings', file.openings, (o) => ({ wallId: wall(o.wallId) })),
    ...added('fixtures', file.fixtures, (f) => ({ wallId: wall(f.wallId) })),
    ...added('diagonals', file.diagonals, (d) => ({
      fromWallId: wall(d.fromWallId),
      toWallId: wall(d.toWallId),
    })),
  ]
}

/** Keeps the first of changes of one row. */
function once(): (change: RowChange) => boolean {
  const seen = new Set<string>()
  return (change) => {
    if (!('id' in change)) return true
    const key = `${change.collection} ${change.id}`
    return !seen.has(key) && !!seen.add(key)
  }
}
