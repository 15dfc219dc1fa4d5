import { shelfFacts, shelfJob, type Shown } from './example.js'
import type { StylingFacts } from '../../stages/handover/stylingFacts.js'

const unit = { id: 'Unit', size: [820, 300, 2000], shelves: [{ levels: 5, clearHeightMm: 320 }] } as const
const tall: readonly Shown[] = [
  { id: 'Candlesticks', count: 2, size: [40, 40, 260], on: 'Unit', level: 2 },
  { id: 'Clock', size: [90, 60, 240], on: 'Unit', level: 2 },
]

/** Breaks the rule `handover.one-scale`. */
export const violates = (): StylingFacts => shelfFacts(shelfJob([unit], tall))

/** Keeps it, by as little as matters. */
export const complies = (): StylingFacts =>
  shelfFacts(shelfJob([unit], [...tall, { id: 'Bowl', size: [220, 220, 90], on: 'Unit', level: 2 }]))
