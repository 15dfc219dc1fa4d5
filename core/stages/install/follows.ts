import { STEPS, type Step } from '../../model/vocabulary/install.js'
import type { PlanTask, TaskWait } from './planTask.js'

const RANK = new Map(STEPS.map((step, i): [Step, number] => [step, i]))
const rankOf = (step: Step): number => RANK.get(step) ?? 0
const rank = (task: PlanTask): number => rankOf(task.step)

/** Up to here dust and dirt go everywhere: nothing of a later step is begun in the room before these are done. */
const LAST_DUSTY = rankOf('sand')
/** What closes the work of the whole room. */
const OF_THE_WHOLE: ReadonlySet<Step> = new Set<Step>(['style', 'second look', 'photographs', 'snag list'])
/** Steps for which all before them are done, wherever they were. */
const AFTER_ALL: ReadonlySet<Step> = new Set<Step>([
  'floor',
  'furnish',
  'style',
  'second look',
  'photographs',
  'snag list',
])

function meet(one: PlanTask, other: PlanTask): boolean {
  const [few, many] = one.places.size < other.places.size ? [one, other] : [other, one]
  for (const place of few.places) if (many.places.has(place)) return true
  return false
}

/** Turns from here on are last coats: what is lower is finished after what is above it, so that drops are painted over. */
export const LAST_COAT = 100

/** Whether the later of two tasks waits for the earlier. */
function waits(earlier: PlanTask, later: PlanTask): boolean {
  if (meet(earlier, later)) return true
  if (earlier.putOff && !later.putOff && rank(earlier) > LAST_DUSTY && !OF_THE_WHOLE.has(later.step))
    return false
  if (earlier.elsewhere || later.elsewhere) return false
  if (earlier.step === 'coat' && later.step === 'coat')
    return earlier.turn >= LAST_COAT && later.turn >= LAST_COAT
  if (later.step === 'furnish') return !BESIDE_FURNITURE.has(earlier.step)
  return rank(earlier) <= LAST_DUSTY || AFTER_ALL.has(later.step)
}
/** What is put up clean, and need not hold up a chair on the other side of the room. */
const BESIDE_FURNITURE: ReadonlySet<Step> = new Set<Step>(['curtains', 'hang', 'furnish'])

const inTurn = (tasks: readonly PlanTask[]): PlanTask[] =>
  [...tasks].sort((x, y) => rank(x) - rank(y) || x.turn - y.turn || (x.key < y.key ? -1 : 1))

/** The wait of a task for one that comes before it in the order of work; undefined where it need not wait. */
function waitFor(earlier: PlanTask, task: PlanTask): TaskWait | undefined {
  const sameTurn = rank(earlier) === rank(task) && earlier.turn === task.turn
  if (sameTurn || rank(earlier) > rank(task) || !waits(earlier, task)) return undefined
  const together = meet(earlier, task)
  const hard = task.needsHard && together ? (earlier.hardMinutes ?? 0) : 0
  const dry = together || AFTER_ALL.has(task.step) ? earlier.dryMinutes : 0
  const lag = Math.max(hard, dry)
  return { key: earlier.key, lag, why: hard > dry ? 'hardens' : lag > 0 ? 'dries' : 'order' }
}

/** All that one task waits for, what others bring along as well. */
export function waitsOf(task: PlanTask, tasks: readonly PlanTask[]): TaskWait[] {
  const order = inTurn(tasks)
  return order.slice(0, order.indexOf(task)).flatMap((earlier) => waitFor(earlier, task) ?? [])
}

/**
 * What each task waits for: an earlier step at the same place, until it is dry; dust, wherever it was made; and of one step the
 * turns of one surface, coat after coat and from above downward. What sticks to a surface or stands on it waits until it is
 * hard. Only the nearest are kept: what they wait for is waited for with them, unless they are done or stand on a day of their
 * own, and so may have waited for nothing.
 */
export function followsOf(tasks: readonly PlanTask[]): ReadonlyMap<string, readonly TaskWait[]> {
  const order = inTurn(tasks)
  // For each task all that it comes after, by its waits and theirs, and the longest pause that is kept between the two.
  const before = new Map<string, Map<string, number>>()
  const follows = new Map<string, readonly TaskWait[]>()
  order.forEach((task, i) => {
    const own: TaskWait[] = []
    const known = new Map<string, number>()
    const know = (key: string, lag: number) => known.set(key, Math.max(known.get(key) ?? 0, lag))
    // From the nearest backward: who already waits for an earlier one brings it along.
    for (const earlier of order.slice(0, i).reverse()) {
      const wait = waitFor(earlier, task)
      if (!wait || (known.get(wait.key) ?? -1) >= wait.lag) continue
      own.push(wait)
      know(wait.key, wait.lag)
      if (earlier.doneOn === null && !earlier.agreed)
        before.get(wait.key)?.forEach((kept, key) => know(key, kept))
    }
    before.set(task.key, known)
    follows.set(task.key, own)
  })
  return follows
}
