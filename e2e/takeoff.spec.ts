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

test('work and what it takes: minutes of one’s own, a pack priced onto the schedule, what goes leaves holes, walls marked out', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Take-off')
  await subpage(page, 'Work and consumables')
  const taping = page.getByRole('row', { name: /^Tape edges/ })
  await expect(taping).toContainText('Under the ceiling')
  await page.getByRole('button', { name: 'Tape edges' }).press('Enter')
  await fill(page.getByLabel('Minutes for 1 m'), '3')
  await expect(taping).toContainText('3 h 55 min')
  await fill(page.getByLabel('Minutes for 1 m'), 'slow')
  await expect(page.getByText('Minutes for 1 m is not a number')).toBeVisible()
  await fill(page.getByLabel('Minutes for 1 m'), '')
  await expect(taping).toContainText('2 h')

  await page.getByRole('button', { name: 'Masking tape' }).press('Enter')
  await expect(page.getByLabel('Price of a pack')).toHaveValue('€4.20')
  await page.getByRole('button', { name: 'Put 5 on the schedule, a line each' }).click()
  await expect(page.getByText('All that has a price is on the schedule.')).toBeVisible()
  await fill(page.getByLabel('Spare packs to keep'), '3')
  await expect(
    page.getByText(/“Masking tape” is on the schedule at €12\.60, the take-off says €21/),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Bring it up to date' }).click()
  await expect(page.getByText('All that has a price is on the schedule.')).toBeVisible()
  await expect(page.getByText(/1\s530 from the left, 1\s830 above the floor: Fen study 1/)).toBeVisible()
  await allKept(page)
  await page.reload()
  await expect(page.getByRole('row', { name: /^Masking tape/ })).toContainText('5 rolls')
  await stage(page, 'Source')
  await expect(page.getByText('Masking tape').first()).toBeVisible()
})
