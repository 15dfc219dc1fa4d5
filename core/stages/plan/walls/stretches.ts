import type { PanelLayout } from '../../../model/rows/panelLayouts.js'
import type { PlanOpening } from '../planRoom.js'

/** Less of a wall than this is no stretch of its own, mm. */
const LEAST_MM = 100

/** The stretches of a run that are left between openings, from the left. */
export function stretchesOf(
  run: Pick<PanelLayout, 'startMm' | 'endMm'>,
  openings: readonly Pick<PlanOpening, 'startMm' | 'widthMm'>[],
): { readonly startMm: number; readonly endMm: number }[] {
  let from = run.startMm
  const found: { startMm: number; endMm: number }[] = []
  for (const o of [...openings].sort((a, b) => a.startMm - b.startMm)) {
    if (Math.min(o.startMm, run.endMm) - from >= LEAST_MM)
      found.push({ startMm: from, endMm: Math.min(o.startMm, run.endMm) })
    from = Math.max(from, o.startMm + o.widthMm)
  }
  if (run.endMm - from >= LEAST_MM) found.push({ startMm: from, endMm: run.endMm })
  return found
}
