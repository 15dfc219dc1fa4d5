import { allKept, pickFrom, expectTape, openDemo, stage, subpage } from './bench.js'
import { expect, test, type Page } from './program.js'

const enter = async (page: Page, button: string) => {
  await page.getByRole('button', { name: button, exact: true }).click()
  await expect(page.getByText(/: entered\.$/)).toBeVisible()
}
const orderOf = (page: Page, number: number) =>
  page.locator('tbody', { has: page.getByRole('rowheader', { name: new RegExp(`^${number} ·`) }) })

test('from the first purchase to the last refund: deposit, delay, delivery, charge, a lowered price, credit, gift', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Ledger')
  // The chair, 590.00 landed, with a deposit of 200.00 due at once.
  const chair = page.locator('section.group', { hasText: 'To order: Hollin Row Seating' })
  await chair.getByRole('button', { name: 'Order', exact: true }).click()
  await page.getByLabel('Deposit', { exact: true }).fill('900')
  await page.getByRole('button', { name: 'Enter the order' }).click()
  await expect(page.getByText(/Deposit is more than the €590\.00 of the order/)).toBeVisible()
  await page.getByLabel('Deposit', { exact: true }).fill('200')
  await enter(page, 'Enter the order')
  await expectTape(page, { Ordered: '€2,074', Chosen: '€532' })
  await expect(
    page.getByRole('heading', { name: /Order 8, Hollin Row Seating waits for €200 of its deposit/ }),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Pay order 8' }).click()
  await expect(page.getByLabel('Amount', { exact: true })).toHaveValue('200.00')
  await enter(page, 'Enter the payment')
  await expect(page.getByRole('heading', { name: /waits for .* of its deposit/ })).toBeHidden()

  // The seller says it comes later; without a day that is no news.
  await page.getByRole('button', { name: 'Heard of order 8' }).click()
  await pickFrom(page.getByLabel('What happened'), 'delayed')
  await page.getByLabel('Expected on').fill('')
  await page.getByRole('button', { name: 'Note it' }).click()
  await expect(page.getByText('Now expected on is missing. Give the new day.')).toBeVisible()
  await page.getByLabel('Expected on').fill('2099-01-05')
  await enter(page, 'Note it')
  await expect(
    page.getByRole('heading', { name: /Reading chair is expected \d+ days after it is needed/ }),
  ).toBeVisible()
  await expect(orderOf(page, 8)).toContainText('delayed')

  // It comes, is charged for, lowered and kept.
  await page.getByRole('button', { name: 'Delivered, order 8' }).click()
  await enter(page, 'Enter the delivery')
  await page.getByRole('button', { name: 'More for Reading chair' }).click()
  await page.getByRole('button', { name: 'Charge: Reading chair' }).click()
  await page.getByLabel('Amount', { exact: true }).fill('25')
  await page.getByLabel('For what').fill('carried up three flights')
  await enter(page, 'Enter the charge')
  await page.getByRole('button', { name: 'Price lowered: Reading chair' }).click()
  await page.getByLabel('Taken off').fill('40')
  await enter(page, 'Enter the difference')
  // 590 + 25 − 40 = 575, of which 200 is paid.
  await expect(orderOf(page, 8)).toContainText('€375.00 owed')
  await page.getByRole('button', { name: 'Keep Reading chair' }).click()
  await enter(page, 'It is kept')
  await expect(orderOf(page, 8)).toContainText('kept')

  // The low table's refund comes as store credit: no money back, and it pays for the lights.
  await page.getByRole('button', { name: 'Refund for Low table' }).click()
  await pickFrom(page.getByLabel('Paid by'), 'store credit')
  await page.getByLabel('Credit good until').fill('2099-06-30')
  await enter(page, 'Enter the refund')
  await expect(
    page.getByText('€260 is held as store credit and counts as paid until it is spent'),
  ).toBeVisible()
  await expectTape(page, { Paid: '€3,290.40' })
  await page.getByRole('button', { name: 'Pay order 4' }).click()
  await pickFrom(page.getByLabel('Paid by'), 'store credit')
  await pickFrom(page.getByLabel('Which credit'), 'Credit for Low table, €260 left')
  await enter(page, 'Enter the payment')
  // 236.00 of the 260.00 is spent; what is paid is what it was.
  await expect(page.getByText('€24 is held as store credit')).toBeVisible()
  await expectTape(page, { Paid: '€3,290.40' })

  // Somebody else brings the fern: it draws on no budget.
  await pickFrom(page.getByLabel('Item', { exact: true }), 'Fern and pot')
  await page.getByRole('button', { name: 'Given', exact: true }).click()
  await page.getByLabel('Given by').fill('A neighbor')
  await enter(page, 'Enter the gift')
  await expect(orderOf(page, 9)).toContainText('pledged')
  await expectTape(page, { Paid: '€3,290.40' })

  // Everything entered can be found, proved, and taken back with a reason.
  await subpage(page, 'Entries')
  await page.getByLabel('Search the entries').fill('flights')
  await expect(page.getByText(/^1 of \d+ acts/)).toBeVisible()
  await page.getByRole('button', { name: 'Take back: Charged Reading chair' }).click()
  await page.getByLabel('Reason').fill('they waived it')
  await enter(page, 'Enter the reversal')
  await page.getByRole('button', { name: 'Prove it now' }).click()
  await expect(page.getByText(/^All \d+ entries of the studio add up\.$/)).toBeVisible()
})

test('where the money stands, by any grouping; account, cards, dates, a change agreed, and papers that open', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Ledger')
  await subpage(page, 'Standing')
  const sums = () => page.locator('tfoot td.figure').allInnerTexts()
  const before = await sums()
  expect(before).toHaveLength(7)
  for (const by of ['supplier', 'place', 'save or splurge']) {
    await pickFrom(page.getByLabel('By', { exact: true }), by)
    // However it is put together, it comes to the same.
    await expect(page.getByRole('columnheader').first()).toHaveText(`${by} in EUR`)
    expect(await sums(), by).toEqual(before)
  }
  await expect(page.getByRole('row', { name: /^\+? ?splurge/ })).toBeVisible()
  await page.getByRole('button', { name: 'Received', exact: true }).click()
  await page.locator('form.act').getByLabel('Amount', { exact: true }).fill('1500')
  await enter(page, 'Enter the payment')
  await expect(page.locator('.account')).toContainText('€5,500')
  await page.getByRole('button', { name: 'Add a gift card or credit' }).click()
  await allKept(page)

  await subpage(page, 'Dates')
  await expect(page.getByRole('row', { name: /last day to send back Rug/ })).toBeVisible()
  const [calendar] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'All dates as a calendar' }).click(),
  ])
  expect(calendar.suggestedFilename()).toBe('ledger.ics')

  await subpage(page, 'Changes')
  await expect(page.getByText('Free would be €3,069.30; now €2,904.60.')).toBeVisible()
  await page.getByRole('button', { name: 'Agreed', exact: true }).click()
  await page.getByRole('button', { name: 'Enter the change order' }).click()
  await expect(page.getByText(/Agreed by is empty/)).toBeVisible()
  await page.locator('form.act').getByLabel('Agreed by').fill('Ilka Varga')
  await enter(page, 'Enter the change order')
  // 2,904.60 free and nine tenths or so of 180.00 more: the reserve takes its share of 8.5 %.
  await expectTape(page, { Free: '€3,069.30' })
  await expect(page.getByText('Nothing is waiting for the client’s answer.')).toBeVisible()
  await expect(page.getByRole('row', { name: /felt lining.*Ilka Varga.*\+€180.*€9,580/ })).toBeVisible()

  await subpage(page, 'Papers')
  for (const name of ['Client statement', 'Budget report', 'List of purchases', 'Tax summary'])
    for (const format of ['PDF', 'XLSX', 'CSV']) {
      const href = await page.getByRole('link', { name: `${name} as ${format}` }).getAttribute('href')
      const answer = await page.request.get(`${demo.url}${href ?? ''}`)
      expect(answer.status(), `${name} ${format}`).toBe(200)
      expect((await answer.body()).length).toBeGreaterThan(100)
    }
})

test('a bank statement: what is there already is said, the rest is proposed and confirmed, and nothing is entered twice', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Ledger')
  await subpage(page, 'Bank')
  const job = (await (
    await page.request.get(`${demo.url}/api/jobs/${page.url().split('/')[4]!}`)
  ).json()) as { entries: { note: string; on: string }[]; orders: { number: number; placedOn: string }[] }
  const deposit = job.entries.find((e) => e.note === 'Deposit of 40 %')!.on
  const lights = job.orders.find((o) => o.number === 4)!.placedOn
  const csv = [
    'Statement of account',
    '',
    'Date,Amount (EUR),Counterparty,Reference',
    `${deposit},-592.00,HOLLIN ROW SEATING,deposit`,
    `${lights},"-236,00",Lanternfold Lighting,arms`,
    `${lights},260.00,Hollin Row Seating,table came back`,
    `${lights},-17.30,Corner bakery,`,
    'some day,-4.00,nobody,',
  ].join('\r\n')
  const file = { name: 'november.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) }
  const input = page.locator('input[type=file]')
  await input.setInputFiles({ ...file, buffer: Buffer.from('what,ever\n1,2') })
  await expect(page.getByRole('alert')).toContainText('No header with a date and an amount was found')
  await input.setInputFiles(file)
  await expect(page.getByText('november.csv: 4 lines read, 3 waiting, 1 in the ledger already')).toBeVisible()
  await expect(page.getByText('row 8: “some day” is no date')).toBeVisible()
  await expect(page.getByText(/all that is open · named: lanternfold, lighting/)).toBeVisible()
  await page.getByRole('button', { name: 'Confirm line 5' }).click()
  await expect(page.getByText('4 lines read, 2 waiting, 2 in the ledger already')).toBeVisible()
  await page.getByRole('button', { name: 'Confirm line 6' }).click()
  await expect(page.getByText('4 lines read, 1 waiting, 3 in the ledger already')).toBeVisible()
  await expectTape(page, { Paid: '€3,066.40', Ordered: '€1,248' })
  await expect(page.getByRole('button', { name: 'Confirm line 7' })).toBeDisabled()
  await page.getByRole('button', { name: 'Line 7 is not of this job' }).click()
  await expect(page.getByText('Every line is entered or set aside.')).toBeVisible()
  await input.setInputFiles(file)
  await expect(page.getByText('4 lines read, 0 waiting, 3 in the ledger already')).toBeVisible()
})

test('an order goes to its supplier, is acknowledged, comes, and is entered; silence is said and changes nothing', async ({
  page,
  supplied,
}) => {
  await openDemo(page, supplied.program.url)
  await stage(page, 'Source')
  await subpage(page, 'Catalogs')
  await pickFrom(page.getByLabel('For', { exact: true }), 'Art above the piano')
  await page.getByRole('button', { name: 'Search' }).click()
  const loom = page.getByRole('region', { name: 'Loom and Landing' })
  const sold = loom.getByRole('listitem').filter({ hasText: 'in stock' }).first()
  const name = await sold.locator('b').first().innerText()
  await sold.getByRole('button', { name: 'Take', exact: true }).click()
  await expect(loom.getByRole('button', { name: 'Taken' })).toBeVisible()
  await subpage(page, 'Axis')
  await page.locator('button.need', { hasText: 'Art above the piano' }).click()
  await page.locator('article').getByRole('button', { name }).click()
  await page.getByRole('button', { name: 'Choose', exact: true }).click()
  await allKept(page)
  await stage(page, 'Ledger')
  await page
    .locator('section.group', { hasText: 'To order: Loom and Landing' })
    .getByRole('button', { name: 'Order', exact: true })
    .click()
  await enter(page, 'Enter the order')
  const order = orderOf(page, 8)

  await fetch(`${supplied.shops}/loom/mode?mode=failing`, { method: 'POST' })
  await page.getByRole('button', { name: 'Send order 8' }).click()
  await expect(order.getByRole('alert')).toContainText('Nothing was changed here; ask again later.')
  await fetch(`${supplied.shops}/loom/mode?mode=well`, { method: 'POST' })
  await page.getByRole('button', { name: 'Send order 8' }).click()
  await expect(order.getByRole('status')).toContainText('it knows nothing of Cushions: no number')
  await expect(order).toContainText(/sent \d+ \w+: not told of: Cushions/)
  await page.getByRole('button', { name: /^Note: acknowledged Art above the piano, expected/ }).click()
  await expect(order.getByRole('listitem').first()).toContainText('noted')
  await expect(order).toContainText(/acknowledged \d+ \w+/)

  await fetch(`${supplied.shops}/day?day=2099-01-01`, { method: 'POST' })
  await page.getByRole('button', { name: 'Ask for updates of order 8' }).click()
  await page.getByRole('button', { name: /^Enter: delivered Art above the piano/ }).click()
  await expect(page.getByLabel('Note', { exact: true })).toHaveValue(/signed for at the door/)
  await enter(page, 'Enter the part')
  await expect(order.getByRole('listitem').filter({ hasText: 'delivered' })).toContainText('entered')
  await expect(order.getByRole('row', { name: /^Art above the piano/ })).toContainText('delivered')
})
