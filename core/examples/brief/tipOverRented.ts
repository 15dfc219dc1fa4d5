import { rented } from './tenureRooms.js'
import { pieceWith } from '../emptyJob.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

/** Breaks the rule `brief.tip-over-rented`. */
export const violates = (): BriefFacts =>
  rented({ pieces: [pieceWith({ id: 'Mirror', kind: 'mirror', heightMm: 1800, fixing: 'leans' })] })

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts =>
  rented({ pieces: [pieceWith({ id: 'Low shelves', kind: 'shelves', heightMm: 750, depthMm: 400 })] })
