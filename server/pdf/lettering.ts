import { createRequire } from 'node:module'
import { readFileSync } from 'node:fs'
import { create, type Font } from 'fontkit'
import { sfntOf } from './sfnt.js'

/** How heavy letters are. */
export type Weight = 400 | 600

/** A stretch of text that one font has the letters for. */
export interface LetterRun {
  readonly text: string
  /** The name of the font, as documents are given it. */
  readonly font: string
}

// The lettering of the product comes in subsets; what it has no letters for is set in a plain face beside it.
const SUBSETS = [
  ['Archivo', 'archivo/files/archivo-latin'],
  ['Archivo Ext', 'archivo/files/archivo-latin-ext'],
  ['Archivo Vi', 'archivo/files/archivo-vietnamese'],
  ['Sans', 'noto-sans/files/noto-sans-latin'],
  ['Sans Ext', 'noto-sans/files/noto-sans-latin-ext'],
  ['Sans Greek', 'noto-sans/files/noto-sans-greek'],
  ['Sans Cyrillic', 'noto-sans/files/noto-sans-cyrillic'],
  ['Sans Cyrillic Ext', 'noto-sans/files/noto-sans-cyrillic-ext'],
] as const

const require = createRequire(import.meta.url)
const file = (path: string, weight: Weight): Buffer =>
  sfntOf(readFileSync(require.resolve(`@fontsource/${path}-${weight}-normal.woff`)))

/** A font a document may use, by the name it is used under; read when it is first asked for. */
export interface LetterFont {
  readonly name: string
  readonly of: (weight: Weight) => Buffer
}

export const LETTER_FONTS: readonly LetterFont[] = SUBSETS.map(([name, path]) => {
  const read = new Map<Weight, Buffer>()
  return {
    name,
    of: (weight) => {
      const font = read.get(weight) ?? file(path, weight)
      read.set(weight, font)
      return font
    },
  }
})

const opened = new Map<string, Font>()
function fontOf(of: LetterFont): Font {
  let font = opened.get(of.name)
  if (!font) opened.set(of.name, (font = create(of.of(400)) as Font))
  return font
}

const known = new Map<string, string>()
/** The first font that has a letter. Where none has it the first draws its empty box. */
function fontFor(letter: string): string {
  const before = known.get(letter)
  if (before !== undefined) return before
  const code = letter.codePointAt(0) ?? 0
  const found = LETTER_FONTS.find((f) => fontOf(f).hasGlyphForCodePoint(code))?.name ?? 'Archivo'
  known.set(letter, found)
  return found
}

/** Letters every font has, or that are drawn by none: they stay with what stands before them. */
const isNeutral = (letter: string): boolean => /\s/u.test(letter)

/** Text in stretches by the font that has its letters; mostly one. */
export function letterRuns(text: string): LetterRun[] {
  const runs: { text: string; font: string }[] = []
  // Narrow spaces and the like have no letter of their own in every subset: a plain space is drawn.
  for (const letter of text.normalize('NFC').replace(/[\u202f\u2007-\u200a]/gu, '\u00a0')) {
    const last = runs.at(-1)
    const font = isNeutral(letter) ? (last?.font ?? 'Archivo') : fontFor(letter)
    if (last?.font === font) last.text += letter
    else runs.push({ text: letter, font })
  }
  return runs
}

/** Whether the first font has all the letters of a text. */
export const isPlain = (text: string): boolean => letterRuns(text).every((r) => r.font === 'Archivo')

const measured = new Map<string, Font>()
/** How wide a stretch is at a size of one. */
export function widthOf({ text, font }: LetterRun, weight: Weight): number {
  const key = `${font} ${weight}`
  let face = measured.get(key)
  if (!face) {
    const of = LETTER_FONTS.find((f) => f.name === font) ?? LETTER_FONTS[0]
    if (!of) return 0
    face = create(of.of(weight)) as Font
    measured.set(key, face)
  }
  return face.layout(text).advanceWidth / face.unitsPerEm
}
