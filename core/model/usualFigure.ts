import { quantileSorted } from 'd3-array'
import type { Lesson, LessonKind } from './lesson.js'

/** What closed jobs came to against what was planned for them, as parts of the plan: 1.2 is a fifth more. */
export interface UsualFigure {
  /** Jobs it rests on. */
  readonly jobs: number
  readonly middle: number
  /** Between them half of the jobs lie; with three or four jobs all of them. */
  readonly low: number
  readonly high: number
}

/** From so many jobs on a figure is used; before, it is only told (common practice: one job is chance, two may be). */
export const ENOUGH_JOBS = 3
/** From so many on the quarter at either end is left out of the spread. */
const MANY_JOBS = 5

/**
 * The usual figure of a kind of work, a supplier, a category or a trade.
 * @returns undefined while no closed job says anything of it
 */
export function usualFigure(
  lessons: readonly Lesson[] | undefined,
  kind: LessonKind,
  of: string,
): UsualFigure | undefined {
  const parts = (lessons ?? [])
    .filter((l) => l.kind === kind && l.of === of && l.planned > 0)
    .map((l) => l.actual / l.planned)
    .sort((x, y) => x - y)
  const at = (p: number) => quantileSorted(parts, p) ?? 1
  if (parts.length === 0) return undefined
  const [low, high] = parts.length >= MANY_JOBS ? [at(0.25), at(0.75)] : [at(0), at(1)]
  return { jobs: parts.length, middle: at(0.5), low, high }
}

/** Of these lessons, everything something is known of. */
export const learnedOf = (lessons: readonly Lesson[] | undefined, kind: LessonKind): string[] => [
  ...new Set((lessons ?? []).filter((l) => l.kind === kind).map((l) => l.of)),
]
