import type { Finding, Fix, Ref, Rule } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import type { Standing } from '../standing.js'
import { boxCorners } from '../../../kernel/geometry/box.js'
import { nudge } from '../nudge.js'
import { ceilingOver } from '../planRoom.js'
import { isFlat, OFF_FLOOR } from '../needs.js'
import { put } from '../../../model/changes.js'
import { hungRef, lower, ref } from './about.js'
import { ceilingAbove, PICTURES, setCenter } from './hanging.js'

/** A tape reads this far off over the height of a room (common practice). */
const TAPE_MM = 5

/** By how much a piece goes through the ceiling over it, a slope counted where it comes down to it; mm. */
function throughMm({ room }: PlanFacts, s: Standing): number {
  const ceiling = ceilingOver(room, boxCorners(s.box))
  return ceiling === null ? 0 : s.raisedMm + s.heightMm - ceiling
}

/** Kept for another room: taken off the plan, and its verdict says so. */
const elsewhere = (name: string, pieceId: string, placed: Fix['changes'][number]): Fix => ({
  label: `Keep ${lower(name)} for another room`,
  changes: [placed, put('pieces', pieceId, { verdict: 'move' })],
})

/** To where the ceiling is high enough, and where it is so nowhere, out of the room. */
function waysOut(facts: PlanFacts, s: Standing): Fix[] {
  if (!facts.withFixes || s.piece.stays) return []
  if (s.raisedMm + s.heightMm <= (facts.room.heightMm ?? 0) + TAPE_MM)
    return nudge(facts, s, (m) => throughMm(facts, m) <= TAPE_MM)
  return [elsewhere(s.name, s.pieceId, { collection: 'floorPlacements', id: s.id, remove: true })]
}

const finding = (
  { says }: PlanFacts,
  name: string,
  about: Ref,
  topMm: number,
  ceilingMm: number,
  fixes: readonly Fix[],
): Finding => ({
  rule: 'plan.too-tall',
  severity: 'stop',
  about: [about],
  title: `${name} goes through the ceiling`,
  measured: `its top at ${says.length(topMm)} under ${says.length(ceilingMm)}`,
  quantity: { value: topMm - ceilingMm, better: 'less' },
  wanted: `${says.length(ceilingMm)} or less`,
  because: 'A ceiling does not give way: measure it where the piece is to stand.',
  fixes,
})

const standing = (facts: PlanFacts): Finding[] =>
  (facts.moved ? [facts.moved] : facts.standings).flatMap((s) => {
    const over = throughMm(facts, s)
    if (isFlat(s.kind) || OFF_FLOOR.has(s.kind) || over <= TAPE_MM) return []
    const top = s.raisedMm + s.heightMm
    return [finding(facts, s.name, ref(s), top, top - over, waysOut(facts, s))]
  })

/** Shelves and cabinets that hang: lowered to the ceiling, or kept for another room where they are taller than it is. */
const hung = (facts: PlanFacts): Finding[] =>
  facts.wallPlacements.flatMap((h) => {
    const ceiling = ceilingAbove(facts, h)
    if (ceiling === null || PICTURES.has(h.piece.kind) || h.topMm - ceiling <= TAPE_MM) return []
    const fix =
      h.heightMm <= ceiling
        ? setCenter(h, ceiling - h.heightMm / 2, 'Lower it to the ceiling')
        : elsewhere(h.name, h.piece.id, { collection: 'wallPlacements', id: h.id, remove: true })
    return [finding(facts, h.name, hungRef(h), h.topMm, ceiling, h.piece.stays ? [] : [fix])]
  })

export const tooTall: Rule<PlanFacts> = {
  name: 'plan.too-tall',
  title: 'A piece is taller than the room over it',
  numbers: `Its top more than ${TAPE_MM} mm above the lowest part of the ceiling over its footprint, or over what hangs, slopes counted. Pictures and mirrors have a rule of their own. Silent outdoors.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) => (facts.exposedToWeather ? [] : [...standing(facts), ...(facts.moved ? [] : hung(facts))]),
}
