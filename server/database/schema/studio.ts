import {
  bigint,
  boolean,
  foreignKey,
  index,
  pgTable,
  primaryKey,
  text,
  timestamp,
  unique,
  uuid,
  jsonb,
} from 'drizzle-orm/pg-core'
import { studioId } from './columns.js'
import type { UnitSystem } from '@bonitas/core/kernel/units/length'
import type { BookWords } from '@bonitas/core/model/richText'
import type { OfficePaper } from '@bonitas/core/model/vocabulary/countries'

// Every row belongs to a studio, and the studio leads every primary and foreign key: no key of one studio can
// name a row of another. Row level security (see the migrations) scopes every query to the studio of the
// transaction, so a forgotten WHERE shows nothing that is not one's own.

export const studio = pgTable('studio', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  currency: text('currency').notNull(),
  locale: text('locale').notNull(),
  system: text('system').$type<UnitSystem>().notNull(),
  paper: text('paper').$type<OfficePaper>().notNull().default('A4'),
  timeZone: text('time_zone').notNull().default('UTC'),
  /** The words each part of the book begins with, where a job has none of its own. */
  bookTexts: jsonb('book_texts').$type<BookWords>().notNull().default({}),
  isDemo: boolean('is_demo').notNull().default(false),
  createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
})

export const member = pgTable(
  'member',
  {
    studioId: studioId().references(() => studio.id),
    id: uuid('id').notNull(),
    email: text('email').notNull(),
    name: text('name').notNull(),
    role: text('role').notNull(),
    passwordHash: text('password_hash').notNull(),
  },
  (t) => [primaryKey({ columns: [t.studioId, t.id] }), unique('member_email').on(t.email)],
)

/** Sessions are kept as the hash of their token, so that a copy of the database opens no session. */
export const session = pgTable(
  'session',
  {
    tokenHash: text('token_hash').primaryKey(),
    studioId: studioId(),
    memberId: uuid('member_id').notNull(),
    expiresAt: timestamp('expires_at', { withTimezone: true }).notNull(),
  },
  (t) => [
    foreignKey({ columns: [t.studioId, t.memberId], foreignColumns: [member.studioId, member.id] }).onDelete(
      'cascade',
    ),
  ],
)

/** Failed sign-ins, counted per member name and per address, so that any process sees them. */
export const signInFailure = pgTable(
  'sign_in_failure',
  {
    id: bigint('id', { mode: 'number' }).primaryKey().generatedAlwaysAsIdentity(),
    key: text('key').notNull(),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [index('sign_in_failure_key_at').on(t.key, t.at)],
)
