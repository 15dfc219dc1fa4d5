import { planAfter } from '@bonitas/core/job/planAfter'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import {
  arrange,
  layoutRank,
  type Arrangement,
  type ArrangeWish,
} from '@bonitas/core/stages/plan/arrange/arrange'
import { arrangementChanges, type Candidate } from '@bonitas/core/stages/plan/arrange/setOutAnew'
import { receivedPlan, type SentPlan } from './sentPlan.js'

export type ArrangeAsk = Omit<ArrangeWish, 'progress' | 'input'> & {
  readonly input: SentPlan
  /** The job it would be taken over into, and the pieces that are arranged. */
  readonly job: JobSnapshot
  readonly taking: readonly Candidate[]
  readonly today: string
}
export interface ArrangeResult {
  readonly arrangements: readonly Arrangement[]
}

addEventListener('message', ({ data }: MessageEvent<ArrangeAsk>) => {
  const { job, taking, today, ...wish } = data
  const arrangements = arrange({
    ...wish,
    input: receivedPlan(wish.input),
    progress: (done) => postMessage({ done }),
  })
    // What is announced is what the plan says once it is taken over.
    .flatMap((a) => {
      const told = planAfter(job, arrangementChanges(a, taking), today)
      return told ? [{ ...a, ...told }] : []
    })
    .sort((a, b) => layoutRank(a) - layoutRank(b))
  postMessage({ arrangements } satisfies ArrangeResult)
})
