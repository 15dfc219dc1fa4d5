import { measureOf } from '@bonitas/core/job/measureOf'
import { takeoffsOf, type KnownLines } from '@bonitas/core/job/takeoffsOf'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import type { TakeoffLine } from '@bonitas/core/stages/takeoff/takeoffTypes'

/** The parts of the job that are others than last time; the first question brings the whole. */
export interface TakeoffAsk {
  readonly nth: number
  readonly changed: Partial<JobSnapshot>
}
export interface TakeoffAnswer {
  readonly nth: number
  readonly lines: readonly TakeoffLine[]
}

let job: JobSnapshot | undefined
let current = 0
/** What did not change is not reckoned again. */
const known: KnownLines = new Map()

addEventListener('message', ({ data }: MessageEvent<TakeoffAsk>) => {
  job = { ...job, ...data.changed } as JobSnapshot
  current = data.nth
  // What was asked meanwhile is heard first, and only the last is answered.
  setTimeout(() => {
    if (data.nth !== current || !job) return
    postMessage({ nth: data.nth, lines: takeoffsOf(job, measureOf(job), known) } satisfies TakeoffAnswer)
  })
})
