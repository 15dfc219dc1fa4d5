import type { Minor } from '../../kernel/money/currency.js'

/** A thing of the look that stands. */
export interface StandingThing {
  readonly id: string
  readonly name: string
  readonly costMinor: Minor
  /** It stays. */
  readonly stays: boolean
  /** It is fixed to the room: taken off, it leaves a mark. */
  readonly fixed: boolean
}

/** A thing the change adds. */
export interface AddedThing {
  readonly id: string
  readonly name: string
  readonly costMinor: Minor
  /** It makes good what something taken off leaves behind: filling, sanding, painting. */
  readonly makesGood: boolean
  /** It is not part of the change. */
  readonly leftOut?: boolean
}

export interface LookLine {
  readonly id: string
  readonly name: string
  readonly what: 'stays' | 'goes' | 'comes' | 'left out'
  /** What the first look paid for it. */
  readonly firstMinor: Minor
  /** What the second pays for it: nothing for what stays, goes or is left out. */
  readonly costMinor: Minor
}

export interface ChangeEstimate {
  readonly lines: readonly LookLine[]
  /** What the change costs: only what comes. */
  readonly costMinor: Minor
  /** What the first look cost; a change does not touch it. */
  readonly firstMinor: Minor
  /** Spent on what goes: gone with it, unless it is sold or goes back. */
  readonly leftBehindMinor: Minor
  /** Taken off the room with nothing among what comes that makes good. */
  readonly unfixed: readonly string[]
}

/**
 * A change costs only what it changes: what stays is listed at nothing, what goes leaves what it cost behind and, where
 * it was fixed, a mark to make good; what comes is paid for. The first look keeps its own total.
 */
export function changeEstimate(
  standing: readonly StandingThing[],
  added: readonly AddedThing[],
): ChangeEstimate {
  const going = standing.filter((s) => !s.stays)
  const coming = added.filter((a) => !a.leftOut)
  return {
    lines: [
      ...standing.map(({ id, name, stays, costMinor }): LookLine => ({
        id,
        name,
        what: stays ? 'stays' : 'goes',
        firstMinor: costMinor,
        costMinor: 0,
      })),
      ...added.map(({ id, name, leftOut, costMinor }): LookLine => ({
        id,
        name,
        what: leftOut ? 'left out' : 'comes',
        firstMinor: 0,
        costMinor: leftOut ? 0 : costMinor,
      })),
    ],
    costMinor: sum(coming),
    firstMinor: sum(standing),
    leftBehindMinor: sum(going),
    unfixed: coming.some((a) => a.makesGood) ? [] : going.filter((s) => s.fixed).map((s) => s.name),
  }
}

const sum = (things: readonly { readonly costMinor: Minor }[]): Minor =>
  things.reduce((total, t) => total + t.costMinor, 0)
