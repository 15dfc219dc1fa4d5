import { describe, expect, test } from 'vitest'
import { ROWS } from '../../model/registry.js'
import type { Person } from '../../model/rows/people.js'
import { ROOM_KINDS } from '../../model/vocabulary/room.js'
import { USE_KINDS } from '../../model/vocabulary/use.js'
import { FINISHED } from '../../examples/finished/index.js'
import { usualUses } from './usualUses.js'

const person = (kind: Person['kind'], ageYears: number | null = null) =>
  ROWS.people.make({ id: kind + String(ageYears), name: kind, kind, ageYears, position: 0 })
const kinds = (...of: Parameters<typeof usualUses>) => usualUses(...of).map((u) => u.kind)

describe('the usual uses of a room', () => {
  test.each(ROOM_KINDS)('a %s has some, each of its own name and of a kind that is judged', (kind) => {
    const uses = usualUses(kind, [person('adult')])
    expect(uses.length).toBeGreaterThanOrEqual(3)
    expect(new Set(uses.map((u) => u.name)).size).toBe(uses.length)
    expect(uses.every((u) => USE_KINDS.includes(u.kind) && u.kind !== 'other')).toBe(true)
  })
  test('what is entered is not proposed again, and nothing where the kind is not said', () => {
    for (const kind of ROOM_KINDS) expect(usualUses(kind, [], kinds(kind, []))).toEqual([])
    expect(usualUses(null, [person('adult')])).toEqual([])
  })
  test('who lives there decides for how many, pets left out', () => {
    const family = [person('adult'), person('adult', 30), person('child', 4), person('dog')]
    expect(usualUses('living room', family)[0]?.persons).toBe(3)
    expect(usualUses('living room', [])[0]?.persons).toBe(1)
    expect(usualUses('bedroom', family)[0]?.persons).toBe(2)
  })
  test.each([
    [1, true, false],
    [4, false, false],
    [8, false, true],
  ])('a child of %i is changed: %s, and does homework: %s', (age, changed, homework) => {
    const found = kinds("child's room", [person('child', age)])
    expect([found.includes('change a small child'), found.includes('work or study')]).toEqual([
      changed,
      homework,
    ])
  })
  test('rooms that are done have most of what is proposed for their kind', () => {
    const shares = FINISHED.map((job) => {
      const all = kinds(job.room.kind, job.people)
      const has = new Set(job.uses.map((u) => u.kind))
      return all.filter((k) => has.has(k)).length / all.length
    })
    expect(shares.reduce((sum, s) => sum + s, 0) / shares.length).toBeGreaterThan(0.5)
  })
})
