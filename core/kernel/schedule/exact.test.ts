import fc from 'fast-check'
import highsLoader from 'highs'
import { expect, test } from 'vitest'
import { levelled, type LevelTask, type Wait } from './levelled.js'
import { workTime } from './workTime.js'

const ALWAYS = workTime(40, () => [[0, 1440]])
const rows = fc.array(
  fc.record({
    work: fc.integer({ min: 1, max: 4 }),
    uses: fc.subarray(['room', 'ann', 'ben'], { minLength: 1 }),
    after: fc.array(fc.record({ nth: fc.nat(5), lag: fc.nat(2) }), { maxLength: 2 }),
  }),
  { minLength: 2, maxLength: 6 },
)

/** The shortest plan as an integer program over every start of every task. */
function program(tasks: readonly LevelTask[], most: number): string {
  const starts = (t: LevelTask) => Array.from({ length: most - t.work + 1 }, (_, at) => at)
  const x = (t: LevelTask, at: number) => `x_${t.id}_${at}`
  const begins = (t: LevelTask, sign: '+' | '-') =>
    starts(t)
      .filter((at) => at > 0)
      .map((at) => `${sign} ${at} ${x(t, at)}`)
      .join(' ')
  const once = tasks.map(
    (t) =>
      `${starts(t)
        .map((at) => x(t, at))
        .join(' + ')} = 1`,
  )
  const ends = tasks.map((t) => `span ${begins(t, '-')} >= ${t.work}`)
  const waits = tasks.flatMap((t) =>
    t.after.flatMap((w) => {
      const before = tasks.find((b) => b.id === w.id)
      return before ? [`${begins(t, '+')} ${begins(before, '-')} >= ${before.work + w.lag}`] : []
    }),
  )
  const single = ['room', 'ann', 'ben'].flatMap((use) =>
    Array.from({ length: most }, (_, now) =>
      tasks
        .filter((t) => t.uses.includes(use))
        .flatMap((t) =>
          starts(t)
            .filter((at) => at <= now && now < at + t.work)
            .map((at) => x(t, at)),
        ),
    )
      .filter((terms) => terms.length > 1)
      .map((terms) => `${terms.join(' + ')} <= 1`),
  )
  const binaries = tasks.flatMap((t) => starts(t).map((at) => x(t, at)))
  return `Minimize\n obj: span\nSubject To\n${[...once, ...ends, ...waits, ...single].join('\n')}\nBinaries\n ${binaries.join(' ')}\nEnd`
}

test('plans against HiGHS: none is shorter than the shortest, and few are longer', async () => {
  const highs = await highsLoader()
  const gaps: number[] = []
  for (const drawn of fc.sample(rows, { numRuns: 60, seed: 5 })) {
    const tasks = drawn.map(({ work, uses, after }, i): LevelTask => ({
      ...{ id: `t${i}`, work, uses, time: ALWAYS },
      after: after.flatMap(({ nth, lag }): Wait[] => (nth < i ? [{ id: `t${nth}`, type: 'FS', lag }] : [])),
    }))
    const { finish } = levelled(tasks)
    const solved = highs.solve(program(tasks, finish))
    expect(solved.Status).toBe('Optimal')
    const shortest = Math.round(solved.ObjectiveValue)
    expect(finish).toBeGreaterThanOrEqual(shortest)
    gaps.push(finish - shortest)
  }
  // Told, not hoped for: of sixty plans these are longer than they must be, by a step of the grid each.
  expect(gaps.filter((g) => g > 0).length).toBeLessThanOrEqual(6)
  expect(Math.max(...gaps)).toBeLessThanOrEqual(2)
}, 60_000)
