import { describe, expect, test } from 'vitest'
import { wordsOf } from './wordsOf.js'

type List = Readonly<Record<string, string>>
const ENGLISH = import.meta.glob<{ english: List }>('../*/words.ts', { eager: true })
const OTHERS = import.meta.glob<{ default: List }>('../*/words.{de,hu}.ts', { eager: true })
const TERMS = import.meta.glob<{ default: List }>('./terms.*.ts', { eager: true })

/** What is filled in, whatever the form: `{n} of {all}` has `all` and `n`. */
const filled = (text: string) => [...new Set([...text.matchAll(/\{(\w+)\}/g)].map((m) => m[1]))].sort()

describe('the words of the interface', () => {
  test('each part has its own, and none is empty', () => {
    const parts = Object.keys(ENGLISH)
    expect(parts.length).toBeGreaterThan(10)
    for (const [part, { english }] of Object.entries(ENGLISH))
      for (const [key, text] of Object.entries(english)) expect(text.trim(), `${part} ${key}`).not.toBe('')
  })

  test.each(Object.entries(OTHERS))('%s fills in what the English does', (path, { default: list }) => {
    const english = ENGLISH[path.replace(/words\.\w+\.ts$/, 'words.ts')]?.english ?? {}
    expect(Object.keys(list).sort()).toEqual(Object.keys(english).sort())
    for (const [key, text] of Object.entries(list)) {
      expect(filled(text), `${path} ${key}`).toEqual(filled(english[key] ?? ''))
      expect(text.trim(), `${path} ${key}`).not.toBe('')
      // What goes on from another text begins as that does: with a blank, a comma or none.
      expect(/^[\s,;:·]?/.exec(text)?.[0], `${path} ${key}`).toBe(/^[\s,;:·]?/.exec(english[key] ?? '')?.[0])
    }
  })

  test('German and Hungarian have the same words of the model', () => {
    const [one, other] = Object.values(TERMS).map((t) => Object.keys(t.default).sort())
    expect(one).toEqual(other)
  })
})

describe('a message', () => {
  const say = wordsOf('a test', {
    plain: "An address such as name{'@'}place",
    rows: '{n} row | {n} rows',
    of: '{n} of {all}',
  })
  test('is said with its braces filled and its form by the number', () => {
    expect(say('plain')).toBe('An address such as name@place')
    expect(say('rows', { n: 1 })).toBe('1 row')
    expect(say('rows', { n: 0 })).toBe('0 rows')
    expect(say('rows', { n: 12 })).toBe('12 rows')
    expect(say('of', { n: 3, all: 7 })).toBe('3 of 7')
  })
})
