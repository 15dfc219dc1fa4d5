import { createServer, type ServerResponse } from 'node:http'
import type { AddressInfo } from 'node:net'

/** A device that is not there: its readings go out as server-sent events, its trigger is worked over HTTP. */
export interface Device {
  readonly name: string
  /** What its page says under the title, and the fields of the page's form, as HTML. */
  readonly about: string
  readonly fields: string
  /** Buttons of the page: the act and its words. */
  readonly buttons: readonly (readonly [act: string, words: string])[]
  /** Says what is wrong with a wish, or nothing. */
  readonly refuse: (wish: URLSearchParams) => string | undefined
  readonly acts: Readonly<Record<string, (wish: URLSearchParams) => void>>
}

export type Send = (event: string, data: string) => void

/**
 * Serves a device on loopback. PORT (0: any) sets where; a parent process is told the address.
 *
 * @param make gets the means to send an event to whoever listens, and to hang up on all
 */
export function serveDevice(make: (send: Send, hangUp: () => void) => Device): void {
  const listeners = new Set<ServerResponse>()
  const device = make(
    (event, data) => {
      for (const to of listeners) to.write(`event: ${event}\ndata: ${data}\n\n`)
    },
    () => {
      for (const to of listeners) to.end()
      listeners.clear()
    },
  )
  const page = `<!doctype html><html lang="en"><meta charset="utf-8"><title>${device.name}, stand-in</title>
<style>body{font:16px/1.5 sans-serif;margin:2rem;max-width:30rem;color:#1a1a1a;background:#ebebeb}button,input,select{font:inherit;padding:.3rem .8rem;margin:.2rem .3rem .2rem 0}</style>
<h1>${device.name}, stand-in</h1><p>${device.about}</p>
<form>${device.fields}<br>${device.buttons.map(([act, words]) => `<button value="${act}">${words}</button>`).join('\n')}</form><p id="said" role="status"></p>
<script src="/page.js"></script></html>`
  const script = `document.querySelector('form').addEventListener('submit', async (event) => {
  event.preventDefault()
  const act = event.submitter.value
  const wish = new URLSearchParams(new FormData(event.target))
  const answer = await fetch('/' + act + '?' + wish, { method: 'POST' })
  document.querySelector('#said').textContent = answer.ok ? event.submitter.textContent + ': done' : await answer.text()
})`
  const server = createServer((req, res) => {
    const url = new URL(req.url ?? '/', 'http://localhost')
    const path = url.pathname.slice(1)
    if (req.method === 'GET' && path === 'readings') {
      // Any page may listen: a real device does not ask who looks at its display either.
      res.writeHead(200, {
        'Content-Type': 'text/event-stream',
        'Cache-Control': 'no-store',
        'Access-Control-Allow-Origin': '*',
      })
      res.write(': ready\n\n')
      listeners.add(res)
      req.on('close', () => listeners.delete(res))
      return
    }
    if (req.method === 'GET' && path === '')
      return void res.writeHead(200, { 'Content-Type': 'text/html; charset=utf-8' }).end(page)
    if (req.method === 'GET' && path === 'page.js')
      return void res.writeHead(200, { 'Content-Type': 'text/javascript; charset=utf-8' }).end(script)
    const act = Object.hasOwn(device.acts, path) ? device.acts[path] : undefined
    if (req.method !== 'POST' || !act) return void res.writeHead(404).end('There is no such trigger.')
    const wrong = device.refuse(url.searchParams)
    if (wrong) return void res.writeHead(400).end(wrong)
    act(url.searchParams)
    res.writeHead(204).end()
  })
  server.listen(Number(process.env.PORT ?? 0), '127.0.0.1', () => {
    const { port } = server.address() as AddressInfo
    process.send?.({ listening: `http://127.0.0.1:${port}` })
    if (!process.send) process.stdout.write(`${device.name} (stand-in) at http://127.0.0.1:${port}\n`)
  })
  process.on('disconnect', () => process.exit(0))
  process.on('SIGTERM', () => process.exit(0))
}
