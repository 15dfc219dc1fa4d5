import { computed, onBeforeUnmount, onMounted, ref, watch, type Ref } from 'vue'
import { afterPaint } from './afterPaint.js'

/**
 * The rows of a long list that are in sight, so that a thousand items cost what thirty do.
 * @param root an element inside the scrolling bench
 */
export function useWindowed<T>(list: Ref<readonly T[]>, rowPx: number, root: Ref<HTMLElement | undefined>) {
  const top = ref(0)
  // What a bench shows on a usual screen, until its own height is known; that comes with the first layout.
  const height = ref(560)
  /** Rows beyond the edges, for scrolling; the first draw does without. */
  const over = ref(0)
  let bench: HTMLElement | null = null
  const look = () => {
    if (!bench) return
    top.value = bench.scrollTop
    height.value = bench.clientHeight
  }
  let watching: ResizeObserver | undefined
  onMounted(() => {
    bench = root.value?.closest<HTMLElement>('.bench') ?? null
    bench?.addEventListener('scroll', look, { passive: true })
    watching = new ResizeObserver(look)
    if (bench) watching.observe(bench)
  })
  const widen = afterPaint(() => (over.value = 6))
  widen()
  // A list that was short and is long again has rows to make: those in sight first.
  watch(list, (now, then) => {
    if (now.length <= then.length || then.length * rowPx > height.value) return
    over.value = 0
    widen()
  })
  onBeforeUnmount(() => {
    bench?.removeEventListener('scroll', look)
    watching?.disconnect()
  })
  const first = computed(() =>
    Math.max(0, Math.min(list.value.length, Math.floor(top.value / rowPx)) - over.value),
  )
  const last = computed(() =>
    Math.min(list.value.length, first.value + Math.ceil(height.value / rowPx) + 2 * over.value),
  )
  return {
    shown: computed(() => list.value.slice(first.value, last.value)),
    before: computed(() => first.value * rowPx),
    after: computed(() => (list.value.length - last.value) * rowPx),
    /** Brings a row into sight. */
    reveal: (index: number) => {
      if (!bench || index < 0) return
      const rows = root.value?.querySelector('tbody')?.getBoundingClientRect()
      const head = rows ? rows.top - bench.getBoundingClientRect().top + bench.scrollTop : 0
      const [from, to] = [index * rowPx, (index + 1) * rowPx + head]
      if (from < bench.scrollTop) bench.scrollTop = from
      else if (to > bench.scrollTop + bench.clientHeight) bench.scrollTop = to - bench.clientHeight
    },
  }
}
