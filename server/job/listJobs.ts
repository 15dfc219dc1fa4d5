import { and, asc, eq, sql } from 'drizzle-orm'
import { jobPosition, type LeveledItem, type MoneyFrame } from '@bonitas/core/job/jobPosition'
import { lineState, type LineEntry } from '@bonitas/core/ledger/lineState'
import type { Studio } from '@bonitas/core/job/snapshot'
import type { JobLine } from '@bonitas/core/job/jobLine'
import { landedPrice } from '@bonitas/core/source/landedPrice'
import type { Tx } from '../database/database.js'
import * as t from '../database/schema.js'

/** The jobs of a studio with where their money stands: four queries, and the same arithmetic as on the tape. */
export async function listJobs(tx: Tx, studio: Studio): Promise<JobLine[]> {
  const jobs = await tx
    .select({ job: t.job, clientName: t.client.name })
    .from(t.job)
    .innerJoin(t.client, and(eq(t.client.studioId, t.job.studioId), eq(t.client.id, t.job.clientId)))
    .where(eq(t.job.studioId, studio.id))
    .orderBy(sql`${t.job.installOn} nulls last`, asc(t.job.roomName))
  const items = await tx
    .select({ item: t.item, option: t.option })
    .from(t.item)
    .leftJoin(
      t.option,
      and(
        eq(t.option.studioId, t.item.studioId),
        eq(t.option.jobId, t.item.jobId),
        eq(t.option.id, t.item.chosenOptionId),
      ),
    )
    .where(eq(t.item.studioId, studio.id))
  // Summed by kind in the database, so that a long ledger sends one row per line and kind.
  const sums = await tx
    .select({
      jobId: t.orderLine.jobId,
      itemId: t.orderLine.itemId,
      lineId: t.orderLine.id,
      kind: t.ledgerEntry.kind,
      amountMinor: sql<string>`sum(${t.ledgerEntry.amountMinor})`,
      quantity: sql<string>`sum(${t.ledgerEntry.quantity})`,
    })
    .from(t.ledgerEntry)
    .innerJoin(
      t.orderLine,
      and(
        eq(t.orderLine.studioId, t.ledgerEntry.studioId),
        eq(t.orderLine.jobId, t.ledgerEntry.jobId),
        eq(t.orderLine.id, t.ledgerEntry.lineId),
      ),
    )
    .where(eq(t.ledgerEntry.studioId, studio.id))
    .groupBy(t.orderLine.jobId, t.orderLine.itemId, t.orderLine.id, t.ledgerEntry.kind)
  const changes = await tx
    .select({ jobId: t.changeOrder.jobId, amountMinor: sql<string>`sum(${t.changeOrder.amountMinor})` })
    .from(t.changeOrder)
    .where(eq(t.changeOrder.studioId, studio.id))
    .groupBy(t.changeOrder.jobId)
  const changed = new Map(changes.map((c) => [c.jobId, Number(c.amountMinor)]))
  const entriesOf = new Map<string, Map<string, Map<string, LineEntry[]>>>()
  for (const s of sums) {
    const items = getOrMake(entriesOf, s.jobId, () => new Map<string, Map<string, LineEntry[]>>())
    const lines = getOrMake(items, s.itemId, () => new Map<string, LineEntry[]>())
    getOrMake(lines, s.lineId, () => []).push({
      kind: s.kind as LineEntry['kind'],
      amountMinor: Number(s.amountMinor),
      quantity: Number(s.quantity),
    })
  }
  return jobs.map(({ job, clientName }) => {
    const money = jobPosition(
      job as MoneyFrame,
      changed.get(job.id) ?? 0,
      items
        .filter((x) => x.item.jobId === job.id)
        .map(({ item, option }): LeveledItem => {
          const lines = [...(entriesOf.get(job.id)?.get(item.id)?.values() ?? [])].map(lineState)
          return {
            id: item.id,
            name: item.name,
            category: item.category,
            level: item.level as LeveledItem['level'],
            targetMinor: item.targetMinor,
            chosenMinor:
              option && !lines.some((line) => line.liveQuantity > 0)
                ? landedPrice(option, item.quantity, job.taxPpm, job.pricesIncludeTax).landedMinor
                : undefined,
            lines,
          }
        }),
    )
    return {
      id: job.id,
      roomName: job.roomName,
      place: job.place,
      clientName,
      installOn: job.installOn,
      agreedMinor: money.agreedMinor,
      reserveMinor: money.reserveMinor,
      paidMinor: money.paidMinor,
      orderedMinor: money.orderedMinor,
      chosenMinor: money.chosenMinor,
      freeMinor: money.freeMinor,
    }
  })
}

function getOrMake<K, V>(map: Map<K, V>, key: K, make: () => V): V {
  let value = map.get(key)
  if (value === undefined) {
    value = make()
    map.set(key, value)
  }
  return value
}
