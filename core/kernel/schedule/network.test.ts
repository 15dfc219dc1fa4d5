import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { published } from '../../testing/published.js'
import { CircularNetwork, LINK_TYPES, networkTimes, type Link, type NetworkTask } from './network.js'

interface Activity {
  readonly id: string
  readonly duration: number
  readonly predecessors: readonly Link[]
}
interface Expected {
  readonly duration: number
  readonly activities: Readonly<Record<string, Readonly<Record<string, number>>>>
  readonly critical: readonly string[]
}
const tasksOf = (activities: readonly Activity[]): NetworkTask[] =>
  activities.map(({ id, duration, predecessors }) => ({ id, duration, after: predecessors }))

describe('published networks', () => {
  const all = published<{ activities: readonly Activity[] }, Expected & { error?: string }>('schedule.cpm')
  test.each(all.filter((c) => !c.expected.error))('$title', ({ input, expected }) => {
    const { duration, times, critical } = networkTimes(tasksOf(input.activities))
    expect(duration).toBe(expected.duration)
    for (const [id, e] of Object.entries(expected.activities)) {
      const t = times.get(id)
      expect([t?.earliestStart, t?.earliestFinish, t?.latestStart, t?.latestFinish], id).toEqual([
        e.es,
        e.ef,
        e.ls,
        e.lf,
      ])
      expect([t?.totalFloat, t?.freeFloat], id).toEqual([e.totalFloat, e.freeFloat])
    }
    expect([...critical].sort()).toEqual([...expected.critical].sort())
  })
  test.each(all.filter((c) => c.expected.error))('$title', ({ input }) => {
    expect(() => networkTimes(tasksOf(input.activities))).toThrow(CircularNetwork)
  })
  test('a task that waits for one that is not there is named', () =>
    expect(() =>
      networkTimes([{ id: 'hang', duration: 1, after: [{ id: 'paint', type: 'FS', lag: 0 }] }]),
    ).toThrow('hang waits for paint'))
})

/** Tasks that wait only for earlier ones, named in any order. */
const networks = fc
  .integer({ min: 1, max: 60 })
  .chain((n) =>
    fc.tuple(
      ...Array.from({ length: n }, (_, i) =>
        fc.record({
          duration: fc.integer({ min: 0, max: 12 }),
          notBefore: fc.constantFrom(0, 0, 0, 5, 20),
          after: fc.array(
            fc.record({
              nth: fc.integer({ min: 0, max: Math.max(0, i - 1) }),
              type: fc.constantFrom(...LINK_TYPES),
              lag: fc.integer({ min: -3, max: 6 }),
            }),
            { maxLength: i === 0 ? 0 : 3 },
          ),
        }),
      ),
    ),
  )
  .map((rows) =>
    rows.map(({ duration, notBefore, after }, i): NetworkTask => ({
      id: `t${i}`,
      duration,
      notBefore,
      after: after.map(({ nth, type, lag }) => ({ id: `t${nth}`, type, lag })),
    })),
  )

const gapOf = (l: Link, before: number, own: number) =>
  ({ FS: before + l.lag, SS: l.lag, FF: before + l.lag - own, SF: l.lag - own })[l.type]

/** The longest way to each task by relaxing every link until nothing moves: plain, and slow. */
function longestWays(tasks: readonly NetworkTask[]): Map<string, number> {
  const start = new Map(tasks.map((t) => [t.id, Math.max(0, t.notBefore ?? 0)]))
  const duration = new Map(tasks.map((t) => [t.id, t.duration]))
  for (let moved = true; moved;) {
    moved = false
    for (const t of tasks)
      for (const l of t.after) {
        const least = (start.get(l.id) ?? 0) + gapOf(l, duration.get(l.id) ?? 0, t.duration)
        if (least > (start.get(t.id) ?? 0)) {
          start.set(t.id, least)
          moved = true
        }
      }
  }
  return start
}

describe('random networks', () => {
  test('earliest starts are the longest ways, and a slip by the float and no more holds the end', () => {
    fc.assert(
      fc.property(networks, fc.nat(), (tasks, pick) => {
        const { duration, times } = networkTimes(tasks)
        const ways = longestWays(tasks)
        for (const t of tasks) expect(times.get(t.id)?.earliestStart).toBe(ways.get(t.id))
        const one = tasks[pick % tasks.length]
        const at = one && times.get(one.id)
        if (!one || !at) return
        expect(at.totalFloat).toBeGreaterThanOrEqual(at.freeFloat)
        const slipped = (by: number) =>
          networkTimes(tasks.map((t) => (t.id === one.id ? { ...t, notBefore: at.earliestStart + by } : t)))
        expect(slipped(at.totalFloat).duration).toBe(duration)
        expect(slipped(at.totalFloat + 1).duration).toBe(duration + 1)
        const free = slipped(at.freeFloat).times
        for (const t of tasks.filter((x) => x.id !== one.id))
          expect(free.get(t.id)?.earliestStart).toBe(times.get(t.id)?.earliestStart)
      }),
    )
  })
  test('the order in which tasks and links are named does not matter', () => {
    fc.assert(
      fc.property(networks, (tasks) => {
        const turned = [...tasks].reverse().map((t) => ({ ...t, after: [...t.after].reverse() }))
        const [one, other] = [networkTimes(tasks), networkTimes(turned)]
        expect(other.duration).toBe(one.duration)
        for (const t of tasks) expect(other.times.get(t.id)).toEqual(one.times.get(t.id))
      }),
    )
  })
})
