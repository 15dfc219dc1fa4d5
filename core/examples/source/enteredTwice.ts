import { type Untied, NO_TIES } from '../../stages/source/ties.js'
import { put } from '../../model/changes.js'
import { schedule } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

const lamp = (by: Untied['by']): Untied => ({
  one: { kind: 'piece', id: 'piece', name: 'Floor lamp' },
  other: { kind: 'item', id: 'line', name: by === 'name' ? 'Floor lamp' : 'Reading light' },
  by,
  pieceKind: 'lamp',
  changes: [put('pieces', 'piece', { itemId: 'line' })],
})

/** Breaks the rule `source.entered-twice`. */
export const violates = (): SourceFacts => schedule([], { ties: { ...NO_TIES, untied: [lamp('name')] } })

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts => schedule([], { ties: NO_TIES })
