import { computed, onBeforeUnmount, ref, shallowRef, type ComputedRef } from 'vue'
import { put } from '@bonitas/core/model/changes'
import type { Hung, PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { useInAddress } from '../job/useInAddress.js'
import { useJobStore } from '../job/jobStore.js'
import { arrowStep, SETTLE_MS } from './arrows.js'
import { layGroup, type Layout } from './hangGroups.js'
import { saysNow } from '../form/useLocale.js'

/** Where a hung thing is being moved to; kept when it is let go, or when something else is begun. */
function useHungMoves() {
  const store = useJobStore()
  const live = shallowRef<{ id: string; xMm: number; centerMm: number }>()
  let settling: ReturnType<typeof setTimeout> | undefined

  /** Keeps the place that was reached; one step to undo. */
  function settle(): void {
    clearTimeout(settling)
    const now = live.value
    live.value = undefined
    if (now) store.change('wallPlacements', now.id, { xMm: now.xMm, centerMm: now.centerMm })
  }
  function moveTo(id: string, xMm: number, centerMm: number): void {
    if (live.value && live.value.id !== id) settle()
    live.value = { id, xMm, centerMm }
  }
  function nudge(h: Hung, dx: number, dy: number): void {
    const from = live.value?.id === h.id ? live.value : { xMm: h.xMm, centerMm: h.centerMm }
    moveTo(h.id, from.xMm + dx, from.centerMm + dy)
    clearTimeout(settling)
    settling = setTimeout(settle, SETTLE_MS)
  }
  function drop(): void {
    clearTimeout(settling)
    live.value = undefined
  }
  const letGo = store.beforeUndo(settle)
  onBeforeUnmount(() => {
    settle()
    letGo()
  })
  return { live, settle, moveTo, nudge, drop }
}

/** What hangs on a wall, in hand: chosen alone or with others, moved, laid out in a group, by pointer and by keys. */
export function useHanging(facts: ComputedRef<PlanFacts | undefined>, onWall: ComputedRef<readonly Hung[]>) {
  const store = useJobStore()
  const chosen = useInAddress('hang')
  const also = ref<ReadonlySet<string>>(new Set())
  const { live, settle, moveTo, nudge, drop } = useHungMoves()
  const hung = computed(() => onWall.value.find((h) => h.id === chosen.value))

  function choose(id: string, more: boolean): void {
    settle()
    also.value = more && chosen.value ? new Set([...also.value, chosen.value, id]) : new Set()
    chosen.value = id
  }
  function letGo(): void {
    chosen.value = undefined
    also.value = new Set()
  }
  /** The group a layout is for: those chosen together, those of one name of group, or all pictures of the wall. */
  const group = computed(() => {
    if (also.value.size > 1) return onWall.value.filter((h) => also.value.has(h.id))
    const name = hung.value?.row.group
    const list = name ? onWall.value.filter((h) => h.row.group === name) : onWall.value
    return list.filter((h) => h.piece.kind === 'picture' || h.piece.kind === 'mirror')
  })
  function layOut(layout: Layout, gapMm: number): void {
    settle()
    if (facts.value) store.apply(layGroup(facts.value, group.value, layout, gapMm))
  }
  /** Over the middle of the furniture below, or of the wall; its height stays. */
  function center(f: PlanFacts, h: Hung): void {
    store.apply(
      layGroup(f, [h], 'row on the eye line', 0).flatMap((c) =>
        'set' in c && 'xMm' in c.set ? [put('wallPlacements', c.id, { xMm: c.set.xMm ?? 0 })] : [],
      ),
    )
  }
  function takeDown(h: Hung): void {
    drop()
    store.remove('wallPlacements', h.id)
    chosen.value = undefined
  }

  /** A key meant for what hangs. */
  function key(event: KeyboardEvent): void {
    const focused = (event.target as Element).closest<SVGGElement>('[data-hang]')?.dataset.hang
    if (focused && focused !== chosen.value) choose(focused, false)
    const [f, h] = [facts.value, hung.value]
    if (!f || !h) return
    const step = arrowStep(event, saysNow().system)
    if (step) {
      event.preventDefault()
      nudge(h, step.dx, -step.dy)
      return
    }
    switch (event.key.toLowerCase()) {
      case 'e':
        settle()
        store.change('wallPlacements', h.id, { centerMm: f.eyeLineMm })
        break
      case 'c':
        settle()
        center(f, h)
        break
      case 'delete':
      case 'backspace':
        event.preventDefault()
        takeDown(h)
        break
      case 'escape':
        drop()
        letGo()
    }
  }

  return { chosen, live, hung, group, choose, letGo, moveTo, settle, layOut, key }
}
