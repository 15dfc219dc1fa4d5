import { example } from './example.js'
import { use } from '../../stages/brief/rules/useUncovered.js'
import { pieceWith } from '../emptyJob.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

/** Breaks the rule `brief.idle-pieces`. */
export const violates = (): BriefFacts =>
  example({
    uses: [use('Read', 'read')],
    pieces: [pieceWith({ id: 'Cabinet', kind: 'cabinet', there: true })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts =>
  example({
    uses: [use('Read', 'read')],
    pieces: [pieceWith({ id: 'Cabinet', kind: 'cabinet', there: true, reason: 'from her aunt' })],
  })
