import type { TaskRow } from '../../model/rows/tasks.js'
import type { PlanTask } from '../../stages/install/planTask.js'

/** A task as a person has changed it; what they left alone follows from the room. */
export function withRow(task: PlanTask, row: TaskRow | undefined): PlanTask {
  if (!row) return task
  const { likely, best, worst } = task.estimate
  const now = row.minutes ?? likely
  // Best and worst move with what is most likely, unless they are given.
  const scaled = (minutes: number) => (likely > 0 ? Math.round((minutes * now) / likely) : now)
  return {
    ...task,
    name: row.name === '' ? task.name : row.name,
    crewId: row.crewId,
    hands: row.hands ?? task.hands,
    estimate: {
      likely: now,
      best: Math.min(now, row.bestMinutes ?? scaled(best)),
      worst: Math.max(now, row.worstMinutes ?? scaled(worst)),
    },
    sum: row.minutes === null ? task.sum : '',
    dryMinutes: row.dryHours === null ? task.dryMinutes : 60 * row.dryHours,
    notWhile: row.notWhile,
    ...{ onDay: row.onDay, agreed: row.agreed, doneOn: row.doneOn, row },
  }
}
