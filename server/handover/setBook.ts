import type { Book, BookBlock, BookChapter, BookTile } from '@bonitas/core/job/handover/book/book'
import type { RichText } from '@bonitas/core/model/richText'
import type { BookSection } from '@bonitas/core/model/vocabulary/handover'
import type { Studio } from '@bonitas/core/model/snapshot'
import { formatterOf, type Formatter } from '@bonitas/core/kernel/units/formatter'
import { BODY, HEADING, SMALL, TITLE, type Setting } from '../pdf/setting.js'
import { TaggedSheet } from '../pdf/taggedSheet.js'
import { drawTiles, setDrawing, setPair, setPalette, type SetPicture } from './setFigures.js'
import { setTable } from './setTable.js'

/** Pictures of the job by their id; one that cannot be read is left out. */
export type Pictures = ReadonlyMap<string, SetPicture>

const COVER_TITLE: Setting = { size: 34, leading: 40, weight: 600, color: '#1a1a1a' }
const COVER_SAYS: Setting = { size: 12, leading: 17, weight: 400, color: '#1a1a1a' }
const COVER_HIGH = 430

/**
 * The book as a PDF: a cover, what is in it with links, each part from a page of its own. Tagged for reading aloud, with bookmarks,
 * every letter embedded.
 */
export async function setBook(book: Book, studio: Studio, pictures: Pictures): Promise<Buffer> {
  const { locale, paper } = studio
  const sheet = new TaggedSheet({ title: book.title, author: book.studio, locale, paper })
  const says = formatterOf(studio)
  cover(sheet, book, pictures)
  const contents = sheet.doc.bufferedPageRange().count
  sheet.page()
  const toc = sheet.within('TOC', () => undefined)
  const pages = book.chapters.map((chapter, i) => {
    // A short part begins below the one before it; pictures and lists have a page of their own.
    if (i > 0 && FLOWS.has(chapter.section) && sheet.y + ROOM_TO_FLOW < sheet.bottom) sheet.gap(30)
    else sheet.page()
    const at = { page: sheet.doc.bufferedPageRange().count - 1, top: sheet.y }
    setChapter(sheet, chapter, { says, pictures })
    return at
  })
  fillContents(sheet, book, pages, contents, toc)
  foot(sheet, book)
  const bookmark = (title: string, { page, top }: At) =>
    // The library takes the left from the right edge.
    sheet.doc.outline.addItem(title, { pageNumber: page, top, left: sheet.doc.page.width } as object)
  bookmark('Contents', { page: contents, top: sheet.top })
  book.chapters.forEach((c, i) => bookmark(c.title, pages[i] ?? { page: contents, top: sheet.top }))
  return sheet.finish()
}

/** Parts that may begin on the page of the one before, and what must be free there. */
const FLOWS: ReadonlySet<BookSection> = new Set(['finishes', 'how it comes off', 'cautions', 'closing'])
const ROOM_TO_FLOW = 260

/** Where a part begins. */
interface At {
  readonly page: number
  readonly top: number
}

/** The name a part is reached by. */
const place = (chapter: BookChapter) => `part ${chapter.section}`

function cover(sheet: TaggedSheet, book: Book, pictures: Pictures): void {
  const picture = book.coverId === undefined ? undefined : pictures.get(book.coverId)
  const { doc } = sheet
  const wide = doc.page.width
  const tiles = book.chapters.flatMap((c) => c.blocks).flatMap((b) => (b.kind === 'palette' ? b.tiles : []))
  if (picture)
    sheet.within('Figure', () => sheet.marked('Figure', () => coverPicture(sheet, picture, wide)), {
      alt: `The room: ${book.title}`,
    })
  else if (tiles.length > 0) sheet.artifact(() => coverTiles(sheet, tiles, wide))
  sheet.y = COVER_HIGH + 44
  sheet.paragraph([{ text: book.title }], COVER_TITLE, { type: 'H1' })
  sheet.gap(10)
  for (const text of book.subtitle.filter(Boolean)) sheet.paragraph([{ text }], COVER_SAYS)
  // In the colors of the room, as wide as their shares.
  if (picture && tiles.length > 0) sheet.artifact(() => band(sheet, tiles, sheet.bottom - 44))
  sheet.y = sheet.bottom - COVER_SAYS.leading
  sheet.paragraph([{ text: book.studio, weight: 600 }], COVER_SAYS)
}

function coverPicture({ doc }: TaggedSheet, picture: SetPicture, wide: number): void {
  // It fills its field and is cut at the edges, never drawn out.
  const scale = Math.max(wide / picture.widthPx, COVER_HIGH / picture.heightPx)
  const [w, h] = [picture.widthPx * scale, picture.heightPx * scale]
  doc.save()
  doc.rect(0, 0, wide, COVER_HIGH).clip()
  doc.image(picture.bytes, (wide - w) / 2, (COVER_HIGH - h) / 2, { width: w, height: h })
  doc.restore()
}

const coverTiles = (sheet: TaggedSheet, tiles: readonly BookTile[], wide: number) =>
  drawTiles(sheet, tiles, COVER_HIGH, { x: 0, y: 0, width: wide })

function band({ doc, left, width }: TaggedSheet, tiles: readonly BookTile[], y: number): void {
  const whole = tiles.reduce((sum, t) => sum + t.share, 0)
  let x = left
  for (const { hex, share } of tiles) {
    const wide = (width * share) / whole
    doc.rect(x, y, wide, 12).fill(hex)
    x += wide
  }
}

interface With {
  readonly says: Formatter
  readonly pictures: Pictures
}

function setChapter(sheet: TaggedSheet, chapter: BookChapter, its: With): void {
  sheet.within('Sect', () => {
    sheet.doc.addNamedDestination(place(chapter), 'XYZ', sheet.left, sheet.y, null)
    sheet.paragraph([{ text: chapter.title }], TITLE, { type: 'H2' })
    sheet.gap(6)
    sheet.rule(1)
    sheet.gap(14)
    for (const block of chapter.blocks) setBlock(sheet, block, its)
  })
}

function setBlock(sheet: TaggedSheet, block: BookBlock, { says, pictures }: With): void {
  switch (block.kind) {
    case 'words':
      return setWords(sheet, block.words)
    case 'says':
      sheet.paragraph([{ text: block.text }])
      return sheet.gap(6)
    case 'caution':
      return setCaution(sheet, block.text)
    case 'facts':
      return setFacts(sheet, block.facts)
    case 'table':
      return setTable(sheet, block)
    case 'palette':
      return setPalette(sheet, block.tiles, says)
    case 'drawing':
      return setDrawing(sheet, block)
    case 'pair':
      return setPair(sheet, block.name, [
        ['Before', pictures.get(block.beforeId ?? '')],
        ['After', pictures.get(block.afterId ?? '')],
      ])
  }
}

const HANG = 16
const READING: Setting = { ...BODY, size: 10.5, leading: 15.5 }

/** The words of the studio, as they were written: paragraphs, headings, lists. */
export function setWords(sheet: TaggedSheet, words: RichText): void {
  let number = 0
  for (const { kind, runs } of words) {
    number = kind === 'number' ? number + 1 : 0
    const set = runs.map((r) => ({
      text: r.text,
      italic: r.italic,
      ...(r.bold ? { weight: 600 as const } : {}),
    }))
    if (kind === 'heading') {
      sheet.room(HEADING.leading + READING.leading)
      sheet.paragraph(set, HEADING, { type: 'H3' })
      sheet.gap(2)
    } else if (kind === 'bullet' || kind === 'number') {
      const label = kind === 'bullet' ? '•' : `${number}.`
      sheet.within('L', () =>
        sheet.within('LI', () => {
          sheet.room(READING.leading)
          const mark = sheet.lines([{ text: label }], HANG, READING)[0]
          sheet.within('Lbl', () => {
            if (mark) sheet.marked('Lbl', () => sheet.line(mark, sheet.left, sheet.y, READING))
          })
          sheet.paragraph(set, READING, { type: 'LBody', x: HANG })
        }),
      )
      sheet.gap(3)
    } else {
      const quote = kind === 'quote'
      sheet.paragraph(set, READING, quote ? { type: 'BlockQuote', x: HANG } : {})
      sheet.gap(7)
    }
  }
  if (words.length > 0) sheet.gap(6)
}

function setCaution(sheet: TaggedSheet, text: string): void {
  const lines = sheet.lines([{ text }], sheet.width - 14, BODY)
  const high = lines.length * BODY.leading
  sheet.room(Math.min(high, 200))
  // The bar is as long as what stands beside it on this page.
  const shown = Math.min(high, sheet.bottom - sheet.y)
  sheet.artifact(() => sheet.doc.rect(sheet.left, sheet.y, 3, shown).fill('#1a1a1a'))
  sheet.paragraph([{ text }], BODY, { x: 14 })
  sheet.gap(8)
}

function setFacts(sheet: TaggedSheet, facts: readonly (readonly [string, string])[]): void {
  const column = 130
  for (const [name, value] of facts) {
    sheet.room(BODY.leading)
    const top = sheet.y
    const label = sheet.lines([{ text: name }], column, SMALL)[0]
    sheet.within('P', () => {
      if (label) sheet.marked('Span', () => sheet.line(label, sheet.left, top + 1, SMALL))
      sheet.paragraph([{ text: value }], BODY, { type: 'Span', x: column })
    })
    sheet.gap(3)
  }
  sheet.gap(8)
}

/** What is in the book, each part with its page and a link to it. */
function fillContents(
  sheet: TaggedSheet,
  book: Book,
  pages: readonly At[],
  contents: number,
  toc: ReturnType<TaggedSheet['within']>,
): void {
  const { doc } = sheet
  doc.switchToPage(contents)
  sheet.y = sheet.top
  sheet.into(toc, () => {
    sheet.paragraph([{ text: 'Contents' }], TITLE, { type: 'H2' })
    sheet.gap(6)
    sheet.rule(1)
    sheet.gap(16)
    book.chapters.forEach((chapter, i) => {
      sheet.within('TOCI', () => {
        const top = sheet.y
        const link = sheet.within('Link', () => {
          const name = sheet.lines([{ text: chapter.title }], sheet.width - 50, READING)[0]
          const page = sheet.lines([{ text: String((pages[i]?.page ?? 0) + 1) }], 50, READING)[0]
          if (name) sheet.marked('Link', () => sheet.line(name, sheet.left, top, READING))
          if (page)
            sheet.marked('Link', () => sheet.line(page, sheet.left + sheet.width - page.width, top, READING))
        })
        doc.goTo(sheet.left, top, sheet.width, READING.leading, place(chapter), {
          structParent: link,
          Contents: new String(chapter.title),
        } as object)
        sheet.y = top + READING.leading + 7
      })
    })
  })
}

/** The room and the page at the foot of every page but the cover; no part of what is read aloud. */
function foot(sheet: TaggedSheet, book: Book): void {
  const { doc } = sheet
  const { start, count } = doc.bufferedPageRange()
  for (let page = start + 1; page < start + count; page++) {
    doc.switchToPage(page)
    const name = sheet.lines([{ text: `${book.title} · ${book.studio}` }], sheet.width - 60, SMALL)[0]
    const number = sheet.lines([{ text: String(page + 1) }], 60, SMALL)[0]
    sheet.artifact(() => {
      const y = sheet.bottom + 18
      if (name) sheet.line(name, sheet.left, y, SMALL)
      if (number) sheet.line(number, sheet.left + sheet.width - number.width, y, SMALL)
    })
  }
}
