import fc from 'fast-check'
import { expect, test } from 'vitest'
import { itemWith, optionWith } from './emptyJob.js'
import type { JobSnapshot } from './snapshot.js'
import { sentJob } from '../testing/sentJob.js'
import { whole } from './sparse.js'

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
