import { afterEach, describe, expect, test, vi } from 'vitest'
import { standAlone, withFont } from './savePicture.js'

afterEach(() => vi.unstubAllGlobals())

/** A drawing as it stands on a page: a class of its own, and what Vue marks its styles with. */
function drawn(): SVGSVGElement {
  document.body.innerHTML = `
    <style>.line { stroke: rgb(26, 26, 26); stroke-width: 2px }</style>
    <svg viewBox="0 0 700 200" data-v-1a2b class="chart"><path data-v-1a2b class="line" d="M0 0H9"/><text>a &lt; b</text></svg>`
  const svg = document.querySelector('svg')!
  // jsdom draws nothing and knows no view box.
  Object.defineProperty(svg, 'viewBox', { value: { baseVal: { width: 700, height: 200 } } })
  return svg
}

describe('a drawing that stands by itself', () => {
  test('has its size, its title and the styles of the page, and nothing of the page', () => {
    const svg = drawn()
    const text = standAlone(svg, 'Used <up> & over')
    expect(text).toMatch(/^<svg[^>]* width="700" height="200"/)
    expect(text).toContain('<title>Used &lt;up&gt; &amp; over</title>')
    expect(text).toMatch(/<path[^>]* stroke="rgb\(26, 26, 26\)"/)
    expect(text).toContain('a &lt; b')
    expect(text).not.toMatch(/class=|data-v-/)
    // What is on the page is left as it was.
    expect(svg.querySelector('path')!.getAttribute('class')).toBe('line')
  })

  test('carries its font, fetched once', async () => {
    const fetched = vi.fn(() => Promise.resolve(new Response(new Uint8Array([1, 2, 3]))))
    vi.stubGlobal('fetch', fetched)
    const one = await withFont('<svg width="1"><g/></svg>')
    expect(one).toMatch(
      /^<svg width="1"><style>@font-face\{font-family:Archivo[^<]*base64,AQID\)\}<\/style><g\/>/,
    )
    await withFont('<svg></svg>')
    expect(fetched).toHaveBeenCalledTimes(1)
  })
})
