import type { Rule } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { ref, lower } from './about.js'
import { signedArea } from '../../../kernel/geometry/polygon.js'
import type { RoomKind } from '../../../model/vocabulary/room.js'
import { put } from '../../../model/changes.js'

/** A light of the wall over a mirror or beside a door still lights faces (common practice). */
const WALL_LAMP_MM = 2_000
/** Below this a lamp lights people, not the ceiling (common practice). */
const EYE_LAMP_MM = 1_800

/** One stays for moments only where one washes, launders or passes. */
const PASSED: ReadonlySet<RoomKind | null> = new Set<RoomKind>(['wet room', 'service room', 'hall'])
/** Under this a room has no corner far from two lamps (common practice). */
const SMALL_MM2 = 12e6

/** One lamp reaches all of it. */
const TINY_MM2 = 6e6

const floorMm2 = (facts: PlanFacts): number => Math.abs(signedArea(facts.room.corners))

const lampsWanted = (facts: PlanFacts): number =>
  PASSED.has(facts.roomKind) || floorMm2(facts) < TINY_MM2 ? 1 : floorMm2(facts) < SMALL_MM2 ? 2 : 3

export const lampSchool: Rule<PlanFacts> = {
  name: 'plan.lamp-school',
  title: 'Lamps against the school of the job',
  numbers:
    'Many small at eye level: fewer lamps under 1 800 mm than three; two in a room under 12 m², one under 6 m² and where nobody stays long (wet room, service room, hall). One hero fitting: none meant as the focus.',
  source: 'common practice',
  schools: ['many small at eye level', 'one hero fitting'],
  check: (facts) => {
    const lamps = facts.standings.filter((s) => s.kind === 'lamp')
    const hung = facts.wallPlacements.filter((h) => h.piece.kind === 'lamp')
    const many = facts.schools.lamps === 'many small at eye level'
    const fixed = facts.room.fixtures.filter((f) => f.kind === 'wall light' && f.bottomMm < WALL_LAMP_MM)
    const small = lamps.filter((s) => s.raisedMm < EYE_LAMP_MM).length + hung.length + fixed.length
    const wanted = lampsWanted(facts)
    if (
      facts.schools.lamps === null ||
      (many ? small >= wanted : facts.pieces.some((p) => p.kind === 'lamp' && p.focal))
    )
      return []
    const hero = [...lamps].sort((a, b) => b.widthMm - a.widthMm)[0]
    return [
      {
        rule: 'plan.lamp-school',
        severity: 'note',
        about: lamps.map(ref),
        title: many ? `${small} lamp${small === 1 ? '' : 's'} at eye level` : 'No fitting leads',
        measured: many ? `${small} under ${facts.says.length(EYE_LAMP_MM)}` : 'none is marked as the focus',
        wanted: many
          ? wanted === 1
            ? 'one at least'
            : `${wanted === 2 ? 'two' : 'three'} or more, spread through the room`
          : 'one large fitting as the focus',
        because: many
          ? 'A lone ceiling light leaves the corners dark and the faces in shadow.'
          : 'In this school one lamp leads and the rest only helps.',
        school: facts.schools.lamps,
        fixes:
          !many && hero
            ? [
                {
                  label: `Let ${lower(hero.name)} lead`,
                  changes: [put('pieces', hero.pieceId, { focal: true })],
                },
              ]
            : [],
      },
    ]
  },
}
