import { type SizeDiffers, NO_TIES } from '../../stages/source/ties.js'
import { pieces } from '../../model/rows/pieces.js'
import { options } from '../../model/rows/options.js'
import { schedule } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

const settee = (boughtMm: number): SizeDiffers => ({
  piece: {
    ...pieces.make({ id: 'piece', name: 'Settee', kind: 'sofa', widthMm: 1800, depthMm: 900, heightMm: 800 }),
    itemId: 'line',
    ownSize: true,
    version: 1,
  },
  option: {
    ...options.make({ id: 'option', itemId: 'line', name: 'Long settee', priceMinor: 0 }),
    version: 1,
  },
  drawn: [1800, 900, 800],
  bought: [boughtMm, 900, 800],
})

/** Breaks the rule `source.size-differs`. */
export const violates = (): SourceFacts => schedule([], { ties: { ...NO_TIES, sizes: [settee(2100)] } })

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts => schedule([], { ties: NO_TIES })
