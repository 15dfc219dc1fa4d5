import { computed, createRenderer, nextTick, ref, type Ref } from 'vue'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { useWindowed } from './useWindowed.js'

/** A bench of a height, that can be scrolled. */
class Bench extends EventTarget {
  scrollTop = 0
  clientHeight = 300
  getBoundingClientRect = () => ({ top: 100 })
  scrollTo(top: number): void {
    this.scrollTop = top
    this.dispatchEvent(new Event('scroll'))
  }
}
const frames: (() => void)[] = []
const measured: (() => void)[] = []
const drawn = async () => {
  frames.splice(0).forEach((f) => f())
  vi.advanceTimersByTime(0)
  await nextTick()
}

beforeEach(() => {
  vi.useFakeTimers()
  frames.length = measured.length = 0
  vi.stubGlobal('requestAnimationFrame', (then: () => void) => frames.push(then))
  vi.stubGlobal(
    'ResizeObserver',
    class {
      constructor(then: () => void) {
        measured.push(then)
      }
      observe = () => undefined
      disconnect = () => undefined
    },
  )
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

/** The composable in a component that is mounted on nothing. */
function windowed(list: Ref<readonly number[]>, rowPx: number) {
  const bench = new Bench()
  // Sixty pixels of heads stand above the rows.
  const rows = { getBoundingClientRect: () => ({ top: 160 - bench.scrollTop }) }
  const root = ref({ closest: () => bench, querySelector: () => rows } as unknown as HTMLElement)
  let found!: ReturnType<typeof useWindowed<number>>
  const nothing = () => undefined
  const { createApp } = createRenderer<object, object>({
    insert: nothing,
    remove: nothing,
    patchProp: nothing,
    setText: nothing,
    setElementText: nothing,
    createElement: () => ({}),
    createText: () => ({}),
    createComment: () => ({}),
    parentNode: () => null,
    nextSibling: () => null,
  })
  const app = createApp({
    setup() {
      found = useWindowed(list, rowPx, root)
      return () => null
    },
  })
  app.mount({})
  return { bench, app, ...found }
}
const rows = (count: number) => Array.from({ length: count }, (_, n) => n)

describe('a long list', () => {
  test('first what a usual screen shows; once the bench is known and drawn, what is in sight and six beyond', async () => {
    const { shown, before, after } = windowed(ref(rows(1_000)), 30)
    expect(shown.value).toEqual(rows(19))
    measured.forEach((m) => m())
    expect(shown.value).toEqual(rows(10))
    await drawn()
    expect(shown.value).toEqual(rows(22))
    expect([before.value, after.value]).toEqual([0, (1_000 - 22) * 30])
  })
  test('scrolled, the rows in sight with six before and six after; the heights add up', async () => {
    const { bench, shown, before, after } = windowed(ref(rows(1_000)), 30)
    measured.forEach((m) => m())
    await drawn()
    for (const top of [0, 29, 30, 3_000, 14_995, 29_700]) {
      bench.scrollTo(top)
      const first = Math.floor(top / 30)
      for (let n = first; n < Math.min(1_000, first + 10); n++) expect(shown.value).toContain(n)
      expect(before.value + shown.value.length * 30 + after.value).toBe(30_000)
      expect(shown.value.length).toBeLessThanOrEqual(22)
    }
  })
  test('a row is brought into sight from above and from below, and left where it is when it is there', () => {
    const { bench, reveal } = windowed(ref(rows(1_000)), 30)
    reveal(50)
    expect(bench.scrollTop).toBe(51 * 30 + 60 - 300)
    reveal(49)
    expect(bench.scrollTop).toBe(51 * 30 + 60 - 300)
    reveal(2)
    expect(bench.scrollTop).toBe(60)
    reveal(-1)
    expect(bench.scrollTop).toBe(60)
  })
  test('one that was short and is long again makes the rows in sight first', async () => {
    const search = ref('')
    const all = rows(1_000)
    const list = computed(() => all.filter((n) => String(n).includes(search.value)))
    const { shown } = windowed(list, 30)
    measured.forEach((m) => m())
    await drawn()
    search.value = '777'
    await nextTick()
    expect(shown.value).toEqual([777])
    search.value = ''
    await nextTick()
    expect(shown.value).toHaveLength(10)
    await drawn()
    expect(shown.value).toHaveLength(22)
  })
  test('gone from the page it no longer listens', () => {
    const { app, bench, shown } = windowed(ref(rows(1_000)), 30)
    app.unmount()
    bench.scrollTo(3_000)
    expect(shown.value[0]).toBe(0)
  })
})
