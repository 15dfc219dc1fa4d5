import { chroma, hueDeg, type LabD65 } from '@bonitas/core/kernel/color/lab'
import { allSeenUnder, type SeenLight } from '@bonitas/core/kernel/color/seenUnder'
import { comparePair, type Pair } from '@bonitas/core/stages/palette/pairs'
import type { FinishFacts } from '@bonitas/core/stages/palette/paletteFacts'
import { hueWord, undertone, undertoneSilent } from '@bonitas/core/stages/palette/undertone'
import { t } from './words.js'

/** A finish as it looks in a light. */
export interface SeenFinish {
  readonly facts: FinishFacts
  readonly seen: LabD65
  /** "turns warmer, leans yellow": what happens to it beside its own color. */
  readonly says: string
}

// Less is not noticed between two looks at one wall (common practice).
const NOTICED = 1.5
// From so far off the neutral axis on a gray is called cool or warm (common practice).
const LEANS_B = 1

/** In words what light does to a color. */
export function turnWords(own: LabD65, seen: LabD65): string {
  const warmer = seen.b - own.b
  const parts: string[] = []
  if (Math.abs(warmer) >= NOTICED)
    parts.push(`${Math.round(Math.abs(warmer))} ${warmer > 0 ? 'warmer' : 'cooler'}`)
  const [before, after] = [
    undertoneSilent(own) ? 'none' : hueWord(hueDeg(own)),
    undertoneSilent(seen) ? 'none' : hueWord(hueDeg(seen)),
  ]
  // A gray on the line between cool and warm is judged at several hours, or it surprises.
  if (before === 'none' || after === 'none') {
    if (own.b < -LEANS_B && seen.b > LEANS_B) parts.push(t('turnsFromCoolToWarm'))
    else if (own.b > LEANS_B && seen.b < -LEANS_B) parts.push(t('turnsFromWarmToCool'))
  }
  if (before !== after && Math.min(chroma(own), chroma(seen)) < 20)
    parts.push(
      after === 'none'
        ? t('itsUndertoneGoes')
        : before === 'none'
          ? `leans ${after}`
          : `${before} turns ${after}`,
    )
  return parts.join(', ') || t('asItIs')
}

export function seenFinishes(finishes: readonly FinishFacts[], light: SeenLight): SeenFinish[] {
  const seen = allSeenUnder(
    finishes.map((f) => f.lab),
    light,
  )
  return finishes.map((facts, i) => {
    const lab = seen[i] ?? facts.lab
    return { facts, seen: lab, says: turnWords(facts.lab, lab) }
  })
}

const as = ({ facts, seen }: SeenFinish): FinishFacts => ({
  ...facts,
  lab: seen,
  undertone: undertone(facts.finish.material, seen),
})

export interface TurnedPair {
  readonly one: FinishFacts
  readonly two: FinishFacts
  readonly before: Pair
  readonly after: Pair
}

/** Pairs whose verdict in this light is graver than in the other one. */
export function turnedPairs(reference: readonly SeenFinish[], now: readonly SeenFinish[]): TurnedPair[] {
  const grave = { agrees: 0, contrasts: 0, 'near miss': 1, clashes: 2 } as const
  return now.flatMap((one, i) =>
    now.slice(i + 1).flatMap((two, k): TurnedPair[] => {
      const [r1, r2] = [reference[i], reference[i + 1 + k]]
      if (!r1 || !r2) return []
      const before = comparePair(as(r1), as(r2))
      const after = comparePair(as(one), as(two))
      return grave[after.verdict] > grave[before.verdict]
        ? [{ one: one.facts, two: two.facts, before, after }]
        : []
    }),
  )
}
