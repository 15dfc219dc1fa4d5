import type { Rule } from '../../../findings/finding.js'
import type { PaletteFacts, FinishFacts } from '../paletteFacts.js'
import { SCHOOLS, envelopeOf } from './envelope.js'
import { family } from '../undertone.js'
import { lrv } from '../../../kernel/color/lab.js'
import { finishRef, othersInstead } from './about.js'

// A light envelope is at least so light, a dark one at most (LRV, common practice).
const LIGHT_LRV = 55

const DARK_LRV = 15

export const envelopeDepth: Rule<PaletteFacts> = {
  name: 'palette.envelope-depth',
  title: 'An envelope that is neither light nor dark, or black',
  numbers: `LRV of the walls from ${LIGHT_LRV} on in the light one; up to ${DARK_LRV} in the dark one, and not black (under L* 20 with a chroma under 6).`,
  source: 'common practice',
  schools: SCHOOLS,
  check: (facts) => {
    const of = envelopeOf(facts)
    if (!of) return []
    const { walls, school, light } = of
    const black = (f: FinishFacts) => family('paint', f.lab) === 'black'
    const fits = (f: FinishFacts) => (light ? lrv(f.lab) >= LIGHT_LRV : lrv(f.lab) <= DARK_LRV && !black(f))
    if (fits(walls)) return []
    return [
      {
        rule: 'palette.envelope-depth',
        severity: 'look',
        about: [finishRef(walls)],
        title: light
          ? 'Too deep for a light envelope'
          : black(walls)
            ? 'Black, and no dark envelope'
            : 'Not deep enough for a dark envelope',
        measured: `LRV ${facts.says.number(lrv(walls.lab))}${black(walls) ? `, L* ${facts.says.number(walls.lab.l)}` : ''}`,
        wanted: light ? `from ${LIGHT_LRV} on` : `up to ${DARK_LRV}, colored rather than black`,
        because: light
          ? 'A light envelope gives the light back.'
          : 'Half dark is gloomy; a dark envelope is deep, and colored rather than black.',
        school,
        fixes: othersInstead(
          facts,
          walls,
          (o) => o.finish.material === walls.finish.material && fits(o),
          (o) => Math.abs(o.lab.l - walls.lab.l),
        ),
      },
    ]
  },
}
