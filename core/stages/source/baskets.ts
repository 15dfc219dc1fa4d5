import { basketOf, NO_TERMS, type Basket, type BasketLine } from './basket.js'
import type { PriceFrame } from './landedPrice.js'
import type { Discount } from '../../model/rows/discounts.js'
import type { Supplier } from '../../model/rows/suppliers.js'

/** What would be ordered together from one supplier. */
export interface SupplierBasket extends Basket {
  readonly supplierId: string | null
}

/** Chosen lines put together by supplier, each order with its coupon and delivery. */
export function basketsOf(
  lines: readonly (BasketLine & { readonly supplierId: string | null })[],
  suppliers: readonly Pick<Supplier, 'id' | 'minOrderMinor' | 'deliveryBands'>[],
  discounts: readonly Discount[],
  frame: Pick<PriceFrame, 'taxPpm' | 'pricesIncludeTax'>,
  today: string,
): SupplierBasket[] {
  const groups = new Map<string | null, BasketLine[]>()
  for (const { supplierId, ...line } of lines) {
    const list = groups.get(supplierId)
    if (list) list.push(line)
    else groups.set(supplierId, [line])
  }
  return [...groups].map(([supplierId, list]) => {
    const supplier = suppliers.find((s) => s.id === supplierId)
    const terms = supplier
      ? { ...supplier, discounts: discounts.filter((o) => o.supplierId === supplierId) }
      : NO_TERMS
    return { supplierId, ...basketOf(list, terms, frame, today) }
  })
}
