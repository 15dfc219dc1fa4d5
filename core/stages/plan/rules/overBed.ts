import type { PlanPiece } from '../standing.js'
import { has, lower, hungRef, ref } from './about.js'
import type { PlanFacts, Hung } from '../planFacts.js'
import type { Fix, Rule, Finding } from '../../../findings/finding.js'
import { put } from '../../../model/changes.js'
import { fallsOn, ASK } from './cautions.js'
import { boxGap } from '../../../kernel/geometry/box.js'
import { nudge } from '../nudge.js'

/** Beds and cots something may fall on. */
const SLEEPS: ReadonlySet<string> = new Set(['bed', 'cot'])

// A thing this heavy over a sleeper is never hung there, by whatever it is held.
const OVER_BED_G = 1_000

const NEAR_COT_MM = 600

const heavyOrCorded = (p: PlanPiece): boolean =>
  (p.weightG ?? (p.kind === 'mirror' || p.kind === 'shelves' ? Infinity : 0)) >= OVER_BED_G ||
  has(p, 'corded') ||
  p.kind === 'mirror' ||
  p.kind === 'shelves'

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
          SLEEPS.has(s.kind) &&
          fallsOn(facts, { wallId, xMm: x, widthMm: h.widthMm }, s, s.kind === 'cot' ? NEAR_COT_MM : 0),
      )
      if (!sleeper) return Math.round(x)
    }
  return undefined
}

export const overBed: Rule<PlanFacts> = {
  name: 'plan.over-bed',
  title: 'Something heavy or corded over or beside a cot or a bed',
  numbers: `${OVER_BED_G / 1000} kg and more, glass, shelves, and anything with a cord, over a bed or within ${NEAR_COT_MM} mm of a cot. A stop at any school, price or wish.`,
  source: 'common practice; local safe-sleep advice decides',
  schools: 'all',
  caution: true,
  check: (facts) =>
    facts.standings
      .filter((s) => SLEEPS.has(s.kind))
      .flatMap((bed): Finding[] => {
        const cot = bed.kind === 'cot'
        const beside = cot ? NEAR_COT_MM : 0
        const hung = facts.wallPlacements.filter(
          (h) =>
            (heavyOrCorded(h.piece) || h.row.fixing === 'adhesive strips') && fallsOn(facts, h, bed, beside),
        )
        const stood = facts.standings.filter(
          (s) =>
            s.id !== bed.id &&
            (has(s.piece, 'corded') ||
              (s.kind === 'lamp' && cot) ||
              (s.kind === 'plant' && cot && s.raisedMm > 0)) &&
            boxGap(s.box, bed.box) < NEAR_COT_MM &&
            (cot || s.raisedMm > 1_200),
        )
        return [
          ...hung.map((h): Finding => ({
            rule: 'plan.over-bed',
            severity: 'stop',
            about: [hungRef(h), ref(bed)],
            title: `${h.name} hangs over ${lower(bed.name)}`,
            measured: h.piece.weightG === null ? 'weight not known' : facts.says.weight(h.piece.weightG),
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
            wanted: `${facts.says.length(NEAR_COT_MM)} or more`,
            because: `A cord within reach can be pulled or wound round a neck. ${ASK}`,
            fixes: nudge(facts, s, (m) => boxGap(m.box, bed.box) >= NEAR_COT_MM),
          })),
        ]
      }),
}
