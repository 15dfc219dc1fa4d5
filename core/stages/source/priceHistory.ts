import type { Minor } from '../../kernel/money/currency.js'
import type { PriceObservation } from '../../model/rows/priceObservations.js'
import type { Stock } from '../../model/vocabulary/buying.js'

export type PriceEvent =
  | {
      readonly kind: 'marked down' | 'gone up'
      readonly on: string
      readonly fromMinor: Minor
      readonly toMinor: Minor
    }
  | { readonly kind: 'sold out' | 'back in stock'; readonly on: string }

export interface PriceHistory {
  /** Oldest first. */
  readonly points: readonly {
    readonly on: string
    readonly priceMinor: Minor
    readonly stock: Stock | null
  }[]
  readonly events: readonly PriceEvent[]
  /** Times the price fell. */
  readonly markdowns: number
  /** Off the first price, in percent; below zero when it has gone up. */
  readonly offPercent: number
  /** The watch price is reached. */
  readonly reached: boolean
}

/** What became of a price from day to day. The last point is the option's own price. */
export function priceHistory(
  priceObservations: readonly Pick<PriceObservation, 'on' | 'priceMinor' | 'stock'>[],
  now: {
    readonly priceMinor: Minor
    readonly stock: Stock | null
    readonly on: string
    readonly watchMinor: Minor | null
  },
): PriceHistory {
  const points = [
    ...priceObservations
      .filter((s) => s.on <= now.on)
      .map((s) => ({ on: s.on, priceMinor: s.priceMinor, stock: s.stock ?? null })),
  ].sort((x, y) => (x.on < y.on ? -1 : x.on > y.on ? 1 : 0))
  const last = points.at(-1)
  if (last?.priceMinor !== now.priceMinor || last.stock !== now.stock)
    points.push({ on: now.on, priceMinor: now.priceMinor, stock: now.stock })
  const events: PriceEvent[] = []
  points.forEach((p, i) => {
    const before = points[i - 1]
    if (!before) return
    if (p.priceMinor !== before.priceMinor)
      events.push({
        kind: p.priceMinor < before.priceMinor ? 'marked down' : 'gone up',
        on: p.on,
        fromMinor: before.priceMinor,
        toMinor: p.priceMinor,
      })
    if (p.stock === 'sold out' && before.stock !== 'sold out') events.push({ kind: 'sold out', on: p.on })
    if (before.stock === 'sold out' && p.stock && p.stock !== 'sold out')
      events.push({ kind: 'back in stock', on: p.on })
  })
  const first = points[0]?.priceMinor ?? 0
  return {
    points,
    events,
    markdowns: events.filter((e) => e.kind === 'marked down').length,
    offPercent: first > 0 ? (100 * (first - now.priceMinor)) / first : 0,
    reached: now.watchMinor !== null && now.priceMinor <= now.watchMinor,
  }
}

/** A price that lost its hundreds, with the likely reading. */
export interface Slip {
  /** The prices as they likely were, oldest first, the last one among them. */
  readonly likely: readonly Minor[]
  readonly why: string
}

/**
 * Spoken prices lose their hundreds: "four forty-nine" is written as 4.49. A price that was marked down cannot be above
 * the earlier ones; when the earlier ones times a hundred fit, that is the likely reading.
 * @param prices oldest first, the present one last
 */
export function slipInHistory(prices: readonly Minor[]): Slip | undefined {
  const now = prices.at(-1)
  const earlier = prices.slice(0, -1)
  if (now === undefined || earlier.length === 0 || now <= Math.max(...earlier)) return undefined
  const raised = earlier.map((p) => (p * 20 < now ? p * 100 : p))
  if (raised.every((p, i) => p === earlier[i])) return undefined
  // Only a reading in which each price is at most the one before is likelier than what was written.
  const likely = [...raised, now]
  return likely.every((p, i) => i === 0 || p <= (likely[i - 1] ?? 0))
    ? { likely, why: 'a marked-down price cannot be above the earlier ones' }
    : undefined
}

// A find may be a bargain; a twentieth of what such things cost is not one (common practice).
const FAR_BELOW = 20

/**
 * A price far below the target and the other options, which a hundredfold would bring among them.
 * @param others landed prices of the other options, and the target where one is set
 */
export function slipAgainst(priceMinor: Minor, others: readonly Minor[]): Slip | undefined {
  // Far below the middle is far below the dearest: most prices are not, and need no sorting.
  if (!others.some((o) => priceMinor * FAR_BELOW <= o)) return undefined
  const known = others.filter((o) => o > 0).sort((x, y) => x - y)
  const middle = known[Math.floor(known.length / 2)]
  if (middle === undefined || priceMinor === 0 || priceMinor * FAR_BELOW > middle) return undefined
  const raised = priceMinor * 100
  return raised <= 3 * middle && raised * 5 >= middle
    ? { likely: [raised], why: 'it is far below what such things cost here' }
    : undefined
}
