import { sql } from 'drizzle-orm'
import type { Database, Tx } from '../database/database.js'
import * as t from '../database/schema.js'

export interface LedgerProof {
  readonly provedAt: string
  readonly entries: number
  /** What does not add up, in words; empty when all of it does. */
  readonly faults: readonly string[]
}

const DAY_MS = 86_400_000

/** Proves the ledger of the studio of this transaction in SQL and writes down when, and what it found. */
export async function proveLedger(tx: Tx, studioId: string): Promise<LedgerProof> {
  const { rows } = await tx.execute<{ fault: string }>(
    sql`select fault from bonitas_ledger_faults() limit 100`,
  )
  const [count] = await tx.select({ n: sql<string>`count(*)` }).from(t.ledgerEntry)
  const found = {
    provedAt: new Date(),
    entries: Number(count?.n ?? 0),
    faults: rows.map((r) => r.fault),
  }
  await tx
    .insert(t.ledgerProof)
    .values({ studioId, ...found })
    .onConflictDoUpdate({ target: t.ledgerProof.studioId, set: found })
  return { ...found, provedAt: found.provedAt.toISOString() }
}

/**
 * Proves every studio's ledger that was not proved for a day. Any number of processes may ask: each studio is taken by
 * one of them.
 *
 * @returns how many were proved; faults are said on the console, without a figure or a name
 */
export async function proveAll(db: Database): Promise<number> {
  const studios = await db.asSystem((tx) => tx.select({ id: t.studio.id }).from(t.studio))
  let proved = 0
  for (const { id } of studios)
    await db.asStudio(id, async (tx) => {
      const { rows } = await tx.execute<{ mine: boolean }>(
        sql`select pg_try_advisory_xact_lock(hashtextextended(${id}, 11)) as mine`,
      )
      if (!rows[0]?.mine) return
      const [last] = await tx.select().from(t.ledgerProof)
      if (last && Date.now() - last.provedAt.getTime() < DAY_MS) return
      const { faults } = await proveLedger(tx, id)
      proved++
      if (faults.length > 0) console.error(`ledger of studio ${id}: ${faults.length} faults in its proof`)
    })
  return proved
}
