import { isPlain, letterRuns, widthOf, type LetterRun } from './lettering.js'

const decoded = (text: string): string =>
  text.replace(/&#(\d+);/gu, (_all, code: string) => String.fromCodePoint(Number(code)))
const encoded = (text: string): string => text.replace(/[&<>"]/gu, (c) => `&#${c.charCodeAt(0)};`)

/** Whole words beside each other: an element for each stretch, begun where the one before it ends. */
function placed(attributes: string, runs: readonly LetterRun[]): string {
  const number = (name: string) =>
    Number(new RegExp(`\\b${name}="(-?[\\d.]+)"`, 'u').exec(attributes)?.[1] ?? 0)
  const anchor = /text-anchor="(\w+)"/u.exec(attributes)?.[1] ?? 'start'
  const weight = /font-weight="(?:600|700|bold)"/u.test(attributes) ? 600 : 400
  const size = number('font-size')
  const widths = runs.map((r) => widthOf(r, weight) * size)
  const whole = widths.reduce((sum, w) => sum + w, 0)
  const rest = attributes.replace(/\s*\b(?:x|text-anchor|font-family)="[^"]*"/gu, '')
  let x = number('x') - (anchor === 'middle' ? whole / 2 : anchor === 'end' ? whole : 0)
  return runs
    .map(({ text, font }, i) => {
      const at = x
      x += widths[i] ?? 0
      return `<text x="${Math.round(at * 100) / 100}" ${rest.trim()} font-family="${font}" text-anchor="start">${encoded(text)}</text>`
    })
    .join('')
}

/** A drawing whose words are parted by the font that has their letters. */
export const letteredSvg = (svg: string): string =>
  svg.replace(/<text ([^>]*)>([^<]+)<\/text>/gu, (all, attributes: string, text: string) => {
    const words = decoded(text)
    return isPlain(words) ? all : placed(attributes, letterRuns(words))
  })
