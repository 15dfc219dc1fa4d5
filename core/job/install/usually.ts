import type { Lesson } from '../../model/lesson.js'
import { ENOUGH_JOBS, usualFigure } from '../../model/usualFigure.js'
import type { PlanTask } from '../../stages/install/planTask.js'

/**
 * A task as the studio usually does it: what its closed jobs took against the method's estimate moves the likeliest time, and their
 * spread widens the best and the worst. With fewer jobs than that the figure is told and the method's estimate stands.
 */
export function usually(task: PlanTask, lessons: readonly Lesson[] | undefined): PlanTask {
  const usual = usualFigure(lessons, 'hours', task.step)
  if (!usual || usual.jobs < ENOUGH_JOBS) return usual ? { ...task, usual } : task
  const { best, likely, worst } = task.estimate
  const now = Math.round(likely * usual.middle)
  return {
    ...task,
    usual,
    estimate: {
      likely: now,
      best: Math.min(now, Math.round(best * usual.middle), Math.round(likely * usual.low)),
      worst: Math.max(now, Math.round(worst * usual.middle), Math.round(likely * usual.high)),
    },
  }
}
