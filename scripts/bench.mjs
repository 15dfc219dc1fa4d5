// npm run bench: figures beside a yardstick measured in the same run. Prints ratios; asserts nothing.

import { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import { extraction, nearestMatch, proposals } from './benchPalette.mjs'
import { arrangementMoves, planPage } from './benchPlan.mjs'
import { ledgerPage, ledgerWrites } from './benchLedger.mjs'
import { handoverRuns } from './benchHandover.mjs'
import { installRuns } from './benchInstall.mjs'
import { bestSets, sourcePage } from './benchSource.mjs'
import { everyTrade } from './benchTakeoff.mjs'
import { CHROMIUM, requireChromium } from './chromium.mjs'
import { freePort, startCluster } from './database.mjs'
import { build, installModules, quietly, ROOT, STATE } from './prepare.mjs'

installModules()
requireChromium()
const bundle = await build()
const middle = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)]
const row = (what, is, beside, ratio, aim = '') =>
  console.log(
    `${what.padEnd(46)} ${String(is).padStart(14)}  beside ${String(beside).padStart(14)}  ratio ${ratio.toFixed(2).padStart(7)}  ${aim}`,
  )
const round = (x, digits = 1) => Number(x.toFixed(digits))

await bytes()
await colors()
await nearestMatch(row)
await arrangementMoves(row)
await everyTrade(row)
await installRuns(row)
await handoverRuns(row)
await bestSets(row)
{
  const { chromium } = await import('@playwright/test')
  const browser = await chromium.launch(CHROMIUM)
  await extraction(row, browser)
  await browser.close()
}
await serverAndPage()

/** Bytes of the first load and of each route, gzip, beside a bare Vue + Router + Pinia page built the same way. */
async function bytes() {
  const bare = join(STATE, 'bare')
  rmSync(bare, { recursive: true, force: true })
  mkdirSync(bare, { recursive: true })
  writeFileSync(
    join(bare, 'index.html'),
    '<!doctype html><html lang="en"><head><title>bare</title></head><body><div id="app"></div><script type="module" src="/main.ts"></script></body></html>',
  )
  writeFileSync(join(bare, 'App.vue'), '<template><RouterView /></template>')
  writeFileSync(
    join(bare, 'Home.vue'),
    "<script setup>import { defineStore } from 'pinia'; import { ref } from 'vue'; const s = defineStore('s', () => ({ n: ref(0) }))()</script><template><button @click=\"s.n++\">{{ s.n }}</button></template>",
  )
  writeFileSync(
    join(bare, 'main.ts'),
    "import { createApp } from 'vue'\nimport { createPinia } from 'pinia'\nimport { createRouter, createWebHistory } from 'vue-router'\nimport App from './App.vue'\nimport Home from './Home.vue'\ncreateApp(App).use(createPinia()).use(createRouter({ history: createWebHistory(), routes: [{ path: '/', component: Home }] })).mount('#app')\n",
  )
  writeFileSync(
    join(bare, 'vite.config.ts'),
    "import vue from '@vitejs/plugin-vue'\nexport default { root: import.meta.dirname, plugins: [vue()], build: { target: 'es2022', manifest: true, modulePreload: { polyfill: false } } }\n",
  )
  quietly('Building the bare page', process.execPath, [
    'node_modules/vite/bin/vite.js',
    'build',
    bare,
    '--config',
    join(bare, 'vite.config.ts'),
    '--logLevel',
    'warn',
  ])
  const of = (dist) => {
    const manifest = JSON.parse(readFileSync(join(dist, '.vite/manifest.json'), 'utf8'))
    const gz = (file) => gzipSync(readFileSync(join(dist, file)), { level: 9 }).length
    return (entries) => {
      const files = new Set()
      const walk = (key) => {
        const chunk = manifest[key]
        if (files.has(chunk.file)) return
        files.add(chunk.file)
        for (const css of chunk.css ?? []) files.add(css)
        for (const next of chunk.imports ?? []) walk(next)
      }
      entries.forEach(walk)
      return [...files].reduce((sum, f) => sum + gz(f), 0)
    }
  }
  const yardstick = of(join(bare, 'dist'))(['index.html'])
  const size = of(join(ROOT, 'web/dist'))
  console.log('\nFirst-load bytes, JavaScript and CSS, gzip (fonts apart)')
  const routes = {
    'sign-in': ['session/SignInPage.vue'],
    jobs: ['jobs/JobsPage.vue'],
    ...Object.fromEntries(
      ['brief', 'measure', 'palette', 'takeoff', 'source', 'ledger'].map((s) => [
        s,
        ['job/JobShell.vue', `${s}/${s[0].toUpperCase()}${s.slice(1)}Page.vue`],
      ]),
    ),
    plan: ['job/JobShell.vue', 'plan/FloorPage.vue'],
  }
  for (const [name, files] of Object.entries(routes)) {
    const bytes = size(['index.html', ...files])
    row(
      `  ${name}`,
      `${round(bytes / 1024)} kB`,
      `${round(yardstick / 1024)} kB bare`,
      bytes / yardstick,
      name === 'sign-in' || name === 'jobs' ? 'aim ≤ 3' : 'aim ≤ 9',
    )
  }
  const fonts = readdirSync(join(ROOT, 'web/dist/assets')).filter(
    (f) => f.endsWith('.woff2') && f.includes('-latin-wdth'),
  )
  for (const f of fonts)
    console.log(
      `  font, Latin, both axes: ${round(readFileSync(join(ROOT, 'web/dist/assets', f)).length / 1024)} kB`,
    )
}

/** Color differences a second: ours, checked for sense, beside the library's own function in a plain loop. */
async function colors() {
  const file = join(STATE, 'bench-color.mjs')
  const { build: bundleCode } = await import('esbuild')
  await bundleCode({
    absWorkingDir: ROOT,
    stdin: {
      contents:
        "export { deltaE00 } from './core/kernel/color/lab.ts'; export { differenceCiede2000 } from 'culori'",
      resolveDir: ROOT,
    },
    bundle: true,
    platform: 'node',
    format: 'esm',
    outfile: file,
    logLevel: 'error',
  })
  const { deltaE00, differenceCiede2000 } = await import(file)
  const plain = differenceCiede2000()
  const labs = Array.from({ length: 2000 }, (_, i) => ({
    l: (i * 37) % 100,
    a: ((i * 53) % 160) - 80,
    b: ((i * 71) % 160) - 80,
  }))
  const tagged = labs.map((lab) => ({ mode: 'lab65', ...lab }))
  const time = (work) => {
    const started = performance.now()
    let sum = 0
    for (let i = 0; i < 400_000; i++) sum += work(i)
    return { perSecond: 400_000 / ((performance.now() - started) / 1000), sum }
  }
  const ours = []
  const theirs = []
  for (let round_ = 0; round_ < 5; round_++) {
    ours.push(time((i) => deltaE00(labs[i % 2000], labs[(i * 7) % 2000])).perSecond)
    theirs.push(time((i) => plain(tagged[i % 2000], tagged[(i * 7) % 2000])).perSecond)
  }
  console.log('\nCIEDE2000')
  row(
    '  differences a second',
    Math.round(middle(ours)),
    `${Math.round(middle(theirs))} plain`,
    middle(ours) / middle(theirs),
  )
}

/** Opening the full demo job, and ledger writes, beside a bare answer and the same insert done directly. */
async function serverAndPage() {
  const { spawn } = await import('node:child_process')
  const { chromium } = await import('@playwright/test')
  const cluster = await startCluster(join(STATE, 'bench-cluster'))
  const name = `bench_${process.pid}`
  cluster.createDatabase(name)
  const port = await freePort()
  const url = `http://127.0.0.1:${port}`
  const server = spawn(process.execPath, [bundle], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: {
      ...process.env,
      DATABASE_URL: cluster.url(name),
      PORT: String(port),
      BONITAS_ROOT: ROOT,
      BONITAS_DEMO: 'load',
      NODE_ENV: 'production',
    },
  })
  try {
    while (
      !(await fetch(`${url}/api/health`).then(
        (r) => r.ok,
        () => false,
      ))
    )
      await new Promise((done) => setTimeout(done, 50))
    const browser = await chromium.launch(CHROMIUM)
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    await page.addInitScript(() => {
      const look = () => {
        if (!document.querySelector('h1')) return
        observer.disconnect()
        requestAnimationFrame(() => setTimeout(() => (window.__shown = performance.now())))
      }
      const observer = new MutationObserver(look)
      observer.observe(document, { childList: true, subtree: true })
    })
    await page.goto(`${url}/sign-in`)
    await page.getByRole('button', { name: 'Open the demo studio' }).click()
    await page.getByRole('link', { name: 'Music and reading room' }).click()
    await page.getByRole('heading', { level: 1, name: 'Brief' }).waitFor()
    const jobId = page.url().split('/')[4]
    const cookie = (await page.context().cookies()).map((c) => `${c.name}=${c.value}`).join('; ')
    const headers = { Cookie: cookie, Origin: url, 'Content-Type': 'application/json' }

    const timed = async (work, times) => {
      const all = []
      for (let i = 0; i < times; i++) {
        const started = performance.now()
        await work(i)
        all.push(performance.now() - started)
      }
      return middle(all.slice(Math.floor(times / 4)))
    }
    const job = await timed(() => fetch(`${url}/api/jobs/${jobId}`, { headers }).then((r) => r.text()), 80)
    const health = await timed(() => fetch(`${url}/api/health`).then((r) => r.text()), 80)
    console.log('\nOpening the full demo job')
    row('  server: whole job, ms', round(job, 2), `${round(health, 2)} select 1`, job / health)
    for (const stage of ['brief', 'measure', 'palette', 'takeoff', 'source', 'ledger']) {
      const shown = []
      const blank = []
      for (let i = 0; i < 7; i++) {
        await page.goto('about:blank')
        await page.goto(`${url}/jobs/${jobId}/${stage}`)
        // The page's own clock: from the start of the navigation to the frame in which the stage is drawn.
        shown.push(await page.waitForFunction(() => window.__shown).then((h) => h.jsonValue()))
        await page.goto('about:blank')
        await page.goto('data:text/html,<h1>bare</h1>')
        blank.push(await page.waitForFunction(() => window.__shown).then((h) => h.jsonValue()))
      }
      row(
        `  page: ${stage} from its address, ms`,
        round(middle(shown.slice(1))),
        `${round(middle(blank.slice(1)))} bare page`,
        middle(shown.slice(1)) / middle(blank.slice(1)),
        'aim ≤ 300 ms',
      )
    }
    await page.goto(`${url}/jobs/${jobId}/brief`)
    await page.getByRole('heading', { level: 1, name: 'Brief' }).waitFor()
    const change = await page.evaluate(async () => {
      // Time from a key press that switches the stage to the next painted frame with the stage on it.
      const times = []
      for (const [digit, title] of [
        ['3', 'Palette'],
        ['6', 'Source'],
        ['7', 'Ledger'],
        ['2', 'Measure'],
        ['3', 'Palette'],
        ['6', 'Source'],
        ['7', 'Ledger'],
        ['2', 'Measure'],
      ]) {
        const started = performance.now()
        window.dispatchEvent(
          new KeyboardEvent('keydown', { altKey: true, code: `Digit${digit}`, key: digit }),
        )
        while (document.querySelector('h1')?.textContent !== title)
          await new Promise((done) => setTimeout(done, 1))
        await new Promise((done) => requestAnimationFrame(() => setTimeout(done)))
        times.push(performance.now() - started)
      }
      return times.slice(4)
    })
    console.log(
      `  page: from stage to stage, ms: ${change.map((t) => round(t)).join(', ')} (a frame is 16.7)`,
    )
    await proposals(page, url)
    await planPage(page, url)
    await sourcePage(page, url)
    await ledgerPage(page, url, cluster.url(name))

    await browser.close()
    await ledgerWrites(row, { url, jobId, headers, databaseUrl: cluster.url(name) })
  } finally {
    server.kill('SIGKILL')
    cluster.dropDatabase(name)
    cluster.stop()
  }
}
