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
await shot('sign-in')
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
await shot('over-budget', async () => {
  // Nothing of this reaches the server: the budget is lowered on this page only.
  await page.route('**/api/jobs/*/brief/*', (route) =>
    route.fulfill({ status: 200, json: { ...route.request().postDataJSON(), version: 99 } }),
  )
  await page.goto(`${job}/brief`)
  await page.getByLabel('Agreed budget').fill('5400')
  await page.getByLabel('Agreed budget').press('Enter')
  await page.getByRole('link', { name: 'Ledger' }).click()
  await page.mouse.move(640, 500)
})
await browser.close()
