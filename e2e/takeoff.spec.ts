import { allKept, fill, foundStudio, openDemo, openJob, pickFrom, stage, subpage } from './bench.js'
import { expect, test } from './program.js'

test('a line of wallpaper: what it waits for, its rolls, its drawing, onto the schedule, and back', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Take-off')
  await subpage(page, 'Every trade')
  await page.getByRole('group', { name: 'Add a line' }).getByRole('button', { name: 'Wallpaper' }).click()
  await expect(page.getByText('Needs: the walls it goes on')).toBeVisible()
  await page.getByRole('checkbox', { name: 'North wall' }).check()
  await pickFrom(page.getByLabel('Match'), 'straight')
  await fill(page.getByLabel('Repeat'), '640')
  await fill(page.getByLabel('Price of a roll'), '50.60')
  const row = page.getByRole('row', { name: /Wallpaper Wallpaper/ })
  // 4 859 wide: ten drops of 2 820, cut to 3 200, three a roll.
  await expect(row).toContainText('10 drops')
  await expect(row).toContainText('4 rolls')
  await expect(page.getByRole('img', { name: /North wall: \d+ parts/ })).toBeVisible()
  await expect(page.getByRole('img', { name: /^Roll \d: \d+ parts/ })).toHaveCount(4)
  await expect(page.getByText(/By area alone it would be 3 rolls/)).toBeVisible()
  await fill(page.getByLabel('Width of the roll'), 'wide')
  await expect(page.locator('.fault', { hasText: 'Width' })).toBeVisible()
  await page.keyboard.press('Escape')

  await page.getByRole('button', { name: 'Put it on the schedule' }).click()
  await expect(page.getByText(/“Wallpaper” is on the schedule/)).toBeVisible()
  await fill(page.getByLabel('Spare packs to keep'), '1')
  await expect(page.getByText(/The schedule says €202\.40, the take-off €253/)).toBeVisible()
  await page.getByRole('button', { name: 'Bring it up to date' }).click()
  await expect(page.getByText(/“Wallpaper” is on the schedule/)).toBeVisible()
  await allKept(page)
  await page.reload()
  await expect(row).toContainText('5 rolls')
  await page.getByRole('button', { name: 'Take the line out' }).click()
  await expect(row).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(row).toContainText('5 rolls')
})

test('moldings before there is a room: pieces are named, the saw takes its share, and fewer cannot do', async ({
  page,
  empty,
}) => {
  await foundStudio(page, empty.url)
  await openJob(page, 'Okafor', 'Hall', '3 000')
  await stage(page, 'Take-off')
  await subpage(page, 'Every trade')
  await expect(page.getByText('Nothing is counted yet.')).toBeVisible()
  await page.getByRole('group', { name: 'Add a line' }).getByRole('button', { name: 'Moldings' }).click()
  await expect(page.getByText(/Needs: the pieces, or walls to go along/)).toBeVisible()
  await page.getByRole('button', { name: 'Add a piece' }).click()
  await fill(page.getByLabel('Length of Piece 1'), '800')
  await fill(page.getByLabel('Number of Piece 1'), '12')
  const row = page.getByRole('row', { name: /Moldings Moldings/ })
  await expect(row).toContainText('6 lengths')
  await expect(row).toContainText('6 × 797 worth keeping')
  await expect(page.getByText('Fewer cannot do: proven.')).toBeVisible()
  await allKept(page)
})
