import type { Ties } from './ties.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import type { Item, items } from '../../model/rows/items.js'
import type { Option, options } from '../../model/rows/options.js'
import type { NewRow } from '../../model/row.js'
import type { Category } from '../../model/vocabulary/category.js'
import type { PieceKind } from '../../model/vocabulary/piece.js'
import type { Companion } from './companions.js'
import type { FitReason } from './fit.js'
import type { Swap } from './intent.js'
import type { PriceHistory, Slip } from './priceHistory.js'
import type { OptionKind, Spend, Stock } from '../../model/vocabulary/buying.js'
import type { Formatter } from '../../kernel/units/formatter.js'

/** An option as the rules of Source see it. */
export interface OptionFacts {
  readonly id: string
  readonly name: string
  readonly kind: OptionKind
  readonly landedMinor: number
  readonly leadDays: number | null
  readonly years: number | null
  readonly stock: Stock | null
  readonly heldUntil: string | null
  readonly reviewOn: string | null
  readonly lookedAt: readonly string[]
  readonly against: readonly FitReason[]
  readonly chosen: boolean
  /** Prices seen and what to think of them. */
  readonly history: PriceHistory
  readonly slip: Slip | undefined
  readonly priceMinor: number
  /** Its currency, when no rate to the job's is given: the figure is then taken as it stands. */
  readonly rateMissing: string | undefined
  /** The option whose set it comes in, and whether that is chosen. */
  readonly partOf:
    | { readonly itemId: string; readonly optionId: string; readonly name: string; readonly chosen: boolean }
    | undefined
}

export interface ItemFacts {
  readonly id: string
  readonly name: string
  readonly category: Category
  readonly pieceKind: PieceKind | null
  readonly intent: string
  /** Whether the layout of what is there pleases; null while nobody asked. */
  readonly layout: 'liked' | 'disliked' | null
  readonly targetMinor: number
  readonly neededOn: string | null
  readonly open: boolean
  /** Chosen and not yet ordered. */
  readonly undecided: boolean
  readonly options: readonly OptionFacts[]
  readonly swap: Swap | undefined
  /** What the chosen option calls for and no line of the schedule is there for. */
  readonly missing: readonly Companion[]
  /** Lines that go with it and have nothing chosen. */
  readonly companionsOpen: readonly { readonly id: string; readonly name: string }[]
  /** The sheet of a print and what the frame that goes with it holds, where both are chosen and measured. */
  readonly framed: Framed | undefined
  readonly position: number
  readonly spend: Spend
  /** It may be left for later without the room failing. */
  readonly mayWait: boolean
  /** How many uses of the brief it serves. */
  readonly serves: number
  /** Raised by another line or by the take-off, and decided with that. */
  readonly raised: boolean
}

export interface Framed {
  readonly frameItemId: string
  readonly frameName: string
  readonly sheetMm: readonly [number, number]
  readonly openingMm: readonly [number, number]
  /** Frames to prints. */
  readonly frames: number
  readonly prints: number
}

export interface BasketFacts {
  readonly supplierId: string | null
  readonly supplierName: string
  readonly goodsMinor: number
  readonly shortMinor: number
  readonly nextBand: { readonly missingMinor: number; readonly savesMinor: number } | undefined
}

export interface SourceFacts {
  readonly today: string
  readonly items: readonly ItemFacts[]
  readonly baskets: readonly BasketFacts[]
  readonly stayYears: number | null
  readonly schools: Pick<JobSnapshot['schools'], 'buying' | 'pace' | 'money'>
  readonly revealOn: string | null
  /** Owned pieces that are to move or be reworked and fill no item yet. */
  readonly owned: readonly { readonly id: string; readonly name: string; readonly kind: PieceKind }[]
  readonly ties: Ties
  readonly says: Formatter
  /** The last day to order what takes so many days and is needed on a day, with days off and working days. */
  readonly lastDayToOrder: (neededOn: string, leadDays: number) => string
  /** A whole new item, for the fixes that raise one. */
  readonly newItem: (more: Partial<Item> & Pick<Item, 'name' | 'category'>) => NewRow<typeof items.fields>
  readonly newOption: (
    more: Partial<Option> & Pick<Option, 'itemId' | 'name' | 'priceMinor'>,
  ) => NewRow<typeof options.fields>
}
