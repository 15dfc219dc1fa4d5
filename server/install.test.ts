import { readFileSync } from 'node:fs'
import ical from 'ical-generator'
import ICAL from 'ical.js'
import papaparse from 'papaparse'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { readSheet } from 'read-excel-file/node'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { deriveJob } from '@bonitas/core/job/derive'
import { latenessOf, type Lateness } from '@bonitas/core/job/install/arrivalsOf'
import { deriveInstall } from '@bonitas/core/job/install/deriveInstall'
import { takeoffsOf } from '@bonitas/core/job/takeoffsOf'
import { addDays } from '@bonitas/core/kernel/units/days'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { published } from '@bonitas/core/testing/published'
import { countryOf, publicHolidays } from './install/holidays.js'
import { instantOf } from './install/calendar.js'
import {
  addRow,
  setRow,
  snapshotOf,
  startTestServer,
  type Member,
  type TestServer,
} from './testing/testServer.js'
import { ROWS } from '@bonitas/core/model/registry'

let server: TestServer
let member: Member
let job: JobSnapshot
const today = new Date().toISOString().slice(0, 10)
beforeAll(async () => {
  server = await startTestServer()
  member = await server.member()
  const file = JSON.parse(
    readFileSync(new URL('../demo/jobs/1-music-and-reading-room.json', import.meta.url), 'utf8'),
  ) as Record<string, unknown>
  const made = await member.request<{ id: string }>('POST', '/api/jobs/import', {
    ...{ ...file, photos: [], pictures: [], sampledColors: [] },
  })
  expect(made.status, JSON.stringify(made.body)).toBe(201)
  job = await snapshotOf(member, made.body.id)
})
afterAll(() => server.close())

const get = async (path: string, who = member, of = job) => {
  const answer = await fetch(`${server.base}/api/jobs/${of.brief.id}/${path}`, { headers: who.headers })
  return {
    status: answer.status,
    type: answer.headers.get('content-type') ?? '',
    bytes: Buffer.from(await answer.arrayBuffer()),
  }
}
const planNow = (of: JobSnapshot) => {
  const derived = deriveJob(of, today)
  return deriveInstall(of, derived, takeoffsOf(of, derived.measure), today).facts
}
const eventsOf = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as unknown[])
    .getAllSubcomponents('vevent')
    .map((c) => ({ event: new ICAL.Event(c), alarms: c.getAllSubcomponents('valarm').length, c }))

describe('the plan as a calendar', () => {
  test('another program reads every task at its hours, each with an alarm, lines folded as the standard says', async () => {
    const { type, bytes } = await get('install.ics')
    expect(type).toContain('text/calendar')
    for (const line of bytes.toString('utf8').split('\r\n'))
      expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75)
    const events = eventsOf(bytes.toString('utf8'))
    const open = planNow(job).plan.tasks.filter((t) => t.task.doneOn === null)
    for (const t of open) {
      const found = events.find((e) => e.event.uid === `${t.task.key}@${job.brief.id}`)
      expect(found?.event.summary).toBe(t.task.name)
      expect(found?.event.startDate.toJSDate()).toEqual(instantOf(t.start, job.studio.timeZone))
      expect(found?.alarms).toBe(1)
    }
    expect(new Set(events.map((e) => e.event.uid)).size).toBe(events.length)
  })
  test('after a change an event has the same name and a number that is no smaller', async () => {
    const numbers = (text: string) =>
      new Map(eventsOf(text).map((e) => [e.event.uid, Number(e.c.getFirstPropertyValue('sequence'))]))
    const before = numbers((await get('install.ics')).bytes.toString('utf8'))
    const { id, onDay } = job.tasks.find((t) => t.key === 'clear') ?? { id: '', onDay: null }
    const later = addDays(onDay ?? today, 3)
    const row = job.tasks.find((t) => t.id === id)
    const { status } = await setRow(member, job.brief.id, 'tasks', { ...row, onDay: later })
    expect(status).toBeLessThan(300)
    job = await snapshotOf(member, job.brief.id)
    const after = numbers((await get('install.ics')).bytes.toString('utf8'))
    for (const [uid, number] of before)
      if (after.has(uid)) expect(after.get(uid)).toBeGreaterThanOrEqual(number)
    expect([...after.keys()].filter((uid) => before.has(uid)).length).toBeGreaterThan(20)
  })
  test('a feed for one person has what that person does and nothing else', async () => {
    const painter = job.crew.find((c) => c.name === 'Painter')
    const events = eventsOf((await get(`install.ics?who=${painter?.id ?? ''}`)).bytes.toString('utf8'))
    const mine = planNow(job).plan.tasks.filter((t) => t.worker.id === painter?.id && t.task.doneOn === null)
    expect(events.map((e) => e.event.summary).sort()).toEqual(mine.map((t) => t.task.name).sort())
    expect((await get('install.ics?who=nobody')).status).toBe(404)
  })
  test('nobody of another studio sees it', async () => {
    const stranger = await server.member()
    for (const path of ['install.ics', 'install/plan.pdf', 'holidays'])
      expect((await get(path, stranger)).status).toBe(404)
  })
})

/** What each page of a PDF says. */
async function pagesOf(bytes: Uint8Array): Promise<string[]> {
  const document = await getDocument({ data: new Uint8Array(bytes), useSystemFonts: false, verbosity: 0 })
    .promise
  const pages: string[] = []
  for (let n = 1; n <= document.numPages; n++) {
    const { items } = await (await document.getPage(n)).getTextContent()
    pages.push(
      items
        .map((i) => ('str' in i ? i.str : ''))
        .join(' ')
        .replace(/\s+/g, ' '),
    )
  }
  return pages
}

describe('the plan on paper', () => {
  test('PDF, workbook and CSV name every task; a sheet for a trade names its own, and no price', async () => {
    const names = planNow(job).plan.tasks.map((t) => t.task.name)
    const csv = papaparse
      .parse<string[]>((await get('install/plan.csv')).bytes.toString('utf8').replace('\ufeff', ''))
      .data.flat()
    for (const name of names) expect(csv).toContain(name)
    const rows = (await readSheet((await get('install/plan.xlsx')).bytes, 2)).flat()
    for (const name of names) expect(rows).toContain(name)
    const { type, bytes } = await get('install/plan.pdf?trade=painter')
    expect(type).toBe('application/pdf')
    const text = (await pagesOf(bytes)).join(' ')
    expect(text).toContain('Sheet: painter')
    expect(text).not.toMatch(/€/)
    expect((await get('install/plan.doc')).status).toBe(404)
  })
})

test('on paper each week has a page of its own, with all that is done in it', async () => {
  const pages = await pagesOf((await get('install/plan.pdf')).bytes)
  const weeks = pages.filter((text) => text.includes('Week of'))
  const monday = (day: string) => {
    const weekday = (new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % 7
    return addDays(day, -weekday)
  }
  const { plan } = planNow(job)
  const open = plan.tasks.filter((t) => !t.unplaced && t.task.doneOn === null)
  const comes = plan.arrivals.flatMap((a) => a.arrival.on ?? [])
  const mondays = new Set([...open.flatMap((t) => [t.start.day, t.finish.day]), ...comes].map(monday))
  expect(weeks.length).toBe(mondays.size)
  for (const t of open) expect(weeks.join(' ')).toContain(t.task.name.split(',')[0]?.split(':')[0])
})

test('a person’s say about a task goes out with the job and comes back', async () => {
  const own = {
    ...ROWS.tasks.make({ id: crypto.randomUUID(), key: 'own' }),
    name: 'Piano tuner',
    step: 'style' as const,
  }
  await addRow(member, job.brief.id, 'tasks', own)
  const file = (await get('export')).bytes
  const made = await member.request<{ id: string }>(
    'POST',
    '/api/jobs/import',
    JSON.parse(file.toString('utf8')) as object,
  )
  expect(made.status, JSON.stringify(made.body)).toBe(201)
  const copy = await snapshotOf(member, made.body.id)
  const hang = copy.tasks.find((t) => t.key.startsWith('hang|wall:'))
  expect(copy.walls.some((w) => hang?.key === `hang|wall:${w.id}`)).toBe(true)
  expect(copy.crew.some((c) => c.id === hang?.crewId)).toBe(true)
  expect(copy.tasks.some((t) => t.name === 'Piano tuner')).toBe(true)
})

describe('public holidays, published', () => {
  test.each(published<{ year: number; country: string }, Record<string, string>>('schedule.holidays.us'))(
    '$title',
    async ({ input, expected }) => {
      const days = (await publicHolidays(input.country, `${input.year}-01-01`, 'en')).map((h) => h.fromOn)
      for (const [name, day] of Object.entries(expected)) expect(days, name).toContain(day)
    },
  )
  test.each(
    published<{ years: number[] }, { goodFriday: string[]; easterMonday: string[]; easter: string[] }>(
      'schedule.holidays.easter',
    ),
  )('$title', async ({ input, expected }) => {
    for (const [i, year] of input.years.entries()) {
      const days = (await publicHolidays('HU', `${year}-01-01`, 'en')).map((h) => h.fromOn)
      for (const list of [expected.goodFriday, expected.easter, expected.easterMonday])
        expect(days).toContain(list[i])
    }
  })
  test('of the country of the studio', () =>
    expect(['en-US', 'hu-HU', 'de', 'en-IE'].map(countryOf)).toEqual(['US', 'HU', 'DE', 'IE']))
})

describe('calendars by the standard, published', () => {
  test.each(published<{ local: string; zone: string }, { utc: string }>('schedule.ics.utc'))(
    '$title',
    ({ input, expected }) => {
      const [day = '', clock = ''] = input.local.split('T')
      const [hour = 0, minute = 0] = clock.split(':').map(Number)
      const at = instantOf({ day, minute: 60 * hour + minute }, input.zone)
      expect(at.toISOString().replace(/[-:]|\.\d{3}/g, '')).toBe(expected.utc)
    },
  )
  test.each(published<{ text: string }, { escaped: string }>('schedule.ics.escape'))(
    '$title',
    ({ input, expected }) => {
      const calendar = ical()
      calendar.createEvent({ start: new Date(0), summary: input.text })
      expect(calendar.toString().replace(/\r\n /g, '')).toContain(`SUMMARY:${expected.escaped}`)
    },
  )
  test.each(published<{ line: string }, { octets: number[] }>('schedule.ics.fold'))(
    '$title',
    ({ input, expected }) => {
      const calendar = ical()
      calendar.createEvent({ start: new Date(0), summary: input.line.replace('SUMMARY:', '') })
      const lines = calendar.toString().split('\r\n')
      const first = lines.findIndex((l) => l.startsWith('SUMMARY:'))
      const folded = [lines[first] ?? '', lines[first + 1] ?? '']
      for (const l of folded) expect(Buffer.byteLength(l)).toBeLessThanOrEqual(expected.octets[0] ?? 75)
      expect(`${folded[0] ?? ''}${(folded[1] ?? '').slice(1)}`.replaceAll('\\,', ',')).toBe(input.line)
    },
  )
  test.each(published<{ lines: string[] }, { line: string }>('schedule.ics.unfold'))(
    '$title',
    ({ input, expected }) => {
      const text = ['BEGIN:VEVENT', ...input.lines, 'END:VEVENT'].join('\r\n')
      const read = new ICAL.Component(ICAL.parse(text) as unknown[])
      expect(`DESCRIPTION:${String(read.getFirstPropertyValue('description'))}`).toBe(expected.line)
    },
  )
  test.each(
    published<{ firstDay: string; lastDay: string }, { dtstart: string; dtend: string }>(
      'schedule.ics.allday',
    ),
  )('$title', ({ input, expected }) => {
    const calendar = ical()
    calendar.createEvent({
      ...{ start: new Date(`${input.firstDay}T00:00:00Z`), timezone: 'UTC', allDay: true },
      end: new Date(`${addDays(input.lastDay, 1)}T00:00:00Z`),
    })
    expect(calendar.toString()).toContain(expected.dtstart)
    expect(calendar.toString()).toContain(expected.dtend)
  })
  test.each(published<{ duration: string }, { seconds: number }>('schedule.ics.duration'))(
    '$title',
    ({ input, expected }) =>
      expect(ICAL.Duration.fromString(input.duration).toSeconds()).toBe(expected.seconds),
  )
})

test('how late suppliers were in other jobs of the studio is what core says of those jobs; nothing of other studios', async () => {
  const own = await server.member()
  const file = JSON.parse(
    readFileSync(new URL('../demo/jobs/1-music-and-reading-room.json', import.meta.url), 'utf8'),
  ) as Record<string, unknown>
  const made = await own.request<{ id: string }>('POST', '/api/jobs/import', {
    ...{ ...file, photos: [], pictures: [], sampledColors: [] },
  })
  const theirs = await snapshotOf(own, made.body.id)
  const expectedOf = latenessOf(deriveJob(theirs, today).orders)
  expect(expectedOf.length).toBeGreaterThan(0)
  const other = await own.request<{ id: string }>('POST', '/api/jobs', {
    ...{ clientName: 'Okafor', roomName: 'Hall', agreedMinor: 100_000 },
  })
  expect(other.status, JSON.stringify(other.body)).toBe(201)
  const path = (id: string) => `/api/jobs/${id}/install/lateness`
  const sorted = (list: readonly Lateness[]) =>
    [...list].sort((x, y) => x.days - y.days || (x.supplierId < y.supplierId ? -1 : 1))
  const elsewhere = await own.request<Lateness[]>('GET', path(other.body.id))
  expect(sorted(elsewhere.body)).toEqual(sorted(expectedOf))
  // Its own are read from its own ledger.
  expect((await own.request<Lateness[]>('GET', path(made.body.id))).body).toEqual([])
  expect((await member.request('GET', path(made.body.id))).status).toBe(404)
})

test('the last day to begin putting a rented room back stands in the calendar', async () => {
  const file = JSON.parse(
    readFileSync(new URL('../demo/jobs/2-box-room.json', import.meta.url), 'utf8'),
  ) as Record<string, unknown>
  const made = await member.request<{ id: string }>('POST', '/api/jobs/import', {
    ...{ ...file, photos: [], consents: [], pictures: [], sampledColors: [] },
  })
  expect(made.status, JSON.stringify(made.body)).toBe(201)
  const rented = await snapshotOf(member, made.body.id)
  const derived = deriveJob(rented, today)
  const { beginBy } = deriveInstall(rented, derived, takeoffsOf(rented, derived.measure), today).putBack
  const text = (await get('install.ics', member, rented)).bytes.toString('utf8')
  const event = new ICAL.Component(ICAL.parse(text) as unknown[])
    .getAllSubcomponents('vevent')
    .map((e) => new ICAL.Event(e))
    .find((e) => e.summary === 'Last day to begin putting back')
  expect(event?.startDate.toString()).toBe(beginBy)
})
