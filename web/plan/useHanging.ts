import { computed, ref, shallowRef, type ComputedRef } from 'vue'
import { put } from '@bonitas/core/model/changes'
import type { Hung, PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { useInAddress } from '../job/useInAddress.js'
import { useJobStore } from '../job/jobStore.js'
import { layGroup, type Layout } from './hangGroups.js'

/** What is moved by keys is kept when no key has come for so long: one step to undo, and not twenty. */
const SETTLE_MS = 450

const STEP: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}

/** What hangs on a wall, in hand: chosen alone or with others, moved, laid out in a group, by pointer and by keys. */
export function useHanging(facts: ComputedRef<PlanFacts | undefined>, onWall: ComputedRef<readonly Hung[]>) {
  const store = useJobStore()
  const chosen = useInAddress('hang')
  const also = ref<ReadonlySet<string>>(new Set())
  const live = shallowRef<{ id: string; xMm: number; centerMm: number }>()
  const hung = computed(() => onWall.value.find((h) => h.id === chosen.value))

  function choose(id: string, more: boolean): void {
    also.value = more && chosen.value ? new Set([...also.value, chosen.value, id]) : new Set()
    chosen.value = id
  }
  function letGo(): void {
    live.value = undefined
    chosen.value = undefined
    also.value = new Set()
  }
  function settle(): void {
    const now = live.value
    live.value = undefined
    if (now) store.change('wallPlacements', now.id, { xMm: now.xMm, centerMm: now.centerMm })
  }
  let settling: ReturnType<typeof setTimeout> | undefined
  function nudge(h: Hung, dx: number, dy: number): void {
    const from = live.value?.id === h.id ? live.value : { xMm: h.xMm, centerMm: h.centerMm }
    live.value = { id: h.id, xMm: from.xMm + dx, centerMm: from.centerMm + dy }
    clearTimeout(settling)
    settling = setTimeout(settle, SETTLE_MS)
  }

  /** The group a layout is for: those chosen together, those of one name of group, or all pictures of the wall. */
  const group = computed(() => {
    if (also.value.size > 1) return onWall.value.filter((h) => also.value.has(h.id))
    const name = hung.value?.row.group
    const list = name ? onWall.value.filter((h) => h.row.group === name) : onWall.value
    return list.filter((h) => h.piece.kind === 'picture' || h.piece.kind === 'mirror')
  })
  function layOut(layout: Layout, gapMm: number): void {
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

  /** A key meant for what hangs. */
  function key(event: KeyboardEvent): void {
    const focused = (event.target as Element).closest<SVGGElement>('[data-hang]')?.dataset.hang
    if (focused && focused !== chosen.value) choose(focused, false)
    const [f, h] = [facts.value, hung.value]
    if (!f || !h) return
    const arrow = STEP[event.key]
    const by = event.shiftKey ? 100 : 10
    if (arrow) {
      event.preventDefault()
      nudge(h, arrow[0] * by, arrow[1] * by)
      return
    }
    switch (event.key.toLowerCase()) {
      case 'e':
        store.change('wallPlacements', h.id, { centerMm: f.eyeLineMm })
        break
      case 'c':
        center(f, h)
        break
      case 'delete':
      case 'backspace':
        event.preventDefault()
        store.remove('wallPlacements', h.id)
        chosen.value = undefined
        break
      case 'escape':
        letGo()
    }
  }

  return { chosen, live, hung, group, choose, letGo, settle, layOut, key }
}
