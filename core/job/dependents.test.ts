import { expect, test } from 'vitest'
import { readRoom, writeRoom } from '../measure/roomFile.js'
import { dependents } from './dependents.js'
import { emptyJob, NEW_PLACEMENT, pieceWith } from './emptyJob.js'

const laid = (surface: 'part:a' | 'opening:d' | 'walls') => ({
  ...NEW_PLACEMENT,
  id: `on ${surface}`,
  surface,
  finishId: 'f',
  version: 1,
})
const job = emptyJob({
  placements: [laid('part:a'), laid('opening:d'), laid('walls')],
  pieces: [pieceWith({ id: 'p' }), pieceWith({ id: 'q' })],
  dressings: [
    { id: 'x', schemeId: 's', pieceId: 'p', finishId: null, absent: false, costMinor: null, version: 1 },
    { id: 'y', schemeId: 's', pieceId: 'q', finishId: null, absent: false, costMinor: null, version: 1 },
  ],
})

test.each([
  ['pieces', 'p', ['x']],
  ['parts', 'a', ['on part:a']],
  ['openings', 'd', ['on opening:d']],
  ['uses', 'u', []],
] as const)('what goes with a row of %s', (collection, id, gone) =>
  expect(dependents(job, collection, id).map((c) => 'id' in c && c.id)).toEqual(gone),
)

test('a room file saved before rooms had a kind is still read', () => {
  const { kind: _k, ...room } = job.room
  const file = writeRoom({
    room: { ...room, id: '0e9dfd28-db65-4754-a7a4-e9d29288fd3a' } as typeof job.room,
    walls: [],
    ceilings: [],
    diagonals: [],
    openings: [],
    fixtures: [],
  })
  expect(JSON.parse(file).room).not.toHaveProperty('kind')
  expect(readRoom(file).room.kind).toBeNull()
})
