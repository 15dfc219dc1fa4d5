import { seededNumbers } from '../random/seededNumbers.js'
import { seedOf } from '../random/seedOf.js'
import type { Wait } from './levelled.js'
import { quantile, quantilesOf, type ThreePoint } from './threePoint.js'
import { DAY_MINUTES, finishOf, latestStartOf, nextOpen, type WorkTime } from './workTime.js'

/** A task whose length nobody knows for certain; minutes. */
export interface UncertainTask extends ThreePoint {
  readonly id: string
  readonly time: WorkTime
  /** What it waits for, and whose turn comes before its own. */
  readonly after: readonly Wait[]
  readonly notBefore?: number
  readonly fixedAt?: number
  /** By how many days it began late before, each as likely as the others; none for always on its day. */
  readonly lateDays?: readonly number[]
}

/** How many runs ended on which day, and what decided them. */
export interface Outcome {
  readonly runs: number
  /** Day of the plan on which the last task ends → runs; a run that never ends, because nobody works any more, is on none. */
  readonly byDay: ReadonlyMap<number, number>
  /** Task → share of the runs in which the end hung on it. */
  readonly decides: ReadonlyMap<string, number>
  /** Minutes of the plan, of the runs that end. */
  readonly mean: number
  readonly deviation: number
}

/** Runs of a plan, some at a time, so that a long row of them can show how far it is and be stopped. */
export interface Simulation {
  run(count: number): void
  outcome(): Outcome
}

/**
 * Runs a plan with lengths drawn at random, turns kept as they are planned: who comes when is agreed beforehand and nobody
 * jumps the line. The same seed gives the same runs; what is alike in two plans is drawn alike, so that they can be compared.
 *
 * @param tasks each after all it waits for; a wait for a task that comes later is left out, as what is fixed too early does
 */
export function simulation(tasks: readonly UncertainTask[], seed: number): Simulation {
  const index = new Map(tasks.map((t, i) => [t.id, i]))
  const tables = tasks.map(quantilesOf)
  const waits = tasks.map((t, i) =>
    t.after.flatMap((w) => {
      const before = index.get(w.id)
      return before === undefined || before >= i ? [] : [{ ...w, before }]
    }),
  )
  const draws = tasks.map((t) => seededNumbers(seed ^ seedOf(t.id)))
  const [starts, finishes] = [new Float64Array(tasks.length), new Float64Array(tasks.length)]
  const holder = new Int32Array(tasks.length)
  const decided = new Float64Array(tasks.length)
  const byDay = new Map<number, number>()
  let [runs, ended, sum, squares] = [0, 0, 0, 0]

  function once(): void {
    let last = -1
    for (const [i, task] of tasks.entries()) {
      const draw = draws[i] ?? (() => 0.5)
      const work = quantile(tables[i] ?? new Float64Array(), draw())
      const late = task.lateDays ?? []
      const days = late.length > 0 ? (late[Math.floor(draw() * late.length)] ?? 0) : 0
      let ready = (task.notBefore ?? 0) + days * DAY_MINUTES
      holder[i] = -1
      for (const w of waits[i] ?? []) {
        const until = (w.type[0] === 'F' ? (finishes[w.before] ?? 0) : (starts[w.before] ?? 0)) + w.lag
        const at = w.type[1] === 'F' ? latestStartOf(task.time, until, work) : until
        if (at > ready || (at === ready && holder[i] === -1)) {
          ready = at
          holder[i] = w.before
        }
      }
      // What was fixed is kept where what comes before it is done, else it comes as soon as it is.
      if (task.fixedAt !== undefined && task.fixedAt >= ready) {
        ready = task.fixedAt
        holder[i] = -1
      }
      starts[i] = work > 0 ? nextOpen(task.time, ready) : ready
      finishes[i] = finishOf(task.time, starts[i] ?? 0, work)
      if (last < 0 || (finishes[i] ?? 0) > (finishes[last] ?? 0)) last = i
    }
    const end = finishes[last] ?? 0
    for (let i = last; i >= 0; i = holder[i] ?? -1) decided[i] = (decided[i] ?? 0) + 1
    runs++
    if (!Number.isFinite(end)) return
    // What ends at midnight ends on the day before.
    const day = Math.floor((end - 1e-6) / DAY_MINUTES)
    byDay.set(day, (byDay.get(day) ?? 0) + 1)
    ended++
    sum += end
    squares += end * end
  }

  return {
    run: (count) => {
      for (let n = 0; n < count && tasks.length > 0; n++) once()
    },
    outcome: () => {
      const mean = ended > 0 ? sum / ended : 0
      return {
        ...{ runs, byDay: new Map([...byDay].sort((x, y) => x[0] - y[0])), mean },
        deviation: ended > 0 ? Math.sqrt(Math.max(0, squares / ended - mean * mean)) : 0,
        decides: new Map(tasks.map((t, i) => [t.id, runs > 0 ? (decided[i] ?? 0) / runs : 0])),
      }
    },
  }
}
