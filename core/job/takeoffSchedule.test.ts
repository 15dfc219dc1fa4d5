import { describe, expect, test } from 'vitest'
import { ROWS } from '../model/registry.js'
import type { JobSnapshot } from '../model/snapshot.js'
import {
  paintGoods,
  refreshCompanions,
  scheduleCompanions,
  scheduleGoods,
  scheduleLine,
  staleCompanions,
} from './takeoffOnSchedule.js'
import { applyFix } from '../testing/applyFix.js'
import { jobWith, linesOf } from '../testing/takeoffLine.js'
import { deriveJob } from './derive.js'

const MADE = { itemId: 'item', optionId: 'option', position: 3 }
const taxed = (job: JobSnapshot, taxPpm: number, pricesIncludeTax: boolean): JobSnapshot => ({
  ...job,
  brief: { ...job.brief, taxPpm, pricesIncludeTax },
})
const done = (job: JobSnapshot, changes: Parameters<typeof applyFix>[1]['changes']) =>
  applyFix(job, { label: 'onto the schedule', changes })
const tiles = jobWith(
  {
    trade: 'tile',
    wallIds: ['north'],
    goodsWidthMm: 200,
    goodsLengthMm: 200,
    jointMm: 3,
    thickMm: 8,
    toMm: 1215,
    packOf: 25,
    packMinor: 2000,
  },
  { room: { size: [4000, 3000], heightMm: 2400 } },
)

describe('a line of the take-off on the schedule', () => {
  // 10 000 for the boxes; 23 % comes on top, or is inside.
  test.each([
    ['inside the prices', true, 10_000],
    ['on top of them', false, 12_300],
  ])('with tax %s: target and price are what is paid', (_, inside, landed) => {
    const job = taxed(tiles, 230_000, inside)
    const [line] = linesOf(job)
    const after = done(job, scheduleLine(line!, line!.costMinor!, MADE, job.brief))
    const item = deriveJob(after, '2026-03-01').items.find((i) => i.item.id === 'item')
    expect([
      item?.item.targetMinor,
      item?.chosen?.price.landedMinor,
      item?.chosen?.option.priceMinor,
    ]).toEqual([landed, landed, 10_000])
    expect(after.takeoffs[0]).toMatchObject({ itemId: 'item', optionId: 'option' })
  })
  test('what goes with it becomes items that name it, with their quantity and no price', () => {
    const [line] = linesOf(tiles)
    const on = done(tiles, scheduleLine(line!, 10_000, MADE, tiles.brief))
    const [again] = linesOf(on)
    let n = 0
    const after = done(
      on,
      scheduleCompanions(again!.goesWith, again!, () => `with ${++n}`, 4),
    )
    expect(
      after.items.filter((i) => i.forItemId === 'item').map((i) => [i.companion, i.targetMinor]),
    ).toEqual([
      ['Adhesive', 0],
      ['Grout', 0],
      ['Edge trim along the top', 0],
    ])
  })
})

describe('what goes with a line, when the room changes', () => {
  /** The tiles and what goes with them on the schedule; then their walls become higher. */
  function higher(specification: (was: string) => string) {
    const [line] = linesOf(tiles)
    const on = done(tiles, scheduleLine(line!, 10_000, MADE, tiles.brief))
    const [again] = linesOf(on)
    let n = 0
    const all = done(
      on,
      scheduleCompanions(again!.goesWith, again!, () => `with ${++n}`, 4),
    )
    const items = all.items.map((i) =>
      i.companion === 'Adhesive' ? { ...i, specification: specification(i.specification) } : i,
    )
    const job = { ...all, items, takeoffs: all.takeoffs.map((t) => ({ ...t, toMm: 1418 })) }
    const [now] = linesOf(job)
    return { job, now: now!, stale: staleCompanions(now!.goesWith, now!, job.items) }
  }
  test('nothing is said while nothing has changed', () => {
    const [line] = linesOf(tiles)
    const on = done(tiles, scheduleLine(line!, 10_000, MADE, tiles.brief))
    const [again] = linesOf(on)
    const all = done(
      on,
      scheduleCompanions(again!.goesWith, again!, () => crypto.randomUUID(), 4),
    )
    expect(staleCompanions(again!.goesWith, again!, all.items)).toEqual([])
    // Another line's goods are none of its own.
    expect(
      staleCompanions(again!.goesWith, { ...again!, row: { ...again!.row, itemId: 'other' } }, all.items),
    ).toEqual([])
  })
  test('the difference is told, and taken over the words written after it stay', () => {
    const { job, now, stale } = higher((was) => `${was}; flexible, white`)
    // The trim along the top is as long as before.
    expect(stale.map((s) => s.item.companion)).toEqual(['Adhesive', 'Grout'])
    const after = done(job, refreshCompanions(stale))
    const adhesive = after.items.find((i) => i.companion === 'Adhesive')
    const wanted = now.goesWith.find((g) => g.name === 'Adhesive')
    expect(adhesive?.specification).toBe(`${wanted?.quantity ?? ''}; flexible, white`)
    expect(staleCompanions(now.goesWith, now, after.items)).toEqual([])
  })
  test('words of one’s own are not compared', () => {
    expect(higher(() => 'as the tiler says').stale.map((s) => s.item.companion)).toEqual(['Grout'])
  })
})

describe('paint on the schedule', () => {
  const step = { surface: 'Walls', areaM2: 30, coats: 2, because: 'two as a rule', liters: 5 }
  const paint = (finishId: string, costMinor?: number) => ({
    finishId,
    name: finishId,
    isPrimer: finishId === 'primer',
    steps: [step],
    liters: 5,
    spreadM2PerL: 12,
    lossPpm: 0,
    offered: [],
    tins: costMinor === undefined ? undefined : { costMinor, ml: 5000, counts: [] },
  })
  test('each color that has tins is goods of its own, and names its own finish', () => {
    const lines = [paint('oat', 9000), paint('clay'), paint('primer', 4000)] as unknown as Parameters<
      typeof paintGoods
    >[0]
    const goods = paintGoods(
      lines,
      () => '2 × 2.5 L',
      (l) => `${l} L`,
    )
    expect(goods.map((g) => [g.name, g.finishId, g.costMinor, g.specification])).toEqual([
      ['oat', 'oat', 9000, 'Walls; 5 L'],
      ['primer', 'primer', 4000, 'Walls; 5 L'],
    ])
    const job = taxed(tiles, 100_000, false)
    const finish = {
      ...ROWS.finishes.blank(),
      id: 'oat',
      name: 'Oat',
      labL: 80,
      labA: 1,
      labB: 9,
      version: 1,
    }
    const after = done({ ...job, finishes: [finish] }, scheduleGoods(goods[0]!, MADE, job.brief))
    expect(after.items[0]).toMatchObject({
      name: 'oat',
      finishId: 'oat',
      targetMinor: 9900,
      chosenOptionId: 'option',
    })
  })
})
