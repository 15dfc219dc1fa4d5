import { type PaletteFacts, seen } from '../paletteFacts.js'
import { accentGroups } from './accents.js'
import type { Rule } from '../../../findings/finding.js'
import { chroma } from '../../../kernel/color/lab.js'
import { ACCENT_CHROMA, MOST } from './accentScarce.js'
import { put } from '../../../model/changes.js'

/** True when the room has mains and nothing scarce and strong left to be the accent: a new one is asked for. */
function noAccent(facts: PaletteFacts): boolean {
  return (
    facts.school === 'two mains and one accent' &&
    seen(facts).some((f) => f.finish.role === 'main') &&
    accentGroups(facts).length === 0
  )
}

export const accentMissing: Rule<PaletteFacts> = {
  name: 'palette.accent-missing',
  title: 'Two mains and no accent',
  numbers: 'In “two mains and one accent”: mains are seen, and no finish has the role of accent.',
  source: 'common practice',
  schools: ['two mains and one accent'],
  check: (facts) => {
    if (!noAccent(facts)) return []
    const can = facts.finishes.filter(
      (f) =>
        chroma(f.lab) >= ACCENT_CHROMA &&
        f.share > 0 &&
        f.share < MOST &&
        f.finish.role !== 'stays' &&
        f.finish.role !== 'metal' &&
        f.finish.role !== 'foliage',
    )
    return [
      {
        rule: 'palette.accent-missing',
        severity: 'note',
        about: [],
        title: 'No accent yet',
        measured: 'no finish in the role of accent',
        wanted: 'one, scarce, seen in three places',
        because:
          'The school asks for one scarce color. Pick it out of what inspires the room, best a thread of a main fabric.',
        school: 'two mains and one accent',
        fixes: can.slice(0, 2).map((f) => ({
          label: `Make ${f.finish.name} the accent`,
          changes: [put('finishes', f.finish.id, { role: 'accent' })],
        })),
      },
    ]
  },
}
