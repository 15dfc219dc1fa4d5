import type { Finding, Rule } from '../../../findings/finding.js'
import type { Point } from '../../../kernel/geometry/polygon.js'
import type { PlanFacts } from '../planFacts.js'
import { fromWall, onWall } from '../planRoom.js'
import { has } from './about.js'
import { askOf } from './asked.js'

// Less is a glance of sun in passing (common practice).
const SUN_HOURS = 1

interface Seen {
  readonly at: Point
  readonly wallId: string | null
}

/** Where the mirrors of a piece hang and stand. */
function placesOf(facts: PlanFacts, pieceId: string): readonly Seen[] {
  const hung = facts.wallPlacements
    .filter((h) => h.piece.id === pieceId)
    .flatMap((h): Seen[] => {
      const wall = facts.room.walls.find((w) => w.id === h.wallId)
      return wall ? [{ at: onWall(wall, h.xMm), wallId: h.wallId }] : []
    })
  const stood = facts.standings
    .filter((s) => s.pieceId === pieceId)
    .map((s): Seen => ({ at: { x: s.box.x, y: s.box.y }, wallId: s.piece.wallId }))
  return [...hung, ...stood]
}

/** Whether sun that stands 45° high and higher reaches it through a window of another wall. */
const inReachOfSun = (facts: PlanFacts, { at, wallId }: Seen): boolean =>
  facts.room.openings.some((o) => {
    const wall = facts.room.walls.find((w) => w.id === o.wallId)
    if (o.kind !== 'window' || !wall || o.wallId === wallId || wall.facesDeg === undefined) return false
    const { alongMm, beforeMm } = fromWall(wall, at)
    return (
      beforeMm > 0 &&
      beforeMm <= o.sillMm + o.heightMm &&
      alongMm >= o.startMm - beforeMm &&
      alongMm <= o.startMm + o.widthMm + beforeMm
    )
  })

/** Hours of sun on the wall of a place; of one that stands before none, the most that any wall has. */
const sunAt = (facts: PlanFacts, { wallId }: Seen): number =>
  wallId === null ? Math.max(0, ...facts.sunOnWall.values()) : (facts.sunOnWall.get(wallId) ?? 0)

export const mirrorSun: Rule<PlanFacts> = {
  name: 'plan.mirror-sun',
  title: 'A mirror in the sun',
  numbers: `A mirror no farther from a window of another wall than the window’s head is high, and no farther beside it, where the sun comes in ${SUN_HOURS} hour a day or more in the brightest season.`,
  source: 'common practice',
  schools: 'all',
  caution: true,
  check: (facts) =>
    facts.pieces.flatMap((p): Finding[] => {
      if (p.kind !== 'mirror' || has(p, 'shaded from the sun')) return []
      const hours = Math.max(
        0,
        ...placesOf(facts, p.id)
          .filter((s) => inReachOfSun(facts, s))
          .map((s) => sunAt(facts, s)),
      )
      if (hours < SUN_HOURS) return []
      return [
        askOf(p, {
          rule: 'plan.mirror-sun',
          severity: 'note',
          title: `The sun reaches ${p.name}`,
          measured: `${facts.says.number(hours)} h of sun a day at its window`,
          wanted: 'shade in these hours, or another wall',
          because: 'It throws the sun into eyes, and a curved one gathers it until something smolders.',
          answers: [{ label: 'It is shaded in these hours', add: ['shaded from the sun'] }],
        }),
      ]
    }),
}
