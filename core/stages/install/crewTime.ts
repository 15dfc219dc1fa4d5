import { nearestWorkday, weekdayIndex, type WorkCalendar } from '../../kernel/schedule/workdays.js'
import { DAY_MINUTES, workTime, type Window, type WorkTime } from '../../kernel/schedule/workTime.js'
import { addDays, daysBetween } from '../../kernel/units/days.js'
import type { Closure } from '../../model/rows/closures.js'
import type { Crew } from '../../model/rows/crew.js'
import type { QuietHours } from '../../model/rows/quietHours.js'
import {
  MONDAY_TO_FRIDAY,
  SKILLS,
  WEEKDAYS,
  type Skill,
  type Weekday,
} from '../../model/vocabulary/install.js'

/** Somebody who works at the room. */
export type Worker = Pick<Crew, 'name' | 'skills' | 'hands' | 'weekdays' | 'from' | 'until'> & {
  /** Null for the studio where nobody has been entered: Monday to Friday, eight to four (common practice). */
  readonly id: string | null
}

/** Who works where nobody has been entered for it. */
export const studioWorker = (name: string): Worker => ({
  ...{ id: null, name, skills: [...SKILLS], hands: 2 },
  ...{ weekdays: [...MONDAY_TO_FRIDAY], from: 8 * 60, until: 16 * 60 },
})

export const weekdayOf = (day: string): Weekday => WEEKDAYS[weekdayIndex(day)] ?? 'Monday'

/** Days off that keep somebody away on a day; null asks for everybody. */
export const daysOff = (closures: readonly Closure[], day: string, crewId: string | null): Closure[] =>
  closures.filter((c) => c.fromOn <= day && day <= c.untilOn && (c.crewId === null || c.crewId === crewId))

/** Nothing here is looked up farther ahead, and no closure counts for more days. */
const MOST_CLOSED = 800

/** The days off of somebody, or of everybody; from a day on, where none before it matters. */
export function closedDays(
  closures: readonly Closure[],
  crewId: string | null,
  since = '',
): ReadonlySet<string> {
  const closed = new Set<string>()
  for (const c of closures)
    if (c.crewId === null || c.crewId === crewId)
      for (
        let n = 0, day = c.fromOn < since ? since : c.fromOn;
        day <= c.untilOn && n < MOST_CLOSED;
        n++, day = addDays(day, 1)
      )
        closed.add(day)
  return closed
}

/** The first day from one on, on which somebody works; undefined where that is not for a year. */
export const nextDayOf = (worker: Worker, closures: readonly Closure[], from: string): string | undefined =>
  nearestWorkday(
    {
      week: WEEKDAYS.map((d) => worker.weekdays.includes(d)) as unknown as WorkCalendar['week'],
      closed: closedDays(closures, worker.id, from),
    },
    from,
  )

/** Whether somebody has any hours at all: a day of the week, and an end after the beginning. */
export const hasHours = ({ weekdays, from, until }: Pick<Worker, 'weekdays' | 'from' | 'until'>): boolean =>
  weekdays.length > 0 && until > from

/** Windows without the times in which the house is kept quiet. */
function withoutQuiet(windows: readonly Window[], quiet: readonly Window[]): Window[] {
  return quiet
    .reduce<Window[]>(
      (left, [from, until]) =>
        left.flatMap(([begin, end]): Window[] =>
          until <= begin || from >= end
            ? [[begin, end]]
            : [
                [begin, Math.min(from, end)],
                [Math.max(until, begin), end],
              ],
        ),
      [...windows],
    )
    .filter(([begin, end]) => end > begin)
}

/** When somebody works at what is loud, or is not, for so many days from the first of a plan. */
export function workerTime(
  worker: Worker,
  loud: boolean,
  plan: {
    readonly firstDay: string
    readonly days: number
    readonly closures: readonly Closure[]
    readonly quietHours: readonly QuietHours[]
  },
): WorkTime {
  const [first, works] = [WEEKDAYS.indexOf(weekdayOf(plan.firstDay)), new Set(worker.weekdays)]
  const open: Window[] = [[worker.from, worker.until]]
  const byWeekday = WEEKDAYS.map((weekday) =>
    !works.has(weekday)
      ? []
      : loud
        ? withoutQuiet(
            open,
            plan.quietHours.filter((q) => q.weekdays.includes(weekday)).map((q): Window => [q.from, q.until]),
          )
        : open,
  )
  const off = new Set(
    [...closedDays(plan.closures, worker.id, plan.firstDay)].map((day) => daysBetween(plan.firstDay, day)),
  )
  return workTime(plan.days, (n) => (off.has(n) ? [] : (byWeekday[(first + n) % 7] ?? [])))
}

/** Day and night: for what comes and what dries. */
export const always = (days: number): WorkTime => workTime(days, () => [[0, DAY_MINUTES]])

/**
 * Whoever can do it: the one who was named, else the first of those entered who has the skill, else the studio. Who has no
 * hours does nothing.
 */
export function whoDoes(
  workers: readonly Worker[],
  studio: Worker,
  task: { readonly crewId: string | null; readonly skill: Skill },
): Worker {
  const able = workers.filter(hasHours)
  return (
    able.find((w) => w.id === task.crewId && w.id !== null) ??
    able.find((w) => w.skills.includes(task.skill)) ??
    able.find((w) => w.skills.includes('decorator')) ??
    studio
  )
}
