import { STAGES } from '../web/stages.js'
import { allKept, openDemo } from './bench.js'
import { misfits } from './misfits.js'
import { expect, test } from './program.js'

// Every page of the demo, by its boxes: nothing is cut off, nothing lies under another thing, nothing scrolls sideways.

/** Screens in use, and one of 1280 zoomed to 200 and 400 % (WCAG 1.4.4 and 1.4.10: 640 and 320 wide). */
const SIZES = [
  [1024, 800],
  [1280, 800],
  [1440, 800],
  [1920, 1000],
  [640, 400],
  [320, 400],
] as const

/** The pages of a stage in a language: where only the frame is translated, its first stands for the others. */
const pagesIn = (stage: (typeof STAGES)[number], language: 'en' | 'de') =>
  language === 'en' || stage.path === 'ledger' ? stage.pages : stage.pages.slice(0, 1)

for (const stage of STAGES)
  for (const language of ['en', 'de'] as const)
    test(`${stage.name} in ${language}: nothing is cut off or covered, at four widths and zoomed`, async ({
      page,
      demo,
    }) => {
      await openDemo(page, demo.url)
      const job = page.url().replace(/\/brief$/, '')
      await page.evaluate((l) => localStorage.setItem('bonitas.language', l), language)
      for (const at of pagesIn(stage, language)) {
        await page.goto(`${job}/${[stage.path, at.path].filter(Boolean).join('/')}`)
        await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible()
        await allKept(page)
        for (const [width, height] of SIZES) {
          await page.setViewportSize({ width, height })
          const where = `${stage.name}, ${at.tab ?? at.title}, ${width} wide`
          expect.soft(await misfits(page), where).toEqual([])
          // Where the panel opens over the page, it is looked at there.
          if ((width !== 1024 && width !== 320) || (await page.locator('.stage').count()) === 0) continue
          // A day at the room has no panel: all of it is on the page.
          if (stage.path === 'install' && at.path === 'today') continue
          await page.locator('.to-panel button').click()
          // A figure under the pointer would say its sum over the next line.
          await page.mouse.move(4, 4)
          await expect(page.getByRole('dialog')).toBeVisible()
          expect.soft(await misfits(page), `${where}, its panel`).toEqual([])
          await page.keyboard.press('Escape')
          await expect(page.getByRole('dialog')).toBeHidden()
        }
        await page.setViewportSize({ width: 1280, height: 800 })
      }
    })
