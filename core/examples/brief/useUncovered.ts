import { example } from './example.js'
import { use } from '../../stages/brief/rules/useUncovered.js'
import { pieceWith } from '../emptyJob.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

/** Breaks the rule `brief.use-uncovered`. */
export const violates = (): BriefFacts =>
  example({
    uses: [use('Eat', 'eat')],
    pieces: [pieceWith({ id: 'Trunk', kind: 'trunk', heightMm: 430, serves: ['Eat'] })],
  })

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts =>
  example({
    uses: [use('Eat', 'eat')],
    pieces: [pieceWith({ id: 'Table', kind: 'table', heightMm: 740, serves: ['Eat'] })],
  })
