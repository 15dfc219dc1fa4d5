import { enableAutoUnmount, flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, test, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { emptyJob, pieceWith } from '@bonitas/core/examples/emptyJob'
import { onBench } from '../testing/bench.js'
import JobNotices from './JobNotices.vue'

const settee = pieceWith({ id: 'p', name: 'Settee', kind: 'sofa', widthMm: 1980 })
enableAutoUnmount(afterEach)
afterEach(() => vi.unstubAllGlobals())

async function notices(asksHere = false) {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:any(.*)*', component: { template: '<i />' } }],
  })
  await router.push('/jobs/j/brief')
  return mount(JobNotices, {
    props: { jobId: 'j', asksHere },
    global: { plugins: [router] },
    attachTo: document.body,
  })
}
const problem = (status: number, title: string, more: object = {}) =>
  Response.json(
    { title, status, detail: `${title}.`, ...more },
    { status, headers: { 'Content-Type': 'application/problem+json' } },
  )

describe('what waits and what was refused is said', () => {
  test('nothing is said while all is well', async () => {
    await onBench(emptyJob({ pieces: [settee] }))
    expect((await notices()).text()).toBe('')
  })

  test('a server that is gone: how many changes wait, and that they are kept; sent when it is back', async () => {
    const { store, sent } = await onBench(emptyJob({ pieces: [settee] }))
    const real = fetch
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('gone')))
    store.change('pieces', 'p', { widthMm: 2100 })
    store.change('pieces', 'p', { heightMm: 815 })
    await vi.waitFor(() => expect(store.gone).toBe(true))
    const at = await notices()
    expect(at.get('[role=alert]').text()).toMatch(/The server is gone\. 2 changes\s+wait in this browser/)
    vi.stubGlobal('fetch', real)
    await at.get('button').trigger('click')
    await vi.waitFor(() => expect(sent).toHaveLength(2))
    await flushPromises()
    expect(at.text()).toBe('')
  })

  test('a refusal says why, leaves what stood before, and can be closed', async () => {
    const { store } = await onBench(emptyJob({ pieces: [settee] }), () =>
      problem(422, 'Refused', { errors: [{ field: 'widthMm', text: 'Width is too much for any room.' }] }),
    )
    store.change('pieces', 'p', { widthMm: 2100 })
    await vi.waitFor(() => expect(store.refusal).not.toBe(''))
    const at = await notices()
    expect(at.text()).toContain('Width is too much for any room.')
    expect(store.snapshot!.pieces[0]!.widthMm).toBe(1980)
    await at.get('button').trigger('click')
    expect(at.text()).toBe('')
  })

  test('a clash is named where it is not asked, and not where the question stands', async () => {
    const theirs = { ...settee, widthMm: 1700, version: 2 }
    const { store } = await onBench(emptyJob({ pieces: [settee] }), () =>
      problem(412, 'Changed meanwhile', {
        current: [{ collection: 'pieces', id: 'p', fields: ['widthMm'], now: theirs }],
      }),
    )
    store.change('pieces', 'p', { widthMm: 2100 })
    await vi.waitFor(() => expect(store.conflict).toBeDefined())
    const at = await notices()
    expect(at.text()).toMatch(/met another’s.*Settee.*waits until you choose/s)
    expect(at.get('a').attributes('href')).toBe('/jobs/j/brief')
    await at.setProps({ asksHere: true })
    expect(at.text()).toBe('')
  })

  test('an ended session says that nothing is lost, and leads to sign-in and back', async () => {
    const { store } = await onBench(emptyJob({ pieces: [settee] }), () => problem(401, 'Not signed in'))
    store.change('pieces', 'p', { widthMm: 2100 })
    await vi.waitFor(() => expect(store.signedOut).toBe(true))
    const at = await notices()
    expect(at.text()).toContain('What you changed is kept here.')
    expect(at.get('a').attributes('href')).toBe('/sign-in?to=/jobs/j/brief')
  })
})
