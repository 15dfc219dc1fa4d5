import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { RowChange } from '@bonitas/core/findings/finding'
import { emptyJob, itemWith, pieceWith } from '@bonitas/core/examples/emptyJob'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { inOrder, roomAreas } from '@bonitas/core/stages/measure/roomAreas'
import { readRoom, writeRoom } from '@bonitas/core/stages/measure/roomFile'
import { applyFix } from '@bonitas/core/testing/applyFix'
import { someRoom, wallsOf } from '@bonitas/core/examples/rooms'
import { removalOf } from '@bonitas/core/model/cascade'
import { moveWall, replaceRoom } from './wallEdits.js'

/** What removing a wall changes when what stands in the way is taken along. */
const removeWall = (job: JobSnapshot, id: string) =>
  removalOf(job as never, [{ collection: 'walls', id }], true).changes

const apply = (job: JobSnapshot, changes: readonly RowChange[]) => applyFix(job, { label: '', changes })
const stored = <T extends object>(rows: readonly T[]) => rows.map((r) => ({ ...r, version: 1 }))
const uuid = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
let made = 0
const newId = () => uuid(1000 + made++)

const box = stored(
  wallsOf([
    [4000, 90],
    [3000, 90],
    [4000, 90],
    [3000, 90],
  ]),
)
const opening = (id: string, wallId: string) => ({
  id,
  wallId,
  kind: 'window' as const,
  name: '',
  startMm: 100,
  widthMm: 900,
  heightMm: 900,
  sillMm: 900,
  hinge: 'none' as const,
  swing: 'none' as const,
  carries: null,
  carriesG: null,
  version: 1,
})
const full = emptyJob({
  walls: box,
  openings: [opening('o0', 'w0'), opening('o1', 'w1')],
  fixtures: [
    {
      id: 'f',
      wallId: 'w0',
      kind: 'socket',
      name: '',
      startMm: 0,
      widthMm: 80,
      heightMm: 80,
      bottomMm: 300,
      depthMm: 10,
      radiusMm: null,
      version: 1,
    },
  ],
  ceilings: [
    {
      id: 'c',
      wallId: 'w0',
      name: '',
      startHeightMm: 1200,
      endHeightMm: 2400,
      depthMm: 900,
      whole: true,
      version: 1,
    },
  ],
  diagonals: [{ id: 'd', fromWallId: 'w0', toWallId: 'w2', lengthMm: 5000, version: 1 }],
  finishAssignments: [
    {
      id: 'p',
      surface: 'wall:w0',
      finishId: 'x',
      substrate: 'sound paint',
      overL: null,
      overA: null,
      overB: null,
      hold: 'applied',
      schemeId: null,
      candidate: false,
      version: 1,
    },
  ],
  pieces: [pieceWith({ id: 'sofa', wallId: 'w0' }), pieceWith({ id: 'chair', wallId: 'w1' })],
  items: [itemWith({ id: 'shelf', wallId: 'w0' })],
  works: [{ id: 'work', what: 'Panel', wallId: 'w0', readyOn: null, done: false, version: 1 }],
})

describe('a wall that goes', () => {
  const after = apply(full, removeWall(full, 'w0'))
  test('takes what hangs on it along', () => {
    expect(after.walls.map((w) => w.id)).toEqual(['w1', 'w2', 'w3'])
    expect(after.openings.map((o) => o.id)).toEqual(['o1'])
    expect([after.fixtures, after.ceilings, after.diagonals, after.finishAssignments]).toEqual([
      [],
      [],
      [],
      [],
    ])
  })
  test('leaves pieces and items, which only forget where they stood; works on it are asked about', () => {
    expect(after.pieces.map((p) => [p.id, p.wallId])).toEqual([
      ['sofa', null],
      ['chair', 'w1'],
    ])
    expect(after.items[0]!.wallId).toBeNull()
    // Building work without its wall would hold up the whole room: it is asked about, and goes.
    expect(after.works).toEqual([])
  })
  test('goes last, so that nothing names it when it does', () => {
    expect(removeWall(full, 'w0').at(-1)).toEqual({ collection: 'walls', id: 'w0', remove: true })
  })
})

describe('a wall moved along the run', () => {
  test('changes places with its neighbor and nothing else', () => {
    const after = apply(full, moveWall(full, 'w1', 1))
    expect(inOrder(after.walls).map((w) => w.id)).toEqual(['w0', 'w2', 'w1', 'w3'])
    expect(moveWall(full, 'w0', -1)).toEqual([])
    expect(moveWall(full, 'w3', 1)).toEqual([])
    expect(moveWall(full, 'gone', 1)).toEqual([])
  })
  test('there and back is where it was, whatever the positions were', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.nat(500), { minLength: 4, maxLength: 4 }), fc.nat(2), (places, at) => {
        const job = { ...full, walls: full.walls.map((w, i) => ({ ...w, position: places[i]! })) }
        const order = inOrder(job.walls).map((w) => w.id)
        const moved = apply(job, moveWall(job, order[at]!, 1))
        const back = apply(moved, moveWall(moved, order[at]!, -1))
        expect(inOrder(back.walls).map((w) => w.id)).toEqual(order)
      }),
    )
  })
})

describe('a room from a file', () => {
  test('takes the place of what was measured, under ids of its own, with the same areas', () => {
    fc.assert(
      fc.property(someRoom, ({ walls }) => {
        const source = {
          room: { ...full.room, id: uuid(1), heightMm: 2500 },
          walls: walls.map((w, i) => ({ ...w, id: uuid(10 + i) })),
          ceilings: [
            {
              id: uuid(2),
              wallId: uuid(10),
              name: '',
              startHeightMm: 1500,
              endHeightMm: 2500,
              depthMm: 900,
              whole: true,
            },
          ],
          diagonals: [{ id: uuid(3), fromWallId: uuid(10), toWallId: uuid(12), lengthMm: 4000 }],
          openings: [{ ...opening(uuid(4), uuid(11)), version: undefined }].map(({ version: _v, ...o }) => o),
          fixtures: [],
        }
        const file = readRoom(writeRoom(source))
        const after = apply(full, replaceRoom(full, file, newId).changes)
        expect(after.walls).toHaveLength(walls.length)
        expect(after.walls.some((w) => file.walls.some((f) => f.id === w.id))).toBe(false)
        const named = new Set(after.walls.map((w) => w.id))
        for (const row of [...after.openings, ...after.ceilings]) expect(named.has(row.wallId)).toBe(true)
        expect(roomAreas(after)!.floorMm2).toBe(roomAreas(source)!.floorMm2)
        expect(roomAreas(after)!.wallsNetMm2).toBe(roomAreas(source)!.wallsNetMm2)
        expect(after.room.id).toBe(full.room.id)
        // Pieces stay, and forget the walls that are gone.
        expect(after.pieces.map((p) => p.wallId)).toEqual([null, null])
      }),
      { numRuns: 40 },
    )
  })
  test('touches no row twice', () => {
    const file = readRoom(
      writeRoom({
        room: { ...full.room, id: uuid(1) },
        walls: [],
        ceilings: [],
        diagonals: [],
        openings: [],
        fixtures: [],
      }),
    )
    const keys = replaceRoom(full, file, newId).changes.flatMap((c) =>
      'id' in c ? [`${c.collection} ${c.id}`] : [],
    )
    expect(new Set(keys).size).toBe(keys.length)
  })
})
