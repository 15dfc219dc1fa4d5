import type { Page } from '@playwright/test'

/** What does not fit on the page as it stands, in words. */
export const misfits = (page: Page): Promise<string[]> =>
  page.evaluate(async () => {
    // Two frames, or a moment where the browser draws none.
    await Promise.race([
      new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))),
      new Promise((done) => setTimeout(done, 1_000)),
    ])
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
    // While something is open over the page, the page is not in use.
    const over = [...document.querySelectorAll<HTMLElement>('[aria-modal="true"]')].filter((e) =>
      e.checkVisibility(),
    )
    for (const e of (over.at(-1) ?? document.body).querySelectorAll<HTMLElement>('*')) {
      if (e.closest('.visually-hidden, svg, #over') || e.offsetParent === null) continue
      const style = getComputedStyle(e)
      const wide = e.scrollWidth > e.clientWidth + 1
      if (e instanceof HTMLInputElement || e instanceof HTMLTextAreaElement) {
        if (e.type !== 'checkbox' && e.type !== 'radio' && wide) found.add(`cut: ${named(e, e.value)}`)
      } else if (wide && style.overflowX !== 'visible') {
        const words =
          (style.textOverflow === 'ellipsis' && e.textContent.trim() !== '') ||
          [...e.childNodes].some((n) => n.nodeType === Node.TEXT_NODE && n.textContent?.trim())
        // What is cut on purpose says itself whole when it is pointed at.
        if (words && !e.closest('[title]')) found.add(`cut: ${named(e, e.textContent)}`)
        if (e.matches('.bench, .panel, .strip, main, .el-drawer__body'))
          found.add(`scrolls sideways: ${named(e, '')}`)
      }
      // Marks on one axis may lie over each other: each is told by the list beside it.
      if (e.matches('button:not(.mark), a, input, textarea, [role="combobox"]')) {
        const box = e.getBoundingClientRect()
        const [x, y] = [box.left + box.width / 2, box.top + box.height / 2]
        const place = seen(e)
        if (box.width < 2 || x < place.left || x > place.right || y < place.top || y > place.bottom) continue
        const top = document.elementFromPoint(x, y)
        // What opens over a page while it is pointed at or in focus, and goes again.
        if (top?.closest('.el-popper')) continue
        if (top && !e.contains(top) && !top.contains(e) && !top.closest('label')?.contains(e))
          found.add(
            `under another thing: ${named(e, e.textContent || (e.getAttribute('aria-label') ?? ''))} under ${named(top, '')}`,
          )
      }
    }
    if (document.documentElement.scrollWidth > innerWidth) found.add('the page scrolls sideways')
    return [...found]
  })
