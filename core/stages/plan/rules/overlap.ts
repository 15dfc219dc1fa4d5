import type { PlanFacts } from '../planFacts.js'
import type { Standing } from '../standing.js'
import { inTurn, standIn, SLACK_MM, nudge } from '../nudge.js'
import type { Rule, Finding } from '../../../findings/finding.js'
import { ref, lower } from './about.js'
import { isInCot } from './inCot.js'

const STAND_MOVED = 'the piece stands where nothing else does'

/** Pairs of pieces that stand in each other. */
export function overlaps(
  facts: Pick<PlanFacts, 'standings' | 'moved'>,
): { one: Standing; two: Standing; depth: number }[] {
  const found: { one: Standing; two: Standing; depth: number }[] = []
  const { standings, moved } = facts
  if (moved) {
    for (const two of standings) {
      const depth = two.id === moved.id ? 0 : standIn(moved, two)
      if (depth > 0) found.push({ one: moved, two, depth })
    }
    return found
  }
  for (let i = 0; i < standings.length; i++)
    for (let j = i + 1; j < standings.length; j++) {
      const [one, two] = [standings[i], standings[j]]
      const depth = one && two ? standIn(one, two) : 0
      if (one && two && depth > 0) found.push({ one, two, depth })
    }
  return found
}

export const overlap: Rule<PlanFacts> = {
  name: 'plan.overlap',
  title: 'Two pieces stand in each other',
  numbers: `More than ${SLACK_MM} mm in each other where their heights meet; a chair may stand under a table, a lamp on it, all on a rug.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    overlaps(facts).flatMap(({ one, two, depth }): Finding[] => {
      const [small, large] = one.widthMm * one.depthMm <= two.widthMm * two.depthMm ? [one, two] : [two, one]
      // What lies in a cot is told by a rule of its own.
      if (large.kind === 'cot' && isInCot(small, large)) return []
      return [
        {
          rule: 'plan.overlap',
          severity: 'stop',
          about: [ref(one), ref(two)],
          title: `${small.name} stands in ${lower(large.name)}`,
          measured: `${facts.says.length(depth)} in each other`,
          quantity: { value: depth, better: 'less' },
          wanted: STAND_MOVED,
          because: 'Two things cannot have one place.',
          fixes: inTurn([
            nudge(facts, small, (s) => standIn(s, large) === 0),
            nudge(facts, large, (s) => standIn(s, small) === 0),
          ]),
        },
      ]
    }),
}
