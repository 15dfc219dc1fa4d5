import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import {
  allKept,
  callOut,
  pickFrom,
  expectTape,
  fill,
  foundStudio,
  openDemo,
  openJob,
  stage,
  subpage,
} from './bench.js'
import { expect, test, type Page } from './program.js'
import { addressOf, STAGES } from '../web/stages.js'

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')

/** The accessibility checker over the whole page: WCAG 2.2 A and AA. */
async function expectAccessible(page: Page, where: string): Promise<void> {
  await page.evaluate(AXE)
  const findings = await page.evaluate(async () => {
    const { axe } = window as unknown as {
      axe: {
        run(options: object): Promise<{
          violations: { id: string; nodes: { html: string; failureSummary?: string }[] }[]
          passes: unknown[]
        }>
      }
    }
    const result = await axe.run({
      runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
    })
    return {
      count: result.passes.length,
      said: result.violations.map(
        (v) =>
          `${v.id}: ${v.nodes.map((n) => `${n.html.slice(0, 160)} — ${n.failureSummary ?? ''}`).join(' | ')}`,
      ),
    }
  })
  expect(findings.count, `${where}: rules that were applied`).toBeGreaterThan(10)
  expect(findings.said, where).toEqual([])
}

const FURTHER: Readonly<Record<string, readonly string[]>> = {
  Brief: ['Pieces', 'Constraints', 'Schools', 'Money', 'Pictures', 'Cautions'],
  Measure: ['Openings and fixtures', 'Way in'],
  Palette: ['Pairs', 'Light', 'Schemes', 'Samples', 'From a picture', 'Proposals', 'Board'],
  Plan: ['Walls', 'Light', 'Arrangements', 'Distances'],
  'Take-off': ['Every trade', 'Work and consumables'],
  Source: ['Compare', 'Best set', 'Catalogs', 'Terms', 'Lists'],
  Handover: ['Edit', 'Pictures', 'Register', 'Care', 'What is kept'],
  Ledger: ['Standing', 'Entries', 'Dates', 'Receipts', 'Claims', 'Changes', 'Bank', 'Papers'],
}

test('the accessibility checker has nothing to say on any screen', async ({ page, demo }) => {
  await page.goto(`${demo.url}/sign-in`)
  await expect(page.getByRole('button', { name: 'Open the demo studio' })).toBeVisible()
  await expectAccessible(page, 'sign-in')
  await page.getByRole('button', { name: 'Found a studio' }).click()
  await page.getByRole('button', { name: 'Found the studio' }).click()
  await expect(page.getByText('Studio is empty. Write it here.')).toBeVisible()
  await expectAccessible(page, 'founding, with faults')
  await openDemo(page, demo.url)
  for (const name of [
    'Brief',
    'Measure',
    'Palette',
    'Plan',
    'Take-off',
    'Source',
    'Handover',
    'Ledger',
  ] as const) {
    await stage(page, name)
    await expectAccessible(page, name)
    for (const further of FURTHER[name] ?? []) {
      await subpage(page, further)
      await expectAccessible(page, `${name}, ${further}`)
    }
  }
  await subpage(page, 'Claims')
  await page.getByRole('button', { name: 'Claim', exact: true }).click()
  await expectAccessible(page, 'a claim')
  await subpage(page, 'Changes')
  await page.getByText('What a change would cost').click()
  await expectAccessible(page, 'what a change would cost')
  await subpage(page, 'Orders')
  await page.getByRole('button', { name: 'More for Rug' }).click()
  await page.getByRole('button', { name: 'Pay order 4' }).click()
  await expectAccessible(page, 'an act of the ledger')
  await stage(page, 'Palette')
  await page.getByRole('button', { name: 'Accept with a reason' }).first().click()
  await page.getByRole('button', { name: 'Accept', exact: true }).click()
  await expectAccessible(page, 'a finding being accepted')
  await page.getByRole('combobox', { name: /Finish of/ }).click()
  await expect(page.locator('.el-select-dropdown__item').first()).toBeVisible()
  await expectAccessible(page, 'an open list')
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Keys' }).click()
  await expect(page.getByRole('dialog')).toBeVisible()
  await expectAccessible(page, 'keys')
  await page.getByRole('button', { name: 'Close' }).click()
  await page.getByRole('link', { name: 'All jobs' }).click()
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible()
  await expectAccessible(page, 'jobs')
  await page.getByRole('link', { name: 'Studio', exact: true }).click()
  await expect(page.getByLabel('Currency')).toBeDisabled()
  await expectAccessible(page, 'settings of the studio')
  await page.goto(`${demo.url}/gallery`)
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await expectAccessible(page, 'parts of the interface')
  await page.getByRole('button', { name: 'Open a dialog' }).click()
  await expect(page.getByRole('dialog')).toBeVisible()
  await expectAccessible(page, 'a dialog')
})

test('nor on a phone, nor in forced colors', async ({ page, demo }) => {
  await openDemo(page, demo.url)
  const job = page.url().replace(/\/brief$/, '')
  for (const [width, forcedColors] of [
    [390, 'none'],
    [320, 'none'],
    [1280, 'active'],
  ] as const) {
    await page.setViewportSize({ width, height: 800 })
    await page.emulateMedia({ forcedColors })
    for (const at of STAGES) {
      await page.goto(`${job}/${addressOf(at, at.pages[0] as (typeof at.pages)[number])}`)
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
      await expectAccessible(page, `${at.name}, ${width} wide, forced colors ${forcedColors}`)
    }
    // The day at the room is made for a phone.
    await page.goto(`${job}/install/today`)
    const [task, next] = [page.locator('.day article').first(), page.getByRole('button', { name: /^Next: / })]
    await expect(task.or(next)).toBeVisible()
    if (await next.isVisible()) await next.click()
    await expect(task).toBeVisible()
    await expectAccessible(page, `Today, ${width} wide, forced colors ${forcedColors}`)
  }
})

test('an empty job teaches on every screen', async ({ page, empty }) => {
  await foundStudio(page, empty.url)
  await expect(page.getByText('A job is one room of one client')).toBeVisible()
  await openJob(page, 'Ito', 'Landing', '800')
  await expect(page.getByText('A use is one thing the room must do')).toBeVisible()
  for (const [name, says] of [
    ['Measure', 'The plan draws itself'],
    ['Palette', 'Point at a row|no finish yet'],
    ['Plan', 'begins with a measured room'],
    ['Take-off', 'Nothing to count yet'],
    ['Source', 'The schedule decides'],
    ['Ledger', 'An order takes the options chosen'],
    ['Handover', 'Shelves, trays and table tops are composed here'],
  ] as const) {
    await stage(page, name)
    await expect(page.getByText(new RegExp(says)).first()).toBeVisible()
    await expectAccessible(page, `${name}, empty`)
    for (const further of FURTHER[name] ?? []) {
      await subpage(page, further)
      await expectAccessible(page, `${name}, ${further}, empty`)
    }
  }
})

test('wrong input is said beside the field, and what was typed stays', async ({ page, empty }) => {
  await foundStudio(page, empty.url)
  await page.getByRole('button', { name: 'Open the job' }).click()
  await expect(page.getByText('Agreed budget is empty.')).toBeVisible()
  await page.getByLabel('Agreed budget').fill('800')
  await page.getByRole('button', { name: 'Open the job' }).click()
  await expect(page.getByText('Client is empty. Write it here.')).toBeVisible()
  await openJob(page, 'Ito', 'Landing', '800')

  const wrong = async (label: string, text: string, says: RegExp) => {
    const field = page.getByRole('textbox', { name: label, exact: true })
    await fill(field, text)
    await expect(field).toHaveValue(text)
    await expect(field).toHaveAttribute('aria-invalid', 'true')
    const told = page.locator(`[id="${(await field.getAttribute('aria-describedby')) ?? ''}"]`)
    await expect(told).toHaveText(says)
    await field.press('Escape')
    await expect(field).not.toHaveAttribute('aria-invalid', 'true')
  }
  await subpage(page, 'Money')
  for (const [text, says] of [
    ['', /is empty/],
    ['lots', /not an amount/],
    ['-5', /negative/],
    ['9'.repeat(30), /too large/],
    ['1.234', /^$/],
  ] as const)
    if (says.source !== '^$') await wrong('Agreed budget', text, says)
  await wrong('Reserve, %', '80', /over 50 %/)
  await subpage(page, 'Who and what')
  await wrong('Room', 'x'.repeat(10_000), /longer than 120 characters/)
  await wrong('Room', '', /Room is empty/)
  await stage(page, 'Measure')
  const entry = page.locator('#next-wall')
  for (const [text, says] of [
    ['wide', /Length is not a length/],
    ['900 m', /between 10 mm and 50.000 mm/],
    ['4000 r 200', /180° or more/],
  ] as const) {
    await fill(entry, text)
    await expect(entry).toHaveValue(text)
    await expect(page.locator('#next-wall-says')).toHaveText(says)
  }
  await entry.fill('')
  await callOut(page, ['4000'])
  await wrong('Ceiling height', '-2', /negative/)
  await wrong('Length of wall 1', '0', /between 10 mm/)
  await wrong('Turn after wall 1', 'around', /not a turn/)
  await stage(page, 'Palette')
  await page.getByRole('button', { name: 'New finish' }).click()
  await wrong('Color', 'reddish', /six hexadecimal digits/)
  await stage(page, 'Source')
  await page.getByRole('button', { name: 'Add the first item' }).click()
  await wrong('Quantity', '2.5', /not a whole number/)
  await wrong('Quantity', '0', /at least 1/)
  await page.getByRole('button', { name: 'New option' }).click()
  await wrong('Price', 'free', /not an amount/)
  await wrong('Lead time, days', '9999', /at most 1000/)
  await allKept(page)
  await expectTape(page, { Free: '€720', Reserve: '€80' })
})

test('past the agreed budget the tape runs on in red and says so in words; a fix brings it back', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await subpage(page, 'Money')
  const change = async (way: string, amount: string, why: string) => {
    await pickFrom(page.getByLabel('The budget is'), way)
    await page.getByLabel('Amount').fill(amount)
    await page.getByRole('textbox', { name: 'Agreed by' }).fill('Ilka Varga')
    await page.getByRole('textbox', { name: 'Why', exact: true }).fill(why)
    await page.getByRole('button', { name: 'Enter it' }).click()
    await expect(page.getByRole('row', { name: new RegExp(why) })).toBeVisible()
  }
  await change('lowered by', '3900', 'the bath came first')
  await expect(page.locator('.tape .stretch.over').first()).toBeVisible()
  // 8,800 + 600 − 3,900 = 5,500; paid 3,090.40, ordered 1,484.00 and chosen 1,122.00 come to 5,696.40.
  await expectTape(page, { Over: '€196.40' })
  await expect(
    page.getByRole('button', { name: /Change order: .*the bath came first, agreed by Ilka Varga/ }),
  ).toHaveCount(1)
  await stage(page, 'Ledger')
  await expect(page.locator('.findings article.stop h2')).toContainText('past the agreed budget')
  await page
    .getByRole('button', { name: /^Take .* for Reading chair/ })
    .first()
    .or(page.getByRole('button', { name: 'Accept with a reason' }).first())
    .first()
    .waitFor()
  await stage(page, 'Brief')
  await subpage(page, 'Money')
  await change('raised by', '3900', 'the bath can wait')
  await expect(page.locator('.tape .stretch.over')).toHaveCount(0)
})

test('a finding is accepted with a reason, stays struck, and comes back when its facts change', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Palette')
  await page.getByRole('button', { name: 'Accept with a reason' }).first().click()
  await page.getByLabel('Reason').fill('The pole is the client’s grandmother’s')
  await page.getByRole('button', { name: 'Accept', exact: true }).click()
  await expect(page.locator('.findings article.accepted')).toContainText('grandmother')
  await allKept(page)
  await page.reload()
  await expect(page.locator('.findings article.accepted')).toHaveCount(1)
  await page.getByRole('button', { name: /^Curtain pole Pole/ }).click()
  await fill(page.getByLabel('Color', { exact: true }), '#c48f86')
  await expect(page.locator('.findings article.accepted')).toHaveCount(0)
  await expect(page.locator('.findings article.stop')).toHaveCount(1)
})

test('changing the school judges the room anew at once', async ({ page, demo }) => {
  await openDemo(page, demo.url)
  await subpage(page, 'Schools')
  await expect(page.getByRole('link', { name: /does not set itself apart/ })).toBeVisible()
  await page.getByRole('group', { name: 'Trim and ceiling' }).getByLabel('not settled').check()
  // A shelf of the demo leans to one side where shelves are open and composed.
  await page.getByRole('group', { name: 'Shelves' }).getByLabel('not settled').check()
  await expect(page.getByText('No finding hangs on a school')).toBeVisible()
  await page.getByLabel('quiet neutral').check()
  await expect(page.getByRole('link', { name: /hues, .* the school carries/ })).toBeVisible()
  await page.getByRole('group', { name: 'Color scheme' }).getByLabel('not settled').check()
  await expect(page.getByText('No finding hangs on a school')).toBeVisible()
  await page.getByLabel('rented').check()
  await expect(page.getByRole('link', { name: /painted, and the home is rented/ }).first()).toBeVisible()
})

test('the code and data of a job page are asked for together, and scripts come compressed', async ({
  page,
  demo,
  request,
}) => {
  await openDemo(page, demo.url)
  const answer = await request.get(page.url())
  const link = answer.headers().link ?? ''
  expect(link).toContain('</api/session>; rel=preload')
  expect(link).toMatch(/<\/assets\/BriefPage-[^>]+\.js>; rel=modulepreload/)
  for (const [, file] of link.matchAll(/<(\/assets\/[^>]+)>/g)) {
    const asset = await request.get(`${demo.url}${file ?? ''}`)
    expect([asset.status(), asset.headers()['content-encoding']], file).toEqual([200, 'gzip'])
  }
  expect((await request.get(`${demo.url}/assets/nothing.js`)).status()).toBe(404)
})
