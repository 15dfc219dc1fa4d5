import type { Point } from '../../../kernel/geometry/polygon.js'
import { DUST_MM } from '../trade.js'

/** The stretches of floor that a row from one height to another covers, where the floor is there over any part of its width. */
export function spans(outline: readonly Point[], top: number, foot: number): [number, number][] {
  const heights = [
    top + 1e-3,
    foot - 1e-3,
    ...outline.map((p) => p.y).flatMap((y) => [y - 1e-3, y + 1e-3]),
  ].filter((y) => y > top && y < foot)
  const all = heights.flatMap((y) => crossings(outline, y)).sort((a, b) => a[0] - b[0])
  const merged: [number, number][] = []
  for (const [from, to] of all) {
    const last = merged.at(-1)
    if (last && from <= last[1] + DUST_MM) last[1] = Math.max(last[1], to)
    else merged.push([from, to])
  }
  return merged
}

function crossings(outline: readonly Point[], y: number): [number, number][] {
  const xs = outline
    .flatMap((p, i) => {
      const q = outline[(i + 1) % outline.length] ?? p
      return p.y > y !== q.y > y ? [p.x + ((y - p.y) / (q.y - p.y)) * (q.x - p.x)] : []
    })
    .sort((a, b) => a - b)
  const list: [number, number][] = []
  for (let i = 0; i + 1 < xs.length; i += 2) list.push([xs[i] ?? 0, xs[i + 1] ?? 0])
  return list
}
