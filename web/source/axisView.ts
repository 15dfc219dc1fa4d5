import { scaleSqrt } from 'd3'
import type { DerivedItem } from '@bonitas/core/job/deriveItems'
import type { OptionKind } from '@bonitas/core/model/vocabulary/buying'
import { t } from './words.js'

export interface AxisMark {
  readonly optionId: string
  readonly kind: OptionKind
  /** Percent of the axis from its left end. */
  readonly left: number
  readonly chosen: boolean
  readonly fits: boolean
  readonly text: string
}

export interface AxisView {
  readonly ticks: readonly { readonly left: number; readonly text: string }[]
  readonly place: (minor: number) => number
  /** The lines of the ticks as one background: a job of a thousand items draws no element for each. */
  readonly lines: string
}

/** Round figures of a scale that ends in the thousands; a longer one has the same figures tenfold, a hundredfold. */
const MARKS = [0, 50, 100, 250, 500, 1000, 1500, 2000, 2500, 4000, 6000, 10_000]

function shortly(whole: number): string {
  if (whole >= 1_000_000) return `${whole / 1_000_000}M`
  return whole >= 10_000 ? `${whole / 1000}k` : String(whole)
}

/**
 * One price scale for every item: a square root, so that a cushion and a settee both have room. It ends at the
 * first round figure past the dearest option or target.
 */
export function axisView(items: readonly DerivedItem[], digits: number): AxisView {
  const unit = 10 ** digits
  const dearest = Math.max(
    500 * unit,
    ...items.flatMap((i) => [i.item.targetMinor, ...i.options.map((o) => o.price.landedMinor)]),
  )
  const tenfold = 10 ** Math.max(0, Math.floor(Math.log10(dearest / unit)) - 3)
  const marks = MARKS.map((m) => m * tenfold)
  const end = (marks.find((m) => m * unit >= dearest) ?? dearest / unit) * unit
  const scale = scaleSqrt().domain([0, end]).range([0, 100])
  const ticks = marks
    .filter((m) => m * unit <= end)
    .map((m) => ({
      left: scale(m * unit),
      text: shortly(m),
    }))
  // A tick that would run into the one before it keeps its line and drops its number.
  let last = -10
  return {
    lines: ticks
      .map(
        (mark) =>
          `linear-gradient(var(--rule), var(--rule)) ${mark.left}% 7px / 1px calc(100% - 14px) no-repeat`,
      )
      .join(', '),
    place: (minor) => scale(Math.min(minor, end)),
    ticks: ticks.map((mark) => {
      const room = mark.left - last >= 4.5
      if (room) last = mark.left
      return room ? mark : { ...mark, text: '' }
    }),
  }
}

export function axisMarks(item: DerivedItem, axis: AxisView, money: (minor: number) => string): AxisMark[] {
  return item.options.map((o) => ({
    optionId: o.option.id,
    kind: o.option.kind,
    left: axis.place(o.price.landedMinor),
    chosen: o.chosen,
    fits: o.suits.against.length === 0,
    text: `${o.option.name}, ${o.option.kind}, ${money(o.price.landedMinor)}${o.suits.against.length > 0 ? t('cannotBeTakenJoin', { join: o.suits.against.map((r) => r.says).join('; ') }) : ''}${o.chosen ? t('chosen') : ''}`,
  }))
}
