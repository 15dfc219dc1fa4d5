import { sql } from 'drizzle-orm'
import {
  check,
  customType,
  date,
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
import { studioId, jobId, part, ofJob, keyTo, minor } from './columns.js'
import { member, job } from './studio.js'
import { finish, piece } from './palette.js'
import { item } from './source.js'

/** The school chosen for each topic, one column each, so that two people may choose at once. */
export const schools = pgTable(
  'schools',
  {
    ...part(),
    colorScheme: text('color_scheme'),
    trimAndCeiling: text('trim_and_ceiling'),
    lead: text('lead'),
    mood: text('mood'),
    textiles: text('textiles'),
    pieceAgainstWall: text('piece_against_wall'),
    rug: text('rug'),
    hanging: text('hanging'),
    frames: text('frames'),
    timber: text('timber'),
    metals: text('metals'),
    shelves: text('shelves'),
    lamps: text('lamps'),
    childrensLight: text('childrens_light'),
    inherited: text('inherited'),
    buying: text('buying'),
    pace: text('pace'),
    money: text('money'),
    tenure: text('tenure'),
  },
  (t) => [...ofJob(t), unique('schools_one_per_job').on(t.studioId, t.jobId)],
)

export const person = pgTable(
  'person',
  {
    ...part(),
    position: integer('position').notNull(),
    name: text('name').notNull(),
    kind: text('kind').notNull(),
    ageYears: integer('age_years'),
    standingEyeMm: integer('standing_eye_mm'),
    seatedEyeMm: integer('seated_eye_mm'),
    minds: jsonb('minds').$type<string[]>().notNull(),
    note: text('note').notNull(),
  },
  (t) => ofJob(t),
)

export const use = pgTable(
  'use',
  {
    ...part(),
    name: text('name').notNull(),
    kind: text('kind').notNull(),
    persons: integer('persons').notNull(),
    time: text('time').notNull(),
    position: integer('position').notNull(),
  },
  (t) => ofJob(t),
)

export const focus = pgTable(
  'focus',
  { ...part(), name: text('name').notNull(), position: integer('position').notNull() },
  (t) => ofJob(t),
)

export const allotment = pgTable(
  'allotment',
  {
    ...part(),
    category: text('category').notNull(),
    amountMinor: minor('amount_minor'),
    mark: text('mark').notNull(),
    reason: text('reason'),
  },
  (t) => [...ofJob(t), unique('allotment_one_per_category').on(t.studioId, t.jobId, t.category)],
)

export const visit = pgTable(
  'visit',
  { ...part(), on: date('on').notNull(), what: text('what').notNull() },
  (t) => ofJob(t),
)

/** What is said about a photo. The picture is in {@link photoData}, so that a job loads without its pictures. */
export const photo = pgTable(
  'photo',
  {
    ...part(),
    kind: text('kind').notNull(),
    note: text('note').notNull(),
    subject: text('subject').notNull(),
    position: integer('position').notNull(),
    widthPx: integer('width_px').notNull(),
    heightPx: integer('height_px').notNull(),
    /** Pages of a PDF; 0 for a picture. */
    pages: integer('pages').notNull().default(0),
  },
  (t) => ofJob(t),
)

export const bytea = customType<{ data: Buffer }>({ dataType: () => 'bytea' })

/** A picture, encoded anew on the way in, and its thumbnail. */
export const photoData = pgTable(
  'photo_data',
  {
    studioId: studioId(),
    jobId: jobId(),
    photoId: uuid('photo_id').notNull(),
    mime: text('mime').notNull(),
    picture: bytea('picture').notNull(),
    thumbnail: bytea('thumbnail').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.studioId, t.jobId, t.photoId] }),
    keyTo(t, t.photoId, photo).onDelete('cascade'),
  ],
)

export const limit = pgTable(
  'limit',
  {
    ...part(),
    kind: text('kind').notNull(),
    what: text('what').notNull(),
    surface: text('surface').notNull(),
    pieceId: uuid('piece_id'),
    why: text('why').notNull(),
  },
  (t) => [...ofJob(t), keyTo(t, t.pieceId, piece)],
)

/** What a landlord allowed, in writing. */
export const consent = pgTable(
  'consent',
  {
    ...part(),
    on: date('on').notNull(),
    change: text('change').notNull(),
    surface: text('surface').notNull(),
    colors: text('colors').notNull(),
    finishId: uuid('finish_id'),
    itemId: uuid('item_id'),
    photoId: uuid('photo_id'),
    words: text('words').notNull(),
  },
  (t) => [...ofJob(t), keyTo(t, t.finishId, finish), keyTo(t, t.itemId, item), keyTo(t, t.photoId, photo)],
)

export const acceptance = pgTable(
  'acceptance',
  {
    ...part(),
    finding: text('finding').notNull(),
    facts: text('facts').notNull(),
    reason: text('reason').notNull(),
  },
  (t) => ofJob(t),
)

// Change orders, orders, their lines and the entries are append-only: a trigger refuses UPDATE and DELETE.

export const changeOrder = pgTable(
  'change_order',
  {
    studioId: studioId(),
    jobId: jobId(),
    id: uuid('id').notNull(),
    amountMinor: minor('amount_minor'),
    agreedOn: date('agreed_on').notNull(),
    agreedBy: text('agreed_by').notNull(),
    why: text('why').notNull(),
    memberId: uuid('member_id').notNull(),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [
    primaryKey({ columns: [t.studioId, t.jobId, t.id] }),
    foreignKey({ columns: [t.studioId, t.jobId], foreignColumns: [job.studioId, job.id] }),
    foreignKey({ columns: [t.studioId, t.memberId], foreignColumns: [member.studioId, member.id] }),
    check('change_order_not_zero', sql`${t.amountMinor} <> 0`),
  ],
)

/** A change of the budget while it is talked over; agreed to, it becomes a change order. */
export const proposal = pgTable(
  'proposal',
  {
    ...part(),
    proposedOn: date('proposed_on').notNull(),
    amountMinor: minor('amount_minor'),
    why: text('why').notNull(),
    items: text('items').notNull(),
    state: text('state').notNull(),
    answeredOn: date('answered_on'),
    answer: text('answer').notNull(),
  },
  (t) => [...ofJob(t)],
)
