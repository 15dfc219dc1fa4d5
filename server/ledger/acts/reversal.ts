import { reverseSchema } from '@bonitas/core/stages/ledger/acts'
import { defineAct } from '../act.js'
import { and, eq, isNull, sql } from 'drizzle-orm'
import { lineBreach, lineState, type LineState } from '@bonitas/core/stages/ledger/lineState'
import type { EntryKind } from '@bonitas/core/model/vocabulary/ledger'
import type { Tx } from '../../database/database.js'
import * as t from '../../database/schema.js'
import { conflict, notFound } from '../../http/problem.js'
import { linesWith, ofJob, write, type Act, type Line } from '../lines.js'
import { emptyCredit } from '../vouchers.js'

/**
 * Takes back one event: the same entries with the sign turned. An item that it reopens or closes follows.
 * @throws {Problem} 404, 409 when later entries rest on it
 */
export const reversal = defineAct({
  name: 'reversal',
  path: 'reversals',
  input: reverseSchema,
  async work(tx, act, wish) {
    const own = ofJob(t.ledgerEntry, act)
    const entries = await tx
      .select()
      .from(t.ledgerEntry)
      .where(and(own, eq(t.ledgerEntry.eventId, wish.eventId)))
    if (entries.length === 0) throw notFound('This entry')
    if (entries.some((e) => e.reverses))
      throw conflict('This entry already takes another back. Enter the original again instead.')
    const again = await tx
      .select({ seq: t.ledgerEntry.seq })
      .from(t.ledgerEntry)
      .where(and(own, eq(t.ledgerEntry.reverses, wish.eventId)))
    if (again.length > 0) throw conflict('This entry is taken back already.')
    const lines = await linesWith(tx, act, { lineIds: entries.flatMap((e) => e.lineId ?? []) })
    for (const { line, entries: had } of lines) {
      const turned = entries
        .filter((e) => e.lineId === line.id)
        .map((e) => ({ kind: e.kind, amountMinor: -e.amountMinor, quantity: -e.quantity }))
      const breach = lineBreach(lineState([...had, ...turned]))
      if (breach) throw conflict(`${line.itemName}: ${breach}. Take back the later entries first.`)
    }
    for (const e of entries) if (e.kind === 'refund' && e.voucherId) await emptyCredit(tx, act, e.voucherId)
    const kind = entries[0]?.kind as EntryKind
    const reopens = kind === 'return' || kind === 'cancel'
    if (reopens) await refuseSecondLive(tx, act, lines)
    const eventId = await write(
      tx,
      act,
      wish.reversedOn,
      wish.note,
      entries.map((e) => ({
        kind: e.kind,
        lineId: e.lineId,
        amountMinor: -e.amountMinor,
        taxMinor: -e.taxMinor,
        quantity: -e.quantity,
        means: e.means,
        voucherId: e.voucherId,
        estimated: e.estimated,
        reverses: wish.eventId,
      })),
    )
    if (reopens)
      for (const { line } of lines)
        await tx
          .update(t.item)
          .set({ chosenOptionId: line.optionId, version: sql`${t.item.version} + 1` })
          .where(
            and(
              ofJob(t.item, act),
              eq(t.item.id, line.itemId),
              isNull(t.item.chosenOptionId),
              // The option may have been removed since.
              sql`exists (select 1 from ${t.option} where ${t.option.studioId} = ${act.studioId} and ${t.option.jobId} = ${act.jobId} and ${t.option.id} = ${line.optionId})`,
            ),
          )
    return { eventId }
  },
})

/** A return taken back must not put two live orders on one item. */
async function refuseSecondLive(
  tx: Tx,
  act: Act,
  lines: readonly { line: Line; state: LineState }[],
): Promise<void> {
  const others = await linesWith(tx, act, { itemIds: lines.map((l) => l.line.itemId) })
  for (const { line } of lines)
    if (
      others.some((o) => o.line.itemId === line.itemId && o.line.id !== line.id && o.state.liveQuantity > 0)
    )
      throw conflict(`${line.itemName} has been ordered again since. Cancel that order first.`)
}
