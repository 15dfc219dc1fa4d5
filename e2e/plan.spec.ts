import { readFileSync } from 'node:fs'
import { Helper } from 'dxf'
import { allKept, fill, foundStudio, openDemo, openJob, stage, subpage } from './bench.js'
import { expect, test, type Page } from './program.js'

const finding = (page: Page, says: string | RegExp) => page.locator('.findings article', { hasText: says })
const pieces = (page: Page) => page.locator('.floor [data-stand]')
const named = (page: Page, name: string) => page.locator(`.floor [data-stand][aria-label^="${name},"]`)
/** Where a piece stands, as it is told to a screen reader. */
async function placeOf(page: Page, name: string): Promise<{ x: number; y: number; turn: number }> {
  const says = (await named(page, name).getAttribute('aria-label')) ?? ''
  const [x, y, turn] = /at ([−-]?[\d\u2009 ]+) across and ([−-]?[\d\u2009 ]+) down, turned (\d+)/
    .exec(says)!
    .slice(1)
    .map((t) => Number(t.replace(/[^\d-]/g, '')))
  return { x: x!, y: y!, turn: turn! }
}

/** What keys moved is one step to undo, once no key has come for a moment. */
const movedIsKept = (page: Page, name: string) =>
  expect(
    page.getByRole('navigation', { name: 'Stages' }).getByRole('button', { name: 'Undo' }),
  ).toHaveAttribute('title', new RegExp(`^Undo: .*${name}`))

test('a finding offers the way out that holds; the low table is moved by keys, by typing and by the pointer, and undone', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Plan')
  const knees = finding(page, /310 mm between settee/)
  await expect(knees).toBeVisible()
  // Its own way out narrows the way to the reading chair to what one gets past: it holds.
  await expect(knees.getByRole('button', { name: 'Move Low table 40 mm towards south wall' })).toBeVisible()
  // One that holds is one press.
  const narrow = finding(page, /474 mm on the way to reading chair/)
  const chair = await placeOf(page, 'Reading chair')
  await narrow.getByRole('button', { name: /Move Reading chair 140 mm towards south wall/ }).click()
  await expect.poll(() => placeOf(page, 'Reading chair')).toEqual({ ...chair, y: chair.y + 140 })
  await expect(narrow).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(narrow).toBeVisible()
  const before = await placeOf(page, 'Low table')

  // Keys: the steps of a held key are one step to undo. They are sent without a pause, as a hand does.
  await named(page, 'Low table').focus()
  await page.keyboard.press('Shift+ArrowLeft')
  await expect.poll(() => placeOf(page, 'Low table')).toEqual({ ...before, x: before.x - 100 })
  await movedIsKept(page, 'Low table')
  await page.keyboard.press('Control+z')
  await expect.poll(() => placeOf(page, 'Low table')).toEqual(before)
  await named(page, 'Low table').focus()
  await Promise.all(Array.from({ length: 5 }, () => page.keyboard.down('ArrowDown')))
  await page.keyboard.up('ArrowDown')
  await expect.poll(() => placeOf(page, 'Low table')).toEqual({ ...before, y: before.y + 50 })
  await expect(knees).toHaveCount(0)
  await movedIsKept(page, 'Low table')
  await page.keyboard.press('Control+z')
  await expect.poll(() => placeOf(page, 'Low table')).toEqual(before)

  // Typed as it is spoken, and what cannot be read stays with its message.
  await named(page, 'Low table').focus()
  await page.keyboard.press('Enter')
  const field = page.getByLabel('From North wall')
  await fill(field, '1.4 m')
  await expect.poll(async () => (await placeOf(page, 'Low table')).y).toBe(1400 + 300)
  await field.fill('a hand')
  await field.press('Enter')
  await expect(page.locator('.fault', { hasText: 'From North wall' })).toBeVisible()
  await expect(field).toHaveValue('a hand')
  await field.press('Escape')

  // The pointer: drawn into the settee it says so at once; let go, the rule book stops.
  const table = (await named(page, 'Low table').boundingBox())!
  await page.mouse.move(table.x + table.width / 2, table.y + table.height / 2)
  await page.mouse.down()
  await page.mouse.move(table.x + table.width / 2, table.y - 30, { steps: 8 })
  await expect(page.getByText(/It stands in Settee/)).toBeVisible()
  await expect(finding(page, /Low table stands in settee/i)).toBeVisible()
  await page.mouse.up()
  await expect(finding(page, /Low table stands in settee/i)).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(finding(page, /Low table stands in settee/i)).toHaveCount(0)
  await allKept(page)
})

test('the plan is brought nearer by keys and buttons, moved by its ground, and a piece still goes where it is dragged', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Plan')
  await expect(named(page, 'Low table')).toBeVisible()
  const plan = page.getByRole('group', { name: 'Floor plan' })
  const width = async () => Number((await plan.getAttribute('viewBox'))?.split(' ')[2])
  const whole = await width()
  await expect(page.getByRole('button', { name: 'Farther' })).toBeDisabled()
  await page.getByRole('button', { name: 'Nearer' }).click()
  await expect.poll(width).toBeCloseTo(whole / 1.5, 3)

  // Dragged by as many pixels as before it goes a shorter way.
  const before = await placeOf(page, 'Low table')
  const box = (await named(page, 'Low table').boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2 + 40, box.y + box.height / 2 + 20, { steps: 5 })
  await page.mouse.up()
  await expect.poll(() => placeOf(page, 'Low table')).not.toEqual(before)
  const perPx = (await width()) / (await plan.boundingBox())!.width
  const moved = await placeOf(page, 'Low table')
  expect(Math.abs(moved.x - before.x - 40 * perPx)).toBeLessThan(60)
  await expect.poll(width).toBeCloseTo(whole / 1.5, 3)

  await page.keyboard.press('Escape')
  await page.keyboard.press('+')
  await expect.poll(width).toBeCloseTo(whole / 2.25, 3)
  await page.keyboard.press('0')
  await expect.poll(width).toBeCloseTo(whole, 3)
})

test('the demo room is arranged from empty with the keyboard alone', async ({ page, demo }) => {
  test.setTimeout(120_000)
  await openDemo(page, demo.url)
  await stage(page, 'Plan')
  await expect(pieces(page)).toHaveCount(12)
  // Out with everything.
  for (let left = 12; left > 0; left--) {
    await pieces(page).first().focus()
    await page.keyboard.press('Delete')
    await expect(pieces(page)).toHaveCount(left - 1)
  }
  // Everything in again, each next one by one key; the first act needs the focus on the bench.
  await page.locator('.waiting .chip').first().focus()
  for (let n = 1; n <= 12; n++) {
    await page.keyboard.press('n')
    await expect(pieces(page)).toHaveCount(n)
  }
  // What was put down stands nowhere in anything else.
  await expect(page.locator('.findings h2', { hasText: / stands in / })).toHaveCount(0)
  // The settee to the middle of the north wall, the piano to its place, the chair turned.
  await named(page, 'Settee, three seats').focus()
  await page.keyboard.press('w')
  await page.keyboard.press('c')
  await expect.poll(async () => (await placeOf(page, 'Settee, three seats')).x).toBe(2430)
  await named(page, 'Reading chair').focus()
  const before = await placeOf(page, 'Reading chair')
  await page.keyboard.press('r')
  await page.keyboard.press('Shift+R')
  await expect.poll(async () => (await placeOf(page, 'Reading chair')).turn).toBe((before.turn + 105) % 360)
  for (let i = 0; i < 3; i++) await page.keyboard.press('Shift+ArrowDown')
  await movedIsKept(page, 'Reading chair')
  await page.keyboard.press('m')
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  // And what the program would do, taken over by its number.
  await page.keyboard.press('p')
  await expect(page.getByRole('button', { name: 'Propose arrangements' })).toBeVisible()
  await page.getByRole('button', { name: 'Propose arrangements' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.locator('article', { hasText: '1.' }).first()).toBeVisible({ timeout: 30_000 })
  await page.keyboard.press('1')
  await expect(page).toHaveURL(/\/plan$/)
  await expect(page.locator('.findings h2', { hasText: / stands in / })).toHaveCount(0)
  await allKept(page)
})

test('arrangements: same number same answer, stopped, taken over in one step and undone; what stays keeps its place', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Plan')
  const [piano, settee] = [await placeOf(page, 'Upright piano'), await placeOf(page, 'Settee, three seats')]
  await subpage(page, 'Arrangements')
  await page.getByRole('button', { name: 'Propose arrangements' }).click()
  await expect(page.getByRole('progressbar')).toBeVisible()
  await page.getByRole('button', { name: 'Stop' }).click()
  await expect(page.locator('article')).toHaveCount(0)
  const ask = async () => {
    await page.getByRole('button', { name: 'Propose arrangements' }).click()
    await expect(page.getByRole('progressbar')).toHaveCount(0, { timeout: 30_000 })
    return page.locator('article').allInnerTexts()
  }
  const first = await ask()
  expect(first.length).toBeGreaterThan(1)
  expect(await ask()).toEqual(first)
  expect(first[0]).not.toMatch(/stop/)
  await page.getByRole('button', { name: 'Take it over' }).first().click()
  await expect(page).toHaveURL(/\/plan$/)
  expect(await placeOf(page, 'Upright piano')).toEqual(piano)
  expect(await placeOf(page, 'Settee, three seats')).not.toEqual(settee)
  await expect(finding(page, /310 mm between settee/)).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(() => placeOf(page, 'Settee, three seats')).toEqual(settee)
})

test('walls: hung by keys, laid out as a row, framed; sheet and elevation tell the same', async ({
  page,
  demo,
}, info) => {
  await openDemo(page, demo.url)
  await stage(page, 'Plan')
  await subpage(page, 'Walls')
  const sheet = page.locator('.sheet tbody tr')
  await expect(sheet).toHaveCount(4)
  await expect(sheet.first()).toContainText('Fen study 1')
  // 1 540 is the agreed eye line; half of 700 less a drop of 60 is 290 higher.
  await expect(sheet.first()).toContainText(/1\s540/)
  await expect(sheet.first()).toContainText(/1\s830/)
  const study = page.locator('[data-hang][aria-label^="Fen study 1,"]')
  await study.focus()
  await page.keyboard.press('Shift+ArrowUp')
  await page.keyboard.press('ArrowUp')
  await expect(finding(page, 'Fen study 1 hangs 110 mm too high')).toBeVisible()
  await page.keyboard.press('e')
  await expect(finding(page, 'Fen study 1 hangs 110 mm too high')).toHaveCount(0)
  await page.getByRole('button', { name: 'stacked' }).click()
  await expect(finding(page, /ends \d+ mm under the ceiling|reaches through the ceiling/)).not.toHaveCount(0)
  await page.getByRole('button', { name: 'row on the eye line' }).click()
  await expect(sheet.nth(1)).toContainText(/2\s150/)
  // The frame is told from the sheet outward.
  await study.click()
  await expect(page.getByRole('row', { name: /Outer size 520 × 700/ })).toBeVisible()
  await fill(page.getByLabel('Face', { exact: true }), '90')
  await expect(finding(page, /frame of fen study 1 is not narrower than its mat/i)).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  // Panels are set out evenly, and a socket on a stile is told.
  await page.getByText('6 fields of').click()
  await fill(page.getByLabel('Fields', { exact: true }), '7')
  await expect(page.getByText(/7 fields of/)).toBeVisible()
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'DXF' }).click()
  const path = info.outputPath('wall.dxf')
  await (await download).saveAs(path)
  const { parsed } = new Helper(readFileSync(path, 'utf8'))
  expect(parsed.entities.filter((e) => e.type === 'LWPOLYLINE' && e.layer === 'HANG')).toHaveLength(4)
  const pdf = await page.request.get(
    `${demo.url}${(await page.getByRole('link', { name: 'All walls as PDF' }).getAttribute('href'))!}`,
  )
  expect([pdf.status(), pdf.headers()['content-type']]).toEqual([200, 'application/pdf'])
})

test('light: a lamp turned off darkens its side, and every use is told in lux beside its target', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Plan')
  await subpage(page, 'Light')
  const mean = page.getByRole('row', { name: /Mean, on a table/ })
  const lux = async () => Number(/(\d+) lx/.exec(await mean.innerText())![1])
  const both = await lux()
  expect(both).toBeGreaterThan(20)
  await page.getByRole('checkbox', { name: 'Pendant is on' }).uncheck()
  expect(await lux()).toBeLessThan(both)
  await page.getByRole('checkbox', { name: 'Pendant is on' }).check()
  const lumens = page.getByRole('textbox', { name: 'Lumens of Floor lamp' })
  await fill(lumens, '8060')
  await expect.poll(lux).toBeGreaterThan(both * 2)
  await expect(page.getByRole('row', { name: /Read by daylight and by lamp/ })).toContainText('300')
  await fill(lumens, 'bright')
  await expect(page.locator('.fault', { hasText: 'Luminous flux' })).toBeVisible()
})

test('distances are set for the job, and the plan is held against them', async ({ page, demo }) => {
  await openDemo(page, demo.url)
  await stage(page, 'Plan')
  await subpage(page, 'Distances')
  const row = page.getByRole('row', { name: /Seat to low table, least/ })
  await fill(row.getByLabel('Seat to low table, least'), '300')
  await expect(row.getByRole('button', { name: 'as customary' })).toBeVisible()
  await subpage(page, 'Floor')
  await expect(finding(page, /310 mm between settee/)).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(finding(page, /310 mm between settee/)).toBeVisible()
})

test('rug, way in and the second place of a piece', async ({ page, demo }) => {
  await openDemo(page, demo.url)
  await stage(page, 'Plan')
  await named(page, 'Settee, three seats').focus()
  await page.keyboard.press('Enter')
  await expect(
    page.getByRole('heading', { name: /Comes in with its legs off, 70 mm to spare/ }),
  ).toBeVisible()
  await page.locator('.piece.rug').focus()
  await page.keyboard.press('Enter')
  const adviser = page.getByRole('region', { name: 'Rug adviser' })
  await expect(adviser.getByRole('row')).not.toHaveCount(1)
  await adviser
    .getByRole('row', { name: /1.?400 × 2.?000/ })
    .getByRole('button', { name: 'Lay it' })
    .click()
  await expect(finding(page, /not stand on the rug|Only the low table/)).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(finding(page, /not stand on the rug|Only the low table/)).toHaveCount(0)
})

test('a job without a room, and one without pieces, say what to do first', async ({ page, empty }) => {
  await foundStudio(page, empty.url)
  await openJob(page, 'Ito', 'Landing', '800')
  await stage(page, 'Plan')
  await expect(page.getByRole('link', { name: 'Measure the room' })).toBeVisible()
  for (const name of ['Walls', 'Light', 'Arrangements']) {
    await subpage(page, name)
    await expect(page.locator('.teaching')).toBeVisible()
  }
})
