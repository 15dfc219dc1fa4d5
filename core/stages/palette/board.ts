import { hierarchy, treemap, treemapSquarify } from 'd3-hierarchy'
import { labToHex, lrv } from '../../kernel/color/lab.js'
import type { FinishFacts } from './paletteFacts.js'

/** What a sample board says beside its colors. */
export interface BoardWords {
  readonly room: string
  /** Client and place. */
  readonly client: string
  readonly scheme: string
  readonly studio: string
  /** As it is written for the reader. */
  readonly day: string
}

/** What the board of a job says, in the studio's own way of writing dates. */
export const boardWords = (
  job: {
    readonly brief: { readonly roomName: string; readonly place: string }
    readonly client: { readonly name: string }
    readonly studio: { readonly name: string; readonly locale: string }
  },
  schemeName: string | undefined,
  today: Date,
): BoardWords => ({
  room: job.brief.roomName,
  client: [job.client.name, job.brief.place].filter(Boolean).join(', '),
  scheme: schemeName ?? '',
  studio: job.studio.name,
  day: new Intl.DateTimeFormat(job.studio.locale, { dateStyle: 'long', timeZone: 'UTC' }).format(today),
})

/** One tile of the board, in units of its drawing. */
export interface BoardTile {
  readonly finish: FinishFacts
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

/** The board is drawn on a page of these proportions: A3 across. */
export const BOARD_WIDTH = 1190
export const BOARD_HEIGHT = 842
const MARGIN = 44
const TOP = 112
const FIELD = { x: MARGIN, y: TOP, width: 700, height: 640 }
const LIST_X = FIELD.x + FIELD.width + 34
const ROW = 40

interface Field {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

/** A field parted in true proportion: each part has the area its size asks for, the largest first. */
export function inProportion<T>(
  parts: readonly T[],
  sizeOf: (part: T) => number,
  field: Field,
): (Field & { readonly part: T })[] {
  if (parts.length === 0) return []
  interface Branch {
    readonly part?: T
    readonly children?: readonly Branch[]
  }
  const root = hierarchy<Branch>({ children: parts.map((part) => ({ part })) }, (d) => d.children?.slice())
    .sum((d) => (d.part === undefined ? 0 : sizeOf(d.part)))
    .sort((x, y) => (y.value ?? 0) - (x.value ?? 0))
  const laid = treemap<Branch>()
    .tile(treemapSquarify.ratio(1.3))
    .size([field.width, field.height])
    .round(false)(root)
  return laid.leaves().flatMap((n) =>
    n.data.part === undefined
      ? []
      : [
          {
            part: n.data.part,
            x: field.x + n.x0,
            y: field.y + n.y0,
            width: n.x1 - n.x0,
            height: n.y1 - n.y0,
          },
        ],
  )
}

/**
 * Tiles in true proportion: the area of each is its share of what is seen. What can hardly be seen still gets its
 * true area; the list beside it names it.
 */
export const boardTiles = (finishes: readonly FinishFacts[], field: Field = FIELD): BoardTile[] =>
  inProportion(
    finishes.filter((f) => f.share > 0),
    (f) => f.areaMm2,
    field,
  ).map(({ part: finish, ...at }) => ({ finish, ...at }))

const escape = (text: string) => text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`)
const cut = (text: string, most: number) =>
  text.length <= most ? text : `${text.slice(0, most - 1).trimEnd()}…`

interface TextOptions {
  readonly size?: number
  readonly weight?: 400 | 600
  readonly fill?: string
  readonly anchor?: 'start' | 'end'
}
function words(
  x: number,
  y: number,
  text: string,
  { size = 12, weight = 400, fill = '#1a1a1a', anchor = 'start' }: TextOptions = {},
): string {
  return `<text x="${x.toFixed(1)}" y="${y.toFixed(1)}" font-family="Archivo" font-size="${size}" font-weight="${weight}" fill="${fill}" text-anchor="${anchor}">${escape(text)}</text>`
}

/** Where a finish is used, in words: "Walls, Sofa and 2 more". */
export function whereUsed(finish: FinishFacts, most = 3): string {
  const names = [...new Set(finish.where.map((w) => w.name))]
  const more = names.length - most
  return more > 0 ? `${names.slice(0, most).join(', ')} and ${more} more` : names.join(', ')
}

/**
 * The sample board for the client as SVG: tiles in true proportion with what fits on them, and a list of every
 * finish with name, code, material and where it is used.
 */
export function boardSvg(finishes: readonly FinishFacts[], about: BoardWords): string {
  const list = finishes.filter((f) => f.share > 0)
  const tiles = boardTiles(list)
  const onTile = tiles.map((t) => {
    const { finish } = t
    const fill = lrv(finish.lab) > 35 ? '#1a1a1a' : '#ffffff'
    const room = Math.floor((t.width - 20) / 7.4)
    const lines =
      t.width > 84 && t.height > 44
        ? [
            words(t.x + 10, t.y + 22, cut(finish.finish.name, room), { size: 14, weight: 600, fill }),
            ...(t.height > 64 && room > 12
              ? [
                  words(t.x + 10, t.y + 39, cut(whereUsed(finish, 2), Math.floor(room * 1.15)), {
                    size: 12,
                    fill,
                  }),
                ]
              : []),
          ]
        : []
    return `<rect x="${t.x.toFixed(2)}" y="${t.y.toFixed(2)}" width="${t.width.toFixed(2)}" height="${t.height.toFixed(2)}" fill="${labToHex(finish.lab)}"/>${lines.join('')}`
  })
  // The list keeps one line for each finish; a long one is set closer.
  const step = Math.min(ROW, FIELD.height / Math.max(1, list.length))
  const tight = step < 34
  const rows = list.map((f, i) => {
    const y = FIELD.y + i * step
    const { finish } = f
    const kind = [finish.code, finish.material, finish.sheen === 'none' ? '' : finish.sheen]
      .filter(Boolean)
      .join(' · ')
    const width = BOARD_WIDTH - MARGIN
    return [
      `<rect x="${LIST_X}" y="${(y + 2).toFixed(1)}" width="46" height="${Math.max(4, step - 8).toFixed(1)}" fill="${labToHex(f.lab)}"/>`,
      words(LIST_X + 56, y + (tight ? 12 : 15), cut(finish.name, 32), { size: tight ? 11 : 13, weight: 600 }),
      words(width, y + (tight ? 12 : 15), `${(100 * f.share).toFixed(1)} %`, {
        size: tight ? 11 : 12,
        anchor: 'end',
      }),
      step > 22
        ? words(LIST_X + 56, y + (tight ? 24 : 30), cut(`${kind} · ${whereUsed(f)}`, 62), {
            size: tight ? 9.5 : 10.5,
            fill: '#4d4d4d',
          })
        : '',
    ].join('')
  })
  const line = (y: number) =>
    `<line x1="${MARGIN}" x2="${BOARD_WIDTH - MARGIN}" y1="${y}" y2="${y}" stroke="#1a1a1a" stroke-width="1"/>`
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${BOARD_WIDTH} ${BOARD_HEIGHT}" width="${BOARD_WIDTH}" height="${BOARD_HEIGHT}">`,
    `<rect width="${BOARD_WIDTH}" height="${BOARD_HEIGHT}" fill="#ffffff"/>`,
    words(MARGIN, 62, cut(about.room, 48), { size: 28, weight: 600 }),
    words(
      MARGIN,
      86,
      [about.client, about.scheme && `Scheme “${about.scheme}”`].filter(Boolean).join(' · '),
      { size: 14, fill: '#4d4d4d' },
    ),
    words(BOARD_WIDTH - MARGIN, 62, about.studio, { size: 14, weight: 600, anchor: 'end' }),
    words(BOARD_WIDTH - MARGIN, 86, about.day, { size: 13, fill: '#4d4d4d', anchor: 'end' }),
    line(98),
    ...onTile,
    ...rows,
    line(BOARD_HEIGHT - 62),
    words(
      MARGIN,
      BOARD_HEIGHT - 40,
      'Areas are those seen in the room. No screen or print shows paint exactly: decide by brushed-out samples, by day and under the lamps.',
      { size: 11, fill: '#4d4d4d' },
    ),
    '</svg>',
  ].join('\n')
}
