import { sql } from 'drizzle-orm'
import type { Lateness } from '@bonitas/core/job/install/arrivalsOf'
import type { Tx } from '../database/database.js'

/**
 * By how many days orders of a studio's suppliers came late in its other jobs: each that has come whole, against the day first
 * said. Summed in the database, so that a studio of many jobs sends one row per order.
 */
export async function latenessElsewhere(tx: Tx, studioId: string, jobId: string): Promise<Lateness[]> {
  const { rows } = await tx.execute<{ supplierId: string; days: number }>(sql`
    with reversed as (
      select job_id, reverses from ledger_entry
      where studio_id = ${studioId} and reverses is not null
    ), line as (
      select l.job_id, l.order_id,
        coalesce(sum(e.quantity) filter (where e.kind = 'order'), 0)
          - coalesce(sum(e.quantity) filter (where e.kind = 'cancel'), 0) as kept,
        coalesce(sum(e.quantity) filter (where e.kind = 'delivery'), 0) as delivered,
        coalesce(sum(e.quantity) filter (where e.kind = 'return'), 0) as returned,
        max(e."on") filter (where e.kind = 'delivery' and e.reverses is null
          and not exists (select from reversed r where r.job_id = e.job_id and r.reverses = e.event_id)) as came
      from order_line l
      join ledger_entry e on e.studio_id = l.studio_id and e.job_id = l.job_id and e.line_id = l.id
      where l.studio_id = ${studioId} and l.job_id <> ${jobId}
      group by l.job_id, l.order_id, l.id
    )
    select o.supplier_id as "supplierId", greatest(0, max(line.came) - o.expected_on)::int as days
    from purchase_order o
    join line on line.job_id = o.job_id and line.order_id = o.id and line.kept > line.returned
    where o.studio_id = ${studioId} and o.supplier_id is not null and o.expected_on is not null
    group by o.job_id, o.id, o.supplier_id, o.expected_on
    having bool_and(line.delivered >= line.kept) and max(line.came) is not null
    order by o.job_id, o.id`)
  return [...rows]
}
