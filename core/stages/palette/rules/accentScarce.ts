import { put } from '../../../model/changes.js'
import { chroma } from '../../../kernel/color/lab.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { seen, type FinishFacts, type PaletteFacts } from '../paletteFacts.js'
import { changeable, finishRef, percent } from './about.js'
import { accentGroups, repeats } from './accents.js'
import { room } from './example.js'

// A tenth is the aim; from here on it is no accent (common practice).
const MOST = 0.18
// What can serve as an accent: strong enough to be noticed and scarce (common practice).
const ACCENT_CHROMA = 15

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
        measured: `${first.undertone.word} takes ${percent(share)} of what is seen`,
        wanted: `at most ${percent(MOST)}, and less than every main`,
        because: `An accent is defined by being scarce. This color has become a main; ${next[0] ? `${next[0].finish.name} could be the accent now.` : 'choose another accent, from the inspiration or by undertone.'}`,
        mends: [
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

/** True when the room has mains and nothing scarce and strong left to be the accent: a new one is asked for. */
function noAccent(facts: PaletteFacts): boolean {
  return (
    facts.school === 'two mains and one accent' &&
    seen(facts).some((f) => f.finish.role === 'main') &&
    accentGroups(facts).length === 0
  )
}

export const accentScarce: Rule<PaletteFacts> = {
  name: 'palette.accent-scarce',
  title: 'An accent whose area makes it a main',
  numbers: `All of one color together over ${100 * MOST} % of what is seen, or over every main. Role follows area.`,
  source: 'common practice',
  schools: 'all',
  check,
  examples: {
    trips: () =>
      room([
        { name: 'White', hex: '#EDEBE6', role: 'main', on: ['ceiling', 'trim'] },
        { name: 'Green paper', hex: '#5E8A5A', material: 'wallpaper', role: 'accent', on: ['walls'] },
      ]),
    passes: () =>
      room([
        { name: 'White', hex: '#EDEBE6', role: 'main', on: ['ceiling', 'trim', 'walls'] },
        { name: 'Green', hex: '#5E8A5A', role: 'accent' },
      ]),
  },
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
        mends: can.slice(0, 2).map((f) => ({
          label: `Make ${f.finish.name} the accent`,
          changes: [put('finishes', f.finish.id, { role: 'accent' })],
        })),
      },
    ]
  },
  examples: {
    trips: () =>
      room([
        { name: 'White', hex: '#EDEBE6', role: 'main' },
        { name: 'Plum', hex: '#6B3550', piece: { widthMm: 300, depthMm: 100, heightMm: 300 } },
      ]),
    passes: () =>
      room([
        { name: 'White', hex: '#EDEBE6', role: 'main' },
        { name: 'Plum', hex: '#6B3550', role: 'accent' },
      ]),
  },
}
