import type { Habits, Product } from './catalog.js'

/** An order as a supplier keeps it. */
export interface ShopOrder {
  readonly placedOn: string
  readonly lines: readonly {
    readonly key: string
    readonly quantity: number
    readonly product: Product | undefined
    readonly priceMinor: number
    readonly refused: string | undefined
  }[]
  readonly returns: { readonly key: string; readonly quantity: number; readonly on: string }[]
}

const addDays = (day: string, n: number) =>
  new Date(Date.parse(`${day}T00:00:00Z`) + n * 86_400_000).toISOString().slice(0, 10)

/** A small number from a text, the same every time. */
function hashOf(text: string): number {
  let h = 2166136261
  for (const c of text) h = Math.imul(h ^ c.charCodeAt(0), 16777619) >>> 0
  return h
}

/** Reads an order; what is unknown or gone is refused line by line. @throws when it is none */
export function placed(
  body: string,
  today: string,
  find: (key: string) => Product | undefined,
  onDay: (p: Product) => { readonly stock: string; readonly priceMinor: number },
): ShopOrder {
  const { lines } = JSON.parse(body) as { lines: { key: string; quantity: number }[] }
  return {
    placedOn: today,
    returns: [],
    lines: lines.map(({ key, quantity }) => {
      const product = find(key)
      const now = product && onDay(product)
      const refused = !now ? 'no such number' : now.stock === 'sold out' ? 'sold out' : undefined
      return { key, quantity, product, priceMinor: now?.priceMinor ?? 0, refused }
    }),
  }
}

/** What is credited for what came back, five days after, less what is kept for restocking. */
const credits = (order: ShopOrder, habits: Habits) =>
  order.returns.map((r, n) => {
    const line = order.lines.find((l) => l.key === r.key)
    const price = (line?.priceMinor ?? 0) * Math.ceil(r.quantity / (line?.product?.packSize ?? 1))
    return {
      id: `c${n}`,
      on: addDays(r.on, 5),
      kind: 'credited',
      key: r.key,
      quantity: r.quantity,
      creditMinor: Math.round((price * (1_000_000 - habits.restockPpm)) / 1_000_000),
      says: habits.restockPpm > 0 ? `less ${habits.restockPpm / 10_000} % restocking` : 'in full',
    }
  })

/**
 * What is said of an order by a day: acknowledged at once with its day, one in three delayed, several pieces in two
 * parts, the courier's delivery a day after each; returns credited five days later, less what is kept for restocking.
 */
export function answersTo(ref: string, order: ShopOrder | undefined, habits: Habits, today: string) {
  if (!order) return []
  const said = order.lines.flatMap(({ key, quantity, product, refused }, n) => {
    if (!product || refused)
      return [
        {
          id: `r${n}`,
          on: order.placedOn,
          kind: 'refused',
          key,
          quantity,
          says: refused ?? 'cannot be supplied',
        },
      ]
    const due = addDays(order.placedOn, product.leadDays)
    const late = hashOf(`${ref}${key}`) % 3 === 0
    const then = late ? addDays(due, 7 + (hashOf(key) % 8)) : due
    const first = quantity > 1 ? Math.ceil(quantity / 2) : quantity
    const parts = [
      { on: addDays(then, -1), quantity: first },
      ...(first < quantity ? [{ on: addDays(then, 3), quantity: quantity - first }] : []),
    ]
    return [
      {
        id: `a${n}`,
        on: order.placedOn,
        kind: 'acknowledged',
        key,
        quantity,
        expectedOn: due,
        says: `${quantity} of ${product.name}`,
      },
      ...(late
        ? [
            {
              id: `l${n}`,
              on: addDays(order.placedOn, 2),
              kind: 'delayed',
              key,
              expectedOn: then,
              says: 'waiting for the mill',
            },
          ]
        : []),
      ...parts.flatMap((p, k) => [
        {
          id: `s${n}.${k}`,
          on: p.on,
          kind: 'shipped',
          key,
          quantity: p.quantity,
          says: `parcel ${hashOf(`${ref}${n}${k}`) % 1_000_000}`,
        },
        {
          id: `d${n}.${k}`,
          on: addDays(p.on, 1),
          kind: 'delivered',
          key,
          quantity: p.quantity,
          says: 'signed for at the door',
        },
      ]),
    ]
  })
  const back = credits(order, habits)
  return [...said, ...back]
    .filter((e) => e.on <= today)
    .sort((x, y) => (x.on < y.on ? -1 : x.on > y.on ? 1 : 0))
}
