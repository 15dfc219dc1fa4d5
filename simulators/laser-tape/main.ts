import { createServer, type ServerResponse } from 'node:http'
import type { AddressInfo } from 'node:net'
import { laserReadings } from './noise.js'

// A laser tape that is not there. Its readings go out as server-sent events; its trigger, its aim and its faults are
// worked over HTTP, by the page it serves or by a test. PORT (0: any), LASER_SEED and LASER_SEND_EVERY_MS set it up.
const read = laserReadings(Number(process.env.LASER_SEED ?? 1))
const everyMs = Number(process.env.LASER_SEND_EVERY_MS ?? 250)
const listeners = new Set<ServerResponse>()
let aimMm = 3_000
let held: ReturnType<typeof setInterval> | undefined

const send = (event: string, data: string) => {
  for (const to of listeners) to.write(`event: ${event}\ndata: ${data}\n\n`)
}

function letGo(): void {
  if (!held) return
  clearInterval(held)
  held = undefined
  send('released', '')
}

const ACTS: Readonly<Record<string, (wish: URLSearchParams) => void>> = {
  aim: (wish) => (aimMm = Number(wish.get('mm') ?? aimMm)),
  press: (wish) => {
    aimMm = Number(wish.get('mm') ?? aimMm)
    send('reading', `${read(aimMm)} mm`)
  },
  hold: (wish) => {
    aimMm = Number(wish.get('mm') ?? aimMm)
    letGo()
    held = setInterval(() => send('held', `${read(aimMm)} mm`), everyMs)
  },
  release: letGo,
  nonsense: (wish) => send('reading', wish.get('said') ?? 'Er05'),
  away: () => {
    letGo()
    for (const to of listeners) to.end()
    listeners.clear()
  },
}

const PAGE = `<!doctype html><html lang="en"><meta charset="utf-8"><title>Laser tape, stand-in</title>
<style>body{font:16px/1.5 sans-serif;margin:2rem;max-width:30rem;color:#1a1a1a;background:#ebebeb}button,input{font:inherit;padding:.3rem .8rem;margin:.2rem .3rem .2rem 0}</style>
<h1>Laser tape, stand-in</h1><p>Aim at a length, then press. It reads with 1.5 mm of noise.</p>
<form><label>Length, mm <input name="mm" value="3000" inputmode="numeric"></label><br>
<button value="press">Press</button><button value="hold">Hold</button><button value="release">Let go</button>
<button value="nonsense">Send an error</button><button value="away">Go away</button></form><p id="said" role="status"></p>
<script src="/page.js"></script></html>`
const SCRIPT = `document.querySelector('form').addEventListener('submit', async (event) => {
  event.preventDefault()
  const act = event.submitter.value
  const answer = await fetch('/' + act + '?mm=' + encodeURIComponent(new FormData(event.target).get('mm')), { method: 'POST' })
  document.querySelector('#said').textContent = answer.ok ? event.submitter.textContent + ': done' : await answer.text()
})`

const server = createServer((req, res) => {
  const url = new URL(req.url ?? '/', 'http://localhost')
  if (req.method === 'GET' && url.pathname === '/readings') {
    // Any page may listen: a real tape does not ask who looks at its display either.
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
  if (req.method === 'GET' && url.pathname === '/') {
    res.writeHead(200, { 'Content-Type': 'text/html; charset=utf-8' }).end(PAGE)
    return
  }
  if (req.method === 'GET' && url.pathname === '/page.js') {
    res.writeHead(200, { 'Content-Type': 'text/javascript; charset=utf-8' }).end(SCRIPT)
    return
  }
  const act = Object.hasOwn(ACTS, url.pathname.slice(1)) ? ACTS[url.pathname.slice(1)] : undefined
  if (req.method !== 'POST' || !act) {
    res.writeHead(404).end('There is no such trigger.')
    return
  }
  const mm = url.searchParams.get('mm')
  if (mm !== null && !(Number(mm) > 0 && Number(mm) < 100_000)) {
    res.writeHead(400).end('Length must lie between 0 and 100 000 mm.')
    return
  }
  act(url.searchParams)
  res.writeHead(204).end()
})
server.listen(Number(process.env.PORT ?? 0), '127.0.0.1', () => {
  const { port } = server.address() as AddressInfo
  process.send?.({ listening: `http://127.0.0.1:${port}` })
  if (!process.send) process.stdout.write(`Laser tape (stand-in) at http://127.0.0.1:${port}\n`)
})
process.on('disconnect', () => process.exit(0))
process.on('SIGTERM', () => process.exit(0))
