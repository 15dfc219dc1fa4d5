import type { Rule } from '../findings/finding.js'
import { BRIEF_RULES } from '../stages/brief/rules/index.js'
import { HANDOVER_RULES, RECORD_RULES } from '../stages/handover/rules/index.js'
import { INSTALL_RULES } from '../stages/install/rules/index.js'
import { LEDGER_RULES } from '../stages/ledger/rules/index.js'
import { MEASURE_RULES } from '../stages/measure/rules/index.js'
import { PALETTE_RULES } from '../stages/palette/rules/index.js'
import { PLAN_RULES } from '../stages/plan/rules/index.js'
import { SOURCE_RULES } from '../stages/source/rules/index.js'

/** What a rule is, whatever it is asked about. */
export type RuleOfAny = Pick<Rule<never>, 'name' | 'title' | 'schools' | 'caution'>

/** The rule book, by the path of the stage. */
export const RULES_OF_STAGE: Readonly<Record<string, readonly RuleOfAny[]>> = {
  brief: BRIEF_RULES,
  measure: MEASURE_RULES,
  palette: PALETTE_RULES,
  plan: PLAN_RULES,
  source: SOURCE_RULES,
  ledger: LEDGER_RULES,
  install: INSTALL_RULES,
  handover: [...HANDOVER_RULES, ...RECORD_RULES],
}
