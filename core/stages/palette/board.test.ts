import { expect, test } from 'vitest'
import { SyntaxValidator } from 'fast-xml-validator'
import { boardSvg, boardTiles, whereUsed } from './board.js'
import { room } from '../../examples/palette/example.js'

const ABOUT = {
  room: 'Room <1> & "co"',
  client: 'Varga',
  scheme: 'Tarn',
  studio: 'Tern & Thole',
  day: '23 November 2026',
}
const facts = room([
  { name: 'Oat', hex: '#D9D1C4', material: 'paint', on: ['walls', 'ceiling'] },
  { name: 'Tarn', hex: '#4C6768' },
  { name: 'Madder', hex: '#A4462F', piece: { widthMm: 40, heightMm: 40, depthMm: 10 } },
])

test('tiles are as large as the shares and fill the field', () => {
  const tiles = boardTiles(facts.finishes, { x: 0, y: 0, width: 700, height: 600 })
  const all = 700 * 600
  for (const t of tiles) expect((t.width * t.height) / all).toBeCloseTo(t.finish.share, 6)
  expect(tiles.reduce((sum, t) => sum + t.width * t.height, 0)).toBeCloseTo(all, 3)
  expect(boardTiles([])).toEqual([])
})

test('the drawing is well-formed, names every finish, and escapes what was typed', () => {
  const svg = boardSvg(facts.finishes, ABOUT)
  expect(() => SyntaxValidator.validate(svg)).not.toThrow()
  for (const name of ['Oat', 'Tarn', 'Madder']) expect(svg).toContain(name)
  expect(svg).not.toContain('Room <1>')
  expect(boardSvg([], ABOUT)).toContain('</svg>')
})

test('where it is used, shortened', () => {
  const many = {
    ...facts.finishes[0]!,
    where: ['A', 'B', 'B', 'C', 'D'].map((name) => ({ kind: 'piece' as const, id: name, name })),
  }
  expect(whereUsed(many)).toBe('A, B, C and 1 more')
})
