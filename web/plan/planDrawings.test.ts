import { Helper } from 'dxf'
import { XMLParser } from 'fast-xml-parser'
import { describe, expect, test } from 'vitest'
import { boxCorners } from '@bonitas/core/kernel/geometry/box'
import { distance } from '@bonitas/core/kernel/geometry/polygon'
import { elevationDrawing, pieceMarks, withMarks } from '@bonitas/core/stages/plan/drawings'
import { ex, exampleJob } from '@bonitas/core/examples/plan/example'
import { planFactsOf } from '@bonitas/core/job/planFactsOf'
import { measureFacts } from '@bonitas/core/stages/measure/measureFacts'
import { planDrawing } from '@bonitas/core/stages/measure/planDrawing'
import { writeDxf, writeSvg } from '../measure/planFiles.js'
import { layGroup } from './hangGroups.js'
import { inkOn } from './usePlan.js'
import { METRIC } from '@bonitas/core/testing/habits'

const job = exampleJob({
  schools: { hanging: 'centers on one eye line' },
  pieces: [
    ex('sofa', 'Sofa', { at: [2500, 450] }),
    ex('armchair', 'Chair', { at: [1200, 2500], turn: 205 }),
    ex('rug', 'Rug', { at: [2500, 1700], widthMm: 2900, depthMm: 2000 }),
    ...[0, 1, 2].map((i) =>
      ex('picture', `Print ${i + 1}`, {
        widthMm: 400,
        heightMm: 500,
        hang: { xMm: 1500 + i * 700, centerMm: 1480 + i * 30 },
      }),
    ),
  ],
})
const measure = measureFacts(job, [], METRIC)
const facts = planFactsOf(job, measure)!
const entities = (text: string) => new Helper(text).parsed.entities

describe('the plan as a drawing file', () => {
  const drawing = withMarks(planDrawing(measure)!, pieceMarks(facts))
  test('DXF: every piece comes back in another library with its corners to the micrometer, on a layer of its own', () => {
    const found = entities(writeDxf(drawing)).filter(
      (e) => e.type === 'LWPOLYLINE' && (e.layer === 'PIECE' || e.layer === 'RUG'),
    )
    expect(found).toHaveLength(3)
    facts.standings.forEach((s) => {
      const corners = boxCorners(s.box)
      const theirs = found.find((e) =>
        e.vertices!.every((v) => corners.some((c) => distance(c, { x: v.x, y: -v.y }) < 0.001)),
      )
      expect(theirs, s.name).toBeDefined()
    })
  })
  test('SVG: well formed, in millimeters at 1 : 50, with every piece named', () => {
    const svg = writeSvg(drawing, 'Plan')
    const parsed = new XMLParser({ ignoreAttributes: false, attributeNamePrefix: '' }).parse(svg) as {
      svg: { viewBox: string; width: string; text: { '#text': string }[] }
    }
    const [, , w] = parsed.svg.viewBox.split(' ').map(Number)
    expect(Number(parsed.svg.width.replace('mm', ''))).toBeCloseTo(w! / 50, 1)
    const words = parsed.svg.text.map((t) => t['#text'])
    for (const s of facts.standings) expect(words).toContain(s.name)
  })
})

describe('an elevation as a drawing file', () => {
  const drawing = elevationDrawing(facts, 'north')!
  test('DXF: pictures and nails come back where they hang, heights up from the floor', () => {
    const all = entities(writeDxf(drawing))
    const pictures = all.filter((e) => e.type === 'LWPOLYLINE' && e.layer === 'HANG')
    expect(pictures).toHaveLength(3)
    for (const h of facts.wallPlacements) {
      const box = pictures.find((e) =>
        e.vertices!.some((v) => Math.abs(v.x - (h.xMm - 200)) < 0.001 && Math.abs(v.y - h.topMm) < 0.001),
      )
      expect(box, h.name).toBeDefined()
      const nail = all.filter((e) => e.type === 'LINE' && e.layer === 'NAIL') as unknown as {
        start: { x: number; y: number }
        end: { x: number; y: number }
      }[]
      expect(
        nail.some(
          (l) =>
            Math.abs((l.start.x + l.end.x) / 2 - h.nails[0]!.xMm) < 0.001 &&
            Math.abs(l.start.y - h.nails[0]!.heightMm) < 0.001,
        ),
      ).toBe(true)
    }
  })
  test('SVG: as high as the room', () => {
    const svg = writeSvg(drawing, 'North wall')
    expect(svg).toContain('-2500')
    expect(new XMLParser().parse(svg)).toBeDefined()
  })
})

describe('laying out a group', () => {
  const at = (layout: Parameters<typeof layGroup>[2]) =>
    layGroup(facts, facts.wallPlacements, layout, 100).map((c) =>
      'set' in c ? (c.set as { xMm: number; centerMm: number }) : { xMm: 0, centerMm: 0 },
    )
  test('a row: equal gaps over the middle of the sofa, all on the eye line', () => {
    const row = at('row on the eye line')
    expect(row.map((p) => p.xMm)).toEqual([2000, 2500, 3000])
    expect(row.every((p) => p.centerMm === facts.eyeLineMm)).toBe(true)
  })
  test('a stack keeps its lowest on the eye line; staggered pairs match about the middle', () => {
    const stack = at('stacked')
      .map((p) => p.centerMm)
      .sort((a, b) => a - b)
    expect(stack).toEqual([facts.eyeLineMm, facts.eyeLineMm + 600, facts.eyeLineMm + 1200])
    const stagger = at('staggered')
    expect(stagger[0]!.centerMm).toBe(stagger[2]!.centerMm)
    expect(stagger[1]!.centerMm).not.toBe(stagger[0]!.centerMm)
  })
  test('a grid: even rows', () => {
    expect(new Set(at('grid').map((p) => p.centerMm)).size).toBeLessThanOrEqual(2)
  })
})

test('lettering on a piece is dark on pale and pale on dark', () => {
  expect([inkOn('#ffffff'), inkOn('#000000'), inkOn('#e4e4e4'), inkOn('#4a2a20')]).toEqual([
    '#1a1a1a',
    '#ffffff',
    '#1a1a1a',
    '#ffffff',
  ])
})
