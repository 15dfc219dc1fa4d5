import type { ItemFacts, OptionFacts } from '../sourceFacts.js'
import type { Fix } from '../../../findings/finding.js'
import { put } from '../../../model/changes.js'

export const about = (i: ItemFacts, o?: OptionFacts) => [
  { kind: 'item' as const, id: i.id, name: i.name },
  ...(o ? [{ kind: 'option' as const, id: o.id, name: o.name }] : []),
]

export const choose = (i: ItemFacts, o: OptionFacts | undefined, label: string): Fix => ({
  label,
  changes: [put('items', i.id, { chosenOptionId: o?.id ?? null })],
})

export const chosenOf = (i: ItemFacts) => i.options.find((o) => o.chosen)
