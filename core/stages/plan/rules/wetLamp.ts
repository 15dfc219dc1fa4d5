import { boxOf, inBox, type Box } from '../../../kernel/geometry/box.js'
import type { Rule, Finding, Ref } from '../../../findings/finding.js'
import { nearTub } from '../light/photometry.js'
import { nudge } from '../nudge.js'
import { onWall } from '../planRoom.js'
import type { PlanFacts } from '../planFacts.js'
import type { Standing } from '../standing.js'
import { hungRef, lower, ref } from './about.js'

/** A lamp that is there in any way: stood, hung on a wall, or part of the room. */
interface Present {
  readonly ref: Ref
  readonly name: string
  readonly box: Box
  readonly bottomMm: number
  readonly standing?: Standing
}

function lampsThere(facts: PlanFacts): Present[] {
  const wallOf = (id: string) => facts.room.walls.find((w) => w.id === id)
  return [
    ...facts.standings
      .filter((s) => s.kind === 'lamp')
      .map((s) => ({ ref: ref(s), name: s.name, box: s.box, bottomMm: s.raisedMm, standing: s })),
    ...facts.wallPlacements
      .filter((h) => h.piece.kind === 'lamp')
      .flatMap((h): Present[] => {
        const wall = wallOf(h.wallId)
        if (!wall) return []
        const at = onWall(wall, h.xMm, h.piece.depthMm / 2)
        const deg = (Math.atan2(wall.dir.y, wall.dir.x) * 180) / Math.PI
        return [
          {
            ref: hungRef(h),
            name: h.name,
            box: boxOf(at.x, at.y, h.widthMm, h.piece.depthMm, deg),
            bottomMm: h.bottomMm,
          },
        ]
      }),
    ...facts.room.fixtures
      .filter((f) => f.kind === 'wall light')
      .map((f) => ({
        ref: { kind: 'fixture' as const, id: f.id, name: f.name || 'Wall light' },
        name: f.name || 'Wall light',
        box: f.box,
        bottomMm: f.bottomMm,
      })),
  ]
}

/** How far a lamp is beside a bath, shower or basin, seen from above; 0 over it. */
function besideMm(wet: Box, lamp: Box): number {
  const at = inBox(wet, lamp)
  // A lamp on a wall may lie across the bath: its reach along either side counts.
  const cos = Math.abs(lamp.ux * wet.ux + lamp.uy * wet.uy)
  const sin = Math.sqrt(Math.max(0, 1 - cos * cos))
  return Math.max(
    0,
    Math.abs(at.x) - wet.halfW - (lamp.halfW * cos + lamp.halfD * sin),
    Math.abs(at.y) - wet.halfD - (lamp.halfW * sin + lamp.halfD * cos),
  )
}

// Beyond bath and shower to the end of zone 2, and to its top (IEC 60364-7-701, from memory).
export const ZONE_2_MM = 600
export const ZONE_TOP_MM = 2_250
// Within a splash of a basin a rating is asked for (common practice).
const SPLASH_MM = 600
const CLEAR_MM = 915

export const wetLamp: Rule<PlanFacts> = {
  name: 'plan.wet-lamp',
  title: 'A lamp near a bath, a shower or a basin',
  numbers: `Zone 2 reaches ${ZONE_2_MM} mm beyond a bath or shower, up to ${ZONE_TOP_MM} mm (IEC 60364-7-701): at least IPX4. Hanging lamps also keep 914 mm beside and 2 438 mm above the rim (NEC 410.10(D)). Within ${SPLASH_MM} mm of a basin its rating is asked for. Lamps that stand, hang and belong to the room alike.`,
  source: 'IEC 60364-7-701 and NEC 410.10(D), both from memory; a licensed electrician decides',
  schools: 'all',
  caution: true,
  check: (facts) => {
    const lamps = lampsThere(facts)
    return facts.standings.flatMap((wet): Finding[] => {
      const tub = wet.sanitary === 'bath' || wet.sanitary === 'shower'
      if (!tub && wet.sanitary !== 'basin') return []
      return lamps.flatMap((lamp): Finding[] => {
        const beside = besideMm(wet.box, lamp.box)
        const above = lamp.bottomMm - wet.heightMm
        const wired = lamp.standing === undefined
        const zone = beside < ZONE_2_MM && lamp.bottomMm < ZONE_TOP_MM
        // The rule for lamps on cords and chains is not for one that is fixed to a wall.
        const near = tub ? zone || (!wired && nearTub(beside, above)) : zone && beside < SPLASH_MM
        if (!near) return []
        return [
          {
            rule: 'plan.wet-lamp',
            severity: tub ? 'stop' : 'look',
            about: [lamp.ref, ref(wet)],
            title: `${lamp.name} is ${facts.says.length(beside)} from ${lower(wet.name)}`,
            measured: `${facts.says.length(beside)} beside, ${facts.says.length(Math.max(0, above))} above`,
            quantity: { value: beside, better: 'more' },
            wanted: tub ? 'outside the zones, or a fitting rated for them' : 'a fitting rated for splashes',
            because: 'Water and current. Ask zone and rating; a licensed electrician decides.',
            fixes: lamp.standing
              ? nudge(facts, lamp.standing, (m) => besideMm(wet.box, m.box) >= CLEAR_MM)
              : [],
          },
        ]
      })
    })
  },
}
