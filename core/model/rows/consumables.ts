import { choice, flag, minor, real, ref, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { CONSUMABLES } from '../vocabulary/making.js'

/** How a consumable is sold, and the line of the schedule that buys it. */
export const consumables = defineRow({
  name: 'consumables',
  table: 'consumable',
  stage: 'takeoff',
  singular: 'a consumable',
  order: ['kind', 'id'],
  fields: {
    kind: choice('Consumable', CONSUMABLES),
    /** Millimeters, square millimeters, milliliters or pieces in a pack. Null for what is usual. */
    packHolds: real('A pack holds', 0.001, 1e12).orNone(),
    packMinor: minor('Price of a pack').orNone(),
    sparePacks: whole('Spare', 0, 100, 'packs').starts(0),
    /** There already, or bought by others. */
    leftOut: flag('Left out').starts(false),
    itemId: ref('items', 'Bought as', 'clear').orNone(),
    optionId: ref('options', 'Option', 'clear').orNone(),
  },
})
export type Consumable = RowOf<typeof consumables.fields>
