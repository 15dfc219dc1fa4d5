import type { Locator, Page } from '@playwright/test'
import { expect } from './program.js'

/** Types into a field and leaves it, as a person does. */
export async function fill(field: Locator, text: string): Promise<void> {
  await field.click()
  await field.fill(text)
  await field.press('Enter')
}

/** Chooses a line of a list by its words, by keyboard until the list is open. */
export async function pickFrom(box: Locator, words: string): Promise<void> {
  const page = box.page()
  await box.focus()
  await page.locator('input[role="combobox"]:focus').press('Enter')
  await page.getByRole('option', { name: words, exact: true }).click()
  await expect(page.getByRole('option')).toHaveCount(0)
}

/** What the tape says, in words. */
export async function expectTape(
  page: Page,
  says: Partial<Record<'Paid' | 'Ordered' | 'Chosen' | 'Free' | 'Reserve' | 'Reserve left' | 'Over', string>>,
): Promise<void> {
  // The pointer resting on a stretch would show that stretch instead of the sums.
  await page.mouse.move(640, 420)
  for (const [word, amount] of Object.entries(says))
    await expect(page.locator('.tape .label', { hasText: word }).locator('b'), word).toHaveText(amount)
}

export async function stage(
  page: Page,
  name: 'Brief' | 'Measure' | 'Palette' | 'Plan' | 'Take-off' | 'Source' | 'Ledger' | 'Install' | 'Handover',
): Promise<void> {
  await page.getByRole('navigation', { name: 'Stages' }).getByRole('link', { name }).click()
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible()
}

/** Goes to a further page of the stage on screen. */
export async function subpage(page: Page, name: string): Promise<void> {
  const link = page.getByRole('navigation', { name: /^Pages of/ }).getByRole('link', { name, exact: true })
  await link.click()
  await expect(link).toHaveAttribute('aria-current', 'page')
}

/** Calls out walls, one after another, as they are typed. */
export async function callOut(page: Page, walls: readonly string[]): Promise<void> {
  const entry = page.locator('#next-wall')
  await entry.click()
  for (const wall of walls) {
    await page.keyboard.type(wall)
    await page.keyboard.press('Enter')
    await expect(entry).toHaveValue('')
  }
}

export async function allKept(page: Page): Promise<void> {
  await expect(page.getByText(/^(Saved|Gespeichert|Mentve)$/)).toBeVisible()
}

export async function openDemo(page: Page, url: string, job = 'Music and reading room'): Promise<void> {
  await page.goto(`${url}/sign-in`)
  await page.getByRole('button', { name: 'Open the demo studio' }).click()
  await page.getByRole('link', { name: job }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Brief' })).toBeVisible()
}

export async function foundStudio(
  page: Page,
  url: string,
  /** What is looked at before the form is sent. */
  look: () => Promise<void> = () => Promise.resolve(),
): Promise<void> {
  await page.goto(`${url}/sign-in`)
  await page.getByRole('button', { name: 'Found a studio' }).click()
  await look()
  await page.getByLabel('Studio').fill('Reed & Rush')
  await page.getByLabel('Your name').fill('Odile Rush')
  await page.getByLabel('Sign-in name').fill('odile@reed.example')
  await page.getByLabel('Password').fill('a long enough one')
  await page.getByRole('button', { name: 'Found the studio' }).click()
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible()
}

export async function openJob(page: Page, client: string, room: string, agreed: string): Promise<void> {
  await page.getByLabel('Client').fill(client)
  await page.getByLabel('Room').fill(room)
  await page.getByLabel('Agreed budget').fill(agreed)
  await page.getByRole('button', { name: 'Open the job' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Brief' })).toBeVisible()
}
