import type { Ref } from '../../findings/finding.js'
import type { Formatter } from '../../kernel/units/formatter.js'
import type { Closure } from '../../model/rows/closures.js'
import type { Worker } from './crewTime.js'
import type { LastOrder } from './lastOrders.js'
import type { PlanTask, TaskWait } from './planTask.js'
import type { PlannedTask, WorkPlan } from './workPlan.js'

/** A task that is agreed for a day on which what it waits for is not over. */
export interface EarlyTask {
  readonly task: PlannedTask
  /** What it should have waited for longest, and the day that is over. */
  readonly wait: TaskWait
  readonly waitsFor: string
  readonly overOn: string
  /** The first day on which it could be done; undefined where nobody knows when what it waits for comes. */
  readonly firstDay: string | undefined
}

/** A thing that cannot be used while it is made anew. */
export interface OutOfUse {
  readonly pieceId: string
  readonly name: string
  readonly fromOn: string
  readonly untilOn: string
  readonly days: number
  /** What the room must do that hangs on it. */
  readonly uses: readonly string[]
}

/** What one sees at once, and what is still to be done to it. */
export interface SightLine {
  readonly name: string
  readonly tasks: readonly PlanTask[]
}

/** Where not all can be ready by a day: what can be finished whole by it, and what waits. */
export interface SightLines {
  readonly by: string
  readonly first: readonly SightLine[]
  readonly later: readonly SightLine[]
}

/** What the rules of the plan of the work are held against. */
export interface InstallFacts {
  readonly plan: WorkPlan
  readonly today: string
  readonly installOn: string | null
  readonly revealOn: string | null
  readonly closures: readonly Closure[]
  /** Who was entered. */
  readonly workers: readonly Worker[]
  readonly lastOrders: readonly LastOrder[]
  readonly early: readonly EarlyTask[]
  readonly outOfUse: readonly OutOfUse[]
  /** Walls that pipe or cable goes into although their face stays: the task, the wall, what stays. */
  readonly intoKept: readonly { readonly task: PlannedTask; readonly wall: Ref; readonly face: string }[]
  /** Who sleeps by day, where no quiet hours are entered. */
  readonly napping: readonly string[]
  /** What is carried out, cubic millimeters, and what the holding place takes. */
  readonly clearedMm3: number
  readonly holdingMm3: number | null
  readonly holdingPlace: string
  /** What is to be put back before a lease ends; undefined without a lease that ends, or where nothing is left to do. */
  readonly back:
    { readonly leaseEndsOn: string; readonly beginBy: string | undefined; readonly tasks: number } | undefined
  /** Fittings of a rented room that are exchanged, where nobody said where the original is. */
  readonly withoutOriginal: readonly Ref[]
  readonly sightLines: SightLines | undefined
  /** Paints that are to go on surfaces of which no area is known. */
  readonly unmeasured: readonly string[]
  /** Standpoints without a picture of before, by name, of how many; none where a reason is given. */
  readonly standpointsOpen: readonly string[]
  readonly standpointsAll: number
  readonly says: Formatter
  readonly about: (task: PlannedTask) => Ref[]
  readonly nameOf: (key: string) => string
}

/** The rows a task follows from, by its key; the task itself where it is a person's own or of the whole room. */
export function rowsOfKey(key: string, name: string): Ref[] {
  const rows = key.split('|').flatMap((part): Ref[] => {
    const [, kind, id] = /^(finish|piece|item|wall|opening|takeoff):(.+)$/.exec(part) ?? []
    return kind === undefined || id === undefined ? [] : [{ kind: kind as Ref['kind'], id, name }]
  })
  const own = /^own\|(.+)$/.exec(key)?.[1]
  if (own !== undefined) return [{ kind: 'task', id: own, name }]
  const words = key.split('|').filter((part) => !part.includes(':'))
  return [...rows, { kind: 'job', id: words.join(' '), name }]
}
