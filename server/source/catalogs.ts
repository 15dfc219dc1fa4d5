import { updatesSchema, type SupplierUpdates } from '@bonitas/core/stages/ledger/supplierUpdates'
import { productSchema, quoteSchema, type Product, type Quote } from '@bonitas/core/stages/source/product'

/** Where the catalogs of suppliers are, by the name a supplier's row carries. */
export type CatalogPlaces = ReadonlyMap<string, string>

/** Reads `hollin=http://127.0.0.1:9/hollin,loom=…`; parts that are no address are left out. */
export function catalogPlaces(text: string | undefined): CatalogPlaces {
  const places = new Map<string, string>()
  for (const part of (text ?? '').split(',')) {
    const [name, url] = [part.slice(0, part.indexOf('=')).trim(), part.slice(part.indexOf('=') + 1).trim()]
    if (/^[a-z0-9-]{1,40}$/.test(name) && URL.canParse(url)) places.set(name, url.replace(/\/$/, ''))
  }
  return places
}

const DAY = /^\d{4}-\d{2}-\d{2}$/
const MOST_BYTES = 2_000_000

/** A supplier did not answer, or not so that it can be read. */
export class NoAnswer extends Error {}

export interface ProductPage {
  /** The supplier's own day. */
  readonly asOf: string
  readonly total: number
  readonly products: readonly Product[]
  /** Products that came but could not be read. */
  readonly unread: number
}

/** Asks suppliers over HTTP. Patience and size are limited; what comes back is checked before anybody sees it. */
export class Catalogs {
  constructor(
    readonly places: CatalogPlaces,
    private readonly patienceMs = 2500,
  ) {}

  /** One page of a search. @throws {NoAnswer} */
  async search(name: string, wish: URLSearchParams): Promise<ProductPage> {
    const answer = await this.asked(name, `/products?${wish.toString()}`)
    const list = answer.products
    if (!Array.isArray(list)) throw new NoAnswer('answered with something that is no list of products')
    const products = list
      .slice(0, 200)
      .filter((p): p is Product => productSchema.isValidSync(p, { strict: true }))
    if (list.length > 0 && products.length === 0) throw new NoAnswer('answered with nothing that can be read')
    return {
      asOf: dayOf(answer.asOf),
      total: Number.isInteger(answer.total) ? (answer.total as number) : products.length,
      products,
      unread: list.length - products.length,
    }
  }

  /** One product as it is today. @throws {NoAnswer} */
  async product(name: string, key: string): Promise<Product> {
    const answer = await this.asked(name, `/products/${encodeURIComponent(key)}`)
    if (!productSchema.isValidSync(answer, { strict: true }))
      throw new NoAnswer('answered with something that is no product')
    return answer
  }

  /** What an order would come to. @throws {NoAnswer} */
  async quote(name: string, lines: readonly { key: string; quantity: number }[]): Promise<Quote> {
    const answer = await this.asked(name, '/quotes', { lines })
    if (!quoteSchema.isValidSync(answer, { strict: true }))
      throw new NoAnswer('answered with something that is no quote')
    return answer
  }

  /** Places an order under our own number for it; the same number again is the same order. @throws {NoAnswer} */
  async order(
    name: string,
    ref: string,
    lines: readonly { key: string; quantity: number }[],
  ): Promise<SupplierUpdates> {
    return this.updatesFrom(await this.asked(name, `/orders/${ref}`, { lines }, 'PUT'))
  }

  /** What is known of an order by now. @throws {NoAnswer} */
  async updates(name: string, ref: string): Promise<SupplierUpdates> {
    return this.updatesFrom(await this.asked(name, `/orders/${ref}`))
  }

  /** Announces goods that go back. @throws {NoAnswer} */
  async sendBack(
    name: string,
    ref: string,
    line: { key: string; quantity: number },
  ): Promise<SupplierUpdates> {
    return this.updatesFrom(await this.asked(name, `/orders/${ref}/returns`, line))
  }

  private updatesFrom(answer: unknown): SupplierUpdates {
    if (!updatesSchema.isValidSync(answer, { strict: true }))
      throw new NoAnswer('answered with something that is no update of an order')
    return answer
  }

  /** The picture of a product as its supplier keeps it, in whatever form: to be encoded anew. @throws {NoAnswer} */
  async picture(name: string, key: string): Promise<Buffer> {
    const response = await this.reached(name, `/products/${encodeURIComponent(key)}/picture`)
    return this.read(response)
  }

  private async asked(
    name: string,
    path: string,
    body?: unknown,
    method = 'POST',
  ): Promise<Record<string, unknown>> {
    const response = await this.reached(name, path, body, method)
    const text = (await this.read(response)).toString('utf8')
    try {
      const value: unknown = JSON.parse(text)
      if (typeof value === 'object' && value !== null && !Array.isArray(value))
        return value as Record<string, unknown>
    } catch {
      // told below
    }
    throw new NoAnswer('answered with something that cannot be read')
  }

  private async reached(name: string, path: string, body?: unknown, method = 'POST'): Promise<Response> {
    const place = this.places.get(name)
    if (!place) throw new NoAnswer('is not connected')
    try {
      const response = await fetch(`${place}${path}`, {
        signal: AbortSignal.timeout(this.patienceMs),
        redirect: 'error',
        ...(body === undefined
          ? {}
          : { method, headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) }),
      })
      if (response.ok) return response
      throw new NoAnswer(`answered with error ${response.status}`)
    } catch (error) {
      if (error instanceof NoAnswer) throw error
      throw new NoAnswer(
        (error as Error).name === 'TimeoutError' ? 'did not answer in time' : 'cannot be reached',
      )
    }
  }

  private async read(response: Response): Promise<Buffer> {
    const parts: Uint8Array[] = []
    let size = 0
    try {
      for await (const part of response.body ?? []) {
        size += (part as Uint8Array).length
        if (size > MOST_BYTES) throw new NoAnswer('answered with more than can be taken')
        parts.push(part)
      }
    } catch (error) {
      if (error instanceof NoAnswer) throw error
      throw new NoAnswer(
        (error as Error).name === 'TimeoutError'
          ? 'did not answer in time'
          : 'broke off in the middle of its answer',
      )
    }
    return Buffer.concat(parts)
  }
}

const dayOf = (value: unknown) =>
  typeof value === 'string' && DAY.test(value) ? value : new Date().toISOString().slice(0, 10)
