import { judged } from '@bonitas/core/job/fixes/checkFixes'
import { proposeInJob, type ToldProposal } from '@bonitas/core/job/proposeInJob'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import type { ProposalWish } from '@bonitas/core/stages/palette/proposals/propose'

export interface ProposalAsk extends Omit<ProposalWish, 'progress' | 'stopped' | 'rows'> {
  /** The job it is proposed for; each proposal is worn by a copy of it before it is shown. */
  readonly job: JobSnapshot
  readonly today: string
}
export interface ProposalResult {
  readonly proposals: readonly ToldProposal[]
}

let last = 0
addEventListener('message', ({ data }: MessageEvent<ProposalAsk>) => {
  const { job, today, ...wish } = data
  const proposals = proposeInJob(judged(job, today), {
    ...wish,
    progress: (done) => {
      // A few steps are enough for the eye; each message costs a moment.
      if (done - last < 0.05 && done < 1) return
      last = done
      postMessage({ done })
    },
  })
  postMessage({ proposals } satisfies ProposalResult)
})
