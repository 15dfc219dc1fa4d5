import type { Finding } from '../findings/finding.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { RULES_OF_STAGE } from './rulesOfStage.js'

/**
 * What the rule book looked for in a stage and did not find, so that silence can be told from not having looked: the titles
 * of its rules, without those of schools the job has not chosen.
 *
 * @param found everything that was found, accepted or not
 */
export function lookedFor(
  stage: string,
  found: readonly Pick<Finding, 'rule'>[],
  schools: JobSnapshot['schools'],
): string[] {
  const chosen = new Set(Object.values(schools).filter((s) => typeof s === 'string'))
  const there = new Set(found.map((f) => f.rule))
  return (RULES_OF_STAGE[stage] ?? [])
    .filter((r) => r.schools === 'all' || r.schools.some((s) => chosen.has(s)))
    .filter((r) => !there.has(r.name))
    .map((r) => r.title)
}
