import { sql } from 'drizzle-orm'
import {
  bigint,
  boolean,
  check,
  customType,
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
  uniqueIndex,
  uuid,
} from 'drizzle-orm/pg-core'
import type { Brief } from '@bonitas/core/brief/schema'
import type { Finish, PaintKit } from '@bonitas/core/palette/schema'
import type { Tin } from '@bonitas/core/palette/library/sample'
import type { DeliveryBand } from '@bonitas/core/source/schema'

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

/** Columns and keys that every part of a job shares. */
const part = () => ({ studioId: studioId(), jobId: jobId(), id: uuid('id').notNull(), version: version() })
const ofJob = (t: { studioId: never; jobId: never; id: never }) => [
  primaryKey({ columns: [t.studioId, t.jobId, t.id] }),
  foreignKey({ columns: [t.studioId, t.jobId], foreignColumns: [job.studioId, job.id] }).onDelete('cascade'),
]

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
  (t) => [...ofJob(t as never), unique('schools_one_per_job').on(t.studioId, t.jobId)],
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
  (t) => ofJob(t as never),
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
  (t) => ofJob(t as never),
)

export const focus = pgTable(
  'focus',
  { ...part(), name: text('name').notNull(), position: integer('position').notNull() },
  (t) => ofJob(t as never),
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
  (t) => [...ofJob(t as never), unique('allotment_one_per_category').on(t.studioId, t.jobId, t.category)],
)

export const visit = pgTable(
  'visit',
  { ...part(), on: date('on').notNull(), what: text('what').notNull() },
  (t) => ofJob(t as never),
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
  },
  (t) => ofJob(t as never),
)

const bytea = customType<{ data: Buffer }>({ dataType: () => 'bytea' })

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
    foreignKey({
      columns: [t.studioId, t.jobId, t.photoId],
      foreignColumns: [photo.studioId, photo.jobId, photo.id],
    }).onDelete('cascade'),
  ],
)

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
  (t) => [...ofJob(t as never), unique('room_one_per_job').on(t.studioId, t.jobId)],
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
  (t) => ofJob(t as never),
)

const toWall = (t: { studioId: never; jobId: never; wallId: never }) =>
  foreignKey({
    columns: [t.studioId, t.jobId, t.wallId],
    foreignColumns: [wall.studioId, wall.jobId, wall.id],
  })

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
  (t) => [...ofJob(t as never), toWall(t as never)],
)

export const diagonal = pgTable(
  'diagonal',
  {
    ...part(),
    fromWallId: uuid('from_wall_id').notNull(),
    toWallId: uuid('to_wall_id').notNull(),
    lengthMm: integer('length_mm').notNull(),
  },
  (t) => [
    ...ofJob(t as never),
    foreignKey({
      columns: [t.studioId, t.jobId, t.fromWallId],
      foreignColumns: [wall.studioId, wall.jobId, wall.id],
    }),
    foreignKey({
      columns: [t.studioId, t.jobId, t.toWallId],
      foreignColumns: [wall.studioId, wall.jobId, wall.id],
    }),
  ],
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
  (t) => [...ofJob(t as never), toWall(t as never)],
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
  (t) => [...ofJob(t as never), toWall(t as never)],
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
  (t) => ofJob(t as never),
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
  (t) => [...ofJob(t as never), toWall(t as never)],
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
  (t) => ofJob(t as never),
)

const toFinish = (t: { studioId: never; jobId: never; finishId: never }) =>
  foreignKey({
    columns: [t.studioId, t.jobId, t.finishId],
    foreignColumns: [finish.studioId, finish.jobId, finish.id],
  })

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
  (t) => [
    ...ofJob(t as never),
    foreignKey({
      columns: [t.studioId, t.jobId, t.overId],
      foreignColumns: [t.studioId, t.jobId, t.id],
    }),
  ],
)

const toScheme = (t: { studioId: never; jobId: never; schemeId: never }) =>
  foreignKey({
    columns: [t.studioId, t.jobId, t.schemeId],
    foreignColumns: [scheme.studioId, scheme.jobId, scheme.id],
  })

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
  (t) => [...ofJob(t as never), toWall(t as never)],
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
    ...ofJob(t as never),
    toFinish(t as never),
    toScheme(t as never),
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
  (t) => [...ofJob(t as never), toFinish(t as never), toWall(t as never)],
)

const toPiece = (t: { studioId: never; jobId: never; pieceId: never }) =>
  foreignKey({
    columns: [t.studioId, t.jobId, t.pieceId],
    foreignColumns: [piece.studioId, piece.jobId, piece.id],
  })

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
  (t) => [...ofJob(t as never), toPiece(t as never)],
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
  (t) => [...ofJob(t as never), toPiece(t as never), toWall(t as never)],
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
  (t) => [...ofJob(t as never), toPiece(t as never)],
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
  (t) => [
    ...ofJob(t as never),
    toWall(t as never),
    foreignKey({
      columns: [t.studioId, t.jobId, t.openingId],
      foreignColumns: [opening.studioId, opening.jobId, opening.id],
    }),
  ],
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
  (t) => [
    ...ofJob(t as never),
    toPiece(t as never),
    foreignKey({
      columns: [t.studioId, t.jobId, t.fixtureId],
      foreignColumns: [fixture.studioId, fixture.jobId, fixture.id],
    }),
  ],
)

export const houseRule = pgTable(
  'house_rule',
  {
    ...part(),
    need: text('need').notNull(),
    mm: integer('mm').notNull(),
    why: text('why').notNull(),
  },
  (t) => [...ofJob(t as never), unique('house_rule_one_per_need').on(t.studioId, t.jobId, t.need)],
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
    ...ofJob(t as never),
    toScheme(t as never),
    toFinish(t as never),
    foreignKey({
      columns: [t.studioId, t.jobId, t.pieceId],
      foreignColumns: [piece.studioId, piece.jobId, piece.id],
    }),
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
  (t) => [
    ...ofJob(t as never),
    foreignKey({
      columns: [t.studioId, t.jobId, t.photoId],
      foreignColumns: [photo.studioId, photo.jobId, photo.id],
    }),
  ],
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
  (t) => [
    ...ofJob(t as never),
    foreignKey({
      columns: [t.studioId, t.jobId, t.pieceId],
      foreignColumns: [piece.studioId, piece.jobId, piece.id],
    }),
  ],
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
  (t) => [
    ...ofJob(t as never),
    toFinish(t as never),
    toWall(t as never),
    foreignKey({
      columns: [t.studioId, t.jobId, t.focusId],
      foreignColumns: [focus.studioId, focus.jobId, focus.id],
    }),
  ],
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
  (t) => [
    ...ofJob(t as never),
    toFinish(t as never),
    foreignKey({
      columns: [t.studioId, t.jobId, t.itemId],
      foreignColumns: [item.studioId, item.jobId, item.id],
    }),
    foreignKey({
      columns: [t.studioId, t.jobId, t.photoId],
      foreignColumns: [photo.studioId, photo.jobId, photo.id],
    }),
  ],
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

const toOption = (t: { studioId: never; jobId: never; optionId: never }) =>
  foreignKey({
    columns: [t.studioId, t.jobId, t.optionId],
    foreignColumns: [option.studioId, option.jobId, option.id],
  }).onDelete('cascade')

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
  (t) => [...ofJob(t as never), toOption(t as never)],
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
  (t) => [...ofJob(t as never), toOption(t as never)],
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
    ...ofJob(t as never),
    foreignKey({ columns: [t.studioId, t.supplierId], foreignColumns: [supplier.studioId, supplier.id] }),
    foreignKey({
      columns: [t.studioId, t.jobId, t.itemId],
      foreignColumns: [item.studioId, item.jobId, item.id],
    }).onDelete('cascade'),
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
    studioId: studioId(),
    jobId: jobId(),
    id: uuid('id').notNull(),
    version: version(),
    proposedOn: date('proposed_on').notNull(),
    amountMinor: minor('amount_minor'),
    why: text('why').notNull(),
    items: text('items').notNull(),
    state: text('state').notNull(),
    answeredOn: date('answered_on'),
    answer: text('answer').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.studioId, t.jobId, t.id] }),
    foreignKey({ columns: [t.studioId, t.jobId], foreignColumns: [job.studioId, job.id] }).onDelete(
      'cascade',
    ),
  ],
)

/** A gift card or store credit: it pays, and lapses. What is left of it follows from the ledger. */
export const voucher = pgTable(
  'voucher',
  {
    studioId: studioId(),
    jobId: jobId(),
    id: uuid('id').notNull(),
    version: version(),
    name: text('name').notNull(),
    kind: text('kind').notNull(),
    supplierId: uuid('supplier_id'),
    amountMinor: minor('amount_minor'),
    untilOn: date('until_on'),
    note: text('note').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.studioId, t.jobId, t.id] }),
    foreignKey({ columns: [t.studioId, t.jobId], foreignColumns: [job.studioId, job.id] }).onDelete(
      'cascade',
    ),
    foreignKey({ columns: [t.studioId, t.supplierId], foreignColumns: [supplier.studioId, supplier.id] }),
  ],
)

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
    /** What is paid with the order, and when it and the rest are due; 0 and null when nothing was agreed. */
    depositMinor: minor('deposit_minor'),
    depositDueOn: date('deposit_due_on'),
    balanceDueOn: date('balance_due_on'),
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
    /** Null for what concerns the job as a whole: the client's payments and the fee. */
    lineId: uuid('line_id'),
    amountMinor: minor('amount_minor'),
    /** Tax inside the amount. */
    taxMinor: minor('tax_minor'),
    quantity: integer('quantity').notNull(),
    on: date('on').notNull(),
    means: text('means'),
    /** The gift card or store credit it was paid with, or came back as. */
    voucherId: uuid('voucher_id'),
    note: text('note').notNull(),
    reverses: uuid('reverses'),
    memberId: uuid('member_id').notNull(),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [
    primaryKey({ columns: [t.studioId, t.jobId, t.seq] }),
    index('ledger_entry_of_line').on(t.studioId, t.jobId, t.lineId, t.kind),
    unique('ledger_entry_line_once_per_event').on(t.studioId, t.jobId, t.eventId, t.lineId),
    unique('ledger_entry_reversed_once').on(t.studioId, t.jobId, t.reverses, t.lineId),
    foreignKey({
      columns: [t.studioId, t.jobId, t.lineId],
      foreignColumns: [orderLine.studioId, orderLine.jobId, orderLine.id],
    }),
    foreignKey({ columns: [t.studioId, t.memberId], foreignColumns: [member.studioId, member.id] }),
    foreignKey({
      columns: [t.studioId, t.jobId, t.voucherId],
      foreignColumns: [voucher.studioId, voucher.jobId, voucher.id],
    }),
    check(
      'ledger_entry_kind_known',
      sql`${t.kind} in ('order','cancel','payment','delivery','return','refund','adjustment','charge','gift','client payment','fee')`,
    ),
    check('ledger_entry_line_or_job', sql`(${t.lineId} is null) = (${t.kind} in ('client payment','fee'))`),
    // Only a reversal may turn the sign.
    check(
      'ledger_entry_sign',
      sql`(${t.reverses} is null and ${t.amountMinor} >= 0 and ${t.quantity} >= 0) or (${t.reverses} is not null and ${t.amountMinor} <= 0 and ${t.quantity} <= 0)`,
    ),
  ],
)

/**
 * The ledger in double entry: every entry as sums that together are nothing, written by the database itself as the
 * entry is (see the migration), so that no way of writing can leave one half out.
 */
export const posting = pgTable(
  'posting',
  {
    studioId: studioId(),
    jobId: jobId(),
    seq: bigint('seq', { mode: 'number' }).notNull(),
    account: text('account').notNull(),
    lineId: uuid('line_id'),
    amountMinor: minor('amount_minor'),
  },
  (t) => [
    primaryKey({ columns: [t.studioId, t.jobId, t.seq, t.account] }),
    foreignKey({
      columns: [t.studioId, t.jobId, t.seq],
      foreignColumns: [ledgerEntry.studioId, ledgerEntry.jobId, ledgerEntry.seq],
    }),
  ],
)

/** What is heard of an order or done with its goods, without money: append-only like the ledger. */
export const orderEvent = pgTable(
  'order_event',
  {
    studioId: studioId(),
    jobId: jobId(),
    id: uuid('id').notNull(),
    seq: bigint('seq', { mode: 'number' }).generatedAlwaysAsIdentity(),
    orderId: uuid('order_id').notNull(),
    lineId: uuid('line_id'),
    kind: text('kind').notNull(),
    on: date('on').notNull(),
    expectedOn: date('expected_on'),
    note: text('note').notNull(),
    memberId: uuid('member_id').notNull(),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [
    primaryKey({ columns: [t.studioId, t.jobId, t.id] }),
    foreignKey({
      columns: [t.studioId, t.jobId, t.orderId],
      foreignColumns: [purchaseOrder.studioId, purchaseOrder.jobId, purchaseOrder.id],
    }),
    foreignKey({
      columns: [t.studioId, t.jobId, t.lineId],
      foreignColumns: [orderLine.studioId, orderLine.jobId, orderLine.id],
    }),
    foreignKey({ columns: [t.studioId, t.memberId], foreignColumns: [member.studioId, member.id] }),
  ],
)

/** When a studio's ledger was last proved in SQL, and what did not add up. */
export const ledgerProof = pgTable('ledger_proof', {
  studioId: studioId()
    .primaryKey()
    .references(() => studio.id, { onDelete: 'cascade' }),
  provedAt: timestamp('proved_at', { withTimezone: true }).notNull(),
  entries: bigint('entries', { mode: 'number' }).notNull(),
  faults: jsonb('faults').notNull(),
})

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
