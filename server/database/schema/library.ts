import {
  bigint,
  boolean,
  doublePrecision,
  foreignKey,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  unique,
  uuid,
} from 'drizzle-orm/pg-core'
import type { Finish } from '@bonitas/core/model/rows/finishes'
import type { Tin } from '@bonitas/core/stages/palette/library/sample'
import { studioId } from './columns.js'
import { studio } from './studio.js'

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
    patternRepeatMm: doublePrecision('pattern_repeat_mm'),
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
