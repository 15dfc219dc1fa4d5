import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import fc from 'fast-check'
import { create, openSync, type Font } from 'fontkit'
import { describe, expect, test } from 'vitest'
import { isPlain, LETTER_FONTS, letterRuns } from './lettering.js'
import { letteredSvg } from './letteredSvg.js'
import { sfntOf } from './sfnt.js'

const WOFF = createRequire(import.meta.url).resolve('@fontsource/archivo/files/archivo-latin-400-normal.woff')

describe('a font out of its web wrapping', () => {
  test('has the same letters, as wide as they were, for another reader of fonts', () => {
    const [wrapped, bare] = [openSync(WOFF) as Font, create(sfntOf(readFileSync(WOFF))) as Font]
    expect(bare.numGlyphs).toBe(wrapped.numGlyphs)
    const text = 'Walls, 12 m² at €4.20 — “Tarn”'
    expect(bare.layout(text).advanceWidth).toBe(wrapped.layout(text).advanceWidth)
    expect(bare.characterSet).toEqual(wrapped.characterSet)
  })
  test('what is no font is refused', () => {
    expect(() => sfntOf(Buffer.from('nothing of the kind'))).toThrow(RangeError)
    expect(() => sfntOf(Buffer.alloc(0))).toThrow(RangeError)
  })
})

describe('letters of every language', () => {
  const has = (font: string, letter: string) =>
    (create(LETTER_FONTS.find((f) => f.name === font)!.of(400)) as Font).hasGlyphForCodePoint(
      letter.codePointAt(0)!,
    )
  test.each(['ő', 'ű', 'ł', 'ş', 'ğ', 'ı', 'ё', 'Ж', 'Ω', 'č', 'ř', 'ț', '€', '½', '″', '×', '²', '−', '“'])(
    '%s is drawn by a font that has it',
    (letter) => {
      const [run] = letterRuns(letter)
      expect(has(run!.font, letter)).toBe(true)
    },
  )
  test('stretches put together are the text, with plain spaces for narrow ones', () => {
    fc.assert(
      fc.property(
        fc.string({ unit: fc.constantFrom('a', 'ő', ' ', 'ł', 'Ж', '1', '\u202f', ',', 'Ω') }),
        (text) => {
          expect(
            letterRuns(text)
              .map((r) => r.text)
              .join(''),
          ).toBe(text.replaceAll('\u202f', '\u00a0'))
        },
      ),
    )
  })
  test('what one font has is one stretch', () => {
    expect(letterRuns('A room of 19 m², €1 480')).toHaveLength(1)
    expect([isPlain('Weft & Harbor'), isPlain('Erdős')]).toEqual([true, false])
  })
})

describe('words of a drawing', () => {
  const svg = (text: string) =>
    `<svg><text x="100" y="20" font-size="10" text-anchor="middle">${text}</text></svg>`
  test('stay as they are where one font has them', () => {
    expect(letteredSvg(svg('North wall &#38; door'))).toBe(svg('North wall &#38; door'))
  })
  test('are put side by side about the same middle where it takes several', () => {
    const texts = [
      ...letteredSvg(svg('Fő fal')).matchAll(/<text x="([\d.]+)"[^>]*font-family="([^"]+)"[^>]*>([^<]*)</g),
    ]
    expect(texts.map((t) => [t[2], t[3]])).toEqual([
      ['Archivo', 'F'],
      ['Archivo Ext', 'ő '],
      ['Archivo', 'fal'],
    ])
    const at = texts.map((t) => Number(t[1]))
    expect(at[0]).toBeLessThan(100)
    expect(at[2]).toBeGreaterThan(at[1]!)
    expect([...at].sort((a, b) => a - b)).toEqual(at)
  })
})
