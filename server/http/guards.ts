import type { Request, RequestHandler } from 'express'
import { Problem } from './problem.js'

const READS = new Set(['GET', 'HEAD', 'OPTIONS'])

/** Writes must come from a page of this very site: the cookie alone proves nothing. */
export const sameOrigin: RequestHandler = (req, _res, next) => {
  if (READS.has(req.method)) return next()
  const origin = req.get('origin')
  const host = req.get('host')
  let from: string | undefined
  try {
    from = origin && new URL(origin).host
  } catch {
    from = undefined
  }
  if (!from || from !== host)
    throw new Problem(
      403,
      'Refused',
      'Changes are only taken from a page of this site. Reload the page and try again.',
    )
  next()
}

const LOOPBACK = new Set(['127.0.0.1', '::1', '::ffff:127.0.0.1'])

/** True when the request came over loopback and was addressed to it, so that no foreign name can be pointed here. */
export function onLoopback(req: Request): boolean {
  const host = (req.get('host') ?? '').replace(/:\d+$/, '')
  return LOOPBACK.has(req.socket.remoteAddress ?? '') && ['127.0.0.1', 'localhost', '[::1]'].includes(host)
}

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/

export const isUuid = (text: unknown): text is string => typeof text === 'string' && UUID.test(text)
