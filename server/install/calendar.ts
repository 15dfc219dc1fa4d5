import ical from 'ical-generator'
import { DateTime } from 'luxon'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import type { InstallFacts } from '@bonitas/core/stages/install/installFacts'
import type { Moment, PlannedTask } from '@bonitas/core/stages/install/workPlan'

/** The instant a clock of a time zone shows a minute of a day. */
export function instantOf({ day, minute }: Moment, timeZone: string): Date {
  const [hour, rest] = [Math.floor(minute / 60), Math.floor(minute % 60)]
  return DateTime.fromISO(day, { zone: timeZone }).set({ hour, minute: rest }).toJSDate()
}

/**
 * The plan of the work as a calendar (RFC 5545): a task an event at its hours, a delivery and a last day to order a whole day,
 * each with a reminder. An event keeps its name through every change of the plan, and its number grows, so that a calendar that
 * has it takes the change.
 *
 * @param who only what this person does; undefined for all, deliveries with it
 * @param now for the number of the events: minutes since 2026
 */
export function installCalendar(
  job: JobSnapshot,
  facts: InstallFacts,
  who: string | undefined,
  now: Date,
): string {
  const name = facts.plan.tasks.find((t) => (t.worker.id ?? 'studio') === who)?.worker.name
  const calendar = ical({
    name: [`${job.brief.roomName}: the work`, name].filter(Boolean).join(', '),
    prodId: { company: 'Bonitas', product: 'Install', language: 'EN' },
  })
  const sequence = Math.max(0, Math.floor((now.getTime() - Date.UTC(2026, 0, 1)) / 60_000))
  const about = `${job.brief.roomName}, ${job.client.name}`
  const timed = (t: PlannedTask) => {
    const end = instantOf(t.finish, job.studio.timeZone)
    const start = instantOf(t.start, job.studio.timeZone)
    calendar
      .createEvent({
        ...{ id: `${t.task.key}@${job.brief.id}`, sequence, start, end: end > start ? end : start },
        summary: t.task.name,
        description: [
          about,
          ...t.task.because,
          t.task.asks ? `Asked first: ${t.task.asks}` : '',
          t.task.caution ?? '',
        ]
          .filter(Boolean)
          .join('\n'),
        ...(job.brief.place === '' ? {} : { location: job.brief.place }),
      })
      .createAlarm({ type: 'display' as never, trigger: 16 * 3600 })
  }
  const wholeDay = (id: string, day: string, summary: string) =>
    calendar
      .createEvent({
        ...{ id: `${id}@${job.brief.id}`, sequence, start: new Date(`${day}T00:00:00Z`), timezone: 'UTC' },
        ...{ allDay: true, summary, description: about },
      })
      .createAlarm({ type: 'display' as never, trigger: 86_400 })
  for (const t of facts.plan.tasks)
    if (t.task.doneOn === null && !t.unplaced && (who === undefined || (t.worker.id ?? 'studio') === who))
      timed(t)
  if (who === undefined || who === 'studio') {
    for (const { arrival } of facts.plan.arrivals)
      if (arrival.on !== null && arrival.state === 'ordered')
        wholeDay(arrival.key, arrival.on, `Expected: ${arrival.name}`)
    for (const o of facts.lastOrders)
      if (o.daysLeft >= 0)
        wholeDay(`order|${o.arrival.arrival.key}`, o.orderBy, `Last day to order: ${o.arrival.arrival.name}`)
    if (facts.back?.beginBy !== undefined)
      wholeDay('putting-back', facts.back.beginBy, 'Last day to begin putting back')
  }
  return calendar.toString()
}
