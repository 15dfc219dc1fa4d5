import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { distance } from '../../kernel/geometry/polygon.js'
import { someRoom, wallAt, wallsOf } from '../../examples/rooms.js'
import { closeRun } from './closure.js'
import { explainGap, withSuspect } from './explainGap.js'
import { fixOf } from './rules/suspectFix.js'
import { METRIC } from '../../testing/habits.js'

/** Nine walls: a canted bay of three, a side wall, the back wall, and a chimney breast in the corner by the bay. */
const NINE = [
  [850, 45],
  [1800, 45],
  [850, 45],
  [3600, 90],
  [3002, 90],
  [1400, 90],
  [350, -90],
  [2200, -90],
  [350, 135],
] as const

describe('the slips of a tape', () => {
  const room = (walls: readonly (readonly [number, number])[]) => wallsOf(walls)
  const rectangle = (a: number, b: number, c: number, d: number) =>
    room([
      [a, 90],
      [b, 90],
      [c, 90],
      [d, 90],
    ])
  test.each([
    ['swapped digits', rectangle(4870, 3920, 4780, 3920), ['swapped digits', 4780, 'w0']],
    [
      'an inch read as a centimeter',
      rectangle(4862, 3920, 1914, 3920),
      ['inch read as centimeter', 4862, 'w2'],
    ],
    ['a point in the wrong place', rectangle(4860, 392, 4860, 3920), ['decimal point', 3920, 'w1']],
    ['one digit', rectangle(4860, 3920, 4960, 3920), ['one digit', 4960, 'w0']],
    ['the tape begun at 100', rectangle(4930, 3920, 5030, 3920), ['tape begun past its end', 5030, 'w0']],
  ] as const)('%s', (_name, walls, [slip, lengthMm, wallId]) => {
    const found = explainGap(walls, [], METRIC)
    expect(found.find((s) => s.wallId === wallId)).toMatchObject({ slip, lengthMm })
  })

  test('a wall walked past is put in where it is missing, and the turns then come to a circle', () => {
    // An L-shaped room: the short return of 1 000, and the left turn at its end, were not written down.
    const walls = room([
      [4000, 90],
      [3000, 90],
      [2000, 90],
      [2000, 90],
      [2000, 90],
    ])
    expect(closeRun(walls).run.stillToTurnDeg).toBe(90)
    const missed = explainGap(walls, [], METRIC).filter((s) => s.slip === 'missed wall')
    expect(missed[0]).toMatchObject({ wallId: 'w2', lengthMm: 1000, turnDeg: 90, thenTurnDeg: -90 })
    for (const s of missed) {
      expect(closeRun(withSuspect(walls, s, wallAt(99, 0))).state).toBe('closed')
      expect(fixOf(s, walls, METRIC).changes).toContainEqual(
        expect.objectContaining({
          collection: 'walls',
          add: expect.objectContaining({ lengthMm: s.lengthMm }) as unknown,
        }),
      )
    }
  })

  test('a corner turned left instead of right', () => {
    const walls = room([
      [4000, 90],
      [3000, 90],
      [2000, 90],
      [1000, 90],
      [2000, 90],
      [2000, 90],
    ])
    const [first] = explainGap(walls, [], METRIC)
    expect(first).toMatchObject({ slip: 'corner turned the other way', turnDeg: -90 })
    expect(closeRun(withSuspect(walls, first!, wallAt(99, 0))).state).toBe('closed')
  })

  test('nothing is said of a room that closes, and nothing invented where no single slip explains it', () => {
    expect(explainGap(rectangle(4860, 3920, 4860, 3920), [], METRIC)).toEqual([])
    expect(explainGap(rectangle(4860, 3920, 4400, 3300), [], METRIC)).toEqual([])
  })
})

describe('nine walls with one reading of 100 mm too much', () => {
  const right = wallsOf(NINE)
  test('close when read right', () => {
    expect(closeRun(right).state).toBe('closed')
  })
  test('the wrong wall and those beside it are named; a diagonal picks it out', () => {
    const wrong = right.map((w, i) => (i === 3 ? { ...w, lengthMm: 3700 } : w))
    const closure = closeRun(wrong)
    expect(closure.state).toBe('gap')
    expect(Math.round(closure.run.gapMm)).toBeGreaterThanOrEqual(98)
    const alone = explainGap(wrong, [], METRIC)
    expect(alone.map((s) => s.wallId)).toContain('w3')
    const { corners } = closeRun(right)
    const across = Math.round(distance(corners[3]!, corners[5]!))
    const found = explainGap(wrong, [{ id: 'd', fromWallId: 'w3', toWallId: 'w5', lengthMm: across }], METRIC)
    expect(found[0]).toMatchObject({ wallId: 'w3', lengthMm: 3600, diagonalsOff: 0 })
    expect(found.filter((s) => s.diagonalsOff === 0)).toHaveLength(1)
  })
})

test('any one length of any room, wrong by more than a gap, is among the suspects and put right by its fix', () => {
  fc.assert(
    fc.property(
      someRoom,
      fc.nat(40),
      fc.integer({ min: 120, max: 700 }),
      fc.boolean(),
      ({ walls }, k, by, more) => {
        const at = k % walls.length
        const was = walls[at]!.lengthMm
        if (!more && was - by < 20) return
        const wrong = walls.map((w, i) => (i === at ? { ...w, lengthMm: was + (more ? by : -by) } : w))
        if (closeRun(wrong).state !== 'gap') return
        const found = explainGap(wrong, [], METRIC, 99)
        const suspect = found.find((s) => s.wallId === `w${at}` && s.slip !== 'missed wall')
        expect(suspect).toBeDefined()
        expect(Math.abs(suspect!.lengthMm - was)).toBeLessThan(60)
        for (const s of found.slice(0, 3)) {
          const fixed = withSuspect(wrong, s, wallAt(99, 0))
          expect(closeRun(fixed).state).not.toBe('gap')
          expect(fixOf(s, wrong, METRIC).changes.length).toBeGreaterThan(0)
        }
      },
    ),
    { numRuns: 300 },
  )
})
