import { existsSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import type { RequestHandler } from 'express'

const TYPES: Readonly<Record<string, string>> = {
  js: 'text/javascript; charset=utf-8',
  css: 'text/css; charset=utf-8',
}

/** Sends the gzip copy that the build laid beside a script or style; everything else passes on. */
export function precompressed(folder: string): RequestHandler {
  const copies = new Set(existsSync(folder) ? readdirSync(folder).filter((name) => name.endsWith('.gz')) : [])
  return (req, res, next) => {
    const name = req.path.slice(1)
    const type = TYPES[name.split('.').at(-1) ?? '']
    if (!type || !copies.has(`${name}.gz`) || !req.acceptsEncodings('gzip')) return next()
    res.set({ 'Content-Encoding': 'gzip', 'Content-Type': type, Vary: 'Accept-Encoding' })
    res.sendFile(`${name}.gz`, { root: join(folder), immutable: true, maxAge: '1y' })
  }
}
