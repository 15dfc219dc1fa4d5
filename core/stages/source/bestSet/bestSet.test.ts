import fc from 'fast-check'
import { beforeAll, describe, expect, test } from 'vitest'
import { published } from '../../../testing/published.js'
import { randomSet } from '../../../examples/randomSet.js'
import { secondSolver } from '../../../testing/secondSolver.js'
import { bestSet } from './bestSet.js'
import { bestSets } from './curve.js'
import type { SetAnswer, SetProblem } from './problem.js'

interface Instance {
  readonly budget_cents: number
  readonly groups: readonly {
    readonly id: string
    readonly required: boolean
    readonly items: readonly { readonly id: string; readonly price_cents: number; readonly value: number }[]
  }[]
  readonly conflicts: readonly (readonly [string, string])[]
}

const problemOf = (i: Instance): SetProblem => ({
  budgetMinor: i.budget_cents,
  conflicts: i.conflicts,
  groups: i.groups.map((g) => ({
    ...g,
    options: g.items.map((o) => ({ id: o.id, costMinor: o.price_cents, value: o.value })),
  })),
})

/** What an answer comes to by its own ids, and whether it keeps every condition of the problem. */
function held(problem: SetProblem, answer: SetAnswer) {
  const taken = new Set(answer.chosen.filter((id) => id !== undefined))
  const options = problem.groups.flatMap((g, i) => g.options.filter((o) => o.id === answer.chosen[i]))
  const cost = options.reduce((sum, o) => sum + o.costMinor, 0)
  return {
    value: options.reduce((sum, o) => sum + o.value, 0),
    cost,
    keeps:
      taken.size === options.length &&
      cost <= problem.budgetMinor &&
      problem.groups.every((g, i) => !g.required || answer.chosen[i] !== undefined) &&
      problem.conflicts.every(([a, b]) => !taken.has(a) || !taken.has(b)) &&
      (problem.caps ?? []).every(
        (c) =>
          problem.groups.reduce(
            (sum, g, i) =>
              sum +
              (g.cap === c.name ? (g.options.find((o) => o.id === answer.chosen[i])?.costMinor ?? 0) : 0),
            0,
          ) <= c.maxMinor,
      ),
  }
}

describe('proven optimum', () => {
  test.each(published<Instance, { feasible?: boolean; optimalValue: number }>('optimization.mckp.'))(
    '$id $title',
    ({ input, expected }) => {
      const problem = problemOf(input)
      const answer = bestSet(problem)
      expect(answer.proven).toBe(true)
      expect(answer.feasible).toBe(expected.feasible ?? true)
      if (!answer.feasible) return
      expect(held(problem, answer)).toEqual({
        value: expected.optimalValue,
        cost: answer.costMinor,
        keeps: true,
      })
      expect(answer.value).toBe(expected.optimalValue)
    },
  )

  test.each(
    published<{ capacity: number; weights: number[]; profits: number[] }, { optimum: number }>(
      'optimization.knapsack.',
    ),
  )('$id $title: one thing a group, none required', ({ input, expected }) => {
    const problem: SetProblem = {
      budgetMinor: input.capacity,
      conflicts: [],
      groups: input.weights.map((costMinor, i) => ({
        id: `g${i}`,
        required: false,
        options: [{ id: `o${i}`, costMinor, value: input.profits[i] ?? 0 }],
      })),
    }
    expect(bestSet(problem)).toMatchObject({ value: expected.optimum, proven: true })
  })
})

describe('against a second solver', () => {
  let second: Awaited<ReturnType<typeof secondSolver>>
  beforeAll(async () => {
    second = await secondSolver()
  })

  /** Caps on two halves of the groups, tight enough to bind now and then. */
  const capped = (p: SetProblem): SetProblem => ({
    ...p,
    groups: p.groups.map((g, i) => ({ ...g, cap: i % 2 === 0 ? 'even' : 'odd' })),
    caps: [
      { name: 'even', maxMinor: Math.round(p.budgetMinor * 0.5) },
      { name: 'odd', maxMinor: Math.round(p.budgetMinor * 0.55) },
    ],
  })

  test.each([
    ['without conflicts', 170, (s: number) => randomSet(s, 4 + (s % 9), 2 + (s % 5), 0)],
    ['with conflicts', 170, (s: number) => randomSet(s, 4 + (s % 9), 2 + (s % 5), 3 + (s % 40))],
    ['with caps', 80, (s: number) => capped(randomSet(s, 4 + (s % 7), 2 + (s % 4), s % 12))],
    [
      'hardly anything fits',
      80,
      (s: number) => ({ ...randomSet(s, 5, 4, 30), budgetMinor: 60_000 + s * 500 }),
    ],
  ] as const)('%s: %i random problems', (_name, count, make) => {
    for (let seed = 1; seed <= count; seed++) {
      const problem: SetProblem = make(seed)
      const [answer, wanted] = [bestSet(problem), second(problem)]
      expect([seed, answer.feasible ? answer.value : undefined, answer.proven]).toEqual([seed, wanted, true])
      if (answer.feasible) expect(held(problem, answer)).toMatchObject({ value: wanted, keeps: true })
    }
  })

  test('the curve is, at each of its budgets, what a search at that budget alone finds', () => {
    for (const conflicts of [0, 25]) {
      const problem = randomSet(77, 12, 5, conflicts)
      const budgets = Array.from({ length: 20 }, (_, i) => Math.round(problem.budgetMinor * (0.4 + 0.06 * i)))
      const curve = bestSets(problem, budgets)
      expect(curve.map((a) => (a.feasible ? a.value : undefined))).toEqual(
        budgets.map((budgetMinor) => second({ ...problem, budgetMinor })),
      )
      for (const [i, a] of curve.entries())
        if (a.feasible) expect(held({ ...problem, budgetMinor: budgets[i] ?? 0 }, a).keeps).toBe(true)
    }
  })
})

test('more money never buys less, and conflicts never help', () => {
  fc.assert(
    fc.property(
      fc.nat(1_000_000),
      fc.integer({ min: 2, max: 9 }),
      fc.nat(15),
      fc.nat(200_000),
      (seed, n, c, more) => {
        const problem = randomSet(seed, n, 4, Math.min(c, n))
        const [poor, rich] = [
          bestSet(problem),
          bestSet({ ...problem, budgetMinor: problem.budgetMinor + more }),
        ]
        const free = bestSet({ ...problem, conflicts: [] })
        if (poor.feasible) expect(rich.value).toBeGreaterThanOrEqual(poor.value)
        if (poor.feasible) expect(free.value).toBeGreaterThanOrEqual(poor.value)
      },
    ),
  )
})

test('a search that is stopped keeps its best and does not say it is proven', () => {
  const problem = randomSet(3, 60, 8, 500)
  const answer = bestSet(problem, { stopped: () => true })
  expect(answer.feasible).toBe(true)
  expect(held(problem, answer).keeps).toBe(true)
  expect(answer.proven).toBe(false)
})

test.each([
  [
    'a price that is no whole number',
    {
      budgetMinor: 1,
      conflicts: [],
      groups: [{ id: 'g', required: true, options: [{ id: 'a', costMinor: 0.5, value: 1 }] }],
    },
    /Option a/,
  ],
  [
    'an id given twice',
    {
      budgetMinor: 1,
      conflicts: [],
      groups: [
        {
          id: 'g',
          required: true,
          options: [
            { id: 'a', costMinor: 1, value: 1 },
            { id: 'a', costMinor: 1, value: 1 },
          ],
        },
      ],
    },
    /twice/,
  ],
  [
    'a conflict with a stranger',
    {
      budgetMinor: 1,
      conflicts: [['a', 'b']],
      groups: [{ id: 'g', required: true, options: [{ id: 'a', costMinor: 1, value: 1 }] }],
    },
    /nobody gave: b/,
  ],
  [
    'a cap nobody set',
    { budgetMinor: 1, conflicts: [], groups: [{ id: 'g', required: true, cap: 'c', options: [] }] },
    /cap nobody set/,
  ],
] as const)('%s is refused by name', (_name, problem, message) => {
  expect(() => bestSet(problem)).toThrow(message)
})
