import type { Passage } from '../../model/rows/passages.js'

/** The narrowest and the lowest place on the way in, and what is still unknown. */
export interface WayInFacts {
  readonly passages: readonly Passage[]
  readonly narrowest: Passage | undefined
  readonly lowest: Passage | undefined
  /** Passages whose third measure is needed before a large piece can be tried: lift cars, landings and turns. */
  readonly incomplete: readonly Passage[]
}

const NEEDS_LENGTH: ReadonlySet<Passage['kind']> = new Set(['lift car', 'landing', 'turn'])

/** What the way in comes to. */
export function wayInFacts(passages: readonly Passage[]): WayInFacts {
  const least = (by: 'widthMm' | 'heightMm') =>
    passages.reduce<Passage | undefined>((low, p) => (!low || p[by] < low[by] ? p : low), undefined)
  return {
    passages,
    narrowest: least('widthMm'),
    lowest: least('heightMm'),
    incomplete: passages.filter((p) => NEEDS_LENGTH.has(p.kind) && p.lengthMm == null),
  }
}
