import {
  lastDayToOrder,
  WEEKDAYS as MONDAY_TO_FRIDAY,
  workdaysBetween,
  type WorkCalendar,
} from '../../kernel/schedule/workdays.js'
import { addDays, daysBetween } from '../../kernel/units/days.js'
import type { Closure } from '../../model/rows/closures.js'
import { closedDays } from './crewTime.js'
import type { PlannedArrival } from './workPlan.js'

/** The last day on which goods can be ordered and come when they are needed. */
export interface LastOrder {
  readonly arrival: PlannedArrival
  /** The latest day it may come: by the plan, or by whoever wants it sooner. */
  readonly wantedOn: string
  readonly orderBy: string
  /** Negative once it is past. */
  readonly daysLeft: number
  /** Working days of the supplier until then. */
  readonly workdaysLeft: number
}

/** When a supplier works: Monday to Friday, without the days on which nobody does. */
const supplierCalendar = (closures: readonly Closure[]): WorkCalendar => ({
  week: MONDAY_TO_FRIDAY,
  closed: closedDays(closures, null),
})

/**
 * The last day to order what takes so many days and is wanted on a day: those days before it, and as many working days of the
 * supplier, whichever is earlier. A week of lead time has five.
 */
export function lastDayFor(wantedOn: string, leadDays: number, closures: readonly Closure[]): string {
  const byCalendar = addDays(wantedOn, -leadDays)
  try {
    const byWork = lastDayToOrder(supplierCalendar(closures), wantedOn, Math.floor((leadDays * 5) / 7), 0)
    return byCalendar < byWork ? byCalendar : byWork
  } catch (error) {
    // Closed for more than a year: nothing can be said by working days.
    if (error instanceof RangeError) return byCalendar
    throw error
  }
}

/**
 * For all that is not ordered yet and has a lead time, the most pressing first. Where no day is promised and nobody wants it by one,
 * there is no last day: the plan only says when it would be ready.
 */
export function lastOrders(
  arrivals: readonly PlannedArrival[],
  closures: readonly Closure[],
  today: string,
  dueOn: string | null,
): LastOrder[] {
  return arrivals
    .flatMap((arrival): LastOrder[] => {
      const { state, leadDays, neededOn } = arrival.arrival
      if (leadDays === null || (state !== 'open' && state !== 'chosen')) return []
      if (dueOn === null && neededOn === null) return []
      const byPlan = dueOn === null ? (neededOn ?? arrival.latestOn) : arrival.latestOn
      const wantedOn = neededOn !== null && neededOn < byPlan ? neededOn : byPlan
      const orderBy = lastDayFor(wantedOn, leadDays, closures)
      const workdaysLeft = workdaysBetween(supplierCalendar(closures), today, orderBy)
      return [{ arrival, wantedOn, orderBy, daysLeft: daysBetween(today, orderBy), workdaysLeft }]
    })
    .sort((x, y) => x.daysLeft - y.daysLeft)
}
