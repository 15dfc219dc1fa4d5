import { type FinishFacts, type PaletteFacts, finishOn } from '../paletteFacts.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { finishRef, layInstead } from './about.js'
import { surfaceName } from '../surfaceAreas.js'

// A step in lightness that sets woodwork apart, L* (common practice).
const STEP = 8

// Doors stand against the wall alone; trim and lower wall have the floor on their other side.
const SURFACES = [
  { surface: 'trim', onFloor: true },
  { surface: 'doors', onFloor: false },
  { surface: 'lower', onFloor: true },
] as const

const step = (one: FinishFacts, two: FinishFacts) => Math.abs(one.lab.l - two.lab.l)

function check(facts: PaletteFacts): Finding[] {
  const walls = finishOn(facts, 'walls')
  const floor = finishOn(facts, 'floor')
  if (facts.schools.trimAndCeiling !== 'contrast' || !walls) return []
  return SURFACES.flatMap(({ surface, onFloor }) => {
    const finish = finishOn(facts, surface)
    if (!finish) return []
    const neighbors = [walls, ...(onFloor && floor ? [floor] : [])].filter((n) => n !== finish)
    const clear = (f: FinishFacts) => neighbors.every((n) => n !== f && step(f, n) >= STEP)
    return neighbors
      .filter((n) => step(finish, n) < STEP)
      .map((beside): Finding => ({
        rule: 'palette.trim-contrast',
        severity: 'look',
        about: [
          finishRef(finish),
          finishRef(beside),
          { kind: 'surface', id: surface, name: surfaceName(surface, facts.says.locale) },
        ],
        title: `${surfaceName(surface, facts.says.locale)} does not set itself apart from ${beside.finish.name}`,
        measured: `a step of ${facts.says.number(step(finish, beside))} in L*`,
        wanted: `at least ${STEP}`,
        because:
          'Woodwork or a lower third sets the floor apart from the wall if the step is clear on both sides.',
        school: 'contrast',
        fixes: facts.finishes
          .filter((f) => f.finish.material === 'paint' && clear(f))
          .slice(0, 2)
          .flatMap((f) => layInstead(facts, surface, finish, f)),
      }))
  })
}

export const trimContrast: Rule<PaletteFacts> = {
  name: 'palette.trim-contrast',
  title: 'Woodwork or a lower wall that does not set itself apart',
  numbers: `A step of ${STEP} in L* between trim, doors or lower wall and the walls, and between trim or lower wall and the floor.`,
  source: 'common practice',
  schools: ['contrast'],
  check,
}
