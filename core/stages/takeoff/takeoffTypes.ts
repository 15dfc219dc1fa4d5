import type { Point } from '../../kernel/geometry/polygon.js'
import type { Formatter } from '../../kernel/units/formatter.js'
import type { TakeoffPart } from '../../model/rows/takeoffParts.js'
import type { Takeoff } from '../../model/rows/takeoffs.js'
import type { Task } from '../../model/vocabulary/making.js'
import type { FloorDoor } from './floor/floorPlan.js'
import type { Drawing, Face } from './trade.js'

/** What a line is reckoned from: measured, never typed twice. */
export interface TakeoffInput {
  readonly row: Takeoff
  readonly parts: readonly TakeoffPart[]
  /** The walls named, as bands. */
  readonly faces: readonly Face[]
  /** Corners of the floor; undefined while the room is open. */
  readonly floor: readonly Point[] | undefined
  /** What is not measured of the openings it is made round, laid up to or hung at. */
  readonly unmeasured: readonly string[]
  /** The window a curtain hangs at. */
  readonly window: TakeoffWindow | undefined
  /** All doors and openings that reach the floor. */
  readonly doors: readonly FloorDoor[]
  /** Between the walls named that meet: the angle in the room, more than 180 where a corner stands out into it. */
  readonly cornersDeg: readonly number[]
  /** Where the ceiling is; undefined while it is not measured. */
  readonly ceilingMm: number | undefined
  /** The same walls to the ceiling, where the line ends below it. */
  readonly toCeiling?: readonly Face[]
  readonly says: Formatter
}

/** A window as curtains and blinds need it. */
export interface TakeoffWindow {
  readonly name: string
  readonly widthMm: number
  readonly sillMm: number
  readonly topMm: number
}

/** A line of the take-off: how much, how it is cut and what it comes to. */
export interface TakeoffLine {
  readonly row: Takeoff
  /** What has to be measured or entered first; nothing is reckoned until then. */
  readonly waits: readonly string[]
  /** What is needed, in words: `8 drops`, `12.4 m²`. */
  readonly needed: string
  /** Packs to buy, the spare ones among them; lengths where cloth and carpet are sold by length. */
  readonly packs: number | undefined
  readonly packsText: string
  /** By the meter or the yard; else in whole packs. */
  readonly soldByLength: boolean
  readonly costMinor: number | undefined
  /** What is over when it is done. */
  readonly over: string
  /** What of that is kept for repairs, spare packs first; empty where nothing is. */
  readonly kept: readonly string[]
  /** The figures it comes from, one step after the other. */
  readonly sum: readonly string[]
  /** The same done in another way, beside it. */
  readonly beside: readonly Beside[]
  /** What else has to be there for it. */
  readonly goesWith: readonly GoesWith[]
  /** The work it is, as it is counted. */
  readonly work: readonly Work[]
  /** Sewn seams of what is made up from cloth. */
  readonly seamMm: number
  /** What a tradesman would say of it. */
  readonly notes: readonly string[]
  readonly drawings: readonly Drawing[]
}

/** A line of which nothing is known yet but its row. */
export const bareLine = (row: Takeoff): TakeoffLine => ({
  ...{
    row,
    needed: '',
    packs: undefined,
    packsText: '',
    soldByLength: false,
    costMinor: undefined,
    over: '',
    kept: [],
  },
  ...{ waits: [], beside: [], goesWith: [], work: [], seamMm: 0, sum: [], notes: [], drawings: [] },
})

/** Another way to the same end, with what it takes and costs. */
export interface Beside {
  readonly name: string
  readonly needed: string
  readonly costMinor?: number | undefined
  /** What is seen of it: open, closed, and of its pattern. */
  readonly seen?: readonly string[]
}

/** So much of a kind of work: square millimeters, millimeters or pieces, as the task is counted. */
export interface Work {
  readonly task: Task
  readonly amount: number
}

/** Goods that belong to the work: grout, lining, underlay. */
export interface GoesWith {
  readonly name: string
  readonly quantity: string
}

/** What the method of a trade finds; packs and money follow from it. */
export type Reckoned = Omit<
  TakeoffLine,
  | 'row'
  | 'waits'
  | 'packs'
  | 'packsText'
  | 'soldByLength'
  | 'costMinor'
  | 'beside'
  | 'goesWith'
  | 'seamMm'
  | 'kept'
> & {
  /** What is kept for repairs beside spare packs, in words; empty where nothing is. */
  readonly keeps?: string
  readonly beside?: readonly Beside[]
  readonly goesWith?: readonly GoesWith[]
  readonly seamMm?: number
  /** Pieces, boxes or rolls; of what is sold by length its mm. */
  readonly pieces?: number
  readonly lengthMm?: number
  readonly packWord: readonly [string, string]
}

/** So many that are over and kept, in words. */
export const keptOf = (count: number, one: string, says: Formatter): string =>
  count > 0 ? says.count(count, one) : ''

/** The goods as they are sold, once they are entered. */
export const goods = (row: Takeoff) => ({ widthMm: row.goodsWidthMm ?? 0, lengthMm: row.goodsLengthMm ?? 0 })
