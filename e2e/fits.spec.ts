import { STAGES } from '../web/stages.js'
import { allKept, openDemo } from './bench.js'
import { expect, test, type Page } from './program.js'

// Every page of the demo, by its boxes: nothing is cut off, nothing lies under another thing, nothing scrolls sideways.

const WIDTHS = [1024, 1280, 1440, 1920]

/** What does not fit on the page as it stands, in words. */
const misfits = (page: Page): Promise<string[]> =>
  page.evaluate(async () => {
    await new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))
    const found = new Set<string>()
    const named = (e: Element, text: string) =>
      `${e.tagName.toLowerCase()}.${e.getAttribute('class') ?? ''} “${text.trim().replace(/\s+/g, ' ').slice(0, 50)}”`
    /** The part of the page in which a thing can be seen: what scrolls cuts it off without fault. */
    const seen = (e: Element) => {
      let { left, top, right, bottom } = document.documentElement.getBoundingClientRect()
      right = Math.min(right, innerWidth)
      bottom = Math.min(bottom, innerHeight)
      for (let up = e.parentElement; up; up = up.parentElement) {
        if (getComputedStyle(up).overflowY === 'visible') continue
        const box = up.getBoundingClientRect()
        ;[left, top] = [Math.max(left, box.left), Math.max(top, box.top)]
        ;[right, bottom] = [Math.min(right, box.right), Math.min(bottom, box.bottom)]
      }
      return { left, top, right, bottom }
    }
    for (const e of document.querySelectorAll<HTMLElement>('body *')) {
      if (e.closest('.visually-hidden, svg, #over') || e.offsetParent === null) continue
      const style = getComputedStyle(e)
      const wide = e.scrollWidth > e.clientWidth + 1
      if (e instanceof HTMLInputElement || e instanceof HTMLTextAreaElement) {
        if (e.type !== 'checkbox' && e.type !== 'radio' && wide) found.add(`cut: ${named(e, e.value)}`)
      } else if (wide && style.overflowX !== 'visible') {
        const words = [...e.childNodes].some((n) => n.nodeType === Node.TEXT_NODE && n.textContent?.trim())
        // What is cut on purpose says itself whole when it is pointed at.
        if (words && !e.closest('[title]')) found.add(`cut: ${named(e, e.textContent)}`)
        if (e.matches('.bench, .panel, .strip, main')) found.add(`scrolls sideways: ${named(e, '')}`)
      }
      // Marks on one axis may lie over each other: each is told by the list beside it.
      if (e.matches('button:not(.mark), a, input, textarea, [role="combobox"]')) {
        const box = e.getBoundingClientRect()
        const [x, y] = [box.left + box.width / 2, box.top + box.height / 2]
        const place = seen(e)
        if (box.width < 2 || x < place.left || x > place.right || y < place.top || y > place.bottom) continue
        const top = document.elementFromPoint(x, y)
        if (top && !e.contains(top) && !top.contains(e) && !top.closest('label')?.contains(e))
          found.add(
            `under another thing: ${named(e, e.textContent || (e.getAttribute('aria-label') ?? ''))} under ${named(top, '')}`,
          )
      }
    }
    if (document.documentElement.scrollWidth > innerWidth) found.add('the page scrolls sideways')
    return [...found]
  })

for (const stage of STAGES)
  test(`${stage.name}: nothing is cut off or covered, at four widths`, async ({ page, demo }) => {
    await openDemo(page, demo.url)
    const job = page.url().replace(/\/brief$/, '')
    for (const at of stage.pages) {
      await page.goto(`${job}/${[stage.path, at.path].filter(Boolean).join('/')}`)
      await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible()
      await allKept(page)
      for (const width of WIDTHS) {
        await page.setViewportSize({ width, height: 800 })
        expect.soft(await misfits(page), `${stage.name}, ${at.tab ?? at.title}, ${width} wide`).toEqual([])
      }
    }
  })
