import type { ErrorRequestHandler, Response } from 'express'
import { ValidationError } from 'yup'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { loggable } from './loggable.js'

export interface FieldFault {
  readonly field: string
  readonly text: string
  /** The row it is about, where several are sent at once. */
  readonly row?: { readonly collection: string; readonly id: string }
}

/** An answer that says what went wrong and how to fix it (RFC 9457). */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly detail: string,
    readonly more: { errors?: readonly FieldFault[]; current?: unknown; retryAfter?: number } = {},
  ) {
    super(`${title}: ${detail}`)
  }
}

export const notFound = (what = 'This') =>
  new Problem(404, 'Not found', `${what} does not exist here, or is not yours to see.`)
export const conflict = (detail: string, errors: readonly FieldFault[] = []) =>
  new Problem(409, 'Cannot be done', detail, errors.length > 0 ? { errors } : {})

interface DatabaseError {
  readonly code: string
  readonly constraint?: string
  readonly table?: string
}

function databaseError(error: unknown): DatabaseError | undefined {
  // Drizzle wraps what the driver throws and keeps it as the cause.
  for (let e = error; e instanceof Error; e = e.cause)
    if ('code' in e && typeof e.code === 'string' && /^[0-9A-Z]{5}$/.test(e.code))
      return e as unknown as DatabaseError
  return undefined
}

// Class 08 is a connection that failed; 57P01 to 57P05 a server that is going, gone or not up yet; 53300 one with no
// connection left (PostgreSQL, appendix A). The others are of the network, as Node names them.
const AWAY = /^(08...|57P0[1-5]|53300|ECONNREFUSED|ECONNRESET|EPIPE|ETIMEDOUT|ENOTFOUND|EHOSTUNREACH)$/
const AWAY_WORDS =
  /Connection terminated|timeout exceeded when trying to connect|not currently accepting connections|Client has encountered a connection error/

/** Whether PostgreSQL cannot be reached, whichever layer says so. */
export function databaseIsAway(error: unknown): boolean {
  for (let e = error; e instanceof Error; e = e.cause) {
    if ('code' in e && typeof e.code === 'string' && AWAY.test(e.code)) return true
    if (AWAY_WORDS.test(e.message)) return true
    if (e instanceof AggregateError && e.errors.some((inner) => databaseIsAway(inner))) return true
  }
  return false
}

/** What may be there once, by the name of its constraint. */
const ONCE: Readonly<Record<string, string>> = {
  finish_assignment_one_per_surface: 'This surface has a finish already. Change that one.',
  scheme_override_one_per_piece: 'This piece has a finish in this scheme already. Change that one.',
  budget_share_one_per_category: 'This category has its share already. Change that one.',
  house_rule_one_per_need: 'This rule is set already. Change that one.',
}

/** Turns anything thrown in a route into a problem. Only what nobody foresaw is a 500, and it tells nothing of the inside. */
export function toProblem(error: unknown): Problem {
  if (error instanceof Problem) return error
  if (error instanceof ValidationError) {
    const inner = error.inner.length > 0 ? error.inner : [error]
    const errors = inner.map((e) => ({ field: e.path ?? '', text: e.message }))
    return new Problem(400, 'Some fields need fixing', errors.map((e) => e.text).join(' '), { errors })
  }
  if (error instanceof InputError)
    return new Problem(400, 'Some fields need fixing', error.message, {
      errors: [{ field: error.where, text: error.message }],
    })
  const body = (error ?? {}) as { type?: string; status?: number; limit?: number }
  if (body.type === 'entity.too.large')
    return new Problem(
      413,
      'Too large',
      `What was sent is over ${Math.floor((body.limit ?? 1_048_576) / 1_048_576)} MB. Send less at once.`,
    )
  if (body.type?.startsWith('entity.') || body.type === 'encoding.unsupported')
    return new Problem(400, 'Not readable', 'The body is not JSON. Check its form.')
  if (error instanceof URIError || body.status === 400)
    return new Problem(400, 'Not readable', 'The address is not well formed.')
  if (body.status === 404) return notFound('This file')
  if (databaseIsAway(error))
    return new Problem(
      503,
      'Database away',
      'The database does not answer. Nothing was changed; try again soon.',
      {
        retryAfter: 2,
      },
    )
  const db = databaseError(error)
  if (db?.code === '23503')
    return conflict(
      'Something this row names does not exist in this job, or something else in the job still uses it. Change that first.',
    )
  if (db?.code === '23505' || db?.code === '23P01')
    return conflict(ONCE[db.constraint ?? ''] ?? 'This exists already.')
  if (db?.code === '40P01' || db?.code === '40001')
    return new Problem(503, 'Busy', 'Two changes met. Nothing was written; try again.', { retryAfter: 1 })
  if (db?.code === '53100')
    return new Problem(507, 'No room left', 'The disk of the database is full. Nothing was changed.')
  return new Problem(500, 'Something failed', 'Nothing was changed. The failure is in the log of the server.')
}

export function sendProblem(res: Response, problem: Problem): void {
  if (problem.more.retryAfter) res.set('Retry-After', String(problem.more.retryAfter))
  res
    .status(problem.status)
    .type('application/problem+json')
    .send(
      JSON.stringify({
        type: 'about:blank',
        title: problem.title,
        status: problem.status,
        detail: problem.detail,
        ...(problem.more.errors ? { errors: problem.more.errors } : {}),
        ...(problem.more.current !== undefined ? { current: problem.more.current } : {}),
      }),
    )
}

export const problemHandler: ErrorRequestHandler = (error: unknown, req, res, next) => {
  if (res.headersSent) {
    next(error)
    return
  }
  const problem = toProblem(error)
  // The path has ids but never what was typed; bodies and cookies stay out of the log.
  if (problem.status >= 500) console.error(`${req.method} ${req.path}: ${loggable(error)}`)
  sendProblem(res, problem)
}
