import { readFile } from 'node:fs/promises'
import { openDemo } from './bench.js'
import { expect, test } from './program.js'

// Pictures that are read: by keys as by pointer, and kept as files that stand by themselves.

test('budget over time is walked by keys and saved as a picture', async ({ page, demo }) => {
  await openDemo(page, demo.url)
  await page.goto(`${page.url().replace(/\/brief$/, '')}/ledger/standing`)
  const chart = page.getByRole('slider', { name: 'Values of Used up over time, by arrow keys' })
  await chart.focus()
  await page.keyboard.press('Home')
  await expect(chart).toHaveAttribute('aria-valuetext', /Bound by orders €0, Paid €0$/)
  await page.keyboard.press('End')
  await expect(chart).toHaveAttribute('aria-valuetext', /Paid €3,090\.40$/)
  await expect(page.getByText(/^\d+ \w+: Bound by orders .*, Paid €3,090\.40$/)).toBeVisible()

  const [svg] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save Used up over time as SVG' }).click(),
  ])
  const drawn = await readFile(await svg.path(), 'utf8')
  expect(drawn).toMatch(/^<svg[^>]* width="700" height="200"/)
  for (const part of ['<title>Used up over time</title>', 'font-face', 'agreed budget €9,400', 'install'])
    expect(drawn).toContain(part)
  expect(drawn).not.toMatch(/class=|data-v-/)

  const [png] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save Used up over time as PNG' }).click(),
  ])
  const bytes = await readFile(await png.path())
  expect(bytes.subarray(1, 4).toString()).toBe('PNG')
  // IHDR: twice as wide and high as it is drawn.
  expect([bytes.readUInt32BE(16), bytes.readUInt32BE(20)]).toEqual([1400, 400])
})

test('the light of a place in the room is read by arrow keys', async ({ page, demo }) => {
  await openDemo(page, demo.url)
  await page.goto(`${page.url().replace(/\/brief$/, '')}/plan/light`)
  const plan = page.getByRole('group', { name: 'Light of the plan' })
  await plan.focus()
  await page.keyboard.press('ArrowLeft')
  const said = page.getByRole('status').filter({ hasText: /lx here/ })
  await expect(said).toHaveText(/^\d+ lx here, .* from the left and .* from the top of the room\.$/)
  const before = await said.textContent()
  await page.keyboard.press('ArrowUp')
  await expect(said).not.toHaveText(before ?? '')
})
