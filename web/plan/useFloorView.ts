import { computed, type ComputedRef } from 'vue'
import type { PlanRoom } from '@bonitas/core/stages/plan/planRoom'

/** Room for rulers and dimensions around the plan, mm. */
const MARGIN = { left: 430, top: 400, right: 190, bottom: 190 }
/** The drawing at its usual size on screen. */
const PLAN_PX = { w: 650, h: 470 }

/** What of the floor is drawn, and the millimeters a pixel of the screen stands for, so that lines and lettering keep their size. */
export function useFloorView(room: ComputedRef<PlanRoom | undefined>) {
  const view = computed(() => {
    const r = room.value
    if (!r) return undefined
    const w = r.high.x - r.low.x + MARGIN.left + MARGIN.right
    const h = r.high.y - r.low.y + MARGIN.top + MARGIN.bottom
    return { x: r.low.x - MARGIN.left, y: r.low.y - MARGIN.top, w, h }
  })
  const px = computed(() => (view.value ? Math.max(view.value.w / PLAN_PX.w, view.value.h / PLAN_PX.h) : 10))
  return { view, px }
}
