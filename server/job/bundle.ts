import { randomUUID } from 'node:crypto'
import { sql } from 'drizzle-orm'
import type { PgTable } from 'drizzle-orm/pg-core'
import { array } from 'yup'
import type { AnyRowSchema } from '@bonitas/core/model/checks'
import { REFERENCES, renewed } from '@bonitas/core/model/references'
import {
  COLLECTIONS,
  OF_STUDIO,
  RECORD_NAMES,
  recordDef,
  rowDef,
  SINGLE,
  type AnyRecord,
  type Collection,
} from '@bonitas/core/model/registry'
import type { Fields } from '@bonitas/core/model/row'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { lineBreach, lineState } from '@bonitas/core/stages/ledger/lineState'
import type { Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import { conflict, Problem } from '../http/problem.js'
import { runIsolated } from '../isolated/runIsolated.js'
import { RECORD_TABLES } from '../model/recordTables.js'
import { TABLES } from '../model/rowTables.js'
import type { Picture } from '../photo/encode.js'
import { encodeUpload, type EncodedPaper } from '../photo/encodePaper.js'
import { upgradeBundle } from './upgradeBundle.js'

/** A whole job as one file: rows under their collections, ids of any form, which import replaces by fresh ones. */
export const BUNDLE_FORMAT = 'bonitas job'
export const BUNDLE_VERSION = 19
const READ_VERSIONS: readonly unknown[] = Array.from({ length: BUNDLE_VERSION }, (_, i) => i + 1)

type Row = Record<string, unknown>
export type Bundle = Record<string, unknown> & { readonly pictures: readonly Row[] }

const MANY = COLLECTIONS.filter((c) => !SINGLE.has(c))
const ONE = COLLECTIONS.filter((c) => SINGLE.has(c))
/** The most rows of one list in a job file. */
const MOST_ROWS = 50_000

/** The job as a bundle: everything stored, nothing derived, no versions and no member names. */
export function exportJob(job: JobSnapshot, pictures: readonly Picture[]): Record<string, unknown> {
  const plain = (rows: readonly object[]) =>
    rows.map((stored) => {
      const { version: _v, ...row } = stored as Row
      return row
    })
  // Suppliers belong to the studio: those go along that something of the job names.
  const named = new Set(
    REFERENCES.filter((r) => r.to === 'suppliers').flatMap((r) =>
      (job[r.from as 'options'] as unknown as readonly Row[]).map((row) => row[r.field]),
    ),
  )
  const rowsOf = (c: Collection) =>
    c === 'suppliers' ? job.suppliers.filter((s) => named.has(s.id)) : (job[c as 'uses'] as readonly object[])
  return {
    format: BUNDLE_FORMAT,
    version: BUNDLE_VERSION,
    currency: job.studio.currency,
    ...Object.fromEntries(ONE.map((c) => [c, plain([job[c as 'brief']])[0]])),
    ...Object.fromEntries(MANY.map((c) => [c, plain(rowsOf(c))])),
    ...Object.fromEntries(
      RECORD_NAMES.map((name) => [
        name,
        (job[name] as readonly object[]).map((record) => pickFields(recordDef(name), record as Row)),
      ]),
    ),
    pictures: pictures.map((p) => ({
      photoId: p.photoId,
      mime: p.mime,
      picture: p.picture.toString('base64'),
      thumbnail: p.thumbnail.toString('base64'),
    })),
  }
}

/** A record as it is described: without its number and the name of who wrote it. */
const pickFields = (def: AnyRecord, record: Row): Row =>
  Object.fromEntries(Object.keys(def.fields).map((field) => [field, record[field]]))

const damaged = (detail: string, errors: { field: string; text: string }[] = []) =>
  new Problem(400, 'Not a job that can be read', detail, errors.length > 0 ? { errors } : {})

/** A job file that has been read and found whole, its pictures encoded: what is left is to write it. */
export interface ReadBundle {
  readonly rows: Bundle
  readonly pictures: ReadonlyMap<string, EncodedPaper>
}

/**
 * Writes a job file that was read as a new job, whole or not at all. Suppliers of the same name are taken for the same.
 * Rows may name each other in any order: the keys are looked at when all are written, and the ledger is proved before
 * any of it is kept.
 *
 * @returns the id of the new job
 * @throws {Problem} 400 naming what of the ledger does not add up; nothing is written
 */
export async function importJob(
  tx: Tx,
  who: { readonly studioId: string; readonly memberId: string },
  { rows: bundle, pictures }: ReadBundle,
): Promise<string> {
  const jobId = (bundle.brief as Row).id as string
  const keys = { studioId: who.studioId, jobId }
  await tx.execute(sql`set constraints all deferred`)
  await adoptSuppliers(tx, who.studioId, bundle)
  const write = async (table: PgTable, rows: readonly Row[]) => {
    for (let at = 0; at < rows.length; at += 500) await tx.insert(table).values(rows.slice(at, at + 500))
  }
  for (const c of COLLECTIONS) {
    if (c === 'suppliers') continue
    const rows = SINGLE.has(c) ? [bundle[c] as Row] : (bundle[c] as Row[])
    const own = OF_STUDIO.has(c) || c === 'brief' ? { studioId: who.studioId } : keys
    // Room and schools carry the id of their job.
    const id = c === 'room' || c === 'schools' ? { id: jobId } : {}
    const sized = (r: Row) => (c === 'photos' ? { ...r, ...pictures.get(r.id as string)?.size } : r)
    await write(
      TABLES[c],
      rows.map((r) => ({ ...sized(r), ...id, ...own, version: 1 })),
    )
  }
  for (const [photoId, { mime, picture, thumbnail }] of pictures)
    await tx.insert(t.photoData).values({ ...keys, photoId, mime, picture, thumbnail })
  for (const name of RECORD_NAMES) {
    const signed = recordDef(name).signed ? { memberId: who.memberId } : {}
    await write(
      RECORD_TABLES[name],
      (bundle[name] as Row[]).map((r) => ({ ...r, ...keys, ...signed })),
    )
  }
  const faults = await tx.execute<{ fault: string }>(
    sql`select fault from bonitas_ledger_faults() where job_id = ${jobId}::uuid limit 5`,
  )
  if (faults.rows.length > 0)
    throw damaged(`The ledger of the file does not add up: ${faults.rows.map((f) => f.fault).join('; ')}.`)
  return jobId
}

/**
 * Reads a job file: its version brought up to date, every field checked, its ids made new, its pictures encoded. Nothing
 * is written, and no transaction waits.
 *
 * @throws {Problem} 400 naming the path and how to fix it
 */
export async function readJobFile(text: Buffer, currency: string): Promise<ReadBundle> {
  const rows = await runIsolated<Bundle>(
    'jobFile',
    { text, currency },
    {
      ms: 60_000,
      heapMb: 1_500,
      growMb: 2_000,
      tooMuch:
        'The file takes too long, or too much, to read. A job of this size cannot have been exported here.',
    },
  )
  const pictures = new Map<string, EncodedPaper>()
  for (const photo of rows.photos as Row[]) {
    const found = rows.pictures.find((p) => p.photoId === photo.id)
    if (!found) throw damaged(`The picture of photo “${String(photo.note).slice(0, 40)}” is missing.`)
    // Pictures are encoded anew like any upload: a file is no more to be trusted than a camera.
    const encoded = await encodeUpload(String(photo.kind), Buffer.from(String(found.picture), 'base64'))
    pictures.set(photo.id as string, encoded)
    photo.pages = encoded.pages
  }
  return { rows, pictures }
}

async function adoptSuppliers(tx: Tx, studioId: string, bundle: Bundle): Promise<void> {
  const known = new Map((await tx.select().from(t.supplier)).map((s) => [s.name.toLowerCase(), s.id]))
  const takenFor = new Map<unknown, string>()
  for (const supplier of bundle.suppliers as Row[]) {
    const same = known.get((supplier.name as string).toLowerCase())
    if (same) takenFor.set(supplier.id, same)
    else await tx.insert(t.supplier).values({ ...supplier, studioId, version: 1 } as never)
  }
  for (const reference of REFERENCES)
    if (reference.to === 'suppliers')
      for (const row of bundle[reference.from] as Row[])
        row[reference.field] = takenFor.get(row[reference.field]) ?? row[reference.field]
}

/**
 * The rows of a job file: its version brought up to date, every field checked, its ids made new. Takes as long as the file
 * makes it: called in a thread with limits.
 */
export async function readRows(input: unknown, currency: string): Promise<Bundle> {
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
  // Inside the key of a finding may stand what is no id: only what is known as one is renewed there.
  const renewId = (id: unknown, known: boolean): unknown => {
    const found = fresh.get(id)
    if (found !== undefined || known) return found ?? id
    const made = randomUUID()
    fresh.set(id, made)
    return made
  }
  const renew = (fields: Fields, row: unknown): Row => {
    if (typeof row !== 'object' || row === null || Array.isArray(row))
      throw damaged('A row is not an object.')
    return Object.fromEntries(
      Object.entries(row).map(([name, value]) => {
        const field = Object.hasOwn(fields, name) ? fields[name] : undefined
        return [name, field ? renewed(field, value, renewId) : (value as unknown)]
      }),
    )
  }
  const list = (name: string): readonly unknown[] => {
    const rows = file[name] ?? []
    if (!Array.isArray(rows) || rows.length > MOST_ROWS) throw damaged(`${name} is not a list of rows.`)
    return rows
  }
  const pictures = list('pictures').map((p) => {
    const picture = (typeof p === 'object' && p !== null ? p : {}) as Row
    return { ...picture, photoId: renewId(picture.photoId, false) }
  })
  const bundle: Bundle = { pictures }
  const rowsOfFile = async (c: Collection) => {
    const { fields } = rowDef(c)
    bundle[c] = SINGLE.has(c) ? renew(fields, file[c]) : list(c).map((row) => renew(fields, row))
    const schema = rowDef(c).schema() as unknown as AnyRowSchema
    await check(c, SINGLE.has(c) ? schema : array(schema), bundle[c])
  }
  for (const c of COLLECTIONS) if (c !== 'acceptances') await rowsOfFile(c)
  for (const name of RECORD_NAMES) {
    const def = recordDef(name)
    bundle[name] = list(name).map((row) => renew(def.fields, row))
    await check(name, array(def.schema() as unknown as AnyRowSchema), bundle[name])
  }
  // Last, since the key of a finding may name any of them.
  await rowsOfFile('acceptances')
  const ofLine = new Map<unknown, Row[]>()
  for (const entry of bundle.entries as Row[])
    ofLine.set(entry.lineId, [...(ofLine.get(entry.lineId) ?? []), entry])
  for (const line of bundle.lines as Row[]) {
    const breach = lineBreach(lineState((ofLine.get(line.id) ?? []) as never))
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
