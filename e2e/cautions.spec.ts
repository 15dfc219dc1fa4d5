import { callOut, expectTape, fill, foundStudio, openJob, stage } from './bench.js'
import { expect, test, type Page } from './program.js'

const asks = (page: Page) =>
  page.getByRole('heading', { name: 'Is the glass of Low table tempered or laminated?' })

test('a caution that asks is answered by keyboard, undone, kept over a reload and followed by a second tab', async ({
  page,
  empty,
}) => {
  await foundStudio(page, empty.url)
  await openJob(page, 'Lindgren', 'Playroom', '2000')
  await page.getByRole('button', { name: 'Add a child' }).click()
  await page.getByRole('link', { name: 'Pieces', exact: true }).click()
  for (const [name, size, material] of [
    ['Low table', '90 x 60 x 40 cm', 'smoked glass'],
    ['Bench', '120 x 40 x 45 cm', 'pallet wood'],
  ] as const) {
    await page.getByLabel('Piece', { exact: true }).fill(name)
    await page.getByLabel('Size: W, D, H').fill(size)
    await page.getByLabel('Material', { exact: true }).fill(material)
    await page.getByRole('button', { name: 'Keep', exact: true }).click()
    await expect(page.getByLabel('Piece', { exact: true })).toHaveValue('')
  }
  await stage(page, 'Measure')
  await callOut(page, ['4 m', '3 m', '4 m', '3 m'])
  await stage(page, 'Plan')

  // Neither stands yet: what is there is asked after all the same.
  const tempered = page.getByRole('button', { name: 'It is tempered or laminated' })
  await expect(asks(page)).toBeVisible()
  await expect(page.getByText('its edge 400 mm high')).toBeVisible()
  await expect(page.getByRole('navigation', { name: 'Stages' })).toContainText('2 to look at')
  await tempered.focus()
  await page.keyboard.press('Enter')
  await expect(asks(page)).toHaveCount(0)
  // The focus is at the question that took its place.
  await expect(page.getByRole('button', { name: 'Mark read, dry, clean and sanded' })).toBeFocused()
  await page.keyboard.press('Control+z')
  await expect(asks(page)).toBeVisible()
  await page.reload()
  await expect(asks(page)).toBeVisible()

  const second = await page.context().newPage()
  await second.goto(page.url().replace(/\/plan.*$/, '/brief/cautions'))
  await expect(asks(second)).toBeVisible()
  await tempered.click()
  await expect(asks(second)).toHaveCount(0)
  await expect(second.getByText('Glass tops, doors and panels')).toBeVisible()
})

test('a school of money speaks in Source, and is named where schools are chosen', async ({ page, empty }) => {
  await foundStudio(page, empty.url)
  await openJob(page, 'Lindgren', 'Study', '2000')
  await page.getByRole('link', { name: 'Schools', exact: true }).click()
  const money = page.getByRole('radiogroup', { name: 'Money' })
  await money.getByText('lowest outlay').click()
  await expect(page.getByText('Judged by: Money spent against what was agreed about money')).toBeVisible()
  await expect(page.getByText('Kept for a later stage')).toHaveCount(0)

  await stage(page, 'Source')
  await page.getByRole('button', { name: 'Add the first item' }).click()
  await fill(page.getByLabel('Item', { exact: true }), 'Desk')
  for (const [name, price] of [
    ['Plain desk', '180'],
    ['Oak desk', '420'],
  ] as const) {
    await page.getByRole('button', { name: 'New option' }).click()
    await fill(page.getByLabel('Option', { exact: true }), name)
    await fill(page.getByLabel('Price', { exact: true }), price)
  }
  await page.getByRole('button', { name: 'Choose', exact: true }).click()
  const why = page.locator('.findings article', { hasText: 'Why Oak desk, and not Plain desk?' })
  await expect(why).toContainText('€240 dearer')
  await why.getByRole('button', { name: 'Choose Plain desk for €180' }).click()
  await expect(why).toHaveCount(0)
  await expectTape(page, { Chosen: '€180' })
})
