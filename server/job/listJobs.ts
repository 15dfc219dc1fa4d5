import { and, asc, eq, sql } from 'drizzle-orm'
import { jobPosition, type LeveledItem } from '@bonitas/core/job/jobPosition'
import { lineState, type LineEntry } from '@bonitas/core/stages/ledger/lineState'
import type { Studio } from '@bonitas/core/model/snapshot'
import type { JobLine } from '@bonitas/core/job/jobLine'
import { basketsOf } from '@bonitas/core/stages/source/baskets'
import { allowanceFor, inOrders, lastingFound, priceOf } from '@bonitas/core/stages/source/chosenMoney'
import type { Option } from '@bonitas/core/model/rows/options'
import type { Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import { isChosenOption } from './chosenOption.js'
import { dayIn } from '@bonitas/core/kernel/units/days'

/** What was entered on every line of a studio's jobs, summed by kind. */
interface EntriesOfJob {
  /** By item, then by line. */
  readonly lines: Map<string, Map<string, LineEntry[]>>
  /** Store credit that came in and is not spent. */
  creditMinor: number
}

/** Summed by kind in the database, so that a long ledger sends one row per line and kind. */
async function entriesByJob(tx: Tx, studioId: string): Promise<Map<string, EntriesOfJob>> {
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
    .where(eq(t.ledgerEntry.studioId, studioId))
    .groupBy(t.orderLine.jobId, t.orderLine.itemId, t.orderLine.id, t.ledgerEntry.kind)
  const jobs = new Map<string, EntriesOfJob>()
  for (const s of sums) {
    const of = getOrMake(jobs, s.jobId, () => ({
      lines: new Map<string, Map<string, LineEntry[]>>(),
      creditMinor: 0,
    }))
    if (s.kind === 'refund') of.creditMinor += Number(s.creditMinor)
    if (s.kind === 'payment') of.creditMinor -= Number(s.creditMinor)
    const lines = getOrMake(of.lines, s.itemId, () => new Map<string, LineEntry[]>())
    getOrMake(lines, s.lineId, () => []).push({
      kind: s.kind,
      amountMinor: Number(s.amountMinor),
      quantity: Number(s.quantity),
    })
  }
  return jobs
}

/** What every job of a studio has chosen and may still choose, in as many queries as there are kinds of rows. */
async function choicesOf(tx: Tx, studioId: string) {
  const items = await tx
    .select({ item: t.item, option: t.option })
    .from(t.item)
    .leftJoin(t.option, isChosenOption)
    .where(eq(t.item.studioId, studioId))
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
    .where(eq(t.fabrication.studioId, studioId))
  const suppliers = await tx.select().from(t.supplier).where(eq(t.supplier.studioId, studioId))
  const discounts = await tx.select().from(t.discount).where(eq(t.discount.studioId, studioId))
  return { items, fabrications: fabrications.map((f) => f.making), suppliers, discounts }
}

/** Where the money of one job stands: the same arithmetic as on its tape. */
function positionOf(
  job: typeof t.job.$inferSelect,
  changedMinor: number,
  choices: Awaited<ReturnType<typeof choicesOf>>,
  entries: EntriesOfJob | undefined,
  frame: Parameters<typeof priceOf>[3],
  today: string,
) {
  const own = choices.items.filter((x) => x.item.jobId === job.id)
  const linesOf = (itemId: string) => [...(entries?.lines.get(itemId)?.values() ?? [])].map(lineState)
  const found = lastingFound(own.map((x) => x.item))
  const chosen = own.flatMap(({ item, option }) => {
    if (!option || linesOf(item.id).some((line) => line.liveQuantity > 0)) return []
    const made = choices.fabrications.filter((m) => m.jobId === job.id && m.optionId === option.id)
    const { price } = priceOf(option, item.quantity, made, frame)
    return [{ itemId: item.id, supplierId: option.supplierId, price }]
  })
  const discounts = choices.discounts.filter((o) => o.jobId === job.id)
  const landed = inOrders(basketsOf(chosen, choices.suppliers, discounts, frame, today))
  return jobPosition(
    job,
    changedMinor,
    own.map(({ item, option }): LeveledItem => ({
      id: item.id,
      name: item.name,
      category: item.category,
      level: item.level,
      targetMinor: item.targetMinor,
      chosenMinor: landed.get(item.id)?.landedMinor,
      allowanceMinor: allowanceFor(item, (option as Option | null) ?? undefined, found),
      lines: linesOf(item.id),
    })),
    Math.max(0, entries?.creditMinor ?? 0),
  )
}

/** The jobs of a studio with where their money stands, the next installed first: a fixed number of queries. */
export async function listJobs(tx: Tx, studio: Studio): Promise<JobLine[]> {
  const jobs = await tx
    .select({ job: t.job, clientName: t.client.name })
    .from(t.job)
    .innerJoin(t.client, and(eq(t.client.studioId, t.job.studioId), eq(t.client.id, t.job.clientId)))
    .where(eq(t.job.studioId, studio.id))
    .orderBy(sql`${t.job.installOn} nulls last`, asc(t.job.roomName))
  const choices = await choicesOf(tx, studio.id)
  const entries = await entriesByJob(tx, studio.id)
  const changes = await tx
    .select({ jobId: t.changeOrder.jobId, amountMinor: sql<string>`sum(${t.changeOrder.amountMinor})` })
    .from(t.changeOrder)
    .where(eq(t.changeOrder.studioId, studio.id))
    .groupBy(t.changeOrder.jobId)
  const changed = new Map(changes.map((c) => [c.jobId, Number(c.amountMinor)]))
  const today = dayIn(studio.timeZone, new Date())
  return jobs.map(({ job, clientName }) => {
    const frame = { taxPpm: job.taxPpm, pricesIncludeTax: job.pricesIncludeTax, currency: studio.currency }
    const { agreedMinor, reserveMinor, paidMinor, orderedMinor, chosenMinor, freeMinor } = positionOf(
      job,
      changed.get(job.id) ?? 0,
      choices,
      entries.get(job.id),
      frame,
      today,
    )
    const { id, roomName, place, installOn, closedOn } = job
    return {
      id,
      roomName,
      place,
      clientName,
      installOn,
      closedOn,
      agreedMinor,
      reserveMinor,
      paidMinor,
      orderedMinor,
      chosenMinor,
      freeMinor,
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
