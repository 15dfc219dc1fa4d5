import { broughtBy, isGrave } from '@bonitas/core/job/broughtBy'
import { inScheme } from '@bonitas/core/job/inScheme'
import { CAUTIONS, judgeWhole } from '@bonitas/core/job/fixes/judgeWhole'
import { oneThing } from '@bonitas/core/model/oneThing'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { compose, type Composition } from '@bonitas/core/stages/handover/compose/compose'
import { looseThings, stylingFacts } from '@bonitas/core/stages/handover/stylingFacts'

export interface ComposeAsk {
  readonly job: JobSnapshot
  readonly today: string
  readonly unitIds: readonly string[]
  /** Small things without a place may come on view. */
  readonly withLoose: boolean
  readonly seed: number
}

/** A composition with what the whole rule book says of the shelves then. */
export interface Proposed extends Composition {
  readonly open: number
  readonly brings: readonly string[]
}
export interface ComposeResult {
  readonly openNow: number
  readonly proposed: readonly Proposed[]
}

const ofShelves = (rule: string) => rule.startsWith('handover.')

addEventListener('message', ({ data }: MessageEvent<ComposeAsk>) => {
  const { job, today, unitIds, withLoose, seed } = data
  const shown = inScheme(oneThing(job))
  const findings = judgeWhole(job, today).filter((f) => !f.accepted)
  const found = compose({
    facts: stylingFacts(shown, undefined),
    unitIds,
    loose: withLoose ? looseThings(shown) : [],
    seed,
    told: (done) => postMessage({ done: 0.9 * done }),
  })
  const openNow = findings.filter((f) => ofShelves(f.rule)).length
  const proposed = found.flatMap((c): Proposed[] => {
    const brought = broughtBy({ job, findings, today }, c.changes)
    if (!brought || brought.brings.some((f) => isGrave(f) || CAUTIONS.has(f.rule))) return []
    const open = brought.open.filter((f) => ofShelves(f.rule)).length
    // By the rule book no worse than now, whatever the points say.
    return open > openNow ? [] : [{ ...c, open, brings: brought.brings.map((f) => f.title) }]
  })
  postMessage({ openNow, proposed } satisfies ComposeResult)
})
