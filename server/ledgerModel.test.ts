import fc from 'fast-check'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { deriveJob } from '@bonitas/core/job/derive'
import {
  jobWithItems,
  money,
  orderOf,
  paymentOf,
  snapshotOf,
  startTestServer,
  type Member,
  type TestServer,
} from './testing/testServer.js'

// Random sequences of every act, against a model of a few lines that knows nothing of entries, events or PostgreSQL.

let server: TestServer
let member: Member
beforeAll(async () => {
  server = await startTestServer()
  member = await server.member()
})
afterAll(() => server.close())

/** What one item has come to: a line is gone once its goods are back or cancelled, and the item may be ordered again. */
interface ModelLine {
  ordered: number
  paid: number
  credited: number
  refunded: number
  here: boolean
  gone: boolean
}

const PRICES = [10_000, 3333, 1] as const
const act = fc.record({
  kind: fc.constantFrom('order', 'pay', 'deliver', 'return', 'refund', 'cancel'),
  item: fc.nat(PRICES.length - 1),
  part: fc.double({ min: 0.05, max: 1.2, noNaN: true }),
})

test(
  'whatever is done in whatever order, the server says yes and no as the model does, and the sums agree',
  { timeout: 240_000 },
  async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(act, { minLength: 4, maxLength: 16 }), async (acts) => {
        const { jobId, items } = await jobWithItems(member, PRICES)
        const model = new Map<number, ModelLine[]>(PRICES.map((_, i) => [i, []]))
        const orders = new Map<number, { orderId: string; lineId: string }>()
        const chosen = new Set(PRICES.keys())
        for (const { kind, item, part } of acts) {
          const lines = model.get(item)!
          const line = lines.at(-1)
          const price = PRICES[item]!
          const amount = Math.max(1, Math.round(price * part))
          const at = orders.get(item)
          const day = '2026-11-05'
          let may: boolean
          let status: number
          if (kind === 'order') {
            may = chosen.has(item) && (!line || line.gone)
            const answer = await money(member, jobId, 'orders', orderOf([items[item]!.itemId]))
            status = answer.status
            if (may) {
              lines.push({ ordered: price, paid: 0, credited: 0, refunded: 0, here: false, gone: false })
              const { lines: now } = await snapshotOf(member, jobId)
              orders.set(item, {
                orderId: answer.body.orderId!,
                lineId: now.find((l) => l.orderId === answer.body.orderId)!.id,
              })
            }
          } else if (!line || !at) continue
          else if (kind === 'pay') {
            may = amount <= line.ordered - line.credited - (line.paid - line.refunded)
            status = (await money(member, jobId, 'payments', paymentOf(at.orderId, amount))).status
            if (may) line.paid += amount
          } else if (kind === 'deliver') {
            may = !line.here && !line.gone
            status = (
              await money(member, jobId, 'deliveries', {
                orderId: at.orderId,
                lineIds: [at.lineId],
                deliveredOn: day,
                note: '',
              })
            ).status
            if (may) line.here = true
          } else if (kind === 'return') {
            may = line.here && !line.gone && amount <= line.ordered - line.credited
            status = (
              await money(member, jobId, 'returns', {
                lineId: at.lineId,
                quantity: 1,
                creditMinor: amount,
                returnedOn: day,
                note: '',
              })
            ).status
            if (may) {
              line.credited += amount
              line.gone = true
              chosen.delete(item)
            }
          } else if (kind === 'refund') {
            may = amount <= line.paid - line.refunded - (line.ordered - line.credited)
            status = (
              await money(member, jobId, 'refunds', {
                lineId: at.lineId,
                amountMinor: amount,
                refundedOn: day,
                means: 'bank',
                note: '',
              })
            ).status
            if (may) line.refunded += amount
          } else {
            may = !line.here && !line.gone
            status = (
              await money(member, jobId, 'cancellations', { lineId: at.lineId, cancelledOn: day, note: '' })
            ).status
            if (may) {
              line.credited = line.ordered
              line.gone = true
              chosen.delete(item)
            }
          }
          expect(status, `${kind} of item ${item} at ${amount}, with ${JSON.stringify(lines)}`).toBe(
            may ? 201 : 409,
          )
        }
        const all = [...model.values()].flat()
        const sum = (value: (l: ModelLine) => number) => all.reduce((s, l) => s + value(l), 0)
        const p = deriveJob(await snapshotOf(member, jobId), '2026-11-23').position
        expect({ paid: p.paidMinor, ordered: p.orderedMinor, back: p.dueBackMinor }).toEqual({
          paid: sum((l) => l.paid - l.refunded),
          ordered: sum((l) => Math.max(0, l.ordered - l.credited - l.paid + l.refunded)),
          back: sum((l) => Math.max(0, l.paid - l.refunded - l.ordered + l.credited)),
        })
        expect(p.freeMinor + p.paidMinor + p.orderedMinor + p.chosenMinor + p.reserveMinor).toBe(
          p.agreedMinor,
        )
      }),
      { numRuns: 60 },
    )
  },
)
