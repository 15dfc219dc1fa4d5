import type { Wait } from '../../kernel/schedule/levelled.js'
import { simulation, type Outcome, type UncertainTask } from '../../kernel/schedule/simulate.js'
import { addDays, daysBetween } from '../../kernel/units/days.js'
import type { PlanInput, WorkPlan } from './workPlan.js'

/** A day less of work on one task: eight hours (common practice). */
const DAY_OF_WORK = 8 * 60
/** Work shorter than half a day moves no end by a day. */
const HALF_DAY = 4 * 60
/** How many of what decides the end are asked about. */
const MOST_HELPS = 5

/** Of ten deliveries of a supplier nobody has a record of: six on the day, the others so many days late (common practice). */
export const USUAL_LATE_DAYS: readonly number[] = [0, 0, 0, 0, 0, 0, 1, 3, 7, 14]

/** The plan as its runs see it: every task with its three points and its turns, in the order in which they begin. */
export function uncertainTasks(input: PlanInput, plan: WorkPlan): UncertainTask[] {
  const network = new Map(plan.network.map((t) => [t.id, t]))
  const estimates = new Map(input.tasks.map((t) => [t.key, t.estimate]))
  const late = new Map(
    input.arrivals
      .filter((a) => a.on !== null && a.itemId !== null)
      .map((a) => [a.key, a.lateDays.length > 0 ? a.lateDays : USUAL_LATE_DAYS]),
  )
  return plan.levelled.order.flatMap((id): UncertainTask[] => {
    const task = network.get(id)
    if (!task) return []
    const { best, likely, worst } = estimates.get(id) ?? {
      best: task.work,
      likely: task.work,
      worst: task.work,
    }
    const turns = (plan.levelled.inTurn.get(id) ?? []).map((by): Wait => ({ id: by, type: 'FS', lag: 0 }))
    return [
      {
        ...{ id, best, likely, worst, time: task.time, after: [...task.after, ...turns] },
        ...(task.notBefore === undefined ? {} : { notBefore: task.notBefore }),
        ...(task.fixedAt === undefined ? {} : { fixedAt: task.fixedAt }),
        lateDays: late.get(id) ?? [],
      },
    ]
  })
}

/** What changes in the plan, and in how many of 100 runs it is then ready in time. */
export interface Help {
  readonly key: string
  readonly kind: 'a day less' | 'on its day'
  readonly chance: number
}

export interface Readiness {
  readonly runs: number
  /** Day → runs that end on it. */
  readonly byDay: readonly { readonly day: string; readonly runs: number }[]
  /** Share of the runs that end by the install date; undefined where none is set. */
  readonly chance: number | undefined
  /** The first day by which 80 of 100 runs end. */
  readonly eightyOn: string | undefined
  /** What the end hung on, the most often first. */
  readonly decides: readonly { readonly key: string; readonly share: number }[]
  readonly helps: readonly Help[]
}

/** Share of runs that end by a day of the plan. */
function byThen(outcome: Outcome, day: number): number {
  let runs = 0
  for (const [ends, n] of outcome.byDay) if (ends <= day) runs += n
  return outcome.runs > 0 ? runs / outcome.runs : 0
}

/**
 * Runs a plan so many times, and then what would help a quarter as often, drawn alike so that the difference is theirs.
 * @param told how far it is, 0 to 1
 */
export function readiness(
  input: PlanInput,
  plan: WorkPlan,
  more: {
    readonly installOn: string | null
    readonly seed: number
    readonly runs: number
    readonly told: (done: number) => void
  },
): Readiness {
  const tasks = uncertainTasks(input, plan)
  const { runs, seed, told } = more
  const run = (list: readonly UncertainTask[], count: number, from: number, until: number): Outcome => {
    const simulated = simulation(list, seed)
    const steps = 10
    for (let i = 0; i < steps; i++) {
      simulated.run(Math.round(((i + 1) * count) / steps) - Math.round((i * count) / steps))
      told(from + ((until - from) * (i + 1)) / steps)
    }
    return simulated.outcome()
  }
  const asPlanned = run(tasks, runs, 0, 0.5)
  const due = more.installOn === null ? undefined : daysBetween(plan.firstDay, more.installOn)
  const byId = new Map(tasks.map((t) => [t.id, t]))
  // What takes an hour or two and always comes last decides no day.
  const weighs = (key: string) => {
    const task = byId.get(key)
    return task !== undefined && (task.likely >= HALF_DAY || (task.lateDays?.length ?? 0) > 0)
  }
  const decides = [...asPlanned.decides]
    .map(([key, share]) => ({ key, share }))
    .filter((d) => d.share >= 0.01 && weighs(d.key))
    .sort((x, y) => y.share - x.share)
  const changes = decides.flatMap(({ key }): { key: string; kind: Help['kind']; task: UncertainTask }[] => {
    const task = byId.get(key)
    if (!task) return []
    if ((task.lateDays?.length ?? 0) > 0)
      return [{ key, kind: 'on its day', task: { ...task, lateDays: [] } }]
    if (task.likely <= 0) return []
    const less = (minutes: number) => Math.max(0, minutes - Math.min(DAY_OF_WORK, task.likely / 2))
    return [
      {
        ...{ key, kind: 'a day less' },
        task: { ...task, best: less(task.best), likely: less(task.likely), worst: less(task.worst) },
      },
    ]
  })
  const tried = due === undefined ? [] : changes.slice(0, MOST_HELPS)
  const helps = tried.map(({ key, kind, task }, i): Help => {
    const with_ = tasks.map((t) => (t.id === key ? task : t))
    const part = 0.5 / tried.length
    const outcome = run(with_, Math.ceil(runs / 4), 0.5 + i * part, 0.5 + (i + 1) * part)
    return { key, kind, chance: byThen(outcome, due ?? 0) }
  })
  told(1)
  const byDay = [...asPlanned.byDay].map(([n, count]) => ({ day: addDays(plan.firstDay, n), runs: count }))
  let ended = 0
  const eighty = byDay.find(({ runs: n }) => (ended += n) >= 0.8 * asPlanned.runs)?.day
  return {
    ...{ runs: asPlanned.runs, byDay, eightyOn: eighty, decides: decides.slice(0, 8), helps },
    chance: due === undefined ? undefined : byThen(asPlanned, due),
  }
}
