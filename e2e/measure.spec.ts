import { readFileSync } from 'node:fs'
import { Helper } from 'dxf'
import { allKept, callOut, pickFrom, fill, foundStudio, openDemo, openJob, stage, subpage } from './bench.js'
import { expect, startProgram, test, type Page, startDevice } from './program.js'

// A canted bay of three walls, a side wall, the back wall, and a chimney breast in the corner by the bay: nine walls.
const BAY = ['850 r 45, bay left', '1800 r 45, bay front', '850 r 45, bay right']
const REST = ['3002', '1400', '350 l', '2200 l, breast', '350 r 135']

const status = (page: Page) => page.locator('.status b')

test('nine walls with a bay, a chimney breast and one reading of 100 mm too much: found, named and fixed, by keyboard', async ({
  page,
  empty,
}) => {
  await foundStudio(page, empty.url)
  await openJob(page, 'Okafor', 'Bay room', '6 000')
  await page.keyboard.press('Alt+2')
  await expect(page.getByRole('heading', { level: 1, name: 'Measure' })).toBeVisible()
  await callOut(page, [...BAY, '3700, east', ...REST])
  await expect(status(page)).toHaveText(/^Does not close: (9[89]|100|101) mm$/)
  await expect(page.locator('.findings article.stop h2')).toContainText('The walls do not close')
  await expect(page.locator('.findings article.stop')).toContainText('east')
  await fill(page.getByLabel('Ceiling height'), '2600')
  await expect(page.getByText('Uncertain: the walls do not close.')).toBeVisible()
  // Walls that lie alike explain it alike; one diagonal, from corner 4 to corner 6, tells which it is.
  await page.getByRole('button', { name: 'Add a diagonal' }).click()
  const row = page.locator('.checks .row').first()
  await pickFrom(row.getByLabel('From'), 'corner 4')
  await pickFrom(row.getByLabel('To'), 'corner 6')
  // The true sides are 3 600 and 3 002 at a right angle: √(3600² + 3002²) = 4 687.
  await fill(row.getByRole('textbox', { name: 'Diagonal' }), '4687')
  const fix = page.locator('.findings article.stop .fixes button').first()
  await expect(fix).toHaveText('east is 3\u2009600 mm, one digit misread')
  await fix.focus()
  await page.keyboard.press('Enter')
  await expect(status(page)).toHaveText(/^Closes (exactly|within \d mm)$/)
  await expect(page.locator('.findings article.stop')).toHaveCount(0)
  await expect(page.getByText('Uncertain')).toHaveCount(0)
  // 3 002 × (3 600 + 601) for the body with its bay in front, less what the bay's corners and the breast take.
  const bay = ((1800 + 3002) / 2) * 601
  const body = 3002 * 3600
  const breast = 350 * 2200
  const floor = (body + bay - breast) / 1e6
  await expect(page.locator('dl', { hasText: 'Floor' }).locator('div').first()).toContainText(
    `${floor.toFixed(1)} m²`,
  )
  await allKept(page)
  await page.reload()
  await expect(page.getByLabel('Length of wall 4')).toHaveValue('3\u2009600')
})

test('the network is cut in the middle of measuring: twenty entries, all there once when it is back', async ({
  page,
  context,
  empty,
}) => {
  await foundStudio(page, empty.url)
  await openJob(page, 'Nyberg', 'Winter garden', '3200')
  await stage(page, 'Measure')
  await callOut(page, ['6200'])
  await allKept(page)
  await context.setOffline(true)
  const walls = ['4100', '1500', '200 l', '900 l', '200', '1200', '350 l', '800', '2600 r 45', '700']
  await callOut(page, walls)
  await expect(page.getByText('The server is gone.')).toBeVisible()
  for (const [i, name] of ['Parapet', 'Stair head', 'Short side'].entries())
    await fill(page.getByLabel(`Name of wall ${i + 1}`, { exact: true }), name)
  for (const i of [4, 5, 6, 7])
    await fill(page.getByLabel(`Name of wall ${i}`, { exact: true }), `Wall ${i} of the terrace`)
  await fill(page.getByLabel('Latitude, °'), '57.7')
  await fill(page.getByLabel('Wall 1 looks to'), 'SSW')
  await fill(page.getByLabel('Ceiling height'), '2400')
  await expect(page.getByText('20 changes wait in this browser')).toBeVisible()
  await context.setOffline(false)
  await expect(page.getByText('The server is gone.')).toBeHidden({ timeout: 20_000 })
  await allKept(page)
  await page.reload()
  await expect(page.getByLabel('Length of wall 11')).toHaveValue('700')
  await expect(page.locator('.walls tbody tr')).toHaveCount(11)
  await expect(page.getByLabel('Name of wall 7', { exact: true })).toHaveValue('Wall 7 of the terrace')
  await expect(page.getByLabel('Name of wall 1', { exact: true })).toHaveValue('Parapet')
  await expect(page.getByLabel('Latitude, °')).toHaveValue('57.7')
})

test('two devices on one job do not overwrite each other', async ({ page, browser, demo }) => {
  await openDemo(page, demo.url)
  await stage(page, 'Measure')
  const other = await (await browser.newContext()).newPage()
  await openDemo(other, demo.url)
  await stage(other, 'Measure')
  // Different walls: both are kept. The same wall: the second is asked.
  await fill(other.getByLabel('Length of wall 1'), '4870')
  await fill(page.getByLabel('Length of wall 2'), '3930')
  await allKept(page)
  await allKept(other)
  await expect(page.getByLabel('Length of wall 1')).toHaveValue('4\u2009870')
  await page.context().setOffline(true)
  await fill(page.getByLabel('Length of wall 1'), '4880')
  await fill(other.getByLabel('Length of wall 1'), '4890')
  await allKept(other)
  await page.context().setOffline(false)
  const dialog = page.getByRole('dialog')
  await expect(dialog).toContainText('Yours: 4\u2009880')
  await dialog.getByText('Theirs: 4\u2009890').click()
  await dialog.getByRole('button', { name: 'Keep what is chosen' }).click()
  // The focus is back in the field, which shows its figure as it is edited.
  await expect(page.getByLabel('Length of wall 1')).toHaveValue('4890')
  await other.context().close()
})

const RIGHT_READING = [3590, 3610] as const

test('the laser tape writes into the field in focus, averages what is held, and survives nonsense and going away', async ({
  page,
}) => {
  const tape = await startDevice('laser-tape', { LASER_SEND_EVERY_MS: '60' })
  process.env.BONITAS_LASER_TAPE = `${tape.url}/readings`
  const program = await startProgram('none')
  try {
    const pull = (act: string) => fetch(`${tape.url}/${act}`, { method: 'POST' })
    await foundStudio(page, program.url)
    await openJob(page, 'Okafor', 'Bay room', '6 000')
    await stage(page, 'Measure')
    await page.getByRole('button', { name: 'Connect a laser tape' }).click()
    await expect(page.getByText('Laser tape ready')).toBeVisible()
    await pull('press?mm=3600')
    await expect(page.getByText(/put the cursor in a length/)).toBeVisible()
    const entry = page.locator('#next-wall')
    await entry.click()
    await pull('press?mm=3600')
    await expect(entry).toHaveValue(/^3\d{3} mm$/)
    const read = Number((await entry.inputValue()).replace(' mm', ''))
    expect(read).toBeGreaterThan(RIGHT_READING[0])
    expect(read).toBeLessThan(RIGHT_READING[1])
    await page.keyboard.press('Enter')
    await expect(page.locator('.walls tbody tr')).toHaveCount(1)
    // Held: the mean of the series, with its spread, before it is let go.
    await pull('hold?mm=2400')
    await expect(page.getByText(/^[5-9] readings, mean 2\s?\d{3} mm, spread \d+\.\d mm$/)).toBeVisible({
      timeout: 10_000,
    })
    await pull('release')
    await expect(entry).toHaveValue(/^2(39[5-9]|40[0-5]) mm$/)
    await page.keyboard.press('Enter')
    await pull('nonsense?said=Er05')
    await expect(page.getByText('The tape sent “Er05”: not a length, not taken')).toBeVisible()
    await expect(entry).toHaveValue('')
    // Into another field of lengths as well.
    await page.getByLabel('Ceiling height').click()
    await pull('press?mm=2600')
    await expect(page.getByLabel('Ceiling height')).toHaveValue(/^2(59\d|60\d) mm$/)
    await page.keyboard.press('Enter')
    await pull('away')
    await expect(page.getByText('The laser tape is gone. What it read before is kept.')).toBeVisible()
    await page.getByRole('button', { name: 'Connect it again' }).click()
    await expect(page.getByText('Laser tape ready')).toBeVisible()
    await expect(page.locator('.walls tbody tr')).toHaveCount(2)
  } finally {
    delete process.env.BONITAS_LASER_TAPE
    await program.close()
    tape.process.kill()
  }
})

test('the room goes out as JSON, DXF and SVG and comes back; a damaged file changes nothing', async ({
  page,
  demo,
}, info) => {
  await openDemo(page, demo.url)
  await stage(page, 'Measure')
  const saved = async (kind: string) => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: kind, exact: true }).click(),
    ])
    const path = info.outputPath(download.suggestedFilename())
    await download.saveAs(path)
    return path
  }
  const json = await saved('JSON')
  const dxf = await saved('DXF')
  const svg = await saved('SVG')
  expect(readFileSync(svg, 'utf8')).toContain('<svg xmlns')
  // Another library reads the outline: four corners, the closed room to the millimeter.
  const outline = new Helper(readFileSync(dxf, 'utf8')).parsed.entities.find(
    (e) => e.layer === 'FLOOR',
  )!.vertices!
  // The walls as the compass rule left them: 4 859.4 on one side and 4 858.6 on the other.
  expect(outline.map((v) => [v.x.toFixed(0), Math.abs(v.y).toFixed(0)])).toEqual([
    ['0', '0'],
    ['4859', '0'],
    ['4859', '3921'],
    ['0', '3921'],
  ])

  const open = async (file: string | { name: string; mimeType: string; buffer: Buffer }) =>
    page.getByLabel('Room file, JSON or DXF').setInputFiles(file)
  const text = readFileSync(json, 'utf8')
  const damaged = (name: string, body: string) => ({
    name,
    mimeType: 'application/json',
    buffer: Buffer.from(body),
  })
  for (const [name, body, says] of [
    ['cut.json', text.slice(0, 400), /cut short/],
    ['old.json', text.replace('"version": 1', '"version": 0'), /version 0; this program reads version 1/],
    ['wrong.json', text.replace('"lengthMm": 4860', '"lengthMm": "far"'), /walls\[0\]\.lengthMm/],
    ['broken.dxf', 'not a drawing at all', /not a DXF|no closed outline/],
  ] as const) {
    await open(damaged(name, body))
    await expect(page.locator('.files [role=status]')).toHaveText(says)
    await expect(page.locator('.files [role=status]')).toContainText('Nothing was changed')
    await expect(page.getByLabel('Length of wall 1')).toHaveValue('4\u2009860')
    await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  }
  await fill(page.getByLabel('Length of wall 1'), '5000')
  // It is shown, with what will go, before anything is taken over.
  const dialog = page.getByRole('dialog')
  await open(json)
  await expect(dialog).toContainText('It takes the place of the 4 walls measured so far')
  await dialog.getByRole('button', { name: 'Leave the room as it is' }).click()
  await expect(page.getByLabel('Length of wall 1')).toHaveValue(/5.?000/)
  await open(json)
  await dialog.getByRole('button', { name: 'Take it over' }).click()
  await expect(page.getByText('4 walls from')).toBeVisible()
  await expect(page.getByLabel('Length of wall 1')).toHaveValue('4\u2009860')
  await allKept(page)
  await page.reload()
  await subpage(page, 'Openings and fixtures')
  await expect(page.getByLabel('Width of West window')).toHaveValue('1\u2009400')
  await subpage(page, 'Walls')
  // A drawing that does not say its unit: a person says it, and sees the size that follows.
  const unitless = readFileSync(dxf, 'utf8').replace(/(\$INSUNITS\s+70\s+)\d+/, '$10')
  await open({ name: 'unitless.dxf', mimeType: 'application/dxf', buffer: Buffer.from(unitless) })
  await expect(dialog).toContainText('The drawing does not say its unit')
  await expect(dialog.getByRole('button', { name: 'Take it over' })).toBeDisabled()
  await dialog.getByText('meters', { exact: true }).click()
  await expect(dialog).toContainText('Check the units of the drawing')
  await dialog.getByText('millimeters', { exact: true }).click()
  await expect(dialog).toContainText('4 walls, 17.56 m round')
  await dialog.getByRole('button', { name: 'Leave the room as it is' }).click()
  await open(dxf)
  await dialog.getByRole('button', { name: 'Take it over' }).click()
  await expect(page.getByLabel('Length of wall 3')).toHaveValue('4\u2009859')
  // One step, undone as one.
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByLabel('Length of wall 3')).toHaveValue('4\u2009858')
  await allKept(page)
})

test('a wall that goes takes its openings along, and comes back with them', async ({ page, demo }) => {
  await openDemo(page, demo.url)
  await stage(page, 'Measure')
  await page.getByRole('button', { name: 'Remove wall 4, West wall' }).click()
  await expect(page.locator('.walls tbody tr')).toHaveCount(3)
  await expect(status(page)).toHaveText('90° still to turn')
  await allKept(page)
  await page.getByRole('button', { name: 'Undo' }).click()
  await allKept(page)
  await page.reload()
  await expect(page.locator('.walls tbody tr')).toHaveCount(4)
  await subpage(page, 'Openings and fixtures')
  await expect(page.getByLabel('Width of West window')).toHaveValue('1\u2009400')
})

test('on a phone: walls are called out, the plan is there, and nothing runs off the side', async ({
  browser,
  empty,
}) => {
  const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })
  const page = await phone.newPage()
  await foundStudio(page, empty.url)
  await openJob(page, 'Nyberg', 'Winter garden', '3200')
  await stage(page, 'Measure')
  await callOut(page, ['6200', '4100', '6200', '4100'])
  await expect(status(page)).toHaveText('Closes exactly')
  for (const path of [
    'measure',
    'measure/openings',
    'measure/way-in',
    'brief',
    'brief/pieces',
    'brief/pictures',
  ]) {
    await page.goto(page.url().replace(/(jobs\/[^/]+\/).*$/, `$1${path}`))
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    const over = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)
    expect(over, path).toBeLessThanOrEqual(0)
  }
  await phone.close()
})
