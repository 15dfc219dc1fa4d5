import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import type { PlanPiece } from '../standing.js'
import { has, pieceRef, lower, withTraits } from './about.js'
import { boxGap, type Box } from '../../../kernel/geometry/box.js'
import { boxBefore } from '../planRoom.js'
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

/** Where a flame burns: where it stands, where what it is set down on stands, or where it hangs. */
function burnsAt(facts: PlanFacts, p: PlanPiece): Box[] {
  const hung = facts.wallPlacements.flatMap((h) => {
    const wall = facts.room.walls.find((w) => w.id === h.wallId)
    return h.piece.id === p.id && wall ? [boxBefore(wall, h.xMm, h.widthMm, p.depthMm)] : []
  })
  const standing = (id: string) => facts.standings.filter((s) => s.pieceId === id).map((s) => s.box)
  return [...standing(p.id), ...p.hosts.flatMap(standing), ...hung]
}

/** How far curtains stand out before their window (common practice). */
const CURTAIN_MM = 150

/** Cloth that stands in the room, and what hangs at the windows of its wall. */
function clothIn(facts: PlanFacts): { readonly name: string; readonly box: Box }[] {
  const standing = facts.standings.filter((s) => CLOTH.has(s.kind)).map((s) => ({ name: s.name, box: s.box }))
  const drawn = facts.pieces
    .filter((p) => p.kind === 'curtains' || p.kind === 'blind')
    .flatMap((p) =>
      facts.room.openings
        .filter((o) => o.kind === 'window' && o.wallId === p.wallId)
        .flatMap((o) => {
          const wall = facts.room.walls.find((w) => w.id === o.wallId)
          return wall
            ? [{ name: p.name, box: boxBefore(wall, o.startMm + o.widthMm / 2, o.widthMm, CURTAIN_MM) }]
            : []
        }),
    )
  return [...standing, ...drawn]
}

export const flame: Rule<PlanFacts> = {
  name: 'plan.flame',
  title: 'An open flame with cloth, children or pets near, or a fire indoors',
  numbers: `Any open flame: ages and ${FLAME_MM} mm to cloth are asked, wherever it stands, hangs or is set down, and of curtains at their window; one that is set down nowhere is asked where it burns, when there is cloth. A gel or gas fire indoors is a stop: unvented, refilled hot. Battery lights are offered.`,
  source: 'common practice',
  schools: 'all',
  caution: true,
  check: (facts) =>
    facts.pieces.flatMap((p): Finding[] => {
      const gel = has(p, 'gel or gas fire')
      if (!gel && !has(p, 'open flame')) return []
      const at = burnsAt(facts, p)
      const cloth = clothIn(facts).filter((c) => at.some((fire) => boxGap(c.box, fire) < FLAME_MM))
      const curtains = facts.pieces.some((c) => c.kind === 'curtains')
      const indoors = !facts.exposedToWeather
      // Where it burns is not said: how far it is from cloth is then not known either.
      const nowhere = at.length === 0 && facts.pieces.some((c) => CLOTH.has(c.kind))
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
