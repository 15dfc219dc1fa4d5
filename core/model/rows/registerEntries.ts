import { choice, day, note, ref } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { ORIGINS } from '../vocabulary/handover.js'

/**
 * What is known of where a thing came from and what goes with it. What its line, its order or its loan says already is read
 * there; here stands what a person adds.
 */
export const registerEntries = defineRow({
  name: 'registerEntries',
  table: 'register_entry',
  stage: 'handover',
  singular: 'an entry of the register',
  order: ['id'],
  fields: {
    pieceId: ref('pieces', 'Piece', 'remove').orNone(),
    /** The line of the schedule, of what is bought and is no piece of the room. */
    itemId: ref('items', 'Item', 'remove').orNone(),
    /** Null while it follows from the job. */
    origin: choice('Where it came from', ORIGINS).orNone(),
    /** Shop, maker, giver, lender or former owner. */
    fromWhom: note('From whom', 120),
    on: day('Since').orNone(),
    /** Of what is borrowed or hired, where no loan says it. */
    backOn: day('Goes back on').orNone(),
    link: note('Link or catalog number', 400),
    guarantee: note('Guarantee', 200),
    guaranteeUntil: day('Guarantee until').orNone(),
    /** Where its manual, keys and spare parts are. */
    manualAt: note('Manual and keys at', 120),
    /** How it comes off, where that is not the usual way. */
    comesOff: note('How it comes off', 400),
    note: note('Note', 400),
  },
})
export type RegisterEntry = RowOf<typeof registerEntries.fields>
