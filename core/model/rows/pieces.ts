import { choice, choices, flag, minor, mm, note, ref, refs, text, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { PIECE_KINDS, VERDICTS, TRAITS } from '../vocabulary/piece.js'
import { FIXINGS } from '../vocabulary/fixing.js'
import { LAMP_TYPES } from '../vocabulary/lamp.js'
import { SANITARY } from '../vocabulary/sanitary.js'

/** A physical object with a size, already there or coming, wearing one finish. */
export const pieces = defineRow({
  name: 'pieces',
  table: 'piece',
  stage: 'palette',
  singular: 'a piece',
  order: ['position', 'id'],
  fields: {
    position: whole('Position', 0, 100_000, 'places').starts(0),
    name: text('Name'),
    /** The line of the schedule that buys it: the two are one thing, and share their facts. */
    itemId: ref('items', 'Bought as', 'clear').orNone(),
    /** Its sizes are its own: measured on the thing, or drawn so. Otherwise one that is bought has those of the option chosen. */
    ownSize: flag('Size of its own').starts(false),
    kind: choice('Kind', PIECE_KINDS),
    count: whole('Number', 1, 200, 'pieces').starts(1),
    widthMm: mm('Width', 1, 20_000),
    depthMm: mm('Depth', 1, 20_000),
    heightMm: mm('Height', 1, 10_000),
    finishId: ref('finishes', 'Finish', 'refuse').orNone(),
    /** True when it was there before the job began. */
    there: flag('There already').starts(false),
    /** May not be moved. */
    stays: flag('Stays').starts(false),
    wallId: ref('walls', 'Wall', 'clear').orNone(),
    material: note('Material', 60),
    color: note('Color', 60),
    /** Where it stands, in words. */
    place: note('Where', 80),
    verdict: choice('Verdict', VERDICTS).orNone(),
    sentimental: flag('Sentimental').starts(false),
    /** Why it stays although it serves no use. */
    reason: note('Reason to keep', 200),
    serves: refs('uses', 'Serves', 'Use'),
    /** Depth when it is extended: a sofa bed, a drop-leaf table. */
    openDepthMm: mm('Depth extended', 1, 20_000).orNone(),
    fixing: choice('Fixed', FIXINGS).starts('stands free'),
    weightG: whole('Weight', 1, 2_000_000, 'grams').orNone(),
    /** Where what it replaced is kept for putting back: the old shade, the old handles. */
    originalAt: note('Original kept at', 120),
    lampType: choice('Lamp', LAMP_TYPES).orNone(),
    /** Meant to be the one thing the eye goes to. */
    focal: flag('Focal').starts(false),
    /** It gives light, or light is thrown on it. */
    lit: flag('Lit').starts(false),
    /** What else the rules ask after. */
    traits: choices('Facts', TRAITS, { each: 'Fact', plural: true }),
    /** Height that comes off with its legs; null when they stay on. */
    legsMm: mm('Legs that come off', 1, 2_000).orNone(),
    sanitary: choice('Sanitary ware', SANITARY).orNone(),
    /** What plant it is; its name proposes it. */
    species: note('Plant', 80),
    grownMm: mm('Height grown', 1, 20_000).orNone(),
    /** 1 to 12; a bloom may go on into the next year. */
    bloomFrom: whole('In bloom from month', 1, 12, 'months').orNone(),
    bloomTo: whole('In bloom to month', 1, 12, 'months').orNone(),
    /** Above the floor. */
    mattressMm: mm('Top of the mattress', 50, 1_500).orNone(),
    pillowsMm: mm('Pillows stand above it', 0, 1_000).orNone(),
    /** What the owner holds it to be worth: a work of art, an heirloom. */
    valueMinor: minor('Value').orNone(),
  },
})
export type Piece = RowOf<typeof pieces.fields>
