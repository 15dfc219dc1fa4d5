// What is handed over in npm run bench: sixty things on twelve shelves composed, beside putting them up at random and judging
// each of as many tries by the same cost; the book of the demo as data, beside deriving the job it is made from.
import { bundled, demoOver } from './benchCore.mjs'

const DAY = '2026-11-23'
const THINGS = 60
const LEVELS = 12
const median = (list) => [...list].sort((x, y) => x - y)[list.length >> 1]
const timed = (work, times = 3) =>
  median(
    Array.from({ length: times }, () => {
      const started = performance.now()
      work()
      return performance.now() - started
    }),
  )

export async function handoverRuns(row) {
  const core = await import(
    await bundled(
      `export { compose } from './core/stages/handover/compose/compose.ts'
       export { boardOf } from './core/stages/handover/compose/board.ts'
       export { wholeCost } from './core/stages/handover/compose/cost.ts'
       export { firstState } from './core/stages/handover/compose/search.ts'
       export { shelfFacts, shelfJob } from './core/examples/handover/example.ts'
       export { deriveJob } from './core/job/derive.ts'
       export { takeoffsOf } from './core/job/takeoffsOf.ts'
       export { bookOf } from './core/job/handover/book/bookOf.ts'
       export { emptyJob } from './core/examples/emptyJob.ts'`,
      'bench-handover.mjs',
    )
  )
  const hosts = [0, 1].map((n) => ({
    id: `Unit ${n}`,
    size: [1200, 320, 2300],
    shelves: [{ levels: LEVELS / 2, clearHeightMm: 350, clearWidthMm: 1160, clearDepthMm: 300 }],
  }))
  const things = Array.from({ length: THINGS }, (_x, i) => ({
    id: `Thing ${i}`,
    size: [60 + ((i * 37) % 180), 60 + ((i * 53) % 160), 80 + ((i * 71) % 220)],
    on: `Unit ${i % 2}`,
    level: 1 + (i % (LEVELS / 2)),
  }))
  const facts = core.shelfFacts(core.shelfJob(hosts, things))
  const unitIds = hosts.map((h) => h.id)
  const ours = timed(() => core.compose({ facts, unitIds, loose: [], seed: 1 }))
  const board = core.boardOf(facts.units, [])
  const start = core.firstState(board)
  // As many whole looks as ours takes steps in one of its runs: what judging every try anew would cost.
  const plain = timed(() => {
    for (let n = 0; n < 8_000; n++) core.wholeCost(board, start)
  }, 1)
  row(
    `handover: ${THINGS} things on ${LEVELS} shelves composed, ms`,
    ours.toFixed(0),
    plain.toFixed(0),
    ours / plain,
    'aim: under two seconds; beside 8,000 whole looks',
  )
  const job = demoOver(core.emptyJob())
  const derived = core.deriveJob(job, DAY)
  const lines = core.takeoffsOf(job, derived.measure)
  const book = timed(() => core.bookOf({ job, derived, plan: undefined, lines, findings: [], today: DAY }), 9)
  const deriving = timed(() => core.deriveJob({ ...job }, DAY), 9)
  row('handover: the book as data, ms', book.toFixed(1), deriving.toFixed(1), book / deriving, '')
}
