import { inflateSync } from 'node:zlib'
import { PDFDocument, PDFName } from '@cantoo/pdf-lib'
import { Problem } from '../http/problem.js'
import type { EncodedPaper } from './encodePaper.js'

const MOST_PAGES = 200
// What a file lists of itself is small; more than this is meant to fill the memory.
const MOST_LISTED_BYTES = 32 * 1024 * 1024
/** What acts by itself, reaches out, or says who made the file. */
const GOING = ['Annots', 'AA', 'Metadata', 'PieceInfo', 'Thumb', 'B'].map((name) => PDFName.of(name))

const refused = (detail: string) =>
  new Problem(400, 'Not a paper that can be read', detail, { errors: [{ field: 'picture', text: detail }] })

/**
 * Lays the pages of a PDF into a new one. Takes as long as the file makes it: called in a thread with limits.
 * @throws {Problem} 400 for one that cannot be read
 */
export async function encodePdf(bytes: Buffer): Promise<EncodedPaper> {
  refuseBombs(bytes)
  let read: PDFDocument
  try {
    read = await PDFDocument.load(bytes, { updateMetadata: false, throwOnInvalidObject: true })
  } catch {
    throw refused(
      'The PDF cannot be read, or is locked with a password. Save it anew, or take a photo of it.',
    )
  }
  const pages = read.getPageCount()
  if (pages === 0) throw refused('The PDF has no page. Choose another.')
  if (pages > MOST_PAGES)
    throw refused(`The PDF has ${pages} pages; at most ${MOST_PAGES} are kept. Send the pages that matter.`)
  try {
    const kept = await PDFDocument.create({ updateMetadata: false })
    // Taken off before the pages are copied, so that nothing they led to comes along.
    for (const page of read.getPages()) for (const name of GOING) page.node.delete(name)
    for (const page of await kept.copyPages(read, read.getPageIndices())) kept.addPage(page)
    const { width, height } = kept.getPage(0).getSize()
    const px = (points: number) => Math.min(20_000, Math.max(1, Math.round(points)))
    const picture = Buffer.from(await kept.save({ addDefaultPage: false }))
    return {
      mime: 'application/pdf',
      picture,
      thumbnail: Buffer.alloc(0),
      size: { widthPx: px(width), heightPx: px(height) },
      pages,
    }
  } catch {
    throw refused('A page of the PDF cannot be read. Save it anew, or take a photo of it.')
  }
}

/** The lists a PDF keeps of its objects are packed; one that unpacks to more than any real file needs is refused unread. */
function refuseBombs(bytes: Buffer): void {
  // A name may be written with its letters as numbers: /F#6cateDecode.
  const text = bytes
    .toString('latin1')
    .replace(/#([0-9a-fA-F]{2})/g, (_all, hex: string) => `${String.fromCharCode(parseInt(hex, 16))}\0\0`)
  for (const found of text.matchAll(/\/Type\s*\/(?:ObjStm|XRef)\b/g)) {
    const start = /stream\r?\n/g
    start.lastIndex = found.index
    const at = start.exec(text)
    const head = text.slice(Math.max(0, text.lastIndexOf('obj', found.index)), at?.index ?? found.index)
    if (!at || !head.includes('/FlateDecode')) continue
    if ((head.match(/Decode\b/g) ?? []).length > 1)
      throw refused('The PDF is packed in a way that is not taken. Print it to a new PDF.')
    try {
      inflateSync(bytes.subarray(at.index + at[0].length), { maxOutputLength: MOST_LISTED_BYTES })
    } catch (error) {
      if ((error as { code?: string }).code === 'ERR_BUFFER_TOO_LARGE')
        throw refused('The PDF unpacks to more than is taken. Print it to a new PDF.')
      // Whatever else is wrong with it, reading it will say.
    }
  }
}
