import type { JudgedFinding } from '../../findings/finding.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { deriveJob } from '../derive.js'
import { derivePlan } from '../derivePlan.js'
import { deriveInstall } from '../install/deriveInstall.js'
import { judgeJob } from '../judgeJob.js'
import { takeoffsOf, type KnownLines } from '../takeoffsOf.js'
import { RULES_OF_STAGE } from '../rulesOfStage.js'

/** The rules of what can hurt someone. */
export const CAUTIONS: ReadonlySet<string> = new Set(
  Object.values(RULES_OF_STAGE)
    .flat()
    .filter((r) => r.caution)
    .map((r) => r.name),
)

/** Lines of the take-off of the job judged last: a way out seldom touches one. */
const KNOWN: KnownLines = new Map()

/**
 * Everything the rule book says of a job, the plan of the room and that of the work with the rest.
 * @param withFixes whether ways out of the plan are looked for: that is most of the work of a crowded room
 */
export function judgeWhole(job: JobSnapshot, today: string, withFixes = false): JudgedFinding[] {
  const derived = deriveJob(job, today)
  const lines = takeoffsOf(job, derived.measure, KNOWN)
  return [
    ...judgeJob(job, derived, today),
    ...derivePlan(job, derived, { withFixes }).findings,
    ...deriveInstall(job, derived, lines, today).findings,
  ]
}
