import { type PaletteFacts, type FinishFacts, seen } from '../paletteFacts.js'
import { repeats, accentGroups } from './accents.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { chroma } from '../../../kernel/color/lab.js'
import { changeable, finishRef } from './about.js'
import { put } from '../../../model/changes.js'

// A tenth is the aim; from here on it is no accent (common practice).
export const MOST = 0.18

// What can serve as an accent: strong enough to be noticed and scarce (common practice).
export const ACCENT_CHROMA = 15

// What stays, metals and leaves are no choice of the scheme and do not make a color a main.
const CHOSEN: readonly string[] = ['main', 'second', 'accent']

/** Part of the whole that a color takes, with everything chosen that repeats it. */
const shareOf = (facts: PaletteFacts, of: FinishFacts) =>
  seen(facts)
    .filter((f) => CHOSEN.includes(f.finish.role) && repeats(f.lab, of.lab))
    .reduce((sum, f) => sum + f.share, 0)

function check(facts: PaletteFacts): Finding[] {
  return accentGroups(facts).flatMap((group): Finding[] => {
    const [first] = group
    if (!first) return []
    const share = shareOf(facts, first)
    const mains = seen(facts).filter((f) => f.finish.role === 'main' && !repeats(f.lab, first.lab))
    const over = mains.filter((m) => m.share < share)
    if (share <= MOST && (mains.length === 0 || over.length < mains.length)) return []
    const next = seen(facts).filter(
      (f) =>
        !group.includes(f) &&
        chroma(f.lab) >= ACCENT_CHROMA &&
        shareOf(facts, f) <= MOST &&
        changeable(facts, f),
    )
    return [
      {
        rule: 'palette.accent-scarce',
        severity: 'look',
        about: group.map(finishRef),
        title: `${first.finish.name} is no accent any more`,
        measured: `${first.undertone.word} takes ${facts.says.percent(share)} of what is seen`,
        wanted: `at most ${facts.says.percent(MOST)}, and less than every main`,
        because: `An accent is defined by being scarce. This color has become a main; ${next[0] ? `${next[0].finish.name} could be the accent now.` : 'choose another accent, from the inspiration or by undertone.'}`,
        fixes: [
          {
            label: `Call ${group.map((f) => f.finish.name).join(', ')} a main${next[0] ? ` and ${next[0].finish.name} the accent` : ''}`,
            changes: [
              ...group.map((f) => put('finishes', f.finish.id, { role: 'main' })),
              ...next.slice(0, 1).map((f) => put('finishes', f.finish.id, { role: 'accent' })),
            ],
          },
        ],
      },
    ]
  })
}

export const accentScarce: Rule<PaletteFacts> = {
  name: 'palette.accent-scarce',
  title: 'An accent whose area makes it a main',
  numbers: `All of one color together over ${100 * MOST} % of what is seen, or over every main. Role follows area.`,
  source: 'common practice',
  schools: 'all',
  check,
}
