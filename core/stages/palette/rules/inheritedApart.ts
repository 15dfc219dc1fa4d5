import { type PaletteFacts, type FinishFacts, seen } from '../paletteFacts.js'
import { wornPieces } from './about.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { leaningOf } from '../pairs.js'

/** Worn only by pieces that are kept as they are: outside the comparison of the others. */
export function keptAsIs(facts: PaletteFacts, f: FinishFacts): boolean {
  const worn = wornPieces(facts).filter((w) => w.finish === f)
  return (
    worn.length > 0 &&
    worn.every((w) => w.piece.sentimental) &&
    !facts.finishAssignments.some((p) => p.finishId === f.finish.id)
  )
}

function check(facts: PaletteFacts): Finding[] {
  const list = seen(facts)
  return list
    .filter((f) => keptAsIs(facts, f))
    .flatMap((f): Finding[] => {
      const apart = list.filter((o) => o !== f && !keptAsIs(facts, o) && leaningOf(f, o)?.clash)
      const [first] = apart
      if (!first) return []
      const pieces = wornPieces(facts).filter((w) => w.finish === f)
      return [
        {
          rule: 'palette.inherited-apart',
          severity: 'note',
          about: pieces.map((w) => ({ kind: 'piece', id: w.piece.id, name: w.piece.name })),
          title: `${pieces.map((w) => w.piece.name).join(', ')} keeps its own undertone`,
          measured: `${f.finish.name} leans ${leaningOf(f, first)?.words[0] ?? ''}, ${apart.map((o) => o.finish.name).join(', ')} the other way`,
          wanted: 'nothing: it is kept as it is',
          because:
            'What is dear may break a rule and stays; the others are held against each other and not against it.',
          fixes: [],
        },
      ]
    })
}

export const inheritedApart: Rule<PaletteFacts> = {
  name: 'palette.inherited-apart',
  title: 'A sentimental piece outside the rule',
  numbers:
    'A finish worn only by sentimental pieces is shown once and neither replaced nor used as a reference.',
  source: 'common practice',
  schools: 'all',
  check,
}
