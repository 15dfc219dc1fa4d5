import { readFileSync, writeFileSync } from 'node:fs'
import sharp from 'sharp'
import { deltaE00, hexToLab } from '@bonitas/core/kernel/color/lab'
import { deckFromCxf } from '@bonitas/core/stages/palette/library/deckCxf'
import { deckFromGpl } from '@bonitas/core/stages/palette/library/deckGpl'
import { syntheticPhoto } from '@bonitas/core/testing/syntheticPhoto'
import { allKept, pickFrom, fill, foundStudio, openDemo, openJob, stage, subpage } from './bench.js'
import { expect, startProgram, test, type Page, startDevice } from './program.js'

/** A color as the browser writes it: rgb(1, 2, 3). */
const labOfCss = (css: string) =>
  hexToLab(
    `#${css
      .match(/\d+/g)!
      .map((n) => Number(n).toString(16).padStart(2, '0'))
      .join('')}`,
  )

const finding = (page: Page, says: string) => page.locator('.findings article', { hasText: says })

test('the clash of two brasses is fixed from the library, and comes back with undo', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Palette')
  const clash = finding(page, 'Lamp brass leans green, Pole brass leans pink')
  await expect(clash).toBeVisible()
  // The pair table shows it by form, and the two at full size.
  await subpage(page, 'Pairs')
  const cell = page.getByRole('button', { name: 'Pole brass and Lamp brass: clashes' })
  await expect(cell).toHaveText('×')
  await expect(page.getByRole('heading', { name: /^Clashes: one leans/ })).toBeVisible()
  await cell.focus()
  await page.keyboard.press('ArrowLeft')
  await expect(page.getByRole('button', { name: /^Pole brass and Rust linen/ })).toBeFocused()
  await subpage(page, 'Finishes')
  await clash.getByRole('link', { name: 'Find one in the library that agrees' }).click()
  await expect(page.getByRole('button', { name: /^Use instead:/ })).toHaveCount(12)
  await page
    .getByRole('button', { name: /^Use instead:/ })
    .first()
    .click()
  await expect(page.getByText(/takes the place of Pole brass|takes the place of Lamp brass/)).toBeVisible()
  await subpage(page, 'Finishes')
  await expect(clash).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(clash).toBeVisible()
  await allKept(page)
})

test('samples: filters, a deck out as GPL and CxF and in again, a file that is wrong', async ({
  page,
  demo,
}, info) => {
  await openDemo(page, demo.url)
  await stage(page, 'Palette')
  await subpage(page, 'Samples')
  await expect(page.getByText(/2\d{3} samples in 7 decks/)).toBeVisible()
  await fill(page.getByLabel('Nearest to'), '#4c6768')
  await pickFrom(page.getByLabel('Material').first(), 'timber')
  await expect(page.locator('.near tbody tr').first()).toContainText('Timbers')
  await pickFrom(page.getByLabel('Material').first(), 'paint')
  await pickFrom(page.getByLabel('Undertone'), 'blue')
  await expect(page.locator('.near tbody tr').first()).toContainText('blue')
  await page.getByLabel('LRV from').fill('900')
  await expect(page.getByText('From 0 to 100.')).toBeVisible()
  await page.getByLabel('LRV from').fill('90')
  await page.getByLabel('LRV to').fill('10')
  await expect(page.getByText('Nothing in the library passes these filters.')).toBeVisible()

  const saved = async (name: string) => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name, exact: true }).click(),
    ])
    const path = info.outputPath(download.suggestedFilename())
    await download.saveAs(path)
    return path
  }
  const gpl = await saved('GPL: export Metals')
  const cxf = await saved('CxF: export Metals')
  const [one, two] = [
    deckFromGpl(readFileSync(gpl, 'utf8'), 'x'),
    deckFromCxf(readFileSync(cxf, 'utf8'), 'x'),
  ]
  expect(one).toEqual(two)
  expect(one.samples).toHaveLength(24)
  // The same name twice is refused; under another name it comes in whole.
  const picker = page.getByLabel('Deck to import')
  await picker.setInputFiles(gpl)
  await expect(page.getByText(/Nothing was taken over\. The library has a deck named “Metals”/)).toBeVisible()
  const renamed = info.outputPath('other.gpl')
  writeFileSync(renamed, readFileSync(gpl, 'utf8').replace('Name: Metals', 'Name: Metals again'))
  await picker.setInputFiles(renamed)
  await expect(page.getByText('24 samples taken over as “Metals again”.')).toBeVisible()
  const wrong = info.outputPath('wrong.csv')
  writeFileSync(wrong, 'name,L,a,b\nOat,84,1,8\nTarn,deep,1,8\n')
  await picker.setInputFiles(wrong)
  await expect(page.getByText(/Line 3, L.*“deep” where a number is wanted/)).toBeVisible()
  await page.getByRole('button', { name: 'Remove Metals again' }).click()
  await page.getByRole('button', { name: 'Really? Metals again' }).click()
  await expect(page.getByRole('button', { name: 'Remove Metals again' })).toHaveCount(0)
})

test('the color reader adds a measured sample with its spread, and survives nonsense', async ({ page }) => {
  const device = await startDevice('color-reader')
  process.env.BONITAS_COLOR_READER = `${device.url}/readings`
  const program = await startProgram('none')
  try {
    const pull = (act: string) => fetch(`${device.url}/${act}`, { method: 'POST' })
    await foundStudio(page, program.url)
    await openJob(page, 'Okafor', 'Bay room', '6 000')
    await stage(page, 'Palette')
    await subpage(page, 'Samples')
    await expect(page.getByText('The library is empty.')).toBeVisible()
    await page.getByRole('button', { name: 'Connect the reader' }).click()
    await expect(page.getByText('Reader ready')).toBeVisible()
    await pull('press?sample=lamp%20brass')
    await expect(page.getByText('Read it again to see its spread.')).toBeVisible()
    await pull('press?sample=lamp%20brass')
    await expect(page.getByText(/2\s+readings,\s+LRV\s+2\d/)).toBeVisible()
    await expect(page.getByText(/spread ΔE00 0\.\d\d/)).toBeVisible()
    await pull('nonsense?said=E-LIFTED')
    await expect(page.getByText('The reader sent “E-LIFTED”: not a color, not taken')).toBeVisible()
    await pickFrom(page.getByLabel('Material').last(), 'metal')
    await page.getByRole('button', { name: 'Keep in the library' }).click()
    await expect(page.getByText('lamp brass is kept in the deck “Measured”.')).toBeVisible()
    await page.getByRole('button', { name: 'To the bench', exact: true }).first().click()
    // Another sample begins a series of its own.
    await pull('press?sample=piano%20lid')
    await expect(page.getByText(/1\s+reading,\s+LRV/)).toBeVisible()
    await pull('away')
    await expect(page.getByText('The reader is gone. What it read stays here.')).toBeVisible()
    await subpage(page, 'Finishes')
    await page.getByRole('button', { name: 'lamp brass' }).click()
    await expect(page.getByText(/2 readings, spread ΔE00/)).toBeVisible()
    await expect(page.getByLabel('measured')).toBeChecked()
  } finally {
    delete process.env.BONITAS_COLOR_READER
    await program.close()
    device.process.kill()
  }
})

test('colors out of a photo: found, picked by pointing and by keyboard, corrected by a white card, pulled', async ({
  page,
  demo,
}, info) => {
  const photo = syntheticPhoto(301, 'shaded', 2000)
  const path = info.outputPath('photo.jpg')
  writeFileSync(
    path,
    await sharp(photo.rgb, { raw: { width: photo.width, height: photo.height, channels: 3 } })
      .jpeg({ quality: 90 })
      .toBuffer(),
  )
  await openDemo(page, demo.url)
  await stage(page, 'Palette')
  await subpage(page, 'From a picture')
  await expect(page.locator('.found li').first()).toBeVisible()
  await page.getByLabel('Picture to look at').setInputFiles(path)
  const colors = page.locator('.found button i')
  await expect.poll(() => colors.count()).toBeGreaterThan(6)
  const found = (
    await colors.evaluateAll((list) => list.map((i) => (i as HTMLElement).style.background))
  ).map((css) =>
    hexToLab(
      `#${css
        .match(/\d+/g)!
        .map((n) => Number(n).toString(16).padStart(2, '0'))
        .join('')}`,
    ),
  )
  for (const t of photo.truth.filter((x) => x.share > 0.01))
    expect(Math.min(...found.map((f) => deltaE00(f, t.lab)))).toBeLessThan(5)
  // Pointing averages a disc; the nearest finishes follow.
  const picture = page.getByRole('application')
  const box = (await picture.boundingBox())!
  const pointed = async () => labOfCss(await page.locator('.chosen i').evaluate((i) => i.style.background))
  // What is picked is what lies there, wherever on the picture that is.
  for (const [x, y] of [
    [0.06, 0.08],
    [0.93, 0.1],
    [0.5, 0.55],
    [0.9, 0.95],
  ] as const) {
    await picture.click({ position: { x: x * box.width, y: y * box.height } })
    await expect(page.getByText('mean of a small disc')).toBeVisible()
    const at = 3 * (Math.round(y * photo.height) * photo.width + Math.round(x * photo.width))
    const there = [...photo.rgb.subarray(at, at + 3)].map((v) => v.toString(16).padStart(2, '0')).join('')
    expect(deltaE00(await pointed(), hexToLab(`#${there}`)), `at ${x}, ${y}`).toBeLessThan(4)
  }
  await expect(page.locator('.near tbody tr')).toHaveCount(6)
  await picture.focus()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Enter')
  await expect(page.getByText('mean of a small disc')).toBeVisible()
  await page.getByRole('button', { name: 'Point at the white card' }).click()
  await picture.click({ position: { x: 200, y: 30 } })
  await expect(page.getByText('Corrected by the card.')).toBeVisible()
  await expect(page.locator('.found li').first()).toBeVisible()
  await page.locator('.found button').first().click()
  await page.getByRole('button', { name: 'Pull it into the palette' }).click()
  await expect(page.locator('.pulls li')).toHaveCount(6)
  await allKept(page)
  // What is no picture says so.
  const wrong = info.outputPath('no-picture.jpg')
  writeFileSync(wrong, 'hello')
  await page.getByLabel('Picture to look at').setInputFiles(wrong)
  await expect(page.getByText('The picture cannot be read. Choose a JPEG, PNG or WebP.')).toBeVisible()
})

test('schemes: followed, varied without touching the others, a winter set, a proposal taken over', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Palette')
  const follow = (name: string) =>
    page
      .getByRole('radiogroup', { name: 'Scheme followed' })
      .getByText(new RegExp(`^[A-Z] ${name}$`))
      .click()
  const walls = page.locator('tbody tr', { hasText: 'Walls' }).first()
  await expect(walls).toContainText('Oat milk')
  await follow('Fern')
  await expect(walls).toContainText('Sedge mist 90')
  await expect(page.locator('header')).toContainText('Scheme “Fern”')
  // What is changed in one scheme stays in it.
  await walls.getByRole('button').click()
  await page.getByRole('combobox', { name: 'Finish of Walls' }).click()
  await page.locator('.el-select-dropdown__item', { hasText: 'Straw ash 91' }).click()
  await expect(walls).toContainText('Straw ash 91')
  await follow('Tarn')
  await expect(walls).toContainText('Oat milk')
  await follow('Winter over Tarn')
  await expect(page.locator('tbody tr', { hasText: 'Cushions' })).toContainText('Plum wool twill')
  await expect(walls).toContainText('Oat milk')

  await subpage(page, 'Schemes')
  await expect(page.locator('.columns article')).toHaveCount(3)
  await page.getByRole('button', { name: 'Tarn', exact: true }).click()
  await page.getByRole('button', { name: 'Copy to vary' }).click()
  await expect(page.getByRole('button', { name: 'Tarn, varied', exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Winter over Tarn', exact: true }).click()
  await expect(page.getByLabel('The other set is stored at')).toHaveValue('Linen box under the window seat')
  await allKept(page)

  await subpage(page, 'Proposals')
  await page.getByRole('button', { name: 'Complete this palette' }).click()
  await expect(page.locator('.bench article').first()).toBeVisible({ timeout: 20_000 })
  const name = await page.locator('.bench article h2').first().innerText()
  await page.getByRole('button', { name: 'Take over as a scheme' }).first().click()
  await expect(page.getByText(`“${name}” is a scheme of its own now`)).toBeVisible()
  await allKept(page)
  await page.reload()
  await subpage(page, 'Finishes')
  await follow(name)
  await expect(page.locator('.findings article.stop')).toHaveCount(0)
})

test('the light by hour, and the board as PDF, SVG and PNG', async ({ page, demo }, info) => {
  await openDemo(page, demo.url)
  await stage(page, 'Palette')
  await subpage(page, 'Light')
  const clock = page.getByRole('slider', { name: /Hour of the day/ })
  await expect(page.getByText('Seen at 19:00, lamps on')).toBeVisible()
  await clock.focus()
  await page.keyboard.press('ArrowLeft')
  await expect(page.getByText('Seen at 18:30, lamps on')).toBeVisible()
  await page.getByLabel('lamps on').uncheck()
  await expect(page.getByText(/Seen at 18:30$/)).toBeVisible()

  await subpage(page, 'Board')
  await expect(page.locator('.board svg text', { hasText: 'Music and reading room' })).toBeVisible()
  const href = await page.getByRole('link', { name: 'Open as PDF, A3' }).getAttribute('href')
  const pdf = await page.request.get(new URL(href!, demo.url).href)
  expect(pdf.status()).toBe(200)
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')
  const save = async (button: string) => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: button }).click(),
    ])
    const path = info.outputPath(download.suggestedFilename())
    await download.saveAs(path)
    return path
  }
  expect(readFileSync(await save('Save as SVG'), 'utf8')).toContain('@font-face')
  const png = await sharp(await save('Save as PNG')).metadata()
  expect([png.format, png.width, png.height]).toEqual(['png', 2380, 1684])
})

test('parts of walls, one door by itself, a floor still open, further colors of a cloth', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Palette')
  const row = (name: string) => page.locator('.bench tbody tr', { hasText: name }).first()
  const share = async (name: string) => Number(/([\d.]+)%/.exec(await row(name).innerText())?.[1] ?? '0')
  const walls = await share('Walls')
  // Four panel fields of 60 by 90 cm come out of the walls.
  await page.getByRole('button', { name: 'New part of a wall' }).click()
  await page.getByRole('combobox', { name: 'Finish of Panel fields' }).click()
  await page.locator('.el-select-dropdown__item', { hasText: 'Fern 58' }).click()
  await expect(row('Panel fields')).toContainText('Fern 58')
  await expect.poll(() => share('Walls')).toBeLessThan(walls)
  await pickFrom(page.getByLabel('Give one wall or opening a finish of its own'), 'Door')
  await expect(row('Door')).toContainText('Chalk white')
  // While the floor is undecided the scheme must work with each.
  await row('Floor').getByRole('button').click()
  await pickFrom(page.getByLabel('What else floor could wear'), 'or Walnut, oiled')
  await expect(page.getByText('or Walnut, oiled')).toBeVisible()
  await page.getByRole('button', { name: 'Rule out' }).click()
  await expect(page.getByRole('button', { name: 'Rule out' })).toHaveCount(0)
  // A color of a pattern that nothing repeats is a note; one too much of it is refused.
  await row('Rug').getByRole('button').click()
  await page.locator('.further').getByRole('button').first().click()
  await page.getByRole('button', { name: 'Add a further color' }).click()
  await fill(page.getByRole('textbox', { name: 'Further color 2' }), '#7a3f8a')
  await page.getByLabel('Part', { exact: true }).last().fill('20 %')
  await page.getByLabel('Part', { exact: true }).last().press('Enter')
  await page.getByLabel('Part', { exact: true }).last().blur()
  await expect(finding(page, 'of Tarn and oat stripe stands alone')).toBeVisible()
  await page.getByLabel('Part', { exact: true }).last().fill('900')
  await page.getByLabel('Part', { exact: true }).last().blur()
  await expect(page.getByText(/is no part\. Write a percentage|more than the whole/)).toBeVisible()
  await allKept(page)
})
