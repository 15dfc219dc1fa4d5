import type { Minor } from '../money/currency.js'

/** A thing of the look that stands. */
export interface StandingThing {
  readonly id: string
  readonly name: string
  readonly costMinor: Minor
  /** It stays in the second look. */
  readonly stays: boolean
  /** It is fixed to the room: taken off, it leaves a mark. */
  readonly fixed: boolean
}

/** A thing the second look adds. */
export interface AddedThing {
  readonly id: string
  readonly name: string
  readonly costMinor: Minor
  /** It makes good what something taken off leaves behind: filling, sanding, painting. */
  readonly makesGood: boolean
}

export interface SecondLook {
  /** Everything of the first look, at what the second pays for it: nothing for what stays, nothing for what goes. */
  readonly lines: readonly {
    readonly id: string
    readonly name: string
    readonly what: 'stays' | 'goes' | 'comes'
    readonly costMinor: Minor
  }[]
  /** What the change costs: only what comes. */
  readonly costMinor: Minor
  /** What the first look cost; a second look does not touch it. */
  readonly firstMinor: Minor
  /** Spent on what goes: gone with it, unless it is sold or goes back. */
  readonly leftBehindMinor: Minor
  /** Taken off the room with nothing among what comes that makes good. */
  readonly unmended: readonly string[]
}

/**
 * A second look costs only what changes: what stays is listed at nothing, what goes leaves what it cost behind and, where
 * it was fixed, a mark to make good; what comes is paid for. The first look keeps its own total.
 */
export function secondLook(standing: readonly StandingThing[], added: readonly AddedThing[]): SecondLook {
  const going = standing.filter((s) => !s.stays)
  const madeGood = added.some((a) => a.makesGood)
  return {
    lines: [
      ...standing.map((s) => ({
        id: s.id,
        name: s.name,
        what: s.stays ? ('stays' as const) : ('goes' as const),
        costMinor: 0,
      })),
      ...added.map((a) => ({ id: a.id, name: a.name, what: 'comes' as const, costMinor: a.costMinor })),
    ],
    costMinor: added.reduce((total, a) => total + a.costMinor, 0),
    firstMinor: standing.reduce((total, s) => total + s.costMinor, 0),
    leftBehindMinor: going.reduce((total, s) => total + s.costMinor, 0),
    unmended: madeGood ? [] : going.filter((s) => s.fixed).map((s) => s.name),
  }
}
