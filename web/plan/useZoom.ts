import { select, zoom, zoomIdentity, type ZoomTransform } from 'd3'
import { computed, onBeforeUnmount, shallowRef, watch, type ComputedRef, type Ref } from 'vue'

export interface Box {
  readonly x: number
  readonly y: number
  readonly w: number
  readonly h: number
}

const CLOSEST = 8
const STEP = 1.5

/**
 * The part of a drawing that is on screen once it is brought nearer: where a point of the frame lands is what
 * `transform` says of the frame's pixels, and the drawing fits the frame as `meet` fits it (SVG 2, 8.6).
 *
 * @param frame the frame on screen, px
 */
export function nearer(
  whole: Box,
  { k, x, y }: Pick<ZoomTransform, 'k' | 'x' | 'y'>,
  frame: { readonly width: number; readonly height: number },
): Box {
  const per = Math.max(whole.w / frame.width, whole.h / frame.height)
  const [cx, cy] = [frame.width / 2, frame.height / 2]
  const middle = {
    x: whole.x + whole.w / 2 + ((cx - x) / k - cx) * per,
    y: whole.y + whole.h / 2 + ((cy - y) / k - cy) * per,
  }
  const [w, h] = [whole.w / k, whole.h / k]
  return { x: middle.x - w / 2, y: middle.y - h / 2, w, h }
}

/**
 * Brings a drawing nearer: with Ctrl and the wheel or two fingers where they are, by keys and buttons at its middle.
 * Brought nearer it is moved by dragging its ground.
 *
 * @param frame what the drawing fills, and nothing else
 * @param holds whether something of the drawing is taken there, and not its ground
 */
export function useZoom(
  frame: Ref<HTMLElement | undefined>,
  whole: ComputedRef<Box | undefined>,
  holds: (target: Element) => boolean,
) {
  const transform = shallowRef<ZoomTransform>(zoomIdentity)
  const behavior = zoom<HTMLElement, unknown>()
    .scaleExtent([1, CLOSEST])
    .filter((event: MouseEvent | TouchEvent) => {
      if (event.type === 'wheel') return event.ctrlKey || event.metaKey
      if ('touches' in event) return event.touches.length === 2
      return event.button === 0 && transform.value.k > 1 && !holds(event.target as Element)
    })
    // Nothing is seen beside the drawing: it fills the frame however it is moved.
    .constrain((t, [[left, top], [right, bottom]]) => {
      const [w, h] = [right - left, bottom - top]
      const x = Math.min(0, Math.max(w * (1 - t.k), t.x))
      const y = Math.min(0, Math.max(h * (1 - t.k), t.y))
      return zoomIdentity.translate(x, y).scale(t.k)
    })
    .on('zoom', (event: { transform: ZoomTransform }) => (transform.value = event.transform))
  const size = shallowRef({ width: 0, height: 0 })
  const watcher = new ResizeObserver(([entry]) => {
    if (entry) size.value = entry.contentRect
  })
  onBeforeUnmount(() => watcher.disconnect())
  watch(frame, (element, before) => {
    transform.value = zoomIdentity
    if (before) watcher.unobserve(before)
    if (element) watcher.observe(element)
    if (element) select(element).call(behavior).on('dblclick.zoom', null)
  })
  const view = computed(() => {
    const box = whole.value
    if (!box || transform.value.k === 1 || size.value.width === 0) return box
    return nearer(box, transform.value, size.value)
  })
  /** Brings it nearer by a factor, or farther. */
  function by(factor: number): void {
    if (frame.value) select(frame.value).call(behavior.scaleBy.bind(behavior), factor)
  }
  function all(): void {
    if (frame.value) select(frame.value).call(behavior.transform.bind(behavior), zoomIdentity)
  }
  const keys = { '+': () => by(STEP), '-': () => by(1 / STEP), '0': all }
  const nearness = computed(() => transform.value.k)
  return {
    view,
    keys,
    nearer: keys['+'],
    farther: keys['-'],
    all,
    nearness,
    isClosest: computed(() => nearness.value >= CLOSEST),
  }
}
