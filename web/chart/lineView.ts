import { area, bisector, curveLinear, curveStepAfter, line, scaleLinear, scaleUtc } from 'd3'

export interface Point {
  /** A value of the axis; milliseconds since 1970 where it is time. */
  readonly x: number
  readonly y: number
}

/** One line of a chart. Lines are told apart by their form, never by color. */
export interface Series {
  readonly name: string
  readonly points: readonly Point[]
  readonly form: 'full' | 'dashed' | 'dotted' | 'filled'
}

/** A level or a moment that is named in the chart. */
export interface Mark {
  readonly at: number
  readonly name: string
}

export interface LineChartAsk {
  readonly series: readonly Series[]
  readonly width: number
  readonly height: number
  /** The horizontal axis is time. */
  readonly time?: boolean
  /** A value holds until the next: prices, sums of money. */
  readonly steps?: boolean
  /** Named heights, drawn across. */
  readonly levels?: readonly Mark[]
  /** Named places on the horizontal axis, drawn upright. */
  readonly moments?: readonly Mark[]
  /** The vertical axis begins at the least value instead of nothing. */
  readonly afloat?: boolean
  readonly saysX: (x: number) => string
  readonly saysY: (y: number) => string
}

/** Room around the lines; at the left as much as the longest word of the axis needs. */
export const PAD = { right: 16, top: 36, bottom: 24 } as const

/** Letters of the axes are about this wide, px. */
const LETTER_PX = 6.8

/** The values of a series at a place: what holds there, or what lies between its neighbors; none outside of it. */
export function valueAt(points: readonly Point[], x: number, steps: boolean): number | undefined {
  const [first, last] = [points[0], points.at(-1)]
  if (!first || !last || x < first.x || (x > last.x && !steps)) return undefined
  // A single one is a place and no line.
  if (points.length === 1) return x === first.x ? first.y : undefined
  const after = bisector((p: Point) => p.x).right(points, x)
  const a = points[after - 1]
  const b = points[after]
  if (!a) return undefined
  if (steps || !b || b.x === a.x) return a.y
  return a.y + ((b.y - a.y) * (x - a.x)) / (b.x - a.x)
}

/**
 * A chart of lines as it is drawn: axes with round values, paths, marks, and every place where a line has a value, from
 * left to right, for reading exact values there.
 */
export function lineView(ask: LineChartAsk) {
  const { series, width, height, levels = [], moments = [], steps = false } = ask
  const points = series.flatMap((s) => s.points)
  const at = [...new Set([...points.map((p) => p.x)])].sort((a, b) => a - b)
  const [first, last] = [at[0], at.at(-1)]
  if (first === undefined || last === undefined) return undefined
  const ends = [first, last, ...moments.map((m) => m.at)]
  const [from, to] = [Math.min(...ends), Math.max(...ends)]
  const wide = to > from ? [from, to] : [from - 1, to + 1]
  const heights = [...points.map((p) => p.y), ...levels.map((l) => l.at)]
  const y = scaleLinear()
    .domain([ask.afloat ? Math.min(...heights) : Math.min(0, ...heights), Math.max(...heights, 1e-9)])
    .range([height - PAD.bottom, PAD.top])
    .nice(4)
  const ys = y.ticks(4).map((v) => ({ at: y(v), text: ask.saysY(v) }))
  const left = 12 + LETTER_PX * Math.max(...ys.map((tick) => tick.text.length))
  const x = scaleLinear()
    .domain(wide)
    .range([left, width - PAD.right])
  const count = Math.max(2, Math.round(width / 110))
  const ticks = ask.time ? scaleUtc().domain(wide).ticks(count).map(Number) : x.ticks(count)
  const curve = steps ? curveStepAfter : curveLinear
  const path = (s: Series) =>
    s.form === 'filled'
      ? area<Point>()
          .x((p) => x(p.x))
          .y0(height - PAD.bottom)
          .y1((p) => y(p.y))
          .curve(curve)(s.points)
      : line<Point>()
          .x((p) => x(p.x))
          .y((p) => y(p.y))
          .curve(curve)(s.points)
  return {
    paths: series.map((s) => ({ name: s.name, form: s.form, d: path(s) ?? '' })),
    /** Lines of one value, drawn as a dot. */
    dots: series.flatMap((s) => {
      const [only, ...rest] = s.points
      return only && rest.length === 0 ? [{ name: s.name, at: x(only.x), up: y(only.y) }] : []
    }),
    xs: ticks.map((v) => ({ at: x(v), text: ask.saysX(v) })),
    left,
    ys,
    levels: levels.map((l) => ({ at: y(l.at), text: `${l.name} ${ask.saysY(l.at)}` })),
    moments: moments.map((m) => ({ at: x(m.at), text: m.name })),
    /** Every place that can be read: where it is drawn, and what each line says there. */
    places: at.map((value) => ({
      at: x(value),
      text: ask.saysX(value),
      values: series.flatMap((s) => {
        const found = valueAt(s.points, value, steps)
        return found === undefined ? [] : [{ name: s.name, at: y(found), text: ask.saysY(found) }]
      }),
    })),
  }
}

export type LineView = NonNullable<ReturnType<typeof lineView>>

/** The place nearest to a point of the drawing. */
export function nearestPlace(view: LineView, at: number): number {
  let best = 0
  for (const [i, p] of view.places.entries())
    if (Math.abs(p.at - at) < Math.abs((view.places[best]?.at ?? 0) - at)) best = i
  return best
}
