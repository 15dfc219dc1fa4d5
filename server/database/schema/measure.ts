import { boolean, date, doublePrecision, integer, pgTable, text, unique, uuid } from 'drizzle-orm/pg-core'
import { part, ofJob, keyTo } from './columns.js'

export const room = pgTable(
  'room',
  {
    ...part(),
    heightMm: integer('height_mm'),
    skirtingMm: integer('skirting_mm').notNull(),
    corniceMm: integer('cornice_mm').notNull(),
    lowerWallMm: integer('lower_wall_mm'),
    northDeg: doublePrecision('north_deg'),
    latitudeDeg: doublePrecision('latitude_deg'),
    kind: text('kind'),
  },
  (t) => [...ofJob(t), unique('room_one_per_job').on(t.studioId, t.jobId)],
)

export const wall = pgTable(
  'wall',
  {
    ...part(),
    position: integer('position').notNull(),
    name: text('name').notNull(),
    lengthMm: integer('length_mm').notNull(),
    turnDeg: doublePrecision('turn_deg').notNull(),
    face: text('face').notNull(),
  },
  (t) => ofJob(t),
)

export const ceiling = pgTable(
  'ceiling',
  {
    ...part(),
    wallId: uuid('wall_id').notNull(),
    name: text('name').notNull(),
    startHeightMm: integer('start_height_mm').notNull(),
    endHeightMm: integer('end_height_mm').notNull(),
    depthMm: integer('depth_mm').notNull(),
    whole: boolean('whole').notNull(),
  },
  (t) => [...ofJob(t), keyTo(t, t.wallId, wall)],
)

export const diagonal = pgTable(
  'diagonal',
  {
    ...part(),
    fromWallId: uuid('from_wall_id').notNull(),
    toWallId: uuid('to_wall_id').notNull(),
    lengthMm: integer('length_mm').notNull(),
  },
  (t) => [...ofJob(t), keyTo(t, t.fromWallId, wall), keyTo(t, t.toWallId, wall)],
)

export const opening = pgTable(
  'opening',
  {
    ...part(),
    wallId: uuid('wall_id').notNull(),
    kind: text('kind').notNull(),
    name: text('name').notNull(),
    startMm: integer('start_mm').notNull(),
    widthMm: integer('width_mm').notNull(),
    heightMm: integer('height_mm').notNull(),
    sillMm: integer('sill_mm').notNull(),
    hinge: text('hinge').notNull(),
    swing: text('swing').notNull(),
  },
  (t) => [...ofJob(t), keyTo(t, t.wallId, wall)],
)

export const fixture = pgTable(
  'fixture',
  {
    ...part(),
    wallId: uuid('wall_id').notNull(),
    kind: text('kind').notNull(),
    name: text('name').notNull(),
    startMm: integer('start_mm').notNull(),
    widthMm: integer('width_mm').notNull(),
    heightMm: integer('height_mm').notNull(),
    bottomMm: integer('bottom_mm').notNull(),
    depthMm: integer('depth_mm').notNull(),
  },
  (t) => [...ofJob(t), keyTo(t, t.wallId, wall)],
)

export const passage = pgTable(
  'passage',
  {
    ...part(),
    position: integer('position').notNull(),
    kind: text('kind').notNull(),
    name: text('name').notNull(),
    widthMm: integer('width_mm').notNull(),
    heightMm: integer('height_mm').notNull(),
    lengthMm: integer('length_mm'),
  },
  (t) => ofJob(t),
)

export const work = pgTable(
  'work',
  {
    ...part(),
    what: text('what').notNull(),
    wallId: uuid('wall_id'),
    readyOn: date('ready_on'),
    done: boolean('done').notNull(),
  },
  (t) => [...ofJob(t), keyTo(t, t.wallId, wall)],
)
