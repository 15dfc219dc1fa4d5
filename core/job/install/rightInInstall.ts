import type { JobSnapshot } from '../../model/snapshot.js'
import { daysBetween } from '../../kernel/units/days.js'
import { formatterOf } from '../../kernel/units/formatter.js'
import type { WorkPlan } from '../../stages/install/workPlan.js'

/**
 * What of the plan of the work is right, in words.
 * @param early whether something was agreed before what it waits for is over
 */
export function rightInInstall(
  job: JobSnapshot,
  plan: Pick<WorkPlan, 'tasks' | 'arrivals' | 'readyOn'>,
  early: boolean,
): string[] {
  const says = formatterOf(job.studio)
  const open = plan.tasks.filter((t) => t.task.doneOn === null)
  if (open.length === 0)
    return plan.tasks.length > 0 ? [`All of ${says.count(plan.tasks.length, 'task')} done`] : []
  const waits = open.flatMap((t) => t.waits)
  const [dry, hard] = ['dries', 'hardens'].map((why) => waits.filter((w) => w.why === why).length)
  const ordered = plan.arrivals.filter((a) => a.arrival.state === 'ordered' && a.arrival.on !== null)
  const tightest = Math.min(...ordered.map((a) => a.spareDays))
  const asked = open.filter((t) => t.task.asks !== undefined)
  const { installOn } = job.brief
  return [
    ...(plan.readyOn !== undefined && installOn !== null && plan.readyOn <= installOn
      ? [`Ready ${says.count(daysBetween(plan.readyOn, installOn), 'day')} before the install date`]
      : []),
    ...(!early && dry ? [`${says.count(dry, 'wait')} for drying kept, through nights and weekends`] : []),
    ...(!early && hard
      ? [`Nothing sticks, leans or stands on a face before it is hard: ${says.count(hard, 'wait')}`]
      : []),
    ...(ordered.length > 0 && tightest >= 0
      ? [
          `${says.count(ordered.length, 'order comes', 'orders come')} before the work needs it, the tightest with ${says.count(tightest, 'day')} to spare`,
        ]
      : []),
    ...(asked.length > 0 && asked.every((t) => t.task.row?.answer.trim())
      ? [`All that must be asked first has its answer: ${says.count(asked.length, 'task')}`]
      : []),
  ]
}
