import { computed, type ComputedRef } from 'vue'
import type { PlanRoom } from '@bonitas/core/stages/plan/planRoom'
import { useDrawingView } from './useDrawingView.js'

/** Room for rulers and dimensions around the plan, mm. */
const MARGIN = { left: 430, top: 400, right: 190, bottom: 190 }

/** The part of the floor that is drawn. */
export function useFloorView(room: ComputedRef<PlanRoom | undefined>) {
  const whole = computed(() => {
    const r = room.value
    if (!r) return undefined
    const w = r.high.x - r.low.x + MARGIN.left + MARGIN.right
    const h = r.high.y - r.low.y + MARGIN.top + MARGIN.bottom
    return { x: r.low.x - MARGIN.left, y: r.low.y - MARGIN.top, w, h }
  })
  return useDrawingView(whole, { w: 650, h: 470 }, '[data-stand], button')
}
