import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { example, exampleDoor } from '../../../examples/plan/example.js'
import { rowDef } from '../../../model/registry.js'
import type { PanelLayoutKind } from '../../../model/vocabulary/settingOut.js'
import { newPanelLayout } from './newPanelLayout.js'
import { firstOnWall, toHang } from './toHang.js'

/** Rows of examples have short names for ids; a row that may be kept has a UUID. */
const ID = '2f6a1c1e-0d7f-4a56-9a53-5f6f5f0f6b11'

const picture = (id: string, widthMm = 600, more = {}) =>
  ({ id, name: id, kind: 'picture', widthMm, depthMm: 30, heightMm: 400, ...more }) as const

describe('what belongs on a wall and is not there', () => {
  const facts = (pieces: Parameters<typeof example>[0]['pieces']) => example({ pieces: pieces ?? [] })

  test('pictures and mirrors hang by their kind, the rest when a wall holds it', () => {
    const f = facts([
      picture('p'),
      picture('m', 500, { kind: 'mirror' }),
      picture('s', 800, { kind: 'shelves', fixing: 'screwed to the wall' }),
      picture('t', 800, { kind: 'shelves', fixing: 'none' }),
      picture('sofa', 1900, { kind: 'sofa' }),
    ])
    expect(toHang(f, [], []).map((w) => w.piece.id)).toEqual(['p', 'm', 's'])
  })

  test('of several of one piece the next is named, until all hang; what stands on the floor hangs no more', () => {
    const f = facts([picture('p', 600, { count: 3 })])
    const hung = (n: number) =>
      Array.from({ length: n }, (_, i) => ({ id: `h${i}`, pieceId: 'p' })) as unknown as Parameters<
        typeof toHang
      >[1]
    expect([0, 1, 2, 3].map((n) => toHang(f, hung(n), []).map((w) => w.number))).toEqual([[1], [2], [3], []])
    const stands = [{ id: 's', pieceId: 'p' }] as unknown as Parameters<typeof toHang>[2]
    expect(toHang(f, [], stands)).toEqual([])
  })
})

describe('the first place on a wall', () => {
  test('on a bare wall it is the middle', () => {
    expect(firstOnWall(example({ openings: [] }), 'north', 600)).toBe(2500)
  })

  test('it meets no opening and nothing that hangs, keeps to the wall, and no free place is nearer to the middle', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 300, max: 3800 }),
        fc.integer({ min: 100, max: 1200 }),
        fc.integer({ min: 200, max: 2400 }),
        fc.integer({ min: 100, max: 1600 }),
        (startMm, widthMm, hungAt, pieceMm) => {
          const f = example({
            openings: [
              { ...exampleDoor, wallId: 'north', startMm, widthMm: Math.min(widthMm, 4990 - startMm) },
            ],
            pieces: [{ ...picture('h', 300), hang: { xMm: hungAt } }],
          })
          const opening = f.room.openings[0]!
          const hung = f.wallPlacements[0]!
          const half = pieceMm / 2
          const isFree = (x: number) =>
            x >= half &&
            x <= 5000 - half &&
            (x + half <= opening.startMm || x - half >= opening.startMm + opening.widthMm) &&
            (x + half <= hung.xMm - hung.widthMm / 2 - 60 || x - half >= hung.xMm + hung.widthMm / 2 + 60)
          const all = Array.from({ length: 100 }, (_, i) => i * 50).filter(isFree)
          const at = firstOnWall(f, 'north', pieceMm)
          if (all.length === 0) expect(at).toBe(2500)
          else {
            expect(isFree(at)).toBe(true)
            expect(Math.abs(at - 2500)).toBe(Math.min(...all.map((x) => Math.abs(x - 2500))))
          }
        },
      ),
      { numRuns: 200 },
    )
  })
})

describe('a new setting-out', () => {
  const KINDS: readonly PanelLayoutKind[] = [
    'rail',
    'wainscot panels',
    'picture-frame panels',
    'board and batten',
    'curtain rail',
    'shelf',
  ]
  const window = {
    ...exampleDoor,
    id: 'w',
    kind: 'window',
    name: 'Window',
    sillMm: 900,
    wallId: 'north',
  } as const

  test('a curtain rail goes over the window that has none yet; when all have one, over the first', () => {
    const openings = [
      { ...window, id: 'left', startMm: 300, widthMm: 900, heightMm: 1200 },
      { ...window, id: 'right', startMm: 2400, widthMm: 900, heightMm: 1200 },
    ]
    const rail = (done: readonly string[]) => {
      const f = example({ openings })
      const facts = {
        ...f,
        panelLayouts: done.map((openingId) => ({ openingId })) as unknown as typeof f.panelLayouts,
      }
      const room = { skirtingMm: 100, heightMm: 2500, lowerWallMm: null } as Parameters<
        typeof newPanelLayout
      >[1]
      return newPanelLayout(facts, room, 'north', 'curtain rail').openingId
    }
    expect([rail([]), rail(['left']), rail(['right']), rail(['left', 'right'])]).toEqual([
      'left',
      'right',
      'left',
      'left',
    ])
  })

  test.each(KINDS)('%s: a row that may be kept, on its wall and under the ceiling, in any room', (kind) => {
    fc.assert(
      fc.property(
        fc.integer({ min: 900, max: 9000 }),
        fc.integer({ min: 2100, max: 4000 }),
        fc.option(fc.integer({ min: 600, max: 1500 })),
        fc.boolean(),
        (wallMm, heightMm, lowerWallMm, withWindow) => {
          const openings = withWindow
            ? [{ ...window, startMm: 100, widthMm: wallMm - 200, heightMm: heightMm - 1000 }]
            : []
          const f = example({ size: [wallMm, 4000], heightMm, openings })
          const room = { skirtingMm: 100, heightMm, lowerWallMm } as Parameters<typeof newPanelLayout>[1]
          const made = newPanelLayout(f, room, 'north', kind)
          rowDef('panelLayouts')
            .schema()
            .validateSync({ ...made, id: ID, wallId: ID, openingId: made.openingId && ID }, { strict: true })
          expect(made.startMm).toBeGreaterThanOrEqual(0)
          expect(made.endMm).toBeLessThanOrEqual(wallMm)
          expect(made.endMm).toBeGreaterThan(made.startMm)
          expect(made.bottomMm + made.heightMm).toBeLessThanOrEqual(heightMm)
          expect(made.openingId).toBe(kind === 'curtain rail' && withWindow ? 'w' : null)
        },
      ),
      { numRuns: 60 },
    )
  })
})
