import { allKept, fill, foundStudio, openDemo, openJob, stage, subpage } from './bench.js'
import { expect, test } from './program.js'

test('the plan by keyboard: a task is moved by a day, put back, answered and done; the plan follows', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Install')
  const clear = page.getByRole('button', { name: /^Clear the room/ })
  await clear.focus()
  await page.keyboard.press('Enter')
  const begins = page.getByRole('row', { name: /^Begins/ })
  const before = (await begins.textContent()) ?? ''
  await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('status').filter({ hasText: 'Clear the room' })).toHaveCount(1)
  await expect(begins).not.toHaveText(before)
  await page.keyboard.press('Control+z')
  await expect(begins).toHaveText(before)

  // What is asked first must be answered before it is called done.
  await page.getByRole('button', { name: /^Take off/ }).click()
  await page.getByRole('button', { name: 'Power off, plates off', exact: true }).click()
  const done = page.getByRole('button', { name: 'Done', exact: true })
  await expect(done).toBeDisabled()
  await expect(page.getByText('Give the answer before it is called done.')).toBeVisible()
  await fill(page.getByLabel('Answer'), 'Off at the board, proved dead at each plate')
  await expect(page.getByText(/An answer closes the question. It makes nothing safe./)).toBeVisible()
  await done.click()
  await expect(page.getByText(/Done on/)).toBeVisible()
  await fill(page.getByLabel('Took, min'), 'long')
  await expect(page.locator('.fault')).toBeVisible()
  await page.keyboard.press('Escape')
  await allKept(page)
  await page.reload()
  await expect(page.getByText(/Done on/)).toBeVisible()
})

test('what was agreed too early says so, and the way out asks for the first day that holds', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Install')
  const finding = page.locator('.findings article', { hasText: /Hang: North wall.*too early/ })
  await expect(finding).toBeVisible()
  await finding.getByRole('button', { name: /^Ask for/ }).click()
  await expect(finding).toHaveCount(0)
})

test('people, days off and quiet hours: read, refused, taken back; runs tell the chance', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Install')
  await subpage(page, 'People and days')
  await page.getByRole('button', { name: 'Add somebody' }).click()
  const ends = page.getByLabel('Ends').nth(3)
  await fill(ends, 'late')
  await expect(page.getByText(/Ends is not a time of day/)).toBeVisible()
  await fill(ends, '5.30 pm')
  await expect(ends).toHaveValue('17:30')
  await page.getByLabel('Read a calendar').setInputFiles({
    name: 'away.ics',
    mimeType: 'text/calendar',
    buffer: Buffer.from(
      [
        'BEGIN:VCALENDAR',
        'VERSION:2.0',
        'PRODID:-//x//y//EN',
        'BEGIN:VEVENT',
        'UID:a@b',
        'SUMMARY:Client away',
        'DTSTART;VALUE=DATE:20300107',
        'DTEND;VALUE=DATE:20300110',
        'RRULE:FREQ=YEARLY;COUNT=1',
        'END:VEVENT',
        'END:VCALENDAR',
        '',
      ].join('\r\n'),
    ),
  })
  await expect(page.getByText('0 days off from away.ics')).toBeVisible()
  await page.getByRole('button', { name: 'Public holidays' }).click()
  await expect(page.getByText(/days off from Public holidays, IE/)).toBeVisible()
  await allKept(page)
  await subpage(page, 'Ready?')
  await expect(page.getByRole('heading', { name: /^By .* in \d+ of 100 runs/ })).toBeVisible()
  await expect(page.getByText(/What decides it/)).toBeVisible()
})

test('nothing to do teaches; a task of one’s own is planned, and taken out again', async ({
  page,
  empty,
}) => {
  await foundStudio(page, empty.url)
  await openJob(page, 'Okafor', 'Hall', '3 000')
  await stage(page, 'Install')
  await expect(page.getByText(/The plan follows from what is to be painted/)).toBeVisible()
})

test('a day at the room with the network cut: ticked, written down, photographed; all there once afterwards', async ({
  page,
  demo,
  context,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Install')
  await subpage(page, 'Today')
  await page.getByRole('button', { name: /^Next: / }).click()
  const first = page.locator('.day article').first()
  await expect(first).toBeVisible()
  const name = ((await first.getByRole('heading').textContent()) ?? '').replace(/^\s*\S+\s+/, '')
  await context.setOffline(true)
  await first.getByRole('button', { name: 'Done', exact: true }).click()
  await fill(first.getByLabel('Took, min'), '95')
  await fill(first.getByLabel('Note'), 'Corner behind the door is damp')
  for (const snag of ['Scratch on the sill', 'Socket plate is loose'])
    await fill(page.getByLabel('A snag, in a few words'), snag)
  const snags = page.locator('.snags > ul > li')
  await expect(snags).toHaveCount(2)
  await page.getByLabel('Picture of Scratch on the sill').setInputFiles({
    name: 'sill.png',
    mimeType: 'image/png',
    buffer: Buffer.from(
      'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
      'base64',
    ),
  })
  await expect(page.getByText(/sill.png/)).toBeVisible()
  await context.setOffline(false)
  await expect(page.getByText(/sill.png/)).toHaveCount(0)
  await allKept(page)
  await page.reload()
  await expect(snags).toHaveCount(2)
  await expect(snags.filter({ hasText: 'Scratch' }).locator('img')).toHaveCount(1)
  await page.goto(page.url().replace(/\?.*/, ''))
  const done = page.locator('.day article.done')
  await expect(done).toHaveCount(1)
  await expect(done).toContainText(name.trim())
  await expect(done.getByLabel('Took, min')).toHaveValue('95')
  await expect(done.getByLabel('Note')).toHaveValue('Corner behind the door is damp')
})

test('what a rented room is given back by: ticked, and the last day to begin follows', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url, 'Box room turned sewing room')
  await stage(page, 'Install')
  await subpage(page, 'Putting back')
  const says = page.getByText(/Begin by .* tasks, over on/)
  const before = (await says.textContent()) ?? ''
  await page.getByRole('button', { name: 'Wall shelf for thread: taken down' }).click()
  await page.getByRole('button', { name: 'Done', exact: true }).click()
  await expect(says).not.toHaveText(before)
  await page.keyboard.press('Control+z')
  await expect(says).toHaveText(before)
})
