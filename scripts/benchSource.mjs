// Source's part of npm run bench: the best set beside two general solvers, and a schedule of a thousand items on screen.
import { bundled } from './benchCore.mjs'
import { openedBare, openedCold, openedFromBeside, openedFromJobs, told, typedInto } from './benchPage.mjs'

const sum = (list) => list.reduce((a, b) => a + b, 0)

/** The dedicated search beside a simplex-based and an interior branch-and-cut solver, on the same problems in one run. */
export async function bestSets(row) {
  const core = await import(
    await bundled(
      `
    export { bestSet } from './core/stages/source/bestSet/bestSet.ts'
    export { bestSets } from './core/stages/source/bestSet/curve.ts'
    export { randomSet } from './core/examples/randomSet.ts'
    export { linearSet } from './core/examples/linearSet.ts'
    export { secondSolver } from './core/testing/secondSolver.ts'`,
      'bench-source.mjs',
      { external: ['glpk.js'] },
    )
  )
  const glpk = await core.secondSolver()
  const highs = await (await import('highs')).default()
  const byHighs = (p) =>
    highs.solve(core.linearSet(p), { output_flag: false, mip_rel_gap: 0, mip_abs_gap: 0.5, time_limit: 60 })
      .ObjectiveValue
  const timed = (work) => {
    const started = performance.now()
    const result = work()
    return { ms: performance.now() - started, result }
  }
  // Each solver compiled before it is timed.
  for (let seed = 900; seed < 990; seed++)
    for (const conflicts of [0, 60]) {
      core.bestSet(core.randomSet(seed, 25, 5, conflicts))
      if (seed < 905) [glpk, byHighs].forEach((solve) => solve(core.randomSet(seed, 25, 5, conflicts)))
    }
  console.log(
    '\nThe best set: random problems (40, 12 or 5 by size), proven, every solver on the same ones (aim: with conflicts at most GLPK and a third of HiGHS; without, a quarter of GLPK)',
  )
  for (const [groups, options, conflicts] of [
    [25, 5, 0],
    [60, 8, 0],
    [150, 12, 0],
    [25, 5, 60],
    [60, 8, 500],
    [150, 12, 2000],
  ]) {
    const times = { own: [], glpk: [], highs: [] }
    let differ = 0
    for (let seed = 1; seed <= (groups < 50 ? 40 : groups < 100 ? 12 : 5); seed++) {
      const problem = core.randomSet(seed * 31 + groups, groups, options, conflicts)
      const own = timed(() => core.bestSet(problem))
      const second = timed(() => glpk(problem))
      const third = timed(() => byHighs(problem))
      times.own.push(own.ms)
      times.glpk.push(second.ms)
      times.highs.push(third.ms)
      if (own.result.value !== second.result || Math.round(third.result) !== second.result) differ++
    }
    const name = `${groups} × ${options}${conflicts > 0 ? `, ${conflicts} conflicts` : ''}`
    row(
      name,
      `${sum(times.own).toFixed(1)} ms`,
      `GLPK ${sum(times.glpk).toFixed(0)} ms`,
      sum(times.own) / sum(times.glpk),
    )
    row(
      '',
      '',
      `HiGHS ${sum(times.highs).toFixed(0)} ms`,
      sum(times.own) / sum(times.highs),
      differ > 0 ? `${differ} DIFFER` : '',
    )
  }
  console.log('\nThe curve of 20 budgets (aim without conflicts: a tenth of GLPK)')
  for (const [groups, options, conflicts] of [
    [60, 8, 0],
    [150, 12, 0],
    [60, 8, 500],
    [150, 12, 2000],
  ]) {
    const problem = core.randomSet(7 * groups, groups, options, conflicts)
    const budgets = Array.from({ length: 20 }, (_, k) => Math.round(problem.budgetMinor * (0.7 + 0.05 * k)))
    const own = timed(() => core.bestSets(problem, budgets))
    const second = timed(() => budgets.map((budgetMinor) => glpk({ ...problem, budgetMinor })))
    const same = own.result.every((a, k) => (a.feasible ? a.value : undefined) === second.result[k])
    row(
      `${groups} × ${options}${conflicts > 0 ? `, ${conflicts} conflicts` : ''}`,
      `${own.ms.toFixed(0)} ms`,
      `GLPK ${second.ms.toFixed(0)} ms`,
      own.ms / second.ms,
      same ? '' : 'DIFFER',
    )
  }
}

/** A job of a thousand items with six options each: opening, searching, filtering, choosing. */
export async function sourcePage(page, url) {
  await page.goto(`${url}/jobs`)
  await page.getByRole('link', { name: 'Music and reading room' }).waitFor()
  const id = await page.evaluate(async () => {
    const send = (method, path, body, headers = {}) =>
      fetch(`/api${path}`, {
        method,
        headers: { 'Content-Type': 'application/json', ...headers },
        body: body && JSON.stringify(body),
      }).then((r) => r.json())
    const jobs = await send('GET', '/jobs')
    const demo = await send('GET', `/jobs/${jobs.find((j) => j.roomName === 'Music and reading room').id}`)
    const { id } = await send('POST', '/jobs', {
      clientName: 'Crowd',
      roomName: 'A thousand items',
      agreedMinor: 90_000_000,
    })
    const { version: _v, ...item } = demo.items.find((i) => i.id && !i.chosenOptionId) ?? demo.items[0]
    const { version: _w, ...option } = demo.options.find((o) => o.widthMm && o.colorL !== null)
    const bare = {
      aimFinishId: null,
      focalPointId: null,
      wallId: null,
      finishId: null,
      chosenOptionId: null,
      plannedOptionId: null,
      forItemId: null,
      serves: [],
      level: null,
    }
    const items = Array.from({ length: 1000 }, (_, n) => ({
      ...item,
      ...bare,
      id: crypto.randomUUID(),
      name: `Item ${n}`,
      position: n,
      targetMinor: 20_000 + n,
    }))
    const options = items.flatMap((it, n) =>
      Array.from({ length: 6 }, (_, k) => ({
        ...option,
        id: crypto.randomUUID(),
        itemId: it.id,
        supplierId: null,
        partOfId: null,
        photoId: null,
        name: `Option ${n}-${k}`,
        priceMinor: 9000 + 2500 * k + n,
        catalogKey: '',
      })),
    )
    await send(
      'POST',
      `/jobs/${id}/list-import`,
      { items, options },
      { 'Idempotency-Key': crypto.randomUUID() },
    )
    return id
  })
  const bare = await openedBare(page, url)
  const opened = await openedCold(page, `${url}/jobs/${id}/source`, () =>
    page.locator('button.need', { hasText: 'Item 3' }).first(),
  )
  const fromJobs = await openedFromJobs(page, url, 'A thousand items')
  await page.goto(`${url}/jobs/${id}/source`)
  await page.waitForTimeout(1500)
  const within = await openedFromBeside(page, {
    beside: 'Terms',
    besideSays: 'Orders as they would be today',
    tab: 'Axis',
    selector: 'button.need',
  })
  const typed = await typedInto(page, '#item-search', ['7', '77', '777', '', 'option 5', 'option 500', ''])
  const chosen = await page.evaluate(async () => {
    const times = []
    for (let n = 0; n < 4; n++) {
      const button = [...document.querySelectorAll('article button')].find((b) =>
        /^(Choose|Let it go)$/.test(b.textContent.trim()),
      )
      const started = performance.now()
      button.click()
      await new Promise((done) => requestAnimationFrame(() => setTimeout(done)))
      times.push(performance.now() - started)
      await new Promise((done) => setTimeout(done, 400))
    }
    return times
  })
  console.log('\nA schedule of 1 000 items × 6 options')
  console.log(
    `  opened cold, painted by the page's clock, ms: ${told(opened.painted)}; seen by the driver: ${told(opened.seen)} (aim: under 500)`,
  )
  console.log(`  a bare page opened the same way, ms: ${told(bare.painted)}; ${told(bare.seen)}`)
  console.log(`  opened from the list of jobs, ms: ${told(fromJobs)}`)
  console.log(`  opened from the page beside it, ms: ${told(within)}`)
  console.log(`  search and filter, ms: ${told(typed)} (a frame is 16.7)`)
  console.log(`  an option chosen, ms: ${told(chosen)}`)
}
