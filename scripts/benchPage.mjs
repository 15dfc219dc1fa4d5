// What several parts of npm run bench time on a page.

const paintedAt = () =>
  new Promise((done) => {
    new PerformanceObserver((list) => done(list.getEntries().at(-1).startTime)).observe({
      type: 'largest-contentful-paint',
      buffered: true,
    })
  })

/**
 * Milliseconds from asking for an address, cold, several times over: by the page's own clock until the largest of what
 * is on it was painted, and until the driver sees something there. Each is taken in openings of its own, because a
 * driver that looks while a page opens puts code of its own into it.
 */
export async function openedCold(page, address, there) {
  const times = { seen: [], painted: [] }
  for (let n = 0; n < 6; n++) {
    await page.goto(address, { waitUntil: 'commit' })
    await page.waitForTimeout(1500)
    times.painted.push(await page.evaluate(paintedAt))
    const started = Date.now()
    await page.goto(address, { waitUntil: 'commit' })
    await there().waitFor()
    times.seen.push(Date.now() - started)
    await page.waitForTimeout(1200)
  }
  return times
}

/** The same for a page of one line from the same server: what the machine itself takes today. */
export const openedBare = (page, url) => openedCold(page, `${url}/api/health`, () => page.locator('pre'))

/** Milliseconds from a click on a job in the list of jobs until its first page is drawn. */
export async function openedFromJobs(page, url, name) {
  const times = []
  for (let n = 0; n < 4; n++) {
    await page.goto(`${url}/jobs`)
    await page.getByRole('link', { name }).first().waitFor()
    times.push(
      await page.evaluate(async (name) => {
        const started = performance.now()
        ;[...document.querySelectorAll('a')].find((a) => a.textContent.includes(name)).click()
        while (!document.querySelector('.stage h1')) await new Promise((done) => setTimeout(done, 1))
        await new Promise((done) => requestAnimationFrame(() => setTimeout(done)))
        return performance.now() - started
      }, name),
    )
  }
  return times
}

/** Milliseconds from a click on a tab until something is there and drawn; in between another tab is on screen. */
export async function openedFromBeside(page, { beside, besideSays, tab, selector }) {
  const times = []
  for (let n = 0; n < 4; n++) {
    await page.getByRole('link', { name: beside, exact: true }).click()
    await page.getByText(besideSays).waitFor()
    times.push(
      await page.evaluate(
        async ({ tab, selector }) => {
          const started = performance.now()
          ;[...document.querySelectorAll('nav.tabs a')].find((a) => a.textContent.trim() === tab).click()
          while (!document.querySelector(selector)) await new Promise((done) => setTimeout(done, 1))
          await new Promise((done) => requestAnimationFrame(() => setTimeout(done)))
          return performance.now() - started
        },
        { tab, selector },
      ),
    )
  }
  return times
}

/** Milliseconds from each text typed into a field until the page is drawn again. */
export const typedInto = (page, selector, texts) =>
  page.evaluate(
    async ({ selector, texts }) => {
      const field = document.querySelector(selector)
      const times = []
      for (const text of texts) {
        const started = performance.now()
        field.value = text
        field.dispatchEvent(new Event('input'))
        await new Promise((done) => requestAnimationFrame(() => setTimeout(done)))
        times.push(performance.now() - started)
      }
      return times
    },
    { selector, texts },
  )

export const told = (list) => list.map((t) => Math.round(t)).join(', ')
