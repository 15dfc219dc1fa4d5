import { allKept, openDemo, pickFrom, stage, subpage } from './bench.js'
import { expect, test } from './program.js'

test('one fact is set on several items at once: what cannot be read stays, and it is one step to undo', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Source')
  await page.getByRole('button', { name: 'Several at once' }).click()
  const dialog = page.getByRole('dialog', { name: 'One fact, set on several' })
  await pickFrom(dialog.getByLabel('Fact', { exact: true }), 'Needed by')
  await dialog.getByRole('button', { name: 'Set on 0' }).click()
  await expect(dialog.getByText('Mark the ones it is set on first.')).toBeVisible()

  await dialog.getByLabel('Find in the list').fill('cu')
  await expect(dialog.getByRole('listitem')).toHaveCount(3)
  await dialog.getByText('Mark all 3').click()
  await dialog.getByLabel('becomes').fill('31/2/2027')
  await dialog.getByRole('button', { name: 'Set on 3' }).click()
  await expect(dialog.getByText(/31\/2\/2027|no such day|not a day/i).first()).toBeVisible()
  await expect(dialog.getByLabel('becomes')).toHaveValue('31/2/2027')

  await dialog.getByLabel('becomes').fill('20/12/2026')
  await dialog.getByLabel('becomes').press('Enter')
  await expect(dialog).toBeHidden()
  await allKept(page)
  await page.getByRole('button', { name: 'Several at once' }).click()
  await pickFrom(dialog.getByLabel('Fact', { exact: true }), 'Needed by')
  await dialog.getByLabel('Find in the list').fill('20/12/2026')
  await expect(dialog.getByRole('listitem')).toHaveCount(3)
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText(/^Undone: needed by of 3/)).toBeVisible()
})

test('pieces judged together', async ({ page, demo }) => {
  await openDemo(page, demo.url)
  await subpage(page, 'Pieces')
  const letGo = page.getByRole('combobox', { name: 'Verdict on Tea table' })
  await expect(letGo).toBeVisible()
  await page.getByRole('button', { name: 'Several at once' }).click()
  const dialog = page.getByRole('dialog', { name: 'One fact, set on several' })
  await pickFrom(dialog.getByLabel('becomes', { exact: true }), 'let go')
  for (const name of ['Tea table', 'Music stand']) await dialog.getByText(name, { exact: true }).click()
  await dialog.getByRole('button', { name: 'Set on 2' }).click()
  await expect(page.getByText(/4 let go/)).toBeVisible()
})

test('where the page is narrow its panel opens over it, and gives the focus back', async ({ page, demo }) => {
  await openDemo(page, demo.url)
  await page.setViewportSize({ width: 820, height: 1100 })
  await stage(page, 'Source')
  const opener = page.getByRole('button', { name: 'Details and findings', exact: true })
  await expect(page.getByRole('button', { name: 'New option' })).toHaveCount(0)
  await opener.focus()
  await page.keyboard.press('Enter')
  const panel = page.getByRole('dialog', { name: 'Source: details and findings' })
  await expect(panel.getByRole('button', { name: 'New option' })).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(panel).toBeHidden()
  await expect(opener).toBeFocused()
  // A key that writes in the panel opens it first.
  await page.keyboard.press('o')
  await expect(panel.locator('.option-editor textarea, .option-editor input').first()).toBeFocused()
})

test('the schedule is put into another order by keys and by dragging, as one step', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Source')
  const first = page.locator('button.need').first()
  await expect(first).toContainText('Settee')
  await page.getByRole('button', { name: 'Order', exact: true }).click()
  const dialog = page.getByRole('dialog', { name: 'Order of the items' })
  const lines = dialog.getByRole('listitem')
  await dialog.getByRole('button', { name: /^Move Settee/ }).focus()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('ArrowDown')
  await expect(dialog.getByText(/Settee.* is now place 3 of 15/)).toBeAttached()
  await expect(lines.nth(2)).toContainText('Settee')
  await expect(dialog.getByRole('button', { name: /^Move Settee/ })).toBeFocused()
  const names = await lines.allInnerTexts()
  await lines.nth(4).dragTo(lines.nth(0))
  await expect(lines.nth(0)).toContainText(names[4]?.trim() ?? '')
  const wanted = (await lines.allInnerTexts()).map((text) => text.trim())
  await dialog.getByRole('button', { name: 'Keep this order' }).click()
  await expect(first).toContainText(wanted[0] ?? '')
  await allKept(page)
  await page.reload()
  await expect(first).toContainText(wanted[0] ?? '')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('Undone: order of items.')).toBeVisible()
  await expect(first).toContainText('Settee')
})

test('where the page is narrow an act of the Ledger opens its form, and says there what was entered', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await page.setViewportSize({ width: 820, height: 1100 })
  await stage(page, 'Ledger')
  await page
    .getByRole('button', { name: /^Pay Lanternfold Lighting|^Pay/ })
    .first()
    .click()
  const panel = page.getByRole('dialog', { name: 'Ledger: details and findings' })
  await expect(panel.locator('form.act input').first()).toBeFocused()
  await panel.getByRole('button', { name: 'Enter the payment' }).click()
  await expect(panel.getByText(/entered/i).first()).toBeVisible()
})
