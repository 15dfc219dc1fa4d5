import { randomUUID } from 'node:crypto'
import { deflateSync } from 'node:zlib'
import { PDFDocument, PDFName, PDFString } from '@cantoo/pdf-lib'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { deriveJob } from '@bonitas/core/job/derive'
import { estimatesLeft } from '@bonitas/core/job/documentSide'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { encodePaper } from './photo/encodePaper.js'
import {
  jobWithItems,
  money,
  orderOf,
  paymentOf,
  snapshotOf,
  startTestServer,
  type Member,
  type TestServer,
  addRow,
} from './testing/testServer.js'

let server: TestServer
let member: Member
beforeAll(async () => {
  server = await startTestServer()
  member = await server.member()
})
afterAll(() => server.close())

/** An invoice as a PDF with everything in it that should not be kept. */
async function invoice(pages = 2): Promise<Buffer> {
  const doc = await PDFDocument.create()
  doc.setAuthor('Somebody at home')
  doc.addJavaScript('hello', 'app.alert("hello")')
  await doc.attach(Buffer.from('secret'), 'secret.txt')
  for (let n = 0; n < pages; n++) {
    const page = doc.addPage([420, 595])
    page.drawText(`Invoice 2041, page ${n + 1}`, { x: 40, y: 500 })
    const link = doc.context.obj({
      Type: 'Annot',
      Subtype: 'Link',
      Rect: [0, 0, 100, 100],
      A: { Type: 'Action', S: 'URI', URI: PDFString.of('http://example.invalid/track') },
    })
    page.node.set(PDFName.of('Annots'), doc.context.obj([doc.context.register(link)]))
  }
  return Buffer.from(await doc.save({ useObjectStreams: false }))
}
/** The text of each page, by another library. */
async function textOf(bytes: Buffer): Promise<string[]> {
  const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs')
  const doc = await getDocument({ data: new Uint8Array(bytes) }).promise
  return Promise.all(
    Array.from({ length: doc.numPages }, async (_, n) => {
      const content = await (await doc.getPage(n + 1)).getTextContent()
      return content.items.map((i) => ('str' in i ? i.str : '')).join('')
    }),
  )
}
const send = (jobId: string, bytes: Buffer, about: string, id = randomUUID()) =>
  member.request<{ id: string; pages: number; detail?: string; errors?: { field: string; text: string }[] }>(
    'PUT',
    `/api/jobs/${jobId}/pictures/${id}?${about}`,
    bytes,
    { 'Content-Type': 'application/octet-stream' },
  )

describe('a paper as a PDF', () => {
  test('is laid into a new file: its pages and text stay, scripts, links, attachments and author do not', async () => {
    const bytes = await invoice()
    for (const word of ['JavaScript', 'example.invalid', 'EmbeddedFile', 'Somebody at home'])
      expect(
        bytes.toString('latin1').includes(word) ||
          bytes.toString('utf16le').includes(word) ||
          word === 'Somebody at home',
        word,
      ).toBe(true)
    const kept = await encodePaper(bytes)
    expect(kept).toMatchObject({
      mime: 'application/pdf',
      pages: 2,
      size: { widthPx: 420, heightPx: 595 },
    })
    const again = await PDFDocument.load(kept.picture, { updateMetadata: false })
    expect([
      again.getAuthor(),
      again.catalog.get(PDFName.of('Names')),
      again.getPage(0).node.Annots(),
    ]).toEqual([undefined, undefined, undefined])
    const plain = Buffer.from(await again.save({ useObjectStreams: false })).toString('latin1')
    for (const word of ['JavaScript', 'example.invalid', 'EmbeddedFile', '/Annots'])
      expect(plain, word).not.toContain(word)
    expect(await textOf(kept.picture)).toEqual(['Invoice 2041, page 1', 'Invoice 2041, page 2'])
  })

  test('a photo of a paper is encoded anew like any photo', async () => {
    const photo = await sharp({ create: { width: 60, height: 90, channels: 3, background: '#fff' } })
      .png()
      .toBuffer()
    expect(await encodePaper(photo)).toMatchObject({
      mime: 'image/jpeg',
      pages: 0,
      size: { widthPx: 60, heightPx: 90 },
    })
  })

  const bomb = Buffer.concat([
    Buffer.from('%PDF-1.5\n1 0 obj\n<< /Type /ObjStm /N 1 /First 4 /Filter /FlateDecode >>\nstream\n'),
    deflateSync(Buffer.alloc(64 * 1024 * 1024)),
    Buffer.from('\nendstream\nendobj\n'),
  ])
  const twice = Buffer.from(
    '%PDF-1.5\n1 0 obj\n<< /Type /ObjStm /N 1 /First 4 /Filter [/FlateDecode /FlateDecode] >>\nstream\nx\nendstream\nendobj\n',
  )
  test.each<[string, Buffer, RegExp]>([
    ['nothing', Buffer.alloc(0), /empty/],
    ['a page of HTML', Buffer.from('<html><script>alert(1)</script></html>'), /not a photo/],
    ['a PDF that is cut off', Buffer.from('%PDF-1.7\n1 0 obj\n<< /Type'), /cannot be read|has no page/],
    ['a PDF that unpacks to the memory’s end', bomb, /unpacks to more/],
    ['a PDF packed twice over', twice, /packed in a way/],
  ])('%s is refused with what to do', async (_what, bytes, why) => {
    await expect(encodePaper(bytes)).rejects.toMatchObject({ status: 400 })
    await expect(encodePaper(bytes)).rejects.toThrow(why)
  })

  test('more pages than anybody reads are refused', async () => {
    await expect(encodePaper(await invoice(201))).rejects.toThrow(/201 pages; at most 200/)
  })
})

describe('papers of a job', () => {
  test('a PDF is kept for a paper only; it comes back as it was kept, and to nobody else', async () => {
    const { jobId } = await jobWithItems(member, [10_000])
    const bytes = await invoice(1)
    expect((await send(jobId, bytes, 'kind=before')).status).toBe(400)
    const sent = await send(jobId, bytes, `kind=paper&subject=receipt:${randomUUID()}`)
    expect([sent.status, sent.body.pages]).toEqual([200, 1])
    const got = await fetch(`${server.base}/api/jobs/${jobId}/pictures/${sent.body.id}`, {
      headers: member.headers,
    })
    expect(got.headers.get('content-type')).toContain('application/pdf')
    expect(await textOf(Buffer.from(await got.arrayBuffer()))).toEqual(['Invoice 2041, page 1'])
    const stranger = await server.member()
    expect((await stranger.request('GET', `/api/jobs/${jobId}/pictures/${sent.body.id}`)).status).toBe(404)
  })

  test('receipts, claims with photos, loans and estimates come and go with the job’s file', async () => {
    const { jobId, items } = await jobWithItems(member, [10_000])
    const order = await money(member, jobId, 'orders', orderOf([items[0]!.itemId]))
    const orderId = order.body.orderId!
    await money(member, jobId, 'payments', { ...paymentOf(orderId, 4_000), estimated: true })
    const { lines } = await snapshotOf(member, jobId)
    const put = async (collection: string, row: Record<string, unknown> & { id: string }) =>
      expect((await addRow(member, jobId, collection, row)).status).toBe(200)
    const [receiptId, claimId] = [randomUUID(), randomUUID()]
    await put('receipts', {
      id: receiptId,
      kind: 'invoice',
      fromName: 'Mill',
      number: '7',
      on: '2026-03-01',
      orderId,
      totalMinor: 10_000,
      taxMinor: 1_736,
      note: '',
    })
    await put('claims', {
      id: claimId,
      lineId: lines[0]!.id,
      madeOn: '2026-03-01',
      asks: 'repair',
      amountMinor: null,
      answerByOn: null,
      answer: 'waiting',
      answeredOn: null,
      note: 'torn',
    })
    await put('loans', {
      id: randomUUID(),
      name: 'Palm',
      pieceId: null,
      owner: '',
      reason: 'to try',
      takenOn: '2026-03-01',
      backOn: null,
      returnedOn: null,
      note: '',
    })
    await send(jobId, await invoice(1), `kind=paper&subject=receipt:${receiptId}`)
    const photo = await sharp({ create: { width: 8, height: 8, channels: 3, background: '#963' } })
      .jpeg()
      .toBuffer()
    await send(jobId, photo, `kind=damage&subject=claim:${claimId}`)
    const file = (await member.request('GET', `/api/jobs/${jobId}/export`)).body
    const made = await member.request<{ id: string }>('POST', '/api/jobs/import', file)
    expect(made.status, JSON.stringify(made.body)).toBe(201)
    const again: JobSnapshot = await snapshotOf(member, made.body.id)
    expect(again.receipts[0]).toMatchObject({ totalMinor: 10_000, orderId: again.orders[0]!.id })
    expect(again.claims[0]).toMatchObject({ note: 'torn', lineId: again.lines[0]!.id })
    expect(again.loans[0]).toMatchObject({ name: 'Palm', reason: 'to try' })
    expect(again.entries.filter((e) => e.estimated).map((e) => e.amountMinor)).toEqual([4_000])
    expect(again.photos.map((p) => [p.kind, p.subject, p.pages]).sort()).toEqual([
      ['damage', `claim:${again.claims[0]!.id}`, 0],
      ['paper', `receipt:${again.receipts[0]!.id}`, 1],
    ])
  })

  test('an estimate that is taken back is an estimate no more', async () => {
    const { jobId, items } = await jobWithItems(member, [10_000])
    const order = await money(member, jobId, 'orders', orderOf([items[0]!.itemId]))
    const paid = await money(member, jobId, 'payments', {
      ...paymentOf(order.body.orderId!, 4_000),
      estimated: true,
    })
    const left = async () => {
      const job = await snapshotOf(member, jobId)
      return estimatesLeft(job, deriveJob(job, '2026-11-23').orders).map((g) => g.amountMinor)
    }
    expect(await left()).toEqual([4_000])
    const back = await money(member, jobId, 'reversals', {
      eventId: paid.body.eventId,
      reversedOn: '2026-11-06',
      note: 'it was the lamp',
    })
    expect([back.status, await left()]).toEqual([201, []])
  })

  test('a paper cannot belong to an order that is not the job’s', async () => {
    const { jobId } = await jobWithItems(member, [10_000])
    const row = {
      id: randomUUID(),
      kind: 'receipt',
      fromName: '',
      number: '',
      on: '2026-03-01',
      orderId: randomUUID(),
      totalMinor: 1,
      taxMinor: null,
      note: '',
    }
    const answer = await addRow(member, jobId, 'receipts', row)
    expect([404, 409]).toContain(answer.status)
  })
})
