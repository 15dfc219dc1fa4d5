import { choice, mm, real } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { ROOM_KINDS } from '../vocabulary/room.js'

/** What all walls of a room share, and where the room lies. */
export const room = defineRow({
  name: 'room',
  table: 'room',
  stage: 'measure',
  one: true,
  singular: 'the room',
  order: ['id'],
  fields: {
    heightMm: mm('Height', 1_500, 12_000).orNone(),
    skirtingMm: mm('Skirting height', 0, 500).starts(0),
    corniceMm: mm('Cornice height', 0, 500).starts(0),
    /** Height of the rail or wainscot that sets a lower wall apart; null when the walls are whole. */
    lowerWallMm: mm('Lower wall', 300, 3_000).orNone(),
    /** Compass bearing one faces when looking straight at the first wall from inside; null until it is taken. */
    northDeg: real('Bearing of the first wall', 0, 360).orNone(),
    /** Degrees north; south is negative. Null until it is known. */
    latitudeDeg: real('Latitude', -66, 66).orNone(),
    kind: choice('Kind of room', ROOM_KINDS).orNone(),
  },
})
export type Room = RowOf<typeof room.fields>
