import { arrange, type Arrangement, type ArrangeWish } from '@bonitas/core/stages/plan/arrange/arrange'
import { receivedPlan, type SentPlan } from './sentPlan.js'

export type ArrangeAsk = Omit<ArrangeWish, 'progress' | 'input'> & { readonly input: SentPlan }
export interface ArrangeResult {
  readonly arrangements: readonly Arrangement[]
}

addEventListener('message', ({ data }: MessageEvent<ArrangeAsk>) => {
  const arrangements = arrange({
    ...data,
    input: receivedPlan(data.input),
    progress: (done) => postMessage({ done }),
  })
  postMessage({ arrangements } satisfies ArrangeResult)
})
