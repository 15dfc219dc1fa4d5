import { checkFixes, judged, type Checked, type Judged } from '@bonitas/core/job/fixes/checkFixes'
import type { JudgedFinding } from '@bonitas/core/findings/finding'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'

/**
 * Findings whose ways out are to be tried, and the lists of the job that are others than last time: what did not change is
 * not sent again, and what was made of it here is kept.
 */
export interface FixesAsk {
  readonly nth: number
  readonly changed: Partial<JobSnapshot>
  readonly today: string
  readonly findings: readonly JudgedFinding[]
}
export interface FixesAnswer {
  readonly nth: number
  /** Which of the findings asked about. */
  readonly at: number
  readonly checked: Checked
}

let job: JobSnapshot | undefined
let held: Judged | undefined
let current = 0

addEventListener('message', ({ data }: MessageEvent<FixesAsk>) => {
  const isOther = Object.keys(data.changed).length > 0
  // The first question brings the whole job.
  if (isOther) job = { ...job, ...data.changed } as JobSnapshot
  if (isOther || held?.today !== data.today) held = undefined
  current = data.nth
  // A fault is told to the page, which then offers nothing.
  answer(data).catch((error: unknown) => {
    setTimeout(() => {
      throw error
    })
  })
})

/** One finding after another, in the order asked; given up as soon as something newer is asked. */
async function answer({ nth, today, findings }: FixesAsk): Promise<void> {
  for (const [at, finding] of findings.entries()) {
    // What was asked meanwhile is heard first.
    await new Promise((done) => setTimeout(done))
    if (nth !== current || !job) return
    held ??= judged(job, today)
    postMessage({ nth, at, checked: checkFixes(held, finding) } satisfies FixesAnswer)
  }
}
