import type { PieceKind } from '../../../model/vocabulary/piece.js'
import { type FinishFacts, likeness, type PaletteFacts } from '../paletteFacts.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { wornPieces, finishRef } from './about.js'
import { wearInstead } from './wearInstead.js'

const groupOf = (kind: PieceKind): 'light' | 'plumbing' | 'appliances' | 'hardware' =>
  kind === 'lamp'
    ? 'light'
    : kind === 'sanitary'
      ? 'plumbing'
      : kind === 'appliance'
        ? 'appliances'
        : 'hardware'

/** Metals that read as different: by finish, not by row. */
function distinct(metals: readonly FinishFacts[]): FinishFacts[] {
  return metals.filter((m, i) => metals.slice(0, i).every((o) => likeness(o.lab, m.lab).zone !== 'merges'))
}

function check(facts: PaletteFacts): Finding[] {
  const school = facts.schools.metals
  if (!school) return []
  const worn = wornPieces(facts).filter((w) => w.finish.undertone.family === 'metal')
  const groups = new Map<string, FinishFacts[]>()
  for (const { piece, finish } of worn) {
    const key = school === 'one for all' ? 'room' : groupOf(piece.kind)
    groups.set(key, [...new Set([...(groups.get(key) ?? []), finish])])
  }
  return [...groups].flatMap(([group, metals]): Finding[] => {
    const different = distinct(metals)
    if (different.length < 2) return []
    const [first, ...rest] = [...different].sort((x, y) => y.areaMm2 - x.areaMm2)
    if (!first) return []
    return [
      {
        rule: 'palette.metals',
        severity: 'look',
        about: different.map(finishRef),
        title:
          group === 'room'
            ? `${different.length} metals in the room`
            : `${different.length} metals among the ${group}`,
        measured: different.map((m) => `${m.finish.name} (leans ${m.undertone.word})`).join(', '),
        wanted: school === 'one for all' ? 'one' : 'one for each group',
        because:
          'Metals side by side are compared; what is of one kind keeps one finish, and undertones agree across kinds.',
        school,
        fixes: rest.length === 1 && rest[0] ? [wearInstead(facts, rest[0], first) ?? []].flat() : [],
      },
    ]
  })
}

export const metals: Rule<PaletteFacts> = {
  name: 'palette.metals',
  title: 'More metals than the school keeps together',
  numbers:
    'Metals over ΔE00 4 apart count as different: one for each of plumbing, hardware, appliances and light, or one for all.',
  source: 'common practice',
  schools: ['one finish per group', 'one for all'],
  check,
}
