import { computed, onBeforeUnmount, onMounted, shallowRef, toRaw, watch, type Ref } from 'vue'
import type { JudgedFinding } from '@bonitas/core/findings/finding'
import { liveCheck } from '@bonitas/core/stages/plan/liveCheck'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { boxOf } from '@bonitas/core/kernel/geometry/box'
import { snap, type Guide } from '@bonitas/core/stages/plan/snap'
import type { Standing } from '@bonitas/core/stages/plan/standing'
import { useJobStore } from '../job/jobStore.js'
import { SETTLE_MS } from './arrows.js'
import type { FindingsAnswer, FindingsAsk } from './findings.worker.js'

export interface Place {
  readonly xMm: number
  readonly yMm: number
  readonly turnDeg: number
}

/**
 * Asks a worker what the rule book says of a piece where it is being moved to.
 *
 * @param told is given what it says, as long as the piece is still being moved
 */
function useFindingsAsked(
  live: Readonly<Ref<(Place & { readonly id: string }) | undefined>>,
  told: Ref<readonly JudgedFinding[] | undefined>,
) {
  const store = useJobStore()
  let worker: Worker | undefined
  let nth = 0
  let busy = false
  let again = false
  onMounted(() => {
    worker = new Worker(new URL('./findings.worker.ts', import.meta.url), { type: 'module' })
    worker.addEventListener('message', ({ data }: MessageEvent<FindingsAnswer>) => {
      busy = false
      if (again) ask()
      // Shown with the next frame, so that the page is laid out once for it and not twice.
      requestAnimationFrame(() => {
        if (live.value && data.nth <= nth) told.value = data.findings
      })
    })
    give()
  })
  onBeforeUnmount(() => worker?.terminate())
  function give(): void {
    const job = store.snapshot
    if (job)
      worker?.postMessage({ job: JSON.parse(JSON.stringify(toRaw(job))) as typeof job } satisfies FindingsAsk)
  }
  watch(
    () => store.snapshot,
    () => setTimeout(give, 80),
  )

  /** One question at a time: what is asked while the worker thinks is asked once more at its latest. */
  function ask(): void {
    again = false
    const now = live.value
    const row = now && store.snapshot?.floorPlacements.find((s) => s.id === now.id)
    if (!now || !row || !worker) return
    if (busy) {
      again = true
      return
    }
    busy = true
    const { id: _id, ...place } = now
    worker.postMessage({ moved: { ...toRaw(row), ...place }, nth: ++nth } satisfies FindingsAsk)
  }
  return { ask }
}

/**
 * Moving one piece: where it is now, what it meets, and what the rule book says of it. The row is written when it is
 * let go; until then only the moved piece is drawn anew, and the rules run in a worker.
 */
export function useMoving(facts: Ref<PlanFacts | undefined>) {
  const store = useJobStore()
  const live = shallowRef<Place & { readonly id: string }>()
  const guides = shallowRef<readonly Guide[]>([])
  const told = shallowRef<readonly JudgedFinding[]>()
  let settle: ReturnType<typeof setTimeout> | undefined
  const { ask } = useFindingsAsked(live, told)
  const letGo = store.beforeUndo(() => keep())
  onBeforeUnmount(() => {
    keep()
    letGo()
  })

  const standingAt = (s: Standing, p: Place): Standing => ({
    ...s,
    turnDeg: p.turnDeg,
    box: boxOf(p.xMm, p.yMm, s.widthMm, s.depthMm, p.turnDeg),
  })
  const of = (id: string | undefined) => facts.value?.standings.find((s) => s.id === id)
  const moved = computed(() => {
    const now = live.value
    const s = now && of(now.id)
    return now && s ? standingAt(s, now) : undefined
  })

  /** Moves a piece to a place, laid on what it comes near to unless it is held free. */
  function moveTo(id: string, x: number, y: number, turnDeg: number, freely: boolean): void {
    const [now, s] = [facts.value, of(id)]
    if (!now || !s) return
    const box = boxOf(Math.round(x), Math.round(y), s.widthMm, s.depthMm, turnDeg)
    const to = freely
      ? { x: box.x, y: box.y, guides: [] }
      : snap(
          box,
          now.room,
          now.standings.filter((o) => o.id !== id && o.kind !== 'rug'),
        )
    live.value = { id, xMm: to.x, yMm: to.y, turnDeg }
    guides.value = to.guides
    ask()
  }

  /** Moves or turns a piece by a step, kept after a moment without another. */
  function step(id: string, dx: number, dy: number, turn = 0): void {
    const s = of(id)
    if (!s) return
    if (live.value && live.value.id !== id) keep()
    const from = live.value ?? { xMm: s.box.x, yMm: s.box.y, turnDeg: s.turnDeg }
    live.value = {
      id,
      xMm: from.xMm + dx,
      yMm: from.yMm + dy,
      turnDeg: (((from.turnDeg + turn) % 360) + 360) % 360,
    }
    guides.value = []
    ask()
    clearTimeout(settle)
    settle = setTimeout(keep, SETTLE_MS)
  }

  /** Writes the place that was reached; undone as one step. */
  function keep(): void {
    clearTimeout(settle)
    const now = live.value
    live.value = undefined
    guides.value = []
    told.value = undefined
    if (!now) return
    const { id, ...place } = now
    store.change('floorPlacements', id, { ...place, xMm: Math.round(place.xMm), yMm: Math.round(place.yMm) })
  }
  function drop(): void {
    clearTimeout(settle)
    live.value = undefined
    guides.value = []
    told.value = undefined
  }

  const check = (s: Standing | undefined) => (s && facts.value ? liveCheck(facts.value, s) : undefined)
  return { live, guides, moved, told, moveTo, step, keep, drop, check, of }
}
