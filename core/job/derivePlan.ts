import { judge, type JudgedFinding } from '../findings/finding.js'
import type { PlanFacts } from '../stages/plan/planFacts.js'
import { planFindings } from '../stages/plan/rules/index.js'
import type { DerivedJob } from './derive.js'
import { planFactsOf, type PlanOverride } from './planFactsOf.js'
import type { JobSnapshot } from '../model/snapshot.js'

/** What the plan makes of a job. It is derived apart from the rest: only its own pages and their line need it. */
export interface DerivedPlan {
  /** Undefined while the room is not closed. */
  readonly facts: PlanFacts | undefined
  readonly findings: readonly JudgedFinding[]
}

export function derivePlan(
  job: JobSnapshot,
  derived: Pick<DerivedJob, 'measure' | 'palette'>,
  override: PlanOverride = {},
): DerivedPlan {
  const facts = planFactsOf(job, derived.measure, derived.palette, override)
  return { facts, findings: facts ? judge(planFindings(facts), job.acceptances) : [] }
}
