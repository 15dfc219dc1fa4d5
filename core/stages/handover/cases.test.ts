import { describe, expect, test } from 'vitest'
import type { Finding } from '../../findings/finding.js'
import { shelfFacts, shelfJob, type Shown } from '../../examples/handover/example.js'
import { emptyJob } from '../../examples/emptyJob.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { applyFix } from '../../testing/applyFix.js'
import { HANDOVER_RULES } from './rules/index.js'

// Situations and what experienced decorators conclude (common practice, without a published source), built from rows
// that a screen can enter.

const judge = (job: JobSnapshot, floorMm2?: number): Finding[] =>
  HANDOVER_RULES.flatMap((r) => r.check(shelfFacts(job, floorMm2)))
const found = (job: JobSnapshot, rule: string, floorMm2?: number) =>
  judge(job, floorMm2).filter((f) => f.rule === `handover.${rule}`)
const unit = (id: string, shelves: object = { levels: 5, clearHeightMm: 320 }) =>
  ({ id, size: [820, 300, 2000], shelves: [shelves] }) as const
const schools = (shelves: JobSnapshot['schools']['shelves']) => ({
  schools: { ...emptyJob().schools, shelves },
})

describe('C087 glass over glass in one unit', () => {
  const glass = (id: string, size: Shown['size'], level: number): Shown => ({
    id,
    size,
    material: 'glass',
    on: 'Left unit',
    level,
  })
  const job = shelfJob(
    [unit('Left unit'), unit('Right unit')],
    [
      glass('Domes', [220, 220, 260], 2),
      { ...glass('Bud vases in a rack', [240, 180, 230], 3), place: { lies: true } },
      glass('Lamp', [90, 90, 300], 4),
      { id: 'Basket', size: [300, 250, 200], material: 'cane', on: 'Right unit', level: 1 },
    ],
  )
  test('vases over domes are too alike, although they are turned otherwise', () => {
    expect(found(job, 'alike-stacked').map((f) => f.title)).toEqual([
      'Bud vases in a rack over Domes: too alike',
    ])
  })
  test('too much glass stands in one unit: one group of it goes to the other, and all is well', () => {
    const [crowd] = found(job, 'one-material')
    expect(crowd?.title).toBe('Left unit holds most of the glass: 3 groups')
    const moves = crowd!.fixes.filter((f) =>
      /^Move (Domes|Bud vases in a rack) to .* of Right unit$/.test(f.label),
    )
    expect(moves.length).toBeGreaterThan(0)
    for (const fix of moves) expect(judge(applyFix(job, fix))).toEqual([])
  })
})

describe('C088 a shelf wants tall and wide', () => {
  const shelf = {
    id: 'Shelf',
    size: [840, 320, 360],
    shelves: [{ clearHeightMm: 320, clearWidthMm: 800 }],
  } as const
  const on = (things: readonly Omit<Shown, 'on' | 'level'>[]) =>
    shelfJob(
      [shelf],
      things.map((t) => ({ on: 'Shelf', level: 1, ...t })),
    )
  const tapers = { id: 'Tapers', count: 2, size: [22, 22, 260], material: 'wax' } as const
  const tall = on([
    tapers,
    { id: 'Thin clock', size: [80, 50, 240], material: 'brass' },
    { id: 'Books', kind: 'books', count: 6, size: [30, 160, 230] },
  ])
  const mixed = on([
    tapers,
    { id: 'Wide bowl', size: [220, 220, 90] },
    { id: 'Lying books', kind: 'books', count: 2, size: [120, 160, 45] },
  ])
  const small = on([{ id: 'Shells', count: 5, size: [58, 40, 50] }])
  test('all tall and thin, all small, or mixed', () => {
    expect(judge(tall).map((f) => f.title)).toEqual(['Everything on shelf 1 of Shelf is tall and thin'])
    expect(judge(mixed)).toEqual([])
    expect(judge(small).map((f) => f.title)).toEqual(['Everything on shelf 1 of Shelf is small'])
  })
  test('the books laid flat mend it', () => {
    const [finding] = found(tall, 'one-scale')
    const flat = finding!.fixes.find((f) => f.label === 'Lay Books flat')
    expect(flat).toBeDefined()
    expect(found(applyFix(tall, flat!), 'one-scale')).toEqual([])
  })
})

test('C090 eleven things on a tray: books and one object stay, the pictures go to the wall', () => {
  const job = shelfJob(
    [{ id: 'Tray', kind: 'tray', size: [400, 300, 40] }],
    [
      {
        id: 'Books',
        kind: 'books',
        count: 2,
        size: [120, 160, 30],
        on: 'Tray',
        level: 0,
        place: { lies: true },
      },
      { id: 'Bowl', size: [120, 120, 60], on: 'Tray', level: 0 },
      { id: 'Little things', count: 4, size: [40, 40, 50], on: 'Tray', level: 0 },
      { id: 'Framed photos', kind: 'picture', count: 4, size: [90, 20, 120], on: 'Tray', level: 0 },
    ],
  )
  const [finding] = found(job, 'crowded')
  expect(finding?.title).toBe('11 things on Tray')
  const after = applyFix(job, finding!.fixes[0]!)
  expect(after.shelfPlacements.map((p) => [p.pieceId, p.count])).toEqual([
    ['Books', 2],
    ['Bowl', 1],
  ])
  // Off the tray, they are still in the job.
  expect(after.pieces.find((p) => p.id === 'Framed photos')?.verdict).toBeNull()
  expect(judge(after)).toEqual([])
})

describe('C092 open shelves in a small flat', () => {
  const many: readonly Shown[] = Array.from({ length: 8 }, (_x, n) => [
    { id: `Tall ${n}`, size: [60, 60, 240], material: `kind ${n}`, on: 'Unit', level: 1 + (n % 4) } as const,
    {
      id: `Wide ${n}`,
      count: n < 6 ? 4 : 3,
      size: [100, 90, 60],
      material: `sort ${n}`,
      on: 'Unit',
      level: 1 + (n % 4),
    } as const,
  ]).flat()
  const job = (closed: boolean, school: JobSnapshot['schools']['shelves']) =>
    shelfJob(
      [
        {
          id: 'Unit',
          size: [1640, 300, 1400],
          shelves: [{ levels: 4, across: 2, clearHeightMm: 300, closed }],
        },
      ],
      many,
      schools(school),
    )
  test('38 things warn where shelves are to be closed, bins with lids pass', () => {
    expect(found(job(false, 'closed, in baskets'), 'open-display', 26e6).map((f) => f.title)).toEqual([
      '38 things on view in Unit',
    ])
    expect(judge(job(true, 'closed, in baskets'), 26e6)).toEqual([])
  })
  test('the same unit composed in a studio of the other school does not', () => {
    expect(judge(job(false, 'open and composed'), 14e6)).toEqual([])
  })
})
