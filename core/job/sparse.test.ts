import fc from 'fast-check'
import { expect, test } from 'vitest'
import { itemWith, optionWith } from './emptyJob.js'
import type { JobSnapshot } from './snapshot.js'
import { USUAL, whole, type Columns, type SentJob } from './sparse.js'

/** What the database does, said once more: what holds nothing but the usual is null, ids, numbers and days are joined. */
const JOINED: readonly string[] = ['id', 'itemId', 'widthMm', 'priceMinor', 'version', 'seenOn', 'colorL']
function columns<T extends object>(rows: readonly T[], usual: object): Columns<T> {
  const names = [...new Set(rows.flatMap((r) => Object.keys(r)))] as (keyof T)[]
  return Object.fromEntries(
    names.map((n) => {
      const column = rows.map((r) => r[n])
      const value = (usual as Partial<T>)[n]
      const same = n in usual && column.every((v) => JSON.stringify(v) === JSON.stringify(value))
      return [n, same ? null : JOINED.includes(n as string) ? column.map((v) => v ?? '').join(',') : column]
    }),
  ) as Columns<T>
}

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
      const sent = {
        items: columns(items, USUAL.items),
        options: columns(options, USUAL.options),
        entries: columns([], USUAL.entries),
      } as unknown as SentJob
      const job: Pick<JobSnapshot, 'items' | 'options' | 'entries'> = whole(sent)
      expect(job.options).toEqual(options)
      expect(job.items).toEqual(items)
      expect(job.entries).toEqual([])
    }),
  )
})

test('rows put together from columns are rows of their own', () => {
  const [a, b] = [optionWith({ id: 'a', itemId: 'i' }), optionWith({ id: 'b', itemId: 'i' })]
  const sent = { items: {}, entries: {}, options: columns([a, b], USUAL.options) } as unknown as SentJob
  const { options } = whole(sent)
  expect(options[0]).not.toBe(options[1])
  expect(options.map((o) => o.id)).toEqual(['a', 'b'])
})
