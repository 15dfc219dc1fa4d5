import { changeOrderSchema } from '@bonitas/core/stages/brief/changeOrder'
import { defineAct } from '../act.js'
import { randomUUID } from 'node:crypto'
import { and, eq, sql } from 'drizzle-orm'
import type { NewChangeOrder } from '@bonitas/core/stages/brief/changeOrder'
import type { Tx } from '../../database/database.js'
import * as t from '../../database/schema.js'
import { conflict, notFound } from '../../http/problem.js'
import { budgetIsBound } from '../../changes/refuse.js'
import { ofJob, type Act } from '../lines.js'

/**
 * Enters a change of the agreed budget. It is never changed or removed; a wrong one is fixed by another.
 * @throws {Problem} 409 while the budget is not agreed, or when it would fall below nothing
 */
export const changeOrder = defineAct({
  name: 'change order',
  path: 'change-orders',
  input: changeOrderSchema,
  async work(tx, act, wish) {
    const [job] = await tx
      .select({ agreedMinor: t.job.agreedMinor, agreedOn: t.job.agreedOn })
      .from(t.job)
      .where(and(eq(t.job.studioId, act.studioId), eq(t.job.id, act.jobId)))
    if (!job) throw notFound('This job')
    if (job.agreedOn === null && !(await budgetIsBound(tx, act.studioId, act.jobId))) {
      const text =
        'Amount: the budget is not agreed yet. Change it in the brief, and enter the day it was agreed.'
      throw conflict(text, [{ field: 'amountMinor', text }])
    }
    const [sum] = await tx
      .select({ all: sql<string>`coalesce(sum(${t.changeOrder.amountMinor}), 0)` })
      .from(t.changeOrder)
      .where(ofJob(t.changeOrder, act))
    if (job.agreedMinor + Number(sum?.all ?? 0) + wish.amountMinor < 0) {
      const text = 'Amount would take the agreed budget below nothing. Take off less.'
      throw conflict(text, [{ field: 'amountMinor', text }])
    }
    if (wish.proposalId) await settle(tx, act, wish.proposalId, wish)
    const eventId = randomUUID()
    await tx.insert(t.changeOrder).values({
      studioId: act.studioId,
      jobId: act.jobId,
      id: eventId,
      memberId: act.memberId,
      amountMinor: wish.amountMinor,
      agreedOn: wish.agreedOn,
      agreedBy: wish.agreedBy,
      why: wish.why,
    })
    return { eventId }
  },
})

/** A proposal is agreed to once, at the amount it names, with its change order and never without. */
async function settle(tx: Tx, act: Act, proposalId: string, wish: NewChangeOrder): Promise<void> {
  const own = and(ofJob(t.proposal, act), eq(t.proposal.id, proposalId))
  const [proposal] = await tx.select().from(t.proposal).where(own).for('update')
  if (!proposal) throw notFound('This proposal')
  if (proposal.state !== 'proposed') throw conflict(`This proposal is ${proposal.state} already.`)
  if (proposal.amountMinor !== wish.amountMinor) {
    const text = 'Amount differs from what was proposed. Change the proposal first.'
    throw conflict(text, [{ field: 'amountMinor', text }])
  }
  await tx
    .update(t.proposal)
    .set({ state: 'agreed', answeredOn: wish.agreedOn, version: sql`${t.proposal.version} + 1` })
    .where(own)
}
