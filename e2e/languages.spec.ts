import { expect, test } from './program.js'

// The words are those of the person in front of it; numbers, days and money stay those of the studio.

test('German at sign-in, Hungarian from the studio, and English again', async ({ page, demo }) => {
  await page.goto(`${demo.url}/sign-in`)
  await page.getByRole('button', { name: 'Deutsch' }).click()
  await expect(page.getByRole('heading', { name: 'Anmelden' })).toBeVisible()
  await expect(page.locator('html')).toHaveAttribute('lang', 'de')
  await expect(page.getByRole('button', { name: 'Deutsch' })).toHaveAttribute('aria-pressed', 'true')

  await page.getByRole('button', { name: 'Beispielstudio öffnen' }).click()
  await expect(page.getByRole('heading', { name: 'Aufträge' })).toBeVisible()
  await expect(page.getByRole('columnheader', { name: 'Einrichtung' })).toBeVisible()
  await page.getByRole('link', { name: 'Music and reading room' }).click()
  await page
    .getByRole('navigation', { name: 'Stufen' })
    .getByRole('link', { name: /^7 Kassenbuch/ })
    .click()
  await expect(page.getByRole('heading', { level: 1, name: 'Kassenbuch' })).toBeVisible()
  await expect(page).toHaveTitle('Kassenbuch · Music and reading room, Varga · Bonitas')
  await expect(page.getByText('7 von 7 Bestellungen')).toBeVisible()
  await expect(page.getByRole('button', { name: /Frei €2,904\.60/ })).toBeVisible()

  // The choice holds by its word in the program, whatever it is called.
  await page.getByRole('combobox', { name: 'Zeigen' }).click()
  await page.getByRole('option', { name: 'geschuldet' }).click()
  await expect(page.getByText(/^\d von 7 Bestellungen$/)).toBeVisible()

  await page.goto(`${demo.url}/studio`)
  await page.getByRole('button', { name: 'Magyar' }).click()
  await expect(page.getByRole('heading', { name: 'A felület nyelve' })).toBeVisible()
  await page.getByRole('button', { name: 'English' }).click()
  await expect(page.getByRole('heading', { name: 'Language of the interface' })).toBeVisible()
  await expect(page.locator('html')).toHaveAttribute('lang', 'en')
})
