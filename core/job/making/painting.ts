import type { Wanted } from '../../stages/takeoff/making/making.js'
import type { PaintStep } from '../../stages/takeoff/paintTakeoff.js'
import type { Listed } from './faces.js'

const BRUSHED: ReadonlySet<string> = new Set(['trim', 'doors'])
/** Frames, skirting and doors are painted with a brush. */
export const isBrushed = (on: string): boolean => BRUSHED.has(on) || on.startsWith('opening:')
const mm2 = (step: PaintStep): number => step.coats * step.areaM2 * 1e6

/** Coats by roller and by brush, and primer where the ground asks for it. */
export function painting(painted: readonly PaintStep[], primed: readonly PaintStep[]): Listed {
  return {
    wanted: [
      ...primed.map((p): Wanted => ({ task: 'prime', amount: mm2(p), where: p.surface, at: [p.on] })),
      ...painted.map((p): Wanted => {
        return {
          task: isBrushed(p.on) ? 'paint with a brush' : 'paint with a roller',
          amount: mm2(p),
          where: p.coats > 1 ? `${p.surface}, ${p.coats} coats` : p.surface,
          at: [p.on],
        }
      }),
    ],
    needed: [],
  }
}
