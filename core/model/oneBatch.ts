import type { Takeoff } from './rows/takeoffs.js'
import type { Trade } from './vocabulary/takeoff.js'

const BATCH_TRADES: ReadonlySet<Trade> = new Set([
  'wallpaper',
  'tile',
  'carpet',
  'stairs',
  'curtains',
  'blinds',
  'cover',
])

/**
 * Whether the goods of a line are cut or laid from one batch: two of them differ, side by side. Boards and moldings are sold
 * without one; a blind made to measure is one thing.
 */
export const isOneBatch = ({ trade, readyMade }: Pick<Takeoff, 'trade' | 'readyMade'>): boolean =>
  BATCH_TRADES.has(trade) && !(trade === 'blinds' && readyMade)
