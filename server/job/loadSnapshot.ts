import { and, asc, eq } from 'drizzle-orm'
import type { PgColumn, PgTable } from 'drizzle-orm/pg-core'
import type { JobSnapshot, Studio } from '@bonitas/core/job/snapshot'
import type { Tx } from '../database/database.js'
import * as t from '../database/schema.js'
import { bare } from './tables.js'

type Part = PgTable & { studioId: PgColumn; jobId: PgColumn }

/**
 * Loads one job: sixteen queries whatever its size, in the caller's transaction, which must be repeatable read
 * for the parts to agree with each other.
 * @returns undefined when this studio has no such job
 */
export async function loadSnapshot(tx: Tx, studio: Studio, jobId: string): Promise<JobSnapshot | undefined> {
  const own = and(eq(t.job.studioId, studio.id), eq(t.job.id, jobId))
  const [head] = await tx
    .select({ brief: t.job, client: t.client })
    .from(t.job)
    .innerJoin(t.client, and(eq(t.client.studioId, t.job.studioId), eq(t.client.id, t.job.clientId)))
    .where(own)
  if (!head) return undefined
  const rows = async (table: Part, ...order: PgColumn[]) => {
    const found: object[] = await tx
      .select()
      .from(table)
      .where(and(eq(table.studioId, studio.id), eq(table.jobId, jobId)))
      .orderBy(...order.map((c) => asc(c)))
    return found.map(bare) as never
  }
  const room = (await rows(t.room)) as unknown as [JobSnapshot['room']]
  const members = await tx
    .select({ id: t.member.id, name: t.member.name })
    .from(t.member)
    .where(eq(t.member.studioId, studio.id))
  const nameOf = new Map(members.map((m) => [m.id, m.name]))
  const entries = await tx
    .select()
    .from(t.ledgerEntry)
    .where(and(eq(t.ledgerEntry.studioId, studio.id), eq(t.ledgerEntry.jobId, jobId)))
    .orderBy(asc(t.ledgerEntry.seq))
  const { id, name, currency, locale, system } = studio
  return {
    studio: { id, name, currency, locale, system },
    brief: bare(head.brief) as JobSnapshot['brief'],
    client: bare(head.client),
    room: room[0],
    uses: await rows(t.use, t.use.position),
    openings: await rows(t.opening, t.opening.wall, t.opening.startMm),
    finishes: await rows(t.finish, t.finish.name),
    placements: await rows(t.placement, t.placement.surface),
    pieces: await rows(t.piece, t.piece.name),
    items: await rows(t.item, t.item.position, t.item.id),
    options: await rows(t.option, t.option.name, t.option.id),
    suppliers: (
      await tx
        .select()
        .from(t.supplier)
        .where(eq(t.supplier.studioId, studio.id))
        .orderBy(asc(t.supplier.name))
    ).map(bare),
    acceptances: await rows(t.acceptance),
    orders: await rows(t.purchaseOrder, t.purchaseOrder.number),
    lines: await rows(t.orderLine, t.orderLine.itemName),
    entries: entries.map((e): JobSnapshot['entries'][number] => ({
      seq: e.seq,
      eventId: e.eventId,
      kind: e.kind as JobSnapshot['entries'][number]['kind'],
      lineId: e.lineId,
      amountMinor: e.amountMinor,
      quantity: e.quantity,
      on: e.on,
      means: e.means,
      note: e.note,
      reverses: e.reverses,
      memberName: nameOf.get(e.memberId) ?? '',
    })),
  }
}
