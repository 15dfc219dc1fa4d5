import { createHash, randomBytes, randomUUID } from 'node:crypto'
import { and, count, desc, eq, gt, inArray, lt, sql } from 'drizzle-orm'
import type { Studio } from '@bonitas/core/model/snapshot'
import type { Database, Tx } from '../database/database.js'
import { member, session, signInFailure, studio } from '../database/schema.js'
import { Problem } from '../http/problem.js'
import { hashPassword, passwordMatches } from './passwords.js'

export interface Visitor {
  readonly member: { readonly id: string; readonly name: string; readonly role: string }
  readonly studio: Studio & { readonly isDemo: boolean }
}

const LIFE_DAYS = 14
const WINDOW_MINUTES = 15
// Failures within the window after which sign-in waits: for one member from one address, and for one address.
const PER_MEMBER = 8
const PER_ADDRESS = 40

const tokenHash = (token: string) => createHash('sha256').update(token).digest('hex')

/**
 * Checks member and password. The answer, and the time it takes, is the same for an unknown member and a wrong
 * password.
 * @returns a fresh session token, for the cookie only
 * @throws {Problem} 401, or 429 after too many failures
 */
export async function signIn(
  db: Database,
  email: string,
  password: string,
  address: string,
): Promise<string> {
  const keys = [`member ${email.toLowerCase()} ${address}`, `address ${address}`]
  const failures = await db.asSystem((tx) =>
    tx
      .select({ key: signInFailure.key, n: count() })
      .from(signInFailure)
      .where(
        and(
          inArray(signInFailure.key, keys),
          gt(signInFailure.at, sql`now() - make_interval(mins => ${WINDOW_MINUTES})`),
        ),
      )
      .groupBy(signInFailure.key),
  )
  if (failures.some((f) => f.n >= (f.key.startsWith('member') ? PER_MEMBER : PER_ADDRESS)))
    throw new Problem(
      429,
      'Too many tries',
      `Sign-in waits up to ${WINDOW_MINUTES} minutes after repeated failures. Then try again.`,
      {
        retryAfter: WINDOW_MINUTES * 60,
      },
    )
  const found = await db.asSystem(async (tx) => {
    const rows = await tx.select().from(member).where(eq(member.email, email.toLowerCase()))
    return rows[0]
  })
  if (!(await passwordMatches(found?.passwordHash, password)) || !found) {
    await db.asSystem(async (tx) => {
      await tx.delete(signInFailure).where(lt(signInFailure.at, sql`now() - interval '1 day'`))
      await tx.insert(signInFailure).values(keys.map((key) => ({ key })))
    })
    throw new Problem(401, 'Not signed in', 'Member or password is not right. Check both and try again.')
  }
  return openSession(db, found.studioId, found.id)
}

export async function openSession(db: Database, studioId: string, memberId: string): Promise<string> {
  const token = randomBytes(32).toString('base64url')
  await db.asSystem(async (tx) => {
    await tx.delete(session).where(lt(session.expiresAt, sql`now()`))
    await tx.insert(session).values({
      tokenHash: tokenHash(token),
      studioId,
      memberId,
      expiresAt: new Date(Date.now() + LIFE_DAYS * 86_400_000),
    })
  })
  return token
}

/** Who a session token belongs to, in one statement; undefined when it is unknown or has ended. */
export async function visitorOf(db: Database, token: string): Promise<Visitor | undefined> {
  const { rows } = await db.pool.query<{
    member_id: string
    member_name: string
    member_role: string
    studio_id: string
    studio_name: string
    currency: string
    locale: string
    system: Studio['system']
    paper: Studio['paper']
    time_zone: string
    is_demo: boolean
  }>({ name: 'visitor', text: 'select * from bonitas_visitor($1)', values: [tokenHash(token)] })
  const row = rows[0]
  if (!row) return undefined
  const { currency, locale, system, paper } = row
  return {
    member: { id: row.member_id, name: row.member_name, role: row.member_role },
    studio: {
      id: row.studio_id,
      name: row.studio_name,
      currency,
      locale,
      system,
      paper,
      timeZone: row.time_zone,
      isDemo: row.is_demo,
    },
  }
}

export async function closeSession(db: Database, token: string): Promise<void> {
  await db.asSystem((tx) => tx.delete(session).where(eq(session.tokenHash, tokenHash(token))))
}

/** Owner of the demo studio, when one is loaded. */
export async function demoOwner(db: Database): Promise<{ studioId: string; memberId: string } | undefined> {
  const rows = await db.asSystem((tx) =>
    tx
      .select({ studioId: member.studioId, memberId: member.id })
      .from(member)
      .innerJoin(studio, eq(studio.id, member.studioId))
      .where(and(eq(studio.isDemo, true), eq(member.role, 'owner')))
      .limit(1),
  )
  return rows[0]
}

export interface NewStudio {
  readonly name: string
  readonly currency: string
  readonly locale: string
  readonly system: Studio['system']
  readonly paper: Studio['paper']
  readonly timeZone: string
  readonly memberName: string
  readonly email: string
  readonly password: string
}

/** Founds a studio with its owner. @throws {Problem} 409 when the sign-in name is taken */
export async function foundStudio(
  db: Database,
  wish: NewStudio,
  isDemo = false,
): Promise<{ studioId: string; memberId: string }> {
  const studioId = randomUUID()
  const memberId = await db.asSystem(async (tx) => {
    await tx.insert(studio).values({
      id: studioId,
      name: wish.name,
      currency: wish.currency,
      locale: wish.locale,
      system: wish.system,
      paper: wish.paper,
      timeZone: wish.timeZone,
      isDemo,
    })
    return addMember(tx, studioId, {
      name: wish.memberName,
      email: wish.email,
      password: wish.password,
      role: 'owner',
    })
  })
  return { studioId, memberId }
}

/** Adds a member to a studio. @throws {Problem} 409 when the sign-in name is taken */
export async function addMember(
  tx: Tx,
  studioId: string,
  wish: { name: string; email: string; password: string; role: 'owner' | 'assistant' },
): Promise<string> {
  const id = randomUUID()
  const made = await tx
    .insert(member)
    .values({
      studioId,
      id,
      name: wish.name,
      email: wish.email.toLowerCase(),
      role: wish.role,
      passwordHash: await hashPassword(wish.password),
    })
    .onConflictDoNothing()
    .returning({ id: member.id })
  if (made.length === 0)
    throw new Problem(409, 'Cannot be done', 'This sign-in name is taken. Choose another.', {
      errors: [{ field: 'email', text: 'This sign-in name is taken. Choose another.' }],
    })
  return id
}

export interface MemberLine {
  readonly id: string
  readonly name: string
  readonly email: string
  readonly role: string
}

/** The members of a studio, owner first. */
export function listMembers(tx: Tx, studioId: string): Promise<MemberLine[]> {
  return tx
    .select({ id: member.id, name: member.name, email: member.email, role: member.role })
    .from(member)
    .where(eq(member.studioId, studioId))
    .orderBy(desc(member.role), member.name)
}
