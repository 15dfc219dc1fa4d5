import { type PaletteFacts, type FinishFacts, finishOn, likeness } from '../paletteFacts.js'
import type { Rule, Finding } from '../../../findings/finding.js'
import { finishRef, layInstead } from './about.js'
import { surfaceName } from '../surfaceAreas.js'

const SURFACES = ['ceiling', 'trim', 'doors', 'lower'] as const

// One paint in two batches or sheens stays below this; beyond it the envelope is cut (common practice).
const SAME = 3

export const SCHOOLS = ['one envelope, light', 'one envelope, dark'] as const

/** The walls and the school, where the job has chosen an envelope. */
export function envelopeOf(
  facts: PaletteFacts,
): { walls: FinishFacts; school: string; light: boolean } | undefined {
  const school = SCHOOLS.find((s) => s === facts.schools.trimAndCeiling)
  const walls = finishOn(facts, 'walls')
  return school && walls && { walls, school, light: school === 'one envelope, light' }
}

export const envelope: Rule<PaletteFacts> = {
  name: 'palette.envelope',
  title: 'A surface that breaks the envelope',
  numbers: `Ceiling, trim, doors and lower wall within ΔE00 ${SAME} of the walls.`,
  source: 'common practice',
  schools: SCHOOLS,
  check: (facts) => {
    const of = envelopeOf(facts)
    if (!of) return []
    const { walls, school } = of
    return SURFACES.flatMap((surface): Finding[] => {
      const finish = finishOn(facts, surface)
      if (!finish || finish === walls) return []
      const { deltaE } = likeness(finish.lab, walls.lab)
      if (deltaE <= SAME) return []
      return [
        {
          rule: 'palette.envelope',
          severity: 'look',
          about: [
            finishRef(finish),
            finishRef(walls),
            { kind: 'surface', id: surface, name: surfaceName(surface, facts.says.locale) },
          ],
          title: `${surfaceName(surface, facts.says.locale)} breaks the envelope`,
          measured: `ΔE00 ${facts.says.number(deltaE, 1)} between ${finish.finish.name} and ${walls.finish.name}`,
          wanted: `up to ${SAME}: walls, trim, doors and ceiling alike`,
          because:
            'Where trim and wall differ the surface is cut up and the room looks smaller. Paint it all the same.',
          school,
          fixes: layInstead(facts, surface, finish, walls),
        },
      ]
    })
  },
}
