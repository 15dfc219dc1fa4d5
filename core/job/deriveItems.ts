import type { PaletteFacts } from '../stages/palette/paletteFacts.js'
import { basketsOf, type SupplierBasket } from '../stages/source/baskets.js'
import { allowanceFor, inOrders, lastingFound, priceOf } from '../stages/source/chosenMoney.js'
import { optionFit, type FitFrame, type OptionFit } from '../stages/source/fit.js'
import { swapOf, type Swap } from '../stages/source/intent.js'
import type { LandedPrice } from '../stages/source/landedPrice.js'
import type { MadeCost } from '../stages/source/making.js'
import type { Item } from '../model/rows/items.js'
import type { Fabrication } from '../model/rows/fabrications.js'
import type { Option } from '../model/rows/options.js'
import { fitFrameOf } from './fitFrameOf.js'
import { grouped } from './grouped.js'
import type { DerivedLine } from './deriveLedger.js'
import type { JobSnapshot, Stored } from '../model/snapshot.js'

export interface DerivedOption {
  readonly option: Stored<Option>
  readonly price: LandedPrice
  /** Every aspect with its reason; what strikes it out among them. */
  readonly suits: OptionFit
  /** What it takes, when it is made from a list. */
  readonly made: MadeCost | undefined
  readonly chosen: boolean
}

/** Of thousands of options few are looked at: how one suits is found when it is asked for. */
class FoundOption implements DerivedOption {
  readonly chosen: boolean
  readonly #item: Stored<Item>
  readonly #frame: FitFrame
  #suits: OptionFit | undefined
  constructor(
    readonly option: Stored<Option>,
    readonly price: LandedPrice,
    readonly made: MadeCost | undefined,
    item: Stored<Item>,
    frame: FitFrame,
  ) {
    this.chosen = option.id === item.chosenOptionId
    this.#item = item
    this.#frame = frame
  }
  get suits(): OptionFit {
    return (this.#suits ??= optionFit(this.option, this.#item, this.#frame))
  }
}

/** open: nothing chosen · chosen: not yet ordered · ordered: on its way, in whole or part · delivered: all of it here */
export type ItemState = 'open' | 'chosen' | 'ordered' | 'delivered'

export interface DerivedItem {
  readonly item: Stored<Item>
  readonly options: readonly DerivedOption[]
  readonly chosen: DerivedOption | undefined
  /** What the chosen option comes to in the order it will be part of. */
  readonly chosenMinor: number
  /** Kept back for the lasting piece while a placeholder stands in. */
  readonly allowanceMinor: number
  /** Something else than planned is chosen. */
  readonly swap: Swap | undefined
  readonly state: ItemState
  readonly lines: readonly DerivedLine[]
}

/** One frame as long as what it rests on is the same, so that what was found for an option can be kept. */
let lastFrame: { readonly on: readonly unknown[]; readonly frame: FitFrame } | undefined
export function fitFrame(job: JobSnapshot, palette: PaletteFacts, today: string): FitFrame {
  const on = [
    job.brief,
    job.schools,
    job.people,
    job.passages,
    job.finishes,
    job.finishAssignments,
    job.pieces,
    job.walls,
    job.openings,
    job.schemeOverrides,
    job.schemes,
    job.room,
    job.uses,
    job.parts,
    today,
  ]
  if (lastFrame?.on.every((x, i) => x === on[i])) return lastFrame.frame
  lastFrame = { on, frame: fitFrameOf(job, palette, today) }
  return lastFrame.frame
}

/** Rows are never changed in place: what was derived of an option stands while its rows and the frame are the same. */
const found = new WeakMap<
  Stored<Option>,
  {
    readonly item: Item
    readonly fabrications: readonly Fabrication[]
    readonly frame: FitFrame
    readonly is: DerivedOption
  }
>()

function deriveOption(
  job: JobSnapshot,
  option: Stored<Option>,
  item: Stored<Item>,
  fabrications: readonly Stored<Fabrication>[],
  frame: FitFrame,
): DerivedOption {
  const known = found.get(option)
  const same =
    known?.fabrications.length === fabrications.length &&
    known.fabrications.every((m, i) => m === fabrications[i])
  if (known && same && known.item === item && known.frame === frame) return known.is
  const { price, made } = priceOf(option, item.quantity, fabrications, {
    taxPpm: job.brief.taxPpm,
    pricesIncludeTax: job.brief.pricesIncludeTax,
    currency: job.studio.currency,
  })
  const is = new FoundOption(option, price, made, item, frame)
  found.set(option, { item, fabrications, frame, is })
  return is
}

export function deriveItems(job: JobSnapshot, lines: readonly DerivedLine[], frame: FitFrame): DerivedItem[] {
  const optionsOf = grouped(job.options, (o) => o.itemId)
  const makingsOf = grouped(job.fabrications, (m) => m.optionId)
  const linesOf = grouped(lines, (l) => l.line.itemId)
  const lasting = lastingFound(job.items)
  return [...job.items]
    .sort((x, y) => x.position - y.position)
    .map((item): DerivedItem => {
      const options = (optionsOf.get(item.id) ?? [])
        .map((option) => deriveOption(job, option, item, makingsOf.get(option.id) ?? [], frame))
        .sort((x, y) => x.price.landedMinor - y.price.landedMinor)
      const own = linesOf.get(item.id) ?? []
      const live = own.filter((l) => l.state.liveQuantity > 0)
      const chosen = options.find((o) => o.chosen)
      const state: ItemState =
        live.length > 0
          ? live.every((l) => l.state.toComeQuantity === 0)
            ? 'delivered'
            : 'ordered'
          : chosen
            ? 'chosen'
            : 'open'
      const priced = (o: DerivedOption | undefined) =>
        o && { id: o.option.id, name: o.option.name, landedMinor: o.price.landedMinor }
      return {
        item,
        options,
        chosen,
        chosenMinor: state === 'chosen' ? (chosen?.price.landedMinor ?? 0) : 0,
        allowanceMinor: allowanceFor(item, chosen?.option, lasting),
        swap: swapOf(
          priced(options.find((o) => o.option.id === item.plannedOptionId)),
          priced(chosen),
          item.intentKept ?? null,
        ),
        state,
        lines: own,
      }
    })
}

export function deriveBaskets(
  job: JobSnapshot,
  items: readonly DerivedItem[],
  today: string,
): SupplierBasket[] {
  const lines = items.flatMap((i) =>
    i.state === 'chosen' && i.chosen
      ? [{ itemId: i.item.id, supplierId: i.chosen.option.supplierId ?? null, price: i.chosen.price }]
      : [],
  )
  return basketsOf(lines, job.suppliers, job.discounts, job.brief, today)
}

/** Items at what they come to in their orders. */
export function withBaskets(
  items: readonly DerivedItem[],
  baskets: readonly SupplierBasket[],
): DerivedItem[] {
  const landed = inOrders(baskets)
  return items.map((i) => {
    const chosenMinor = landed.get(i.item.id)?.landedMinor
    return chosenMinor === undefined || chosenMinor === i.chosenMinor ? i : { ...i, chosenMinor }
  })
}
