import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { randomBytes, randomUUID } from 'node:crypto'
import { eq, sql } from 'drizzle-orm'
import { addDays, dayIn, daysBetween } from '@bonitas/core/kernel/units/days'
import type { Database } from '../database/database.js'
import { studio } from '../database/schema.js'
import { currencyDigits } from '@bonitas/core/kernel/money/currency'
import { deckFromCsv } from '@bonitas/core/stages/palette/library/deckCsv'
import { keepDeck } from '../library/routes.js'
import { importJob, readJobFile } from '../job/bundle.js'
import { demoOwner, foundStudio, type NewStudio } from '../session/sessions.js'

interface DemoPhoto {
  readonly id: string
  /** Name of its file in demo/photos. */
  readonly file: string
}

/**
 * Loads the demo studio through the product's own import. Its files are written as of one day; every date in them
 * moves with today, so that the demo is always in the middle of its life.
 *
 * @param reset remove the demo studio first; without it, a database that holds any studio is left alone
 */
export async function loadDemo(db: Database, folder: string, reset: boolean): Promise<void> {
  if (reset) await removeDemo(db)
  else if ((await db.asSystem((tx) => tx.select({ id: studio.id }).from(studio).limit(1))).length > 0) return
  const about = JSON.parse(readFileSync(join(folder, 'studio.json'), 'utf8')) as {
    asOf: string
    studio: Omit<NewStudio, 'password'>
  }
  // Nobody signs in to the demo by password; the button on the sign-in page opens it, on loopback only.
  const { studioId, memberId } = await foundStudio(
    db,
    { ...about.studio, password: randomBytes(24).toString('base64') },
    true,
  )
  const shift = daysBetween(about.asOf, dayIn(about.studio.timeZone, new Date()))
  const digits = currencyDigits(about.studio.currency)
  for (const file of readdirSync(join(folder, 'library'))
    .filter((f) => f.endsWith('.csv'))
    .sort()) {
    const name = file.replace(/^\d+-|\.csv$/g, '').replaceAll('-', ' ')
    const deck = deckFromCsv(
      readFileSync(join(folder, 'library', file), 'utf8'),
      `${name[0]?.toUpperCase() ?? ''}${name.slice(1)}`,
      digits,
    )
    await db.asStudio(studioId, (tx) => keepDeck(tx, studioId, randomUUID(), deck))
  }
  for (const file of readdirSync(join(folder, 'jobs'))
    .filter((f) => f.endsWith('.json'))
    .sort()) {
    const job = JSON.parse(readFileSync(join(folder, 'jobs', file), 'utf8'), (_key, value: unknown) =>
      typeof value === 'string' && /^\d{4}-\d{2}-\d{2}$/.test(value) ? addDays(value, shift) : value,
    ) as Record<string, unknown> & { photos?: DemoPhoto[] }
    // Pictures lie beside the jobs as files of their own; a job names the one that belongs to each photo.
    const whole = {
      ...job,
      photos: (job.photos ?? []).map(({ file: _file, ...photo }) => photo),
      pictures: (job.photos ?? []).map(({ id, file }) => ({
        photoId: id,
        picture: readFileSync(join(folder, 'photos', file)).toString('base64'),
      })),
    }
    const read = await readJobFile(Buffer.from(JSON.stringify(whole)), about.studio.currency)
    await db.asStudio(studioId, (tx) => importJob(tx, { studioId, memberId }, read))
  }
}

/** Removes the demo studio. Its ledger is append-only, so the triggers are set aside, by the owner of the tables and in one transaction. */
async function removeDemo(db: Database): Promise<void> {
  const owner = await demoOwner(db)
  if (!owner) return
  await db.asStudio(owner.studioId, async (tx) => {
    await tx.execute(sql`select set_config('bonitas.system', 'on', true)`)
    const ledger = ['posting', 'order_event', 'ledger_entry', 'order_line', 'purchase_order', 'change_order']
    for (const table of ledger) await tx.execute(sql.raw(`alter table ${table} disable trigger append_only`))
    await tx.execute(sql`set constraints all deferred`)
    // The ledger first, which nothing takes along; a job takes all its rows with it.
    for (const table of [
      ...ledger,
      'idempotency',
      'catalog_answer',
      'job',
      'client',
      'supplier',
      'deck',
      'session',
      'member',
    ])
      await tx.execute(sql`delete from ${sql.identifier(table)} where studio_id = ${owner.studioId}`)
    await tx.delete(studio).where(eq(studio.id, owner.studioId))
    // The keys are looked at now: a table with a look still to come cannot be altered.
    await tx.execute(sql`set constraints all immediate`)
    for (const table of ledger) await tx.execute(sql.raw(`alter table ${table} enable trigger append_only`))
  })
}
