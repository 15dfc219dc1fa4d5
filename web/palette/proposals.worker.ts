import { propose, type Proposal, type ProposalWish } from '@bonitas/core/stages/palette/proposals/propose'

export type ProposalAsk = Omit<ProposalWish, 'progress' | 'stopped'>
export interface ProposalResult {
  readonly proposals: readonly Proposal[]
}

let last = 0
addEventListener('message', ({ data }: MessageEvent<ProposalAsk>) => {
  const proposals = propose({
    ...data,
    progress: (done) => {
      // A few steps are enough for the eye; each message costs a moment.
      if (done - last < 0.05 && done < 1) return
      last = done
      postMessage({ done })
    },
  })
  postMessage({ proposals } satisfies ProposalResult)
})
