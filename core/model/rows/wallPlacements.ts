import { choice, flag, mm, note, real, ref, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { HANG_FIXINGS, WALL_MAKES } from '../vocabulary/hanging.js'

/** Where one piece hangs on a wall, told by its middle: from the left corner as seen from inside, and from the floor. */
export const wallPlacements = defineRow({
  name: 'wallPlacements',
  table: 'wall_placement',
  stage: 'plan',
  singular: 'a place on a wall',
  order: ['wallId', 'xMm', 'id'],
  fields: {
    pieceId: ref('pieces', 'Piece', 'remove'),
    number: whole('Which of them', 1, 200, 'pieces').starts(1),
    wallId: ref('walls', 'Wall', 'remove'),
    xMm: mm('Middle from the left corner', -1_000, 50_000),
    centerMm: mm('Middle above the floor', 0, 12_000),
    /** From the top edge down to the point that takes the hook, the wire drawn taut. */
    dropMm: mm('Hook drop', 0, 3_000),
    hooks: whole('Hooks', 1, 6, 'hooks'),
    hookSpanMm: mm('Between the hooks', 0, 10_000),
    fixing: choice('Held by', HANG_FIXINGS),
    /** What one fixing is rated for by its maker; null while it is not known. */
    ratedG: whole('Rated load of one', 1, 1_000_000, 'grams').orNone(),
    into: choice('Into', WALL_MAKES),
    /** Pieces of one group are laid out together; empty for one that hangs by itself. */
    group: note('Group', 40),
    /** Clockwise. */
    turnDeg: real('Turned', -45, 45).starts(0),
    onPurpose: flag('Crooked on purpose').starts(false),
  },
})
export type WallPlacement = RowOf<typeof wallPlacements.fields>
