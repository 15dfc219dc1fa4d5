import type { PlanDrawing } from './drawing.js'

const escape = (text: string) => text.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`)

/** What lies over other strokes and hides them. */
const WHITE: ReadonlySet<string> = new Set(['DOOR', 'WINDOW', 'PIECE', 'HANG'])

/** A plan as a drawing that stands alone, in millimeters at a scale of 1 : 50. */
export function drawingSvg(drawing: PlanDrawing, title: string, font = 'sans-serif'): string {
  const { low, high, marks } = drawing
  const [width, height] = [high.x - low.x, high.y - low.y]
  const n = (v: number) => String(Math.round(v * 10) / 10)
  const strokes = marks.map((mark) => {
    const thick = mark.layer === 'WALL' ? 14 : mark.layer === 'DIMENSION' ? 5 : 8
    const stroke = mark.layer === 'GAP' ? '#b3261e' : '#1a1a1a'
    const style = `fill="none" stroke="${stroke}" stroke-width="${thick}"${mark.layer === 'CEILING' || mark.layer === 'LINE' ? ' stroke-dasharray="80 50"' : ''}`
    if (mark.kind === 'line')
      return `<path d="M${n(mark.from.x)} ${n(mark.from.y)}L${n(mark.to.x)} ${n(mark.to.y)}" ${style}/>`
    if (mark.kind === 'outline') {
      const fill = WHITE.has(mark.layer) ? style.replace('fill="none"', 'fill="#fff"') : style
      return `<path d="M${mark.points.map((p) => `${n(p.x)} ${n(p.y)}`).join('L')}${mark.closed ? 'Z' : ''}" ${fill}/>`
    }
    if (mark.kind === 'arc')
      return `<path d="M${n(mark.from.x)} ${n(mark.from.y)}A${n(mark.radius)} ${n(mark.radius)} 0 0 ${mark.clockwise ? 1 : 0} ${n(mark.to.x)} ${n(mark.to.y)}" ${style}/>`
    return `<text x="${n(mark.at.x)}" y="${n(mark.at.y)}" font-size="${n(mark.sizeMm)}" text-anchor="middle" dominant-baseline="central" transform="rotate(${n(mark.angleDeg)} ${n(mark.at.x)} ${n(mark.at.y)})">${escape(mark.text)}</text>`
  })
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${n(low.x)} ${n(low.y)} ${n(width)} ${n(height)}" width="${n(width / 50)}mm" height="${n(height / 50)}mm" font-family="${font}">
<title>${escape(title)}</title>
${strokes.join('\n')}
</svg>
`
}
