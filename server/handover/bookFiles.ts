import { strToU8, zipSync, type Zippable } from 'fflate'
import type { Book, BookBlock } from '@bonitas/core/job/handover/book/book'
import { csvText } from '@bonitas/core/kernel/csv/csvText'
import { drawingSvg } from '@bonitas/core/kernel/geometry/drawingSvg'
import type { Formatter } from '@bonitas/core/kernel/units/formatter'
import type { RichText } from '@bonitas/core/model/richText'
import type { SetPicture } from './setFigures.js'

/** What is put beside the files made from the book. */
export interface Beside {
  readonly pdf: Uint8Array
  readonly careIcs: string
  readonly says: Formatter
  /** Pictures as they are kept, by id. */
  readonly pictures: ReadonlyMap<string, SetPicture>
}

/**
 * The book as a folder of files that any program opens, as a ZIP: the PDF, the words as text, every table as CSV, drawings as
 * SVG, pictures as JPEG, the care as a calendar.
 */
export function bookFiles(book: Book, { pdf, careIcs, says, pictures }: Beside): Uint8Array {
  const files: Zippable = {
    'book.pdf': [pdf, { level: 0 }],
    'book.md': strToU8(markdown(book, says)),
    'care.ics': strToU8(careIcs),
  }
  for (const [path, bytes] of book.chapters.flatMap((c) => c.blocks).flatMap((b) => filesOf(b, pictures)))
    files[free(files, path)] = path.endsWith('.jpg') ? [bytes, { level: 0 }] : bytes
  return zipSync(files, { level: 6 })
}

/** A path no file has yet. */
function free(files: Zippable, path: string): string {
  const [, stem = path, end = ''] = /^(.*)(\.\w+)$/u.exec(path) ?? []
  for (let n = 1; ; n++) {
    const at = n === 1 ? path : `${stem}-${n}${end}`
    if (!(at in files)) return at
  }
}

/** A name as every system takes it. */
export const fileName = (text: string): string =>
  text
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 60) || 'file'

function filesOf(block: BookBlock, pictures: ReadonlyMap<string, SetPicture>): [string, Uint8Array][] {
  if (block.kind === 'table')
    return [[`tables/${fileName(block.name)}.csv`, strToU8(`\ufeff${csvText([block.head, ...block.rows])}`)]]
  if (block.kind === 'drawing')
    return [[`drawings/${fileName(block.name)}.svg`, strToU8(drawingSvg(block.drawing, block.name))]]
  if (block.kind === 'pair')
    return (['before', 'after'] as const).flatMap((when) => {
      const picture = pictures.get((when === 'before' ? block.beforeId : block.afterId) ?? '')
      return picture
        ? [
            [`pictures/${fileName(block.name)}-${when}.jpg`, new Uint8Array(picture.bytes)] as [
              string,
              Uint8Array,
            ],
          ]
        : []
    })
  return []
}

/** The book as text: Markdown (CommonMark with tables). */
function markdown(book: Book, says: Formatter): string {
  const parts = book.chapters.map(
    (c) => `## ${escaped(c.title)}\n\n${c.blocks.map((b) => blockText(b, says)).join('\n')}`,
  )
  return `# ${escaped(book.title)}\n\n${book.subtitle.filter(Boolean).map(escaped).join('  \n')}\n\n${escaped(book.studio)}\n\n${parts.join('\n')}`
}

const escaped = (text: string): string => text.replace(/[\\`*_#<>|[\]]/g, (c) => `\\${c}`)

function blockText(block: BookBlock, says: Formatter): string {
  switch (block.kind) {
    case 'words':
      return wordsText(block.words)
    case 'says':
      return `${escaped(block.text)}\n`
    case 'caution':
      return `> **Take care:** ${escaped(block.text)}\n`
    case 'facts':
      return `${block.facts.map(([name, value]) => `- ${escaped(name)}: ${escaped(value)}`).join('\n')}\n`
    case 'table':
      return tableText(block.name, block.head, block.rows)
    case 'palette':
      return tableText(
        'Finishes',
        ['Finish', 'Share', 'About', 'Where', 'sRGB'],
        block.tiles.map((t) => [t.name, says.percent(t.share), t.about, t.where, t.hex]),
      )
    case 'drawing':
      return `${escaped(block.name)}: drawings/${fileName(block.name)}.svg\n`
    case 'pair':
      return `${escaped(block.name)}: pictures/${fileName(block.name)}-*.jpg\n`
  }
}

const tableText = (name: string, head: readonly string[], rows: readonly (readonly string[])[]): string => {
  const row = (cells: readonly string[]) =>
    `| ${cells.map((c) => escaped(c).replaceAll('\n', '<br>')).join(' | ')} |`
  return `### ${escaped(name)}\n\n${[row(head), row(head.map(() => '---')), ...rows.map(row)].join('\n')}\n`
}

function wordsText(words: RichText): string {
  let number = 0
  return words
    .map(({ kind, runs }) => {
      number = kind === 'number' ? number + 1 : 0
      const text = runs
        .map(
          (r) =>
            `${r.bold ? '**' : ''}${r.italic ? '*' : ''}${escaped(r.text)}${r.italic ? '*' : ''}${r.bold ? '**' : ''}`,
        )
        .join('')
      const before = { paragraph: '', heading: '### ', bullet: '- ', number: `${number}. `, quote: '> ' }[
        kind
      ]
      return `${before}${text}\n`
    })
    .join('\n')
}
