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
import type { PaintKit } from '@bonitas/core/palette/schema'

// Every row belongs to a studio, and the studio leads every primary and foreign key: no key of one studio can
// name a row of another. Row level security (see the migrations) scopes every query to the studio of the
// transaction, so a forgotten WHERE shows nothing that is not one's own.

const studioId = () => uuid('studio_id').notNull()
const jobId = () => uuid('job_id').notNull()
const version = () => integer('version').notNull().default(1)
const minor = (name: string) => bigint(name, { mode: 'number' }).notNull()

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
    schemeName: text('scheme_name').notNull(),
    agreedMinor: minor('agreed_minor'),
    reservePpm: integer('reserve_ppm').notNull(),
    taxPpm: integer('tax_ppm').notNull(),
    pricesIncludeTax: boolean('prices_include_tax').notNull(),
    installOn: date('install_on'),
    colorSchool: text('color_school').notNull(),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [
    primaryKey({ columns: [t.studioId, t.id] }),
    foreignKey({ columns: [t.studioId, t.clientId], foreignColumns: [client.studioId, client.id] }),
    check('job_agreed_not_negative', sql`${t.agreedMinor} >= 0`),
  ],
)

/** Columns and keys that every part of a job shares. */
const part = () => ({ studioId: studioId(), jobId: jobId(), id: uuid('id').notNull(), version: version() })
const ofJob = (t: { studioId: never; jobId: never; id: never }) => [
  primaryKey({ columns: [t.studioId, t.jobId, t.id] }),
  foreignKey({ columns: [t.studioId, t.jobId], foreignColumns: [job.studioId, job.id] }).onDelete('cascade'),
]

export const room = pgTable(
  'room',
  {
    ...part(),
    lengthMm: integer('length_mm'),
    widthMm: integer('width_mm'),
    heightMm: integer('height_mm'),
    skirtingMm: integer('skirting_mm').notNull(),
    lowerWallMm: integer('lower_wall_mm'),
  },
  (t) => [...ofJob(t as never), unique('room_one_per_job').on(t.studioId, t.jobId)],
)

export const use = pgTable(
  'use',
  { ...part(), name: text('name').notNull(), position: integer('position').notNull() },
  (t) => ofJob(t as never),
)

export const opening = pgTable(
  'opening',
  {
    ...part(),
    wall: text('wall').notNull(),
    kind: text('kind').notNull(),
    name: text('name').notNull(),
    startMm: integer('start_mm').notNull(),
    widthMm: integer('width_mm').notNull(),
    heightMm: integer('height_mm').notNull(),
    sillMm: integer('sill_mm').notNull(),
  },
  (t) => ofJob(t as never),
)

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
    paintKit: jsonb('paint_kit').$type<PaintKit>(),
  },
  (t) => ofJob(t as never),
)

const toFinish = (t: { studioId: never; jobId: never; finishId: never }) =>
  foreignKey({
    columns: [t.studioId, t.jobId, t.finishId],
    foreignColumns: [finish.studioId, finish.jobId, finish.id],
  })

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
  },
  (t) => [
    ...ofJob(t as never),
    toFinish(t as never),
    unique('placement_one_per_surface').on(t.studioId, t.jobId, t.surface),
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
    stays: boolean('stays').notNull(),
    side: text('side'),
  },
  (t) => [...ofJob(t as never), toFinish(t as never)],
)

export const item = pgTable(
  'item',
  {
    ...part(),
    name: text('name').notNull(),
    category: text('category').notNull(),
    intent: text('intent').notNull(),
    specification: text('specification').notNull(),
    quantity: integer('quantity').notNull(),
    targetMinor: minor('target_minor'),
    maxWidthMm: integer('max_width_mm'),
    maxDepthMm: integer('max_depth_mm'),
    maxHeightMm: integer('max_height_mm'),
    neededOn: date('needed_on'),
    finishId: uuid('finish_id'),
    // Points at `option` (the migration adds the key: the two tables name each other). It cannot point at an
    // option of another item, because the key carries the item as well.
    chosenOptionId: uuid('chosen_option_id'),
    position: integer('position').notNull(),
  },
  (t) => [...ofJob(t as never), toFinish(t as never)],
)

export const option = pgTable(
  'option',
  {
    ...part(),
    itemId: uuid('item_id').notNull(),
    kind: text('kind').notNull(),
    name: text('name').notNull(),
    supplierId: uuid('supplier_id'),
    priceMinor: minor('price_minor'),
    packSize: integer('pack_size').notNull(),
    discountPpm: integer('discount_ppm').notNull(),
    discountMinor: minor('discount_minor'),
    deliveryMinor: minor('delivery_minor'),
    fittingMinor: minor('fitting_minor'),
    leadDays: integer('lead_days'),
    returnDays: integer('return_days'),
    widthMm: integer('width_mm'),
    depthMm: integer('depth_mm'),
    heightMm: integer('height_mm'),
    note: text('note').notNull(),
  },
  (t) => [
    ...ofJob(t as never),
    unique('option_of_item').on(t.studioId, t.jobId, t.itemId, t.id),
    foreignKey({
      columns: [t.studioId, t.jobId, t.itemId],
      foreignColumns: [item.studioId, item.jobId, item.id],
    }).onDelete('cascade'),
    foreignKey({ columns: [t.studioId, t.supplierId], foreignColumns: [supplier.studioId, supplier.id] }),
    check('option_price_not_negative', sql`${t.priceMinor} >= 0`),
  ],
)

export const acceptance = pgTable(
  'acceptance',
  {
    ...part(),
    finding: text('finding').notNull(),
    facts: text('facts').notNull(),
    reason: text('reason').notNull(),
  },
  (t) => ofJob(t as never),
)

// Orders, their lines and the entries are append-only: a trigger refuses UPDATE and DELETE.

export const purchaseOrder = pgTable(
  'purchase_order',
  {
    studioId: studioId(),
    jobId: jobId(),
    id: uuid('id').notNull(),
    number: integer('number').notNull(),
    supplierId: uuid('supplier_id'),
    supplierName: text('supplier_name').notNull(),
    placedOn: date('placed_on').notNull(),
    expectedOn: date('expected_on'),
    note: text('note').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.studioId, t.jobId, t.id] }),
    unique('purchase_order_number').on(t.studioId, t.jobId, t.number),
    foreignKey({ columns: [t.studioId, t.jobId], foreignColumns: [job.studioId, job.id] }),
    foreignKey({ columns: [t.studioId, t.supplierId], foreignColumns: [supplier.studioId, supplier.id] }),
  ],
)

export const orderLine = pgTable(
  'order_line',
  {
    studioId: studioId(),
    jobId: jobId(),
    id: uuid('id').notNull(),
    orderId: uuid('order_id').notNull(),
    itemId: uuid('item_id').notNull(),
    optionId: uuid('option_id').notNull(),
    itemName: text('item_name').notNull(),
    optionName: text('option_name').notNull(),
    category: text('category').notNull(),
    quantity: integer('quantity').notNull(),
    amountMinor: minor('amount_minor'),
    taxMinor: minor('tax_minor'),
    returnDays: integer('return_days'),
  },
  (t) => [
    primaryKey({ columns: [t.studioId, t.jobId, t.id] }),
    foreignKey({
      columns: [t.studioId, t.jobId, t.orderId],
      foreignColumns: [purchaseOrder.studioId, purchaseOrder.jobId, purchaseOrder.id],
    }),
    foreignKey({
      columns: [t.studioId, t.jobId, t.itemId],
      foreignColumns: [item.studioId, item.jobId, item.id],
    }),
    check('order_line_quantity_positive', sql`${t.quantity} > 0`),
  ],
)

export const ledgerEntry = pgTable(
  'ledger_entry',
  {
    seq: bigint('seq', { mode: 'number' }).generatedAlwaysAsIdentity(),
    studioId: studioId(),
    jobId: jobId(),
    eventId: uuid('event_id').notNull(),
    kind: text('kind').notNull(),
    lineId: uuid('line_id').notNull(),
    amountMinor: minor('amount_minor'),
    quantity: integer('quantity').notNull(),
    on: date('on').notNull(),
    means: text('means'),
    note: text('note').notNull(),
    reverses: uuid('reverses'),
    memberId: uuid('member_id').notNull(),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [
    primaryKey({ columns: [t.studioId, t.jobId, t.seq] }),
    unique('ledger_entry_line_once_per_event').on(t.studioId, t.jobId, t.eventId, t.lineId),
    unique('ledger_entry_reversed_once').on(t.studioId, t.jobId, t.reverses, t.lineId),
    foreignKey({
      columns: [t.studioId, t.jobId, t.lineId],
      foreignColumns: [orderLine.studioId, orderLine.jobId, orderLine.id],
    }),
    foreignKey({ columns: [t.studioId, t.memberId], foreignColumns: [member.studioId, member.id] }),
    check(
      'ledger_entry_kind_known',
      sql`${t.kind} in ('order','cancel','payment','delivery','return','refund')`,
    ),
    // Only a reversal may turn the sign.
    check(
      'ledger_entry_sign',
      sql`(${t.reverses} is null and ${t.amountMinor} >= 0 and ${t.quantity} >= 0) or (${t.reverses} is not null and ${t.amountMinor} <= 0 and ${t.quantity} <= 0)`,
    ),
  ],
)

/** The answer given to a money request under its key: the same key again gets the same answer and moves nothing. */
export const idempotency = pgTable(
  'idempotency',
  {
    studioId: studioId(),
    key: text('key').notNull(),
    requestHash: text('request_hash').notNull(),
    answer: jsonb('answer'),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.studioId, t.key] })],
)
