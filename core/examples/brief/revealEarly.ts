import type { BriefFacts } from '../../stages/brief/briefFacts.js'
import { example } from './example.js'

function dated(installOn: string, revealOn: string): BriefFacts {
  const facts = example({})
  return example({ brief: { ...facts.job.brief, installOn, revealOn } })
}

/** Breaks the rule `brief.reveal-early`. */
export const violates = (): BriefFacts => dated('2026-12-20', '2026-12-18')

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts => dated('2026-12-18', '2026-12-20')
