import { randomUUID } from 'node:crypto'
import { and, eq } from 'drizzle-orm'
import { array, number, string } from 'yup'
import { COLLECTIONS, SCHEMAS, type Collection } from '@bonitas/core/job/collections'
import {
  choiceField,
  dayField,
  dayOrNone,
  idField,
  idOrNone,
  minorField,
  noteField,
  rowSchema,
  textField,
  wholeField,
  wholeOrNone,
} from '@bonitas/core/job/fields'
import type { AnyRowSchema } from '@bonitas/core/job/fields'
import type { JobSnapshot } from '@bonitas/core/job/snapshot'
import { lineBreach, lineState } from '@bonitas/core/ledger/lineState'
import { ENTRY_KINDS } from '@bonitas/core/ledger/schema'
import { MAX_MINOR } from '@bonitas/core/money/currency'
import { CATEGORIES } from '@bonitas/core/job/words'
import type { Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import { conflict, Problem } from '../http/problem.js'
import { bare, TABLES } from './tables.js'

/** A whole job as one file: rows under their collections, ids of any form, which import replaces by fresh ones. */
export const BUNDLE_FORMAT = 'bonitas job'
export const BUNDLE_VERSION = 1

type Row = Record<string, unknown>
type Bundle = Record<string, unknown> & { orders: Row[]; lines: Row[]; entries: Row[] }

const REFERENCES: readonly string[] = [
  'id',
  'clientId',
  'finishId',
  'itemId',
  'optionId',
  'supplierId',
  'chosenOptionId',
  'orderId',
  'lineId',
  'eventId',
  'reverses',
]
const MANY = COLLECTIONS.filter((c) => c !== 'brief' && c !== 'client' && c !== 'room')

const orderSchema = rowSchema({
  id: idField(), number: wholeField('Number', 1, 1_000_000, ''), supplierId: idOrNone('Supplier'), supplierName: noteField('Supplier', 120),
  placedOn: dayField('Ordered on'), expectedOn: dayOrNone('Expected on'), note: noteField('Note', 400),
}) // prettier-ignore
const lineSchema = rowSchema({
  id: idField(), orderId: idField('Order'), itemId: idField('Item'), optionId: idField('Option'), itemName: textField('Item'), optionName: textField('Option'),
  category: choiceField('Category', CATEGORIES), quantity: wholeField('Quantity', 1, 10_000, 'pieces'), amountMinor: minorField('Amount'),
  taxMinor: minorField('Tax'), returnDays: wholeOrNone('Return window', 0, 365, 'days'),
}) // prettier-ignore
const entrySchema = rowSchema({
  eventId: idField('Event'), kind: choiceField('Kind', ENTRY_KINDS), lineId: idField('Line'),
  amountMinor: number().typeError('Amount must be a number.').integer('Amount must be whole.').min(-MAX_MINOR).max(MAX_MINOR).required('Amount is missing.'),
  quantity: number().typeError('Quantity must be a number.').integer('Quantity must be whole.').min(-10_000).max(10_000).required('Quantity is missing.'),
  on: dayField('Date'), means: string().nullable().max(40).defined('Means is missing. Give it, or null.'), note: noteField('Note', 400), reverses: idOrNone('Reverses'),
}) // prettier-ignore

/** The job as a bundle: everything stored, nothing derived, no versions and no member names. */
export function exportJob(job: JobSnapshot): Record<string, unknown> {
  const plain = (rows: readonly object[]) =>
    rows.map((stored) => {
      const { version: _v, ...row } = stored as Row
      return row
    })
  const used = new Set([...job.options.map((o) => o.supplierId), ...job.orders.map((o) => o.supplierId)])
  return {
    format: BUNDLE_FORMAT,
    version: BUNDLE_VERSION,
    currency: job.studio.currency,
    brief: plain([job.brief])[0],
    client: plain([job.client])[0],
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
    orders: job.orders,
    lines: job.lines,
    entries: job.entries.map(({ seq: _s, memberName: _m, ...entry }) => entry),
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
  await adoptSuppliers(tx, who.studioId, bundle)
  const items = bundle.items as Row[]
  for (const c of ['uses', 'openings', 'finishes', 'placements', 'pieces'] as const)
    await put(c, bundle[c] as Row[])
  await put(
    'items',
    items.map((i) => ({ ...i, chosenOptionId: null })),
  )
  await put('options', bundle.options as Row[])
  await put('acceptances', bundle.acceptances as Row[])
  for (const [table, rows] of [
    [t.purchaseOrder, bundle.orders],
    [t.orderLine, bundle.lines],
  ] as const)
    for (let at = 0; at < rows.length; at += 500)
      await tx.insert(table).values(rows.slice(at, at + 500).map((r) => ({ ...r, ...keys })) as never)
  for (let at = 0; at < bundle.entries.length; at += 500)
    await tx
      .insert(t.ledgerEntry)
      .values(
        bundle.entries.slice(at, at + 500).map((e) => ({ ...e, ...keys, memberId: who.memberId })) as never,
      )
  for (const item of items.filter((i) => i.chosenOptionId))
    await tx
      .update(t.item)
      .set({ chosenOptionId: item.chosenOptionId as string })
      .where(
        and(eq(t.item.studioId, who.studioId), eq(t.item.jobId, jobId), eq(t.item.id, item.id as string)),
      )
  return jobId
}

async function adoptSuppliers(tx: Tx, studioId: string, bundle: Bundle): Promise<void> {
  const known = new Map((await tx.select().from(t.supplier)).map((s) => [s.name.toLowerCase(), s.id]))
  const takenFor = new Map<unknown, string>()
  for (const supplier of bundle.suppliers as Row[]) {
    const same = known.get((supplier.name as string).toLowerCase())
    if (same) takenFor.set(supplier.id, same)
    else await tx.insert(t.supplier).values({ ...bare(supplier), studioId, version: 1 } as never)
  }
  for (const row of [...(bundle.options as Row[]), ...bundle.orders])
    row.supplierId = takenFor.get(row.supplierId) ?? row.supplierId
}

async function readBundle(input: unknown, currency: string): Promise<Bundle> {
  const file = input as Row | null
  if (typeof file !== 'object' || file === null || file.format !== BUNDLE_FORMAT)
    throw damaged('The file is not a job of this program. Choose one that was exported here.')
  if (file.version !== BUNDLE_VERSION)
    throw damaged(
      `The file has version ${String(file.version).slice(0, 20)}; this program reads version ${BUNDLE_VERSION}.`,
    )
  if (file.currency !== currency)
    throw damaged(
      `The job is kept in ${String(file.currency).slice(0, 3)}, this studio in ${currency}. Amounts are not converted.`,
    )
  const fresh = new Map<unknown, string>()
  const renew = (row: unknown): Row => {
    if (typeof row !== 'object' || row === null || Array.isArray(row))
      throw damaged('A row is not an object.')
    return Object.fromEntries(
      Object.entries(row).map(([key, value]) => {
        if (!REFERENCES.includes(key) || value === null) return [key, value]
        if (!fresh.has(value)) fresh.set(value, randomUUID())
        return [key, fresh.get(value)]
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
    room: renew(file.room),
    ...Object.fromEntries(MANY.map((c) => [c, list(c)])),
    orders: list('orders'),
    lines: list('lines'),
    entries: list('entries'),
  } as Bundle
  await check('brief', SCHEMAS.brief, bundle.brief)
  await check('client', SCHEMAS.client, bundle.client)
  await check('room', SCHEMAS.room, bundle.room)
  for (const c of MANY) await check(c, array(SCHEMAS[c] as unknown as AnyRowSchema), bundle[c])
  await check('orders', array(orderSchema), bundle.orders)
  await check('lines', array(lineSchema), bundle.lines)
  await check('entries', array(entrySchema), bundle.entries)
  for (const line of bundle.lines) {
    const breach = lineBreach(lineState(bundle.entries.filter((e) => e.lineId === line.id) as never))
    if (breach) throw damaged(`The ledger of ${String(line.itemName)} does not add up: ${breach}.`)
  }
  if ((bundle.brief as Row).clientId !== (bundle.client as Row).id)
    throw conflict('brief.clientId does not name the client of the file.')
  return bundle
}

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
