import { lrv } from '../../../kernel/color/lab.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { finishOn, likeness, type FinishFacts, type PaletteFacts } from '../paletteFacts.js'
import { surfaceName } from '../visibleArea.js'
import { finishRef, layInstead, othersInstead } from './about.js'
import { room } from './example.js'

const SURFACES = ['ceiling', 'trim', 'doors', 'lower'] as const
// One paint in two batches or sheens stays below this; beyond it the envelope is cut (common practice).
const SAME = 3
// A light envelope is at least so light, a dark one at most (LRV, common practice).
const LIGHT_LRV = 55
const DARK_LRV = 15
const SCHOOLS = ['one envelope, light', 'one envelope, dark'] as const

/** The walls and the school, where the job has chosen an envelope. */
function envelopeOf(facts: PaletteFacts): { walls: FinishFacts; school: string; light: boolean } | undefined {
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
            { kind: 'surface', id: surface, name: surfaceName(surface) },
          ],
          title: `${surfaceName(surface)} breaks the envelope`,
          measured: `ΔE00 ${deltaE.toFixed(1)} between ${finish.finish.name} and ${walls.finish.name}`,
          wanted: `up to ${SAME}: walls, trim, doors and ceiling alike`,
          because:
            'Where trim and wall differ the surface is cut up and the room looks smaller. Paint it all the same.',
          school,
          mends: layInstead(facts, surface, finish, walls),
        },
      ]
    })
  },
  examples: {
    trips: () =>
      room(
        [
          { name: 'Oat', hex: '#E9E2D2', material: 'paint', on: ['walls'] },
          { name: 'White', hex: '#FFFFFF', material: 'paint', on: ['trim', 'doors', 'ceiling'] },
        ],
        { schools: { trimAndCeiling: 'one envelope, light' } },
      ),
    passes: () =>
      room([{ name: 'Oat', hex: '#E9E2D2', material: 'paint', on: ['walls', 'trim', 'doors', 'ceiling'] }], {
        schools: { trimAndCeiling: 'one envelope, light' },
      }),
  },
}

export const envelopeDepth: Rule<PaletteFacts> = {
  name: 'palette.envelope-depth',
  title: 'An envelope that is neither light nor dark',
  numbers: `LRV of the walls from ${LIGHT_LRV} on in the light one, up to ${DARK_LRV} in the dark one.`,
  source: 'common practice',
  schools: SCHOOLS,
  check: (facts) => {
    const of = envelopeOf(facts)
    if (!of) return []
    const { walls, school, light } = of
    const fits = (f: FinishFacts) => (light ? lrv(f.lab) >= LIGHT_LRV : lrv(f.lab) <= DARK_LRV)
    if (fits(walls)) return []
    return [
      {
        rule: 'palette.envelope-depth',
        severity: 'look',
        about: [finishRef(walls)],
        title: light ? 'Too deep for a light envelope' : 'Not deep enough for a dark envelope',
        measured: `LRV ${lrv(walls.lab).toFixed(0)}`,
        wanted: light ? `from ${LIGHT_LRV} on` : `up to ${DARK_LRV}`,
        because: light
          ? 'A light envelope gives the light back.'
          : 'Half dark is gloomy; a dark envelope is deep, and colored rather than black.',
        school,
        mends: othersInstead(
          facts,
          walls,
          (o) => o.finish.material === walls.finish.material && fits(o),
          (o) => Math.abs(o.lab.l - walls.lab.l),
        ),
      },
    ]
  },
  examples: {
    trips: () =>
      room(
        [
          { name: 'Half dark', hex: '#7F8A8C', material: 'paint', on: ['walls'] },
          { name: 'Ink', hex: '#26303A', material: 'paint', placed: false },
        ],
        { schools: { trimAndCeiling: 'one envelope, dark' } },
      ),
    passes: () =>
      room([{ name: 'Ink', hex: '#26303A', material: 'paint', on: ['walls'] }], {
        schools: { trimAndCeiling: 'one envelope, dark' },
      }),
  },
}
