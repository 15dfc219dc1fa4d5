import {
  bestChoice,
  curveOf,
  mostWorth,
  nowOf,
  paysFor,
  waysBack,
  type ChosenSet,
  type Choosing,
  type CurvePoint,
} from '@bonitas/core/stages/source/choosing'

export type SetsAsk =
  | { readonly kind: 'curve'; readonly choosing: Choosing; readonly points: number }
  | { readonly kind: 'best'; readonly choosing: Choosing }
  | { readonly kind: 'splurge'; readonly choosing: Choosing; readonly optionId: string }

export interface SetsResult {
  /** The best at today's total and at what may be spent. */
  readonly best?: ChosenSet
  readonly ways?: readonly { readonly title: string; readonly set: ChosenSet }[]
  readonly curve?: readonly CurvePoint[]
  readonly splurge?: ChosenSet
  readonly now: { readonly value: number; readonly costMinor: number }
  readonly most: number
}

addEventListener('message', ({ data }: MessageEvent<SetsAsk>) => {
  const { choosing } = data
  const made: Partial<Record<'best' | 'ways' | 'curve' | 'splurge', unknown>> = {}
  if (data.kind === 'curve')
    made.curve = curveOf(choosing, data.points, (done) => postMessage({ done: done / data.points }))
  if (data.kind === 'best') {
    made.best = bestChoice(choosing)
    if (nowOf(choosing).costMinor > choosing.budgetMinor) made.ways = waysBack(choosing)
  }
  if (data.kind === 'splurge') made.splurge = paysFor(choosing, data.optionId)
  postMessage({
    ...made,
    now: nowOf(choosing),
    most: mostWorth(choosing),
  })
})
