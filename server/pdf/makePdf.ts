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

export type PdfDocument = Parameters<typeof pdfmake.createPdf>[0]

/** A document as PDF in the lettering of the product, fonts embedded. */
export async function makePdf(document: PdfDocument): Promise<Buffer> {
  fonts()
  return pdfmake.createPdf({ defaultStyle: { font: 'Archivo', fontSize: 9 }, ...document }).getBuffer()
}
