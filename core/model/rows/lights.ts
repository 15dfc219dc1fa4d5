import { choice, mm, real, ref, text, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { AIMS } from '../vocabulary/lamp.js'

/** What a lamp gives: how much light, in which cone, from which height. It hangs on a piece or on a fixture. */
export const lights = defineRow({
  name: 'lights',
  table: 'light',
  stage: 'plan',
  singular: 'a light',
  order: ['name', 'id'],
  fields: {
    name: text('Name', 80),
    pieceId: ref('pieces', 'Piece', 'remove').orNone(),
    fixtureId: ref('fixtures', 'Fixture', 'remove').orNone(),
    lumens: whole('Luminous flux', 1, 100_000, 'lumens'),
    beamDeg: real('Beam', 5, 360),
    aim: choice('Thrown', AIMS),
    /** The lamp itself above the underside of its piece; of a fixture above the floor. */
    headMm: mm('Lamp above the foot', 0, 12_000),
    /** How far a hand lying on the pillow has to reach. */
    switchMm: mm('Switch from the pillow', 0, 10_000).orNone(),
  },
})
export type Light = RowOf<typeof lights.fields>
