import { readFileSync } from 'node:fs'
import { addressOf, STAGES } from '../web/stages.js'
import { expect, test, type Page } from './program.js'
import { foundStudio } from './bench.js'
import { misfits } from './misfits.js'

// One room in two countries: nothing on any page is in the measures or the money of the other.

/** Everything a page says: its words, and those that stand in fields, names, hints and drawings. */
const wordsOf = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const of = [document.body.innerText]
    for (const e of document.querySelectorAll('[title], [aria-label], [placeholder]'))
      for (const name of ['title', 'aria-label', 'placeholder']) of.push(e.getAttribute(name) ?? '')
    for (const e of document.querySelectorAll('svg text, svg title')) of.push(e.textContent)
    for (const e of document.querySelectorAll<HTMLInputElement>('input, textarea')) of.push(e.value)
    return of.join('\n')
  })

/** Every sum of a job in money that is worth less. */
function timesFourHundred(of: object): void {
  const row = of as Record<string, unknown>
  for (const [key, value] of Object.entries(row))
    if (typeof value === 'number' && key.endsWith('Minor')) row[key] = value * 400
    else if (typeof value === 'object' && value !== null) timesFourHundred(value)
}

/** The demo room as it would be kept in another currency, what is free text in it without measures. */
function roomIn(currency: string): string {
  const file = new URL('../demo/jobs/1-music-and-reading-room.json', import.meta.url)
  const job = JSON.parse(readFileSync(file, 'utf8')) as {
    items: { name: string; specification: string; intent: string }[]
    pieces: { name: string }[]
    suppliers: { name: string }[]
    finishes: { paintKit?: { tins: { ml: number }[] } }[]
  }
  for (const item of job.items) {
    item.specification = ''
    if (item.intent) item.intent = 'As it was meant to look'
  }
  // Names as long as they come from lists and labels.
  for (const row of [...job.items, ...job.pieces, ...job.suppliers])
    row.name = `${row.name}, as it is called on the label of its maker`
  // A tin is told as its label is: these are sold in gallons and quarts there.
  if (currency === 'USD')
    for (const { paintKit } of job.finishes)
      paintKit?.tins.forEach((tin, i) => (tin.ml = [946, 3785, 18_927][i] ?? 473))
  // Four hundred forints are about a euro: sums are long there.
  if (currency === 'HUF') timesFourHundred(job)
  return JSON.stringify({ ...job, photos: [], pictures: [], sampledColors: [] }).replaceAll(
    '"EUR"',
    `"${currency}"`,
  )
}

const COUNTRIES = [
  {
    locale: 'en-US',
    zone: 'America/Chicago',
    currency: 'USD',
    country: 'United States',
    foreign: /\d ?(mm|cm|m²|m³|kg|L|ml)\b|\b[Ee]uro|\b[Ll]iters?\b|€|[Ss]kirting|[Cc]ornice/g,
    // Month first, feet and inches, dollars.
    own: [/\b(0\d|1[0-2])\/\d\d\/20\d\d\b/, /\d' \d/, /\$\d/],
  },
  {
    locale: 'hu-HU',
    zone: 'Europe/Budapest',
    currency: 'HUF',
    country: 'Hungary',
    foreign: /\d ?["″]|\d' \d|sq ft|\bgal\b|€|\$\d|\beuro/gi,
    own: [/\b20\d\d\. \d\d\. \d\d\./, /\d,\d m²/, /\d\sFt/],
  },
] as const

for (const c of COUNTRIES)
  test.describe(c.country, () => {
    test.use({ locale: c.locale, timezoneId: c.zone })
    test(`a studio in ${c.country} is written to in its own way on every page`, async ({ page, empty }) => {
      // The country comes with the languages of the browser, and brings its habits along.
      await foundStudio(page, empty.url, async () => {
        await expect(page.getByText(c.country, { exact: true })).toBeVisible()
        await expect(page.getByText(new RegExp(`^${c.currency}, `))).toBeVisible()
      })
      const made = await page.evaluate(async (body) => {
        const headers = { 'content-type': 'application/json' }
        const answer = await fetch('/api/jobs/import', { method: 'POST', headers, body })
        return (await answer.json()) as { id: string }
      }, roomIn(c.currency))
      let all = ''
      for (const stage of STAGES)
        for (const at of stage.pages) {
          await page.goto(`${empty.url}/jobs/${made.id}/${addressOf(stage, at)}`)
          await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
          // The line of a stage stands once the job is judged.
          await expect(
            page
              .getByRole('navigation')
              .getByText(/to look at|stop|clash/)
              .first(),
          ).toBeVisible()
          const words = await wordsOf(page)
          const foreign = [...words.matchAll(c.foreign)].map((m) =>
            words.slice(Math.max(0, m.index - 30), m.index + 20),
          )
          expect.soft(foreign, `${stage.name}, ${at.tab ?? at.title}`).toEqual([])
          all += words
          for (const width of [1024, 1280]) {
            await page.setViewportSize({ width, height: 800 })
            expect
              .soft(await misfits(page), `${stage.name}, ${at.tab ?? at.title}, long names, ${width} wide`)
              .toEqual([])
          }
        }
      for (const own of c.own) expect(all).toMatch(own)
    })
  })
