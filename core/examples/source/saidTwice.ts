import { type SaidTwice, NO_TIES } from '../../stages/source/ties.js'
import { items } from '../../model/rows/items.js'
import { pieces } from '../../model/rows/pieces.js'
import { schedule } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

const mirror = (): SaidTwice => ({
  item: {
    ...items.make({ id: 'line', name: 'Mirror', category: 'decor', targetMinor: 0, weightG: 9000 }),
    version: 1,
  },
  piece: {
    ...pieces.make({ id: 'piece', name: 'Mirror', kind: 'mirror', widthMm: 600, depthMm: 30, heightMm: 900 }),
    itemId: 'line',
    weightG: 14_000,
    version: 1,
  },
  field: 'weightG',
})

/** Breaks the rule `source.said-twice`. */
export const violates = (): SourceFacts => schedule([], { ties: { ...NO_TIES, saidTwice: [mirror()] } })

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts => schedule([], { ties: NO_TIES })
