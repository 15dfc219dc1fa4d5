import { createRequire } from 'node:module'
import pdfmake from 'pdfmake'

const file = (weight: number) =>
  createRequire(import.meta.url).resolve(`@fontsource/archivo/files/archivo-latin-${weight}-normal.woff`)

let ready = false
function fonts(): void {
  if (ready) return
  const [normal, bold] = [file(400), file(600)]
  pdfmake.setFonts({ Archivo: { normal, bold, italics: normal, bolditalics: bold } })
  // A document names no address of its own, and none may be fetched for it.
  pdfmake.setUrlAccessPolicy(() => false)
  pdfmake.setLocalAccessPolicy((path: string) => path === normal || path === bold)
  ready = true
}

/**
 * A drawing as a PDF of one page, A3 across, fonts embedded.
 * @param svg drawn in the proportions of the page
 */
export async function pdfOfDrawing(svg: string, title: string): Promise<Buffer> {
  fonts()
  const document = pdfmake.createPdf({
    pageSize: 'A3',
    pageOrientation: 'landscape',
    pageMargins: 0,
    info: { title },
    defaultStyle: { font: 'Archivo' },
    content: [{ svg, width: 1190, absolutePosition: { x: 0, y: 0 } }],
  })
  return document.getBuffer()
}
