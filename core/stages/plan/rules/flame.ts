import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { has, pieceRef, lower, withTraits } from './about.js'
import { boxGap } from '../../../kernel/geometry/box.js'
import { ASK } from './cautions.js'

// A flame and cloth, or a hot thing and cloth, this near (common practice).
export const FLAME_MM = 1_000

const CLOTH: ReadonlySet<string> = new Set([
  'curtains',
  'throw',
  'cushion',
  'sofa',
  'sofa bed',
  'armchair',
  'bed',
  'cot',
  'blind',
])

export const flame: Rule<PlanFacts> = {
  name: 'plan.flame',
  title: 'An open flame with cloth, children or pets near, or a fire indoors',
  numbers: `Any open flame: ages and ${FLAME_MM} mm to cloth are asked; one that is set down nowhere is asked where it burns, when there is cloth. A gel or gas fire indoors is a stop: unvented, refilled hot. Battery lights are offered.`,
  source: 'common practice',
  schools: 'all',
  caution: true,
  check: (facts) =>
    facts.pieces.flatMap((p): Finding[] => {
      const gel = has(p, 'gel or gas fire')
      if (!gel && !has(p, 'open flame')) return []
      const at = facts.standings.filter((s) => s.pieceId === p.id)
      const cloth = facts.standings.filter(
        (s) => CLOTH.has(s.kind) && at.some((fire) => boxGap(s.box, fire.box) < FLAME_MM),
      )
      const curtains = facts.pieces.some((c) => c.kind === 'curtains')
      const indoors = !facts.exposedToWeather
      // Where it burns is not said: how far it is from cloth is then not known either.
      const nowhere = at.length === 0 && p.hosts.length === 0 && facts.pieces.some((c) => CLOTH.has(c.kind))
      const watched = facts.household.children || facts.household.pets || !facts.household.known
      const near = cloth.length > 0
      if (!near && !watched && !nowhere && !(gel && indoors)) return []
      return [
        {
          rule: 'plan.flame',
          severity: gel && indoors ? 'stop' : 'look',
          about: [pieceRef(p)],
          title:
            gel && indoors
              ? `${p.name} belongs outdoors`
              : watched
                ? `${p.name}: a flame in this household`
                : near
                  ? `${p.name}: a flame near cloth`
                  : `${p.name}: where does it burn?`,
          measured: [
            gel && indoors ? 'an unvented flame, refilled by hand' : '',
            near
              ? `${[...new Set(cloth.map((s) => lower(s.name)))].join(', ')} within ${facts.says.length(FLAME_MM)}`
              : curtains && gel
                ? 'curtains in the room'
                : '',
            nowhere ? 'where it burns is not said, and there is cloth in the room' : '',
            watched ? (facts.household.known ? 'children or pets' : 'ages not known') : '',
          ]
            .filter(Boolean)
            .join('; '),
          wanted: gel
            ? 'outdoors only, in a clear zone; gas by a licensed fitter'
            : 'battery candles, or a flame out of reach and never left alone',
          because: `Fire spreads by cloth and by refilling. ${ASK}`,
          fixes: [withTraits(p, 'Take battery candles', [], ['open flame', 'gel or gas fire'])],
        },
      ]
    }),
}
