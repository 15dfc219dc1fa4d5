import { randomUUID } from 'node:crypto'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { ROWS } from '@bonitas/core/model/registry'
import { addRow, startTestServer, type Member, type TestServer } from './testing/testServer.js'

let server: TestServer
let me: Member
let jobId = ''
beforeAll(async () => {
  server = await startTestServer({ exampleRooms: new URL('../demo/rooms/', import.meta.url).pathname })
  me = await server.member()
  jobId = (await me.request<{ id: string }>('POST', '/api/example-rooms/kitchen', {})).body.id
})
afterAll(() => server.close())

const sheet = (who: Member, id: string) =>
  fetch(`${server.base}/api/jobs/${jobId}/takeoff/${id}/sheet.pdf`, { headers: who.headers })

async function textOf(pdf: ArrayBuffer): Promise<string> {
  const document = await getDocument({ data: new Uint8Array(pdf), useSystemFonts: false, verbosity: 0 })
    .promise
  const { items } = await (await document.getPage(1)).getTextContent()
  return items
    .map((i) => ('str' in i ? i.str : ''))
    .join(' ')
    .replace(/\s+/g, ' ')
}

test('the sheet of a line says what is needed, what to buy and how it is cut', async () => {
  const id = randomUUID()
  const row = ROWS.takeoffs.make({
    id,
    name: 'Uprights',
    trade: 'lengths',
    goodsLengthMm: 2400,
    jointMm: 3,
  })
  await addRow(me, jobId, 'takeoffs', row)
  // Nothing is asked yet: the sheet says what it waits for.
  expect(await textOf(await (await sheet(me, id)).arrayBuffer())).toContain('Needs: the pieces')
  await addRow(
    me,
    jobId,
    'takeoffParts',
    ROWS.takeoffParts.make({ id: randomUUID(), takeoffId: id, name: 'Upright', lengthMm: 800, count: 12 }),
  )
  const answer = await sheet(me, id)
  expect(answer.headers.get('content-type')).toBe('application/pdf')
  const text = await textOf(await answer.arrayBuffer())
  for (const words of [
    'Kitchen',
    'Uprights, lengths',
    'To buy: 6 lengths',
    'Length 1: 6 cut so',
    'Fewer cannot do',
  ])
    expect(text).toContain(words)
  // The lettering has no arrows.
  expect(text).not.toMatch(/[→↕↔]/)
})

test('a line that is not there is not found, nor one of another studio', async () => {
  expect((await sheet(me, randomUUID())).status).toBe(404)
  expect((await sheet(await server.member(), randomUUID())).status).toBe(404)
})

test('the sheet walls are marked out from tells every point from the left and from the floor, and is the studio’s own', async () => {
  const room = (await me.request<{ id: string }>('POST', '/api/example-rooms/living-room', {})).body.id
  const marking = (who: Member, id: string) =>
    fetch(`${server.base}/api/jobs/${id}/takeoff/marking.pdf`, { headers: who.headers })
  const answer = await marking(me, room)
  expect(answer.headers.get('content-type')).toBe('application/pdf')
  const text = await textOf(await answer.arrayBuffer())
  // Two hooks 900 apart about the middle at 2 700; 1 500 + 900 ÷ 2 − 80 above the floor.
  for (const words of [
    'Marked out from the floor',
    '2 250 from the left, 1 870 above the floor: Landscape, 1 of 2, screw and plug',
    '3 150 from the left, 1 870 above the floor: Landscape, 2 of 2, screw and plug',
  ])
    expect(text.replaceAll(/[\u00a0\u202f]/g, ' ')).toContain(words)
  expect((await marking(await server.member(), room)).status).toBe(404)
})
