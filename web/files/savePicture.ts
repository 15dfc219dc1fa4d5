import font from '@fontsource-variable/archivo/files/archivo-latin-standard-normal.woff2?url'
import { saveFile, saveText } from './saveFile.js'

/** What the styles of the page give a drawing; outside of the page it has to carry them itself. */
const CARRIED = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-opacity',
  'font-size',
  'font-weight',
  'font-stretch',
  'text-anchor',
  'dominant-baseline',
  'opacity',
] as const

let face: Promise<string> | undefined

async function fontFace(): Promise<string> {
  const bytes = new Uint8Array(await (await fetch(font)).arrayBuffer())
  let text = ''
  for (const byte of bytes) text += String.fromCharCode(byte)
  return `@font-face{font-family:Archivo;font-weight:100 900;font-stretch:62% 125%;src:url(data:font/woff2;base64,${btoa(text)})}`
}

/** A picture drawn apart from the page knows none of its fonts, so the font goes into the drawing. */
export async function withFont(svg: string): Promise<string> {
  face ??= fontFace()
  const style = await face
  return svg.replace(/(<svg[^>]*>)/, (head) => `${head}<style>${style}</style>`)
}

/** A drawing of the page as a file of its own: with its size, its title, and the styles it has on the page. */
export function standAlone(drawing: SVGSVGElement, title: string): string {
  const copy = drawing.cloneNode(true) as SVGSVGElement
  const from = [drawing, ...drawing.querySelectorAll('*')]
  const into = [copy, ...copy.querySelectorAll('*')]
  for (const [i, element] of from.entries()) {
    const style = getComputedStyle(element)
    const target = into[i]
    for (const name of CARRIED) {
      const value = style.getPropertyValue(name)
      if (value) target?.setAttribute(name, value)
    }
    for (const name of ['class', 'style', ...[...element.attributes].map((a) => a.name).filter(ofVue)])
      target?.removeAttribute(name)
  }
  const { width, height } = drawing.viewBox.baseVal
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('width', String(Math.round(width)))
  copy.setAttribute('height', String(Math.round(height)))
  copy.setAttribute('font-family', 'Archivo, sans-serif')
  const named = document.createElementNS('http://www.w3.org/2000/svg', 'title')
  named.textContent = title
  copy.prepend(named)
  return new XMLSerializer().serializeToString(copy)
}

const ofVue = (name: string) => name.startsWith('data-v-')

/** Saves a drawing as SVG, its font in it. */
export const savePictureSvg = async (name: string, svg: string): Promise<void> =>
  saveText(`${name}.svg`, await withFont(svg), 'image/svg+xml')

/**
 * Saves a drawing as PNG on white paper, at twice its size.
 * @throws {Error} when the browser cannot draw it
 */
export async function savePicturePng(
  name: string,
  svg: string,
  size: { readonly width: number; readonly height: number },
): Promise<void> {
  const image = new Image()
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(await withFont(svg))}`
  await image.decode()
  const canvas = document.createElement('canvas')
  canvas.width = 2 * size.width
  canvas.height = 2 * size.height
  const brush = canvas.getContext('2d')
  if (brush) {
    brush.fillStyle = '#fff'
    brush.fillRect(0, 0, canvas.width, canvas.height)
    brush.drawImage(image, 0, 0, canvas.width, canvas.height)
  }
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'))
  if (!blob) throw new Error('The picture could not be made.')
  saveFile(`${name}.png`, blob)
}
