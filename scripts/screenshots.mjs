// Takes the pictures of docs/screenshots from the demo studio: npm run screenshots, with the program running.
//   node scripts/screenshots.mjs [--at http://127.0.0.1:4310] [--to docs/screenshots] [names ...]
import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import { CHROMIUM } from './chromium.mjs'
import { ROOT } from './prepare.mjs'

const args = process.argv.slice(2)
const option = (name, otherwise) => (args.includes(name) ? args.splice(args.indexOf(name), 2)[1] : otherwise)
const base = option('--at', 'http://127.0.0.1:4310').replace(/\/$/, '')
const to = option('--to', join(ROOT, 'docs/screenshots'))
const wanted = new Set(args)

mkdirSync(to, { recursive: true })
const browser = await chromium.launch(CHROMIUM)
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
page.on('pageerror', (error) => console.error(`page error: ${error.message}`))
page.on('console', (line) => line.type() === 'error' && console.error(`console: ${line.text()}`))

async function shot(name, act = async () => {}) {
  if (wanted.size > 0 && !wanted.has(name)) return
  await act()
  await page.evaluate(() => document.fonts.ready)
  await page.waitForTimeout(150)
  await page.screenshot({ path: join(to, `${name}.png`) })
  console.log(join(to, `${name}.png`))
}

await page.goto(`${base}/sign-in`)
await page.getByRole('button', { name: 'Open the demo studio' }).waitFor()
await page.getByRole('button', { name: 'Open the demo studio' }).click()
await page.getByRole('heading', { name: 'Jobs' }).waitFor()
await page.getByRole('link', { name: 'Music and reading room' }).waitFor()
await shot('jobs')
await page.getByRole('link', { name: 'Music and reading room' }).click()
await page.getByRole('heading', { name: 'Brief' }).waitFor()
const job = page.url().replace(/\/brief$/, '')
for (const stage of ['brief', 'measure', 'palette', 'takeoff', 'source', 'ledger'])
  await shot(stage, async () => {
    await page.goto(`${job}/${stage}`)
    await page.getByRole('heading', { level: 1 }).waitFor()
    if (stage === 'source') await page.getByRole('button', { name: /^Rug/ }).first().click()
    await page.mouse.move(640, 500)
  })
for (const page_ of ['pairs', 'light', 'schemes', 'picture', 'board'])
  await shot(`palette-${page_}`, async () => {
    await page.goto(`${job}/palette/${page_}`)
    await page.getByRole('heading', { level: 1 }).waitFor()
    if (page_ === 'picture') {
      await page.locator('.found button').nth(3).click()
      await page.locator('.near tbody tr').first().waitFor()
    }
    await page.mouse.move(640, 700)
  })
for (const [name, path, act] of [
  ['plan', 'plan', () => page.locator('[data-stand][aria-label^="Low table"]').press('Enter')],
  ['plan-wall', 'plan/walls', () => page.locator('[data-hang]').first().press('Enter')],
  ['plan-light', 'plan/light', async () => {}],
  [
    'plan-arrangements',
    'plan/proposals',
    async () => {
      await page.getByRole('button', { name: 'Propose arrangements' }).click()
      await page.locator('article').first().waitFor({ timeout: 30_000 })
    },
  ],
])
  // prettier-ignore
  await shot(name, async () => {
    await page.goto(`${job}/${path}`)
    await page.locator('.bench svg, .bench .over-bench').first().waitFor()
    await act()
    await page.mouse.move(640, 790)
  })
for (const page_ of ['money'])
  await shot(page_, async () => {
    await page.goto(`${job}/brief/${page_}`)
    await page.getByRole('heading', { level: 1 }).waitFor()
  })
const openJob = async (name) => {
  await page.goto(`${base}/jobs`)
  await page.getByRole('link', { name }).click()
  await page.getByRole('heading', { name: 'Brief' }).waitFor()
  return page.url().replace(/\/brief$/, '')
}
await shot('limits', async () => page.goto(`${await openJob('Box room turned sewing room')}/brief/limits`))
await shot('over-budget', async () => {
  // The tape's length is the agreed budget: a job without its change orders, and with less agreed.
  await page.route(`**/api/jobs/*`, async (route) => {
    const answer = await route.fetch()
    const told = await answer.json()
    await route.fulfill({ json: { ...told, brief: { ...told.brief, agreedMinor: 480_000 } } })
  })
  await page.goto(`${job}/ledger`)
  await page.mouse.move(640, 500)
})
await browser.close()
