import { readFileSync } from 'node:fs'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { allKept, openDemo, stage, subpage } from './bench.js'
import { expect, test, type Page } from './program.js'

const words = (page: Page) => page.getByRole('textbox', { name: /^Words of/ })
const part = (page: Page, name: string) =>
  page.getByRole('group', { name: 'Parts of the book' }).getByRole('button', { name })
const sheet = (page: Page) => page.locator('article.chapter')

test('words of the book: written by keyboard, set as they will be, kept, undone, used in every book', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Handover')
  await subpage(page, 'Book')
  await expect(sheet(page).getByText('Play the piano').first()).toBeVisible()
  const beginning = 'This book belongs to the room.'
  await expect(words(page)).toContainText(beginning)
  await words(page).focus()
  await page.keyboard.press('Control+a')
  await page.keyboard.type('For Ilka and Bence: ')
  await page.keyboard.press('Control+b')
  await page.keyboard.type('play often.')
  await page.keyboard.press('Control+b')
  await page.keyboard.press('Enter')
  await page.keyboard.type('- the lid stays closed')
  // The sheet beside it is as it will be set, the bold word bold and the list a list.
  await expect(sheet(page).locator('b', { hasText: 'play often.' })).toBeVisible()
  await page.getByRole('heading', { name: 'Handover', level: 1 }).click()
  await allKept(page)
  await page.reload()
  await expect(words(page)).toContainText('For Ilka and Bence: play often.')
  await expect(words(page).locator('strong')).toHaveText('play often.')
  await expect(words(page).locator('ul li')).toHaveText('the lid stays closed')

  // Another part keeps its own; for the studio it stands in every book.
  await part(page, 'In the end').click()
  await expect(words(page)).toContainText('Thank you for the room.')
  await words(page).focus()
  await page.keyboard.press('Control+a')
  await page.keyboard.type('Yours, Tern & Thole')
  await page.getByRole('heading', { name: 'Handover', level: 1 }).click()
  await allKept(page)
  await page.getByRole('button', { name: 'Use in every book of the studio' }).click()
  await expect(page.getByText('Every book of the studio begins this part with these words')).toBeVisible()
  await page.goto(`${demo.url}/jobs`)
  await page.getByRole('link', { name: 'Roof terrace' }).click()
  await stage(page, 'Handover')
  await subpage(page, 'Book')
  await part(page, 'In the end').click()
  await expect(words(page)).toContainText('Yours, Tern & Thole')
  await expect(page.getByText('The studio’s words; what you change is for this job alone.')).toBeVisible()
  await page.getByRole('button', { name: 'The studio has no words of its own here' }).click()
  await expect(words(page)).toContainText('Thank you for the room.')
})

test('what another writes meanwhile comes into the field, and nothing typed is lost', async ({
  page,
  demo,
  context,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Handover')
  await subpage(page, 'Book')
  await expect(words(page)).toContainText('This book belongs')
  const other = await context.newPage()
  await other.goto(page.url())
  await expect(words(other)).toContainText('This book belongs')
  await words(other).focus()
  await other.keyboard.press('Control+a')
  await other.keyboard.type('From the other table')
  await other.getByRole('heading', { name: 'Handover', level: 1 }).click()
  await expect(words(page)).toContainText('From the other table')
  await words(page).focus()
  await page.keyboard.press('End')
  await page.keyboard.type(', and from this one')
  // Gone from the page at once: what was typed goes along.
  await subpage(page, 'Care')
  await expect(words(other)).toContainText('From the other table, and from this one')
})

test('the book opens as a PDF and as a folder, with prices only where they are wanted', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await page.goto(`${demo.url}/jobs`)
  await page.getByRole('link', { name: 'Dining room' }).click()
  await expect(page.getByText('What was asked for, and what answers it')).toBeVisible()
  const textOf = async () => {
    const href = await page.getByRole('link', { name: 'Open the book (PDF)' }).getAttribute('href')
    const answer = await page.request.get(`${demo.url}${href ?? ''}`)
    expect(answer.status()).toBe(200)
    const document = await getDocument({ data: new Uint8Array(await answer.body()), verbosity: 0 }).promise
    let text = ''
    for (let n = 1; n <= document.numPages; n++)
      text += (await (await document.getPage(n)).getTextContent()).items
        .map((i) => ('str' in i ? i.str : ''))
        .join(' ')
    return text
  }
  expect(await textOf()).not.toContain('€')
  await page.getByRole('checkbox', { name: 'Prices in the book' }).check()
  await allKept(page)
  expect(await textOf()).toContain('€1,840.00')
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'As a folder of files' }).click(),
  ])
  expect(download.suggestedFilename()).toBe('dining-room-book.zip')
  expect(
    readFileSync(await download.path())
      .subarray(0, 2)
      .toString(),
  ).toBe('PK')
})

test('a job is closed with what is open named, stands among the closed, and is opened again', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Handover')
  await subpage(page, 'Close')
  const open = page.getByRole('heading', { name: /^Open before closing: \d+$/ })
  await expect(open).toBeVisible()
  const n = Number((await open.innerText()).replace(/\D/g, ''))
  expect(n).toBeGreaterThan(5)
  await expect(page.getByText('Order 5, Weft & Harbor: €360 to pay')).toBeVisible()
  await page.getByRole('button', { name: 'Close it all the same …' }).click()
  await page.getByRole('button', { name: `Close with ${n} open, named` }).click()
  await expect(page.getByText(`Open on that day, by name: ${n}`)).toBeVisible()
  await expect(page.locator('.named li')).toHaveCount(n)
  await expect(page.locator('.named li', { hasText: 'Order 5, Weft & Harbor: €360 to pay' })).toHaveCount(1)
  await allKept(page)
  await page.goto(`${demo.url}/jobs`)
  await expect(page.getByRole('heading', { name: 'Closed: 2' })).toBeVisible()
  await page.getByRole('link', { name: 'Music and reading room' }).click()
  // What comes is told in the book; what is owed to a shop is the studio's.
  await part(page, 'In the end').click()
  await expect(sheet(page).getByText('Curtains, pair: 1 to come')).toBeVisible()
  await expect(sheet(page).getByText('to pay')).toHaveCount(0)
  await subpage(page, 'Close')
  await page.getByRole('button', { name: 'Reopen' }).click()
  await expect(open).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.locator('.named li')).toHaveCount(n)
})

test('what was left over is counted and becomes a lesson', async ({ page, demo }) => {
  await openDemo(page, demo.url)
  await stage(page, 'Handover')
  await subpage(page, 'Close')
  const left = page.getByRole('textbox', { name: /^Left of Tarn, liters$/ })
  await left.fill('plenty')
  await left.press('Enter')
  await expect(left).toHaveValue('plenty')
  await expect(left).toHaveAttribute('aria-invalid', 'true')
  await left.fill('0.4')
  await left.press('Enter')
  await expect(
    page.locator('.lessons tr', { hasText: 'Goods used' }).filter({ hasText: 'Paint' }),
  ).toBeVisible()
  await allKept(page)
  await page.reload()
  await expect(left).toHaveValue('0.4')
})
