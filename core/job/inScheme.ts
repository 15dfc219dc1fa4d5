import { schemeView } from '../stages/palette/schemeView.js'
import type { JobSnapshot, Stored } from '../model/snapshot.js'
import type { Piece } from '../model/rows/pieces.js'
import type { Placement } from '../model/rows/placements.js'

/** The job as its room looks in the scheme it follows: what other stages reckon with. */
export function inScheme(job: JobSnapshot): JobSnapshot {
  if (job.schemes.length === 0 && job.dressings.length === 0) return job
  const { placements, pieces } = schemeView(job, job.brief.schemeId)
  return {
    ...job,
    placements: placements as readonly Stored<Placement>[],
    pieces: pieces as readonly Stored<Piece>[],
  }
}
