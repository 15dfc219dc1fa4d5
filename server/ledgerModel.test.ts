import { randomUUID } from 'node:crypto'
import { sql } from 'drizzle-orm'
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

// Random sequences of every act, some sent twice at once, some cut off and sent again, against a model of a few lines
// that knows nothing of entries, events or PostgreSQL. BONITAS_MODEL_RUNS makes it as many as there is time for.

let server: TestServer
let member: Member
beforeAll(async () => {
  server = await startTestServer()
  member = await server.member()
})
afterAll(() => server.close())

const PRICES = [10_000, 3333, 1] as const
const DAY = '2026-11-05'

/** One line of one piece: what has come to it, as sums. */
interface Sums {
  ordered: number
  charged: number
  credited: number
  paid: number
  refunded: number
  pieces: number
  cancelled: number
  here: number
  back: number
}
type Change = Partial<Sums>
const NOTHING: Sums = {
  ordered: 0,
  charged: 0,
  credited: 0,
  paid: 0,
  refunded: 0,
  pieces: 0,
  cancelled: 0,
  here: 0,
  back: 0,
}

class ModelLine {
  readonly sums: Sums = { ...NOTHING }
  constructor(
    readonly item: number,
    readonly orderId: string,
    readonly lineId: string,
  ) {}
  get due(): number {
    return this.sums.ordered + this.sums.charged - this.sums.credited
  }
  get net(): number {
    return this.sums.paid - this.sums.refunded
  }
  get live(): number {
    return this.sums.pieces - this.sums.cancelled - this.sums.back
  }
  get toCome(): number {
    return this.sums.pieces - this.sums.cancelled - this.sums.here
  }
  add(change: Change, sign: 1 | -1 = 1): void {
    for (const [k, v] of Object.entries(change) as [keyof Sums, number][]) this.sums[k] += sign * v
  }
  /** No sum of money or pieces may fall below nothing, nothing be paid that was not asked for. */
  get sound(): boolean {
    const s = this.sums
    return (
      Object.values(s).every((v) => v >= 0) &&
      this.due >= 0 &&
      this.net >= 0 &&
      s.paid <= s.ordered + s.charged &&
      this.toCome >= 0 &&
      s.here - s.back >= 0
    )
  }
}

/** What was entered, so that it can be taken back. */
interface Entered {
  readonly eventId: string
  readonly kind: string
  readonly changes: readonly (readonly [ModelLine, Change])[]
  gone: boolean
}

const KINDS = [
  'order',
  'pay',
  'deliver',
  'return',
  'refund',
  'cancel',
  'charge',
  'lower',
  'exchange',
  'take back',
] as const
const act = fc.record({
  kind: fc.constantFrom(...KINDS),
  item: fc.nat(PRICES.length - 1),
  part: fc.double({ min: 0.05, max: 1.2, noNaN: true }),
  which: fc.nat(1000),
  how: fc.constantFrom('once', 'once', 'once', 'twice at once', 'cut off and again'),
})

/** Sends an act as a bad line would: together with itself, or cut off and then again, always under one key. */
async function send(jobId: string, path: string, body: object, how: string) {
  const key = randomUUID()
  if (how === 'twice at once') {
    const [one, two] = await Promise.all([
      money(member, jobId, path, body, key),
      money(member, jobId, path, body, key),
    ])
    expect(two.status, 'the same act twice at once').toBe(one.status)
    expect(two.body.eventId).toBe(one.body.eventId)
    return one
  }
  if (how === 'cut off and again') {
    const cut = new AbortController()
    const lost = fetch(`${server.base}/api/jobs/${jobId}/${path}`, {
      method: 'POST',
      headers: { ...member.headers, 'Content-Type': 'application/json', 'Idempotency-Key': key },
      body: JSON.stringify(body),
      signal: cut.signal,
    }).catch(() => undefined)
    setTimeout(() => cut.abort(), 3)
    await lost
  }
  return money(member, jobId, path, body, key)
}

const RUNS = Number(process.env.BONITAS_MODEL_RUNS ?? 60)

test(
  'whatever is done in whatever order and however often, the server says yes and no as the model does, and the sums agree',
  { timeout: 240_000 + RUNS * 2_000 },
  async () => {
    let acts = 0
    await fc.assert(
      fc.asyncProperty(fc.array(act, { minLength: 4, maxLength: 18 }), async (sequence) => {
        const { jobId, items } = await jobWithItems(member, PRICES)
        const lines: ModelLine[] = []
        const entered: Entered[] = []
        const chosen = new Set(PRICES.keys())
        for (const { kind, item, part, which, how } of sequence) {
          acts++
          const ofItem = lines.filter((l) => l.item === item)
          const line = ofItem.filter((l) => l.live > 0).at(-1) ?? ofItem.at(-1)
          const amount = Math.max(1, Math.round((PRICES[item] ?? 1) * part))
          if (kind === 'order') {
            const may = chosen.has(item) && !lines.some((l) => l.item === item && l.live > 0)
            const answer = await send(jobId, 'orders', orderOf([items[item]!.itemId]), how)
            expect(answer.status, `order of item ${item}`).toBe(may ? 201 : 409)
            if (!may) continue
            const { lines: now } = await snapshotOf(member, jobId)
            const orderId = answer.body.orderId!
            const made = new ModelLine(item, orderId, now.find((l) => l.orderId === orderId)!.id)
            const change = { ordered: PRICES[item]!, pieces: 1 }
            made.add(change)
            lines.push(made)
            entered.push({ eventId: answer.body.eventId, kind, changes: [[made, change]], gone: false })
            continue
          }
          if (kind === 'take back') {
            const event = entered[which % Math.max(1, entered.length)]
            if (!event) continue
            const reopens = event.kind === 'return' || event.kind === 'cancel'
            for (const [l, change] of event.changes) l.add(change, -1)
            const [first] = event.changes[0]!
            const second = reopens && lines.some((l) => l !== first && l.item === first.item && l.live > 0)
            const may = !event.gone && event.changes.every(([l]) => l.sound) && !second
            const answer = await send(
              jobId,
              'reversals',
              { eventId: event.eventId, reversedOn: DAY, note: 'wrong' },
              how,
            )
            expect(answer.status, `taking back ${event.kind}, ${JSON.stringify(first.sums)}`).toBe(
              may ? 201 : 409,
            )
            if (!may) for (const [l, change] of event.changes) l.add(change)
            else {
              event.gone = true
              if (reopens) chosen.add(first.item)
            }
            continue
          }
          if (!line) continue
          if (kind === 'exchange') {
            const may = line.live > 0
            const body = {
              lineId: line.lineId,
              optionId: items[item]!.optionId,
              quantity: 1,
              amountMinor: amount,
              exchangedOn: DAY,
              note: 'other',
            }
            const answer = await send(jobId, 'exchanges', body, how)
            expect(answer.status, `exchange of item ${item}, ${JSON.stringify(line.sums)}`).toBe(
              may ? 201 : 409,
            )
            if (!may) continue
            const job = await snapshotOf(member, jobId)
            const made = new ModelLine(
              item,
              line.orderId,
              job.entries.find((e) => e.eventId === answer.body.eventId)!.lineId!,
            )
            const goes: Change = { credited: line.due, ...(line.toCome > 0 ? { cancelled: 1 } : { back: 1 }) }
            const eventOf = (lineId: string, of: string) =>
              job.entries.filter((e) => e.lineId === lineId && e.kind === of && !e.reverses).at(-1)!.eventId
            const gone = line.toCome > 0 ? 'cancel' : 'return'
            line.add(goes)
            made.add({ ordered: amount, pieces: 1 })
            lines.push(made)
            entered.push(
              { eventId: eventOf(line.lineId, gone), kind: gone, changes: [[line, goes]], gone: false },
              {
                eventId: answer.body.eventId,
                kind: 'order',
                changes: [[made, { ordered: amount, pieces: 1 }]],
                gone: false,
              },
            )
            // What was paid for the one counts for the other.
            const setOff = Math.min(Math.max(0, line.net - line.due), amount)
            if (setOff === 0) continue
            const changes: [ModelLine, Change][] = [
              [line, { refunded: setOff }],
              [made, { paid: setOff }],
            ]
            for (const [l, change] of changes) l.add(change)
            entered.push({ eventId: eventOf(made.lineId, 'payment'), kind: 'set off', changes, gone: false })
            continue
          }
          // A payment is spread over all lines of its order that are owed: what two lines of one get is not the model's to say.
          if (kind === 'pay' && lines.some((l) => l !== line && l.orderId === line.orderId && l.due > l.net))
            continue
          const wish = wishOf(kind, line, amount)
          const answer = await send(jobId, wish.path, { note: 'said', ...wish.body }, how)
          expect(
            answer.status,
            `${kind} of item ${item} at ${amount}, with ${JSON.stringify(line.sums)}`,
          ).toBe(wish.may ? 201 : 409)
          if (!wish.may) continue
          line.add(wish.change)
          entered.push({ eventId: answer.body.eventId, kind, changes: [[line, wish.change]], gone: false })
          if ((kind === 'return' || kind === 'cancel') && !lines.some((l) => l.item === item && l.live > 0))
            chosen.delete(item)
        }
        const sum = (value: (l: ModelLine) => number) => lines.reduce((s, l) => s + value(l), 0)
        const p = deriveJob(await snapshotOf(member, jobId), '2026-11-23').position
        expect({ paid: p.paidMinor, ordered: p.orderedMinor, back: p.dueBackMinor }).toEqual({
          paid: sum((l) => l.net),
          ordered: sum((l) => Math.max(0, l.due - l.net)),
          back: sum((l) => Math.max(0, l.net - l.due)),
        })
        expect(p.freeMinor + p.paidMinor + p.orderedMinor + p.chosenMinor + p.reserveMinor).toBe(
          p.agreedMinor,
        )
        // The tape of the job and the line of it in the list of jobs are one sum.
        const { rows } = await server.db.asStudio(member.studioId, (tx) =>
          tx.execute<{ owed: string; bank: string; exchange: string }>(sql`
            select coalesce(sum(amount_minor) filter (where account = 'owed'), 0) as owed,
                   coalesce(sum(amount_minor) filter (where account = 'exchange'), 0) as exchange,
                   coalesce(sum(amount_minor) filter (where account = 'bank'), 0) as bank from posting where job_id = ${jobId}`),
        )
        expect({
          owed: Number(rows[0]?.owed),
          bank: Number(rows[0]?.bank),
          exchange: Number(rows[0]?.exchange),
        }).toEqual({
          exchange: 0,
          owed: sum((l) => l.net - l.due),
          bank: -sum((l) => l.net) || 0,
        })
      }),
      { numRuns: RUNS },
    )
    const { rows } = await server.db.asStudio(member.studioId, (tx) =>
      tx.execute(sql`select fault from bonitas_ledger_faults()`),
    )
    expect(rows, `the proof in SQL after ${acts} acts`).toEqual([])
  },
)

/** An act as it is sent, whether the model allows it, and what it changes. */
function wishOf(kind: (typeof KINDS)[number], line: ModelLine, amount: number) {
  const { lineId, orderId, due, net, toCome, sums } = line
  const outstanding = Math.max(0, due - net)
  const back = Math.max(0, net - due)
  switch (kind) {
    case 'pay':
      return {
        path: 'payments',
        body: paymentOf(orderId, amount),
        may: amount <= outstanding,
        change: { paid: amount },
      }
    case 'deliver':
      return {
        path: 'deliveries',
        body: { orderId, lineIds: [lineId], deliveredOn: DAY },
        may: toCome > 0,
        change: { here: 1 },
      }
    case 'return':
      return {
        path: 'returns',
        body: { lineId, quantity: 1, creditMinor: amount, returnedOn: DAY },
        may: sums.here - sums.back > 0 && amount <= due,
        change: { credited: amount, back: 1 },
      }
    case 'refund':
      return {
        path: 'refunds',
        body: { lineId, amountMinor: amount, refundedOn: DAY, means: 'bank' },
        may: amount <= back,
        change: { refunded: amount },
      }
    case 'cancel':
      return {
        path: 'cancellations',
        body: { lineId, cancelledOn: DAY },
        may: toCome > 0,
        change: { credited: due, cancelled: 1 },
      }
    case 'charge':
      return {
        path: 'charges',
        body: { lineId, amountMinor: amount, chargedOn: DAY },
        may: true,
        change: { charged: amount },
      }
    default:
      return {
        path: 'adjustments',
        body: { lineId, amountMinor: amount, adjustedOn: DAY },
        may: amount <= due,
        change: { credited: amount },
      }
  }
}
