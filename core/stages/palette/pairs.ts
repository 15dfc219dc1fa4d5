import type { FinishFacts } from './paletteFacts.js'
import { likeness, matchLimit, type Surface } from './paletteFacts.js'
import { compareUndertone, nearNeutral, type Leaning } from './undertone.js'

export type PairVerdict = 'agrees' | 'contrasts' | 'near miss' | 'clashes'

export interface Pair {
  readonly verdict: PairVerdict
  readonly deltaE: number
  /** Undertones against each other; undefined where undertone is silent or the two are of no common kind. */
  readonly leaning: Leaning | undefined
  /** In words: "both lean yellow", "one leans green, the other pink". */
  readonly says: string
}

/**
 * Undertones of two finishes against each other. Timber is held against timber, metal against metal, leaf against
 * leaf; whites and greys also against each other, since a wall and a sofa are compared whatever they are called.
 */
export function leaningOf(one: Colored, two: Colored): Leaning | undefined {
  const [f, g] = [one.undertone.family, two.undertone.family]
  if (f === g) return compareUndertone(f, one.lab, two.lab)
  return nearNeutral(f) && nearNeutral(g) ? compareUndertone('grey', one.lab, two.lab) : undefined
}

/** What of a finish is compared. */
export type Colored = Pick<FinishFacts, 'lab' | 'undertone'> & {
  /** What it is made of, where that is known: two alike are told apart sooner. */
  readonly finish?: Surface
}

/** How two finishes stand to each other in one view. */
export function comparePair(one: Colored, two: Colored): Pair {
  const { zone, deltaE } = likeness(
    one.lab,
    two.lab,
    one.finish && two.finish ? matchLimit(one.finish, two.finish) : undefined,
  )
  const leaning = leaningOf(one, two)
  const [a, b] = leaning?.words ?? ['', '']
  if (leaning?.clash)
    return {
      verdict: 'clashes',
      deltaE,
      leaning,
      says: `one leans ${a}, the other ${b}, ${Math.round(leaning.gapDeg)}° apart`,
    }
  if (zone === 'merges') return { verdict: 'agrees', deltaE, leaning, says: 'read as one' }
  if (zone === 'near miss')
    return { verdict: 'near miss', deltaE, leaning, says: 'too far to match, too close to contrast' }
  const silent = one.undertone.word === 'none' || two.undertone.word === 'none'
  if (silent) return { verdict: 'agrees', deltaE, leaning, says: 'no undertone to disagree with' }
  const kin = one.undertone.word === two.undertone.word
  return kin || leaning
    ? {
        verdict: 'agrees',
        deltaE,
        leaning,
        says: kin ? `both lean ${one.undertone.word}` : 'undertones agree',
      }
    : { verdict: 'contrasts', deltaE, leaning, says: `${one.undertone.word} against ${two.undertone.word}` }
}
