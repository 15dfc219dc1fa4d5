import { choice, choices, day, flag, minor, mm, note, real, ref, refs, text, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { CATEGORIES } from '../vocabulary/category.js'
import { FIXINGS } from '../vocabulary/fixing.js'
import { LEVELS } from '../vocabulary/change.js'
import { PIECE_KINDS } from '../vocabulary/piece.js'
import { DEMANDS, LAYOUTS, PAINT_BOUGHT, SPENDS, INTENTS } from '../vocabulary/buying.js'

/** A line of the furnishing schedule: one thing the job needs. Limits are of the outer size; null is no limit. */
export const items = defineRow({
  name: 'items',
  table: 'item',
  stage: 'source',
  singular: 'an item',
  order: ['position', 'id'],
  fields: {
    name: text('Item'),
    category: choice('Category', CATEGORIES),
    intent: note('Intent', 400),
    specification: note('Specification', 400),
    quantity: whole('Quantity', 1, 10_000, 'pieces').starts(1),
    targetMinor: minor('Target price'),
    maxWidthMm: mm('Widest', 10, 20_000).orNone(),
    maxDepthMm: mm('Deepest', 10, 20_000).orNone(),
    maxHeightMm: mm('Highest', 10, 10_000).orNone(),
    neededOn: day('Needed by').orNone(),
    /** Set when the line was raised by the take-off of a paint, which then keeps its quantity. */
    finishId: ref('finishes', 'Finish', 'refuse').orNone(),
    chosenOptionId: ref('options', 'Chosen option', 'clear', { within: 'itemId' }).orNone(),
    position: whole('Position', 0, 10_000, 'places').starts(0),
    /** Uses of the brief it serves, and the promised focus point it belongs to. */
    serves: refs('uses', 'Serves', 'Use'),
    focalPointId: ref('focalPoints', 'Focus point', 'clear').orNone(),
    fixing: choice('Fixed', FIXINGS).starts('stands free'),
    weightG: whole('Weight', 1, 2_000_000, 'grams').orNone(),
    wallId: ref('walls', 'Wall', 'clear').orNone(),
    /** The level of intervention it belongs to; null for both. */
    level: choice('Level', LEVELS).orNone(),
    /** Where what it replaces is kept for putting back. */
    originalAt: note('Original kept at', 120),
    /** What kind of piece it is; decides its companions and what it must bear. */
    pieceKind: choice('Kind of piece', PIECE_KINDS).orNone(),
    minWidthMm: mm('Narrowest', 10, 20_000).orNone(),
    minDepthMm: mm('Shallowest', 10, 20_000).orNone(),
    minHeightMm: mm('Lowest', 10, 10_000).orNone(),
    /** The finish of the palette its color should come near, and how near, as ΔE00. */
    aimFinishId: ref('finishes', 'Color aimed at', 'clear').orNone(),
    aimDeltaE: real('Tolerance of color', 0, 100).orNone(),
    demands: choices('Must bear', DEMANDS),
    /** Of what follows from room, household and use, what is not asked of it. */
    demandsOff: choices('Not asked of it', DEMANDS),
    spend: choice('Save or splurge', SPENDS).starts('even'),
    /** How much it counts beside the other items, 1 to 5. */
    importance: whole('Importance', 1, 5, 'points').starts(3),
    /** It may be left for later without the room failing. */
    mayWait: flag('May wait').starts(false),
    /** The choice stands, whatever else is changed. */
    locked: flag('Choice locked').starts(false),
    /** What was meant to be bought, once the schedule was agreed. */
    plannedOptionId: ref('options', 'Planned option', 'clear').orNone(),
    /** Whether what was chosen instead keeps the intent; null while nobody has said. */
    intentKept: choice('Intent', INTENTS).orNone(),
    /** The item that makes this one necessary, and as what: "bulb". */
    forItemId: ref('items', 'Goes with', 'clear').orNone(),
    companion: note('Goes with it as', 60),
    /** Of what is reworked or replaced as it stands: whether its layout pleases. Null while nobody asked. */
    layout: choice('Layout', LAYOUTS).orNone(),
    /** The paint it buys, as the take-off counts it; null where it buys none. */
    buysPaint: choice('Paint it buys', PAINT_BOUGHT).orNone(),
    usesPerYear: whole('Uses a year', 1, 100_000, 'times').orNone(),
  },
})
export type Item = RowOf<typeof items.fields>
