import { addDays } from '../../kernel/units/days.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { picturePairs } from '../../stages/handover/pictures.js'
import { DUE_DAYS, type RecordFacts } from '../../stages/handover/recordFacts.js'
import type { DerivedJob } from '../derive.js'
import { registerOf } from './registerOf.js'

/** What the rules of what is handed over look at. */
export function recordFactsOf(
  job: JobSnapshot,
  derived: Pick<DerivedJob, 'measure' | 'brief' | 'items' | 'surfaces'>,
  today: string,
): RecordFacts {
  const { installOn, revealOn, closedOn } = job.brief
  const doneOn = revealOn ?? installOn
  return {
    register: registerOf(job, derived),
    isDue: closedOn !== null || (installOn !== null && today >= addDays(installOn, -DUE_DAYS)),
    isDone: closedOn !== null || (doneOn !== null && today >= doneOn),
    pairs: picturePairs(derived.brief.standpoints, job.photos),
    unasked: job.pictureMarks
      .filter((m) => m.pieceId === null && m.seenAs === null)
      .map((m) => ({ kind: 'mark', id: m.id, name: m.name })),
  }
}
