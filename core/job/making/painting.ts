import type { Wanted } from '../../stages/takeoff/making/making.js'
import type { Coated, Listed } from './faces.js'

const BRUSHED: ReadonlySet<string> = new Set(['trim', 'doors'])

/** Coats by roller and by brush, primer where the ground asks for it. */
export function painting(painted: readonly Coated[]): Listed {
  return {
    wanted: painted.flatMap((p): Wanted[] => {
      const brushed = BRUSHED.has(p.on) || p.on.startsWith('opening:')
      const where = p.coats > 1 ? `${p.name}, ${p.coats} coats` : p.name
      return [
        { task: 'prime', amount: p.primer * p.areaMm2, where: p.name },
        {
          task: brushed ? 'paint with a brush' : 'paint with a roller',
          amount: p.coats * p.areaMm2,
          where,
        },
      ]
    }),
    needed: [],
  }
}
