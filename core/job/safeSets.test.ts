import { describe, expect, test } from 'vitest'
import { ex, exampleJob } from '../examples/plan/example.js'
import { itemWith, optionWith } from '../examples/emptyJob.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { payingFor, type Choosing, type ChoosingItem } from '../stages/source/choosing.js'
import { demoJob } from '../testing/demoJob.js'
import { broughtBy } from './broughtBy.js'
import { choosingOf } from './choosingOf.js'
import { deriveJob } from './derive.js'
import { judged } from './fixes/checkFixes.js'
import { safeChoice, safeWaysBack } from './safeSets.js'
import { setChanges } from './toldSet.js'

const TODAY = '2026-11-01'

/** A settee beside a cabinet: 1 600 wide it stands free, 2 600 wide it stands in the cabinet. */
const room = exampleJob({
  pieces: [
    ex('sofa', 'settee', { at: [1500, 450], widthMm: 1600, depthMm: 850, heightMm: 800 }),
    ex('cabinet', 'cabinet', { at: [3100, 300], widthMm: 900, depthMm: 450, heightMm: 900 }),
  ],
})
const sized = (id: string, widthMm: number) =>
  optionWith({ id, itemId: 'i', name: id, widthMm, depthMm: 850, heightMm: 800, priceMinor: 100_000 })
const job: JobSnapshot = {
  ...room,
  items: [itemWith({ id: 'i', name: 'Settee', pieceKind: 'sofa', chosenOptionId: 'short' })],
  options: [sized('short', 1600), sized('long', 2600), sized('middling', 1700)],
  pieces: room.pieces.map((p) => (p.id === 'settee' ? { ...p, itemId: 'i' } : p)),
}
const way = (id: string, quality: number): ChoosingItem['options'][number] => ({
  ...{ id, name: id, costMinor: 100_000, quality, reasons: [], partOfId: null },
})
const choosing: Choosing = {
  items: [
    {
      ...{ id: 'i', name: 'Settee', category: 'furniture', importance: 3, spend: 'even', locked: false },
      ...{ mayWait: false, now: way('short', 40) },
      options: [way('short', 40), way('middling', 60), way('long', 90)],
    },
  ],
  ...{ budgetMinor: 200_000, conflicts: [], caps: [] },
}
const held = judged(job, TODAY)
const chosen = ({ set }: ReturnType<typeof safeChoice>) => set.changes.map((c) => c.to?.id)

describe('sets are tried in the room before they are offered', () => {
  test('an option that brings a stop is left out and named, and the next best is taken', () => {
    const told = safeChoice(held, choosing)
    expect(chosen(told)).toEqual(['middling'])
    expect(told.leftOut.map((o) => o.optionId)).toEqual(['long'])
    expect(told.offered).toBe(true)
    expect(told.brings.filter((f) => f.severity === 'stop')).toEqual([])
  })
  test('what is wished for is shown with its stop, and not offered', () => {
    const told = safeChoice(held, choosing, payingFor('long'))
    expect(chosen(told)).toEqual(['long'])
    expect(told.offered).toBe(false)
    expect(told.brings.some((f) => f.severity === 'stop')).toBe(true)
  })
  test('where every way brings a stop, one is shown with it and nothing is told to be left out', () => {
    const only = { ...choosing.items[0]!, now: undefined, options: [way('long', 90)] }
    const none = { ...job, items: job.items.map((i) => ({ ...i, chosenOptionId: null })) }
    const told = safeChoice(judged(none, TODAY), { ...choosing, items: [only] }, { take: 'long' })
    expect([told.offered, told.leftOut]).toEqual([false, []])
  })
  test('a stop that is there already is not brought', () => {
    const wide = { ...job, items: job.items.map((i) => ({ ...i, chosenOptionId: 'long' })) }
    const already = judged(wide, TODAY)
    expect(already.findings.some((f) => f.severity === 'stop')).toBe(true)
    const nothing = broughtBy(already, [])
    expect(nothing?.brings).toEqual([])
    const back = broughtBy(already, [{ collection: 'items', id: 'i', set: { chosenOptionId: 'short' } }])
    expect(back?.brings.filter((f) => f.severity === 'stop')).toEqual([])
    expect(broughtBy(already, [{ collection: 'items', id: 'gone', set: { chosenOptionId: null } }])).toBe(
      undefined,
    )
  })
  test('in the demo, at any budget: what is announced is what is there once it is taken', () => {
    const demo = demoJob()
    const now = judged(demo, TODAY)
    const all = choosingOf(demo, deriveJob(demo, TODAY))
    for (const share of [0.3, 0.5, 0.8, 1.2]) {
      const at = { ...all, budgetMinor: Math.round(all.budgetMinor * share) }
      for (const told of [safeChoice(now, at), ...safeWaysBack(now, at)]) {
        const then = broughtBy(now, setChanges(told.set))
        expect(then?.brings.map((f) => f.key)).toEqual(told.brings.map((f) => f.key))
        expect(told.offered).toBe(told.set.feasible && !told.brings.some((f) => f.severity === 'stop'))
      }
    }
  })
})
