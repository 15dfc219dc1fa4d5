import type { Ref } from 'vue'
import type { useMoving } from './useMoving.js'

/** A pointer that moves less than this has pressed, and not dragged. */
const PRESS_PX = 3

/** Pieces of the plan taken by the pointer: pressed to choose, dragged to move. */
export function useFloorDrag(
  svg: Ref<SVGSVGElement | undefined>,
  moving: ReturnType<typeof useMoving>,
  on: { readonly choose: (id: string, also: boolean) => void; readonly letGo: () => void },
) {
  let grab:
    { id: string; dx: number; dy: number; turn: number; sx: number; sy: number; began: boolean } | undefined
  // Taken once at the beginning of a drag: asking for it at every move would make the browser lay the page out twice.
  let toSheet: DOMMatrix | undefined
  function toPlan(event: PointerEvent): { x: number; y: number } | undefined {
    toSheet ??= svg.value?.getScreenCTM()?.inverse()
    return toSheet && new DOMPoint(event.clientX, event.clientY).matrixTransform(toSheet)
  }
  function down(event: PointerEvent): void {
    toSheet = undefined
    const id = (event.target as Element).closest<SVGGElement>('[data-stand]')?.dataset.stand
    if (!id) {
      on.letGo()
      return
    }
    moving.keep()
    on.choose(id, event.shiftKey)
    const [at, s] = [toPlan(event), moving.of(id)]
    if (!at || !s || s.piece.stays || event.shiftKey) return
    grab = {
      id,
      dx: s.box.x - at.x,
      dy: s.box.y - at.y,
      turn: s.turnDeg,
      sx: event.clientX,
      sy: event.clientY,
      began: false,
    }
    svg.value?.setPointerCapture(event.pointerId)
  }
  function move(event: PointerEvent): void {
    if (!grab) return
    if (!grab.began && Math.hypot(event.clientX - grab.sx, event.clientY - grab.sy) < PRESS_PX) return
    grab.began = true
    const at = toPlan(event)
    if (at) moving.moveTo(grab.id, at.x + grab.dx, at.y + grab.dy, grab.turn, event.altKey)
  }
  function up(): void {
    if (grab?.began) moving.keep()
    grab = undefined
  }
  function cancel(): void {
    grab = undefined
    moving.drop()
  }
  return { down, move, up, cancel }
}
