import { and, asc, eq, sql } from 'drizzle-orm'
import { jobPosition, type LeveledItem } from '@bonitas/core/job/jobPosition'
import { lineState, type LineEntry } from '@bonitas/core/stages/ledger/lineState'
import type { Studio } from '@bonitas/core/model/snapshot'
import type { JobLine } from '@bonitas/core/job/jobLine'
import { basketsOf } from '@bonitas/core/stages/source/baskets'
import { heldFor, inOrders, lastingFound, priceOf } from '@bonitas/core/stages/source/chosenMoney'
import type { Fabrication } from '@bonitas/core/model/rows/fabrications'
import type { Option } from '@bonitas/core/model/rows/options'
import type { Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import { isChosenOption } from './chosenOption.js'

/** The jobs of a studio with where their money stands: a fixed number of queries, and the same arithmetic as on the tape. */
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
    .leftJoin(t.option, isChosenOption)
    .where(eq(t.item.studioId, studio.id))
  const fabrications = await tx
    .select({ making: t.fabrication })
    .from(t.fabrication)
    .innerJoin(
      t.item,
      and(
        eq(t.item.studioId, t.fabrication.studioId),
        eq(t.item.jobId, t.fabrication.jobId),
        eq(t.item.chosenOptionId, t.fabrication.optionId),
      ),
    )
    .where(eq(t.fabrication.studioId, studio.id))
  const suppliers = await tx.select().from(t.supplier).where(eq(t.supplier.studioId, studio.id))
  const discounts = await tx.select().from(t.discount).where(eq(t.discount.studioId, studio.id))
  const today = new Date().toISOString().slice(0, 10)
  // Summed by kind in the database, so that a long ledger sends one row per line and kind.
  const sums = await tx
    .select({
      jobId: t.orderLine.jobId,
      itemId: t.orderLine.itemId,
      lineId: t.orderLine.id,
      kind: t.ledgerEntry.kind,
      amountMinor: sql<string>`sum(${t.ledgerEntry.amountMinor})`,
      quantity: sql<string>`sum(${t.ledgerEntry.quantity})`,
      creditMinor: sql<string>`coalesce(sum(${t.ledgerEntry.amountMinor}) filter (where ${t.ledgerEntry.means} = 'store credit'), 0)`,
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
  const credits = new Map<string, number>()
  for (const s of sums) {
    if (s.kind === 'refund' || s.kind === 'payment')
      credits.set(
        s.jobId,
        (credits.get(s.jobId) ?? 0) + (s.kind === 'refund' ? 1 : -1) * Number(s.creditMinor),
      )
    const items = getOrMake(entriesOf, s.jobId, () => new Map<string, Map<string, LineEntry[]>>())
    const lines = getOrMake(items, s.itemId, () => new Map<string, LineEntry[]>())
    getOrMake(lines, s.lineId, () => []).push({
      kind: s.kind,
      amountMinor: Number(s.amountMinor),
      quantity: Number(s.quantity),
    })
  }
  return jobs.map(({ job, clientName }) => {
    const own = items.filter((x) => x.item.jobId === job.id)
    const linesOf = (itemId: string) =>
      [...(entriesOf.get(job.id)?.get(itemId)?.values() ?? [])].map(lineState)
    const found = lastingFound(own.map((x) => x.item))
    const frame = { taxPpm: job.taxPpm, pricesIncludeTax: job.pricesIncludeTax, currency: studio.currency }
    const chosen = own.flatMap(({ item, option }) => {
      if (!option || linesOf(item.id).some((line) => line.liveQuantity > 0)) return []
      const list = fabrications.filter((m) => m.making.jobId === job.id && m.making.optionId === option.id)
      const { price } = priceOf(
        option,
        item.quantity,
        list.map((m) => m.making as Fabrication),
        frame,
      )
      return [{ itemId: item.id, supplierId: option.supplierId, price }]
    })
    const landed = inOrders(
      basketsOf(
        chosen,
        suppliers,
        discounts.filter((o) => o.jobId === job.id),
        frame,
        today,
      ),
    )
    const money = jobPosition(
      job,
      changed.get(job.id) ?? 0,
      own.map(({ item, option }): LeveledItem => ({
        id: item.id,
        name: item.name,
        category: item.category,
        level: item.level,
        targetMinor: item.targetMinor,
        chosenMinor: landed.get(item.id)?.landedMinor,
        heldMinor: heldFor(item, (option as Option | null) ?? undefined, found),
        lines: linesOf(item.id),
      })),
      Math.max(0, credits.get(job.id) ?? 0),
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
