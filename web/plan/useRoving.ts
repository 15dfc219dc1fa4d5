import { computed, ref, type ComputedRef, type Ref } from 'vue'
import type { Standing } from '@bonitas/core/stages/plan/standing'

interface Placed {
  readonly id: string
  readonly box: { readonly x: number; readonly y: number }
}

/** Pieces in the order they are drawn: rugs lie under everything, what hangs high comes last. */
export const drawingOrder = (standings: readonly Standing[]): Standing[] =>
  [...standings].sort(
    (a, b) =>
      Number(b.kind === 'rug') - Number(a.kind === 'rug') ||
      a.raisedMm - b.raisedMm ||
      (a.kind === 'rug' ? b.widthMm * b.depthMm - a.widthMm * a.depthMm : 0),
  )

/** Pieces in the order they are read: from the upper edge of the drawing down, in a row from the left. */
export const readingOrder = <P extends Placed>(pieces: readonly P[]): P[] =>
  [...pieces].sort((a, b) => a.box.y - b.box.y || a.box.x - b.box.x)

/**
 * One stop of Tab for all pieces of a drawing: the one that had the focus last, else the one in hand, else the first.
 * Keys go on to the piece before or after it.
 *
 * @param root what the pieces stand in; each has its id as `data-stand`, or as `data-hang` what hangs
 */
export function useRoving(
  root: Ref<Element | undefined>,
  pieces: ComputedRef<readonly Placed[]>,
  inHand: Readonly<Ref<string | undefined>>,
  as: 'stand' | 'hang' = 'stand',
) {
  const had = ref<string>()
  const there = (id: string | undefined) => pieces.value.find((p) => p.id === id)?.id
  const stop = computed(() => there(had.value) ?? there(inHand.value) ?? readingOrder(pieces.value)[0]?.id)
  function focused(event: FocusEvent): void {
    had.value = (event.target as Element).closest<SVGGElement>(`[data-${as}]`)?.dataset[as] ?? had.value
  }
  /** Gives the focus to the next piece, or the one before; round and round. */
  function step(by: 1 | -1): void {
    const order = readingOrder(pieces.value)
    const at = order.findIndex((p) => p.id === stop.value)
    const next = order[(at + by + order.length) % order.length]
    root.value?.querySelector<SVGGElement>(`[data-${as}="${next?.id ?? ''}"]`)?.focus()
  }
  return { stop, focused, step }
}

/** One stop of Tab for all that hangs on a wall, read from the top and the left. */
export const useHangRoving = (
  root: Ref<Element | undefined>,
  hung: ComputedRef<readonly { readonly id: string; readonly xMm: number; readonly topMm: number }[]>,
  chosen: () => string | undefined,
) =>
  useRoving(
    root,
    computed(() => hung.value.map(({ id, xMm, topMm }) => ({ id, box: { x: xMm, y: -topMm } }))),
    computed(chosen),
    'hang',
  )
