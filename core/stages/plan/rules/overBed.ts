import type { PieceKind } from '../../../model/vocabulary/piece.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import type { Standing } from '../standing.js'
import { has, lower, hungRef, ref } from './about.js'
import type { PlanFacts, Hung } from '../planFacts.js'
import type { Fix, Rule, Finding } from '../../../findings/finding.js'
import { put } from '../../../model/changes.js'
import { fallsOn, ASK } from './cautions.js'
import { boxGap } from '../../../kernel/geometry/box.js'
import { nudge } from '../nudge.js'

/** Higher than this no child that stands up in a cot gets hold of a thing (common practice). */
const CHILD_REACH_MM = 1_800

/** A lamp with a cord a child gets hold of, or one of the ceiling right over it. */
const lampReached = (s: Standing, bed: Standing): boolean =>
  s.raisedMm < CHILD_REACH_MM ? !has(s.piece, 'cordless') : boxGap(s.box, bed.box) <= 0

/** Beds and cots something may fall on. */
const SLEEPS: ReadonlySet<string> = new Set(['bed', 'cot'])

// A thing this heavy over a sleeper is never hung there, by whatever it is held.
const OVER_BED_G = 1_000

/** What a child can be laid on; a lamp or a box that helps there is none. */
const CHANGED_ON: ReadonlySet<PieceKind> = new Set<PieceKind>([
  'chest of drawers',
  'cabinet',
  'table',
  'desk',
  'bench',
  'low table',
  'bed',
  'sanitary',
  'other',
])

/** A surface a small child is changed on: as near to what hangs and stands as a cot. */
export const isChangingPlace = (facts: PlanFacts, s: Standing): boolean =>
  CHANGED_ON.has(s.kind) &&
  facts.uses.some((u) => u.kind === 'change a small child' && s.piece.serves.includes(u.id))

const liesThere = (facts: PlanFacts, s: Standing): boolean => SLEEPS.has(s.kind) || isChangingPlace(facts, s)

/** Where a small child lies: nothing hangs over it, and nothing to pull or swallow is within reach. */
const isChilds = (facts: PlanFacts, s: Standing): boolean => s.kind === 'cot' || isChangingPlace(facts, s)

/** Why a thing must not hang over one who lies there; undefined when it may. */
function hazard(facts: PlanFacts, h: Hung, bed: Standing): string | undefined {
  const p = h.piece
  if (bed.kind === 'cot') return 'over a cot nothing hangs, however light'
  if (isChangingPlace(facts, bed)) return 'over a changing place nothing hangs, however light'
  if (has(p, 'corded')) return 'it has a cord'
  // What begins below the top of the pillows stands behind the sleeper: a headboard, and a matter of its fixing.
  if (
    (p.kind === 'headboard' || p.kind === 'other') &&
    h.bottomMm <= (bed.piece.mattressMm ?? bed.heightMm) + (bed.piece.pillowsMm ?? 0)
  )
    return h.row.fixing === 'adhesive strips' || h.row.fixing === 'string on a nail'
      ? `a headboard held by ${h.row.fixing === 'string on a nail' ? 'a string' : 'adhesive strips'}`
      : undefined
  if (p.kind === 'mirror' || p.kind === 'shelves') return `a ${p.kind === 'mirror' ? 'mirror' : 'shelf'}`
  if (h.row.fixing === 'adhesive strips') return 'held by adhesive strips'
  if (h.weightG === null) return 'weight not known'
  if (h.weightG < OVER_BED_G) return undefined
  return `${p.weightG === null ? 'at least ' : ''}${facts.says.weight(h.weightG)}`
}

/** Other walls a piece can hang on, those with nobody under it first. */
function otherWalls(facts: PlanFacts, h: Hung): Fix[] {
  return facts.room.walls
    .filter((w) => w.id !== h.wallId && w.lengthMm > h.widthMm + 200)
    .map((w) => ({ w, x: freeOn(facts, w.id, w.lengthMm, h) }))
    .filter((c): c is { w: (typeof c)['w']; x: number } => c.x !== undefined)
    .slice(0, 2)
    .map(({ w, x }) => ({
      label: `Hang it on ${lower(w.name)}`,
      changes: [put('wallPlacements', h.id, { wallId: w.id, xMm: x })],
    }))
}

function freeOn(facts: PlanFacts, wallId: string, lengthMm: number, h: Hung): number | undefined {
  const taken = [
    ...facts.room.openings
      .filter((o) => o.wallId === wallId)
      .map((o) => [o.startMm, o.startMm + o.widthMm] as const),
    ...facts.wallPlacements
      .filter((o) => o.wallId === wallId)
      .map((o) => [o.xMm - o.widthMm / 2, o.xMm + o.widthMm / 2] as const),
  ]
  for (let off = 0; off < lengthMm / 2; off += 50)
    for (const x of [lengthMm / 2 + off, lengthMm / 2 - off]) {
      const [l, r] = [x - h.widthMm / 2, x + h.widthMm / 2]
      if (l < 50 || r > lengthMm - 50 || taken.some(([a, b]) => l < b && r > a)) continue
      const sleeper = facts.standings.some(
        (s) =>
          liesThere(facts, s) &&
          fallsOn(
            facts,
            { wallId, xMm: x, widthMm: h.widthMm },
            s,
            isChilds(facts, s) ? facts.needs.cotReach : 0,
          ),
      )
      if (!sleeper) return Math.round(x)
    }
  return undefined
}

export const overBed: Rule<PlanFacts> = {
  name: 'plan.over-bed',
  title: 'Something heavy or corded over or beside a cot or a bed',
  numbers: `Over a bed ${OVER_BED_G / 1000} kg and more, mirrors, shelves, anything with a cord, on strips, or of unknown weight; over a cot or a changing place and within ${NEEDS.cotReach.mm} mm of it anything at all; of lamps those with a cord up to ${CHILD_REACH_MM} mm, and above that what is right over it. A stop at any school, price or wish.`,
  source: `common practice; ${NEEDS.cotReach.source}; local safe-sleep advice decides`,
  schools: 'all',
  caution: true,
  check: (facts) =>
    facts.standings
      .filter((s) => liesThere(facts, s))
      .flatMap((bed): Finding[] => {
        const cot = isChilds(facts, bed)
        const reach = facts.needs.cotReach
        const beside = cot ? reach : 0
        const hung = facts.wallPlacements.flatMap((h) => {
          const why = fallsOn(facts, h, bed, beside) ? hazard(facts, h, bed) : undefined
          return why === undefined ? [] : [{ h, why }]
        })
        const stood = facts.standings.filter(
          (s) =>
            s.id !== bed.id &&
            (has(s.piece, 'corded') ||
              (cot && has(s.piece, 'decanted cleaner or powder')) ||
              (s.kind === 'lamp' && cot && lampReached(s, bed)) ||
              (s.kind === 'plant' && cot && s.raisedMm > 0)) &&
            boxGap(s.box, bed.box) < reach &&
            (cot || s.raisedMm > 1_200),
        )
        return [
          ...hung.map(({ h, why }): Finding => ({
            rule: 'plan.over-bed',
            severity: 'stop',
            about: [hungRef(h), ref(bed)],
            title: `${h.name} hangs over ${lower(bed.name)}`,
            measured: why,
            wanted: 'another wall',
            because: `What falls falls on a sleeper; a string is not an anchor. ${cot ? 'Cords and soft things stay out of reach of the cot.' : ''} ${ASK}`,
            fixes: otherWalls(facts, h),
          })),
          ...stood.map((s): Finding => ({
            rule: 'plan.over-bed',
            severity: 'stop',
            about: [ref(s), ref(bed)],
            title: `${s.name} stands within reach of ${lower(bed.name)}`,
            measured: `${facts.says.length(boxGap(s.box, bed.box))} from it`,
            quantity: { value: boxGap(s.box, bed.box), better: 'more' },
            wanted: `${facts.says.length(reach)} or more${cot ? ', for a child that lies and for one that stands up' : ''}`,
            because: `A cord within reach can be pulled or wound round a neck. ${ASK}`,
            fixes: nudge(facts, s, (m) => boxGap(m.box, bed.box) >= reach),
          })),
        ]
      }),
}
