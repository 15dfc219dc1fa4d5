import fc from 'fast-check'
import { expect, test } from 'vitest'
import { itemWith, optionWith } from '../examples/emptyJob.js'
import type { JobSnapshot } from './snapshot.js'
import { sentJob } from '../testing/sentJob.js'
import { packed, whole, type Columns, type SentJob } from './sparse.js'

test('rows sent in columns are the rows again, whatever of them is unusual', () => {
  const option = fc.record({
    id: fc.uuid(),
    note: fc.constantFrom('', 'seen in the window'),
    widthMm: fc.constantFrom(null, 900),
    seenOn: fc.constantFrom(null, '2026-03-01'),
    colorL: fc.constantFrom(null, 0, 47.25, -1e-7),
    traits: fc.constantFrom([], ['washable']),
    version: fc.constantFrom(1, 7),
  })
  fc.assert(
    fc.property(fc.array(option), fc.array(fc.uuid()), (some, ids) => {
      const options = some.map((o) => optionWith({ itemId: 'i', ...o } as never))
      const items = ids.map((id) => itemWith({ id }))
      const sent = sentJob({ items, options, entries: [] } as unknown as JobSnapshot)
      const job: Pick<JobSnapshot, 'items' | 'options' | 'entries'> = whole(sent)
      expect(job.options).toEqual(options)
      expect(job.items).toEqual(items)
      expect(job.entries).toEqual([])
    }),
  )
})

test('rows put together from columns are rows of their own', () => {
  const [a, b] = [optionWith({ id: 'a', itemId: 'i' }), optionWith({ id: 'b', itemId: 'i' })]
  const sent = sentJob({ items: [], entries: [], options: [a, b] } as unknown as JobSnapshot)
  const { options } = whole(sent)
  expect(options[0]).not.toBe(options[1])
  expect(options.map((o) => o.id)).toEqual(['a', 'b'])
})

test('texts that come again and again are written once, and are the rows again', () => {
  const option = fc.record({
    note: fc.constantFrom('', 'seen, in the window', 'wide'),
    material: fc.constantFrom('oak', 'ash'),
    seenOn: fc.constantFrom(null, '2026-03-01', '2026-03-02'),
    priceMinor: fc.constantFrom(9_900, 12_000),
    traits: fc.constantFrom([], ['washable']),
  })
  const rows = fc.array(option, { minLength: 200, maxLength: 260 })
  fc.assert(
    fc.property(rows, fc.uuid(), (some, itemId) => {
      const options = some.map((o, n) => optionWith({ itemId, id: `${itemId}-${n}`, ...o } as never))
      const sent = sentJob({ items: [], options, entries: [] } as unknown as JobSnapshot)
      const fewer: SentJob = { ...sent, options: packed(sent.options) }
      expect(whole(fewer).options).toEqual(options)
      // Half of what is sent here are the ids, of which each is another.
      expect(JSON.stringify(fewer.options).length).toBeLessThan(JSON.stringify(sent.options).length)
      expect(fewer.options).toMatchObject({
        itemId: { of: [itemId] },
        id: sent.options.id,
        priceMinor: options.map((o) => o.priceMinor),
      })
    }),
    { numRuns: 20 },
  )
})

test('entries put together from columns, packed or not, are the entries again', () => {
  const entry = fc.record({
    seq: fc.nat(),
    eventId: fc.uuid(),
    kind: fc.constantFrom('payment', 'order'),
    lineId: fc.constantFrom(null, 'a', 'b'),
    amountMinor: fc.integer(),
    taxMinor: fc.constantFrom(0, 21),
    quantity: fc.constantFrom(0, 1),
    on: fc.constantFrom('2026-03-01', '2026-03-02'),
    means: fc.constantFrom(null, 'bank'),
    voucherId: fc.constant(null),
    estimated: fc.boolean(),
    note: fc.constantFrom('', 'a, b'),
    updateId: fc.constantFrom('', 'shipped-1'),
    reverses: fc.constantFrom(null, 'e'),
    memberName: fc.constantFrom('Ilse', 'Tomas'),
  })
  const list = fc.oneof(
    fc.array(entry, { maxLength: 3 }),
    fc.array(entry, { minLength: 200, maxLength: 220 }),
  )
  fc.assert(
    fc.property(list, (entries) => {
      const sent = sentJob({ items: [], options: [], entries } as unknown as JobSnapshot)
      expect(whole(sent).entries).toEqual(entries)
      expect(whole({ ...sent, entries: packed(sent.entries) }).entries).toEqual(entries)
    }),
    { numRuns: 40 },
  )
})

test('short lists, and texts of which each is another, are sent as they are', () => {
  const columns = (length: number) =>
    ({
      id: Array.from({ length }, (_, n) => `id ${n}`),
      kind: Array<string>(length).fill('new'),
    }) as Columns<{ id: string; kind: string }>
  expect(packed(columns(199))).toEqual(columns(199))
  expect(packed(columns(200))).toEqual({ id: columns(200).id, kind: { of: ['new'] } })
})
