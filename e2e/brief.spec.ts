import sharp from 'sharp'
import { allKept, pickFrom, fill, foundStudio, openDemo, openJob, subpage } from './bench.js'
import { expect, test } from './program.js'

// Name, size as it is spoken, and for some the rest; a made-up room.
const TWENTY = [
  ['Settee', '1980 900 840'],
  ['Reading chair', '76 82 105'],
  ['Footstool', '450 450 420'],
  ['Low table', '1100 600 420'],
  ['Side table', '45 45 56'],
  ['Bookcase', '900 300 1900'],
  ['Chest of drawers', '1100 480 850'],
  ['Desk', '1200 600 740'],
  ['Desk chair', '520 540 910'],
  ['Standard lamp', '420 420 1650'],
  ['Table lamp', '280 280 520'],
  ['Rug', '2400 3300'],
  ['Curtains, pair', '2600 100 2540'],
  ['Mirror', '700 1200'],
  ['Picture, harbor', '620 480'],
  ['Upright piano', '1480 620 1250'],
  ['Piano stool', '560 350 500'],
  ['Fern', '600 600 700'],
  ['Trunk', `3' x 18 x 17`],
  ['Clock', '260 140 520'],
] as const

test('twenty pieces in five minutes, by keyboard alone', async ({ page, empty }) => {
  await foundStudio(page, empty.url)
  await openJob(page, 'Okafor', 'Sitting room', '6 000')
  await subpage(page, 'Pieces')
  await expect(page.getByText('Walk through the room once')).toBeVisible()
  await page.getByLabel('Piece', { exact: true }).focus()
  let keys = 0
  const type = async (text: string) => {
    keys += text.length
    await page.keyboard.type(text)
  }
  const press = async (key: string) => {
    keys++
    await page.keyboard.press(key)
  }
  for (const [i, [name, size]] of TWENTY.entries()) {
    await type(name)
    await press('Tab')
    await type(size)
    await press('Enter')
    await expect(page.getByText(`${i + 1} ${i === 0 ? 'piece' : 'pieces'} there`)).toBeVisible()
  }
  // A quick typist makes five keys a second; two a second is slow, and still well inside five minutes.
  expect(keys / 2).toBeLessThan(300)
  await expect(page.getByLabel('Kind of Reading chair')).toHaveAccessibleDescription('armchair')
  await expect(page.getByLabel('Size of Trunk')).toHaveValue('914 × 457 × 432')
  await expect(page.getByLabel('Size of Settee')).toHaveValue('1\u2009980 × 900 × 840')
  // A slip of units is questioned once, with what it would mean; the same again is meant.
  await type('Ottoman')
  await press('Tab')
  await type('18 18 16 mm')
  await press('Enter')
  await expect(page.getByLabel('Size: W, D, H')).toHaveAccessibleDescription(
    /unusual for a stool\. Are these inches: 18 = 457 mm\?/,
  )
  await page.getByLabel('Size: W, D, H').fill('18 18 16 in')
  await press('Enter')
  await expect(page.getByText('21 pieces there')).toBeVisible()
  await page.getByLabel('Piece', { exact: true }).fill('Vase')
  await page.getByLabel('Size: W, D, H').fill('tall')
  await press('Enter')
  await expect(page.getByLabel('Size: W, D, H')).toHaveAccessibleDescription(/needs three numbers/)
  await expect(page.getByLabel('Piece', { exact: true })).toHaveValue('Vase')
  await allKept(page)
  await page.reload()
  await expect(page.getByText('21 pieces there')).toBeVisible()
})

test('uses against pieces: what serves nothing and what nothing serves is found, and a tick fixes it', async ({
  page,
  empty,
}) => {
  await foundStudio(page, empty.url)
  await openJob(page, 'Okafor', 'One-room flat', '6 000')
  for (const use of ['Eat with two', 'Sleep']) {
    await page.getByRole('button', { name: 'Add a use' }).click()
    await fill(page.getByLabel('Use', { exact: true }).last(), use)
  }
  await expect(page.getByLabel('Kind of Eat with two')).toHaveAccessibleDescription('eat')
  await expect(page.getByLabel('For how many, Eat with two')).toHaveValue('2')
  await expect(page.getByRole('heading', { name: '2 uses, and nothing entered to serve them' })).toBeVisible()
  await subpage(page, 'Pieces')
  for (const [name, size] of [
    ['Trunk', '900 500 430'],
    ['Sleeper sofa', '1900 900 850'],
    ['Small table', '800 700 740'],
    ['Cabinet', '900 400 1100'],
  ] as const) {
    await page.getByLabel('Piece', { exact: true }).fill(name)
    await page.getByLabel('Size: W, D, H').fill(size)
    await page.keyboard.press('Enter')
    await expect(page.getByLabel(`Size of ${name}`)).toBeVisible()
  }
  await subpage(page, 'Who and what')
  await page.getByRole('button', { name: 'Trunk, Eat with two: does not serve' }).click()
  await expect(
    page.getByRole('button', {
      name: /Trunk, Eat with two: ticked, but fails, 430 mm high; a place to eat wants 685 to 790/,
    }),
  ).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Eat with two: nothing serves it' })).toBeVisible()
  await page.getByRole('button', { name: 'Count Small table for “Eat with two”' }).click()
  await expect(page.getByRole('heading', { name: 'Eat with two: nothing serves it' })).toHaveCount(0)
  // With the arrows: from the first cell to the sleeper's place under Sleep, and Space.
  await page.getByRole('button', { name: /^Trunk, Eat with two/ }).focus()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Space')
  await expect(page.getByRole('button', { name: 'Sleeper sofa, Sleep: serves', exact: true })).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Cabinet: what is it for?' })).toBeVisible()
  await page.getByRole('button', { name: 'Let Cabinet go' }).click()
  await expect(page.getByRole('heading', { name: /what is it for/ })).toHaveCount(0)
})

test('a rented job: every forbidden choice is caught with a way out, and the putting-back list prints', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url, 'Box room turned sewing room')
  await subpage(page, 'Constraints')
  const titles = page.locator('.findings article.stop h2')
  await expect(titles).toContainText([
    /Dusk blue on North wall: painted/,
    /Wall shelf for thread: screwed to the wall/,
    /Roller blind: screwed to the wall/,
  ])
  await expect(page.locator('.findings article', { hasText: 'Dusk blue' })).toContainText(
    'it allows white or grey, and Dusk blue is neither',
  )
  await page.getByRole('link', { name: 'The list, to print' }).click()
  await expect(page.getByRole('heading', { name: 'What is put back' })).toBeVisible()
  for (const text of [
    'Dusk blue on North wall',
    'without written consent',
    'slowly, straight down',
    'hall cupboard, top shelf',
    'goes back to the kitchen',
  ])
    await expect(page.getByText(text).first()).toBeVisible()
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('navigation', { name: 'Stages' })).toBeHidden()
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden()
  const pdf = await page.pdf({ format: 'A4' })
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-')
  expect(pdf.length).toBeGreaterThan(5_000)
  await page.emulateMedia({ media: 'screen' })
  await page.getByRole('link', { name: 'Back to Constraints' }).click()
  // Each way out is one press, and its finding is gone.
  await page.getByRole('button', { name: 'Wall shelf for thread: one that stands free' }).click()
  await page
    .getByRole('button', { name: 'Roller blind: a tension rod between the reveals, light cloth only' })
    .click()
  await page
    .getByRole('button', { name: 'Hang Dusk blue on North wall as cloth or boards that come off' })
    .click()
  await expect(page.getByRole('heading', { name: /and the home is rented/ })).toHaveCount(0)
  await allKept(page)
})

test('photos: one per wall and corner, encoded anew, and a sensible word for what is no photo', async ({
  page,
  empty,
}) => {
  await foundStudio(page, empty.url)
  await openJob(page, 'Okafor', 'Sitting room', '6 000')
  await subpage(page, 'Pictures')
  const photo = await sharp({ create: { width: 800, height: 600, channels: 3, background: '#8a9a7a' } })
    .jpeg()
    .toBuffer()
  const choose = async (button: string, file: { name: string; mimeType: string; buffer: Buffer }) => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: button }).click(),
    ])
    await chooser.setFiles(file)
  }
  await choose('Add photos', { name: 'moor.jpg', mimeType: 'image/jpeg', buffer: photo })
  await expect(page.getByRole('img', { name: 'Inspiration' })).toBeVisible()
  await fill(page.getByLabel('Note on the photo'), 'The moor in spring')
  await choose('Add photos', { name: 'list.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') })
  await expect(page.getByText('The file is not a photo. Choose a JPEG, PNG or WebP.')).toBeVisible()
  await page.getByRole('button', { name: 'Leave it' }).click()
  await choose('Add photos', {
    name: 'broken.jpg',
    mimeType: 'image/jpeg',
    buffer: Buffer.from('still no picture'),
  })
  await expect(page.getByText(/not a photo that can be read/)).toBeVisible()
  await page.getByRole('button', { name: 'Leave it' }).click()
  await allKept(page)
  await page.reload()
  await expect(page.getByLabel('Note on the photo')).toHaveValue('The moor in spring')
  await page.getByRole('button', { name: 'Remove the photo' }).click()
  await page.getByRole('button', { name: 'Remove the photo' }).click()
  await expect(page.getByText('Photos and notes of what the client is drawn to')).toBeVisible()
})

test('the budget is agreed, and then moves by change order with its history on the tape', async ({
  page,
  empty,
}) => {
  await foundStudio(page, empty.url)
  await openJob(page, 'Okafor', 'Sitting room', '6 000')
  await subpage(page, 'Money')
  await expect(page.getByText('Once the budget is agreed it moves by change orders only')).toBeVisible()
  await fill(page.getByLabel('Agreed budget'), '5 000')
  await page.getByLabel('Agreed on').first().fill('2026-11-01')
  await page.getByLabel('Reserve, %').click()
  await expect(page.getByLabel('Agreed budget', { exact: true })).toHaveCount(0)
  await allKept(page)
  await page.getByRole('button', { name: 'Enter it' }).click()
  await expect(page.getByText('Agreed by is empty. Write who agreed.')).toBeVisible()
  await page.getByLabel('Amount').fill('750')
  await page.getByRole('textbox', { name: 'Agreed by' }).fill('Ada Okafor')
  await page.getByRole('textbox', { name: 'Why', exact: true }).fill('window seat')
  await page.getByRole('button', { name: 'Enter it' }).click()
  await expect(page.getByRole('row', { name: /window seat Ada Okafor \+€750 €5,750/ })).toBeVisible()
  await page
    .getByRole('button', { name: /Change order: €5,000 until .*\+€750, window seat, agreed by Ada Okafor/ })
    .hover()
  await expect(page.locator('.tape .pointed')).toContainText('window seat')
  // A fee of 10 % of the goods inside the budget is not free to spend.
  await pickFrom(page.getByLabel('Fee', { exact: true }), 'fixed')
  await fill(page.getByRole('textbox', { name: 'Fee' }), '600')
  await expect(page.locator('.tape .label', { hasText: 'Fee' }).locator('b')).toHaveText('€600')
  await expect(page.locator('.tape .label', { hasText: 'Free' }).locator('b')).toHaveText('€4,575')
})

test('a room that is done is opened as a copy; the usual uses are added in one step and taken back in one', async ({
  page,
  empty,
}) => {
  await foundStudio(page, empty.url)
  await page.getByRole('button', { name: 'Example rooms' }).click()
  await page.getByRole('button', { name: 'Open a copy of Study with a guest bed' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Brief' })).toBeVisible()
  await expect(page.getByText('The brief raises no question.')).toBeVisible()
  await page.getByRole('link', { name: 'All jobs' }).click()
  await expect(page.getByRole('link', { name: 'Study with a guest bed' })).toBeVisible()

  await page.getByRole('button', { name: 'New job' }).click()
  await page.getByLabel('Client').fill('Okafor')
  await page.getByLabel('Room').fill('Laundry')
  await page.getByLabel('Agreed budget').fill('4 000')
  await page.getByRole('button', { name: 'Open the job' }).click()
  await expect(page.getByRole('button', { name: /Add the usual/ })).toHaveCount(0)
  await pickFrom(page.getByLabel('Kind of room'), 'service room')
  await page.getByRole('button', { name: 'Add the usual 3 of a service room' }).click()
  const uses = page.getByLabel('Kind of Do the laundry')
  await expect(uses).toBeVisible()
  await expect(page.getByRole('button', { name: /Add the usual/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(uses).toHaveCount(0)
  await allKept(page)
})
