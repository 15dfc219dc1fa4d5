import { describe, expect, test } from 'vitest'
import { itemWith } from '../examples/emptyJob.js'
import { ROWS } from '../model/registry.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { jobWith, lineOf, linesOf, type Line } from '../testing/takeoffLine.js'
import type { PaintLine } from '../stages/takeoff/paintTakeoff.js'
import { deriveJob } from './derive.js'
import { keptAfter } from './keptAfter.js'
import { makingOf } from './making/makingOf.js'

const paint = (finishId: string, liters: number, volumeMl: number, isPrimer = false): PaintLine => ({
  ...{ finishId, name: finishId, isPrimer, liters, spreadM2PerL: 12, lossPpm: 0, offered: [] },
  tins: { counts: [1], costMinor: 1, volumeMl },
  steps: [
    {
      ...{ on: 'walls', substrate: 'sound paint', surface: 'Walls', areaM2: 10, coats: 2 },
      ...{ because: '', liters },
    },
  ],
})
const tile: Line = {
  ...{ trade: 'tile', name: 'Splash tiles', wallIds: ['north'], goodsWidthMm: 200, goodsLengthMm: 100 },
  ...{ toMm: 500, packOf: 40, sparePacks: 1 },
}

describe('what stays to mend with', () => {
  const finish = {
    ...ROWS.finishes.make({
      id: 'oat',
      name: 'Oat',
      code: 'OT-12',
      labL: 90,
      labA: 0,
      labB: 5,
      sheen: 'flat',
    }),
    version: 1,
  }
  const item = (id: string, more: object = {}) => itemWith({ id, name: id, ...more })
  const keptIn = (job: JobSnapshot, paints: readonly PaintLine[] = []) =>
    keptAfter(job, { ...deriveJob(job, '2026-03-01'), paint: paints }, linesOf(job), [])
  const onSchedule = (line: Line) => {
    const job = jobWith({ ...line, itemId: 'tiles' })
    return { ...job, items: [item('tiles')] }
  }
  test('paint worth keeping with its code; primer, what dries up in the tin and what nobody buys are not', () => {
    const paints = [paint('oat', 4.2, 5000), paint('rust', 0.9, 1000), paint('base', 1, 5000, true)]
    const job = { ...jobWith(tile), finishes: [finish] }
    const whole = { ...job, items: [item('paint', { buysPaint: 'all paint' })] }
    expect(
      keptIn(whole, paints).map((k) => [k.id, k.howMuch.replaceAll(/\s/g, ' '), k.finish, k.where]),
    ).toEqual([['oat', '0.8 L', 'Oat, OT-12, flat', 'Walls']])
    const one = (finishId: string) => ({
      ...job,
      items: [item('paint', { buysPaint: 'of its finish', finishId })],
    })
    expect(keptIn(one('oat'), paints)).toHaveLength(1)
    expect(keptIn(one('rust'), paints)).toEqual([])
    expect(keptIn(job, paints)).toEqual([])
  })
  test('whole tiles of an opened box, and the spare box; nothing of a line that is on no schedule', () => {
    const job = onSchedule(tile)
    const [line] = linesOf(job)
    expect(line?.kept).toEqual(['1 box', expect.stringMatching(/^\d+ tiles?$/)])
    expect(keptIn(job)).toMatchObject([{ name: 'Splash tiles', where: 'North wall' }])
    expect(keptIn(onSchedule({ ...tile, packOf: 1, sparePacks: 0 }))).toEqual([])
    expect(keptIn(jobWith(tile))).toEqual([])
    expect(keptIn({ ...job, items: [] })).toEqual([])
  })
  test('what is laid was used on the floor', () => {
    const carpet = onSchedule({ trade: 'carpet', name: 'Carpet', goodsWidthMm: 5000, trimMm: 100 })
    expect(keptIn(carpet)).toMatchObject([{ name: 'Carpet', where: 'Floor' }])
  })
  test('a wall without a name is called by its place in the run', () => {
    const job = onSchedule(tile)
    const bare = { ...job, walls: job.walls.map((w) => ({ ...w, name: '' })) }
    expect(keptIn(bare)).toMatchObject([{ where: 'Wall 1' }])
  })
  test('drops, squares, boards and carpet by their own words; moldings and curtains only as spare packs', () => {
    const paper: Line = {
      ...{ trade: 'wallpaper', goodsWidthMm: 530, goodsLengthMm: 10_050, wallIds: ['north'] },
    }
    expect(lineOf({ ...paper, sparePacks: 2 }).kept[0]).toBe('2 rolls')
    expect(lineOf({ ...paper, match: 'turned squares', squareMm: 500 }).kept).toEqual([
      expect.stringMatching(/^\d+ squares?$/),
    ])
    expect(lineOf({ trade: 'boards', goodsWidthMm: 190, goodsLengthMm: 1900, packOf: 8 }).kept).toEqual([
      expect.stringMatching(/^\d+ boards?$/),
    ])
    expect(lineOf({ trade: 'carpet', goodsWidthMm: 4000, trimMm: 100 }).kept[0]).toMatch(/m²$/)
    expect(lineOf({ trade: 'ties', posts: 12, sparePacks: 1 }).kept).toHaveLength(1)
    expect(lineOf({ trade: 'ties', posts: 12 }).kept).toEqual([])
  })
  test('spare packs of what was used up, unless others brought them', () => {
    const spare = (more: object) => {
      const row = ROWS.consumables.make({ id: 'c', kind: 'bulbs', sparePacks: 2, packMinor: 100, ...more })
      const job = {
        ...jobWith(tile),
        items: [item('bulbs')],
        consumables: [{ ...row, version: 1 }],
      }
      const derived = deriveJob(job, '2026-03-01')
      return keptAfter(job, derived, [], makingOf(job, derived, []).consumables).map((k) => [
        k.name,
        k.howMuch,
      ])
    }
    expect(spare({ itemId: 'bulbs' })).toEqual([['Bulbs', '2 bulbs']])
    expect(spare({ itemId: 'bulbs', leftOut: true })).toEqual([])
    expect(spare({ itemId: 'gone' })).toEqual([])
  })
})
