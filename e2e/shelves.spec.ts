import { allKept, foundStudio, openDemo, openJob, pickFrom, stage, subpage } from './bench.js'
import { expect, test, type Page } from './program.js'

/** Enters pieces as they are spoken on a walk through the room. */
async function enterPieces(
  page: Page,
  pieces: readonly (readonly [name: string, size: string])[],
): Promise<void> {
  for (const [name, size] of pieces) {
    await page.getByLabel('Piece', { exact: true }).fill(name)
    await page.getByLabel('Size: W, D, H').fill(size)
    await page.getByLabel('Size: W, D, H').press('Enter')
    await expect(page.getByLabel('Piece', { exact: true })).toHaveValue('')
  }
}
const finding = (page: Page, says: string | RegExp) => page.locator('.findings article', { hasText: says })

test('a shelf is described, set out, told to be of one scale, mended by laying the books flat, and kept', async ({
  page,
  empty,
}) => {
  await foundStudio(page, empty.url)
  await openJob(page, 'Ito', 'Landing', '800')
  await stage(page, 'Handover')
  await expect(page.getByText('Add the pieces of the room in Brief first')).toBeVisible()
  await page.getByRole('link', { name: 'Pieces of the Brief' }).click()
  await enterPieces(page, [
    ['Bookcase', '820 300 1200'],
    ['Candlestick', '40 40 260'],
    ['Thin clock', '80 50 240'],
    ['Books', '30 160 230'],
  ])
  await stage(page, 'Handover')
  await pickFrom(page.getByLabel('Shelves of'), 'Bookcase')
  await page.getByRole('button', { name: 'Add shelves' }).click()
  await expect(page.getByLabel('Clear height of row 1 of shelves')).toHaveValue('376')
  for (let n = 1; n <= 3; n++) {
    await page.getByRole('button', { name: 'Put on it' }).click()
    await expect(page.getByRole('button', { name: /^Remove / })).toHaveCount(n + 1)
  }
  const scale = finding(page, 'Everything on shelf 1 of Bookcase is tall and thin')
  await expect(scale).toBeVisible()
  await scale.getByRole('button', { name: 'Lay Books flat' }).click()
  await expect(scale).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(scale).toBeVisible()
  // One more than there are is told.
  await page.getByLabel('How many of Candlestick').fill('3')
  await page.getByLabel('How many of Candlestick').press('Enter')
  await expect(finding(page, 'Candlestick is set out 3 times, and there is 1')).toBeVisible()
  await allKept(page)
  await page.reload()
  await page.getByRole('button', { name: 'Shelves and places as lists' }).click()
  await expect(page.getByLabel('How many of Candlestick')).toHaveValue('3')
  await expect(page.getByLabel('Shelves of')).toBeVisible()
})

test('the cautions of a job stand on one page; what is accepted keeps who said so and when', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await subpage(page, 'Cautions')
  await expect(page.getByRole('heading', { name: /^Open: \d+, of these \d+ that stop$/ })).toBeVisible()
  await expect(page.getByText('It never means that something is safe.')).toBeVisible()
  const first = page.locator('.findings article').first()
  const title = (await first.locator('h2').innerText()).replace(/^\s*(Stop|Look|Note):\s*/i, '')
  await first.getByRole('button', { name: 'Accept with a reason' }).click()
  await first.getByLabel('Reason').fill('asked the fitter')
  await first.getByRole('button', { name: 'Accept', exact: true }).click()
  const answered = page.getByRole('row', { name: new RegExp(title.slice(0, 20).replace(/[^\w ]/g, '.')) })
  await expect(answered).toContainText('asked the fitter')
  await expect(answered).not.toContainText('not noted')
  await allKept(page)
})

test('zones of the cautions are drawn over plan and wall when they are asked for', async ({ page, demo }) => {
  await openDemo(page, demo.url, 'Guest shower room')
  await stage(page, 'Plan')
  await expect(page.locator('.floor .zones')).toHaveCount(0)
  await page.getByRole('button', { name: 'Caution zones' }).click()
  // In no order of their own: each stands where its piece does.
  for (const name of ['wet zone of Wash basin', 'wet zone of Shower tray'])
    await expect(page.locator('.floor .zones text').filter({ hasText: name })).toHaveCount(1)
  await subpage(page, 'Walls')
  await expect(page.getByRole('button', { name: 'Caution zones' })).toHaveAttribute('aria-pressed', 'true')
  await expect(page.locator('.elevation .zones rect').first()).toBeVisible()
})
