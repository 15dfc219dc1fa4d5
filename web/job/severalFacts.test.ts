import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { ROWS } from '@bonitas/core/model/registry'
import { VERDICTS } from '@bonitas/core/model/vocabulary/piece'
import type { Row } from './edits.js'
import { changesOf, holdsNow, readFact, type SeveralFact } from './severalFacts.js'

const LOCALE = { currency: 'EUR', locale: 'en-IE', system: 'metric', today: '2026-11-30' } as const
const VERDICT: SeveralFact = { field: 'verdict', choices: [{ value: null, text: 'not judged' }, ...VERDICTS] }
const piece = (id: string, more: Readonly<Record<string, unknown>> = {}) =>
  ({ ...ROWS.pieces.blank(), name: `Piece ${id}`, ...more, id }) as unknown as Row & { readonly name: string }

describe('one fact set on several rows', () => {
  test('every row takes the value, those that hold it already are left alone', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(null, ...VERDICTS), { maxLength: 12 }),
        fc.constantFrom('', ...VERDICTS),
        (held, given) => {
          const rows = held.map((verdict, i) => piece(String(i), { verdict }))
          const value = readFact('pieces', VERDICT, given, LOCALE)
          const { changes, cannot } = changesOf('pieces', rows, 'verdict', value)
          expect(cannot).toEqual([])
          const after = rows.map((r) => {
            const change = changes.find((c) => 'id' in c && c.id === r.id)
            return change && 'set' in change ? { ...r, ...change.set } : r
          })
          for (const r of after)
            expect(holdsNow(VERDICT, r['verdict' as keyof typeof r], LOCALE)).toBe(given || 'not judged')
          expect(changes).toHaveLength(rows.filter((_r, i) => (held[i] ?? '') !== given).length)
        },
      ),
    )
  })

  test('a row that cannot take it is named with why, so that nothing is set by halves', () => {
    const { cannot } = changesOf('pieces', [piece('a'), piece('b')], 'count', 0)
    expect(cannot).toHaveLength(2)
    expect(cannot[1]).toMatch(/^Piece b: Number/)
    // What was wrong before is not this value's fault.
    expect(changesOf('pieces', [piece('c', { count: 0 })], 'material', 'oak').cannot).toEqual([])
  })

  test('what is typed is read as the field reads it, and refused in its words', () => {
    const weight: SeveralFact = { field: 'weightG', kind: 'weight' }
    expect(readFact('pieces', weight, '4.5 kg', LOCALE)).toBe(4500)
    expect(() => readFact('pieces', weight, 'heavy', LOCALE)).toThrow(/weight/i)
    expect(readFact('pieces', { field: 'stays' }, 'yes', LOCALE)).toBe(true)
    expect(readFact('pieces', { field: 'stays' }, '', LOCALE)).toBe(false)
    expect(holdsNow(weight, 4500, LOCALE)).toBe('4.5 kg')
    expect(holdsNow(weight, null, LOCALE)).toBe('–')
  })
})
