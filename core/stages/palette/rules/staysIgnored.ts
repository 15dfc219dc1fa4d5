import { type PaletteFacts, seen, colorsOf } from '../paletteFacts.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { chroma } from '../../../kernel/color/lab.js'
import { changeable, finishRef, addCushion } from './about.js'
import { repeats } from './accents.js'

// What stays asks to be answered when it has color and is not small (common practice).
const LEAST_SHARE = 0.05

const LEAST_CHROMA = 12

function check(facts: PaletteFacts): Finding[] {
  const list = seen(facts)
  return list
    .filter((f) => f.finish.role === 'stays' && f.share >= LEAST_SHARE && chroma(f.lab) >= LEAST_CHROMA)
    .filter((stays) =>
      list.every(
        (f) =>
          f === stays || !changeable(facts, f) || colorsOf(f.finish).every((c) => !repeats(c.lab, stays.lab)),
      ),
    )
    .map((stays): Finding => ({
      rule: 'palette.stays-ignored',
      severity: 'note',
      about: [finishRef(stays)],
      title: `Nothing answers ${stays.finish.name}, which stays`,
      measured: `${stays.undertone.word}, ${facts.says.percent(stays.share)} of what is seen`,
      wanted: 'one finish that carries its color',
      because:
        'What cannot be changed is the judge: a scheme that ignores it makes it look left over. A cushion, a frame or a lamp foot in its color is enough.',
      fixes: facts.finishes
        .filter((o) => o.share === 0 && o.finish.role !== 'stays' && repeats(o.lab, stays.lab))
        .slice(0, 1)
        .map((o) => addCushion(facts, o)),
    }))
}

export const staysIgnored: Rule<PaletteFacts> = {
  name: 'palette.stays-ignored',
  title: 'What stays, ignored by the palette',
  numbers: `Finishes that stay, of chroma ${LEAST_CHROMA} and ${100 * LEAST_SHARE} % of what is seen or more, whose color nothing else holds within 25° of hue and 25 of lightness.`,
  source: 'common practice',
  schools: 'all',
  check,
}
