import { type PaletteFacts, seen, type FinishFacts } from '../paletteFacts.js'
import type { Fix } from '../../../findings/finding.js'
import { put } from '../../../model/changes.js'

export const patterned = (facts: PaletteFacts) => seen(facts).filter((f) => f.finish.patternKind !== 'none')

export const plain = (f: FinishFacts): Fix => ({
  label: `Make ${f.finish.name} plain`,
  changes: [put('finishes', f.finish.id, { patternKind: 'none', patternRepeatMm: null })],
})
