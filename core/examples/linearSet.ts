import type { SetProblem } from '../stages/source/bestSet/problem.js'

/**
 * The same problem as a mixed-integer program in the LP text format that solvers read, for tests and benchmarks to hold
 * the dedicated method against.
 */
export function linearSet(problem: SetProblem): string {
  const names = new Map<string, string>()
  for (const g of problem.groups) for (const o of g.options) names.set(o.id, `x${names.size}`)
  const name = (id: string) => names.get(id) ?? ''
  const all = problem.groups.flatMap((g) => g.options)
  const sum = (terms: readonly string[]) => (terms.length > 0 ? terms.join(' + ') : '0 x0')
  return [
    'Maximize',
    ` value: ${sum(all.map((o) => `${o.value} ${name(o.id)}`))}`,
    'Subject To',
    ` budget: ${sum(all.map((o) => `${o.costMinor} ${name(o.id)}`))} <= ${problem.budgetMinor}`,
    ...problem.groups.map(
      (g, i) => ` g${i}: ${sum(g.options.map((o) => name(o.id)))} ${g.required ? '=' : '<='} 1`,
    ),
    ...problem.conflicts.map(([a, b], i) => ` c${i}: ${name(a)} + ${name(b)} <= 1`),
    ...(problem.caps ?? []).map(
      (c, i) =>
        ` cap${i}: ${sum(problem.groups.filter((g) => g.cap === c.name).flatMap((g) => g.options.map((o) => `${o.costMinor} ${name(o.id)}`)))} <= ${c.maxMinor}`,
    ),
    'Binary',
    ...names.values(),
    'End',
  ].join('\n')
}
