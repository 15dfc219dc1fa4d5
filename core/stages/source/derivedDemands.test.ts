import { describe, expect, test } from 'vitest'
import { emptyJob, itemWith, optionWith } from '../../examples/emptyJob.js'
import { demandsOf } from '../../job/fitFrameOf.js'
import { deriveJob } from '../../job/derive.js'
import { ROWS } from '../../model/registry.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { PIECE_KINDS } from '../../model/vocabulary/piece.js'
import { ROOM_KINDS } from '../../model/vocabulary/room.js'
import { derivedDemands } from './derivedDemands.js'

const QUIET = { roomKind: null, smallChildren: false, pets: false } as const
const asked = (...args: Parameters<typeof derivedDemands>) => derivedDemands(...args).map((d) => d.demand)

describe('what a thing must bear follows from its place', () => {
  test.each([
    ['a runner in a hall', 'rug', [], { ...QUIET, roomKind: 'hall' }, ['many feet', 'washing']],
    ['a rug where one sits', 'rug', [], { ...QUIET, roomKind: 'living room' }, []],
    [
      'a settee with a child and a dog',
      'sofa',
      [],
      { ...QUIET, smallChildren: true, pets: true },
      ['child', 'washing', 'pet'],
    ],
    ['a chair one eats at', 'chair', ['eat'], QUIET, ['food and ink']],
    ['a desk', 'desk', ['work or study'], QUIET, ['food and ink']],
    ['a bench outdoors', 'bench', [], { ...QUIET, roomKind: 'outdoors' }, ['outdoors']],
    ['a cabinet in a wet room', 'cabinet', [], { ...QUIET, roomKind: 'wet room' }, ['wet']],
    ['a picture in a bedroom', 'picture', [], { ...QUIET, roomKind: 'bedroom', smallChildren: true }, []],
  ] as const)('%s', (_what, kind, uses, place, want) => expect(asked(kind, [...uses], place)).toEqual(want))

  test('each has its reason, and nothing is asked twice, in any room for any kind', () => {
    for (const kind of [...PIECE_KINDS, null])
      for (const roomKind of [...ROOM_KINDS, null]) {
        const found = derivedDemands(kind, ['eat', 'work or study'], {
          roomKind,
          smallChildren: true,
          pets: true,
        })
        expect(new Set(found.map((d) => d.demand)).size).toBe(found.length)
        expect(found.every((d) => d.why.length > 5)).toBe(true)
      }
  })

  test('a household with more in it asks for more, never for less', () => {
    for (const kind of PIECE_KINDS)
      for (const roomKind of ROOM_KINDS) {
        const few = asked(kind, [], { roomKind, smallChildren: false, pets: false })
        const many = asked(kind, [], { roomKind, smallChildren: true, pets: true })
        expect(few.every((d) => many.includes(d))).toBe(true)
      }
  })
})

describe('a silk runner in a hall with a dog and a child', () => {
  const job = (demandsOff: JobSnapshot['items'][number]['demandsOff']): JobSnapshot => ({
    ...emptyJob(),
    room: { ...emptyJob().room, kind: 'hall' },
    people: [
      {
        ...ROWS.people.make({ id: 'kit', name: 'Kit', kind: 'child', ageYears: 3, position: 0 }),
        version: 1,
      },
      { ...ROWS.people.make({ id: 'rex', name: 'Rex', kind: 'dog', position: 1 }), version: 1 },
    ],
    items: [itemWith({ id: 'runner', pieceKind: 'rug', demandsOff })],
    options: [optionWith({ id: 'silk', itemId: 'runner', material: 'silk' })],
  })
  const against = (j: JobSnapshot) =>
    deriveJob(j, '2026-03-01').items[0]!.options[0]!.suits.against.map((r) => r.says)
  test('is struck out, though nobody ticked a demand, and says why', () => {
    expect(against(job([]))).toContain('silk does not stand many feet (a hall is walked through)')
  })
  test('what is switched off is not asked of it', () => {
    const off = job(['many feet', 'washing', 'child', 'pet'])
    expect(demandsOf(off, off.items[0]!)).toEqual([])
    expect(against(off)).toEqual([])
  })
})
