import { expect, test } from 'vitest'
import { drawingSvg } from '../../kernel/geometry/drawingSvg.js'
import { formatterOf } from '../../kernel/units/formatter.js'
import { cutDrawing } from './cutDrawing.js'
import type { Drawing } from './trade.js'

const says = formatterOf({ system: 'metric', locale: 'en-IE', currency: 'EUR' })
const part = (xMm: number, widthMm: number, label: string, use: Drawing['parts'][number]['use']) => ({
  xMm,
  yMm: 0,
  widthMm,
  heightMm: 160,
  label,
  use,
})
const length: Drawing = {
  name: 'Length 1',
  widthMm: 2400,
  heightMm: 160,
  strip: true,
  times: 2,
  parts: [
    part(0, 800, '800', 'used'),
    part(803, 800, '800', 'used'),
    part(1606, 794, '', 'lost'),
    part(2400, 0, '', 'lost'),
  ],
}

test('every part that is there is drawn within the sheet, what is lost is struck through, the size stands below', () => {
  const got = cutDrawing(length, says)
  const outlines = got.marks.filter((m) => m.kind === 'outline' && m.layer === 'PIECE')
  expect(outlines).toHaveLength(3)
  expect(got.marks.filter((m) => m.kind === 'line')).toHaveLength(1)
  const texts = got.marks.flatMap((m) => (m.kind === 'text' ? [m.text.replaceAll(/\s/g, ' ')] : []))
  expect(texts).toEqual(['800', '800', '2 400'])
  for (const m of got.marks)
    if (m.kind === 'outline')
      for (const p of m.points) {
        expect(p.x).toBeGreaterThanOrEqual(got.low.x)
        expect(p.x).toBeLessThanOrEqual(got.high.x)
        expect(p.y).toBeLessThanOrEqual(got.high.y)
      }
  expect(drawingSvg(got, 'Length 1')).toContain('<title>Length 1</title>')
})

test('a wall tells both its sizes, a strip of molding only its length', () => {
  const texts = (d: Drawing) => cutDrawing(d, says).marks.filter((m) => m.kind === 'text').length
  expect(texts({ ...length, strip: false })).toBe(texts(length) + 1)
})

test('a floor has its own edge and its doors, each by its name', () => {
  const floor: Drawing = {
    name: 'Floor',
    widthMm: 4000,
    heightMm: 3000,
    times: 1,
    parts: [{ xMm: 0, yMm: 0, widthMm: 4000, heightMm: 3000, label: '1', use: 'used' }],
    outline: [
      { x: 0, y: 0 },
      { x: 4000, y: 0 },
      { x: 4000, y: 2000 },
      { x: 2000, y: 3000 },
      { x: 0, y: 3000 },
    ],
    doors: [{ name: 'Hall', from: { x: 0, y: 500 }, to: { x: 0, y: 1300 } }],
  }
  const { marks } = cutDrawing(floor, says)
  const edge = marks.find((m) => m.kind === 'outline' && m.layer === 'WALL')
  expect(edge?.kind === 'outline' && edge.points).toEqual(floor.outline)
  expect(marks.filter((m) => m.layer === 'DOOR')).toEqual([
    { kind: 'line', layer: 'DOOR', from: { x: 0, y: 500 }, to: { x: 0, y: 1300 } },
  ])
  expect(marks.flatMap((m) => (m.kind === 'text' ? [m.text] : []))).toContain('Hall')
})
