import { sql } from 'drizzle-orm'
import { forgetPictures } from './photo/keepPictures.js'
import { randomUUID } from 'node:crypto'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import {
  jobWithItems,
  snapshotOf,
  startTestServer,
  type Member,
  type TestServer,
  removeRow,
  addRow,
} from './testing/testServer.js'

let server: TestServer
let member: Member
let jobId: string
beforeAll(async () => {
  server = await startTestServer()
  member = await server.member()
  jobId = (await jobWithItems(member, [])).jobId
})
afterAll(() => server.close())

interface Answer {
  id?: string
  widthPx?: number
  heightPx?: number
  detail?: string
  errors?: { field: string; text: string }[]
}
const send = (bytes: Buffer, about = 'kind=inspiration', id = randomUUID()) =>
  member.request<Answer>('PUT', `/api/jobs/${jobId}/pictures/${id}?${about}`, bytes, {
    'Content-Type': 'image/jpeg',
  })

/** A photo as a phone makes it: lying on its side, with a place and a name in its data. */
const fromPhone = () =>
  sharp({ create: { width: 400, height: 300, channels: 3, background: '#7a8c69' } })
    .withExif({
      IFD0: { Make: 'SECRET MAKER', Orientation: '6' },
      IFD3: {
        GPSLatitudeRef: 'N',
        GPSLatitude: '48/1 12/1 30/1',
        GPSLongitudeRef: 'E',
        GPSLongitude: '16/1 22/1 0/1',
      },
    })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer()

describe('a picture', () => {
  test('is turned upright, and keeps nothing of where and with what it was taken', async () => {
    const photo = await fromPhone()
    expect((await sharp(photo).metadata()).orientation).toBe(6)
    const sent = await send(photo, 'kind=before&note=Window%20wall&subject=wall:x')
    expect(sent.status).toBe(200)
    expect(sent.body).toMatchObject({
      widthPx: 300,
      heightPx: 400,
      note: 'Window wall',
      subject: 'wall:x',
      kind: 'before',
      version: 1,
    })
    for (const size of ['', '?size=small']) {
      const got = await fetch(`${server.base}/api/jobs/${jobId}/pictures/${sent.body.id!}${size}`, {
        headers: member.headers,
      })
      expect(got.headers.get('content-type')).toBe('image/jpeg')
      const kept = Buffer.from(await got.arrayBuffer())
      const data = await sharp(kept).metadata()
      expect([data.exif, data.orientation, data.xmp, data.iptc]).toEqual([
        undefined,
        undefined,
        undefined,
        undefined,
      ])
      expect(kept.includes('SECRET') || kept.includes('GPS')).toBe(false)
    }
    expect((await snapshotOf(member, jobId)).photos.map((p) => p.id)).toContain(sent.body.id)
  })
  test('of twelve megapixels is kept at most 3 000 px long', async () => {
    const large = await sharp({ create: { width: 4000, height: 3000, channels: 3, background: '#fff' } })
      .png()
      .toBuffer()
    expect((await send(large)).body).toMatchObject({ widthPx: 3000, heightPx: 2250 })
  })
  test('sent twice under one id is kept once', async () => {
    const [photo, id] = [await fromPhone(), randomUUID()]
    const answers = await Promise.all([
      send(photo, 'kind=inspiration', id),
      send(photo, 'kind=inspiration', id),
    ])
    expect(answers.map((a) => a.status)).toEqual([200, 200])
    expect((await snapshotOf(member, jobId)).photos.filter((p) => p.id === id)).toHaveLength(1)
  })
  test.each([
    ['nothing', Buffer.alloc(0), /empty/],
    ['text', Buffer.from('hello, I am not a picture'), /not a photo/],
    [
      'a drawing that could reach for files',
      Buffer.from(
        '<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><rect width="9" height="9"/></svg>',
      ),
      /not a photo/,
    ],
    [
      'a picture cut short',
      Buffer.from('ffd8ffe000104a46494600010100000100010000ffdb', 'hex'),
      /not a photo/,
    ],
  ])('%s is refused in words, and nothing is kept', async (_what, bytes, why) => {
    const before = (await snapshotOf(member, jobId)).photos.length
    const answer = await send(bytes)
    expect([answer.status, answer.body.errors?.[0]?.field]).toEqual([400, 'picture'])
    expect(answer.body.detail).toMatch(why)
    expect((await snapshotOf(member, jobId)).photos).toHaveLength(before)
  })
  test('over 20 MB is refused with the limit', async () => {
    const answer = await send(Buffer.alloc(21 * 1024 * 1024, 7))
    expect([answer.status, answer.body.detail]).toEqual([413, expect.stringContaining('20 MB')])
  })
  test('of no kind is refused by field', async () => {
    const answer = await send(await fromPhone(), 'kind=holiday')
    expect([answer.status, answer.body.errors?.[0]?.field]).toEqual([400, 'kind'])
  })
  test('goes with its row, comes back with it, and a row without a picture cannot be made', async () => {
    const { body } = await send(await fromPhone())
    const there = async () => (await member.request('GET', `/api/jobs/${jobId}/pictures/${body.id!}`)).status
    const { version: _v, ...row } = (await snapshotOf(member, jobId)).photos.find((p) => p.id === body.id)!
    expect((await removeRow(member, jobId, 'photos', body.id!, 1)).status).toBe(200)
    expect(await there()).toBe(404)
    expect((await addRow(member, jobId, 'photos', row)).status).toBe(200)
    expect(await there()).toBe(200)
    const made = await addRow(member, jobId, 'photos', { ...row, id: randomUUID() })
    expect([made.status, made.body.detail]).toEqual([409, expect.stringContaining('begins with its picture')])
    // What was removed two weeks ago is let go of.
    await removeRow(member, jobId, 'photos', body.id!, 1)
    await server.db.asStudio(member.studioId, (tx) =>
      tx.execute(
        sql`update photo_data set removed_at = now() - interval '15 days' where photo_id = ${body.id!}`,
      ),
    )
    await forgetPictures(server.db, member.studioId)
    expect((await addRow(member, jobId, 'photos', row)).status).toBe(409)
  })
  test('travels with the job, encoded anew', async () => {
    const file = (await member.request('GET', `/api/jobs/${jobId}/export`)).body
    const made = await member.request<{ id: string }>('POST', '/api/jobs/import', file)
    expect(made.status).toBe(201)
    const photos = (await snapshotOf(member, made.body.id)).photos
    expect(photos).toHaveLength((file.photos as unknown[]).length)
    expect((await member.request('GET', `/api/jobs/${made.body.id}/pictures/${photos[0]!.id}`)).status).toBe(
      200,
    )
    const broken = {
      ...file,
      pictures: (file.pictures as object[]).map((p) => ({ ...p, picture: 'bm90IGEgcGljdHVyZQ==' })),
    }
    const before = (await member.request<unknown[]>('GET', '/api/jobs')).body.length
    expect((await member.request('POST', '/api/jobs/import', broken)).status).toBe(400)
    expect((await member.request<unknown[]>('GET', '/api/jobs')).body).toHaveLength(before)
  })
})
