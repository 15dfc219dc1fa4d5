import { readFileSync } from 'node:fs'
import { allKept, pickFrom, expectTape, openDemo, stage, subpage } from './bench.js'
import { expect, test, type Page } from './program.js'

const enter = async (page: Page, button: string) => {
  await page.getByRole('button', { name: button, exact: true }).click()
  await expect(page.getByText(/: entered\.$/)).toBeVisible()
}
const orderOf = (page: Page, number: number) =>
  page.locator('tbody', { has: page.getByRole('rowheader', { name: new RegExp(`^${number} ·`) }) })
/** A PDF of one empty page, as small as they come. */
const PDF = Buffer.from(
  '%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n2 0 obj<</Type/Pages/Kids[3 0 R]/Count 1>>endobj\n3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 200 300]>>endobj\ntrailer<</Root 1 0 R>>\n%%EOF',
)
const photo = () => readFileSync(new URL('../docs/screenshots/jobs.png', import.meta.url))

test('receipts and invoices: brought in as PDF and photo, matched by a person, held against the ledger', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Ledger')
  await subpage(page, 'Receipts')
  const paint = page.getByRole('article', { name: 'Receipt 88-1207 from Pigment Cellar' })
  await expect(paint).toContainText('not matched')
  await paint.getByRole('button', { name: 'It belongs to order 6, Pigment Cellar' }).click()
  await expect(paint).toContainText('agrees €217.40 was paid · tax agrees')
  await expect(page.getByRole('article', { name: 'Invoice H-2291 from Hollin Row Seating' })).toContainText(
    'agrees',
  )

  // The tax with two digits changed about: said at once, and in the findings.
  await paint.getByLabel('Tax on it').fill('73.37')
  await paint.getByLabel('Tax on it').press('Enter')
  await expect(paint).toContainText('tax €73.37; in the ledger €37.73')
  await expect(
    page.getByRole('heading', { name: /Receipt 88-1207 from Pigment Cellar does not agree with Order 6/ }),
  ).toBeVisible()
  await paint.getByLabel('Tax on it').fill('a lot')
  await paint.getByLabel('Tax on it').press('Enter')
  await expect(paint.getByText(/Tax on it/).last()).toBeVisible()
  await expect(paint.getByLabel('Tax on it')).toHaveValue('a lot')
  await paint.getByLabel('Tax on it').fill('37.73')
  await paint.getByLabel('Tax on it').press('Enter')
  await expect(paint).toContainText('tax agrees')

  // A PDF becomes a paper of its own; what is neither photo nor PDF is said to be.
  const files = page.getByLabel('Photos or PDFs of papers')
  await page.getByRole('button', { name: 'Photos or PDFs', exact: true }).click()
  await files.setInputFiles([{ name: 'invoice.pdf', mimeType: 'application/pdf', buffer: PDF }])
  const brought = page.getByRole('article').filter({ hasText: 'PDF1 page' })
  await expect(brought).toHaveCount(1)
  await pickFrom(brought.getByLabel('Kind'), 'invoice')
  await brought.getByLabel('From').fill('Weft & Harbor')
  await brought.getByLabel('Total').fill('720')
  await brought.getByLabel('Total').press('Enter')
  await brought.getByRole('button', { name: /It belongs to order 5/ }).click()
  await expect(brought).toContainText('agrees €720 was ordered · its tax is not known')
  const opened = await page.request.get(demo.url + (await brought.getByRole('link').getAttribute('href'))!)
  expect(opened.headers()['content-type']).toContain('application/pdf')
  await files.setInputFiles([{ name: 'list.txt', mimeType: 'text/plain', buffer: Buffer.from('table 12') }])
  await expect(
    page.getByText('The file is neither a photo nor a PDF. Choose a JPEG, PNG, WebP or PDF.'),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Leave it' }).click()
  await expect(page.getByRole('article')).toHaveCount(5)

  // Another page of it, as a photo; it goes with its paper.
  await brought.getByRole('button', { name: /^Photo or PDF of Invoice/ }).click()
  await files.setInputFiles([{ name: 'back.png', mimeType: 'image/png', buffer: photo() }])
  await expect(brought.locator('img')).toHaveCount(1)
  await allKept(page)
  await page.reload()
  await expect(page.getByRole('article').filter({ hasText: 'PDF1 page' }).locator('img')).toHaveCount(1)
  const again = page.getByRole('article').filter({ hasText: 'PDF1 page' })
  await again.getByRole('button', { name: /^Remove Invoice/ }).click()
  await again.getByRole('button', { name: /^Remove Invoice/ }).click()
  await expect(page.getByRole('article').filter({ hasText: 'PDF1 page' })).toHaveCount(0)
  await allKept(page)
})

test('a damage is claimed with photos, granted, and exchanged; what was paid counts for the other', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Ledger')
  await page.getByRole('button', { name: 'More for Rug' }).click()
  await page.getByRole('button', { name: 'Damaged: Rug' }).click()
  await page.getByLabel('Note', { exact: true }).fill('edge frayed for a hand')
  await enter(page, 'Note the damage')
  await page.getByRole('button', { name: 'Claim it' }).click()
  await subpage(page, 'Claims')
  const claim = page.getByRole('article', { name: 'Claim for Rug' })
  await expect(claim.getByLabel('What is wrong')).toHaveValue('edge frayed for a hand')
  await claim.getByRole('button', { name: 'Photo of the damage to Rug' }).click()
  await page
    .getByLabel('Photos of the damage')
    .setInputFiles([{ name: 'edge.png', mimeType: 'image/png', buffer: photo() }])
  await expect(claim.locator('img')).toHaveCount(1)
  await claim.getByLabel('Answer by').fill('2026-11-01')
  await claim.getByLabel('Answer by').press('Enter')
  await expect(
    page.getByRole('heading', { name: /Rug: the answer to the claim is \d+ days late/ }),
  ).toBeVisible()
  await pickFrom(claim.getByLabel('Answer', { exact: true }), 'granted')
  await expect(page.getByRole('heading', { name: /the answer to the claim is/ })).toBeHidden()
  await claim.getByRole('button', { name: 'Enter the exchange' }).click()
  await page.getByLabel('Quantity').fill('2')
  await page.getByRole('button', { name: 'Enter the exchange' }).last().click()
  await expect(page.getByText(/Quantity is more than the 1 of Rug that stand/)).toBeVisible()
  await page.getByLabel('Quantity').fill('1')
  await page.getByLabel('Price of the other, tax in').fill('1 400')
  await page.locator('form.act').getByRole('button', { name: 'Enter the exchange' }).click()
  await expect(page.getByText(/Exchange: Rug: entered\.$/)).toBeVisible()
  await subpage(page, 'Orders')
  // 1,420.00 was paid for it; the other comes to 1,400.00, so 20.00 is due back.
  await expect(orderOf(page, 3).getByRole('row', { name: /^Rug/ })).toHaveCount(2)
  await expect(orderOf(page, 3)).toContainText('€20.00 due back')
  await expectTape(page, { Paid: '€3,090.40' })
})

test('an estimate is told apart until its receipt comes; what is borrowed has its day and never enters money', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Ledger')
  await page.getByRole('button', { name: 'Pay order 4' }).click()
  await page.getByLabel('An estimate, its receipt to come').check()
  await enter(page, 'Enter the payment')
  await expect(page.getByRole('heading', { name: '€236 of what is paid is an estimate' })).toBeVisible()
  await subpage(page, 'Receipts')
  await page.getByRole('button', { name: 'Add the paper of Order 4, Lanternfold Lighting' }).click()
  const paper = page.getByRole('article', { name: 'Receipt from Lanternfold Lighting' })
  await paper.getByLabel('Total').fill('236')
  await paper.getByLabel('Total').press('Enter')
  await expect(paper).toContainText('agrees €236 was paid')
  await expect(page.getByRole('heading', { name: /is an estimate/ })).toBeHidden()

  await subpage(page, 'Dates')
  await expect(
    page.getByRole('row', { name: /to give back Potted palm, the neighbor downstairs/ }),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Add something borrowed' }).click()
  const loan = page.locator('article', {
    has: page.getByRole('button', { name: 'Borrowed thing went back' }),
  })
  await loan.getByLabel('Goes back by').fill('2026-11-01')
  await loan.getByLabel('Goes back by').press('Enter')
  await expect(page.getByRole('heading', { name: 'Borrowed thing should have gone back' })).toBeVisible()
  await page.getByRole('button', { name: 'It went back today' }).click()
  await expect(page.getByRole('heading', { name: 'Borrowed thing should have gone back' })).toBeHidden()
  await expect(page.getByText(/Borrowed thing: went back/)).toBeVisible()
  await expectTape(page, { Paid: '€3,326.40' })
})

test('by keyboard alone: what was pressed goes with what it did, and the focus goes on from there', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Ledger')
  const focused = page.locator(':focus')
  await page.getByRole('button', { name: 'Pay order 4' }).press('Enter')
  await expect(page.getByLabel('Amount', { exact: true })).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(page.getByText(/: entered\.$/)).toBeVisible()
  // Order 4 is settled and has no button to pay any more.
  await expect(page.getByRole('button', { name: 'Pay order 4' })).toBeHidden()
  await expect(focused).toContainText('Pay order 4: entered.')
  await page.getByRole('button', { name: 'Keep Rug' }).press('Enter')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('button', { name: 'Keep Rug' })).toBeFocused()

  await subpage(page, 'Receipts')
  await page.getByRole('button', { name: 'Type one in' }).press('Enter')
  await expect(page.getByRole('article').first().getByLabel('Kind')).toBeFocused()
  const paint = page.getByRole('article', { name: 'Receipt 88-1207 from Pigment Cellar' })
  await paint.getByRole('button', { name: 'It belongs to order 6, Pigment Cellar' }).press('Enter')
  await expect(paint.getByLabel('Belongs to')).toBeFocused()
  await expect(paint).toContainText('agrees')

  await subpage(page, 'Claims')
  await page.getByRole('button', { name: 'Claim', exact: true }).press('Enter')
  await expect(page.getByLabel('What is wrong')).toBeFocused()
  await page.keyboard.type('scratched')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('article').getByLabel('What is wrong')).toHaveValue('scratched')

  await subpage(page, 'Dates')
  await page.getByRole('button', { name: 'Reading lamp went back' }).press('Enter')
  await expect(page.getByRole('button', { name: 'Reading lamp is here after all' })).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'Reading lamp went back' })).toBeVisible()
  await allKept(page)
})

test('a change costs only what it changes, and is proposed to the client', async ({ page, demo }) => {
  await openDemo(page, demo.url)
  await stage(page, 'Ledger')
  await subpage(page, 'Changes')
  await page.getByText('What a change would cost').click()
  const look = page.locator('.look')
  const total = look.getByRole('row', { name: /^all/ })
  const before = await total.innerText()
  await look.getByRole('checkbox', { name: 'Swing-arm lights' }).uncheck()
  await expect(look.getByRole('row', { name: /^Swing-arm lights/ })).toContainText('goes')
  await expect(look.getByRole('row', { name: /^Rug/ })).toContainText(/1,420\.00\s*€?0\.00\s*stays/)
  // What goes costs nothing and changes no total; what is left out of it does.
  expect(await total.innerText()).toBe(before)
  await expect(look).toContainText('€236 of the first look goes with what goes')
  await look.getByRole('checkbox', { name: 'Reading chair' }).uncheck()
  await expect(look.getByRole('row', { name: /^Reading chair/ })).toContainText('not part of it')
  expect(await total.innerText()).not.toBe(before)
  await look.getByRole('button', { name: /^Propose €/ }).click()
  await expect(
    page.locator('article', { has: page.getByRole('button', { name: 'Remove change estimate' }) }),
  ).toBeVisible()
  await allKept(page)
})

test('what was noted to be damaged is the first to be claimed, in the words it was noted with', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Ledger')
  await page.getByRole('button', { name: 'More for Rug' }).click()
  await page.getByRole('button', { name: 'Damaged: Rug' }).click()
  await page.getByLabel('Note', { exact: true }).fill('a pull near the fringe')
  await enter(page, 'Note the damage')
  await subpage(page, 'Claims')
  await page.getByRole('button', { name: 'Claim', exact: true }).click()
  await expect(page.getByRole('article', { name: 'Claim for Rug' }).getByLabel('What is wrong')).toHaveValue(
    'a pull near the fringe',
  )
  // The rug is claimed now: the next claim is for something else.
  await page.getByRole('button', { name: 'Claim', exact: true }).click()
  await expect(page.getByRole('article')).toHaveCount(2)
  await expect(page.getByRole('article', { name: 'Claim for Rug' })).toHaveCount(1)
})
