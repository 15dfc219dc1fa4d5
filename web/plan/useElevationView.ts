import { computed, watch, type ComputedRef } from 'vue'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { useDrawingView } from './useDrawingView.js'

/** Room for the height at the left, nails and their distances above, the length below, mm. */
const MARGIN = { left: 420, top: 400, right: 140, bottom: 320 }

/** The part of a wall that is drawn; another wall is seen whole first. */
export function useElevationView(
  facts: ComputedRef<PlanFacts | undefined>,
  wall: ComputedRef<{ readonly id: string; readonly lengthMm: number } | undefined>,
) {
  const whole = computed(() => {
    const high = facts.value?.room.heightMm ?? 2_500
    return (
      wall.value && {
        x: -MARGIN.left,
        y: -high - MARGIN.top,
        w: wall.value.lengthMm + MARGIN.left + MARGIN.right,
        h: high + MARGIN.top + MARGIN.bottom,
      }
    )
  })
  const drawing = useDrawingView(whole, { w: 690, h: 400 }, '[data-hang], button')
  watch(
    () => wall.value?.id,
    () => drawing.zoom.all(),
  )
  return drawing
}
