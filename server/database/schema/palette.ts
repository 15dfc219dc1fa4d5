import { sql } from 'drizzle-orm'
import { bigint, boolean, doublePrecision, foreignKey, integer, jsonb, pgTable, primaryKey, text, timestamp, unique, uniqueIndex, uuid } from 'drizzle-orm/pg-core'
import { studioId, part, ofJob, keyTo } from './columns.js'
import type { Tin } from '@bonitas/core/stages/palette/library/sample'
import type { Finish, PaintKit } from '@bonitas/core/model/rows/finishes'
import { studio } from './studio.js'
import { photo } from './brief.js'
import { wall } from './measure.js'

export const finish = pgTable(
  'finish',
  {
    ...part(),
    name: text('name').notNull(),
    code: text('code').notNull(),
    material: text('material').notNull(),
    sheen: text('sheen').notNull(),
    role: text('role').notNull(),
    labL: doublePrecision('lab_l').notNull(),
    labA: doublePrecision('lab_a').notNull(),
    labB: doublePrecision('lab_b').notNull(),
    measured: boolean('measured').notNull(),
    texture: text('texture').notNull(),
    patternKind: text('pattern_kind').notNull(),
    patternRepeatMm: integer('pattern_repeat_mm'),
    colors: jsonb('colors').$type<Finish['colors']>().notNull(),
    readings: jsonb('readings').$type<Finish['readings']>().notNull(),
    wear: text('wear').notNull(),
    sealed: boolean('sealed').notNull(),
    outdoor: boolean('outdoor').notNull(),
    paintKit: jsonb('paint_kit').$type<PaintKit>(),
  },
  (t) => ofJob(t),
)

export const scheme = pgTable(
  'scheme',
  {
    ...part(),
    position: integer('position').notNull(),
    name: text('name').notNull(),
    note: text('note').notNull(),
    overId: uuid('over_id'),
    retired: boolean('retired').notNull(),
    storedAt: text('stored_at').notNull(),
  },
  (t) => [...ofJob(t), keyTo(t, t.overId, t)],
)

export const wallPart = pgTable(
  'wall_part',
  {
    ...part(),
    name: text('name').notNull(),
    kind: text('kind').notNull(),
    wallId: uuid('wall_id'),
    count: integer('count').notNull(),
    widthMm: integer('width_mm').notNull(),
    heightMm: integer('height_mm').notNull(),
  },
  (t) => [...ofJob(t), keyTo(t, t.wallId, wall)],
)

export const placement = pgTable(
  'placement',
  {
    ...part(),
    surface: text('surface').notNull(),
    finishId: uuid('finish_id').notNull(),
    substrate: text('substrate').notNull(),
    overL: doublePrecision('over_l'),
    overA: doublePrecision('over_a'),
    overB: doublePrecision('over_b'),
    hold: text('hold').notNull(),
    schemeId: uuid('scheme_id'),
    candidate: boolean('candidate').notNull(),
  },
  (t) => [
    ...ofJob(t),
    keyTo(t, t.finishId, finish),
    keyTo(t, t.schemeId, scheme),
    // One finish on a surface in each scheme, and one shared by all; of what is still open there may be several.
    uniqueIndex('placement_one_per_surface')
      .on(t.studioId, t.jobId, t.surface, sql`coalesce(${t.schemeId}, ${t.jobId})`)
      .where(sql`not ${t.candidate}`),
  ],
)

export const piece = pgTable(
  'piece',
  {
    ...part(),
    name: text('name').notNull(),
    kind: text('kind').notNull(),
    count: integer('count').notNull(),
    widthMm: integer('width_mm').notNull(),
    depthMm: integer('depth_mm').notNull(),
    heightMm: integer('height_mm').notNull(),
    finishId: uuid('finish_id'),
    position: integer('position').notNull(),
    there: boolean('there').notNull(),
    stays: boolean('stays').notNull(),
    wallId: uuid('wall_id'),
    material: text('material').notNull(),
    color: text('color').notNull(),
    place: text('place').notNull(),
    verdict: text('verdict'),
    sentimental: boolean('sentimental').notNull(),
    lentFrom: text('lent_from').notNull(),
    reason: text('reason').notNull(),
    serves: jsonb('serves').$type<string[]>().notNull(),
    openDepthMm: integer('open_depth_mm'),
    fixing: text('fixing').notNull(),
    weightG: integer('weight_g'),
    originalAt: text('original_at').notNull(),
    lampType: text('lamp_type'),
    focal: boolean('focal').notNull(),
    lit: boolean('lit').notNull(),
    traits: jsonb('traits').$type<string[]>().notNull(),
    legsMm: integer('legs_mm'),
  },
  (t) => [...ofJob(t), keyTo(t, t.finishId, finish), keyTo(t, t.wallId, wall)],
)

export const dressing = pgTable(
  'dressing',
  {
    ...part(),
    schemeId: uuid('scheme_id').notNull(),
    pieceId: uuid('piece_id').notNull(),
    finishId: uuid('finish_id'),
    absent: boolean('absent').notNull(),
    costMinor: bigint('cost_minor', { mode: 'number' }),
  },
  (t) => [
    ...ofJob(t),
    keyTo(t, t.schemeId, scheme),
    keyTo(t, t.finishId, finish),
    keyTo(t, t.pieceId, piece),
    unique('dressing_one_per_piece').on(t.studioId, t.jobId, t.schemeId, t.pieceId),
  ],
)

export const pull = pgTable(
  'pull',
  {
    ...part(),
    position: integer('position').notNull(),
    name: text('name').notNull(),
    labL: doublePrecision('lab_l').notNull(),
    labA: doublePrecision('lab_a').notNull(),
    labB: doublePrecision('lab_b').notNull(),
    share: doublePrecision('share').notNull(),
    photoId: uuid('photo_id'),
  },
  (t) => [...ofJob(t), keyTo(t, t.photoId, photo)],
)

/** A deck of the studio's finish library: the paint colors of one maker, the timbers, the cloths. */
export const deck = pgTable(
  'deck',
  {
    studioId: studioId().references(() => studio.id),
    id: uuid('id').notNull(),
    name: text('name').notNull(),
    note: text('note').notNull(),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.studioId, t.id] }), unique('deck_name').on(t.studioId, t.name)],
)

/** One sample of a deck. */
export const sample = pgTable(
  'sample',
  {
    studioId: studioId(),
    deckId: uuid('deck_id').notNull(),
    position: integer('position').notNull(),
    name: text('name').notNull(),
    code: text('code').notNull(),
    material: text('material').notNull(),
    labL: doublePrecision('lab_l').notNull(),
    labA: doublePrecision('lab_a').notNull(),
    labB: doublePrecision('lab_b').notNull(),
    sheens: jsonb('sheens').$type<string[]>().notNull(),
    texture: text('texture').notNull(),
    patternKind: text('pattern_kind').notNull(),
    patternRepeatMm: integer('pattern_repeat_mm'),
    wear: text('wear').notNull(),
    sealed: boolean('sealed').notNull(),
    outdoor: boolean('outdoor').notNull(),
    priceMinor: bigint('price_minor', { mode: 'number' }),
    per: text('per').notNull(),
    tins: jsonb('tins').$type<Tin[]>().notNull(),
    readings: jsonb('readings').$type<Finish['readings']>().notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.studioId, t.deckId, t.position] }),
    foreignKey({ columns: [t.studioId, t.deckId], foreignColumns: [deck.studioId, deck.id] }).onDelete(
      'cascade',
    ),
  ],
)
