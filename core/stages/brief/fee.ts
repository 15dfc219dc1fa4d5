import { shareOf } from '../../kernel/money/rate.js'
import type { Brief } from '../../model/rows/brief.js'

/**
 * The decorator's fee as agreed: nothing, a sum, a share of what the goods come to (rounded half up to the minor
 * unit), or hours at a rate.
 *
 * @param costMinor forecast cost of the goods, which a percentage is taken of
 */
export function feeMinor(
  brief: Pick<Brief, 'feeKind' | 'feeMinor' | 'feePpm' | 'feeHours'>,
  costMinor: number,
): number {
  switch (brief.feeKind) {
    case 'fixed':
      return brief.feeMinor
    case 'hourly':
      return brief.feeMinor * brief.feeHours
    case 'percent of cost':
      return shareOf(costMinor, brief.feePpm)
    default:
      return 0
  }
}
