import { ref, type ComputedRef, type Ref } from 'vue'
import { levelAt, type DrawnThing, type ShelfView } from './shelfView.js'

interface Grab {
  readonly d: DrawnThing
  readonly dx: number
  readonly dy: number
  readonly sx: number
  readonly sy: number
}

/** A pointer moves no less than this before it drags, px. */
const SLACK_PX = 4

/** Things of a drawing of shelves are dragged: over the drawing while held, to the shelf they are let go at. */
export function useShelfDrag(
  svg: Ref<SVGSVGElement | undefined>,
  view: ComputedRef<ShelfView>,
  acts: {
    readonly still: () => boolean
    readonly choose: (id: string) => void
    readonly drop: (id: string, level: number, xMm: number) => void
  },
) {
  let grab: Grab | undefined
  /** Where the upper left corner of what is dragged is now. */
  const drag = ref<{ readonly id: string; readonly x: number; readonly y: number }>()
  function point(event: PointerEvent) {
    const matrix = svg.value?.getScreenCTM()
    return matrix && new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse())
  }
  function down(event: PointerEvent): void {
    if (acts.still()) return
    const id = (event.target as Element).closest<SVGGElement>('[data-stand]')?.dataset.stand
    const d = view.value.levels.flatMap((l) => l.things).find((x) => x.body.thing.id === id)
    const p = point(event)
    if (!d || !p || id === undefined) return
    acts.choose(id)
    grab = { d, dx: d.x - p.x, dy: d.y - p.y, sx: event.clientX, sy: event.clientY }
    svg.value?.setPointerCapture(event.pointerId)
  }
  function move(event: PointerEvent): void {
    const p = point(event)
    if (!grab || !p) return
    if (!drag.value && Math.hypot(event.clientX - grab.sx, event.clientY - grab.sy) < SLACK_PX) return
    drag.value = { id: grab.d.body.thing.id, x: p.x + grab.dx, y: p.y + grab.dy }
  }
  function cancel(): void {
    drag.value = undefined
    grab = undefined
  }
  function up(): void {
    const [now, from] = [drag.value, grab]
    cancel()
    if (!now || !from) return
    const to = levelAt(view.value, now.y + from.d.h / 2)
    if (to) acts.drop(now.id, to.level.number, now.x - to.x)
  }
  return { drag, down, move, up, cancel }
}
