import PDFDocument from 'pdfkit'
import type { OfficePaper } from '@bonitas/core/model/vocabulary/countries'
import { BODY, type Setting } from './setting.js'
import { LETTER_FONTS, letterRuns, type Weight } from './lettering.js'

/** A stretch of words that are set alike. */
export interface Run {
  readonly text: string
  readonly weight?: Weight
  readonly italic?: boolean
}

const SHEETS = { A4: [595.28, 841.89], letter: [612, 792] } as const
const MARGIN = 56
const FOOT = 58
/** Slant of a letter that is told apart by leaning: the lettering has no italics of its own. */
const LEAN = 12

type Element = ReturnType<PDFKit.PDFDocument['struct']>
type StructureOptions = NonNullable<Parameters<PDFKit.PDFDocument['struct']>[1]>

interface Word {
  readonly runs: readonly { readonly text: string; readonly font: string; readonly width: number }[]
  readonly width: number
  readonly italic: boolean
  /** A line ends after it. */
  readonly breaks: boolean
  /** A space stands before it. */
  readonly spaced: number
}

/** A line that is broken: its words and how wide it came out. */
export interface Line {
  readonly words: readonly Word[]
  readonly width: number
}

/**
 * Pages that are filled from the top, every word tagged with what it is, so that the document reads aloud and copies in order:
 * headings, paragraphs, lists, tables and figures in the structure, rules and page numbers left out of it.
 */
export class TaggedSheet {
  readonly doc: PDFKit.PDFDocument
  readonly width: number
  readonly left = MARGIN
  readonly top = MARGIN
  readonly bottom: number
  y = MARGIN
  readonly #root: Element
  /** What is set next belongs here. */
  #in: Element

  constructor(about: {
    readonly title: string
    readonly author: string
    readonly locale: string
    readonly paper: OfficePaper
  }) {
    const size = about.paper === 'A4' ? SHEETS.A4 : SHEETS.letter
    this.doc = new PDFDocument({
      size: [...size],
      margin: 0,
      bufferPages: true,
      tagged: true,
      displayTitle: true,
      lang: about.locale,
      pdfVersion: '1.7',
      info: { Title: about.title, Author: about.author },
    })
    this.width = size[0] - 2 * MARGIN
    this.bottom = size[1] - FOOT
    this.#root = this.doc.struct('Document')
    this.doc.addStructure(this.#root)
    this.#in = this.#root
  }

  /** What is set by `fill` belongs to one element of the structure. */
  within(type: string, fill: () => void, options: StructureOptions = {}): Element {
    const outer = this.#in
    const element = this.doc.struct(type, options)
    outer.add(element)
    this.#in = element
    fill()
    this.#in = outer
    return element
  }

  /** What is set by `fill` belongs to an element that was begun before: what is filled in when the rest is known. */
  into(element: Element, fill: () => void): void {
    const outer = this.#in
    this.#in = element
    fill()
    this.#in = outer
  }

  /** Drawn within the present element, on this page. */
  marked(type: string, draw: () => void): void {
    const content = this.doc.markStructureContent(type)
    draw()
    this.doc.endMarkedContent()
    this.#in.add(content)
  }

  /** Drawn for the eye alone. */
  artifact(draw: () => void): void {
    this.doc.markContent('Artifact', { type: 'Layout' })
    draw()
    this.doc.endMarkedContent()
  }

  page(): void {
    this.doc.addPage()
    this.y = this.top
  }

  /** Begins a page where so much does not fit any more. */
  room(height: number): void {
    if (this.y + height > this.bottom) this.page()
  }

  gap(height: number): void {
    this.y += height
  }

  rule(weight = 0.5): void {
    this.artifact(() => {
      this.doc.lineWidth(weight).strokeColor('#1a1a1a')
      this.doc
        .moveTo(this.left, this.y)
        .lineTo(this.left + this.width, this.y)
        .stroke()
    })
  }

  /** Words broken into lines of a width. */
  lines(runs: readonly Run[], width: number, set: Setting): Line[] {
    const lines: { words: Word[]; width: number }[] = [{ words: [], width: 0 }]
    for (const word of this.#wordsOf(runs, set, width)) {
      const last = lines.at(-1) ?? { words: [], width: 0 }
      const wide = last.words.length === 0 ? word.width : last.width + word.spaced + word.width
      if (last.words.length > 0 && wide > width + 0.01)
        lines.push({ words: [{ ...word, spaced: 0 }], width: word.width })
      else {
        last.words.push(last.words.length === 0 ? { ...word, spaced: 0 } : word)
        last.width = wide
      }
      if (word.breaks) lines.push({ words: [], width: 0 })
    }
    return lines
  }

  /** Text cut to one line, with an ellipsis where it is. */
  oneLine(text: string, width: number, set: Setting): Line {
    const [first = { words: [], width: 0 }, ...more] = this.lines([{ text }], width, set)
    if (more.length === 0) return first
    let cut = text
    while (cut.length > 1) {
      cut = cut.slice(0, -1).trimEnd()
      const [line, rest] = this.lines([{ text: `${cut}…` }], width, set)
      if (line && !rest) return line
    }
    return first
  }

  /** A paragraph, each of its lines where there is room for it. */
  paragraph(
    runs: readonly Run[],
    set: Setting = BODY,
    { type = 'P', x = 0 }: { readonly type?: string; readonly x?: number } = {},
  ): void {
    const lines = this.lines(runs, this.width - x, set)
    this.within(type, () => {
      for (const line of lines) {
        this.room(set.leading)
        this.marked(type, () => this.line(line, this.left + x, this.y, set))
        this.y += set.leading
      }
    })
  }

  /** Where the letters of a line stand, below its top: whatever the font, on one line. */
  #baseline({ size, leading }: Setting): number {
    return (leading - size) / 2 + size * 0.82
  }

  /** One line: what is of one font in a row is drawn at once, its spaces with it, so that it copies as it reads. */
  line({ words }: Line, x: number, y: number, set: Setting): void {
    const stretches: { text: string; font: string; italic: boolean; x: number }[] = []
    let at = x
    for (const { runs, italic, spaced } of words) {
      const before = stretches.at(-1)
      if (spaced > 0 && before) before.text += ' '
      at += spaced
      for (const { text, font, width } of runs) {
        const last = stretches.at(-1)
        if (last && last.font === font && last.italic === italic) last.text += text
        else stretches.push({ text, font, italic, x: at })
        at += width
      }
    }
    this.doc.fillColor(set.color)
    for (const { text, font, italic, x: from } of stretches) {
      this.#font(font, set.size)
      this.doc.text(text, from, y + this.#baseline(set), {
        lineBreak: false,
        baseline: 'alphabetic',
        ...(italic ? { oblique: LEAN } : {}),
      })
    }
  }

  /** How wide a text is, set so. */
  measure(text: string, set: Setting): number {
    return this.#wordsOf([{ text }], set, Infinity).reduce((sum, w) => sum + w.spaced + w.width, 0)
  }

  /** Ends the document with its bytes. */
  async finish(): Promise<Buffer> {
    const { doc } = this
    const chunks: Buffer[] = []
    const done = new Promise<Buffer>((resolve, reject) => {
      doc.on('data', (c: Buffer) => chunks.push(c))
      doc.on('end', () => resolve(Buffer.concat(chunks)))
      doc.on('error', reject)
    })
    doc.end()
    return done
  }

  #wordsOf(all: readonly Run[], set: Setting, width: number): Word[] {
    const words: Word[] = []
    const space = this.#widthOf(' ', 'Archivo', set.weight, set.size)
    let spaced = 0
    for (const { text, weight = set.weight, italic = false } of all)
      for (const part of text.split(/(\n| +)/u)) {
        const last = words.at(-1)
        if (part === '\n' && last) words[words.length - 1] = { ...last, breaks: true }
        else if (/^ +$/u.test(part)) spaced = space
        else if (part !== '' && part !== '\n')
          for (const piece of this.#fitting(part, weight, set.size, width)) {
            const runs = letterRuns(piece).map((r) => ({
              text: r.text,
              font: `${r.font} ${weight}`,
              width: this.#widthOf(r.text, r.font, weight, set.size),
            }))
            const wide = runs.reduce((sum, r) => sum + r.width, 0)
            words.push({ runs, width: wide, italic, breaks: false, spaced })
            spaced = 0
          }
      }
    return words
  }

  readonly #given = new Set<string>()
  /** A font by its name, handed to the document when it is first used. */
  #font(name: string, size: number): void {
    if (!this.#given.has(name)) {
      const [, family = '', weight] = /^(.*) (400|600)$/u.exec(name) ?? []
      const font = LETTER_FONTS.find((f) => f.name === family)
      if (font) this.doc.registerFont(name, font.of(weight === '600' ? 600 : 400))
      this.#given.add(name)
    }
    this.doc.font(name).fontSize(size)
  }

  #widthOf(text: string, font: string, weight: Weight, size: number): number {
    this.#font(`${font} ${weight}`, size)
    return this.doc.widthOfString(text)
  }

  /** A word longer than its column is broken where it must be. */
  #fitting(text: string, weight: Weight, size: number, width: number): string[] {
    const widthOf = (piece: string) =>
      letterRuns(piece).reduce((sum, r) => sum + this.#widthOf(r.text, r.font, weight, size), 0)
    if (text.length < 12 || widthOf(text) <= width) return [text]
    const pieces: string[] = []
    let piece = ''
    for (const letter of text) {
      if (piece !== '' && widthOf(piece + letter) > width) {
        pieces.push(piece)
        piece = ''
      }
      piece += letter
    }
    return [...pieces, piece]
  }
}
