import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { seededNumbers } from '../random/seededNumbers.js'
import { published } from '../../testing/published.js'
import { CircularNetwork } from './inOrder.js'
import { levelled, LINK_TYPES, type Levelled, type LevelTask, type Wait } from './levelled.js'
import { workTime, type WorkTime } from './workTime.js'

interface Activity {
  readonly id: string
  readonly duration: number
  readonly predecessors: readonly Wait[]
}
interface Expected {
  readonly duration: number
  readonly activities: Readonly<Record<string, Readonly<Record<string, number>>>>
  readonly critical: readonly string[]
}
/** Day and night, a day to a minute of the plan. */
const ALWAYS = workTime(40, () => [[0, 1440]])
const tasksOf = (activities: readonly Activity[]): LevelTask[] =>
  activities.map(({ id, duration, predecessors }) => ({
    ...{ id, work: duration, time: ALWAYS, uses: [], after: predecessors },
  }))
const critical = ({ placed, order }: Levelled) => order.filter((id) => (placed.get(id)?.spare ?? 1) < 1e-6)

describe('published networks', () => {
  const all = published<{ activities: readonly Activity[] }, Expected & { error?: string }>('schedule.cpm')
  test.each(all.filter((c) => !c.expected.error))('$title', ({ input, expected }) => {
    const plan = levelled(tasksOf(input.activities))
    expect(plan.finish).toBe(expected.duration)
    for (const [id, e] of Object.entries(expected.activities)) {
      const t = plan.placed.get(id)
      expect([t?.start, t?.finish, t?.latestStart, t?.latestFinish], id).toEqual([e.es, e.ef, e.ls, e.lf])
      expect([t?.spare, t?.free], id).toEqual([e.totalFloat, e.freeFloat])
    }
    expect(critical(plan).sort()).toEqual([...expected.critical].sort())
  })
  test.each(all.filter((c) => c.expected.error))('$title', ({ input }) => {
    expect(() => levelled(tasksOf(input.activities))).toThrow(CircularNetwork)
  })
  test('a task that waits for one that is not there is named', () =>
    expect(() =>
      levelled([
        { id: 'hang', work: 1, time: ALWAYS, uses: [], after: [{ id: 'paint', type: 'FS', lag: 0 }] },
      ]),
    ).toThrow('hang waits for paint'))
})

interface Drawn {
  readonly work: number
  readonly notBefore: number
  readonly uses: readonly string[]
  readonly hours: number
  readonly after: readonly { readonly nth: number; readonly type: Wait['type']; readonly lag: number }[]
}
/** Tasks that wait only for earlier ones. */
const drawn = (most: number, uses: readonly string[], hours: number) =>
  fc.integer({ min: 1, max: most }).chain((n) =>
    fc.tuple(
      ...Array.from({ length: n }, (_, i) =>
        fc.record<Drawn>({
          work: fc.integer({ min: 0, max: 12 }),
          notBefore: fc.constantFrom(0, 0, 0, 5, 20),
          uses: uses.length > 0 ? fc.subarray([...uses], { maxLength: 2 }) : fc.constant([]),
          hours: fc.nat(hours - 1),
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
const asTasks = (rows: readonly Drawn[], times: readonly WorkTime[]): LevelTask[] =>
  rows.map(({ work, notBefore, uses, hours, after }, i) => ({
    ...{ id: `t${i}`, work, notBefore, uses, time: times[hours] ?? ALWAYS },
    after: after.map(({ nth, type, lag }) => ({ id: `t${nth}`, type, lag })),
  }))

const gapOf = (l: Wait, before: number, own: number) =>
  ({ FS: before + l.lag, SS: l.lag, FF: before + l.lag - own, SF: l.lag - own })[l.type]

/** The longest way to each task by relaxing every link until nothing moves: plain, and slow. */
function longestWays(tasks: readonly LevelTask[]): Map<string, number> {
  const start = new Map(tasks.map((t) => [t.id, Math.max(0, t.notBefore ?? 0)]))
  const work = new Map(tasks.map((t) => [t.id, t.work]))
  for (let moved = true; moved;) {
    moved = false
    for (const t of tasks)
      for (const l of t.after) {
        const least = (start.get(l.id) ?? 0) + gapOf(l, work.get(l.id) ?? 0, t.work)
        if (least > (start.get(t.id) ?? 0)) {
          start.set(t.id, least)
          moved = true
        }
      }
  }
  return start
}

describe('random networks without people or hours', () => {
  const networks = drawn(60, [], 1)
  const always = (rows: readonly Drawn[]) => asTasks(rows, [ALWAYS])
  test('starts are the longest ways, and a slip by what is to spare and no more holds the end', () => {
    fc.assert(
      fc.property(networks, fc.nat(), (rows, pick) => {
        const tasks = always(rows)
        const { finish, placed } = levelled(tasks)
        const ways = longestWays(tasks)
        for (const t of tasks) expect(placed.get(t.id)?.start).toBe(ways.get(t.id))
        const one = tasks[pick % tasks.length]
        const at = one && placed.get(one.id)
        if (!one || !at) return
        expect(at.spare).toBeGreaterThanOrEqual(at.free)
        const slipped = (by: number) =>
          levelled(tasks.map((t) => (t.id === one.id ? { ...t, notBefore: at.start + by } : t)))
        expect(slipped(at.spare).finish).toBe(finish)
        expect(slipped(at.spare + 1).finish).toBe(finish + 1)
        const free = slipped(at.free).placed
        for (const t of tasks.filter((x) => x.id !== one.id))
          expect(free.get(t.id)?.start).toBe(placed.get(t.id)?.start)
      }),
    )
  })
  test('by a later minute than the end everything may begin later, by as much; what begins so is over by then', () => {
    fc.assert(
      fc.property(networks, fc.nat(5_000), fc.nat(), (rows, more, pick) => {
        const tasks = always(rows)
        const plan = levelled(tasks)
        const by = levelled(tasks, 0, plan.finish + more)
        expect([...by.placed]).toEqual([...plan.placed])
        for (const t of tasks)
          expect(by.latestBy.get(t.id)).toBeGreaterThanOrEqual(plan.placed.get(t.id)?.latestStart ?? 0)
        const one = tasks[pick % tasks.length]
        if (!one || one.fixedAt !== undefined) return
        const late = tasks.map((t) => (t === one ? { ...t, notBefore: by.latestBy.get(t.id) ?? 0 } : t))
        expect(levelled(late).finish).toBeLessThanOrEqual(plan.finish + more + 1e-6)
      }),
      { numRuns: 100 },
    )
  })
  test('by a minute that is not after the end, the latest times are those of the plan', () => {
    fc.assert(
      fc.property(networks, (rows) => {
        const tasks = always(rows)
        const { placed, latestBy } = levelled(tasks, 0, 0)
        for (const [id, p] of placed) expect(latestBy.get(id)).toBe(p.latestStart)
      }),
      { numRuns: 40 },
    )
  })
  test('two thousand tasks', () => {
    const next = seededNumbers(11)
    const tasks = Array.from({ length: 2000 }, (_, i): LevelTask => ({
      ...{ id: `t${i}`, work: Math.floor(next() * 12), time: ALWAYS, uses: [], notBefore: 0 },
      after: Array.from({ length: i === 0 ? 0 : 2 }, (): Wait => ({
        ...{
          id: `t${Math.max(0, i - 1 - Math.floor(next() * 40))}`,
          type: 'FS',
          lag: Math.floor(next() * 4),
        },
      })),
    }))
    const { placed } = levelled(tasks)
    for (const [id, start] of longestWays(tasks)) expect(placed.get(id)?.start).toBe(start)
  })
  test('the order in which tasks and links are named does not matter', () => {
    fc.assert(
      fc.property(networks, (rows) => {
        const tasks = always(rows)
        const turned = [...tasks].reverse().map((t) => ({ ...t, after: [...t.after].reverse() }))
        const [one, other] = [levelled(tasks), levelled(turned)]
        expect(other.finish).toBe(one.finish)
        for (const t of tasks)
          expect({ ...other.placed.get(t.id), heldBy: 0 }).toEqual({ ...one.placed.get(t.id), heldBy: 0 })
      }),
    )
  })
})

/** Two people with hours of their own: mornings and afternoons with a break, or evenings. */
const SHIFTS = [
  workTime(400, () => [
    [4, 10],
    [12, 18],
  ]),
  workTime(400, (day) => (day % 7 < 5 ? [[15, 24]] : [])),
].map((time) => ({ ...time }))

describe('random networks with people, a room and hours', () => {
  const networks = drawn(40, ['room', 'ann', 'ben'], 2)
  const inShifts = (rows: readonly Drawn[]) =>
    asTasks(rows, SHIFTS).map((t) => ({
      ...t,
      after: t.after
        .filter((w) => w.type === 'FS' || w.type === 'SS')
        .map((w) => ({ ...w, lag: Math.max(0, w.lag) })),
    }))
  test('every wait is kept, all work is done within hours, and nobody and nothing is used twice', () => {
    fc.assert(
      fc.property(networks, (rows) => {
        const tasks = inShifts(rows)
        const { placed } = levelled(tasks)
        const at = (id: string) => placed.get(id) ?? { start: NaN, finish: NaN }
        for (const t of tasks) {
          const { start, finish } = at(t.id)
          expect(start).toBeGreaterThanOrEqual(t.notBefore ?? 0)
          for (const w of t.after)
            expect(start).toBeGreaterThanOrEqual((w.type === 'FS' ? at(w.id).finish : at(w.id).start) + w.lag)
          expect(workedBetween(t.time, start, finish)).toBe(t.work)
        }
        for (const [i, x] of tasks.entries())
          for (const y of tasks.slice(0, i))
            if (x.work > 0 && y.work > 0 && x.uses.some((u) => y.uses.includes(u)))
              expect(at(x.id).finish <= at(y.id).start || at(y.id).finish <= at(x.id).start).toBe(true)
      }),
    )
  })
  test('a task that begins at its latest, in the same turns, does not move the end', () => {
    fc.assert(
      fc.property(networks, fc.nat(), (rows, pick) => {
        const tasks = inShifts(rows)
        const { placed, finish, inTurn } = levelled(tasks)
        const one = tasks[pick % tasks.length]
        const late = one && placed.get(one.id)
        if (!one || !late) return
        // Turns as waits, and nobody's time: what is left is this plan alone.
        const turned = tasks.map((t) => ({
          ...t,
          uses: [],
          after: [...t.after, ...(inTurn.get(t.id) ?? []).map((id): Wait => ({ id, type: 'FS', lag: 0 }))],
          notBefore: t.id === one.id ? late.latestStart : (t.notBefore ?? 0),
        }))
        expect(levelled(turned).finish).toBeLessThanOrEqual(finish)
      }),
    )
  })
  test('what others fixed stands where it is, and holds nobody up who would come after it', () => {
    const hang = { id: 'hang', work: 4, time: ALWAYS, uses: ['room'], fixedAt: 3 }
    const coat = { id: 'coat', work: 6, time: ALWAYS, uses: [], after: [] }
    const plan = levelled([coat, { ...hang, after: [{ id: 'coat', type: 'FS', lag: 2 }] }])
    expect(plan.placed.get('hang')).toMatchObject({ start: 3, finish: 7, spare: 0 })
    expect(plan.placed.get('coat')).toMatchObject({ start: 0, finish: 6, spare: 1 })
  })
})

/** Minute by minute. */
function workedBetween({ starts, ends }: WorkTime, from: number, until: number): number {
  let worked = 0
  starts.forEach((s, i) => (worked += Math.max(0, Math.min(until, ends[i] ?? 0) - Math.max(from, s))))
  return worked
}
