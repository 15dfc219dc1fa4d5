import { type PaletteFacts, finishOn } from '../paletteFacts.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import type { Finish } from '../../../model/rows/finishes.js'
import { finishRef } from './about.js'
import { put } from '../../../model/changes.js'

// From dull to bright; MPI gloss levels G1, G3, G4, G6 (from memory) lie behind the words.
const RANK: Readonly<Record<string, number>> = { flat: 0, eggshell: 1, satin: 2, gloss: 3 }

const WORDS: Readonly<Record<string, string>> = {
  trim: 'woodwork',
  doors: 'doors',
  ceiling: 'ceiling',
  walls: 'walls',
  lower: 'lower wall',
}

function check(facts: PaletteFacts): Finding[] {
  const wet = facts.roomKind === 'wet room' || facts.roomKind === 'kitchen'
  const found = (surface: string, wanted: string, because: string, to: Finish['sheen']): Finding[] => {
    const on = finishOn(facts, surface)
    if (!on) return []
    return [
      {
        rule: 'palette.sheen',
        severity: 'look',
        about: [finishRef(on), { kind: 'surface', id: surface, name: WORDS[surface] ?? surface }],
        title: `${on.finish.sheen === 'flat' ? 'Flat' : 'Gloss'} paint on the ${WORDS[surface] ?? surface}`,
        measured: `${on.finish.name} is ${on.finish.sheen}`,
        wanted,
        because,
        fixes: [
          {
            label: `Take ${on.finish.name} in ${to}`,
            changes: [put('finishes', on.finish.id, { sheen: to })],
          },
        ],
      },
    ]
  }
  const sheenOf = (surface: string) => {
    const on = finishOn(facts, surface)
    return on?.finish.material === 'paint' && on.finish.role !== 'stays' ? RANK[on.finish.sheen] : undefined
  }
  return [
    ...(['trim', 'doors'] as const).flatMap((s) =>
      sheenOf(s) === 0
        ? found(s, 'eggshell or brighter', 'Hands and feet mark it; flat paint cannot be wiped.', 'eggshell')
        : [],
    ),
    ...(sheenOf('ceiling') === 3
      ? found('ceiling', 'flat or eggshell', 'Gloss shows every joint of a ceiling and throws glare.', 'flat')
      : []),
    ...(sheenOf('walls') === 3
      ? found(
          'walls',
          'satin or duller',
          'Gloss shows every unevenness of a wall and throws glare.',
          'eggshell',
        )
      : []),
    ...(wet && sheenOf('walls') === 0
      ? found('walls', 'eggshell or brighter', 'Where it is wet or greasy, walls are wiped.', 'eggshell')
      : []),
  ]
}

export const sheen: Rule<PaletteFacts> = {
  name: 'palette.sheen',
  title: 'A sheen that does not fit where it is',
  numbers:
    'Woodwork and doors eggshell or brighter; ceiling and walls not gloss; walls of wet rooms and kitchens not flat.',
  source: 'common practice; gloss levels after MPI G1 to G7, from memory',
  schools: 'all',
  check,
}
