// The Plan's part of npm run bench: moves of the arrangement search, and dragging a piece among 150.
import { hallOf150 } from './crowdedJob.mjs'
import { bundled, demoOver } from './benchCore.mjs'

const middle = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)]

/** Moves a second of the arrangement search on one thread, beside the same moves with every sum reckoned anew. */
export async function arrangementMoves(row) {
  const core = await import(
    await bundled(
      `
    export { anneal, newState } from './core/stages/plan/arrange/anneal.ts'
    export { boardOf } from './core/stages/plan/arrange/board.ts'
    export { settle } from './core/stages/plan/arrange/energy.ts'
    export { planOf } from './core/job/planFactsOf.ts'
    export { randomPlan } from './core/examples/randomPlan.ts'
    export { emptyJob } from './core/examples/emptyJob.ts'`,
      'bench-plan.mjs',
    )
  )
  const jobs = [
    ['demo room', demoOver(core.emptyJob())],
    ['random room', core.randomPlan(11)],
  ]
  console.log('\nMoves of the arrangement search, one thread (aim: 400 000 a second)')
  for (const [name, job] of jobs) {
    const facts = core.planOf(job)
    const moving = facts.standings.filter((s) => !s.piece.stays && s.kind !== 'rug')
    const board = core.boardOf(
      facts.room,
      facts.needs,
      moving,
      facts.standings.filter((s) => s.piece.stays),
    )
    const start = core.newState(board.n)
    moving.forEach((s, i) => {
      start.x[i] = s.box.x
      start.y[i] = s.box.y
      start.turn[i] = Math.round(s.turnDeg / 90) % 4
    })
    core.anneal(board, start, 100_000, 1)
    const rates = [2, 3, 4, 5, 6].map((seed) => {
      const began = performance.now()
      core.anneal(board, start, 300_000, seed)
      return 300_000 / ((performance.now() - began) / 1000)
    })
    const state = core.newState(board.n)
    const began = performance.now()
    for (let i = 0; i < 3_000; i++) core.settle(board, state)
    const whole = 3_000 / ((performance.now() - began) / 1000)
    row(
      `  ${name}, ${board.n} pieces, moves a second`,
      Math.round(middle(rates)),
      `${Math.round(whole)} whole sums`,
      middle(rates) / whole,
      'aim ≥ 400 000',
    )
  }
}

/** A job with 150 pieces, made of the demo's own file. */
async function crowdedJob(page) {
  const jobs = await page
    .locator('a[href*="/jobs/"]')
    .evaluateAll((l) => l.map((a) => a.getAttribute('href')))
  const demo = jobs.find((j) => /\/jobs\/[0-9a-f-]{36}/.test(j))
  const id = /[0-9a-f-]{36}/.exec(demo)[0]
  const file = await page.evaluate(async (id) => (await fetch(`/api/jobs/${id}/export`)).json(), id)
  return page.evaluate(
    async (body) => {
      const made = await fetch('/api/jobs/import', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body,
      })
      return made.ok ? (await made.json()).id : Promise.reject(new Error(await made.text()))
    },
    JSON.stringify(hallOf150(file)),
  )
}

/** Dragging one piece among 150, and proposals in their worker: time of the main thread, and frames. */
export async function planPage(page, url) {
  console.log('\nThe plan on screen')
  await page.goto(`${url}/jobs`)
  await page.getByRole('link', { name: 'Music and reading room' }).waitFor()
  const id = await crowdedJob(page)
  await page.goto(`${url}/jobs/${id}/plan`)
  await page.locator('[data-stand]').nth(149).waitFor()
  await page.waitForTimeout(1500)
  const box = await page.locator('[data-stand]').nth(70).boundingBox()
  const session = await page.context().newCDPSession(page)
  await session.send('Performance.enable')
  const metrics = async () =>
    Object.fromEntries((await session.send('Performance.getMetrics')).metrics.map((m) => [m.name, m.value]))
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  const drag = async (n) => {
    for (let i = 0; i < n; i++) {
      await page.mouse.move(box.x + 10 + (i % 40) * 2, box.y + 10 + ((i * 7) % 60))
      await page.evaluate(() => new Promise((done) => requestAnimationFrame(done)))
    }
  }
  await drag(60)
  // A move of the pointer may take more than one frame: what counts is the frames that were drawn.
  await page.evaluate(() => {
    window.framesDrawn = 0
    const tick = () => {
      window.framesDrawn++
      requestAnimationFrame(tick)
    }
    requestAnimationFrame(tick)
  })
  const before = await metrics()
  await drag(150)
  const after = await metrics()
  const frames = await page.evaluate(() => window.framesDrawn)
  await page.mouse.up()
  const per = (name) => (((after[name] - before[name]) * 1000) / frames).toFixed(2)
  console.log(
    `  dragging among 150 pieces, a frame: script ${per('ScriptDuration')} ms, style ${per('RecalcStyleDuration')} ms, layout ${per('LayoutDuration')} ms (aim: under 5 together)`,
  )
  for (const name of ['Music and reading room', 'Box room', 'Guest shower room', 'Roof terrace']) {
    await page.goto(`${url}/jobs`)
    await page.getByRole('link', { name }).first().click()
    await page.waitForURL('**/brief')
    await page.goto(page.url().replace(/brief$/, 'plan/proposals'))
    await page.getByRole('button', { name: 'Propose arrangements' }).waitFor()
    await page.waitForTimeout(800)
    const { ms, gaps } = await page.evaluate(async () => {
      const button = [...document.querySelectorAll('button')].find(
        (b) => b.textContent.trim() === 'Propose arrangements',
      )
      const gaps = []
      let last = performance.now()
      let on = true
      const tick = (now) => {
        gaps.push(now - last)
        last = now
        if (on) requestAnimationFrame(tick)
      }
      requestAnimationFrame(tick)
      const started = performance.now()
      button.click()
      await new Promise((done) => setTimeout(done, 30))
      while (document.querySelector('progress')) await new Promise((done) => setTimeout(done, 5))
      on = false
      return { ms: performance.now() - started, gaps: gaps.slice(1) }
    })
    const sorted = gaps.sort((x, y) => x - y)
    console.log(
      `  arrangements of ${name}: ${ms.toFixed(0)} ms (aim: under 5 000), frames: middle ${(middle(sorted) ?? 0).toFixed(1)} ms, worst ${(sorted[sorted.length - 1] ?? 0).toFixed(1)} ms of ${sorted.length}`,
    )
  }
}
