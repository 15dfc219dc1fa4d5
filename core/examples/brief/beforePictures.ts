import { example } from './example.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

const wall = (id: string, lengthMm: number, position: number) => ({
  id,
  version: 1,
  position,
  name: id,
  lengthMm,
  turnDeg: 90,
  face: 'smooth paint' as const,
})

/** Breaks the rule `brief.before-pictures`. */
export const violates = (): BriefFacts => example({ walls: [wall('Window wall', 3000, 0)] })

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts =>
  example({
    walls: [wall('Window wall', 3000, 0)],
    photos: ['wall:Window wall', 'corner:Window wall'].map((subject) => ({
      id: subject,
      version: 1,
      kind: 'before' as const,
      note: '',
      subject,
      position: 0,
      widthPx: 1,
      heightPx: 1,
      pages: 0,
    })),
  })
