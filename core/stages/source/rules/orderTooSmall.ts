import type { Rule, Finding } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'

/** An order that is smaller than the supplier takes, or just under a saving. */
export const orderTooSmall: Rule<SourceFacts> = {
  name: 'source.order-too-small',
  title: 'An order is smaller than the supplier takes',
  numbers: 'The least order of the supplier; the next delivery band.',
  source: 'common practice',
  schools: 'all',
  check: ({ baskets, says }) =>
    baskets.flatMap((b): Finding[] => {
      if (b.shortMinor > 0)
        return [
          {
            rule: 'source.order-too-small',
            severity: 'look',
            about: [{ kind: 'order', id: b.supplierId ?? 'none', name: b.supplierName }],
            title: `${b.supplierName}: ${says.money(b.shortMinor)} short of the least order`,
            measured: `${says.money(b.goodsMinor)} of goods chosen`,
            wanted: `${says.money(b.goodsMinor + b.shortMinor)} at least`,
            because:
              'An order below it is refused or pays a surcharge; another thing from there, or another supplier.',
            fixes: [],
          },
        ]
      // Worth saying only when buying more would cost less than it saves twice over.
      if (b.nextBand && b.nextBand.missingMinor <= 2 * b.nextBand.savesMinor)
        return [
          {
            rule: 'source.order-too-small',
            severity: 'note',
            about: [{ kind: 'order', id: b.supplierId ?? 'none', name: b.supplierName }],
            title: `${b.supplierName}: ${says.money(b.nextBand.missingMinor)} more saves ${says.money(b.nextBand.savesMinor)} of delivery`,
            measured: `${says.money(b.goodsMinor)} of goods chosen`,
            wanted: says.money(b.goodsMinor + b.nextBand.missingMinor),
            because: 'Delivery falls with the size of the order.',
            fixes: [],
          },
        ]
      return []
    }),
}
