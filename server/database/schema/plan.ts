import { bigint, boolean, doublePrecision, integer, pgTable, text, unique, uuid } from 'drizzle-orm/pg-core'
import { part, ofJob, keyTo } from './columns.js'
import { wall, opening, fixture } from './measure.js'
import { piece } from './palette.js'

/** Where pieces stand. An option that is tried and then thrown away is forgotten (see the migration). */
export const stand = pgTable(
  'stand',
  {
    ...part(),
    pieceId: uuid('piece_id').notNull(),
    optionId: uuid('option_id'),
    number: integer('number').notNull(),
    xMm: integer('x_mm').notNull(),
    yMm: integer('y_mm').notNull(),
    turnDeg: doublePrecision('turn_deg').notNull(),
    raisedMm: integer('raised_mm').notNull(),
    parked: boolean('parked').notNull(),
  },
  (t) => [...ofJob(t), keyTo(t, t.pieceId, piece)],
)

export const hang = pgTable(
  'hang',
  {
    ...part(),
    pieceId: uuid('piece_id').notNull(),
    number: integer('number').notNull(),
    wallId: uuid('wall_id').notNull(),
    xMm: integer('x_mm').notNull(),
    centerMm: integer('center_mm').notNull(),
    dropMm: integer('drop_mm').notNull(),
    hooks: integer('hooks').notNull(),
    hookSpanMm: integer('hook_span_mm').notNull(),
    fixing: text('fixing').notNull(),
    ratedG: integer('rated_g'),
    into: text('into').notNull(),
    group: text('group').notNull(),
  },
  (t) => [...ofJob(t), keyTo(t, t.pieceId, piece), keyTo(t, t.wallId, wall)],
)

export const frame = pgTable(
  'frame',
  {
    ...part(),
    pieceId: uuid('piece_id').notNull(),
    sheetWidthMm: integer('sheet_width_mm').notNull(),
    sheetHeightMm: integer('sheet_height_mm').notNull(),
    overlapMm: integer('overlap_mm').notNull(),
    borderMm: integer('border_mm').notNull(),
    bottomBorderMm: integer('bottom_border_mm').notNull(),
    faceMm: integer('face_mm').notNull(),
    rebateMm: integer('rebate_mm').notNull(),
    filletMm: integer('fillet_mm').notNull(),
    profile: text('profile').notNull(),
    coat: text('coat').notNull(),
    glazing: text('glazing').notNull(),
    glazingMm: doublePrecision('glazing_mm').notNull(),
    board: text('board').notNull(),
    moldingMinor: bigint('molding_minor', { mode: 'number' }),
    boardMinor: bigint('board_minor', { mode: 'number' }),
    glazingMinor: bigint('glazing_minor', { mode: 'number' }),
    workMinor: bigint('work_minor', { mode: 'number' }),
  },
  (t) => [...ofJob(t), keyTo(t, t.pieceId, piece)],
)

export const setOut = pgTable(
  'set_out',
  {
    ...part(),
    wallId: uuid('wall_id').notNull(),
    kind: text('kind').notNull(),
    name: text('name').notNull(),
    startMm: integer('start_mm').notNull(),
    endMm: integer('end_mm').notNull(),
    bottomMm: integer('bottom_mm').notNull(),
    heightMm: integer('height_mm').notNull(),
    count: integer('count').notNull(),
    stileMm: integer('stile_mm').notNull(),
    depthMm: integer('depth_mm').notNull(),
    openingId: uuid('opening_id'),
  },
  (t) => [...ofJob(t), keyTo(t, t.wallId, wall), keyTo(t, t.openingId, opening)],
)

export const light = pgTable(
  'light',
  {
    ...part(),
    name: text('name').notNull(),
    pieceId: uuid('piece_id'),
    fixtureId: uuid('fixture_id'),
    lumens: integer('lumens').notNull(),
    beamDeg: doublePrecision('beam_deg').notNull(),
    aim: text('aim').notNull(),
    headMm: integer('head_mm').notNull(),
  },
  (t) => [...ofJob(t), keyTo(t, t.pieceId, piece), keyTo(t, t.fixtureId, fixture)],
)

export const houseRule = pgTable(
  'house_rule',
  {
    ...part(),
    need: text('need').notNull(),
    mm: integer('mm').notNull(),
    why: text('why').notNull(),
  },
  (t) => [...ofJob(t), unique('house_rule_one_per_need').on(t.studioId, t.jobId, t.need)],
)
