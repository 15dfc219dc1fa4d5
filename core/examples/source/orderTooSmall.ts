import { schedule } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

/** Breaks the rule `source.order-too-small`. */
export const violates = (): SourceFacts =>
  schedule([], {
    baskets: [
      {
        supplierId: 's',
        supplierName: 'Mill',
        goodsMinor: 8_000,
        shortMinor: 2_000,
        nextBand: undefined,
      },
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts =>
  schedule([], {
    baskets: [
      { supplierId: 's', supplierName: 'Mill', goodsMinor: 12_000, shortMinor: 0, nextBand: undefined },
    ],
  })
