import { choice, flag, minor, mm, real, ref, refs, text, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { MATCHES, SET_OUTS, TRADES } from '../vocabulary/takeoff.js'

/**
 * A line of the take-off: where, by which method, and the goods as they are sold. Surfaces are named, never typed again;
 * which fields a trade reads stands in `TRADE_FIELDS`.
 */
export const takeoffs = defineRow({
  name: 'takeoffs',
  table: 'takeoff',
  stage: 'takeoff',
  singular: 'a line of the take-off',
  order: ['position', 'id'],
  fields: {
    position: whole('Position', 0, 100_000, 'places').starts(0),
    name: text('Name'),
    trade: choice('Trade', TRADES),
    wallIds: refs('walls', 'Walls', 'Wall'),
    openingId: ref('openings', 'Window', 'clear').orNone(),
    pieceId: ref('pieces', 'Piece', 'clear').orNone(),
    finishId: ref('finishes', 'Finish', 'clear').orNone(),
    /** The line of the schedule that buys it. */
    itemId: ref('items', 'Bought as', 'clear').orNone(),
    /** The option put there with it: it alone is brought up to date when the quantity changes. */
    optionId: ref('options', 'Option', 'clear').orNone(),
    /** A band of the walls: from so high up, to the ceiling where no upper end is given. */
    fromMm: mm('From', 0, 12_000).starts(0),
    toMm: mm('Up to', 1, 12_000).orNone(),
    /** Roll, tile, board, cloth or length of molding as it is sold. */
    goodsWidthMm: mm('Width as sold', 1, 20_000).orNone(),
    goodsLengthMm: mm('Length as sold', 1, 200_000).orNone(),
    packOf: whole('In a pack', 1, 10_000, 'pieces').starts(1),
    /** Of one pack: a roll, a box, a board; of a meter or yard where cloth is sold so. */
    packMinor: minor('Price').orNone(),
    repeatMm: mm('Repeat', 0, 3_000).starts(0),
    match: choice('Match', MATCHES).starts('free'),
    /** The side of squares that paper is cut into and hung turned by turns. */
    squareMm: mm('Side of a square', 0, 2_000).starts(0),
    /** Cut off at each end of a drop. */
    trimMm: mm('Trim', 0, 500).starts(50),
    /** First seam from the left. */
    seamMm: mm('First seam', 0, 3_000).starts(0),
    /** Between tiles; of a saw, what a cut takes. */
    jointMm: mm('Joint or saw cut', 0, 50).starts(0),
    /** Of a stair: how high and how deep a step is, how wide the flight, and what of a landing is laid with it. */
    riserMm: mm('Riser', 50, 400).orNone(),
    goingMm: mm('Going', 50, 1_000).orNone(),
    stairMm: mm('Width on the stair', 50, 10_000).orNone(),
    landingMm: mm('Landing', 0, 20_000).starts(0),
    /** Of a tile, as deep as its joints are. */
    thickMm: mm('Thickness', 1, 100).orNone(),
    /** Between the back of a crown molding and the wall: the saw is set by it. */
    springDeg: real('Spring angle', 1, 89).orNone(),
    /** Cord sewn into the seams of a cover. */
    pipingMm: mm('Piping', 0, 200_000).starts(0),
    /** A blind within the reveal of the window; else before the wall. */
    inside: flag('Inside the recess').starts(true),
    setOut: choice('Setting out', SET_OUTS).starts('least cut'),
    /** Laid the other way: along the other side of the room. */
    turned: flag('Laid the other way').starts(false),
    /** Panels as they are sold, each as wide as the cloth is given; not made up from cloth. */
    readyMade: flag('Ready-made panels').starts(false),
    /** Drawn to both sides: as many left as right. */
    pair: flag('Drawn to both sides').starts(true),
    fullness: real('Fullness', 1, 4).starts(2),
    returnMm: mm('Return', 0, 1_000).starts(0),
    overlapMm: mm('Overlap', 0, 1_000).starts(0),
    topHemMm: mm('Hem at the top', 0, 1_000).starts(100),
    footHemMm: mm('Hem at the foot', 0, 1_000).starts(150),
    /** Uprights of a frame, posts of a ring, risers of a stair. */
    posts: whole('Posts', 0, 1_000, 'posts').starts(0),
    /** They stand in a ring: as many gaps as posts. */
    ring: flag('In a ring').starts(true),
    /** Packs beyond what is needed, kept for later. */
    sparePacks: whole('Spare', 0, 100, 'packs').starts(0),
    /** What was over when it was done, as it is sold; null while nobody counted. */
    leftPacks: real('Left over', 0, 10_000).orNone(),
  },
})
export type Takeoff = RowOf<typeof takeoffs.fields>
