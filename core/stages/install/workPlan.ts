import { levelled, type Levelled, type LevelTask, type Wait } from '../../kernel/schedule/levelled.js'
import { DAY_MINUTES, type WorkTime } from '../../kernel/schedule/workTime.js'
import { addDays, daysBetween } from '../../kernel/units/days.js'
import type { Closure } from '../../model/rows/closures.js'
import type { QuietHours } from '../../model/rows/quietHours.js'
import { LICENSED } from '../../model/vocabulary/install.js'
import { always, studioWorker, whoDoes, workerTime, type Worker } from './crewTime.js'
import { followsOf } from './follows.js'
import type { Arrival, PlanTask, TaskWait } from './planTask.js'

/** What a plan is made from. */
export interface PlanInput {
  readonly tasks: readonly PlanTask[]
  readonly arrivals: readonly Arrival[]
  readonly workers: readonly Worker[]
  readonly studioName: string
  readonly closures: readonly Closure[]
  readonly quietHours: readonly QuietHours[]
  /** The day that is promised; null where none is. */
  readonly dueOn: string | null
  /** ISO day; nothing is begun before it. */
  readonly today: string
}

/** A day and a minute of it. */
export interface Moment {
  readonly day: string
  readonly minute: number
}

/** A task with its place in the plan. */
export interface PlannedTask {
  readonly task: PlanTask
  readonly worker: Worker
  /** Nobody entered can do it, and it is for a licensed trade or asks for more than the studio. */
  readonly unstaffed: boolean
  readonly start: Moment
  readonly finish: Moment
  /** Nobody works for so long: it has no day. */
  readonly unplaced: boolean
  /** Dry enough for what comes next; hard enough for what sticks to it or stands on it. */
  readonly dryOn: string | undefined
  readonly hardOn: string | undefined
  readonly latestStart: Moment
  /** Hours of its people that it may slip before the end does; none for what is done. */
  readonly spareMinutes: number
  readonly critical: boolean
  readonly waits: readonly TaskWait[]
  /** The task or arrival it begins right after. */
  readonly heldBy: string | undefined
}

/** Goods or building work as the plan needs them. */
export interface PlannedArrival {
  readonly arrival: Arrival
  /** The first task that needs it, and the day it is to be begun. */
  readonly neededBy: string
  readonly neededOn: string
  /** The last day it may come so that all is over by the promised day, or, where that is too early or none is, without moving the end. */
  readonly latestOn: string
  readonly spareDays: number
  readonly critical: boolean
}

export interface WorkPlan {
  readonly tasks: readonly PlannedTask[]
  readonly arrivals: readonly PlannedArrival[]
  /** The day on which the last task ends; undefined while there is none to do, or one that has no day. */
  readonly readyOn: string | undefined
  readonly firstDay: string
  /** As it went into the network, for runs of it. */
  readonly network: readonly LevelTask[]
  readonly levelled: Levelled
}

/** How many days ahead a plan can reach. */
export const PLAN_DAYS = 800

/**
 * The plan of the work: every task after what it waits for, in the hours of who does it, one trade in the room at a time. What
 * is done stands on its day; what is agreed with others stands on its own, whatever it should wait for.
 */
export function workPlan(input: PlanInput): WorkPlan {
  const staff = staffOf(input)
  const waitsOf = allWaits(input)
  const network = [...arrivalsIn(input), ...tasksIn(input, staff, waitsOf)]
  const due = input.dueOn === null ? -Infinity : minuteAt(input.today, input.dueOn, DAY_MINUTES)
  const plan = levelled(network, 0, due)
  const tasks = input.tasks.map((t) => plannedTask(t, input.today, staff.who(t), waitsOf(t), plan))
  const open = tasks.filter((t) => t.task.doneOn === null)
  return {
    tasks,
    arrivals: input.arrivals.flatMap((a) => plannedArrival(a, input.today, open, plan)),
    readyOn: open.some((t) => t.unplaced)
      ? undefined
      : open
          .map((t) => t.finish.day)
          .sort()
          .at(-1),
    ...{ firstDay: input.today, network, levelled: plan },
  }
}

/** Minutes of the plan from the midnight before its first day. */
const minuteAt = (firstDay: string, day: string, minute: number): number =>
  daysBetween(firstDay, day) * DAY_MINUTES + minute

function momentAt(firstDay: string, minutes: number, ends = false): Moment {
  const bounded = Number.isFinite(minutes) ? minutes : PLAN_DAYS * DAY_MINUTES
  // What ends at midnight ends on the day before.
  const n = Math.floor((bounded - (ends ? 1e-6 : 0)) / DAY_MINUTES)
  return { day: addDays(firstDay, n), minute: bounded - n * DAY_MINUTES }
}

interface Staff {
  readonly who: (task: PlanTask) => Worker
  readonly timeOf: (worker: Worker, loud: boolean) => WorkTime
}

function staffOf(input: PlanInput): Staff {
  const studio = studioWorker(input.studioName)
  const times = new Map<string, WorkTime>()
  const frame = { ...input, firstDay: input.today, days: PLAN_DAYS }
  return {
    who: (task) => whoDoes(input.workers, studio, task),
    timeOf: (worker, loud) => {
      const key = `${worker.id ?? ''} ${String(loud)}`
      const time = times.get(key) ?? workerTime(worker, loud, frame)
      times.set(key, time)
      return time
    },
  }
}

/** What a task waits for: others before it, and the goods and the building work it needs. */
function allWaits(input: PlanInput): (task: PlanTask) => readonly TaskWait[] {
  const follows = followsOf(input.tasks)
  const arrivals = new Map(input.arrivals.map((a) => [a.key, a]))
  return (task) => [
    ...(follows.get(task.key) ?? []),
    ...task.needs.flatMap((key): TaskWait[] => {
      const arrival = arrivals.get(key)
      if (!arrival) return []
      return [{ key, lag: 0, why: arrival.state === 'building work' ? 'building work' : 'arrives' }]
    }),
  ]
}

function arrivalsIn({ arrivals, today }: PlanInput): LevelTask[] {
  const day = always(PLAN_DAYS)
  return arrivals.map((a) => ({
    ...{ id: a.key, work: 0, time: day, uses: [], after: [] },
    notBefore: a.on === null ? 0 : Math.max(0, minuteAt(today, a.on, ARRIVES_AT)),
  }))
}

function tasksIn(
  { tasks, today }: PlanInput,
  { who, timeOf }: Staff,
  waitsOf: (task: PlanTask) => readonly TaskWait[],
): LevelTask[] {
  const done = new Map(
    tasks.flatMap(({ key, doneOn, ...t }) =>
      doneOn === null ? [] : [[key, { doneOn, until: who({ ...t, key, doneOn }).until }] as const],
    ),
  )
  return tasks
    .filter((t) => t.doneOn === null)
    .map((t): LevelTask => {
      const worker = who(t)
      const waits = waitsOf(t)
      // What is done holds nothing up but by its drying.
      const over = waits.flatMap((w) => {
        const on = done.get(w.key)
        return on === undefined ? [] : [minuteAt(today, on.doneOn, on.until) + w.lag]
      })
      const from = t.onDay === null ? 0 : minuteAt(today, t.onDay, worker.from)
      return {
        ...{ id: t.key, work: t.estimate.likely, time: timeOf(worker, t.loud) },
        uses: [
          `crew ${worker.id ?? ''}`,
          ...(t.elsewhere ? [] : ['room']),
          ...(FROM_A_LADDER.has(t.step) ? ['ladder'] : []),
          ...apartFrom(t, tasks),
        ],
        after: waits
          .filter((w) => !done.has(w.key))
          .map((w): Wait => ({ id: w.key, type: 'FS', lag: w.lag })),
        notBefore: Math.max(0, from, ...over),
        ...(t.agreed && t.onDay !== null && from >= 0 ? { fixedAt: from } : {}),
      }
    })
}

/** Steps that are done from the one ladder there is, in the room or elsewhere in the house (common practice). */
const FROM_A_LADDER: ReadonlySet<PlanTask['step']> = new Set<PlanTask['step']>([
  'moldings',
  'curtains',
  'hang',
])

/** What a task shares with each that is not to be done at the same time: only one of the two can have it. */
const apartFrom = (task: PlanTask, tasks: readonly PlanTask[]): string[] =>
  tasks
    .filter((o) => o !== task && (task.notWhile.includes(o.step) || o.notWhile.includes(task.step)))
    .map((o) => `not while ${[task.key, o.key].sort().join(' ')}`)

function plannedTask(
  task: PlanTask,
  today: string,
  worker: Worker,
  waits: readonly TaskWait[],
  plan: Levelled,
): PlannedTask {
  const placed = plan.placed.get(task.key)
  const on = task.doneOn
  const begin = on === null ? (placed?.start ?? 0) : minuteAt(today, on, worker.from)
  const end = on === null ? (placed?.finish ?? 0) : minuteAt(today, on, worker.until)
  const after = (minutes: number | undefined) =>
    minutes ? momentAt(today, end + minutes, true).day : undefined
  return {
    ...{ task, worker, waits, start: momentAt(today, begin), finish: momentAt(today, end, true) },
    unstaffed: LICENSED.has(task.skill) && (worker.id === null || !worker.skills.includes(task.skill)),
    unplaced: !Number.isFinite(end),
    ...{ dryOn: after(task.dryMinutes), hardOn: after(task.hardMinutes) },
    latestStart: momentAt(today, placed?.latestStart ?? begin),
    spareMinutes: placed?.spare ?? 0,
    critical: placed !== undefined && placed.spare < 1,
    heldBy: placed?.heldBy,
  }
}

function plannedArrival(
  arrival: Arrival,
  today: string,
  open: readonly PlannedTask[],
  plan: Levelled,
): PlannedArrival[] {
  const users = open.filter((t) => t.task.needs.includes(arrival.key))
  const first = users.sort((x, y) => compare(x.start, y.start))[0]
  const placed = plan.placed.get(arrival.key)
  if (!first || !placed) return []
  const latestOn = momentAt(today, plan.latestBy.get(arrival.key) ?? placed.latestStart).day
  return [
    {
      ...{ arrival, neededBy: first.task.key, neededOn: first.start.day, latestOn },
      spareDays: daysBetween(arrival.on ?? today, latestOn),
      critical: arrival.on !== null && placed.spare < DAY_MINUTES,
    },
  ]
}

/** Deliveries are there at noon (common practice: the morning's round). */
const ARRIVES_AT = 12 * 60

const compare = (x: Moment, y: Moment): number =>
  x.day === y.day ? x.minute - y.minute : x.day < y.day ? -1 : 1
