import { expect, test } from 'vitest'
import { matchUpdates, updatesSchema, type OrderUpdate, type NumberedLine } from './supplierUpdates.js'

const line = (lineId: string, key: string, toCome = 1): NumberedLine => ({
  lineId,
  itemName: lineId,
  key,
  toCome,
})
const updates = (key?: string): OrderUpdate => ({
  id: 'a0',
  on: '2026-03-04',
  kind: 'shipped',
  says: '',
  ...(key === undefined ? {} : { key }),
})

test.each([
  ['one line has the number', 'A', [line('x', 'A'), line('y', 'B')], 'x', []],
  ['two lines share it', 'A', [line('x', 'A'), line('y', 'A'), line('z', 'B')], undefined, ['x', 'y']],
  ['no line has it: the open ones are offered', 'C', [line('x', 'A', 0), line('y', 'B')], undefined, ['y']],
  ['no line has it and none is open: all are', 'C', [line('x', 'A', 0)], undefined, ['x']],
  ['it is about the order as a whole', undefined, [line('x', 'A')], undefined, []],
] as const)('%s', (_what, key, lines, lineId, ask) => {
  const [found] = matchUpdates([updates(key)], lines)
  expect([found?.lineId, found?.ask.map((l) => l.lineId)]).toEqual([lineId, ask])
})

test.each([
  ['no list', { asOf: '2026-03-04', events: 'none' }],
  ['a kind nobody knows', { asOf: '2026-03-04', events: [{ ...updates(), kind: 'melted' }] }],
  ['a day that is none', { asOf: 'today', events: [] }],
  ['more than fits', { asOf: '2026-03-04', events: [{ ...updates(), says: 'x'.repeat(201) }] }],
  ['a field nobody asked for', { asOf: '2026-03-04', events: [{ ...updates(), script: '<b>' }] }],
])('%s is no answer', (_what, answer) =>
  expect(updatesSchema.isValidSync(answer, { strict: true })).toBe(false),
)
