import { daysBetween } from '../../../kernel/units/days.js'
import { sharedWords } from '../sharedWords.js'
import type { BankLine } from './readStatement.js'

/** An order that is still owed for, or a line for which money is due back. */
export interface Expected {
  readonly kind: 'payment' | 'refund'
  /** Of the order, or of the line. */
  readonly id: string
  readonly name: string
  /** What may stand in the bank's text for it. */
  readonly words: string
  /** All that is open, and the parts that were agreed. */
  readonly openMinor: number
  readonly partsMinor: readonly number[]
  /** The days it may be paid around. */
  readonly days: readonly string[]
}

/** A payment or refund that is in the ledger already. */
export interface Entered {
  readonly eventId: string
  readonly kind: 'payment' | 'refund'
  readonly on: string
  readonly amountMinor: number
  readonly what: string
}

export interface Match {
  readonly expected: Expected
  readonly score: number
  /** Why, for the person who confirms. */
  readonly because: readonly string[]
}

export interface Proposal {
  readonly line: BankLine
  /** Best first; none when nothing fits. */
  readonly matches: readonly Match[]
  /** It seems to be in the ledger already. */
  readonly entered: Entered | undefined
}

/** Days between bank and ledger that still count as the same payment (common practice: a transfer and a weekend). */
const SAME_DAYS = 5
/** The least that is worth proposing: an amount that fits, or a name with a day near it. */
const LEAST = 3

/**
 * Proposes what each line of a statement pays, by amount, day and name. It decides nothing: a person confirms each.
 * What is in the ledger already, by amount and a day near it, is told as such, one entry for one line.
 */
export function proposeMatches(
  lines: readonly BankLine[],
  expected: readonly Expected[],
  entered: readonly Entered[],
): Proposal[] {
  const taken = new Set<string>()
  return lines.map((line) => {
    const kind = line.amountMinor < 0 ? 'payment' : 'refund'
    const amount = Math.abs(line.amountMinor)
    const there = entered
      .filter((e) => e.kind === kind && e.amountMinor === amount && !taken.has(e.eventId))
      .map((e) => ({ e, days: Math.abs(daysBetween(e.on, line.on)) }))
      .filter(({ days }) => days <= SAME_DAYS)
      .sort((x, y) => x.days - y.days)[0]?.e
    if (there) taken.add(there.eventId)
    const matches = expected
      .filter((x) => x.kind === kind && amount <= x.openMinor)
      .map((x) => judged(line, amount, x))
      .filter((m) => m.score >= LEAST)
      .sort((x, y) => y.score - x.score)
      .slice(0, 3)
    return { line, matches, entered: there }
  })
}

function judged(line: BankLine, amount: number, x: Expected): Match {
  let score = 0
  const because: string[] = []
  if (amount === x.openMinor) {
    score += 4
    because.push('all that is open')
  } else if (x.partsMinor.includes(amount)) {
    score += 4
    because.push('a part that was agreed')
  }
  const shared = sharedWords(line.name, x.words)
  if (shared.length > 0) {
    score += 1 + Math.min(2, shared.length)
    because.push(`named: ${shared.join(', ')}`)
  }
  const away = Math.min(...x.days.map((d) => Math.abs(daysBetween(d, line.on))), Infinity)
  if (away <= 10) {
    score += away <= 3 ? 2 : 1
    because.push(away === 0 ? 'on the day' : `${away} ${away === 1 ? 'day' : 'days'} away`)
  }
  return { expected: x, score, because }
}
