import { afterEach, describe, expect, test, vi } from 'vitest'
import { choosingOf } from '@bonitas/core/job/choosingOf'
import { deriveJob } from '@bonitas/core/job/derive'
import { planOf } from '@bonitas/core/job/planFactsOf'
import { measureFacts } from '@bonitas/core/stages/measure/measureFacts'
import { candidates, inputOf } from '@bonitas/core/stages/plan/arrange/setOutAnew'
import { demoJob } from '@bonitas/core/testing/demoJob'
import { demoSamples } from '@bonitas/core/testing/demoSamples'
import { workerBench } from '../testing/workerBench.js'
import type { ArrangeAsk, ArrangeResult } from '../plan/arrange.worker.js'
import type { FindingsAnswer } from '../plan/findings.worker.js'
import type { ProposalResult } from '../palette/proposals.worker.js'
import type { ExtractResult } from '../palette/picture/extract.worker.js'
import type { ListResult } from '../source/list.worker.js'
import type { SetsResult } from '../source/sets.worker.js'
import type { TakeoffAnswer } from '../takeoff/takeoff.worker.js'
import { METRIC } from '@bonitas/core/testing/habits'
import { sentPlan } from '../plan/sentPlan.js'

afterEach(() => vi.unstubAllGlobals())
/** What a worker said on the way, and its answer as the type its file names. */
interface Told<A> {
  readonly progress: readonly number[]
  readonly answer: A
}
const bytesOf = (text: string) => new TextEncoder().encode(text).buffer

/** Says how far it is, from the beginning to the end, and never back. */
function expectProgress(progress: readonly number[]): void {
  expect(progress.length).toBeGreaterThan(0)
  expect([...progress].sort((a, b) => a - b)).toEqual(progress)
  expect(Math.max(...progress)).toBeLessThanOrEqual(1)
}

describe('entry files of workers', () => {
  test('arrangements: the same seed gives the same, with progress on the way', async () => {
    const job = demoJob()
    const facts = planOf(job)!
    const bench = await workerBench(() => import('../plan/arrange.worker.js'))
    const taking = candidates(facts, job.floorPlacements, job.wallPlacements)
    const wish: ArrangeAsk = {
      input: sentPlan(
        inputOf(
          facts,
          taking.map((t) => t.standing),
        ),
      ),
      job,
      taking,
      today: '2026-11-30',
      keep: [],
      seed: 1,
      count: 1,
      moves: 2_000,
    }
    const { progress, answer } = (await bench.ask(wish)) as Told<ArrangeResult>
    expectProgress(progress)
    expect(answer.arrangements.length).toBeGreaterThan(0)
    expect(((await bench.ask(wish)) as Told<ArrangeResult>).answer).toEqual(answer)
  }, 60_000)

  test('findings while a piece is moved: nothing before the job is known; then of where the piece is now', async () => {
    const job = demoJob()
    const bench = await workerBench(() => import('../plan/findings.worker.js'))
    const table = job.floorPlacements.find(
      (s) => job.pieces.find((p) => p.id === s.pieceId)?.name === 'Low table',
    )!
    bench.tell({ moved: table, nth: 1 })
    bench.tell({ job })
    const there = (await bench.ask({ moved: table, nth: 2 })) as Told<FindingsAnswer>
    const away = (await bench.ask({
      moved: { ...table, yMm: table.yMm + 60 },
      nth: 3,
    })) as Told<FindingsAnswer>
    const knees = ({ findings }: FindingsAnswer) => findings.filter((f) => /between settee/.test(f.title))
    expect([there.answer.nth, away.answer.nth]).toEqual([2, 3])
    expect(knees(there.answer)).toHaveLength(1)
    expect(knees(away.answer)).toHaveLength(0)
  }, 60_000)

  test('the take-off: every line of the demo; only the last of several questions is answered, from what changed', async () => {
    const job = demoJob()
    const bench = await workerBench(() => import('../takeoff/takeoff.worker.js'))
    const { answer } = (await bench.ask({ nth: 1, changed: job })) as Told<TakeoffAnswer>
    expect(answer.lines).toHaveLength(job.takeoffs.length)
    expect(answer.lines.every((l) => l.waits.length === 0 && l.needed !== '')).toBe(true)
    const twice = job.takeoffs.map((t) => ({ ...t, sparePacks: 2 }))
    bench.tell({ nth: 2, changed: { takeoffs: [] } })
    const last = (await bench.ask({ nth: 3, changed: { takeoffs: twice } })) as Told<TakeoffAnswer>
    expect([last.answer.nth, last.answer.lines.length]).toEqual([3, job.takeoffs.length])
    const paper = (lines: TakeoffAnswer['lines']) =>
      lines.find((l) => l.row.trade === 'wallpaper')?.packs ?? 0
    expect(paper(last.answer.lines)).toBe(paper(answer.lines) + 2)
  }, 60_000)

  test('palettes: at least one, each of its own finishes, with progress on the way', async () => {
    const job = demoJob()
    const bench = await workerBench(() => import('../palette/proposals.worker.js'))
    const { progress, answer } = (await bench.ask({
      job,
      today: '2026-11-01',
      areas: measureFacts(job, job.passages, METRIC).areas,
      lowerWall: true,
      samples: demoSamples(),
      seed: 1,
      count: 1,
    })) as Told<ProposalResult>
    expectProgress(progress)
    expect(answer.proposals.length).toBeGreaterThan(0)
    expect(answer.proposals[0]!.finishes.length).toBeGreaterThan(0)
  }, 120_000)

  test('colors of a picture: one color is found whole; a file that is no picture is told so', async () => {
    const [width, height] = [64, 48]
    const data = new Uint8ClampedArray(width * height * 4).map((_, i) => [120, 90, 60, 255][i % 4]!)
    vi.stubGlobal(
      'OffscreenCanvas',
      class {
        getContext = () => ({ drawImage: () => undefined, getImageData: () => ({ data, width, height }) })
      },
    )
    vi.stubGlobal('createImageBitmap', (picture: Blob) =>
      picture.size > 0
        ? Promise.resolve({ width, height, close: () => undefined })
        : Promise.reject(new Error()),
    )
    const bench = await workerBench(() => import('../palette/picture/extract.worker.js'))
    const { progress, answer } = (await bench.ask({ picture: new Blob(['x']) })) as Told<ExtractResult>
    expectProgress(progress)
    expect('colors' in answer && answer.colors.map((c) => c.share)).toEqual([1])
    const none = (await bench.ask({ picture: new Blob([]) })) as Told<ExtractResult>
    expect(none.answer).toEqual({ unreadable: true })
  }, 60_000)

  test('lists: rows of a CSV as they are, marks of order at its beginning left out; what is no sheet is told so', async () => {
    const bench = await workerBench(() => import('../source/list.worker.js'))
    const csv = '\ufeffName;Price\n"Stool; painted";35\n\n'
    const { answer } = (await bench.ask({ bytes: bytesOf(csv), name: 'list.csv' })) as Told<ListResult>
    expect(answer.sheets).toEqual([
      { name: 'list.csv', grid: [['Name', 'Price'], ['Stool; painted', '35'], [''], ['']] },
    ])
    const torn = (await bench.ask({ bytes: bytesOf('no zip'), name: 'list.xlsx' })) as Told<ListResult>
    expect(torn.answer).toEqual({ sheets: [], trouble: expect.stringContaining('cannot be read') as string })
  })

  test.each([',', ';', '\t', '|'])(
    'lists: cells parted by “%s”, quoted or not, with empty lines anywhere',
    async (mark) => {
      const rows = [
        ['Name', 'Width', 'Price'],
        [`Stool${mark} painted`, '360', '35'],
        ['Drum table', '400', '130'],
      ]
      const line = (cells: readonly string[]) =>
        cells.map((c) => (c.includes(mark) ? `"${c}"` : c)).join(mark)
      const text = ['', line(rows[0]!), '', line(rows[1]!), line(rows[2]!), '', ''].join('\r\n')
      const bench = await workerBench(() => import('../source/list.worker.js'))
      const { answer } = (await bench.ask({ bytes: bytesOf(text), name: 'list.csv' })) as Told<ListResult>
      expect(answer.sheets[0]!.grid.filter((r) => r.length > 1)).toEqual(rows)
    },
  )

  test('sets: the best within the money is at least as good as what is chosen; the curve never falls', async () => {
    const job = demoJob()
    const into = { job, today: '2026-11-01' }
    const choosing = choosingOf(job, deriveJob(job, into.today))
    const bench = await workerBench(() => import('../source/sets.worker.js'))
    const best = ((await bench.ask({ kind: 'best', choosing, ...into })) as Told<SetsResult>).answer
    expect(best.best!.set.costMinor).toBeLessThanOrEqual(choosing.budgetMinor)
    expect(best.best!.set.value).toBeGreaterThanOrEqual(best.now.value)
    expect(best.best!.set.value).toBeLessThanOrEqual(best.most)
    const { progress, answer } = (await bench.ask({ kind: 'curve', choosing, points: 8 })) as Told<SetsResult>
    expectProgress(progress)
    const values = answer.curve!.map((p) => p.set.value)
    expect(values.length).toBeGreaterThan(1)
    expect([...values].sort((a, b) => a - b)).toEqual(values)
    const option = choosing.items.flatMap((i) => i.options)[0]!
    const splurge = (
      (await bench.ask({ kind: 'splurge', choosing, optionId: option.id, ...into })) as Told<SetsResult>
    ).answer
    expect(splurge.now).toEqual(best.now)
  }, 60_000)
})
