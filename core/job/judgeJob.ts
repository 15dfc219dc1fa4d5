import { BRIEF_RULES } from '../stages/brief/rules/index.js'
import { judge, type JudgedFinding } from '../findings/finding.js'
import { HANDOVER_RULES, RECORD_RULES } from '../stages/handover/rules/index.js'
import { stylingFacts } from '../stages/handover/stylingFacts.js'
import { LEDGER_RULES } from '../stages/ledger/rules/index.js'
import { MEASURE_RULES } from '../stages/measure/rules/index.js'
import { PALETTE_RULES } from '../stages/palette/rules/index.js'
import { SOURCE_RULES } from '../stages/source/rules/index.js'
import type { DerivedJob } from './derive.js'
import { inScheme } from './inScheme.js'
import { ledgerFactsOf } from './ledgerFactsOf.js'
import { recordFactsOf } from './handover/recordFactsOf.js'
import { oneThing } from '../model/oneThing.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { sourceFactsOf } from './sourceFactsOf.js'

/**
 * What the rule book finds in a job, those of the plan apart, with what was accepted struck. Apart from `deriveJob`, so that
 * a page is on screen before its rules are fetched and judged.
 *
 * @param derived of the same job and day
 */
export function judgeJob(stored: JobSnapshot, derived: DerivedJob, today: string): JudgedFinding[] {
  const job = oneThing(stored)
  const { brief, measure, palette, items, baskets, orders, position } = derived
  const source = sourceFactsOf(job, stored, items, baskets, today)
  const ledger = ledgerFactsOf(job, items, orders, baskets, position, today)
  const styling = stylingFacts(inScheme(job), derived.areas?.floorMm2)
  const findings = [
    ...BRIEF_RULES.flatMap((rule) => rule.check(brief)),
    ...MEASURE_RULES.flatMap((rule) => rule.check(measure)),
    ...PALETTE_RULES.flatMap((rule) => rule.check(palette)),
    ...SOURCE_RULES.flatMap((rule) => rule.check(source)),
    ...LEDGER_RULES.flatMap((rule) => rule.check(ledger)),
    ...HANDOVER_RULES.flatMap((rule) => rule.check(styling)),
    ...RECORD_RULES.flatMap((rule) => rule.check(recordFactsOf(stored, derived, today))),
  ]
  return judge(findings, job.acceptances)
}
