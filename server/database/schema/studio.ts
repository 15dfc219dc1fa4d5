import { sql } from 'drizzle-orm'
import {
  bigint,
  boolean,
  check,
  date,
  doublePrecision,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  unique,
  uuid,
} from 'drizzle-orm/pg-core'
import { studioId, version, minor } from './columns.js'
import type { Brief } from '@bonitas/core/model/rows/brief'
import type { DeliveryBand } from '@bonitas/core/model/rows/suppliers'

// Every row belongs to a studio, and the studio leads every primary and foreign key: no key of one studio can
// name a row of another. Row level security (see the migrations) scopes every query to the studio of the
// transaction, so a forgotten WHERE shows nothing that is not one's own.

export const studio = pgTable('studio', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  currency: text('currency').notNull(),
  locale: text('locale').notNull(),
  system: text('system').notNull(),
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

export const client = pgTable(
  'client',
  {
    studioId: studioId().references(() => studio.id),
    id: uuid('id').notNull(),
    version: version(),
    name: text('name').notNull(),
  },
  (t) => [primaryKey({ columns: [t.studioId, t.id] })],
)

export const supplier = pgTable(
  'supplier',
  {
    studioId: studioId().references(() => studio.id),
    id: uuid('id').notNull(),
    version: version(),
    name: text('name').notNull(),
    note: text('note').notNull(),
    minOrderMinor: minor('min_order_minor'),
    restockPpm: integer('restock_ppm').notNull(),
    deliveryBands: jsonb('delivery_bands').$type<DeliveryBand[]>().notNull(),
    columns: jsonb('columns').$type<{ header: string; field: string }[]>().notNull(),
    catalog: text('catalog').notNull(),
  },
  (t) => [primaryKey({ columns: [t.studioId, t.id] })],
)

export const job = pgTable(
  'job',
  {
    studioId: studioId().references(() => studio.id),
    id: uuid('id').notNull(),
    version: version(),
    clientId: uuid('client_id').notNull(),
    roomName: text('room_name').notNull(),
    place: text('place').notNull(),
    schemeId: uuid('scheme_id'),
    agreedMinor: minor('agreed_minor'),
    reservePpm: integer('reserve_ppm').notNull(),
    taxPpm: integer('tax_ppm').notNull(),
    pricesIncludeTax: boolean('prices_include_tax').notNull(),
    agreedOn: date('agreed_on'),
    feeKind: text('fee_kind').notNull(),
    feeMinor: minor('fee_minor'),
    feePpm: integer('fee_ppm').notNull(),
    feeHours: integer('fee_hours').notNull(),
    feeInside: boolean('fee_inside').notNull(),
    installOn: date('install_on'),
    revealOn: date('reveal_on'),
    leaseEndsOn: date('lease_ends_on'),
    leadName: text('lead_name').notNull(),
    inspirationNote: text('inspiration_note').notNull(),
    hangingMm: integer('hanging_mm'),
    level: text('level'),
    decorateNote: text('decorate_note').notNull(),
    buildingNote: text('building_note').notNull(),
    beforeReason: text('before_reason').notNull(),
    backPrimerMinor: minor('back_primer_minor'),
    backPaintMinor: minor('back_paint_minor'),
    hourMinor: minor('hour_minor'),
    stayYears: doublePrecision('stay_years'),
    weights: jsonb('weights').$type<Brief['weights']>().notNull(),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [
    primaryKey({ columns: [t.studioId, t.id] }),
    foreignKey({ columns: [t.studioId, t.clientId], foreignColumns: [client.studioId, client.id] }),
    check('job_agreed_not_negative', sql`${t.agreedMinor} >= 0`),
  ],
)
