import { capital } from '../kernel/capital.js'
import { put, type RowChange } from '../model/changes.js'
import { ROWS } from '../model/registry.js'
import { taxed } from '../stages/source/landedPrice.js'
import type { Item } from '../model/rows/items.js'
import type { Consumable } from '../model/rows/consumables.js'
import type { ConsumableKind } from '../model/vocabulary/making.js'
import { isOneBatch } from '../model/oneBatch.js'
import type { Trade } from '../model/vocabulary/takeoff.js'
import type { MakingConsumable } from '../stages/takeoff/making/making.js'
import type { PaintLine } from '../stages/takeoff/paintTakeoff.js'
import type { GoesWith, TakeoffLine } from '../stages/takeoff/takeoffTypes.js'

/** Goods of the take-off as the schedule buys them. */
export interface ScheduledGoods {
  readonly name: string
  readonly specification: string
  /** How they are sold: `3 rolls`, `2 × 2.5 L`. */
  readonly sold: string
  readonly costMinor: number
  readonly finishId: string | null
  readonly category: Item['category']
  readonly buysPaint?: Item['buysPaint']
}

/** Ids of what is made, and where in the schedule it goes. */
export interface Made {
  readonly itemId: string
  readonly optionId: string
  readonly position: number
}

type Tax = Parameters<typeof taxed>[1]

/** An item with its one option chosen; its target is what it comes to with the tax of the job. */
export function scheduleGoods(
  goods: ScheduledGoods,
  { itemId, optionId, position }: Made,
  tax: Tax,
): RowChange[] {
  return [
    {
      collection: 'items',
      add: {
        ...ROWS.items.blank(),
        id: itemId,
        name: goods.name,
        category: goods.category,
        specification: goods.specification,
        targetMinor: taxed(goods.costMinor, tax).landedMinor,
        finishId: goods.finishId,
        buysPaint: goods.buysPaint ?? null,
        position,
      },
    },
    {
      collection: 'options',
      add: { ...ROWS.options.blank(), id: optionId, itemId, name: goods.sold, priceMinor: goods.costMinor },
    },
    put('items', itemId, { chosenOptionId: optionId }),
  ]
}

/** Cloth is textiles, whatever it is made into. */
const CATEGORY: Readonly<Record<Trade, Item['category']>> = {
  wallpaper: 'surfaces',
  tile: 'surfaces',
  boards: 'surfaces',
  carpet: 'surfaces',
  stairs: 'surfaces',
  curtains: 'textiles',
  blinds: 'textiles',
  lengths: 'surfaces',
  sheets: 'surfaces',
  cover: 'textiles',
  ties: 'textiles',
}

/** A line of the take-off put onto the schedule: it names the item that buys it, and the option it raised. */
export const scheduleLine = (line: TakeoffLine, costMinor: number, made: Made, tax: Tax): RowChange[] => [
  ...scheduleGoods(
    {
      name: line.row.name,
      specification: `${line.needed}; ${line.packsText}${isOneBatch(line.row) ? '; one batch, in one delivery' : ''}`,
      sold: line.packsText,
      costMinor,
      finishId: line.row.finishId,
      category: CATEGORY[line.row.trade],
    },
    made,
    tax,
  ),
  put('takeoffs', line.row.id, { itemId: made.itemId, optionId: made.optionId }),
]

/** What of the take-off stands on the schedule: a line, or a consumable, as it is sold now. */
export interface OnSchedule {
  readonly collection: 'takeoffs' | 'consumables'
  readonly id: string
  readonly sold: string
  readonly costMinor: number
}

/** The option it raised put under its item again, where that was taken out: one to choose, chosen by nobody. */
export const raiseAgain = (of: OnSchedule, itemId: string, optionId: string): RowChange[] => [
  {
    collection: 'options',
    add: { ...ROWS.options.blank(), id: optionId, itemId, name: of.sold, priceMinor: of.costMinor },
  },
  put(of.collection, of.id, { optionId }),
]

/** What goes with a line and is not on the schedule yet, as items to be found: named, with their quantity, and no price. */
export const scheduleCompanions = (
  goods: readonly GoesWith[],
  line: TakeoffLine,
  idOf: () => string,
  position: number,
): RowChange[] =>
  goods.map((g, i) => ({
    collection: 'items' as const,
    add: {
      ...ROWS.items.blank(),
      id: idOf(),
      name: `${g.name}, ${line.row.name}`.slice(0, 120),
      category: CATEGORY[line.row.trade],
      specification: g.quantity,
      targetMinor: 0,
      forItemId: line.row.itemId,
      companion: g.name,
      position: position + i,
    },
  }))

/** Goods that are on the schedule for a line at another quantity than is reckoned now. */
export interface StaleCompanion {
  readonly item: Item
  readonly was: string
  readonly is: string
}

/**
 * What goes with a line and stands on the schedule at another quantity. The quantity is what its specification begins with, up
 * to a semicolon; where somebody wrote words of their own instead, nothing is compared.
 */
export const staleCompanions = (
  goods: readonly GoesWith[],
  line: TakeoffLine,
  items: readonly Item[],
): StaleCompanion[] =>
  items.flatMap((item) => {
    const now = goods.find(
      (g) => line.row.itemId && item.forItemId === line.row.itemId && g.name === item.companion,
    )
    const [was = ''] = item.specification.split(';')
    return now && /\d/.test(was) && was.trim() !== now.quantity
      ? [{ item, was: was.trim(), is: now.quantity }]
      : []
  })

/** The quantity taken over; what was written after it stays. */
export const refreshCompanions = (stale: readonly StaleCompanion[]): RowChange[] =>
  stale.map(({ item, is }) => {
    const [, ...own] = item.specification.split(';')
    return put('items', item.id, { specification: [is, ...own].join(';') })
  })

/** What a consumable is to the budget. */
const GOODS_CATEGORY: Readonly<Partial<Record<ConsumableKind, Item['category']>>> = {
  bulbs: 'light',
  batteries: 'light',
  thread: 'textiles',
  'rug underlay': 'textiles',
  'picture hooks': 'fixtures',
  'screws and plugs': 'fixtures',
  'hollow-wall anchors': 'fixtures',
  'wood screws': 'fixtures',
  'adhesive strips, pairs': 'fixtures',
}

/** A consumable put onto the schedule: its row names the item and the option. */
export const scheduleConsumable = (
  goods: MakingConsumable & { readonly row: Consumable; readonly costMinor: number },
  made: Made,
  tax: Tax,
): RowChange[] => [
  ...scheduleGoods(
    {
      name: capital(goods.kind),
      specification: `${goods.text}; ${goods.because.join(', ')}`.slice(0, 400),
      sold: goods.packsText,
      costMinor: goods.costMinor,
      finishId: null,
      category: GOODS_CATEGORY[goods.kind] ?? 'surfaces',
    },
    made,
    tax,
  ),
  put('consumables', goods.row.id, { itemId: made.itemId, optionId: made.optionId }),
]

/** The lines of paint that have tins, each as goods of its own: colors may come from different shops. */
export const paintGoods = (
  lines: readonly PaintLine[],
  sold: (line: PaintLine) => string,
  volume: (liters: number) => string,
): (ScheduledGoods & { readonly line: PaintLine })[] =>
  lines.flatMap((line) =>
    line.tins
      ? [
          {
            line,
            name: line.name,
            specification: `${line.steps.map((s) => s.surface).join(', ')}; ${volume(line.liters)}`.slice(
              0,
              400,
            ),
            sold: sold(line),
            costMinor: line.tins.costMinor,
            finishId: line.finishId,
            category: 'surfaces' as const,
            buysPaint: 'of its finish' as const,
          },
        ]
      : [],
  )
