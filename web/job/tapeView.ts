import { ticks as roundSteps } from 'd3'
import type { BudgetPosition } from '@bonitas/core/stages/ledger/budgetPosition'
import type { Formatter } from '@bonitas/core/kernel/units/formatter'
import { t } from './words.js'

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
  /** Nothing is agreed and nothing spent: there is no tape to read yet. */
  readonly bare: boolean
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

type Says = Pick<Formatter, 'money' | 'day' | 'figure'>

/** What the tape lays out of a budget, with the sums that are in it only when there are any. */
interface TapeSums {
  readonly position: BudgetPosition
  readonly feeMinor: number
  readonly usedMinor: number
  /** The end of the tape. */
  readonly endMinor: number
}

function sumsOf(position: BudgetPosition): TapeSums {
  const feeMinor = position.feeInside ? position.feeMinor : 0
  const { paidMinor, orderedMinor, chosenMinor, allowanceMinor, agreedMinor } = position
  const usedMinor = paidMinor + orderedMinor + chosenMinor + allowanceMinor + feeMinor
  return { position, feeMinor, usedMinor, endMinor: Math.max(agreedMinor, usedMinor, 1) }
}

const percentOf = (minor: number, { endMinor }: TapeSums) => (100 * minor) / endMinor

/** The stretches from the left; what would run past the hook is cut there and lies over from then on. */
function stretchesOf(sums: TapeSums, says: Says): TapeStretch[] {
  const { position, feeMinor } = sums
  const { agreedMinor, reserveMinor, freeMinor, allowanceMinor } = position
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
    const [left, width] = [percentOf(at, sums), percentOf(minor, sums)]
    stretches.push({ key, itemId, state, left, width, text })
    at += minor
  }
  const layOver = (
    key: string,
    itemId: string | undefined,
    state: TapeStretch['state'],
    minor: number,
    text: (past: string) => string,
  ) => {
    const within = Math.max(0, Math.min(minor, agreedMinor - at))
    lay(key, itemId, state, within, text(''))
    lay(`${key} over`, itemId, 'over', minor - within, text(t('pastTheAgreedBudget')))
  }
  for (const s of position.stretches) {
    const text = `${s.name}, ${s.state}, ${says.money(s.amountMinor)}`
    layOver(`${s.itemId} ${s.state}`, s.itemId, s.state, s.amountMinor, (past) => text + past)
  }
  layOver('allowance', undefined, 'chosen', allowanceMinor, (past) =>
    t('allowanceForWhatPlaceholdersStand', { past, allowanceMinor: says.money(allowanceMinor) }),
  )
  layOver('fee', undefined, 'chosen', feeMinor, (past) =>
    t('decoratorsFeePastFeeMinor', { past: past || t('insideTheBudget'), feeMinor: says.money(feeMinor) }),
  )
  lay(
    'free',
    undefined,
    'free',
    freeMinor,
    t('freeFreeMinor', { freeMinor: says.money(Math.max(0, freeMinor)) }),
  )
  const left = Math.max(0, agreedMinor - at)
  lay(
    'reserve',
    undefined,
    'reserve',
    left,
    t('reserveLeftLeftOfReserveMinor', { left: says.money(left), reserveMinor: says.money(reserveMinor) }),
  )
  return stretches
}

/** The sums over the tape, each with what it adds up. */
function labelsOf(sums: TapeSums, says: Says): TapeLabel[] {
  const { position, feeMinor, usedMinor } = sums
  const { agreedMinor, reserveMinor, paidMinor, orderedMinor, chosenMinor, allowanceMinor, freeMinor } =
    position
  const label = (
    word: string,
    state: TapeStretch['state'],
    minor: number,
    left: number,
    sum: string,
  ): TapeLabel => ({ sum, word, state, amount: says.money(minor), left: percentOf(left, sums) })
  const sumOf = (state: 'paid' | 'ordered' | 'chosen') =>
    position.stretches
      .filter((s) => s.state === state)
      .map((s) => `${s.name} ${says.money(s.amountMinor)}`)
      .join(' + ') || t('nothingYet')
  const held =
    allowanceMinor > 0 ? t('allowanceMinorAllowance', { allowanceMinor: says.money(allowanceMinor) }) : ''
  const fee = feeMinor > 0 ? t('feeMinorFee', { feeMinor: says.money(feeMinor) }) : ''
  const spent = t('agreedMinorAgreedPaidMinorPaidOrderedMinor', {
    agreedMinor: says.money(agreedMinor),
    paidMinor: says.money(paidMinor),
    orderedMinor: says.money(orderedMinor),
    chosenMinor: says.money(chosenMinor),
    held,
    fee,
  })
  const chosenAt = paidMinor + orderedMinor
  const allowanceAt = chosenAt + chosenMinor
  const labels = [
    label(t('paid'), 'paid', paidMinor, 0, sumOf('paid')),
    label(t('ordered'), 'ordered', orderedMinor, paidMinor, sumOf('ordered')),
    label(t('chosen'), 'chosen', chosenMinor, chosenAt, sumOf('chosen')),
  ]
  if (allowanceMinor > 0)
    labels.push(
      label(t('allowance'), 'chosen', allowanceMinor, allowanceAt, t('keptBackForWhatPlaceholders')),
    )
  if (feeMinor > 0)
    labels.push(label(t('fee'), 'chosen', feeMinor, allowanceAt + allowanceMinor, t('theDecoratorsFeeOutOf')))
  const past = usedMinor - agreedMinor
  if (past > 0) return [...labels, label(t('over'), 'over', past, agreedMinor, spent)]
  if (freeMinor < 0)
    return [...labels, label(t('reserveLeft'), 'reserve', agreedMinor - usedMinor, usedMinor, spent)]
  const before = agreedMinor - reserveMinor
  return [
    ...labels,
    label(
      t('free'),
      'free',
      freeMinor,
      usedMinor,
      t('spentReserveMinorReserve', { spent, reserveMinor: says.money(reserveMinor) }),
    ),
    label(
      t('reserve'),
      'reserve',
      reserveMinor,
      before,
      t('heldBackOfAgreedMinorAgreed', { agreedMinor: says.money(agreedMinor) }),
    ),
  ]
}

/** Where the hook sat before each change order. */
function changesOf(changes: readonly TapeChange[], sums: TapeSums, says: Says): TapeView['changes'] {
  let then = sums.position.agreedMinor - changes.reduce((sum, c) => sum + c.amountMinor, 0)
  return changes.map((c) => {
    const was = then
    then += c.amountMinor
    const by = `${c.amountMinor > 0 ? '+' : '−'}${says.money(Math.abs(c.amountMinor))}`
    return {
      left: Math.min(100, percentOf(was, sums)),
      text: t('wasUntilAgreedOnByWhy', {
        was: says.money(was),
        agreedOn: says.day(c.agreedOn),
        by,
        why: c.why,
        agreedBy: c.agreedBy,
      }),
    }
  })
}

/**
 * The tape as the screen draws it: as long as the agreed budget, and longer when more is spent. The purchases lie
 * from the left in the order paid, ordered, chosen; then what is free; the reserve ends at the hook. What runs past
 * the hook is over, whatever its state.
 */
export function tapeView(
  position: BudgetPosition,
  digits: number,
  says: Says,
  changes: readonly TapeChange[] = [],
): TapeView {
  const sums = sumsOf(position)
  const stretches = stretchesOf(sums, says)
  const bare = position.agreedMinor === 0 && stretches.length === 0
  return {
    bare,
    stretches,
    labels: bare ? [] : labelsOf(sums, says),
    ticks: bare ? [] : ticks(sums.endMinor, digits, says),
    hook: percentOf(position.agreedMinor, sums),
    changes: changesOf(changes, sums, says),
  }
}

function ticks(endMinor: number, digits: number, says: Says): TapeView['ticks'] {
  const end = endMinor / 10 ** digits
  const long = roundSteps(0, end, 10)
  const step = (long[1] ?? end) - (long[0] ?? 0)
  const short: number[] = []
  for (let value = 0; value <= end + step / 1000; value += step / 5) short.push(value)
  const isLong = (value: number) => Math.abs(value / step - Math.round(value / step)) < 1e-6
  const text = (value: number) =>
    value >= 1_000_000
      ? `${says.figure(Math.round(value / 10_000) / 100)}M`
      : value >= 1000
        ? `${says.figure(Math.round(value / 10) / 100)}k`
        : String(Math.round(value))
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
