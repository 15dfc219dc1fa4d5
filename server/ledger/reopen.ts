import { and, eq, sql } from 'drizzle-orm'
import * as t from '../database/schema.js'
import { type Act, type Line, linesWith, ofJob } from './lines.js'
import type { Tx } from '../database/database.js'

/** An item none of whose goods are left is open again: what was chosen has gone back. */
export async function reopen(tx: Tx, act: Act, line: Line): Promise<void> {
  const lines = await linesWith(tx, act, { itemIds: [line.itemId] })
  if (lines.some((l) => l.state.liveQuantity > 0)) return
  await tx
    .update(t.item)
    .set({ chosenOptionId: null, version: sql`${t.item.version} + 1` })
    .where(and(ofJob(t.item, act), eq(t.item.id, line.itemId), eq(t.item.chosenOptionId, line.optionId)))
}
