import type { JudgedFinding } from '../findings/finding.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { RULES_OF_STAGE } from './rulesOfStage.js'

/** The cautions of a job: what is open, what was answered, and what was asked and found nothing. */
export interface Cautions {
  readonly open: readonly JudgedFinding[]
  readonly answered: readonly AnsweredCaution[]
  /** Titles of the rules that found nothing, by the path of their stage. */
  readonly quiet: readonly { readonly stage: string; readonly titles: readonly string[] }[]
}

/** A caution somebody accepted, and still stands in sight. */
export interface AnsweredCaution {
  readonly finding: JudgedFinding
  readonly reason: string
  readonly by: string
  readonly on: string | null
}

const CAUTIONS = Object.entries(RULES_OF_STAGE).map(([stage, rules]) => ({
  stage,
  rules: rules.filter((r) => r.caution),
}))
const NAMES: ReadonlySet<string> = new Set(CAUTIONS.flatMap((c) => c.rules.map((r) => r.name)))

/**
 * @param found everything that was found in the job, the plan with the rest
 * @param judged the stages that could be judged: in a room without walls nothing of the plan was asked
 */
export function cautionsOf(
  job: Pick<JobSnapshot, 'acceptances' | 'schools'>,
  found: readonly JudgedFinding[],
  judged: ReadonlySet<string>,
): Cautions {
  const cautions = found.filter((f) => NAMES.has(f.rule))
  const there = new Set(cautions.map((f) => f.rule))
  const chosen = new Set(Object.values(job.schools).filter((s) => typeof s === 'string'))
  return {
    open: cautions.filter((f) => !f.accepted),
    answered: cautions.flatMap((finding): AnsweredCaution[] => {
      const { accepted } = finding
      const row = accepted && job.acceptances.find((a) => a.id === accepted.id)
      return row ? [{ finding, reason: row.reason, by: row.by, on: row.on }] : []
    }),
    quiet: CAUTIONS.filter((c) => judged.has(c.stage) && c.rules.length > 0).map(({ stage, rules }) => ({
      stage,
      titles: rules
        .filter((r) => r.schools === 'all' || r.schools.some((s) => chosen.has(s)))
        .filter((r) => !there.has(r.name))
        .map((r) => r.title),
    })),
  }
}
