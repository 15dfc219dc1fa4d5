import { example } from './example.js'
import { itemWith } from '../emptyJob.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

/** Breaks the rule `brief.focal-point-empty`. */
export const violates = (): BriefFacts =>
  example({
    focalPoints: [{ id: 'a', name: 'Alcove', position: 0, version: 1 }],
    items: [itemWith({ id: 'Lamp' })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts =>
  example({
    focalPoints: [{ id: 'a', name: 'Alcove', position: 0, version: 1 }],
    items: [itemWith({ id: 'Lamp', focalPointId: 'a' })],
  })
