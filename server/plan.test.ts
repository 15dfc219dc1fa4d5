import { ROWS } from '@bonitas/core/model/registry'
import { randomUUID } from 'node:crypto'
import { inflateSync } from 'node:zlib'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'

import { NEW_HANG, NEW_STAND } from '@bonitas/core/stages/plan/newRows'
import {
  jobWithItems,
  snapshotOf,
  startTestServer,
  type Member,
  type TestServer,
  addRow,
  setRow,
  removeRow,
  sendChanges,
} from './testing/testServer.js'

let server: TestServer
let member: Member
let jobId: string
let standId: string
const put = async (collection: string, row: Record<string, unknown>) => {
  const answer = await addRow(member, jobId, collection, row)
  expect(answer.status, JSON.stringify(answer.body)).toBe(200)
  return String(row.id)
}
const wall = (position: number, lengthMm: number, name: string) => ({
  id: randomUUID(),
  position,
  name,
  lengthMm,
  turnDeg: 90,
  face: 'smooth paint',
})
const piece = (more: Record<string, unknown>) => ({
  ...ROWS.pieces.blank(),
  id: randomUUID(),
  widthMm: 1000,
  depthMm: 600,
  heightMm: 420,
  ...more,
})

beforeAll(async () => {
  server = await startTestServer()
  member = await server.member()
  jobId = (await jobWithItems(member, [100])).jobId
})
afterAll(() => server.close())

const get = async (path: string) => {
  const answer = await fetch(`${server.base}/api/jobs/${jobId}/${path}`, { headers: member.headers })
  return {
    status: answer.status,
    type: answer.headers.get('content-type'),
    bytes: Buffer.from(await answer.arrayBuffer()),
  }
}

/** The drawing operators of every page of a PDF, read from its own streams. */
function operators(pdf: Buffer): string[] {
  const pages: string[] = []
  for (let at = pdf.indexOf('stream\n'); at >= 0; at = pdf.indexOf('stream\n', at + 7)) {
    if (pdf.subarray(at - 3, at).toString() === 'end') continue
    const end = pdf.indexOf('endstream', at)
    try {
      const text = inflateSync(pdf.subarray(at + 7, end)).toString('latin1')
      if (/ m\n/.test(text) && / l\n/.test(text)) pages.push(text)
    } catch {
      // A font or a table is not a page.
    }
  }
  return pages
}

describe('papers of the plan', () => {
  test('a room that is not closed says what to do first', async () => {
    const answer = await get('plan/tape-out.pdf')
    expect(answer.status).toBe(409)
    expect(answer.bytes.toString()).toMatch(/do not close/)
  })

  test('tape-out at 1 : 1: the lines in the file add up to the outline of the piece, in points of 1/72 inch', async () => {
    for (const w of [
      wall(0, 4000, 'North'),
      wall(1, 3000, 'East'),
      wall(2, 4000, 'South'),
      wall(3, 3000, 'West'),
    ])
      await put('walls', w)
    const table = await put('pieces', piece({ name: 'Low table', kind: 'low table' }))
    standId = await put('floorPlacements', {
      ...NEW_STAND,
      id: randomUUID(),
      pieceId: table,
      xMm: 2000,
      yMm: 1500,
    })
    const { status, type, bytes } = await get(`plan/tape-out.pdf?stand=${standId}`)
    expect(status).toBe(200)
    expect(type).toContain('application/pdf')
    const pages = operators(bytes)
    let outlineMm = 0
    let bars = 0
    // The first sheet is a table; every other carries the bar that is checked after printing.
    for (const page of pages.filter((p) => / 0\.8 w|^0\.8 w/m.test(p))) {
      let width = 0
      let from: [number, number] | undefined
      for (const line of page.split('\n')) {
        const n = line.trim().split(' ')
        if (n[1] === 'w') width = Number(n[0])
        if (n[2] === 'm') from = [Number(n[0]), Number(n[1])]
        if (n[2] === 'l' && from) {
          const mm = (Math.hypot(Number(n[0]) - from[0], Number(n[1]) - from[1]) * 25.4) / 72
          if (Math.abs(width - 2) < 0.01) outlineMm += mm
          if (Math.abs(width - 0.8) < 0.01 && Math.abs(mm - 100) < 0.01) bars++
        }
      }
    }
    expect(outlineMm).toBeCloseTo(2 * (1000 + 600), 1)
    // Every sheet has its bar of 100 mm.
    expect(bars).toBeGreaterThan(10)
  })

  test('corner distances of everything, the hanging sheet, and a piece that is not there', async () => {
    expect((await get('plan/tape-out.pdf')).status).toBe(200)
    const job = await snapshotOf(member, jobId)
    const print = await put('pieces', piece({ name: 'Print', kind: 'picture', heightMm: 500 }))
    await put('wallPlacements', {
      ...NEW_HANG,
      id: randomUUID(),
      pieceId: print,
      wallId: job.walls[0]!.id,
      xMm: 1500,
      centerMm: 1540,
    })
    const sheet = await get('plan/hanging-sheet.pdf')
    expect(sheet.status).toBe(200)
    expect(sheet.bytes.subarray(0, 5).toString()).toBe('%PDF-')
    expect((await get(`plan/tape-out.pdf?stand=${randomUUID()}`)).status).toBe(404)
  })
})

test('an option that was tried in a place and thrown away leaves the piece standing', async () => {
  const job = await snapshotOf(member, jobId)
  const option = job.options[0]!
  const stand = job.floorPlacements.find((s) => s.id === standId)!
  const { version, ...row } = stand
  const tried = await setRow(member, jobId, 'floorPlacements', { ...row, optionId: option.id })
  expect(tried.status).toBe(200)
  const item = job.items[0]!
  const freed = await setRow(member, jobId, 'items', {
    ...Object.fromEntries(Object.entries(item).filter(([k]) => k !== 'version')),
    chosenOptionId: null,
  })
  expect(freed.status).toBe(200)
  const [alone, group] = [
    await removeRow(member, jobId, 'options', option.id, option.version),
    await sendChanges(member, jobId, [
      { collection: 'options', id: option.id, remove: true, seen: option.version },
      { collection: 'floorPlacements', id: standId, set: { optionId: null }, was: { optionId: option.id } },
    ]),
  ]
  // By itself it would leave a place naming what is not there; the page sends what goes along.
  expect([alone.status, group.status], JSON.stringify(group.body)).toEqual([409, 200])
  expect((await snapshotOf(member, jobId)).floorPlacements.find((s) => s.id === standId)).toMatchObject({
    optionId: null,
  })
})

test('the plan goes out with the job file and comes back the same, under new ids', async () => {
  const file = await member.request('GET', `/api/jobs/${jobId}/export`)
  const made = await member.request<{ id: string }>('POST', '/api/jobs/import', file.body)
  expect(made.status, JSON.stringify(made.body)).toBeLessThan(300)
  const [one, two] = [await snapshotOf(member, jobId), await snapshotOf(member, made.body.id)]
  const plain = (rows: readonly object[]) =>
    rows.map((r) => Object.fromEntries(Object.entries(r).filter(([k]) => !/id$/i.test(k) && k !== 'version')))
  expect(plain(two.floorPlacements)).toEqual(plain(one.floorPlacements))
  expect(plain(two.wallPlacements)).toEqual(plain(one.wallPlacements))
  const pieceName = (job: typeof one, id: string) => job.pieces.find((p) => p.id === id)?.name
  expect(two.floorPlacements.map((s) => pieceName(two, s.pieceId))).toEqual(
    one.floorPlacements.map((s) => pieceName(one, s.pieceId)),
  )
})
