import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { emptyJob } from '@bonitas/core/examples/emptyJob'
import { useJobStore } from './jobStore.js'
import { useConfirm } from './useConfirm.js'
import { useUploadStore, type UploadAbout } from './uploadStore.js'
import { useUploads } from './useUploads.js'

const PAPER: UploadAbout = { kind: 'paper', subject: 'receipt:r' }
const PHOTO: UploadAbout = { kind: 'damage', subject: 'claim:c' }
const file = (name: string, type: string, bytes = 9) => new File([new Uint8Array(bytes)], name, { type })
const asked: string[] = []
let answer: (url: string) => Response | Promise<Response>

beforeEach(() => {
  setActivePinia(createPinia())
  useJobStore().snapshot = emptyJob()
  asked.length = 0
  answer = (url) => {
    const { pathname, searchParams: about } = new URL(url, 'http://x')
    return Response.json({
      id: pathname.split('/').at(-1),
      kind: about.get('kind'),
      subject: about.get('subject'),
      note: '',
      position: Number(about.get('position')),
      widthPx: 9,
      heightPx: 9,
      pages: 0,
      version: 1,
    })
  }
  vi.stubGlobal('fetch', (url: string) => {
    asked.push(url)
    return Promise.resolve().then(() => answer(url))
  })
})
afterEach(() => vi.unstubAllGlobals())

describe('files on their way', () => {
  test('what arrives is among the photos under what it belongs to, each after the one before', async () => {
    const { waiting, take } = useUploads()
    await take([file('a.jpg', 'image/jpeg'), file('b.pdf', 'application/pdf')], PAPER)
    const { photos } = useJobStore().snapshot!
    expect(photos.map((p) => [p.kind, p.subject])).toEqual([
      ['paper', 'receipt:r'],
      ['paper', 'receipt:r'],
    ])
    expect(photos[0]!.position).toBeLessThan(photos[1]!.position)
    expect(waiting.value).toEqual([])
  })

  test.each([
    ['a PDF as a photo', file('a.pdf', 'application/pdf'), PHOTO, /not a photo/],
    ['a list as a paper', file('a.txt', 'text/plain'), PAPER, /neither a photo nor a PDF/],
    [
      'a photo that is too large',
      file('a.jpg', 'image/jpeg', 20 * 1024 * 1024 + 1),
      PHOTO,
      /picture is over 20 MB/,
    ],
    [
      'a paper that is too large',
      file('a.pdf', 'application/pdf', 20 * 1024 * 1024 + 1),
      PAPER,
      /file is over 20 MB/,
    ],
  ])('%s waits with its reason and is not sent', async (_what, given, about, why) => {
    const { waiting, take, forget } = useUploads()
    await take([given], about)
    expect(asked).toEqual([])
    expect(waiting.value.map((w) => [w.failed, why.test(w.says)])).toEqual([[true, true]])
    forget(waiting.value[0]!.id)
    expect(waiting.value).toEqual([])
  })

  test('what the server refuses waits in its words; the next is sent all the same', async () => {
    const well = answer
    let first = true
    answer = (url) => {
      if (!first) return well(url)
      first = false
      return Response.json(
        { title: 'No', detail: 'The PDF has no page. Choose another.', errors: [] },
        { status: 400 },
      )
    }
    const { waiting, take } = useUploads()
    await take([file('a.pdf', 'application/pdf'), file('b.jpg', 'image/jpeg')], PAPER)
    expect(waiting.value.map((w) => [w.file.name, w.says])).toEqual([
      ['a.pdf', 'The PDF has no page. Choose another.'],
    ])
    expect(useJobStore().snapshot!.photos).toHaveLength(1)
  })

  test('a server that does not answer loses nothing: sent again under the same id it arrives once', async () => {
    const well = answer
    answer = () => Promise.reject(new TypeError('down'))
    const { waiting, send, take } = useUploads()
    await take([file('a.jpg', 'image/jpeg')], PHOTO)
    expect(waiting.value[0]).toMatchObject({
      failed: true,
      says: expect.stringContaining('waits here') as string,
    })
    answer = well
    await send(waiting.value[0]!)
    const paths = asked.map((url) => new URL(url, 'http://x').pathname)
    expect(new Set(paths).size).toBe(1)
    expect([waiting.value.length, useJobStore().snapshot!.photos.length]).toEqual([0, 1])
  })
  test('what waits outlives its page, and goes to the job it was taken in, each once, when the server is back', async () => {
    const well = answer
    answer = () => Promise.reject(new TypeError('down'))
    const first = useJobStore().snapshot!
    await useUploads().take([file('a.jpg', 'image/jpeg'), file('b.jpg', 'image/jpeg')], PHOTO)
    expect(useUploads().waiting.value).toHaveLength(2)
    // Another job is opened meanwhile: nothing of the first waits on its pages, and nothing is added to it.
    useJobStore().snapshot = { ...emptyJob(), brief: { ...emptyJob().brief, id: 'other' } }
    expect(useUploads().waiting.value).toEqual([])
    answer = well
    asked.length = 0
    await Promise.all([useUploadStore().sendUnreached(), useUploadStore().sendUnreached()])
    const paths = asked.map((url) => new URL(url, 'http://x').pathname)
    expect(new Set(paths).size).toBe(paths.length)
    expect(paths).toHaveLength(2)
    for (const path of paths) expect(path).toContain(`/jobs/${first.brief.id}/`)
    expect(useUploadStore().waiting).toEqual([])
    expect(useJobStore().snapshot!.photos).toEqual([])
  })
})

test('what is gone for good is asked for twice, and by the same button', () => {
  const act = vi.fn()
  const { armed, press } = useConfirm(act)
  press('a')
  expect([armed.value, act.mock.calls.length]).toEqual(['a', 0])
  press('b')
  expect([armed.value, act.mock.calls.length]).toEqual(['b', 0])
  press('b')
  expect([armed.value, act.mock.calls]).toEqual(['', [['b']]])
})
