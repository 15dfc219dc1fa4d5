import { and, eq, inArray } from 'drizzle-orm'
import type { Database, Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import { Problem } from '../http/problem.js'
import { isChosenOption } from '../job/chosenOption.js'
import { NoAnswer, type Catalogs } from './catalogs.js'

async function wasDone(tx: Tx, studioId: string, key: string): Promise<boolean> {
  const found = await tx
    .select({ key: t.idempotency.key })
    .from(t.idempotency)
    .where(and(eq(t.idempotency.studioId, studioId), eq(t.idempotency.key, key)))
  return found.length > 0
}

/**
 * Asks the suppliers, just before an order is written down, whether the goods are still there. Only a clear "sold out"
 * holds the order up: a supplier that does not answer keeps nobody from noting what was ordered.
 * @throws {Problem} 409 naming what is sold out
 */
export async function stillThere(
  db: Database,
  catalogs: Catalogs,
  studioId: string,
  jobId: string,
  itemIds: readonly string[],
  key: string | undefined,
): Promise<void> {
  if (catalogs.places.size === 0 || itemIds.length === 0) return
  const chosen = await db.asStudio(
    studioId,
    (tx) =>
      tx
        .select({
          item: t.item.name,
          option: t.option.name,
          key: t.option.catalogKey,
          catalog: t.supplier.catalog,
        })
        .from(t.item)
        .innerJoin(t.option, isChosenOption)
        .innerJoin(
          t.supplier,
          and(eq(t.supplier.studioId, t.option.studioId), eq(t.supplier.id, t.option.supplierId)),
        )
        .where(and(eq(t.item.studioId, studioId), eq(t.item.jobId, jobId), inArray(t.item.id, [...itemIds]))),
    'read',
  )
  // The same act sent again gets the answer it got, whatever became of the goods since.
  if (key && (await db.asStudio(studioId, (tx) => wasDone(tx, studioId, key), 'read'))) return
  const gone = await Promise.all(
    chosen
      .filter((c) => c.key !== '' && catalogs.places.has(c.catalog))
      .map(async (c) => {
        try {
          return (await catalogs.product(c.catalog, c.key)).stock === 'sold out' ? c : undefined
        } catch (error) {
          if (error instanceof NoAnswer) return undefined
          throw error
        }
      }),
  )
  const names = gone.flatMap((c) => (c ? [`${c.item}: ${c.option}`] : []))
  if (names.length > 0) {
    const text = `${names.join('; ')} sold out since it was chosen. Choose another option in Source; nothing was ordered.`
    throw new Problem(409, 'Sold out meanwhile', text, { errors: [{ field: 'itemIds', text }] })
  }
}
