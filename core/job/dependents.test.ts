import { expect, test } from 'vitest'
import { readRoom, writeRoom } from '../stages/measure/roomFile.js'
import { dependents } from './dependents.js'
import { emptyJob, NEW_ITEM, NEW_OPTION, NEW_PLACEMENT, pieceWith } from '../model/emptyJob.js'
import type { JobSnapshot } from '../model/snapshot.js'

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

const option = (id: string, itemId: string, more: Partial<JobSnapshot['options'][number]> = {}) =>
  ({
    ...NEW_OPTION,
    id,
    itemId,
    name: id,
    priceMinor: 0,
    traits: [],
    lookedAt: [],
    version: 1,
    ...more,
  }) as JobSnapshot['options'][number]
const item = (id: string, more: Partial<JobSnapshot['items'][number]> = {}) =>
  ({
    ...NEW_ITEM,
    id,
    name: id,
    serves: [],
    demands: [],
    targetMinor: 0,
    version: 1,
    ...more,
  }) as JobSnapshot['items'][number]
const schedule = emptyJob({
  items: [
    item('sofa', { chosenOptionId: 'a', plannedOptionId: 'b' }),
    item('underlay', { forItemId: 'sofa' }),
  ],
  options: [
    option('a', 'sofa', { photoId: 'photo' }),
    option('b', 'sofa', { partOfId: 'a' }),
    option('c', 'underlay', { partOfId: 'a' }),
  ],
  sightings: [
    { id: 's', optionId: 'a', on: '2026-03-01', priceMinor: 1, stock: null, where: '', version: 1 },
  ],
})
/** Changes as short words: what goes, and which field is freed. */
const told = (list: ReturnType<typeof dependents>) =>
  list.map((c) =>
    'id' in c
      ? `${c.collection} ${c.id} ${'remove' in c ? 'goes' : Object.keys('set' in c ? c.set : {}).join()}`
      : '',
  )

test('an option takes the prices seen of it along and is let go by the plan and the sets that name it', () =>
  expect(told(dependents(schedule, 'options', 'a'))).toEqual([
    'options b partOfId',
    'options c partOfId',
    'sightings s goes',
  ]))
test('an item takes its options along; what went with it stays by itself', () =>
  expect(told(dependents(schedule, 'items', 'sofa'))).toEqual([
    'items underlay forItemId',
    'items sofa plannedOptionId',
    'options c partOfId',
    'sightings s goes',
    'items sofa chosenOptionId',
    'options a goes',
    'options b goes',
  ]))
test('a photo leaves the find it was taken of', () =>
  expect(told(dependents(schedule, 'photos', 'photo'))).toEqual(['options a photoId']))

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
