import { allKept, fill, openDemo, stage, subpage } from './bench.js'
import { expect, test, type Page } from './program.js'

/** Where a thing says what else it is, and where its facts come from. */
const same = (page: Page) => page.locator('.same-thing').first()
const undo = (page: Page) =>
  page.getByRole('navigation', { name: 'Stages' }).getByRole('button', { name: 'Undo' }).click()

test('a line is drawn once: its piece has the size of what is chosen, may have its own, and is untied again', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Plan')
  await page
    .locator('.strip')
    .getByRole('button', { name: /^Side table/ })
    .click()
  await page.getByText('What else is known of it').click()
  await expect(same(page)).toContainText('Its size is that of Painted stool')
  await expect(page.getByLabel('Width', { exact: true })).toHaveValue('360')

  // A size of its own, and back, each one step.
  await page.getByRole('button', { name: 'Give it a size of its own' }).click()
  await expect(same(page)).toContainText('Its size is its own.')
  await fill(page.getByLabel('Width', { exact: true }), '380')
  await undo(page)
  await undo(page)
  await expect(same(page)).toContainText('Its size is that of Painted stool')
  await allKept(page)
  await page.reload()
  await page.getByText('What else is known of it').click()
  await expect(same(page)).toContainText('Its size is that of Painted stool')

  // The line says what it is drawn as; said to be another thing, it can be drawn anew.
  await page.getByRole('link', { name: 'chosen in Source' }).click()
  await page.getByRole('button', { name: /^What “Side table” asks for/ }).click()
  await expect(same(page)).toContainText('Drawn as Side table')
  await page.getByRole('button', { name: 'It is another thing' }).click()
  await expect(same(page).getByLabel('Drawn as')).toBeVisible()
  await undo(page)
  await expect(same(page)).toContainText('Drawn as Side table')
})

test('a thing borrowed is told once: its name follows its piece, and given back it is lent no more', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await subpage(page, 'Pieces')
  const row = page.getByRole('row').filter({ has: page.getByLabel('Kind of Tea table') })
  await expect(row).toContainText('lent from the bedroom')
  await fill(row.getByLabel('Name'), 'Brass tea table')
  await allKept(page)

  await stage(page, 'Ledger')
  await subpage(page, 'Dates')
  const borrowed = page.getByRole('region', { name: 'Borrowed' })
  const back = borrowed.getByRole('button', { name: 'Brass tea table went back' })
  await expect(back).toBeVisible()
  await back.click()
  await expect(borrowed.getByRole('button', { name: 'Brass tea table is here after all' })).toBeVisible()

  await stage(page, 'Brief')
  await subpage(page, 'Pieces')
  const renamed = page.getByRole('row').filter({ has: page.getByLabel('Kind of Brass tea table') })
  await expect(renamed).toBeVisible()
  await expect(renamed).not.toContainText('lent from')
})

test('another tab sees what is tied, within a moment and without being loaded anew', async ({
  page,
  demo,
  context,
}) => {
  await openDemo(page, demo.url)
  const job = page.url().replace(/\/brief$/, '')
  const other = await context.newPage()
  await other.goto(`${job}/source`)
  await other
    .locator('button.need', { hasText: /^\s*Side table/ })
    .first()
    .click()
  await other.getByRole('button', { name: /^What “Side table” asks for/ }).click()
  await expect(same(other).getByLabel('Drawn as')).toBeVisible()
  await stage(page, 'Plan')
  await page
    .locator('.strip')
    .getByRole('button', { name: /^Side table/ })
    .click()
  await expect(same(other)).toContainText('Drawn as Side table')
})
