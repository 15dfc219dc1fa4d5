import type { JudgedFinding, Rule } from '../../findings/finding.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { BRIEF_RULES } from '../../stages/brief/rules/index.js'
import { LEDGER_RULES } from '../../stages/ledger/rules/index.js'
import { MEASURE_RULES } from '../../stages/measure/rules/index.js'
import { PALETTE_RULES } from '../../stages/palette/rules/index.js'
import { PLAN_RULES } from '../../stages/plan/rules/index.js'
import { SOURCE_RULES } from '../../stages/source/rules/index.js'
import { deriveJob } from '../derive.js'
import { derivePlan } from '../derivePlan.js'
import { judgeJob } from '../judgeJob.js'

const ALL: readonly Pick<Rule<never>, 'name' | 'caution'>[] = [
  ...BRIEF_RULES,
  ...MEASURE_RULES,
  ...PALETTE_RULES,
  ...PLAN_RULES,
  ...SOURCE_RULES,
  ...LEDGER_RULES,
]

/** The rules of what can hurt someone. */
export const CAUTIONS: ReadonlySet<string> = new Set(ALL.filter((r) => r.caution).map((r) => r.name))

/**
 * Everything the rule book says of a job, the plan with the rest.
 * @param withFixes whether ways out of the plan are looked for: that is most of the work of a crowded room
 */
export function judgeWhole(job: JobSnapshot, today: string, withFixes = false): JudgedFinding[] {
  const derived = deriveJob(job, today)
  return [...judgeJob(job, derived, today), ...derivePlan(job, derived, { withFixes }).findings]
}
