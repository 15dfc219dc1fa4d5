import { example } from './example.js'
import { emptyJob, pieceWith } from '../emptyJob.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

const clock = (verdict: 'rework' | 'move') =>
  example({
    schools: { ...emptyJob().schools, inherited: 'may move' },
    pieces: [pieceWith({ id: 'Clock', there: true, sentimental: true, reason: 'hers', verdict })],
  })

/** Breaks the rule `brief.inherited-school`. */
export const violates = (): BriefFacts => clock('rework')

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts => clock('move')
