import { createHash } from 'node:crypto'
import { and, eq } from 'drizzle-orm'
import type { Tx } from '../database/database.js'
import { idempotency } from '../database/schema.js'
import { Problem } from '../http/problem.js'

export interface Once<T> {
  readonly answer: T
  /** True when the answer is the one given the first time and nothing was done now. */
  readonly replayed: boolean
}

/**
 * Does a piece of work once per key. The key is taken in the same transaction as the work, so a second request
 * waits for the first and then gets its answer; when the first fails, the key is free again.
 *
 * @throws {Problem} 400 without a usable key, 422 when the key was used for something else
 */
export async function once<T>(
  tx: Tx,
  studioId: string,
  key: string | undefined,
  request: unknown,
  work: () => Promise<T>,
): Promise<Once<T>> {
  if (!key || !/^[\x21-\x7e]{8,200}$/.test(key))
    throw new Problem(
      400,
      'Key missing',
      'Money moves only with an Idempotency-Key header of 8 to 200 visible characters, new for each act.',
    )
  const requestHash = createHash('sha256').update(JSON.stringify(request)).digest('hex')
  const taken = await tx
    .insert(idempotency)
    .values({ studioId, key, requestHash, answer: null })
    .onConflictDoNothing()
    .returning({ key: idempotency.key })
  const row = and(eq(idempotency.studioId, studioId), eq(idempotency.key, key))
  if (taken.length > 0) {
    const answer = await work()
    await tx.update(idempotency).set({ answer }).where(row)
    return { answer, replayed: false }
  }
  const [before] = await tx.select().from(idempotency).where(row)
  if (!before || before.requestHash !== requestHash)
    throw new Problem(
      422,
      'Key used already',
      'This Idempotency-Key was used for a different request. Take a new one for each act.',
    )
  return { answer: before.answer as T, replayed: true }
}
