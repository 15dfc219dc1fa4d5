import { randomUUID } from 'node:crypto'
import { and, eq, sql } from 'drizzle-orm'
import { array, number, string } from 'yup'
import { COLLECTIONS, SCHEMAS, SINGLE, type Collection } from '@bonitas/core/model/registry'
import {
  choiceField,
  dayField,
  dayOrNone,
  flagField,
  idField,
  idOrNone,
  minorField,
  noteField,
  rowSchema,
  textField,
  wholeField,
  wholeOrNone,
} from '@bonitas/core/model/checks'
import type { AnyRowSchema } from '@bonitas/core/model/checks'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { lineBreach, lineState } from '@bonitas/core/stages/ledger/lineState'
import { ENTRY_KINDS } from '@bonitas/core/model/vocabulary/ledger'
import { noteOrderSchema } from '@bonitas/core/stages/ledger/acts'
import { MAX_MINOR } from '@bonitas/core/kernel/money/currency'
import { CATEGORIES } from '@bonitas/core/model/vocabulary/category'
import { changeOrderSchema } from '@bonitas/core/stages/brief/changeOrder'
import type { Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import { conflict, Problem } from '../http/problem.js'
import type { Picture } from '../photo/encode.js'
import { encodeUpload } from '../photo/encodePaper.js'
import { bare, TABLES } from './tables.js'
import { upgradeBundle } from './upgradeBundle.js'

/** A whole job as one file: rows under their collections, ids of any form, which import replaces by fresh ones. */
export const BUNDLE_FORMAT = 'bonitas job'
export const BUNDLE_VERSION = 7
const READ_VERSIONS: readonly unknown[] = [1, 2, 3, 4, 5, 6, BUNDLE_VERSION]

type Row = Record<string, unknown>
type Bundle = Record<string, unknown> & {
  changeOrders: Row[]
  orders: Row[]
  lines: Row[]
  entries: Row[]
  orderEvents: Row[]
  pictures: Row[]
}

/** Fields that name a row, or a list of rows. */
const REFERENCES: readonly string[] = [
  'id',
  'wallId',
  'fromWallId',
  'toWallId',
  'pieceId',
  'focusId',
  'photoId',
  'schemeId',
  'overId',
  'serves',
  'clientId',
  'finishId',
  'itemId',
  'optionId',
  'supplierId',
  'chosenOptionId',
  'plannedOptionId',
  'partOfId',
  'forItemId',
  'aimFinishId',
  'fixtureId',
  'openingId',
  'orderId',
  'lineId',
  'eventId',
  'reverses',
  'voucherId',
]
/** Fields that name a wall, a part or an opening inside a text: `wall:` and its id. */
const PLACES: readonly string[] = ['surface', 'subject']
const MANY = COLLECTIONS.filter((c) => !SINGLE.has(c))
/** Rows are written in this order, so that whatever is named is there before the row that names it. */
const IN_ORDER = [
  'walls',
  'ceilings',
  'diagonals',
  'openings',
  'fixtures',
  'passages',
  'people',
  'uses',
  'focuses',
  'allotments',
  'visits',
  'works',
  'finishes',
  'schemes',
  'parts',
  'placements',
  'pieces',
  'dressings',
  'limits',
  'hangs',
  'frames',
  'setOuts',
  'lights',
  'houseRules',
] as const satisfies readonly Collection[]

const orderSchema = rowSchema(() => ({
  id: idField(),
  number: wholeField('Number', 1, 1_000_000, ''),
  supplierId: idOrNone('Supplier'),
  supplierName: noteField('Supplier', 120),
  placedOn: dayField('Ordered on'),
  expectedOn: dayOrNone('Expected on'),
  depositMinor: minorField('Deposit'),
  depositDueOn: dayOrNone('Deposit due'),
  balanceDueOn: dayOrNone('Balance due'),
  note: noteField('Note', 400),
}))
const lineSchema = rowSchema(() => ({
  id: idField(),
  orderId: idField('Order'),
  itemId: idField('Item'),
  optionId: idField('Option'),
  itemName: textField('Item'),
  optionName: textField('Option'),
  category: choiceField('Category', CATEGORIES),
  quantity: wholeField('Quantity', 1, 10_000, 'pieces'),
  amountMinor: minorField('Amount'),
  taxMinor: minorField('Tax'),
  returnDays: wholeOrNone('Return window', 0, 365, 'days'),
}))
const entrySchema = rowSchema(() => ({
  eventId: idField('Event'),
  kind: choiceField('Kind', ENTRY_KINDS),
  lineId: idOrNone('Line'),
  taxMinor: number().integer('Tax must be whole.').min(-MAX_MINOR).max(MAX_MINOR).required('Tax is missing.'),
  amountMinor: number()
    .typeError('Amount must be a number.')
    .integer('Amount must be whole.')
    .min(-MAX_MINOR)
    .max(MAX_MINOR)
    .required('Amount is missing.'),
  quantity: number()
    .typeError('Quantity must be a number.')
    .integer('Quantity must be whole.')
    .min(-10_000)
    .max(10_000)
    .required('Quantity is missing.'),
  on: dayField('Date'),
  means: string().nullable().max(40).defined('Means is missing. Give it, or null.'),
  note: noteField('Note', 400),
  reverses: idOrNone('Reverses'),
  voucherId: idOrNone('Gift card or credit'),
  guessed: flagField('A guess'),
}))

const orderEventRow = noteOrderSchema().shape({ id: idField() })
const changeOrderRow = changeOrderSchema().omit(['proposalId']).shape({ id: idField() })

/** The job as a bundle: everything stored, nothing derived, no versions and no member names. */
export function exportJob(job: JobSnapshot, pictures: readonly Picture[]): Record<string, unknown> {
  const plain = (rows: readonly object[]) =>
    rows.map((stored) => {
      const { version: _v, ...row } = stored as Row
      return row
    })
  const used = new Set(
    [...job.options, ...job.offers, ...job.vouchers, ...job.orders].map(
      (o): string | null | undefined => o.supplierId,
    ),
  )
  return {
    format: BUNDLE_FORMAT,
    version: BUNDLE_VERSION,
    currency: job.studio.currency,
    brief: plain([job.brief])[0],
    client: plain([job.client])[0],
    schools: plain([job.schools])[0],
    room: plain([job.room])[0],
    ...Object.fromEntries(
      MANY.map((c) => [
        c,
        plain(
          c === 'suppliers'
            ? job.suppliers.filter((s) => used.has(s.id))
            : (job[c as 'uses'] as readonly object[]),
        ),
      ]),
    ),
    changeOrders: job.changeOrders,
    orders: job.orders,
    lines: job.lines,
    pictures: pictures.map((p) => ({
      photoId: p.photoId,
      mime: p.mime,
      picture: p.picture.toString('base64'),
      thumbnail: p.thumbnail.toString('base64'),
    })),
    entries: job.entries.map(({ seq: _s, memberName: _m, ...entry }) => entry),
    orderEvents: job.orderEvents.map(({ seq: _s, memberName: _m, ...event }) => event),
  }
}

const damaged = (detail: string, errors: { field: string; text: string }[] = []) =>
  new Problem(400, 'Not a job that can be read', detail, errors.length > 0 ? { errors } : {})

/**
 * Imports a bundle as a new job, whole or not at all. Suppliers and client of the same name are taken for the same.
 * @returns the id of the new job
 * @throws {Problem} 400 naming the path and how to mend it; nothing is written
 */
export async function importJob(
  tx: Tx,
  who: { studioId: string; memberId: string; currency: string },
  input: unknown,
): Promise<string> {
  const bundle = await readBundle(input, who.currency)
  const jobId = (bundle.brief as Row).id as string
  const keys = { studioId: who.studioId, jobId }
  // Items and options may name each other in any order; the keys are looked at when the list is whole.
  await tx.execute(sql`set constraints all deferred`)
  const put = async (collection: Collection, rows: readonly Row[], ofJob = true) => {
    for (let at = 0; at < rows.length; at += 500)
      await tx
        .insert(TABLES[collection])
        .values(
          rows
            .slice(at, at + 500)
            .map((r) => ({ ...r, ...(ofJob ? keys : { studioId: who.studioId }), version: 1 })),
        )
  }
  await put('client', [bundle.client as Row], false)
  await put('brief', [bundle.brief as Row], false)
  await put('room', [{ ...(bundle.room as Row), id: jobId }])
  await put('schools', [{ ...(bundle.schools as Row), id: jobId }])
  await adoptSuppliers(tx, who.studioId, bundle)
  const items = bundle.items as Row[]
  for (const c of IN_ORDER) await put(c, bundle[c] as Row[])
  await importPictures(tx, keys, bundle)
  await put('pulls', bundle.pulls as Row[])
  await put(
    'items',
    items.map((i) => ({ ...i, chosenOptionId: null })),
  )
  await put('options', bundle.options as Row[])
  for (const c of ['makings', 'sightings', 'offers', 'vouchers', 'proposals'] as const)
    await put(c, bundle[c] as Row[])
  await put('stands', bundle.stands as Row[])
  await put('consents', bundle.consents as Row[])
  await put('acceptances', bundle.acceptances as Row[])
  for (const order of bundle.changeOrders)
    await tx.insert(t.changeOrder).values({ ...order, ...keys, memberId: who.memberId } as never)
  for (const [table, rows] of [
    [t.purchaseOrder, bundle.orders],
    [t.orderLine, bundle.lines],
  ] as const)
    for (let at = 0; at < rows.length; at += 500)
      await tx.insert(table).values(rows.slice(at, at + 500).map((r) => ({ ...r, ...keys })) as never)
  for (const c of ['receipts', 'claims', 'loans'] as const) await put(c, bundle[c] as Row[])
  for (let at = 0; at < bundle.entries.length; at += 500)
    await tx
      .insert(t.ledgerEntry)
      .values(
        bundle.entries.slice(at, at + 500).map((e) => ({ ...e, ...keys, memberId: who.memberId })) as never,
      )
  for (const event of bundle.orderEvents)
    await tx.insert(t.orderEvent).values({ ...event, ...keys, memberId: who.memberId } as never)
  for (const item of items.filter((i) => i.chosenOptionId))
    await tx
      .update(t.item)
      .set({ chosenOptionId: item.chosenOptionId as string })
      .where(
        and(eq(t.item.studioId, who.studioId), eq(t.item.jobId, jobId), eq(t.item.id, item.id as string)),
      )
  return jobId
}

/** Pictures are encoded anew like any upload: a file is no more to be trusted than a camera. */
async function importPictures(
  tx: Tx,
  keys: { studioId: string; jobId: string },
  bundle: Bundle,
): Promise<void> {
  for (const photo of bundle.photos as Row[]) {
    const found = bundle.pictures.find((p) => p.photoId === photo.id)
    if (!found) throw damaged(`The picture of photo “${String(photo.note).slice(0, 40)}” is missing.`)
    const bytes = Buffer.from(String(found.picture), 'base64')
    const encoded = await encodeUpload(String(photo.kind), bytes)
    await tx
      .insert(t.photo)
      .values({ ...photo, ...keys, ...encoded.size, pages: encoded.pages, version: 1 } as never)
    await tx.insert(t.photoData).values({
      ...keys,
      photoId: photo.id as string,
      mime: encoded.mime,
      picture: encoded.picture,
      thumbnail: encoded.thumbnail,
    })
  }
}

async function adoptSuppliers(tx: Tx, studioId: string, bundle: Bundle): Promise<void> {
  const known = new Map((await tx.select().from(t.supplier)).map((s) => [s.name.toLowerCase(), s.id]))
  const takenFor = new Map<unknown, string>()
  for (const supplier of bundle.suppliers as Row[]) {
    const same = known.get((supplier.name as string).toLowerCase())
    if (same) takenFor.set(supplier.id, same)
    else await tx.insert(t.supplier).values({ ...bare(supplier), studioId, version: 1 } as never)
  }
  for (const row of [
    ...(bundle.options as Row[]),
    ...(bundle.offers as Row[]),
    ...(bundle.vouchers as Row[]),
    ...bundle.orders,
  ])
    row.supplierId = takenFor.get(row.supplierId) ?? row.supplierId
}

async function readBundle(input: unknown, currency: string): Promise<Bundle> {
  const given = input as Row | null
  if (typeof given !== 'object' || given === null || given.format !== BUNDLE_FORMAT)
    throw damaged('The file is not a job of this program. Choose one that was exported here.')
  if (!READ_VERSIONS.includes(given.version))
    throw damaged(
      `The file has version ${String(given.version).slice(0, 20)}; this program reads versions ${READ_VERSIONS.join(', ')}.`,
    )
  const file = upgradeBundle(given)
  if (file.currency !== currency)
    throw damaged(
      `The job is kept in ${String(file.currency).slice(0, 3)}, this studio in ${currency}. Amounts are not converted.`,
    )
  const fresh = new Map<unknown, string>()
  const renewId = (value: unknown): string => {
    const known = fresh.get(value) ?? randomUUID()
    fresh.set(value, known)
    return known
  }
  const renewPlace = (text: string) =>
    text.replace(
      /^(wall|corner|part|opening|receipt|claim):(.+)$/,
      (_all, kind: string, id: string) => `${kind}:${renewId(id)}`,
    )
  const renew = (row: unknown): Row => {
    if (typeof row !== 'object' || row === null || Array.isArray(row))
      throw damaged('A row is not an object.')
    return Object.fromEntries(
      Object.entries(row).map(([key, value]) => {
        if (PLACES.includes(key) && typeof value === 'string') return [key, renewPlace(value)]
        if (!REFERENCES.includes(key) || value === null) return [key, value]
        return [key, Array.isArray(value) ? value.map(renewId) : renewId(value)]
      }),
    )
  }
  const list = (name: string): Row[] => {
    const rows = file[name] ?? []
    if (!Array.isArray(rows) || rows.length > 20_000) throw damaged(`${name} is not a list of rows.`)
    return rows.map(renew)
  }
  const bundle = {
    brief: renew(file.brief),
    client: renew(file.client),
    schools: renew(file.schools),
    room: renew(file.room),
    ...Object.fromEntries(MANY.map((c) => [c, list(c)])),
    changeOrders: list('changeOrders'),
    pictures: list('pictures'),
    orders: list('orders'),
    lines: list('lines'),
    entries: list('entries'),
    orderEvents: list('orderEvents'),
  } as Bundle
  await check('brief', SCHEMAS.brief(), bundle.brief)
  await check('client', SCHEMAS.client(), bundle.client)
  await check('schools', SCHEMAS.schools(), bundle.schools)
  await check('room', SCHEMAS.room(), bundle.room)
  for (const c of MANY) await check(c, array(SCHEMAS[c]() as unknown as AnyRowSchema), bundle[c])
  for (const row of bundle.acceptances as Row[]) row.finding = renewFinding(String(row.finding), fresh)
  await check('changeOrders', array(changeOrderRow), bundle.changeOrders)
  await check('orders', array(orderSchema()), bundle.orders)
  await check('lines', array(lineSchema()), bundle.lines)
  await check('entries', array(entrySchema()), bundle.entries)
  await check('orderEvents', array(orderEventRow), bundle.orderEvents)
  for (const line of bundle.lines) {
    const breach = lineBreach(lineState(bundle.entries.filter((e) => e.lineId === line.id) as never))
    if (breach) throw damaged(`The ledger of ${String(line.itemName)} does not add up: ${breach}.`)
  }
  if ((bundle.brief as Row).clientId !== (bundle.client as Row).id)
    throw conflict('brief.clientId does not name the client of the file.')
  return bundle
}

/** The key of a finding names what it is about: `rule|piece:id|use:id`. */
const renewFinding = (key: string, fresh: ReadonlyMap<unknown, string>) =>
  key
    .split('|')
    .map((part) =>
      part.replace(/^([a-z]+):(.+)$/, (all, kind: string, id: string) =>
        fresh.has(id) ? `${kind}:${fresh.get(id) ?? ''}` : all,
      ),
    )
    .join('|')

async function check(
  name: string,
  schema: { validate(value: unknown, options: object): Promise<unknown> },
  value: unknown,
): Promise<void> {
  try {
    await schema.validate(value, { abortEarly: false, strict: true })
  } catch (error) {
    const inner = (error as { inner?: { path?: string; message: string }[]; message: string }).inner ?? []
    const faults = inner
      .slice(0, 20)
      .map((e) => ({ field: `${name}${e.path?.startsWith('[') ? '' : '.'}${e.path ?? ''}`, text: e.message }))
    throw damaged(faults.map((f) => `${f.field}: ${f.text}`).join(' ') || (error as Error).message, faults)
  }
}
