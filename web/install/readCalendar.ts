import { addDays } from '@bonitas/core/kernel/units/days'
import { InputError } from '@bonitas/core/kernel/errors/InputError'

/** Days off as a calendar has them: whole days, the last one counted. */
export interface CalendarDays {
  readonly uid: string
  readonly what: string
  readonly fromOn: string
  readonly untilOn: string
}

/** Of an event that comes again and again so many are read. */
const MOST_TIMES = 200
/** And this far ahead. */
const MOST_DAYS = 800

/**
 * Reads days off from an iCalendar file (RFC 5545): events of whole days and of hours, those that come again as well.
 * @param from nothing that ends before this day is read
 * @throws {InputError} when the text is no calendar
 */
export async function readCalendar(text: string, from: string): Promise<CalendarDays[]> {
  const { default: ICAL } = await import('ical.js')
  const until = addDays(from, MOST_DAYS)
  let events
  try {
    const calendar = new ICAL.Component(ICAL.parse(text) as unknown[])
    events = calendar.getAllSubcomponents('vevent').map((c) => new ICAL.Event(c))
  } catch {
    throw new InputError('CALENDAR_NOT_READ', {
      where: 'Calendar',
      what: 'cannot be read',
      fix: 'Choose an iCalendar file, .ics.',
    })
  }
  return events.flatMap((event): CalendarDays[] => {
    const days = (
      start: { toString(): string },
      end: { toString(): string; isDate: boolean; isMidnight: boolean },
    ) => {
      const fromOn = start.toString().slice(0, 10)
      const last = end.toString().slice(0, 10)
      // The end of an event of whole days is the day after it; so is a midnight.
      const untilOn = last > fromOn && (end.isDate || end.isMidnight) ? addDays(last, -1) : last
      return { fromOn, untilOn: untilOn < fromOn ? fromOn : untilOn }
    }
    const ended = (d: { fromOn: string; untilOn: string }) => d.untilOn >= from && d.fromOn <= until
    const of = (start: typeof event.startDate, end: typeof event.endDate, uid: string): CalendarDays[] => {
      const whole = end as unknown as { isDate: boolean; hour: number; minute: number; toString(): string }
      const span = days(start, {
        isDate: whole.isDate,
        isMidnight: !whole.isDate && whole.hour === 0 && whole.minute === 0,
        toString: () => whole.toString(),
      })
      return ended(span) ? [{ uid, what: event.summary || 'Days off', ...span }] : []
    }
    if (!event.isRecurring()) return of(event.startDate, event.endDate, event.uid)
    const times = event.iterator()
    const found: CalendarDays[] = []
    for (let n = 0; n < MOST_TIMES; n++) {
      const next = times.next() as typeof event.startDate | null
      if (!next || next.toString().slice(0, 10) > until) break
      const at = event.getOccurrenceDetails(next)
      found.push(...of(at.startDate, at.endDate, `${event.uid} ${next.toString().slice(0, 10)}`))
    }
    return found
  })
}
