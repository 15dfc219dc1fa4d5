import { arrange, type Arrangement, type ArrangeWish } from '@bonitas/core/stages/plan/arrange/arrange'

export type ArrangeAsk = Omit<ArrangeWish, 'progress'>
export interface ArrangeResult {
  readonly arrangements: readonly Arrangement[]
}

addEventListener('message', ({ data }: MessageEvent<ArrangeAsk>) => {
  const arrangements = arrange({ ...data, progress: (done) => postMessage({ done }) })
  postMessage({ arrangements } satisfies ArrangeResult)
})
