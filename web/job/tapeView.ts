import { scaleLinear } from 'd3'
import { dayText } from '@bonitas/core/kernel/units/days'
import type { BudgetPosition } from '@bonitas/core/stages/ledger/budgetPosition'

export interface TapeStretch {
  readonly key: string
  readonly itemId: string | undefined
  readonly state: 'paid' | 'ordered' | 'chosen' | 'free' | 'reserve' | 'over'
  /** From the left end and long, in percent of the tape on screen. */
  readonly left: number
  readonly width: number
  readonly text: string
}

export interface TapeLabel {
  readonly word: string
  readonly amount: string
  readonly state: TapeStretch['state']
  readonly left: number
  /** The sum behind the figure. */
  readonly sum: string
}

export interface TapeView {
  readonly stretches: readonly TapeStretch[]
  readonly labels: readonly TapeLabel[]
  readonly ticks: readonly { readonly left: number; readonly text: string | undefined }[]
  /** Where the hook at the end of the agreed budget sits, in percent. */
  readonly hook: number
  /** Where the hook sat before each change order, the first budget first, with what was agreed then. */
  readonly changes: readonly { readonly left: number; readonly text: string }[]
}

/** A change of the agreed budget, told for the tape. */
export interface TapeChange {
  readonly amountMinor: number
  readonly agreedOn: string
  readonly agreedBy: string
  readonly why: string
}

/**
 * The tape as the screen draws it: as long as the agreed budget, and longer when more is spent. The purchases lie
 * from the left in the order paid, ordered, chosen; then what is free; the reserve ends at the hook. What runs past
 * the hook is over, whatever its state.
 */
export function tapeView(
  position: BudgetPosition,
  digits: number,
  money: (minor: number) => string,
  changes: readonly TapeChange[] = [],
): TapeView {
  const { agreedMinor, reserveMinor, paidMinor, orderedMinor, chosenMinor, freeMinor } = position
  const fee = position.feeInside ? position.feeMinor : 0
  const held = position.heldMinor
  const used = paidMinor + orderedMinor + chosenMinor + held + fee
  const end = Math.max(agreedMinor, used, 1)
  const percent = (minor: number) => (100 * minor) / end
  const stretches: TapeStretch[] = []
  let at = 0
  const lay = (
    key: string,
    itemId: string | undefined,
    state: TapeStretch['state'],
    minor: number,
    text: string,
  ) => {
    if (minor <= 0) return
    stretches.push({ key, itemId, state, left: percent(at), width: percent(minor), text })
    at += minor
  }
  for (const s of position.stretches) {
    const text = `${s.name}, ${s.state}, ${money(s.amountMinor)}`
    const within = Math.max(0, Math.min(s.amountMinor, agreedMinor - at))
    lay(`${s.itemId} ${s.state}`, s.itemId, s.state, within, text)
    lay(
      `${s.itemId} ${s.state} over`,
      s.itemId,
      'over',
      s.amountMinor - within,
      `${text}, past the agreed budget`,
    )
  }
  const heldWithin = Math.max(0, Math.min(held, agreedMinor - at))
  lay('held', undefined, 'chosen', heldWithin, `Held for what placeholders stand in for, ${money(held)}`)
  lay(
    'held over',
    undefined,
    'over',
    held - heldWithin,
    `Held for what placeholders stand in for, past the agreed budget, ${money(held)}`,
  )
  const feeWithin = Math.max(0, Math.min(fee, agreedMinor - at))
  lay('fee', undefined, 'chosen', feeWithin, `Decorator’s fee, inside the budget, ${money(fee)}`)
  lay(
    'fee over',
    undefined,
    'over',
    fee - feeWithin,
    `Decorator’s fee, past the agreed budget, ${money(fee)}`,
  )
  lay('free', undefined, 'free', freeMinor, `Free, ${money(Math.max(0, freeMinor))}`)
  lay(
    'reserve',
    undefined,
    'reserve',
    Math.max(0, agreedMinor - at),
    `Reserve, ${money(Math.max(0, agreedMinor - at))} left of ${money(reserveMinor)}`,
  )
  const spent = `${money(agreedMinor)} agreed − ${money(paidMinor)} paid − ${money(orderedMinor)} ordered − ${money(chosenMinor)} chosen${held > 0 ? ` − ${money(held)} held` : ''}${fee > 0 ? ` − ${money(fee)} fee` : ''}`
  const sumOf = (state: 'paid' | 'ordered' | 'chosen') =>
    position.stretches
      .filter((s) => s.state === state)
      .map((s) => `${s.name} ${money(s.amountMinor)}`)
      .join(' + ') || 'nothing yet'
  const label = (
    word: string,
    state: TapeStretch['state'],
    minor: number,
    left: number,
    sum: string,
  ): TapeLabel => ({
    sum,
    word,
    state,
    amount: money(minor),
    left: percent(left),
  })
  const history = () => {
    let then = agreedMinor - changes.reduce((sum, c) => sum + c.amountMinor, 0)
    return changes.map((c) => {
      const was = then
      then += c.amountMinor
      const by = `${c.amountMinor > 0 ? '+' : '−'}${money(Math.abs(c.amountMinor))}`
      return {
        left: Math.min(100, percent(was)),
        text: `${money(was)} until ${dayText(c.agreedOn)}: ${by}, ${c.why}, agreed by ${c.agreedBy}`,
      }
    })
  }
  const past = used - agreedMinor
  const labels = [
    label('Paid', 'paid', paidMinor, 0, sumOf('paid')),
    label('Ordered', 'ordered', orderedMinor, paidMinor, sumOf('ordered')),
    label('Chosen', 'chosen', chosenMinor, paidMinor + orderedMinor, sumOf('chosen')),
    ...(held > 0
      ? [
          label(
            'Held',
            'chosen',
            held,
            paidMinor + orderedMinor + chosenMinor,
            'kept back for what placeholders stand in for',
          ),
        ]
      : []),
    ...(fee > 0
      ? [
          label(
            'Fee',
            'chosen',
            fee,
            paidMinor + orderedMinor + chosenMinor + held,
            'the decorator’s fee, out of the budget',
          ),
        ]
      : []),
    ...(past > 0
      ? [label('Over', 'over', past, agreedMinor, spent)]
      : freeMinor < 0
        ? [label('Reserve left', 'reserve', agreedMinor - used, used, spent)]
        : [
            label('Free', 'free', freeMinor, used, `${spent} − ${money(reserveMinor)} reserve`),
            label(
              'Reserve',
              'reserve',
              reserveMinor,
              agreedMinor - reserveMinor,
              `held back of ${money(agreedMinor)} agreed`,
            ),
          ]),
  ]
  return { stretches, labels, ticks: ticks(end, digits), hook: percent(agreedMinor), changes: history() }
}

function ticks(endMinor: number, digits: number): TapeView['ticks'] {
  const end = endMinor / 10 ** digits
  const scale = scaleLinear().domain([0, end])
  const long = scale.ticks(10)
  const step = (long[1] ?? end) - (long[0] ?? 0)
  const short: number[] = []
  for (let value = 0; value <= end + step / 1000; value += step / 5) short.push(value)
  const isLong = (value: number) => Math.abs(value / step - Math.round(value / step)) < 1e-6
  const text = (value: number) =>
    value >= 1000 ? `${Number((value / 1000).toFixed(2))}k` : String(Math.round(value))
  return short.map((value) => ({
    left: (100 * value) / end,
    text: isLong(value) && value > 0 ? text(value) : undefined,
  }))
}

/**
 * Label places in pixels: each where its stretch begins, pushed right until the one before it has room, then pushed
 * left until all end inside the tape.
 */
export function labelPlaces(
  wanted: readonly number[],
  widths: readonly number[],
  tapePx: number,
  gapPx = 14,
): number[] {
  const places = [...wanted]
  for (let i = 1; i < places.length; i++)
    places[i] = Math.max(places[i] ?? 0, (places[i - 1] ?? 0) + (widths[i - 1] ?? 0) + gapPx)
  let limit = tapePx
  for (let i = places.length - 1; i >= 0; i--) {
    places[i] = Math.min(places[i] ?? 0, limit - (widths[i] ?? 0))
    limit = (places[i] ?? 0) - gapPx
  }
  return places
}
