import { expectTape, openDemo } from './bench.js'
import { expect, test, type Page } from './program.js'

/** Name of the focused element as assistive technology has it: label, aria-label or text. */
const focused = (page: Page) =>
  page.evaluate(() => {
    const el = document.activeElement as HTMLElement | null
    if (!el || el === document.body) return ''
    const label =
      el instanceof HTMLInputElement || el instanceof HTMLSelectElement || el instanceof HTMLTextAreaElement
        ? el.labels?.[0]?.textContent
        : undefined
    return (el.getAttribute('aria-label') ?? label ?? el.textContent).replace(/\s+/g, ' ').trim()
  })

/** Walks with Tab until the element of that name has the focus, as a person without a pointer does. */
async function tabTo(page: Page, name: RegExp, key: 'Tab' | 'Shift+Tab' = 'Tab'): Promise<void> {
  for (let i = 0; i < 160; i++) {
    await page.keyboard.press(key)
    if (name.test(await focused(page))) return
  }
  throw new Error(`Tab never reaches ${String(name)}; it stands on "${await focused(page)}"`)
}

async function type(page: Page, name: RegExp, text: string): Promise<void> {
  await tabTo(page, name)
  await page.keyboard.press('Control+a')
  await page.keyboard.type(text)
  await page.keyboard.press('Enter')
}

const go = async (page: Page, digit: number, title: string) => {
  await page.keyboard.press(`Alt+${digit}`)
  await expect(page.getByRole('heading', { level: 1, name: title })).toBeVisible()
  // Tab goes on from where the page begins, not through everything before it.
  await expect.poll(() => focused(page)).toBe(title)
}

test('the job, once through, with the keyboard alone', async ({ page, empty }) => {
  test.setTimeout(180_000)
  await page.goto(`${empty.url}/sign-in`)
  await expect(page.getByRole('button', { name: 'Found a studio' })).toBeVisible()
  await tabTo(page, /^Found a studio$/)
  await page.keyboard.press('Enter')
  await type(page, /^Studio$/, 'Keys & Co')
  await tabTo(page, /^Your name$/)
  await page.keyboard.type('Kim')
  await tabTo(page, /^Sign-in name$/)
  await page.keyboard.type('kim@keys.example')
  await tabTo(page, /^Password$/)
  await page.keyboard.type('ten letters or more')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible()

  await tabTo(page, /^Client$/)
  await page.keyboard.type('Lindgren')
  await tabTo(page, /^Room$/)
  await page.keyboard.type('Study')
  await tabTo(page, /^Agreed budget$/)
  await page.keyboard.type('2000')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1, name: 'Brief' })).toBeVisible()
  await tabTo(page, /^Add a use$/)
  await page.keyboard.press('Enter')
  await expect.poll(() => focused(page)).toBe('Use')
  await page.keyboard.type('Work by day')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Enter')
  await expect(page.locator('.brief ol').getByRole('listitem')).toHaveCount(2)
  await tabTo(page, /^Money$/)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Agreed budget' })).toBeVisible()
  await type(page, /^Reserve, %$/, '10')

  await go(page, 2, 'Measure')
  await tabTo(page, /^Wall 1: length/)
  for (const wall of ['4 m', '3 m', '4 m', '3 m']) {
    await page.keyboard.type(wall)
    await page.keyboard.press('Enter')
  }
  await expect(page.getByText('Closes exactly')).toBeVisible()
  await type(page, /^Ceiling height$/, '2.5 m')
  await tabTo(page, /^Openings and fixtures$/)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Doors and windows' })).toBeVisible()
  await tabTo(page, /^Add a door$/)
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Width of Door')).toBeVisible()
  await tabTo(page, /^Walls$/, 'Shift+Tab')
  await page.keyboard.press('Enter')
  await expect(page.getByText('Walls, net of openings').locator('..')).toContainText('33.4 m²')

  await go(page, 3, 'Palette')
  await tabTo(page, /^New finish$/)
  await page.keyboard.press('Enter')
  await expect.poll(() => focused(page)).toBe('Finish name')
  await page.keyboard.press('Control+a')
  await page.keyboard.type('Pale oat')
  await page.keyboard.press('Enter')
  await type(page, /^Color$/, '#efe9dd')
  // Back to the table: the first row that still has no finish, and its list, by typing the name.
  await tabTo(page, /^(Skirting|Doors|Floor|Ceiling|Walls) ?no finish yet$/, 'Shift+Tab')
  const row = (await focused(page)).replace(/ ?no finish yet$/, '')
  await tabTo(page, new RegExp(`^Finish of ${row}$`, 'i'))
  await page.keyboard.press('Enter')
  await page.keyboard.type('Pale')
  await page.keyboard.press('Enter')
  await expect(page.locator('button.name', { hasText: row }).first()).toContainText('Pale oat')

  await go(page, 5, 'Take-off')
  await go(page, 6, 'Source')
  await tabTo(page, /^Add the first item$/)
  await page.keyboard.press('Enter')
  await expect.poll(() => focused(page)).toBe('Item')
  await page.keyboard.press('Control+a')
  await page.keyboard.type('Desk')
  await page.keyboard.press('Enter')
  await type(page, /^Target price$/, '450')
  await tabTo(page, /^New option$/)
  await page.keyboard.press('Enter')
  await expect.poll(() => focused(page)).toBe('Option')
  await page.keyboard.press('Control+a')
  await page.keyboard.type('Oak desk')
  await page.keyboard.press('Enter')
  await type(page, /^Price$/, '420')
  // On the row of the item, Enter chooses the option that is marked.
  await tabTo(page, /^Desk/, 'Shift+Tab')
  await page.keyboard.press('Enter')
  await expectTape(page, { Chosen: '€420', Free: '€1,380' })

  await go(page, 7, 'Ledger')
  await tabTo(page, /^Order$/)
  await page.keyboard.press('Enter')
  await expect.poll(() => focused(page)).toBe('Date')
  await tabTo(page, /^Enter the order$/)
  await page.keyboard.press('Enter')
  await expectTape(page, { Ordered: '€420', Chosen: '€0' })
  await tabTo(page, /^Pay order 1$/)
  await page.keyboard.press('Enter')
  await expect.poll(() => focused(page)).toBe('Amount')
  await page.keyboard.press('Enter')
  await expectTape(page, { Paid: '€420', Ordered: '€0' })
  await tabTo(page, /^Delivered, order 1$/)
  await page.keyboard.press('Enter')
  await tabTo(page, /^Enter the delivery$/)
  await page.keyboard.press('Enter')
  await tabTo(page, /^Send back Desk$/)
  await page.keyboard.press('Enter')
  await expect.poll(() => focused(page)).toBe('Credit')
  await page.keyboard.press('Enter')
  await tabTo(page, /^Refund for Desk$/)
  await page.keyboard.press('Enter')
  await expect.poll(() => focused(page)).toBe('Amount')
  await page.keyboard.press('Enter')
  await expectTape(page, { Paid: '€0', Free: '€1,800' })

  // The keys of the screen, and back with Esc.
  await page.keyboard.press('Shift+Tab')
  await page.evaluate(() => (document.activeElement as HTMLElement).blur())
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys of this screen' })).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toBeHidden()
})

test('a day is typed as the country writes it, or chosen from the calendar, by keyboard alone', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  const day = page.getByRole('textbox', { name: 'Install date' })
  // The days of the demo go with today.
  await expect(day).toHaveValue(/^\d\d\/\d\d\/\d{4}$/)
  const was = await day.inputValue()
  const [d = 1, m = 1, y = 1] = was.split('/').map(Number)
  const next = new Date(Date.UTC(y, m - 1, d + 1)).toISOString().slice(0, 10).split('-').reverse().join('/')
  await day.focus()
  await page.keyboard.type('31/2/2027')
  await page.keyboard.press('Enter')
  await expect(day).toHaveAccessibleDescription(/^Install date is not a day\. Write it as/)
  await expect(day).toHaveValue('31/2/2027')
  await page.keyboard.press('Escape')
  await expect(day).toHaveValue(was)
  await page.keyboard.press('Tab')
  await expect.poll(() => focused(page)).toBe('Calendar')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('dialog', { name: 'Calendar: Install date' })).toBeVisible()
  await expect.poll(() => page.evaluate(() => document.activeElement?.textContent.trim())).toBe(String(d))
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await expect(day).toHaveValue(next)
  // Where it was opened from, not at the top of the page.
  await expect.poll(() => focused(page)).toBe('Calendar')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await expect.poll(() => focused(page)).toBe('Calendar')
  await page.keyboard.press('Control+z')
  await expect(day).toHaveValue(was)
})
