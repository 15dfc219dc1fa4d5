import { createServer, type IncomingMessage, type ServerResponse } from 'node:http'
import type { AddressInfo } from 'node:net'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import { answersTo, placed, type ShopOrder } from './orders.js'
import { catalogOf, HABITS, onDay, pictureOf, type Habits, type Product } from './catalog.js'

// Three trade suppliers that are not there, reached as real ones would be. SUPPLIERS_SEED sets up their goods. Their day
// is today unless POST /day says another; POST /mode makes one slow, failing, hanging, answering by halves or nonsense.

const MODES = ['well', 'slow', 'failing', 'hanging', 'half', 'garbage'] as const
type Mode = (typeof MODES)[number]

interface Shop {
  readonly habits: Habits
  readonly products: readonly Product[]
  readonly sold: Set<string>
  readonly orders: Map<string, ShopOrder>
  mode: Mode
}

const seed = Number(process.env.SUPPLIERS_SEED ?? 1)
const shops = new Map<string, Shop>(
  HABITS.map((habits) => [
    habits.name,
    { habits, products: catalogOf(habits, seed), sold: new Set<string>(), orders: new Map(), mode: 'well' },
  ]),
)
let fixedDay: string | undefined
const today = () => fixedDay ?? new Date().toISOString().slice(0, 10)

const asSold = (shop: Shop, p: Product) => ({
  key: p.key,
  name: p.name,
  kind: p.kind,
  category: p.category,
  material: p.material,
  widthMm: p.widthMm,
  depthMm: p.depthMm,
  heightMm: p.heightMm,
  lab: p.lab,
  color: p.colorName,
  packSize: p.packSize,
  leadDays: p.leadDays,
  returnDays: p.returnDays,
  currency: 'EUR',
  ...onDay(p, shop.habits, today(), shop.sold),
})

function search(shop: Shop, wish: URLSearchParams) {
  const words = (wish.get('q') ?? '').toLowerCase().split(/\s+/).filter(Boolean)
  const atMost = (name: string) => Number(wish.get(name) ?? Infinity)
  const page = Math.max(1, Number(wish.get('page') ?? 1))
  const hits = shop.products.filter(
    (p) =>
      words.every((w) => `${p.name} ${p.kind} ${p.material} ${p.key}`.toLowerCase().includes(w)) &&
      (!wish.get('kind') || p.kind === wish.get('kind')) &&
      p.widthMm <= atMost('maxWidthMm') &&
      p.depthMm <= atMost('maxDepthMm') &&
      p.heightMm <= atMost('maxHeightMm') &&
      onDay(p, shop.habits, today(), shop.sold).priceMinor <= atMost('maxPriceMinor'),
  )
  return {
    asOf: today(),
    total: hits.length,
    products: hits.slice((page - 1) * 40, page * 40).map((p) => asSold(shop, p)),
  }
}

function quote(shop: Shop, body: string) {
  const wish = JSON.parse(body) as { lines: { key: string; quantity: number }[] }
  const lines = wish.lines.map(({ key, quantity }) => {
    const p = shop.products.find((x) => x.key === key)
    if (!p) return { key, refused: 'no such product' }
    const state = onDay(p, shop.habits, today(), shop.sold)
    if (state.stock === 'sold out') return { key, refused: 'sold out' }
    const packs = Math.ceil(quantity / p.packSize)
    return { key, packs, amountMinor: packs * state.priceMinor, leadDays: p.leadDays }
  })
  const goodsMinor = lines.reduce((sum, l) => sum + ('amountMinor' in l ? (l.amountMinor ?? 0) : 0), 0)
  const band = shop.habits.deliveryBands.filter((b) => b.fromMinor <= goodsMinor).at(-1)
  return {
    asOf: today(),
    lines,
    goodsMinor,
    deliveryMinor: band?.feeMinor ?? 0,
    minOrderMinor: shop.habits.minOrderMinor,
    restockPpm: shop.habits.restockPpm,
    currency: 'EUR',
  }
}

const server = createServer((req, res) => {
  let body = ''
  req.on('data', (chunk: Buffer) => (body += chunk.toString()))
  req.on('end', () => answer(req, res, body))
})

function send(res: ServerResponse, value: unknown, mode: Mode): void {
  const text = JSON.stringify(value)
  switch (mode) {
    case 'hanging':
      return
    case 'failing':
      return void res.writeHead(503, { 'Content-Type': 'text/plain' }).end('Back soon.')
    case 'garbage':
      return void res
        .writeHead(200, { 'Content-Type': 'application/json' })
        .end('{"products": [{"key": 7, "name": <b>')
    case 'half':
      res.writeHead(200, { 'Content-Type': 'application/json', 'Content-Length': Buffer.byteLength(text) })
      res.write(text.slice(0, text.length / 2))
      return void setTimeout(() => res.destroy(), 50)
    case 'slow':
      return void setTimeout(() => res.writeHead(200, { 'Content-Type': 'application/json' }).end(text), 1200)
    case 'well':
      return void res.writeHead(200, { 'Content-Type': 'application/json' }).end(text)
  }
}

const say = (res: ServerResponse, status: number, text: string) =>
  void res.writeHead(status, { 'Content-Type': 'text/plain' }).end(text)

/** An order of a shop: placed, asked after, sent back. */
function answerOrder(
  req: IncomingMessage,
  res: ServerResponse,
  shop: Shop,
  key: string,
  more: string,
  body: string,
): void {
  try {
    const known = shop.orders.get(key)
    if (req.method === 'PUT') {
      // The same order sent again is the same order.
      if (!known)
        shop.orders.set(
          key,
          placed(
            body,
            today(),
            (k) => shop.products.find((p) => p.key === k),
            (p) => onDay(p, shop.habits, today(), shop.sold),
          ),
        )
      return send(
        res,
        { asOf: today(), events: answersTo(key, shop.orders.get(key), shop.habits, today()) },
        shop.mode,
      )
    }
    if (!known) return say(res, 404, 'No such order.')
    if (req.method === 'POST' && more === 'returns') {
      const { key: what, quantity } = JSON.parse(body) as { key: string; quantity: number }
      known.returns.push({ key: what, quantity, on: today() })
    }
    return send(res, { asOf: today(), events: answersTo(key, known, shop.habits, today()) }, shop.mode)
  } catch {
    return say(res, 400, 'An order has lines, each with key and quantity.')
  }
}

function answer(req: IncomingMessage, res: ServerResponse, body: string): void {
  const url = new URL(req.url ?? '/', 'http://localhost')
  const [name = '', part = '', key = '', more = ''] = url.pathname.slice(1).split('/')
  if (req.method === 'POST' && name === 'day') {
    fixedDay = url.searchParams.get('day') ?? undefined
    return say(res, 204, '')
  }
  const shop = shops.get(name)
  if (!shop) return say(res, 404, `Suppliers here: ${[...shops.keys()].join(', ')}.`)
  if (req.method === 'POST' && part === 'mode') {
    const mode = url.searchParams.get('mode') as Mode
    if (!MODES.includes(mode)) return say(res, 400, `Modes: ${MODES.join(', ')}.`)
    shop.mode = mode
    return say(res, 204, '')
  }
  if (req.method === 'POST' && part === 'sell-out') {
    shop.sold.add(key)
    return say(res, 204, '')
  }
  if (req.method === 'GET' && part === 'products' && !key)
    return send(res, search(shop, url.searchParams), shop.mode)
  const product = shop.products.find((p) => p.key === key)
  if (req.method === 'GET' && part === 'products' && product) {
    if (more !== 'picture') return send(res, asSold(shop, product), shop.mode)
    if (shop.mode === 'hanging') return
    return void res
      .writeHead(200, { 'Content-Type': 'image/svg+xml' })
      .end(pictureOf(product, labToHex({ l: product.lab[0], a: product.lab[1], b: product.lab[2] })))
  }
  if (req.method === 'GET' && part === '')
    return send(
      res,
      {
        title: shop.habits.title,
        minOrderMinor: shop.habits.minOrderMinor,
        restockPpm: shop.habits.restockPpm,
        deliveryBands: shop.habits.deliveryBands,
        products: shop.products.length,
      },
      shop.mode,
    )
  if (part === 'orders' && key) return answerOrder(req, res, shop, key, more, body)
  if (req.method === 'POST' && part === 'quotes') {
    try {
      return send(res, quote(shop, body), shop.mode)
    } catch {
      return say(res, 400, 'A quote asks for lines, each with key and quantity.')
    }
  }
  say(res, 404, 'There is no such thing here.')
}

server.listen(Number(process.env.PORT ?? 0), '127.0.0.1', () => {
  const { port } = server.address() as AddressInfo
  process.send?.({ listening: `http://127.0.0.1:${port}` })
  if (!process.send) process.stdout.write(`Three suppliers (stand-ins) at http://127.0.0.1:${port}\n`)
})
process.on('disconnect', () => process.exit(0))
process.on('SIGTERM', () => process.exit(0))
