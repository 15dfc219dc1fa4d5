import { busyUntil, occupy, type Busy } from './busy.js'
import { inOrder, waitsOf } from './inOrder.js'
import { finishOf, latestStartOf, nextOpen, workedUntil, type WorkTime } from './workTime.js'

/** How one task hangs on another: whether it waits for its start or its finish, with its own start or its own finish. */
export const LINK_TYPES = ['FS', 'SS', 'FF', 'SF'] as const
export type LinkType = (typeof LINK_TYPES)[number]

/** A task waits for another, and so many minutes more, day and night; less than none lets it begin earlier. */
export interface Wait {
  readonly id: string
  readonly type: LinkType
  readonly lag: number
}

/** A task for people who work at some hours, and for things that only one can use at a time. */
export interface LevelTask {
  readonly id: string
  /** Minutes. */
  readonly work: number
  readonly time: WorkTime
  /** Whoever does it, the room it is done in, the ladder: each for one task at a time, from its start to its end. */
  readonly uses: readonly string[]
  readonly after: readonly Wait[]
  /** In minutes of the plan. */
  readonly notBefore?: number
  /** Others have set when it begins: it stands there, whatever it waits for. */
  readonly fixedAt?: number
}

/** When a task is done in a plan, and how long it may slip. */
export interface Placed {
  readonly start: number
  readonly finish: number
  /** The latest that move neither the end nor what is fixed. */
  readonly latestStart: number
  readonly latestFinish: number
  /** The task it begins right after, of those it waits for or whose people or room it needs. */
  readonly heldBy: string | undefined
  /** Minutes of work it may slip before the end does, and before anything else does. */
  readonly spare: number
  readonly free: number
}

export interface Levelled {
  readonly placed: ReadonlyMap<string, Placed>
  readonly finish: number
  /** By their starts; each after all it waits for, but where what is fixed comes too early. */
  readonly order: readonly string[]
  /** The latest start of each that still lets all be over by the minute asked for, where that is after the end. */
  readonly latestBy: ReadonlyMap<string, number>
  /** For each task those that have its people or its room right before it. */
  readonly inTurn: ReadonlyMap<string, readonly string[]>
}

/**
 * A plan in which nobody and nothing is used twice at a time and every wait is kept: built task by task in three orders of
 * priority, the shortest of them taken; then the latest times, backward over waits and turns. What others fixed stands where
 * it is, and what it should have waited for may still be going on.
 *
 * @param from the first minute of the plan
 * @param until a minute by which all is to be over; the latest times by it are told beside those of the plan
 * @throws CircularNetwork
 * @throws RangeError when a task waits for one that is not there
 * @see Kolisch, European Journal of Operational Research 90, 1996: serial generation, with the latest finish as priority
 */
export function levelled(tasks: readonly LevelTask[], from = 0, until = -Infinity): Levelled {
  const order = inOrder(tasks)
  const tails = tailsOf(order)
  const tail = (t: LevelTask) => tails.get(t.id) ?? 0
  const { next } = waitsOf(tasks)
  const hangOn = (t: LevelTask) => next.get(t.id)?.length ?? 0
  const slots = [
    (t: LevelTask) => tail(t),
    (t: LevelTask) => tail(t) + t.work,
    (t: LevelTask) => tail(t) * (1 + hangOn(t)),
  ]
    .map((urgency) => serial(order, urgency, from))
    .reduce((best, s) => (endOf(s) < endOf(best) ? s : best))
  const plan = withLatest(order, slots, endOf(slots))
  const due = until > plan.finish ? withLatest(order, slots, until) : plan
  return { ...plan, latestBy: new Map([...due.placed].map(([id, p]) => [id, p.latestStart])) }
}

interface Slot {
  readonly start: number
  readonly finish: number
}
type Slots = ReadonlyMap<string, Slot>

function endOf(slots: Slots): number {
  let end = -Infinity
  for (const s of slots.values()) end = Math.max(end, s.finish)
  return end
}

/** From the start of each task to the end of all that hangs on it, as if everybody worked day and night. */
function tailsOf(order: readonly LevelTask[]): ReadonlyMap<string, number> {
  const workOf = new Map(order.map((t) => [t.id, t.work]))
  const tails = new Map(workOf)
  for (const task of [...order].reverse())
    for (const { id, type, lag } of task.after) {
      const before = type[0] === 'F' ? (workOf.get(id) ?? 0) : 0
      const own = type[1] === 'F' ? task.work : 0
      tails.set(id, Math.max(tails.get(id) ?? 0, before + lag - own + (tails.get(task.id) ?? 0)))
    }
  return tails
}

/** From when on a task may begin for one of its waits. */
function over(task: LevelTask, wait: Wait, slots: Slots): number {
  const before = slots.get(wait.id)
  if (!before) return -Infinity
  const until = (wait.type[0] === 'F' ? before.finish : before.start) + wait.lag
  return wait.type[1] === 'F' ? latestStartOf(task.time, until, task.work) : until
}

function serial(order: readonly LevelTask[], urgency: (task: LevelTask) => number, from: number): Slots {
  const slots = new Map<string, Slot>()
  const used = new Map<string, Busy>()
  for (const u of order.flatMap((t) => t.uses)) used.set(u, [])
  const take = (task: LevelTask, start: number): void => {
    const finish = finishOf(task.time, start, task.work)
    slots.set(task.id, { start, finish })
    if (finish > start) for (const u of task.uses) occupy(used.get(u) ?? [], start, finish)
  }
  // What others fixed has its people and its room first.
  for (const t of order) if (t.fixedAt !== undefined) take(t, nextOpen(t.time, t.fixedAt))
  const urgent = new Map(order.map((t) => [t, urgency(t)]))
  const { waiting, next } = waitsOf(order)
  const ready = order.filter((t) => waiting.get(t.id) === 0)
  for (;;) {
    const task = ready.reduce<LevelTask | undefined>(
      (best, t) => (best && (urgent.get(t) ?? 0) <= (urgent.get(best) ?? 0) ? best : t),
      undefined,
    )
    if (!task) return slots
    ready.splice(ready.indexOf(task), 1)
    if (task.fixedAt === undefined) {
      const waits = task.after.map((w) => over(task, w, slots))
      take(task, freeFrom(task, Math.max(from, task.notBefore ?? from, ...waits), used))
    }
    for (const then of next.get(task.id) ?? []) {
      const left = (waiting.get(then.id) ?? 0) - 1
      waiting.set(then.id, left)
      if (left === 0) ready.push(then)
    }
  }
}

/** The first start from which all that a task uses is free until it is done. */
function freeFrom(task: LevelTask, ready: number, used: ReadonlyMap<string, Busy>): number {
  if (task.work <= 0) return ready
  for (let start = nextOpen(task.time, ready); ;) {
    const finish = finishOf(task.time, start, task.work)
    const until = Math.max(...task.uses.map((u) => busyUntil(used.get(u) ?? [], start, finish) ?? -Infinity))
    if (!(until > start) || !Number.isFinite(finish)) return start
    start = nextOpen(task.time, until)
  }
}

/** Who has the people and the room of each task right before it. */
function turnsOf(byStart: readonly LevelTask[]): ReadonlyMap<string, readonly string[]> {
  const last = new Map<string, string>()
  const inTurn = new Map<string, readonly string[]>()
  for (const task of byStart) {
    if (task.work <= 0) continue
    inTurn.set(task.id, [...new Set(task.uses.flatMap((u) => last.get(u) ?? []))])
    for (const u of task.uses) last.set(u, task.id)
  }
  return inTurn
}

/** What a task may not outlast, of what comes after it. */
interface Bound {
  readonly start: number
  readonly finish: number
}

/** @param end by when all is to be over */
function withLatest(order: readonly LevelTask[], slots: Slots, end: number): Omit<Levelled, 'latestBy'> {
  const slotOf = (id: string): Slot => slots.get(id) ?? { start: 0, finish: 0 }
  const rank = new Map(order.map((t, i) => [t.id, i]))
  const byStart = [...order].sort(
    (x, y) => slotOf(x.id).start - slotOf(y.id).start || (rank.get(x.id) ?? 0) - (rank.get(y.id) ?? 0),
  )
  const inTurn = turnsOf(byStart)
  const finish = endOf(slots)
  const unbound: Bound = { start: Infinity, finish: end }
  /** Bounds by the latest times of what comes after, and by its times in the plan. */
  const [latest, beside] = [new Map<string, Bound>(), new Map<string, Bound>()]
  const hold = (bounds: Map<string, Bound>, id: string, what: keyof Bound, until: number) => {
    const now = bounds.get(id) ?? unbound
    bounds.set(id, { ...now, [what]: Math.min(now[what], until) })
  }
  const placed = new Map<string, Placed>()
  const place = (task: LevelTask): void => {
    const { start, finish: done } = slotOf(task.id)
    const within = (bound = unbound) =>
      task.fixedAt === undefined ? latestWithin(task, start, bound) : start
    const begins = within(latest.get(task.id))
    const ends = finishOf(task.time, begins, task.work)
    // What comes too early for what it should wait for holds nothing: its place is no reason to hurry the other.
    for (const w of task.after) {
      if (over(task, w, slots) > start) continue
      const [what, own] = [w.type[0] === 'F' ? 'finish' : 'start', w.type[1] === 'F'] as const
      hold(latest, w.id, what, (own ? ends : begins) - w.lag)
      hold(beside, w.id, what, (own ? done : start) - w.lag)
    }
    for (const id of inTurn.get(task.id) ?? [])
      if (slotOf(id).finish <= start) {
        hold(latest, id, 'finish', begins)
        hold(beside, id, 'finish', start)
      }
    const slip = (until: number) => workedUntil(task.time, until) - workedUntil(task.time, start)
    placed.set(task.id, {
      ...{ start, finish: done, latestStart: begins, latestFinish: ends },
      ...{ spare: slip(begins), free: slip(within(beside.get(task.id))) },
      heldBy: heldBy(task, slots, inTurn.get(task.id) ?? []),
    })
  }
  // What may begin before the other is done can stand before it: again, until no bound moves.
  const last = [...byStart].reverse()
  for (let moved = true; moved;) {
    const before = new Map(latest)
    last.forEach(place)
    moved = [...latest].some(([id, b]) => {
      const was = before.get(id)
      return was?.start !== b.start || was.finish !== b.finish
    })
  }
  return { placed, finish, order: byStart.map((t) => t.id), inTurn }
}

/** The latest start within bounds: in hours of work, and not before the one planned. */
function latestWithin(task: LevelTask, start: number, bound: Bound): number {
  const { time, work } = task
  const closed = work > 0 && Number.isFinite(bound.start) && nextOpen(time, bound.start) > bound.start
  const byStart = closed ? latestStartOf(time, bound.start, 1) : bound.start
  return Math.max(start, Math.min(byStart, latestStartOf(time, bound.finish, work)))
}

/** The last of what a task waits for or has its turn after, where it begins as soon as that lets it. */
function heldBy(task: LevelTask, slots: Slots, turns: readonly string[]): string | undefined {
  const start = slots.get(task.id)?.start ?? 0
  return [
    ...task.after.map((w) => ({ id: w.id, until: over(task, w, slots) })),
    ...turns.map((id) => ({ id, until: slots.get(id)?.finish ?? 0 })),
  ]
    .filter((h) => h.until <= start && nextOpen(task.time, h.until) >= nextOpen(task.time, start))
    .sort((x, y) => y.until - x.until)[0]?.id
}
