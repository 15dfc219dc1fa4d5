import { type PaletteFacts, seen } from '../paletteFacts.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { finishRef, changeable, othersInstead } from './about.js'
import { put } from '../../../model/changes.js'

// Timbers read as equally light within this (L*, common practice).
const STEP = 20

function check(facts: PaletteFacts): Finding[] {
  if (facts.schools.timber !== 'one lightness') return []
  const timbers = seen(facts).filter((f) => f.undertone.family === 'timber')
  const lead = timbers.find((t) => t.finish.role === 'stays') ?? timbers[0]
  if (!lead) return []
  return timbers
    .filter((t) => t !== lead && Math.abs(t.lab.l - lead.lab.l) > STEP)
    .map((t): Finding => ({
      rule: 'palette.timber-lightness',
      severity: 'look',
      about: [finishRef(t), finishRef(lead)],
      title: `${t.finish.name} is far ${t.lab.l < lead.lab.l ? 'darker' : 'lighter'} than ${lead.finish.name}`,
      measured: `L* ${facts.says.number(t.lab.l)} and ${facts.says.number(lead.lab.l)}`,
      wanted: `within ${STEP}`,
      because: 'This school keeps timbers equally light; nothing is said against the undertone.',
      school: 'one lightness',
      fixes: [
        ...(changeable(facts, t)
          ? othersInstead(
              facts,
              t,
              (o) => o.undertone.family === 'timber' && Math.abs(o.lab.l - lead.lab.l) <= STEP,
              (o) => Math.abs(o.lab.l - t.lab.l),
              1,
            )
          : []),
        {
          label: 'Change the school to “one undertone, any lightness”',
          changes: [put('schools', 'schools', { timber: 'one undertone, any lightness' })],
        },
      ],
    }))
}

export const timberLightness: Rule<PaletteFacts> = {
  name: 'palette.timber-lightness',
  title: 'A timber far lighter or darker than the rest',
  numbers: `Over ${STEP} in L* from the timber that stays, or the largest.`,
  source: 'common practice',
  schools: ['one lightness'],
  check,
}
