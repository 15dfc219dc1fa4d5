import { readFileSync } from 'node:fs'
import ICAL from 'ical.js'
import papaparse from 'papaparse'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { readSheet } from 'read-excel-file/node'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { deriveJob } from '@bonitas/core/job/derive'
import { ledgerDates } from '@bonitas/core/job/ledgerTables'
import { paperOf, PAPERS, type Cell } from '@bonitas/core/job/papers'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { snapshotOf, startTestServer, type Member, type TestServer } from './testing/testServer.js'

// What leaves on paper is opened with other programs than the ones that made it, and its sums are compared.

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
    ...file,
    photos: [],
    pictures: [],
    sampledColors: [],
  })
  expect(made.status, JSON.stringify(made.body)).toBe(201)
  job = await snapshotOf(member, made.body.id)
})
afterAll(() => server.close())

const get = async (path: string) => {
  const answer = await fetch(`${server.base}/api/jobs/${job.brief.id}/${path}`, { headers: member.headers })
  return {
    status: answer.status,
    type: answer.headers.get('content-type') ?? '',
    bytes: Buffer.from(await answer.arrayBuffer()),
  }
}
const minor = (cell: Cell | undefined) =>
  typeof cell === 'object' && cell && 'minor' in cell ? cell.minor : undefined
const papers = () => PAPERS.map((name) => paperOf(name, job, deriveJob(job, today), today))

async function textOf(pdf: Buffer): Promise<string> {
  const document = await getDocument({ data: new Uint8Array(pdf), useSystemFonts: false, verbosity: 0 })
    .promise
  let text = ''
  for (let n = 1; n <= document.numPages; n++) {
    const { items } = await (await document.getPage(n)).getTextContent()
    text += `${items.map((i) => ('str' in i ? i.str : '')).join(' ')}\n`
  }
  return text.replace(/\s+/g, ' ')
}

describe('every paper', () => {
  test.each(PAPERS)('%s: workbook, CSV and PDF say the same sums', async (name) => {
    const paper = paperOf(name, job, deriveJob(job, today), today)
    const [xlsx, csv, pdf] = await Promise.all(['xlsx', 'csv', 'pdf'].map((f) => get(`papers/${name}.${f}`)))
    expect([xlsx!.status, csv!.status, pdf!.status]).toEqual([200, 200, 200])
    const rows = papaparse.parse<string[]>(csv!.bytes.toString('utf8').replace(/^\ufeff/, '')).data
    const written = await textOf(pdf!.bytes)
    let compared = 0
    for (const table of paper.tables) {
      const sheet = await readSheet(xlsx!.bytes, table.title.slice(0, 31))
      const start = rows.findIndex((r) => r[0] === table.title && r.length === 1)
      expect(start, table.title).toBeGreaterThanOrEqual(0)
      const all = [...table.rows, ...(table.total ? [table.total] : [])]
      for (const [n, row] of all.entries())
        for (const [i, cell] of row.entries()) {
          const amount = minor(cell)
          if (amount === undefined) continue
          expect(Math.round(Number(sheet[n + 1]![i]) * 100), `${table.title} ${n} ${i}`).toBe(amount)
          expect(Math.round(Number(rows[start + 2 + n]![i]) * 100)).toBe(amount)
          compared++
        }
      // The last row is the sum of the others, worked out from what the other program read.
      if (table.total)
        for (const [i, cell] of table.total.entries()) {
          const amount = minor(cell)
          if (amount === undefined || table.head[i] === 'Share') continue
          const sum = sheet
            .slice(1, 1 + table.rows.length)
            .reduce((s, r) => s + Math.round(Number(r[i] ?? 0) * 100), 0)
          expect(sum, `${table.title}, ${table.head[i] ?? ''}`).toBe(amount)
          const text = new Intl.NumberFormat('en-IE', {
            style: 'currency',
            currency: 'EUR',
            currencyDisplay: 'narrowSymbol',
          }).format(amount / 100)
          expect(written).toContain(text)
        }
    }
    expect(compared).toBeGreaterThan(name === 'tax' ? 5 : 7)
  })

  test('what is paid on the purchases is what the tape says is paid, and the tax is the tax of the entries', () => {
    const [, budget, purchases, tax] = papers()
    const { position } = deriveJob(job, today)
    const total = (p: typeof budget, head: string) =>
      minor(p!.tables[0]!.total![p!.tables[0]!.head.indexOf(head)])
    expect(total(purchases, 'Paid')).toBe(position.paidMinor)
    expect(total(budget, 'Paid')).toBe(position.paidMinor)
    expect(total(budget, 'Forecast')).toBe(position.forecastMinor)
    expect(total(purchases, 'Tax inside')).toBe(total(tax, 'Tax'))
  })

  test('the client’s statement names no supplier', async () => {
    const text = await textOf((await get('papers/statement.pdf')).bytes)
    expect(text).toContain('Tarn stripe, hand-knotted')
    for (const s of job.suppliers) expect(text).not.toContain(s.name)
  })

  test('a paper or format that there is not is 404', async () => {
    expect((await get('papers/gossip.pdf')).status).toBe(404)
    expect((await get('papers/budget.exe')).status).toBe(404)
  })
})

test('an order on paper: its lines, its sum, its terms', async () => {
  const order = job.orders.find((o) => o.depositMinor === 59_200)!
  const { status, type, bytes } = await get(`orders/${order.id}.pdf`)
  expect([status, type]).toEqual([200, 'application/pdf'])
  const text = await textOf(bytes)
  for (const said of [
    `Order ${order.number}`,
    'Hollin Row Seating',
    'Chalk boucle settee',
    '€1,480.00',
    'Deposit €592.00',
    'Balance by',
  ])
    expect(text).toContain(said)
})

test('the calendar is read by another program: one whole day for each date, with a reminder', async () => {
  const { type, bytes } = await get('ledger.ics')
  expect(type).toContain('text/calendar')
  const text = bytes.toString('utf8')
  // RFC 5545: lines end with CRLF and are folded at 75 octets.
  for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75)
  expect(text.replaceAll('\r\n', '')).not.toContain('\n')
  const calendar = new ICAL.Component(ICAL.parse(text) as unknown[])
  expect(calendar.getFirstPropertyValue('version')).toBe('2.0')
  expect(calendar.getFirstPropertyValue('prodid')).toBeTruthy()
  const events = calendar.getAllSubcomponents('vevent').map((c) => new ICAL.Event(c))
  const dates = ledgerDates(job, deriveJob(job, today), today)
  expect(dates.length).toBeGreaterThan(3)
  expect(events.map((e) => [e.uid, e.startDate.toString(), e.startDate.isDate])).toEqual(
    dates.map((d) => [`${d.id}@${job.brief.id}`, d.on, true]),
  )
  expect(new Set(events.map((e) => e.uid)).size).toBe(events.length)
  for (const c of calendar.getAllSubcomponents('vevent')) {
    expect(c.getFirstProperty('dtstamp')).toBeTruthy()
    expect(c.getAllSubcomponents('valarm')).toHaveLength(1)
  }
})
