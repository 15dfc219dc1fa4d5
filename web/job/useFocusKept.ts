import { onUpdated, ref } from 'vue'

/**
 * A list whose lines go away when they are dealt with: who worked by keyboard goes on at the line that took the place, and
 * not at the top of the page.
 *
 * @param lines what finds the lines within the list
 */
export function useFocusKept(lines: string) {
  const list = ref<HTMLElement>()
  let at: number | undefined
  const all = () => [...(list.value?.querySelectorAll<HTMLElement>(lines) ?? [])]

  /** Which line has the focus now. */
  function entered(event: FocusEvent): void {
    const found = all().findIndex((line) => line.contains(event.target as Node))
    at = found < 0 ? undefined : found
  }
  /** What goes away has nowhere the focus went to; whoever goes elsewhere is let go. */
  function left(event: FocusEvent): void {
    if (event.relatedTarget) at = undefined
  }
  onUpdated(() => {
    if (at === undefined || document.activeElement !== document.body) return
    const left = all()
    const line = left[Math.min(at, left.length - 1)]
    const next = line?.querySelector<HTMLElement>('button, a[href], input') ?? list.value
    next?.focus({ preventScroll: true })
  })
  return { list, entered, left }
}
