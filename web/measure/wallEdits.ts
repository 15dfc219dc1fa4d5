import type { RowChange } from '@bonitas/core/findings/finding'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { removalOf, type RowsByName } from '@bonitas/core/model/cascade'
import { put } from '@bonitas/core/model/changes'
import type { Collection } from '@bonitas/core/model/registry'
import { inOrder } from '@bonitas/core/stages/measure/roomAreas'
import type { RoomFile } from '@bonitas/core/stages/measure/roomFile'

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
    walls.find((w) => w.id === id)?.position === position ? [] : [put('walls', id, { position })],
  )
}

/** What a room from a file changes: the changes themselves, and the rows that go, the walls apart. */
export interface Replacement {
  readonly changes: readonly RowChange[]
  readonly going: readonly { readonly collection: Collection; readonly id: string }[]
}

/**
 * Puts a room from a file in the place of what was measured: one group, undone as one. What names the walls of before
 * goes with them, or forgets them, as the references say.
 */
export function replaceRoom(job: JobSnapshot, file: RoomFile, newId: () => string): Replacement {
  const ids = new Map(file.walls.map((w) => [w.id, newId()]))
  const wall = (id: string) => ids.get(id) ?? id
  const { id: _id, ...room } = file.room
  const gone = removalOf(
    job as unknown as RowsByName,
    job.walls.map((w) => ({ collection: 'walls', id: w.id })),
    true,
  ).changes
  return {
    going: gone.flatMap((c) =>
      'remove' in c && c.collection !== 'walls' ? [{ collection: c.collection, id: c.id }] : [],
    ),
    changes: [
      ...gone,
      put('room', job.room.id, { ...room, kind: room.kind ?? job.room.kind }),
      ...file.walls.map((w): RowChange => ({ collection: 'walls', add: { ...w, id: wall(w.id) } })),
      ...file.ceilings.map((c): RowChange => ({
        collection: 'ceilings',
        add: { ...c, id: newId(), wallId: wall(c.wallId) },
      })),
      ...file.openings.map((o): RowChange => ({
        collection: 'openings',
        add: { ...o, id: newId(), wallId: wall(o.wallId) },
      })),
      ...file.fixtures.map((f): RowChange => ({
        collection: 'fixtures',
        add: { ...f, id: newId(), wallId: wall(f.wallId) },
      })),
      ...file.diagonals.map((d): RowChange => ({
        collection: 'diagonals',
        add: { ...d, id: newId(), fromWallId: wall(d.fromWallId), toWallId: wall(d.toWallId) },
      })),
    ],
  }
}
