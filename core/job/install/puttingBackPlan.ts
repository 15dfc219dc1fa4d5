import { addDays, daysBetween } from '../../kernel/units/days.js'
import { formatterOf } from '../../kernel/units/formatter.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { puttingBack, type PutBack } from '../../stages/brief/puttingBack.js'
import { workPlan, type PlanInput, type WorkPlan } from '../../stages/install/workPlan.js'
import type { DerivedJob } from '../derive.js'
import { backTasks } from './backTasks.js'

/** Putting the room back before the lease ends, as a plan of its own. */
export interface PuttingBackPlan {
  readonly list: readonly PutBack[]
  readonly costMinor: number
  readonly leaseEndsOn: string | null
  /** The last day on which it can be begun and be over when the lease ends; undefined without such a day, or where no day does. */
  readonly beginBy: string | undefined
  /** From the day it is begun: the last it can be begun on, or today where that is past or unknown. */
  readonly plan: WorkPlan
}

/** So far before the end of a lease a beginning is looked for, days. */
const FARTHEST = 180

/** @param frame who works when; its tasks and arrivals are those of the makeover and are not planned here */
export function puttingBackPlan(
  job: JobSnapshot,
  derived: Pick<DerivedJob, 'brief'>,
  frame: PlanInput,
): PuttingBackPlan {
  const list = puttingBack(job, derived.brief.changes, formatterOf(job.studio))
  // What is lent or laid loose in a room of one's own is listed; nobody has to be out of it by a day.
  const tasks = job.schools.tenure === 'rented' ? backTasks(job, list) : []
  const from = (day: string): WorkPlan =>
    workPlan({ ...frame, tasks, arrivals: [], dueOn: job.brief.leaseEndsOn, today: day })
  const { leaseEndsOn } = job.brief
  const beginBy = leaseEndsOn === null ? undefined : lastBeginning(leaseEndsOn, from)
  const first = beginBy !== undefined && beginBy > frame.today ? beginBy : frame.today
  return {
    ...{ list, leaseEndsOn, beginBy, plan: from(first) },
    costMinor: list.reduce((sum, b) => sum + b.costMinor, 0),
  }
}

/** The last day on which a plan can be begun so that it is over on a day; undefined where there is nothing to do or no day will do. */
function lastBeginning(due: string, from: (day: string) => WorkPlan): string | undefined {
  let day = due
  for (let over = 1; over > 0;) {
    const ready = from(day).readyOn
    if (ready === undefined) return undefined
    over = daysBetween(due, ready)
    if (over > 0) day = addDays(day, -over)
    if (daysBetween(day, due) > FARTHEST) return undefined
  }
  // What falls on days off may have gone back too far.
  for (let next = addDays(day, 1); next <= due; next = addDays(next, 1)) {
    const ready = from(next).readyOn
    if (ready === undefined || ready > due) break
    day = next
  }
  return day
}
