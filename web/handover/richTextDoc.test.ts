import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { RichText } from '@bonitas/core/model/richText'
import { BLOCK_KINDS } from '@bonitas/core/model/richText'
import { docOfWords, sameWords, wordsOfDoc } from './richTextDoc.js'

const run = fc.record({
  text: fc.string({ minLength: 1, maxLength: 12 }).filter((t) => !t.includes('\r')),
  bold: fc.boolean(),
  italic: fc.boolean(),
})
/** Neighbors that look alike are one, as an editor keeps them. */
const joined = (runs: RichText[number]['runs']) =>
  runs.reduce<RichText[number]['runs']>((all, r) => {
    const last = all.at(-1)
    if (last && last.bold === r.bold && last.italic === r.italic)
      return [...all.slice(0, -1), { ...last, text: last.text + r.text }]
    return [...all, r]
  }, [])
const words = fc.array(
  fc.record({
    kind: fc.constantFrom(...BLOCK_KINDS),
    runs: fc.array(run, { minLength: 1, maxLength: 4 }).map(joined),
  }),
  { maxLength: 8 },
)

describe('words and the editor', () => {
  test('what is kept comes back from the editor as it was', () => {
    fc.assert(
      fc.property(words, (all) => {
        expect(wordsOfDoc(docOfWords(all))).toEqual(all)
      }),
    )
  })
  test('lists in lists are read as lines of their kind, and empty lines at the end are not kept', () => {
    const item = (text: string, ...more: object[]) => ({
      type: 'listItem',
      content: [{ type: 'paragraph', content: [{ type: 'text', text }] }, ...more],
    })
    expect(
      wordsOfDoc({
        type: 'doc',
        content: [
          { type: 'bulletList', content: [item('one', { type: 'orderedList', content: [item('first')] })] },
          { type: 'paragraph' },
        ],
      }).map((b) => [b.kind, b.runs[0]?.text]),
    ).toEqual([
      ['bullet', 'one'],
      ['number', 'first'],
    ])
  })
  test('words are the same however their fields are ordered, and others are not', () => {
    const one: RichText = [{ kind: 'paragraph', runs: [{ text: 'a', bold: true, italic: false }] }]
    const turned: RichText = [{ runs: [{ italic: false, bold: true, text: 'a' }], kind: 'paragraph' }]
    expect(sameWords(one, turned)).toBe(true)
    expect(sameWords(one, [{ kind: 'quote', runs: one[0]!.runs }])).toBe(false)
  })
  test('an empty page is no words', () => {
    expect(wordsOfDoc(docOfWords([]))).toEqual([])
  })
})
