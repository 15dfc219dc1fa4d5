import { describe, expect, test } from 'vitest'
import { ROWS } from '../model/registry.js'
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
  test('paint worth keeping with its code; primer and what dries up in the tin are not', () => {
    const job = { ...jobWith(tile), finishes: [finish] }
    const kept = keptAfter(
      job,
      [paint('oat', 4.2, 5000), paint('rust', 0.9, 1000), paint('base', 1, 5000, true)],
      [],
      [],
    )
    expect(kept.map((k) => [k.id, k.howMuch.replaceAll(/\s/g, ' '), k.finish, k.where])).toEqual([
      ['oat', '0.8 L', 'Oat, OT-12, flat', 'Walls'],
    ])
  })
  test('whole tiles of an opened box, and the spare box; nothing where nothing is over', () => {
    const job = jobWith(tile)
    const [line] = linesOf(job)
    expect(line?.kept).toEqual(['1 box', expect.stringMatching(/^\d+ tiles?$/)])
    expect(keptAfter(job, [], linesOf(job), [])).toMatchObject([
      { name: 'Splash tiles', where: 'North wall' },
    ])
    const exact = jobWith({ ...tile, packOf: 1, sparePacks: 0 })
    expect(keptAfter(exact, [], linesOf(exact), [])).toEqual([])
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
        consumables: [{ ...row, itemId: 'gone', version: 1 }],
      }
      const made = makingOf(job, deriveJob(job, '2026-03-01'), [])
      return keptAfter(job, [], [], made.consumables).map((k) => [k.name, k.howMuch])
    }
    expect(spare({})).toEqual([['Bulbs', '2 bulbs']])
    expect(spare({ leftOut: true })).toEqual([])
  })
})
