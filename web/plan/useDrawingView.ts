import { computed, ref, type ComputedRef } from 'vue'
import { useZoom, type Box } from './useZoom.js'

/**
 * What of a drawing is on screen, and the millimeters a pixel of the screen stands for, so that lines and lettering keep
 * their size however near it is.
 *
 * @param whole all of it with its margins, mm
 * @param usual the size it usually has on screen, px
 * @param holds what is taken there instead of the ground, as a selector
 */
export function useDrawingView(
  whole: ComputedRef<Box | undefined>,
  usual: { readonly w: number; readonly h: number },
  holds: string,
) {
  const frame = ref<HTMLElement>()
  const { view, ...zoom } = useZoom(frame, whole, (target) => target.closest(holds) !== null)
  const px = computed(() => (view.value ? Math.max(view.value.w / usual.w, view.value.h / usual.h) : 10))
  return { view, px, zoom, frame }
}
