import { readFileSync } from 'node:fs'
import { unzipSync, strFromU8 } from 'fflate'
import ICAL from 'ical.js'
import papaparse from 'papaparse'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { careOf } from '@bonitas/core/job/handover/careOf'
import { registerOf } from '@bonitas/core/job/handover/registerOf'
import { deriveJob } from '@bonitas/core/job/derive'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import {
  sendChanges,
  snapshotOf,
  startTestServer,
  type Member,
  type TestServer,
} from './testing/testServer.js'

// The book is opened with other programs than the one that made it, and what it says is compared with the job.

let server: TestServer
let member: Member
let stranger: Member
let job: JobSnapshot
const today = new Date().toISOString().slice(0, 10)

beforeAll(async () => {
  server = await startTestServer()
  member = await server.member()
  stranger = await server.member()
  const file = JSON.parse(
    readFileSync(new URL('../demo/jobs/5-dining-room.json', import.meta.url), 'utf8'),
  ) as { client: object; pieces: { name: string }[]; walls: { id: string }[] } & Record<string, unknown>
  // Letters of half of Europe, where a client and a thing have them.
  const jugs = file.pieces.find((p) => p.name === 'Jugs')
  if (jugs) jugs.name = 'Őszi szék, łóżko, şezlong, Ёлка'
  const subject = `wall:${file.walls[0]?.id ?? ''}`
  const picture = await sharp({ create: { width: 800, height: 600, channels: 3, background: '#557788' } })
    .jpeg()
    .toBuffer()
  const photo = (id: string, kind: string) => ({
    ...{ id, kind, note: '', subject, position: 0, widthPx: 800, heightPx: 600, pages: 0 },
  })
  const made = await member.request<{ id: string }>('POST', '/api/jobs/import', {
    ...file,
    client: { ...file.client, name: 'Erdős & Łukasz' },
    photos: [photo('p1', 'before'), photo('p2', 'after')],
    pictures: [
      { photoId: 'p1', picture: picture.toString('base64') },
      { photoId: 'p2', picture: picture.toString('base64') },
    ],
  })
  expect(made.status, JSON.stringify(made.body)).toBe(201)
  job = await snapshotOf(member, made.body.id)
})
afterAll(() => server.close())

const get = async (path: string, who = member) => {
  const answer = await fetch(`${server.base}/api/jobs/${job.brief.id}/${path}`, { headers: who.headers })
  return {
    status: answer.status,
    type: answer.headers.get('content-type') ?? '',
    bytes: Buffer.from(await answer.arrayBuffer()),
  }
}
const opened = (pdf: Buffer) =>
  getDocument({ data: new Uint8Array(pdf), useSystemFonts: false, verbosity: 0 }).promise

describe('the book as a PDF', () => {
  let pdf: Buffer
  let document: Awaited<ReturnType<typeof opened>>
  let text: string
  beforeAll(async () => {
    const answer = await get('book.pdf')
    expect([answer.status, answer.type]).toEqual([200, 'application/pdf'])
    pdf = answer.bytes
    document = await opened(pdf)
    text = ''
    for (let n = 1; n <= document.numPages; n++) {
      const { items } = await (await document.getPage(n)).getTextContent()
      text += `${items.map((i) => ('str' in i ? i.str : '')).join(' ')} `
    }
    text = text.replace(/\s+/g, ' ')
  })

  test('every thing and every finish of the register is read back from it, letters of every language whole', () => {
    const { things, finishes } = registerOf(job, deriveJob(job, today))
    const flat = text.replace(/\s/g, '')
    for (const t of things) expect(flat).toContain(t.ref.name.replace(/\s/g, ''))
    for (const f of finishes) {
      expect(flat).toContain(f.name.replace(/\s/g, ''))
      if (f.code) expect(flat).toContain(f.code.replace(/\s/g, ''))
    }
    expect(flat).toContain('Erdős&Łukasz')
    expect(flat).toContain('Ősziszék,łóżko,şezlong,Ёлка')
    for (const c of careOf(job, today)) expect(flat).toContain(c.what.replace(/\s/g, '').slice(0, 40))
    for (const gap of job.brief.closedGaps) expect(flat).toContain(gap.text.replace(/\s/g, ''))
  })

  test('it says who made it and in which language, every font is in it, and it opens by its title', async () => {
    const { info } = await document.getMetadata()
    expect(info).toMatchObject({ Title: 'Dining room', Language: job.studio.locale })
    const raw = pdf.toString('latin1')
    // As many font programs as font descriptors: none is borrowed from the reader's machine.
    const count = (of: RegExp) => raw.match(of)?.length ?? 0
    expect(count(/\/Type \/FontDescriptor/g)).toBeGreaterThan(2)
    expect(count(/\/FontFile\d? /g)).toBe(count(/\/Type \/FontDescriptor/g))
    expect(raw).toContain('/Marked true')
  })

  test('tagged: headings, tables with heads, figures with words for who does not see them', async () => {
    const roles = new Map<string, number>()
    const figures: (string | undefined)[] = []
    interface Node {
      readonly role?: string
      readonly alt?: string
      readonly children?: readonly Node[]
    }
    const walk = (node: Node): void => {
      if (node.role) roles.set(node.role, (roles.get(node.role) ?? 0) + 1)
      if (node.role === 'Figure') figures.push(node.alt)
      for (const child of node.children ?? []) walk(child)
    }
    for (let n = 1; n <= document.numPages; n++)
      walk((await (await document.getPage(n)).getStructTree()) as unknown as Node)
    for (const role of ['H1', 'H2', 'H3', 'P', 'Table', 'TR', 'TH', 'TD', 'Figure', 'TOCI', 'Link'])
      expect(roles.get(role) ?? 0, role).toBeGreaterThan(0)
    expect(figures.every((alt) => (alt ?? '').length > 5)).toBe(true)
  })

  test('bookmarks and the list of contents lead to the parts', async () => {
    const outline = await document.getOutline()
    expect(outline.map((o) => o.title).slice(0, 3)).toEqual([
      'Contents',
      'Your room',
      'Colors and finishes, in their shares',
    ])
    const links = (await (await document.getPage(2)).getAnnotations()) as { subtype: string; dest: unknown }[]
    expect(links.filter((l) => l.subtype === 'Link')).toHaveLength(outline.length - 1)
    for (const link of links) expect(await document.getDestination(link.dest as string)).toBeTruthy()
  })

  test('no price is in it until the job wants prices', async () => {
    expect(text).not.toContain('€')
    await sendChanges(member, job.brief.id, [
      { collection: 'brief', id: job.brief.id, set: { bookPrices: true }, was: { bookPrices: false } },
    ])
    const priced = await opened((await get('book.pdf')).bytes)
    let all = ''
    for (let n = 1; n <= priced.numPages; n++)
      all += (await (await priced.getPage(n)).getTextContent()).items
        .map((i) => ('str' in i ? i.str : ''))
        .join(' ')
    expect(all).toContain('€1,840.00')
  })
})

test('the folder of files: text, tables, drawings, pictures and a calendar that other programs read', async () => {
  const answer = await get('book.zip')
  expect([answer.status, answer.type]).toEqual([200, 'application/zip'])
  const files = unzipSync(new Uint8Array(answer.bytes))
  const names = Object.keys(files)
  expect(names).toEqual(expect.arrayContaining(['book.pdf', 'book.md', 'care.ics', 'drawings/plan.svg']))
  expect(strFromU8(files['book.md']!)).toContain('# Dining room')
  const rows = papaparse.parse<string[]>(
    strFromU8(files['tables/everything-in-the-room.csv']!).replace(/^\ufeff/, ''),
  ).data
  expect(rows.slice(1).filter((r) => r.length > 1)).toHaveLength(
    registerOf(job, deriveJob(job, today)).things.length,
  )
  const pictures = names.filter((n) => n.startsWith('pictures/'))
  expect(pictures).toHaveLength(2)
  for (const name of pictures) expect((await sharp(files[name]).metadata()).width).toBe(800)
  const calendar = new ICAL.Component(ICAL.parse(strFromU8(files['care.ics']!)) as unknown[])
  const due = careOf(job, today).filter((c) => c.nextOn !== null)
  expect(calendar.getAllSubcomponents('vevent')).toHaveLength(due.length)
})

test('the care comes again by itself in the calendar: every so many months, or once a year', async () => {
  const text = (await get('care.ics')).bytes.toString('utf8')
  const events = new ICAL.Component(ICAL.parse(text) as unknown[])
    .getAllSubcomponents('vevent')
    .map((e) => new ICAL.Event(e))
  for (const c of careOf(job, today)) {
    const event = events.find((e) => e.uid.startsWith(c.key))
    if (c.nextOn === null) {
      expect(event).toBeUndefined()
      continue
    }
    expect(event?.startDate.toString()).toBe(c.nextOn)
    const times = event!.iterator()
    const [first, second] = [times.next(), times.next()] as (ICAL.Time | undefined)[]
    const months = (second!.year - first!.year) * 12 + second!.month - first!.month
    // The 31st is passed over by a calendar where a month has none; the step is then a whole one more.
    expect(months % (c.month === null ? (c.everyMonths ?? 12) : 12)).toBe(0)
  }
})

describe('the studio’s own words', () => {
  const words = [{ kind: 'paragraph', runs: [{ text: 'Made with care.', bold: true, italic: false }] }]
  const put = (section: string, body: unknown, who = member) =>
    who.request<{ errors?: { text: string }[] }>(
      'PUT',
      `/api/studio/book-words/${encodeURIComponent(section)}`,
      body,
    )

  test('begin a part in every job of the studio, and in none of another', async () => {
    expect((await put('closing', { words })).status).toBe(204)
    expect((await snapshotOf(member, job.brief.id)).bookWords?.closing).toEqual(words)
    expect((await put('closing', { words: null }, stranger)).status).toBe(204)
    expect((await snapshotOf(member, job.brief.id)).bookWords?.closing).toEqual(words)
    expect((await put('closing', { words: null })).status).toBe(204)
    expect((await snapshotOf(member, job.brief.id)).bookWords?.closing).toBeUndefined()
  })
  test.each([
    ['no such part', 'gossip', { words }, 404],
    ['nothing', 'closing', {}, 400],
    ['no list', 'closing', { words: 'x' }, 400],
    ['a kind of paragraph there is not', 'closing', { words: [{ kind: 'shout', runs: [] }] }, 400],
    [
      'two hundred and one paragraphs',
      'closing',
      { words: Array.from({ length: 201 }, () => words[0]) },
      400,
    ],
  ])('%s is refused', async (_what, section, body, status) => {
    expect((await put(section, body)).status).toBe(status)
  })
})

describe('what a closed job taught', () => {
  test('reaches the other jobs of the studio and no other studio, and goes when the job is opened again', async () => {
    const terrace = JSON.parse(
      readFileSync(new URL('../demo/jobs/4-roof-terrace.json', import.meta.url), 'utf8'),
    ) as object
    const opened = async (who: Member) => {
      const file = { ...terrace, photos: [], pictures: [], sampledColors: [] }
      const made = await who.request<{ id: string }>('POST', '/api/jobs/import', file)
      expect(made.status, JSON.stringify(made.body)).toBe(201)
      return made.body.id
    }
    const other = await opened(member)
    const taught = async () => (await snapshotOf(member, other)).lessons ?? []
    expect(await taught()).toEqual(job.brief.learned)
    expect((await snapshotOf(member, job.brief.id)).lessons).toEqual([])
    expect((await snapshotOf(stranger, await opened(stranger))).lessons).toEqual([])
    await sendChanges(member, job.brief.id, [
      {
        collection: 'brief',
        id: job.brief.id,
        set: { closedOn: null },
        was: { closedOn: job.brief.closedOn },
      },
    ])
    expect(await taught()).toEqual([])
  })
})

test('nobody else’s book is to be had', async () => {
  for (const path of ['book.pdf', 'book.zip', 'care.ics'])
    expect((await get(path, stranger)).status).toBe(404)
})

test('a browser that has the job is sent it again when the studio’s words, or what its other jobs taught, are others', async () => {
  const tag = async () =>
    (await fetch(`${server.base}/api/jobs/${job.brief.id}?sparse`, { headers: member.headers })).headers.get(
      'etag',
    )
  const first = await tag()
  expect(first).toBeTruthy()
  expect(await tag()).toBe(first)
  const words = [{ kind: 'paragraph', runs: [{ text: 'Other words.', bold: false, italic: false }] }]
  await member.request('PUT', '/api/studio/book-words/care', { words })
  const second = await tag()
  expect(second).not.toBe(first)
  // Another job of the studio that is closed has taught something.
  const file = JSON.parse(
    readFileSync(new URL('../demo/jobs/5-dining-room.json', import.meta.url), 'utf8'),
  ) as object
  const other = await member.request<{ id: string }>('POST', '/api/jobs/import', file)
  expect(other.status).toBe(201)
  expect(await tag()).not.toBe(second)
  await member.request('PUT', '/api/studio/book-words/care', { words: null })
})
