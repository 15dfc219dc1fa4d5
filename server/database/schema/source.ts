import { sql } from 'drizzle-orm'
import {
  bigint,
  boolean,
  check,
  date,
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
import { studioId, part, ofJob, keyTo, minor } from './columns.js'
import { studio, supplier } from './studio.js'
import { focus } from './brief.js'
import { wall } from './measure.js'
import { finish } from './palette.js'

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
    serves: jsonb('serves').$type<string[]>().notNull(),
    focusId: uuid('focus_id'),
    fixing: text('fixing').notNull(),
    weightG: integer('weight_g'),
    wallId: uuid('wall_id'),
    level: text('level'),
    originalAt: text('original_at').notNull(),
    pieceKind: text('piece_kind'),
    minWidthMm: integer('min_width_mm'),
    minDepthMm: integer('min_depth_mm'),
    minHeightMm: integer('min_height_mm'),
    // These four point at rows that may go: the migration adds keys that then set them to null.
    aimFinishId: uuid('aim_finish_id'),
    aimDeltaE: doublePrecision('aim_delta_e'),
    demands: jsonb('demands').$type<string[]>().notNull(),
    spend: text('spend').notNull(),
    importance: integer('importance').notNull(),
    mayWait: boolean('may_wait').notNull(),
    locked: boolean('locked').notNull(),
    plannedOptionId: uuid('planned_option_id'),
    intentKept: text('intent_kept'),
    forItemId: uuid('for_item_id'),
    companion: text('companion').notNull(),
    usesPerYear: integer('uses_per_year'),
  },
  (t) => [...ofJob(t), keyTo(t, t.finishId, finish), keyTo(t, t.wallId, wall), keyTo(t, t.focusId, focus)],
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
    legsMm: integer('legs_mm'),
    unit: text('unit').notNull(),
    currency: text('currency'),
    rate: text('rate').notNull(),
    rateOn: date('rate_on'),
    tradePpm: integer('trade_ppm').notNull(),
    reworkMinor: minor('rework_minor'),
    hours: doublePrecision('hours').notNull(),
    years: doublePrecision('years'),
    colorL: doublePrecision('color_l'),
    colorA: doublePrecision('color_a'),
    colorB: doublePrecision('color_b'),
    material: text('material').notNull(),
    traits: jsonb('traits').$type<string[]>().notNull(),
    liking: integer('liking'),
    condition: text('condition'),
    lookedAt: jsonb('looked_at').$type<string[]>().notNull(),
    seenAt: text('seen_at').notNull(),
    seenOn: date('seen_on'),
    heldUntil: date('held_until'),
    reviewOn: date('review_on'),
    stock: text('stock'),
    stockOn: date('stock_on'),
    watchMinor: bigint('watch_minor', { mode: 'number' }),
    partOfId: uuid('part_of_id'),
    catalogKey: text('catalog_key').notNull(),
    photoId: uuid('photo_id'),
  },
  (t) => [
    ...ofJob(t),
    unique('option_of_item').on(t.studioId, t.jobId, t.itemId, t.id),
    keyTo(t, t.itemId, item).onDelete('cascade'),
    foreignKey({ columns: [t.studioId, t.supplierId], foreignColumns: [supplier.studioId, supplier.id] }),
    check('option_price_not_negative', sql`${t.priceMinor} >= 0`),
  ],
)

/** What a made option takes. */
export const making = pgTable(
  'making',
  {
    ...part(),
    optionId: uuid('option_id').notNull(),
    position: integer('position').notNull(),
    name: text('name').notNull(),
    kind: text('kind').notNull(),
    quantity: doublePrecision('quantity').notNull(),
    unitMinor: minor('unit_minor'),
    cutMm: integer('cut_mm'),
    cutCount: integer('cut_count'),
    stockMm: integer('stock_mm'),
    kerfMm: integer('kerf_mm'),
  },
  (t) => [...ofJob(t), keyTo(t, t.optionId, option).onDelete('cascade')],
)

/** Price and stock of an option, as seen on a day. */
export const sighting = pgTable(
  'sighting',
  {
    ...part(),
    optionId: uuid('option_id').notNull(),
    on: date('on').notNull(),
    priceMinor: minor('price_minor'),
    stock: text('stock'),
    where: text('where').notNull(),
  },
  (t) => [...ofJob(t), keyTo(t, t.optionId, option).onDelete('cascade')],
)

/** A coupon or a price cut at one supplier. */
export const offer = pgTable(
  'offer',
  {
    ...part(),
    supplierId: uuid('supplier_id').notNull(),
    name: text('name').notNull(),
    kind: text('kind').notNull(),
    ppm: integer('ppm').notNull(),
    amountMinor: minor('amount_minor'),
    minSpendMinor: minor('min_spend_minor'),
    fromOn: date('from_on'),
    untilOn: date('until_on'),
    itemId: uuid('item_id'),
    oneUse: boolean('one_use').notNull(),
    usedOn: date('used_on'),
    thirdParty: boolean('third_party').notNull(),
  },
  (t) => [
    ...ofJob(t),
    foreignKey({ columns: [t.studioId, t.supplierId], foreignColumns: [supplier.studioId, supplier.id] }),
    keyTo(t, t.itemId, item).onDelete('cascade'),
  ],
)

/** What a supplier's catalog said last to a question, for when it does not answer. */
export const catalogAnswer = pgTable(
  'catalog_answer',
  {
    studioId: studioId().references(() => studio.id),
    key: text('key').notNull(),
    answer: jsonb('answer').notNull(),
    fetchedAt: timestamp('fetched_at', { withTimezone: true }).notNull(),
  },
  (t) => [primaryKey({ columns: [t.studioId, t.key] })],
)
