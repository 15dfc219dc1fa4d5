// The plan of the work in npm run bench: ten thousand runs of the demo's plan beside a plain loop over the same lengths and
// waits without hours, days off or turns; and a plan made anew beside deriving the job it is made from.
import { bundled, demoOver } from './benchCore.mjs'

const RUNS = 10_000
const DAY = '2026-11-23'
const median = (list) => [...list].sort((x, y) => x - y)[list.length >> 1]
const timed = (work, times = 5) =>
  median(
    Array.from({ length: times }, () => {
      const started = performance.now()
      work()
      return performance.now() - started
    }),
  )

export async function installRuns(row) {
  const core = await import(
    await bundled(
      `export { deriveJob } from './core/job/derive.ts'
       export { takeoffsOf } from './core/job/takeoffsOf.ts'
       export { planInputOf, deriveInstall } from './core/job/install/deriveInstall.ts'
       export { workPlan } from './core/stages/install/workPlan.ts'
       export { uncertainTasks } from './core/stages/install/readiness.ts'
       export { simulation } from './core/kernel/schedule/simulate.ts'
       export { quantilesOf, quantile } from './core/kernel/schedule/threePoint.ts'
       export { emptyJob } from './core/examples/emptyJob.ts'`,
      'bench-install.mjs',
    )
  )
  const job = demoOver(core.emptyJob())
  const derived = core.deriveJob(job, DAY)
  const lines = core.takeoffsOf(job, derived.measure)
  const input = core.planInputOf(job, derived, lines, DAY)
  const plan = core.workPlan(input)
  const tasks = core.uncertainTasks(input, plan)
  const ours = timed(() => {
    const runs = core.simulation(tasks, 1)
    runs.run(RUNS)
    runs.outcome()
  })
  const at = new Map(tasks.map((t, i) => [t.id, i]))
  const waits = tasks.map((t) => t.after.map((w) => [at.get(w.id) ?? -1, w.lag]).filter(([i]) => i >= 0))
  const tables = tasks.map(core.quantilesOf)
  const plain = timed(() => {
    const ends = new Float64Array(tasks.length)
    let last = 0
    for (let run = 0; run < RUNS; run++)
      for (let i = 0; i < tasks.length; i++) {
        let ready = tasks[i].notBefore ?? 0
        for (const [before, lag] of waits[i]) ready = Math.max(ready, ends[before] + lag)
        ends[i] = ready + core.quantile(tables[i], Math.random())
        last = Math.max(last, ends[i])
      }
    return last
  })
  row(
    `install: ${RUNS} runs, ${tasks.length} tasks, ms`,
    ours.toFixed(0),
    plain.toFixed(0),
    ours / plain,
    'aim: under one second',
  )
  const planned = timed(() => core.deriveInstall(job, derived, lines, DAY), 9)
  const deriving = timed(() => core.deriveJob({ ...job }, DAY), 9)
  row(
    'install: plan made anew, ms',
    planned.toFixed(1),
    deriving.toFixed(1),
    planned / deriving,
    'aim: under 100 ms',
  )
}
