import type { Minor } from '../../kernel/money/currency.js'
import type { Basket } from './basket.js'
import { landedPrice, type LandedPrice, type PricedOption, type PriceFrame } from './landedPrice.js'
import { madeCost, type MadeCost } from './making.js'
import type { Item } from '../../model/rows/items.js'
import type { Fabrication } from '../../model/rows/fabrications.js'
import type { Option } from '../../model/rows/options.js'
import { LASTING_PIECE } from '../../model/vocabulary/buying.js'

/** The landed price of an option; a made one is priced by its list of materials when it has one. */
export function priceOf(
  option: PricedOption,
  quantity: number,
  fabrications: readonly Fabrication[],
  frame: PriceFrame,
): { readonly price: LandedPrice; readonly made: MadeCost | undefined } {
  const made = fabrications.length > 0 ? madeCost(fabrications) : undefined
  return { price: landedPrice(option, quantity, frame, made?.boughtMinor), made }
}

/** What each item comes to in its order. */
export const inOrders = (baskets: readonly Pick<Basket, 'lines'>[]): Map<string, Basket['lines'][number]> =>
  new Map(baskets.flatMap((b) => b.lines.map((l) => [l.itemId, l] as const)))

/** Items whose lasting piece has been found: their placeholder holds no money back any more. */
export const lastingFound = (
  items: readonly Pick<Item, 'companion' | 'forItemId' | 'chosenOptionId'>[],
): ReadonlySet<string | null | undefined> =>
  new Set(items.filter((i) => i.companion === LASTING_PIECE && i.chosenOptionId).map((i) => i.forItemId))

/** What a placeholder keeps back for the piece it stands in for: the target of its item. */
export const allowanceFor = (
  item: Pick<Item, 'id' | 'targetMinor'>,
  chosen: Pick<Option, 'kind'> | undefined,
  found: ReturnType<typeof lastingFound>,
): Minor => (chosen?.kind === 'placeholder' && !found.has(item.id) ? item.targetMinor : 0)
