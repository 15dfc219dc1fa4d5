import type { Finding, Rule } from '../findings/finding.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { BRIEF_RULES } from '../stages/brief/rules/index.js'
import { LEDGER_RULES } from '../stages/ledger/rules/index.js'
import { MEASURE_RULES } from '../stages/measure/rules/index.js'
import { PALETTE_RULES } from '../stages/palette/rules/index.js'
import { PLAN_RULES } from '../stages/plan/rules/index.js'
import { SOURCE_RULES } from '../stages/source/rules/index.js'

type Told = Pick<Rule<never>, 'name' | 'title' | 'schools'>

const OF_STAGE: Readonly<Record<string, readonly Told[]>> = {
  brief: BRIEF_RULES,
  measure: MEASURE_RULES,
  palette: PALETTE_RULES,
  plan: PLAN_RULES,
  source: SOURCE_RULES,
  ledger: LEDGER_RULES,
}

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
  return (OF_STAGE[stage] ?? [])
    .filter((r) => r.schools === 'all' || r.schools.some((s) => chosen.has(s)))
    .filter((r) => !there.has(r.name))
    .map((r) => r.title)
}
