import glpk from 'glpk.js/node'
import type { SetProblem } from '../stages/source/bestSet/problem.js'

/**
 * The highest value a general mixed-integer solver finds for a problem of choosing within a budget, proven by it;
 * undefined when it finds that nothing fits. For tests and benchmarks only.
 */
export async function secondSolver(): Promise<(problem: SetProblem) => number | undefined> {
  const solver = await glpk()
  const most = (ub: number) => ({ type: solver.GLP_UP, ub, lb: 0 })
  return (problem) => {
    const all = problem.groups.flatMap((g) => g.options)
    const costs = (options: typeof all) => options.map((o) => ({ name: o.id, coef: o.costMinor }))
    const { result } = solver.solve(
      {
        name: 'set',
        objective: {
          direction: solver.GLP_MAX,
          name: 'value',
          vars: all.map((o) => ({ name: o.id, coef: o.value })),
        },
        subjectTo: [
          { name: 'budget', vars: costs(all), bnds: most(problem.budgetMinor) },
          ...problem.groups.map((g) => ({
            name: g.id,
            vars: g.options.map((o) => ({ name: o.id, coef: 1 })),
            bnds: g.required ? { type: solver.GLP_FX, ub: 1, lb: 1 } : most(1),
          })),
          ...problem.conflicts.map(([a, b], i) => ({
            name: `conflict ${i}`,
            vars: [a, b].map((name) => ({ name, coef: 1 })),
            bnds: most(1),
          })),
          ...(problem.caps ?? []).map((c) => ({
            name: `cap ${c.name}`,
            vars: costs(problem.groups.filter((g) => g.cap === c.name).flatMap((g) => g.options)),
            bnds: most(c.maxMinor),
          })),
        ],
        binaries: all.map((o) => o.id),
      },
      { msglev: solver.GLP_MSG_OFF, presol: true, tmlim: 60 },
    )
    return result.status === solver.GLP_OPT ? Math.round(result.z) : undefined
  }
}
