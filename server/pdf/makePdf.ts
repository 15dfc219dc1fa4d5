import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type pdfmake from 'pdfmake'
import { letteredSvg } from './letteredSvg.js'
import { isPlain, LETTER_FONTS, letterRuns, type LetterFont, type Weight } from './lettering.js'

/** The maker of PDFs, with its fonts; read when the first is asked for, since it takes longer than a start may. */
let maker: Promise<typeof pdfmake> | undefined
async function makerWithFonts(): Promise<typeof pdfmake> {
  const { default: made } = await import('pdfmake')
  // Words in drawings are set by a part of the library that opens fonts by their path.
  const folder = mkdtempSync(join(tmpdir(), 'bonitas-fonts-'))
  process.once('exit', () => {
    rmSync(folder, { recursive: true, force: true })
  })
  const paths = new Set<string>()
  const file = (font: LetterFont, weight: Weight): string => {
    const path = join(folder, `${font.name} ${weight}.ttf`)
    writeFileSync(path, font.of(weight), { mode: 0o600 })
    paths.add(path)
    return path
  }
  made.setFonts(
    Object.fromEntries(
      LETTER_FONTS.map((font) => {
        const [normal, bold] = [file(font, 400), file(font, 600)]
        return [font.name, { normal, bold, italics: normal, bolditalics: bold }]
      }),
    ),
  )
  // A document names no address of its own, and none may be fetched for it.
  made.setUrlAccessPolicy(() => false)
  made.setLocalAccessPolicy((path: string) => paths.has(path))
  return made
}

export type PdfDocument = Parameters<typeof pdfmake.createPdf>[0]

/** A document as PDF in the lettering of the product, every letter embedded. */
export async function makePdf(document: PdfDocument): Promise<Buffer> {
  maker ??= makerWithFonts()
  const made = await maker
  return made
    .createPdf({
      defaultStyle: { font: 'Archivo', fontSize: 9 },
      ...document,
      content: lettered(document.content) as PdfDocument['content'],
    })
    .getBuffer()
}

/** Content whose words are parted by the font that has their letters; what is all of one font stays as it is. */
function lettered(content: unknown): unknown {
  if (typeof content === 'string') return isPlain(content) ? content : { text: runsOf(content) }
  if (Array.isArray(content)) return content.map(lettered)
  if (typeof content !== 'object' || content === null) return content
  return Object.fromEntries(
    Object.entries(content).map(([key, value]) => [key, NESTED.has(key) ? inside(key, value) : value]),
  )
}

/** Where a document holds words, or more content. */
const NESTED: ReadonlySet<string> = new Set(['text', 'svg', 'stack', 'columns', 'ul', 'ol', 'table', 'body'])

function inside(key: string, value: unknown): unknown {
  if (typeof value !== 'string') return lettered(value)
  if (key === 'svg') return letteredSvg(value)
  return isPlain(value) ? value : runsOf(value)
}

const runsOf = (text: string) => letterRuns(text)
