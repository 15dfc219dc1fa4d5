import { json, Router, type Request, type RequestHandler, type Response } from 'express'
import { string } from 'yup'
import { rowSchema, textField } from '@bonitas/core/model/checks'
import type { Database } from '../database/database.js'
import { onLoopback } from '../http/guards.js'
import { notFound, Problem } from '../http/problem.js'
import {
  addMember,
  closeSession,
  demoOwner,
  foundStudio,
  listMembers,
  openSession,
  signIn,
  visitorOf,
  type Visitor,
} from './sessions.js'
import { habitsSchema } from '@bonitas/core/model/studioHabits'

const COOKIE = 'bonitas_session'

declare module 'express-serve-static-core' {
  interface Request {
    visitor?: Visitor
  }
}

const password = string()
  .label('Password')
  .typeError('Password must be text.')
  .min(10, 'Password is shorter than 10 characters. Make it longer.')
  .max(200, 'Password is longer than 200 characters. Shorten it.')
  .required('Password is empty. Write it here.')
const email = textField('Sign-in name', 200).matches(
  /^\S+@\S+$/,
  'Sign-in name must look like name@place. Check it.',
)

const signInSchema = rowSchema(() => ({
  email: textField('Sign-in name', 200),
  password: string()
    .typeError('Password must be text.')
    .max(200, 'Password is longer than 200 characters. Shorten it.')
    .required('Password is empty. Write it here.'),
}))
const studioSchema = () =>
  habitsSchema().concat(rowSchema(() => ({ memberName: textField('Your name'), email, password }))())
const memberSchema = rowSchema(() => ({ name: textField('Name'), email, password }))

function cookieOf(header: string | undefined): string | undefined {
  return header
    ?.split(/;\s*/)
    .find((c) => c.startsWith(`${COOKIE}=`))
    ?.slice(COOKIE.length + 1)
}

function setCookie(res: Response, token: string, secure: boolean): void {
  res.cookie(COOKIE, token, { httpOnly: true, sameSite: 'lax', secure, path: '/', maxAge: 14 * 86_400_000 })
}

/** Lets members through and puts who they are on the request. */
export function signedIn(db: Database): RequestHandler {
  return async (req, _res, next) => {
    const token = cookieOf(req.headers.cookie)
    const visitor = token ? await visitorOf(db, token) : undefined
    if (!visitor)
      throw new Problem(401, 'Not signed in', 'Sign in first; what you typed is kept on the page.')
    req.visitor = visitor
    next()
  }
}

/** Whether the session a request came with is still open. */
export async function stillSignedIn(db: Database, req: Request): Promise<boolean> {
  const token = cookieOf(req.headers.cookie)
  return token !== undefined && (await visitorOf(db, token)) !== undefined
}

/** Routes of signing in and out, and of founding a studio. `secure` marks the cookie for HTTPS only. */
export function sessionRoutes(db: Database, secure: boolean): Router {
  const router = Router()
  const mayFound = onLoopback
  router.use(['/session', '/studios', '/members'], json({ limit: '32kb' }))

  router.get('/session', async (req, res) => {
    const token = cookieOf(req.headers.cookie)
    const visitor = token ? await visitorOf(db, token) : undefined
    const local = onLoopback(req)
    const demo = local && (await demoOwner(db)) !== undefined
    res.json({ visitor: visitor ?? null, demo, mayFound: local })
  })

  router.post('/session', async (req, res) => {
    const wish = await signInSchema().validate(req.body ?? {}, { abortEarly: false })
    setCookie(res, await signIn(db, wish.email, wish.password, req.socket.remoteAddress ?? ''), secure)
    res.status(204).end()
  })

  router.post('/session/demo', async (req, res) => {
    const owner = onLoopback(req) ? await demoOwner(db) : undefined
    if (!owner) throw notFound('The demo studio')
    setCookie(res, await openSession(db, owner.studioId, owner.memberId), secure)
    res.status(204).end()
  })

  router.delete('/session', async (req, res) => {
    const token = cookieOf(req.headers.cookie)
    if (token) await closeSession(db, token)
    res.clearCookie(COOKIE, { path: '/' }).status(204).end()
  })

  router.post('/studios', async (req, res) => {
    if (!mayFound(req)) throw notFound('This address')
    const wish = await studioSchema().validate(req.body ?? {}, { abortEarly: false })
    const { studioId, memberId } = await foundStudio(db, wish)
    setCookie(res, await openSession(db, studioId, memberId), secure)
    res.status(201).json({ studioId })
  })

  router.get('/members', signedIn(db), async (req, res) => {
    const { studio } = req.visitor as Visitor
    const members = await db.asStudio(studio.id, (tx) => listMembers(tx, studio.id), 'read')
    res.json(members)
  })

  router.post('/members', signedIn(db), async (req, res) => {
    const { member, studio } = req.visitor as Visitor
    if (member.role !== 'owner')
      throw new Problem(403, 'Refused', 'Only the owner of the studio adds members. Ask them.')
    const wish = await memberSchema().validate(req.body ?? {}, { abortEarly: false })
    const id = await db.asSystem((tx) => addMember(tx, studio.id, { ...wish, role: 'assistant' }))
    res.status(201).json({ id })
  })

  return router
}
