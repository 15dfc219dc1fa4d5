import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import { rulebookText } from './rulebookText.js'

test('the rule book in docs is what the rules say now', () => {
  expect(readFileSync(new URL('rulebook.md', import.meta.url), 'utf8')).toBe(rulebookText())
})
