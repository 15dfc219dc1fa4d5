// The take-off's part of npm run bench: a room of every trade, after a change that touches all of them.
import { bundled, demoOver } from './benchCore.mjs'

const middle = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)]
/** Changes that are measured, each another height of the room. */
const CHANGES = 9

/**
 * Every line of the demo's first job reckoned and drawn anew, and the work and consumables that follow, beside deriving the
 * same job. The aim is 300 ms after a change.
 */
export async function everyTrade(row) {
  const core = await import(
    await bundled(
      `
    export { deriveJob } from './core/job/derive.ts'
    export { makingOf } from './core/job/making/makingOf.ts'
    export { markingOf } from './core/job/making/markingOf.ts'
    export { measureOf } from './core/job/measureOf.ts'
    export { takeoffsOf } from './core/job/takeoffsOf.ts'
    export { emptyJob } from './core/examples/emptyJob.ts'`,
      'bench-takeoff.mjs',
    )
  )
  const job = demoOver(core.emptyJob())
  const trades = []
  const derived = []
  for (let i = 0; i <= CHANGES; i++) {
    const changed = { ...job, room: { ...job.room, heightMm: job.room.heightMm + 10 * i } }
    const began = performance.now()
    const facts = core.deriveJob(changed, '2026-03-01')
    const between = performance.now()
    const lines = core.takeoffsOf(changed, core.measureOf(changed))
    core.makingOf(changed, facts, lines)
    core.markingOf(changed, facts)
    // The first of each is run cold, and not told.
    if (i > 0) {
      derived.push(between - began)
      trades.push(performance.now() - between)
    }
  }
  console.log('\nA room of every trade after a change, one thread')
  row(
    `${job.takeoffs.length} lines, work and marking, ms`,
    middle(trades).toFixed(0),
    middle(derived).toFixed(1),
    middle(trades) / middle(derived),
    'aim 300 ms; beside deriving the job',
  )
}
