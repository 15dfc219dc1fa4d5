import type { Wanted } from '../../stages/takeoff/making/making.js'
import type { PaintStep } from '../../stages/takeoff/paintTakeoff.js'
import type { Listed } from './faces.js'

const BRUSHED: ReadonlySet<string> = new Set(['trim', 'doors'])
const mm2 = (step: PaintStep): number => step.coats * step.areaM2 * 1e6

/** Coats by roller and by brush, and primer where the ground asks for it. */
export function painting(painted: readonly PaintStep[], primed: readonly PaintStep[]): Listed {
  return {
    wanted: [
      ...primed.map((p): Wanted => ({ task: 'prime', amount: mm2(p), where: p.surface })),
      ...painted.map((p): Wanted => {
        const brushed = BRUSHED.has(p.on) || p.on.startsWith('opening:')
        return {
          task: brushed ? 'paint with a brush' : 'paint with a roller',
          amount: mm2(p),
          where: p.coats > 1 ? `${p.surface}, ${p.coats} coats` : p.surface,
        }
      }),
    ],
    needed: [],
  }
}
