import { judged } from '@bonitas/core/job/fixes/checkFixes'
import { safeChoice, safeWaysBack } from '@bonitas/core/job/safeSets'
import type { ToldSet } from '@bonitas/core/job/toldSet'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import {
  curveOf,
  mostWorth,
  nowOf,
  payingFor,
  type Choosing,
  type CurvePoint,
} from '@bonitas/core/stages/source/choosing'

/** The job the set would be taken into: what is offered is judged there first. */
interface Into {
  readonly job: JobSnapshot
  readonly today: string
}
interface CurveAsk {
  readonly kind: 'curve'
  readonly choosing: Choosing
  readonly points: number
}
/** A set that may be taken. */
export type SetWish =
  | { readonly kind: 'best'; readonly choosing: Choosing }
  | { readonly kind: 'splurge'; readonly choosing: Choosing; readonly optionId: string }
export type SetsAsk = CurveAsk | (SetWish & Into)

export interface SetsResult {
  /** The best at today's total and at what may be spent. */
  readonly best?: ToldSet
  readonly ways?: readonly (ToldSet & { readonly title: string })[]
  readonly curve?: readonly CurvePoint[]
  readonly splurge?: ToldSet
  readonly now: { readonly value: number; readonly costMinor: number }
  readonly most: number
}

addEventListener('message', ({ data }: MessageEvent<SetsAsk>) => {
  const { choosing } = data
  const made: { -readonly [K in 'best' | 'ways' | 'curve' | 'splurge']?: NonNullable<SetsResult[K]> } = {}
  if (data.kind === 'curve')
    made.curve = curveOf(choosing, data.points, (done) => postMessage({ done: done / data.points }))
  if (data.kind === 'best') {
    const held = judged(data.job, data.today)
    made.best = safeChoice(held, choosing)
    if (nowOf(choosing).costMinor > choosing.budgetMinor) made.ways = safeWaysBack(held, choosing)
  }
  if (data.kind === 'splurge')
    made.splurge = safeChoice(judged(data.job, data.today), choosing, payingFor(data.optionId))
  postMessage({
    ...made,
    now: nowOf(choosing),
    most: mostWorth(choosing),
  } satisfies SetsResult)
})
