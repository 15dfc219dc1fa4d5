import { expect, test } from 'vitest'
import type { Change } from './changes.js'
import { ROWS } from './registry.js'
import { changeNow, RENAMED } from './renamed.js'

const old = (change: object) => changeNow(change as Change)

test('every name of before leads to a collection there is, and is none itself', () => {
  for (const [before, now] of Object.entries(RENAMED)) {
    expect(Object.hasOwn(ROWS, now), now).toBe(true)
    expect(Object.hasOwn(ROWS, before), before).toBe(false)
  }
})

test('a change that waited is sent by the name of today, without fields that are gone and with those that are new', () => {
  expect(old({ collection: 'stands', id: 's', set: { xMm: 5 }, was: { xMm: 4 } })).toEqual({
    collection: 'floorPlacements',
    id: 's',
    set: { xMm: 5 },
    was: { xMm: 4 },
  })
  expect(old({ collection: 'hangs', id: 'h', remove: true, seen: 3 })).toEqual({
    collection: 'wallPlacements',
    id: 'h',
    remove: true,
    seen: 3,
  })
  const piece = old({ collection: 'pieces', id: 'p', add: { id: 'p', name: 'Stool', lentFrom: 'the hall' } })
  expect(piece).toMatchObject({
    collection: 'pieces',
    add: { id: 'p', name: 'Stool', itemId: null, ownSize: false },
  })
  expect('lentFrom' in (piece as { add: object }).add).toBe(false)
})

test('a field that is kept in another measure comes along in it', () => {
  expect(
    old({ collection: 'brief', id: 'b', set: { backPaintMinor: 1150 }, was: { backPaintMinor: 1100 } }),
  ).toEqual({
    collection: 'brief',
    id: 'b',
    set: { backPaintCubicMinor: 1_150_000 },
    was: { backPaintCubicMinor: 1_100_000 },
  })
})

test('what is left of nothing is not sent, and a change of today stays as it is', () => {
  expect(
    old({ collection: 'pieces', id: 'p', set: { lentFrom: 'x' }, was: { lentFrom: '' } }),
  ).toBeUndefined()
  expect(old({ collection: 'nowhere', id: 'p', remove: true, seen: 1 })).toBeUndefined()
  expect(old({ collection: '__proto__', id: 'p', remove: true, seen: 1 })).toBeUndefined()
  const today = { collection: 'pieces', id: 'p', set: { name: 'A' }, was: { name: 'B' } }
  expect(old(today)).toEqual(today)
})
