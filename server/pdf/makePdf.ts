import { createRequire } from 'node:module'
import type pdfmake from 'pdfmake'

const file = (weight: number) =>
  createRequire(import.meta.url).resolve(`@fontsource/archivo/files/archivo-latin-${weight}-normal.woff`)

/** The maker of PDFs, with its fonts; read when the first is asked for, since it takes longer than a start may. */
let maker: Promise<typeof pdfmake> | undefined
async function makerWithFonts(): Promise<typeof pdfmake> {
  const { default: made } = await import('pdfmake')
  const [normal, bold] = [file(400), file(600)]
  made.setFonts({ Archivo: { normal, bold, italics: normal, bolditalics: bold } })
  // A document names no address of its own, and none may be fetched for it.
  made.setUrlAccessPolicy(() => false)
  made.setLocalAccessPolicy((path: string) => path === normal || path === bold)
  return made
}

export type PdfDocument = Parameters<typeof pdfmake.createPdf>[0]

/** A document as PDF in the lettering of the product, fonts embedded. */
export async function makePdf(document: PdfDocument): Promise<Buffer> {
  maker ??= makerWithFonts()
  const made = await maker
  return made.createPdf({ defaultStyle: { font: 'Archivo', fontSize: 9 }, ...document }).getBuffer()
}
