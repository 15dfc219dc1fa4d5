import { enableAutoUnmount, flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { emptyJob, pieceWith } from '@bonitas/core/examples/emptyJob'
import { onBench, type Bench } from '../testing/bench.js'
import StageNav from './StageNav.vue'

const settee = pieceWith({ id: 'p', name: 'Settee', kind: 'sofa', widthMm: 1980 })
const STAGES = [
  { number: 1, path: 'brief', name: 'Brief', line: '2 uses' },
  { number: 2, path: 'measure', name: 'Measure', line: 'needs the room' },
]
let bench: Bench
beforeEach(async () => {
  bench = await onBench(emptyJob({ pieces: [settee] }))
})
enableAutoUnmount(afterEach)
afterEach(() => vi.unstubAllGlobals())

async function nav(path = '/jobs/j/brief/pieces') {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:any(.*)*', component: { template: '<i />' } }],
  })
  await router.push(path)
  return mount(StageNav, {
    props: { jobId: 'j', stages: STAGES },
    global: { plugins: [router] },
    attachTo: document.body,
  })
}
type At = Awaited<ReturnType<typeof nav>>
const button = (at: At, name: string) => at.findAll('button').find((b) => b.text() === name)!
const states = (at: At) =>
  at
    .findAll('[role=status]')
    .map((s) => s.text())
    .join(' ')

describe('the stages, undo and what is saved', () => {
  test('a stage stays marked on its further pages', async () => {
    const at = await nav()
    const links = at.findAll('nav > a')
    expect(links.map((a) => a.attributes('aria-current'))).toEqual(['page', undefined])
    expect(links.map((a) => a.attributes('href'))).toEqual(['/jobs/j/brief', '/jobs/j/measure'])
  })

  test('undo is named by what it takes back, says what it did, and can be done again', async () => {
    const at = await nav()
    expect(button(at, 'Undo').attributes('disabled')).toBeDefined()
    bench.store.change('pieces', 'p', { widthMm: 2100 })
    await flushPromises()
    expect(button(at, 'Undo').attributes('title')).toMatch(/^Undo: .*Settee/)
    await button(at, 'Undo').trigger('click')
    expect(bench.store.snapshot!.pieces[0]!.widthMm).toBe(1980)
    expect(states(at)).toMatch(/Undone: .*Settee/)
    expect(button(at, 'Undo').attributes('disabled')).toBeDefined()
    await button(at, 'Redo').trigger('click')
    expect(bench.store.snapshot!.pieces[0]!.widthMm).toBe(2100)
    expect(states(at)).toMatch(/Done again: /)
  })

  test('undo acts on what was done on the stage in sight, and on nothing else', async () => {
    const at = await nav()
    bench.store.change('pieces', 'p', { widthMm: 2100 })
    bench.store.stage = 'palette'
    await flushPromises()
    expect(button(at, 'Undo').attributes('disabled')).toBeDefined()
    bench.store.undo()
    expect(bench.store.snapshot!.pieces[0]!.widthMm).toBe(2100)
  })

  test('what is on its way is being saved, and saved once the server has it', async () => {
    let answer: (() => void) | undefined
    const real = fetch
    vi.stubGlobal('fetch', async (path: string, wish?: RequestInit) => {
      await new Promise<void>((done) => (answer = done))
      return real(path, wish)
    })
    const at = await nav()
    expect(states(at)).toContain('Saved')
    bench.store.change('pieces', 'p', { widthMm: 2100 })
    await flushPromises()
    expect(states(at)).toContain('Saving …')
    await vi.waitFor(() => expect(answer).toBeDefined())
    answer!()
    await vi.waitFor(() => expect(states(at)).toContain('Saved'))
  })

  test('the keys are asked for', async () => {
    const at = await nav()
    await button(at, 'Keys').trigger('click')
    expect(at.emitted('keys')).toHaveLength(1)
  })
})
