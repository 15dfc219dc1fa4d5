/** How one task hangs on another: whether it waits for its start or its finish, with its own start or its own finish. */
export const LINK_TYPES = ['FS', 'SS', 'FF', 'SF'] as const
export type LinkType = (typeof LINK_TYPES)[number]

/** A task waits for another; the lag may be negative, which lets it begin earlier. */
export interface Link {
  readonly id: string
  readonly type: LinkType
  readonly lag: number
}

/** A task of a network; durations and lags in one unit. */
export interface NetworkTask {
  readonly id: string
  readonly duration: number
  readonly after: readonly Link[]
  /** Not before this, told from the start of the network. */
  readonly notBefore?: number
}

/** When a task can be at the earliest and may be at the latest. */
export interface TaskTimes {
  readonly earliestStart: number
  readonly earliestFinish: number
  readonly latestStart: number
  readonly latestFinish: number
  /** How much it may slip before the end does. */
  readonly totalFloat: number
  /** How much it may slip before anything else does. */
  readonly freeFloat: number
}

export interface NetworkTimes {
  readonly duration: number
  readonly times: ReadonlyMap<string, TaskTimes>
  /** Tasks that may not slip, in the order they are done. */
  readonly critical: readonly string[]
}

/** The tasks that wait for each other in a ring, which no order can do. */
export class CircularNetwork extends Error {
  constructor(readonly ids: readonly string[]) {
    super(`tasks wait for each other in a ring: ${ids.join(', ')}`)
  }
}

/** From the start of the one to the earliest start of the other, by the kind of the link. */
function startGap(link: Link, before: number, own: number): number {
  if (link.type === 'FS') return before + link.lag
  if (link.type === 'SS') return link.lag
  if (link.type === 'FF') return before + link.lag - own
  return link.lag - own
}

/**
 * Earliest and latest times of every task by the critical path method: forward over the starts, backward from the end.
 *
 * @throws CircularNetwork
 * @throws RangeError when a task waits for one that is not there
 * @see Kelley & Walker, Proceedings of the Eastern Joint Computer Conference, 1959
 */
export function networkTimes(tasks: readonly NetworkTask[]): NetworkTimes {
  const byId = new Map(tasks.map((t) => [t.id, t]))
  const order = inOrder(tasks, byId)
  const starts = new Map<string, number>()
  for (const task of order) {
    const waits = task.after.map(
      (l) => startOf(starts, l.id) + startGap(l, durationOf(byId, l.id), task.duration),
    )
    starts.set(task.id, Math.max(0, task.notBefore ?? 0, ...waits))
  }
  const duration = Math.max(0, ...order.map((t) => startOf(starts, t.id) + t.duration))
  const latest = new Map<string, number>()
  const free = new Map<string, number>()
  for (const t of order) {
    latest.set(t.id, duration - t.duration)
    free.set(t.id, duration - t.duration - startOf(starts, t.id))
  }
  // Backward: what waits for a task says how late it may begin, and how far it may slip before that one does.
  for (const task of [...order].reverse())
    for (const link of task.after) {
      const gap = startGap(link, durationOf(byId, link.id), task.duration)
      latest.set(link.id, Math.min(startOf(latest, link.id), startOf(latest, task.id) - gap))
      const slip = startOf(starts, task.id) - gap - startOf(starts, link.id)
      free.set(link.id, Math.min(startOf(free, link.id), slip))
    }
  const times = new Map(
    tasks.map(({ id, duration: own }): [string, TaskTimes] => {
      const [start, late] = [startOf(starts, id), startOf(latest, id)]
      return [
        id,
        {
          ...{ earliestStart: start, earliestFinish: start + own },
          ...{ latestStart: late, latestFinish: late + own },
          ...{ totalFloat: late - start, freeFloat: startOf(free, id) },
        },
      ]
    }),
  )
  const critical = order.filter((t) => (times.get(t.id)?.totalFloat ?? 0) < DUST).map((t) => t.id)
  return { duration, times, critical }
}

// Binary dust of sums of fractions of a day.
const DUST = 1e-9
const startOf = (of: ReadonlyMap<string, number>, id: string): number => of.get(id) ?? 0
const durationOf = (byId: ReadonlyMap<string, NetworkTask>, id: string): number => byId.get(id)?.duration ?? 0

/** Every task after those it waits for; the order they were named in where nothing else decides. */
function inOrder(tasks: readonly NetworkTask[], byId: ReadonlyMap<string, NetworkTask>): NetworkTask[] {
  const waiting = new Map<string, number>()
  const next = new Map<string, string[]>()
  for (const { id, after } of tasks) {
    const before = new Set(after.map((l) => l.id))
    for (const other of before) {
      if (!byId.has(other)) throw new RangeError(`${id} waits for ${other}, which is not there`)
      next.set(other, [...(next.get(other) ?? []), id])
    }
    waiting.set(id, before.size)
  }
  const order: NetworkTask[] = []
  const ready = tasks.filter((t) => waiting.get(t.id) === 0)
  for (let task = ready.shift(); task; task = ready.shift()) {
    order.push(task)
    for (const id of next.get(task.id) ?? []) {
      const left = (waiting.get(id) ?? 0) - 1
      waiting.set(id, left)
      const then = left === 0 && byId.get(id)
      if (then) ready.push(then)
    }
  }
  if (order.length < tasks.length)
    throw new CircularNetwork(tasks.filter((t) => !order.includes(t)).map((t) => t.id))
  return order
}
