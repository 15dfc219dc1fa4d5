import type { Rule } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { ref, lower } from './about.js'
import { put } from '../../../model/changes.js'

/** Below this a lamp lights people, not the ceiling (common practice). */
const EYE_LAMP_MM = 1_800

export const lampSchool: Rule<PlanFacts> = {
  name: 'plan.lamp-school',
  title: 'Lamps against the school of the job',
  numbers:
    'Many small at eye level: fewer than three lamps under 1 800 mm in the room. One hero fitting: none meant as the focus.',
  source: 'common practice',
  schools: ['many small at eye level', 'one hero fitting'],
  check: (facts) => {
    const lamps = facts.standings.filter((s) => s.kind === 'lamp')
    const hung = facts.wallPlacements.filter((h) => h.piece.kind === 'lamp')
    const many = facts.schools.lamps === 'many small at eye level'
    const small = lamps.filter((s) => s.raisedMm < EYE_LAMP_MM).length + hung.length
    if (
      facts.schools.lamps === null ||
      (many ? small >= 3 : facts.pieces.some((p) => p.kind === 'lamp' && p.focal))
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
        wanted: many ? 'three or more, spread through the room' : 'one large fitting as the focus',
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
