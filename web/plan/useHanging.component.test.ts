import { enableAutoUnmount, flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { computed, defineComponent, h } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import { exampleJob } from '@bonitas/core/examples/plan/example'
import { onBench, type Bench } from '../testing/bench.js'
import { useHanging } from './useHanging.js'

const hung = (id: string, xMm: number) =>
  ({
    id,
    name: id,
    kind: 'picture',
    widthMm: 400,
    depthMm: 30,
    heightMm: 300,
    hang: { xMm, centerMm: 1500 },
  }) as const

let bench: Bench
let hanging: ReturnType<typeof useHanging>
let gone: () => void
beforeEach(async () => {
  bench = await onBench(exampleJob({ pieces: [hung('one', 1000), hung('two', 3000)] }))
  bench.store.stage = 'plan'
  await bench.store.needPlan()
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:any(.*)*', component: { template: '<i />' } }],
  })
  await router.push('/jobs/j/plan/walls')
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  const page = defineComponent(() => {
    const facts = computed(() => bench.store.plan?.facts)
    hanging = useHanging(
      facts,
      computed(() => facts.value?.wallPlacements ?? []),
    )
    return () => h('i')
  })
  const at = mount(page, { global: { plugins: [router] }, attachTo: document.body })
  gone = () => at.unmount()
})
enableAutoUnmount(afterEach)
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const place = (id: string) => {
  const row = bench.store.snapshot!.wallPlacements.find((w) => w.id === `${id} hang`)
  return row && [row.xMm, row.centerMm]
}
function press(key: string, more: KeyboardEventInit = {}): void {
  const event = new KeyboardEvent('keydown', { key, ...more })
  Object.defineProperty(event, 'target', { value: document.body })
  hanging.key(event)
}
/** No key comes for a moment. */
async function moment(): Promise<void> {
  vi.runAllTimers()
  await flushPromises()
}

describe('what hangs, moved by keys', () => {
  test('arrows move by ten, with Shift by a hundred, up is up; many are one step to undo', async () => {
    hanging.choose('one hang', false)
    press('ArrowRight')
    press('ArrowRight', { shiftKey: true })
    press('ArrowUp')
    expect(place('one')).toEqual([1000, 1500])
    await moment()
    expect(place('one')).toEqual([1110, 1510])
    bench.store.undo()
    expect(place('one')).toEqual([1000, 1500])
  })

  test('taking another in hand before the moment is over loses neither move', async () => {
    hanging.choose('one hang', false)
    press('ArrowRight')
    hanging.choose('two hang', false)
    press('ArrowLeft')
    await moment()
    expect([place('one'), place('two')]).toEqual([
      [1010, 1500],
      [2990, 1500],
    ])
  })

  test('to the eye line in the midst of a move keeps the move, and is not overwritten by it', async () => {
    hanging.choose('one hang', false)
    press('ArrowRight')
    press('e')
    await moment()
    expect(place('one')).toEqual([1010, bench.store.plan!.facts!.eyeLineMm])
  })

  test('a page that is left in the midst of a move keeps it; Esc drops it', () => {
    hanging.choose('one hang', false)
    press('ArrowRight')
    press('Escape')
    gone()
    expect(place('one')).toEqual([1000, 1500])
  })

  test('left without Esc it is kept', () => {
    hanging.choose('one hang', false)
    press('ArrowDown')
    gone()
    expect(place('one')).toEqual([1000, 1490])
  })

  test('what is taken down in the midst of a move is gone, and comes back with undo where it hung', async () => {
    hanging.choose('one hang', false)
    press('ArrowRight')
    press('Delete')
    await moment()
    expect(place('one')).toBeUndefined()
    bench.store.undo()
    expect(place('one')).toEqual([1000, 1500])
  })

  test('without anything in hand no key does anything', async () => {
    for (const key of ['ArrowRight', 'e', 'c', 'Delete']) press(key)
    await moment()
    expect(bench.sent).toEqual([])
  })
})
