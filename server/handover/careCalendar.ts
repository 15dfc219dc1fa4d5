import ical, { ICalEventRepeatingFreq } from 'ical-generator'
import type { CareDue } from '@bonitas/core/job/handover/careOf'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'

/**
 * The care of a room as a calendar (RFC 5545): each thing to do a whole day that comes again by itself, with a reminder a week
 * before. What has no day is not in it.
 */
export function careCalendar(job: JobSnapshot, care: readonly CareDue[]): string {
  const calendar = ical({
    name: `${job.brief.roomName}: care`,
    prodId: { company: 'Bonitas', product: 'Care', language: 'EN' },
  })
  for (const c of care) {
    if (c.nextOn === null) continue
    calendar
      .createEvent({
        id: `${c.key}@${job.brief.id}`,
        start: new Date(`${c.nextOn}T00:00:00Z`),
        ...{ allDay: true, timezone: 'UTC' },
        summary: [c.thing || job.brief.roomName, c.what].join(': '),
        description: [job.brief.roomName, c.caution ?? ''].filter(Boolean).join('\n'),
        ...repeats(c),
      })
      .createAlarm({ type: 'display' as never, trigger: 7 * 86_400 })
  }
  return calendar.toString()
}

const repeats = ({ month, everyMonths }: CareDue) =>
  month !== null
    ? { repeating: { freq: ICalEventRepeatingFreq.YEARLY } }
    : everyMonths === null
      ? {}
      : { repeating: { freq: ICalEventRepeatingFreq.MONTHLY, interval: everyMonths } }
