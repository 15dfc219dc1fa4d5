import { afterEach, describe, expect, test, vi } from 'vitest'

/** The modules as they are in a browser where this language was chosen. */
async function speaking(kept: string | null) {
  vi.resetModules()
  vi.stubGlobal('localStorage', { getItem: () => kept })
  const { term } = await import('./term.js')
  const { wordsOf, wordsReady } = await import('./wordsOf.js')
  return { term, wordsOf, wordsReady }
}
afterEach(() => vi.unstubAllGlobals())

describe('the language of the interface', () => {
  test.each([
    [null, 'Ledger', 'delivered late'],
    ['en', 'Ledger', 'delivered late'],
    ['de', 'Kassenbuch', 'delivered late'],
    ['hu', 'Pénztárkönyv', 'delivered late'],
    ['xx', 'Ledger', 'delivered late'],
  ])('chosen %s: words of the model, and what has none stays as it is', async (kept, ledger, other) => {
    const { term, wordsReady } = await speaking(kept)
    await wordsReady()
    expect(term('Ledger')).toBe(ledger)
    expect(term(other)).toBe(other)
    // Not what every object has of itself.
    for (const own of ['constructor', 'toString', '__proto__']) expect(term(own)).toBe(own)
  })

  test('a translation that cannot be fetched is said in English, and the page still comes', async () => {
    const { wordsOf, wordsReady } = await speaking('de')
    const say = wordsOf('lost', { hello: 'Hello' }, { de: () => Promise.reject(new Error('gone')) })
    await expect(wordsReady()).resolves.toBeUndefined()
    expect(say('hello')).toBe('Hello')
  })

  test('one that comes is said, by its forms and with its braces', async () => {
    const { wordsOf, wordsReady } = await speaking('de')
    const say = wordsOf(
      'some',
      { rows: '{n} row | {n} rows' },
      { de: () => Promise.resolve({ default: { rows: '{n} Zeile | {n} Zeilen' } }) },
    )
    await wordsReady()
    expect([say('rows', { n: 1 }), say('rows', { n: 2 })]).toEqual(['1 Zeile', '2 Zeilen'])
  })

  test('what was said before its words came is said anew', async () => {
    const { computed } = await import('vue')
    const { wordsOf, wordsReady } = await speaking('de')
    const say = wordsOf(
      'late',
      { hello: 'Hello' },
      { de: () => Promise.resolve({ default: { hello: 'Guten Tag' } }) },
    )
    const shown = computed(() => say('hello'))
    expect(shown.value).toBe('Hello')
    await wordsReady()
    expect(shown.value).toBe('Guten Tag')
  })

  test('a browser that keeps nothing speaks English', async () => {
    vi.resetModules()
    vi.stubGlobal('localStorage', {
      getItem: () => {
        throw new Error('blocked')
      },
    })
    const { languageHere } = await import('./languages.js')
    expect(languageHere()).toBe('en')
  })
})
