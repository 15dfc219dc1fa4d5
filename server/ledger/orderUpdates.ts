import { sql } from 'drizzle-orm'
import { conflict } from '../http/problem.js'
import type { Act } from './lines.js'
import type { Tx } from '../database/database.js'

/** What a supplier says of an order is entered once, whoever enters it and from which page. @throws {Problem} 409 */
export async function notEnteredYet(
  tx: Tx,
  act: Act,
  orderId: string,
  updateId: string | undefined,
): Promise<void> {
  if (!updateId) return
  const found = await tx.execute(sql`
    select 1 from order_event
      where studio_id = ${act.studioId} and job_id = ${act.jobId} and order_id = ${orderId} and update_id = ${updateId}
    union all
    select 1 from ledger_entry e join order_line l
        on l.studio_id = e.studio_id and l.job_id = e.job_id and l.id = e.line_id and l.order_id = ${orderId}
      where e.studio_id = ${act.studioId} and e.job_id = ${act.jobId} and e.update_id = ${updateId}
        and e.reverses is null and not exists (
          select 1 from ledger_entry r
          where r.studio_id = e.studio_id and r.job_id = e.job_id and r.reverses = e.event_id)`)
  if (found.rows.length > 0)
    throw conflict('This update of the supplier is entered already. Nothing was added.')
}
