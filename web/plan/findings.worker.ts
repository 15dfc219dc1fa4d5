import { judge, type JudgedFinding } from '@bonitas/core/findings/finding'
import { planFactsOf } from '@bonitas/core/job/planFactsOf'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { measureFacts, type MeasureFacts } from '@bonitas/core/stages/measure/measureFacts'
import { paletteFacts, type PaletteFacts } from '@bonitas/core/stages/palette/paletteFacts'
import type { FloorPlacement } from '@bonitas/core/model/rows/floorPlacements'
import { planFindings } from '@bonitas/core/stages/plan/rules/index'
import { formatterOf } from '@bonitas/core/kernel/units/formatter'

/** A job to judge, or one stand of it as it is being moved. */
export type FindingsAsk =
  { readonly job: JobSnapshot } | { readonly moved: FloorPlacement; readonly nth: number }
export interface FindingsAnswer {
  readonly nth: number
  readonly findings: readonly JudgedFinding[]
}

let held: { job: JobSnapshot; measure: MeasureFacts; palette: PaletteFacts } | undefined

addEventListener('message', ({ data }: MessageEvent<FindingsAsk>) => {
  if ('job' in data) {
    const measure = measureFacts(data.job, data.job.passages, formatterOf(data.job.studio))
    const palette = paletteFacts(data.job, measure.areas, data.job.brief.schemeId)
    held = { job: data.job, measure, palette }
    return
  }
  if (!held) return
  const { job, measure, palette } = held
  const floorPlacements = job.floorPlacements.map((s) => (s.id === data.moved.id ? data.moved : s))
  const facts = planFactsOf(job, measure, palette, { floorPlacements, withFixes: false })
  postMessage({
    nth: data.nth,
    findings: facts ? judge(planFindings(facts), job.acceptances) : [],
  } satisfies FindingsAnswer)
})
