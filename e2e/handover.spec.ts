import { allKept, fill, openDemo, pickFrom, stage, subpage } from './bench.js'
import { expect, test } from './program.js'

const PIXEL = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
)

test('a shelf by keyboard: a thing is moved along, up, laid flat, taken off view; undone step by step', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Handover')
  const drawing = page.getByRole('group', { name: /^Bookcase from the front/ })
  const tin = drawing.getByRole('button', { name: /^Biscuit tin, empty/ })
  await tin.focus()
  await expect(page.getByRole('heading', { name: 'Biscuit tin, empty' })).toBeVisible()
  const at = async () => (await tin.getAttribute('aria-label')) ?? ''
  const before = await at()
  await page.keyboard.press('ArrowRight')
  await expect.poll(at).not.toBe(before)
  await page.keyboard.press('ArrowUp')
  await expect.poll(at).toContain('shelf 4')
  await page.keyboard.press('Control+z')
  await expect.poll(at).toContain('shelf 3')
  await page.keyboard.press('Control+z')
  await expect.poll(at).toBe(before)
  await page.keyboard.press(']')
  await expect(tin).not.toBeFocused()
  await tin.focus()
  await page.keyboard.press('Delete')
  await expect(tin).toHaveCount(0)
  const off = page.locator('.off-view li', { hasText: 'Biscuit tin, empty' })
  await fill(off.getByLabel('Kept at'), 'Kitchen drawer')
  await allKept(page)
  await page.reload()
  await expect(off.getByLabel('Kept at')).toHaveValue('Kitchen drawer')
})

test('shelves are composed: what is proposed is taken over, and less is said of them than before', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Handover')
  const scale = page.locator('.findings article', { hasText: 'is tall and thin' })
  await expect(scale).toHaveCount(1)
  await page.getByRole('button', { name: 'Propose', exact: true }).click()
  const first = page.getByRole('button', { name: 'Take over arrangement 1' })
  await first.click({ timeout: 60_000 })
  await expect(scale).toHaveCount(0)
  await expect(first).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(scale).toHaveCount(1)
})

test('a thing is dragged to another shelf', async ({ page, demo }) => {
  await openDemo(page, demo.url)
  await stage(page, 'Handover')
  const drawing = page.getByRole('group', { name: /^Bookcase from the front/ })
  const tin = drawing.getByRole('button', { name: /^Biscuit tin, empty/ })
  const [from, to] = [
    await tin.boundingBox(),
    await drawing.getByRole('button', { name: /^Slim carafe/ }).boundingBox(),
  ]
  expect(from && to).toBeTruthy()
  await page.mouse.move(from!.x + from!.width / 2, from!.y + from!.height / 2)
  await page.mouse.down()
  await page.mouse.move(from!.x, to!.y + to!.height - 10, { steps: 6 })
  await page.mouse.up()
  await expect(tin).toHaveAttribute('aria-label', /shelf 4/)
  await allKept(page)
})

test('what has no reason is taken away and taken back; what is open of the brief becomes a snag', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Handover')
  await subpage(page, 'Edit')
  await page.getByRole('button', { name: 'Take away Harbor stones' }).click()
  const made = page.getByRole('row', { name: /Harbor stones shelf 5 of Bookcase off view/ })
  await expect(made).toHaveCount(1)
  await made.getByRole('button', { name: /Take back/ }).click()
  await expect(made).toHaveCount(0)
  await fill(page.getByLabel('Keep Biscuit tin, empty, because'), 'the buttons are in it')
  await expect(page.getByRole('row', { name: /Biscuit tin, empty shelf 3 of Bookcase.*kept/ })).toHaveCount(1)
  await expect(page.getByRole('button', { name: 'Take away Biscuit tin, empty' })).toHaveCount(0)
  await page
    .getByRole('button', { name: /^To the snag list: / })
    .first()
    .click()
  await expect(page.getByText('on the snag list')).toHaveCount(1)
  await allKept(page)
})

test('the register: what nobody wrote down is said, counted, and there after a reload', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Handover')
  await subpage(page, 'Register')
  const known = page.getByRole('heading', { name: /things know where they came from/ })
  const count = async () => Number(/^(\d+) of/.exec((await known.textContent()) ?? '')?.[1])
  const before = await count()
  await page.getByRole('button', { name: '3 × Fen study' }).click()
  await pickFrom(page.getByLabel('Where from'), 'gift')
  await expect.poll(count).toBe(before + 1)
  await fill(page.getByLabel('From whom'), 'her brother')
  await fill(page.getByLabel('Guarantee until'), 'whenever')
  await expect(page.locator('.fault')).toBeVisible()
  await fill(page.getByLabel('Guarantee until'), '')
  await allKept(page)
  await page.reload()
  await expect.poll(count).toBe(before + 1)
  await expect(page.getByRole('row', { name: /Fen study gift her brother/ })).toHaveCount(1)
})

test('care: a note is done, changed and left out; a set of a season', async ({ page, demo }) => {
  await openDemo(page, demo.url)
  await stage(page, 'Handover')
  await subpage(page, 'Care')
  const rug = page.locator('tbody tr', { hasText: 'Turn it end for end' })
  const before = (await rug.textContent()) ?? ''
  await rug.getByRole('button').click()
  await page.getByRole('button', { name: 'Done today' }).click()
  await expect(rug).not.toHaveText(before)
  await fill(page.getByLabel('Or in a month of the year, 1 to 12'), '13')
  await expect(page.locator('.fault')).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Leave it out' }).click()
  await expect(rug).toHaveCount(0)
  await page.getByRole('button', { name: 'Bring them back' }).click()
  await expect(rug).toHaveCount(1)
  await page.getByRole('button', { name: 'Add a set' }).click()
  await allKept(page)
  await page.reload()
  await expect(page.getByLabel('Set of New set')).toHaveCount(1)
})

test('pictures of after with the network cut: all there once afterwards, in their pairs; what is seen in them is asked about', async ({
  page,
  demo,
  context,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Handover')
  await subpage(page, 'Pictures')
  await expect(page.getByText('0 of 8 standpoints have both')).toBeVisible()
  await page.getByRole('button', { name: 'East wall', exact: true }).click()
  await context.setOffline(true)
  for (const name of ['North wall', 'East wall']) {
    await page.getByRole('button', { name, exact: true }).click()
    await page
      .locator('input[type=file]')
      .setInputFiles({ name: `${name}.png`, mimeType: 'image/png', buffer: PIXEL })
    await expect(page.getByText(`${name}.png`)).toBeVisible()
  }
  await context.setOffline(false)
  await expect(page.getByText('2 of 8 standpoints have both')).toBeVisible({ timeout: 30_000 })
  await page.reload()
  await expect(page.getByText('2 of 8 standpoints have both')).toBeVisible()
  await page.getByRole('radio', { name: 'One over the other' }).press(' ')
  await expect(page.getByRole('slider', { name: 'How much of after is seen' })).toBeVisible()
  await page.getByRole('button', { name: 'Mark a thing' }).click()
  await fill(page.getByLabel('What it is'), 'Potted palm')
  const asked = page.locator('.findings article', { hasText: 'Potted palm in a picture: whose is it?' })
  await expect(asked).toHaveCount(1)
  await pickFrom(page.getByLabel('Otherwise it is'), 'borrowed')
  await expect(asked).toHaveCount(0)
  await allKept(page)
})
