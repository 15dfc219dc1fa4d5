import { schemeView } from '../stages/palette/schemeView.js'
import type { JobSnapshot, Stored } from '../model/snapshot.js'
import type { Piece } from '../model/rows/pieces.js'
import type { FinishAssignment } from '../model/rows/finishAssignments.js'

/** The job as its room looks in the scheme it follows: what other stages go by. */
export function inScheme(job: JobSnapshot): JobSnapshot {
  if (job.schemes.length === 0 && job.schemeOverrides.length === 0) return job
  const { finishAssignments, pieces } = schemeView(job, job.brief.schemeId)
  return {
    ...job,
    finishAssignments: finishAssignments as readonly Stored<FinishAssignment>[],
    pieces: pieces as readonly Stored<Piece>[],
  }
}
