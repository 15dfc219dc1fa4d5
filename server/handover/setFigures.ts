import { inProportion } from '@bonitas/core/stages/palette/board'
import { hexToLab, lrv } from '@bonitas/core/kernel/color/lab'
import type { Mark } from '@bonitas/core/kernel/geometry/drawing'
import type { BookBlock, BookTile } from '@bonitas/core/job/handover/book/book'
import type { Formatter } from '@bonitas/core/kernel/units/formatter'
import { labelSet, labelsOf, type Labels } from './drawingLabels.js'
import { BODY, HEADING, SMALL, type Setting } from '../pdf/setting.js'
import { type TaggedSheet } from '../pdf/taggedSheet.js'

/** A picture as it is set: its bytes and its proportions. */
export interface SetPicture {
  readonly bytes: Buffer
  readonly widthPx: number
  readonly heightPx: number
}

const PALETTE_HIGH = 300
const ROW_HIGH = 30
const DRAWING_HIGH = 400
const PICTURE_HIGH = 300

/** Tiles in the shares of the room, and below them each finish with its code and where it is. */
export function setPalette(sheet: TaggedSheet, tiles: readonly BookTile[], says: Formatter): void {
  const told = tiles.map((t) => `${t.name} ${says.percent(t.share)}`).join(', ')
  sheet.room(PALETTE_HIGH)
  sheet.within('Figure', () => sheet.marked('Figure', () => drawTiles(sheet, tiles, PALETTE_HIGH)), {
    alt: `The finishes as tiles, each with the area it has of the room: ${told}.`,
  })
  sheet.y += PALETTE_HIGH
  sheet.gap(12)
  sheet.within('L', () => {
    for (let n = 0; n < tiles.length; n += COLUMNS) {
      sheet.room(ROW_HIGH)
      const top = sheet.y
      tiles.slice(n, n + COLUMNS).forEach((tile, column) => setTile(sheet, tile, { column, top, says }))
      sheet.y = top + ROW_HIGH
    }
  })
}

const COLUMNS = 2
const SWATCH = 44
const BOLD: Setting = { ...BODY, weight: 600 }

/** One finish with its color, its share, and in one line what it is and where. */
function setTile(
  sheet: TaggedSheet,
  tile: BookTile,
  { column, top, says }: { readonly column: number; readonly top: number; readonly says: Formatter },
): void {
  const wide = (sheet.width - 20) / COLUMNS
  const left = sheet.left + column * (wide + 20)
  sheet.artifact(() => sheet.doc.rect(left, top + 2, SWATCH - 10, 20).fill(tile.hex))
  const share = sheet.lines([{ text: says.percent(tile.share) }], 60, BODY)[0]
  const name = sheet.oneLine(tile.name, wide - SWATCH - (share?.width ?? 0) - 8, BOLD)
  const about = sheet.oneLine([tile.about, tile.where].filter(Boolean).join(' · '), wide - SWATCH, SMALL)
  sheet.within('LI', () =>
    sheet.within('LBody', () => {
      sheet.marked('LBody', () => sheet.line(name, left + SWATCH, top, BOLD))
      if (share) sheet.marked('LBody', () => sheet.line(share, left + wide - share.width, top, BODY))
      sheet.marked('LBody', () => sheet.line(about, left + SWATCH, top + 13, SMALL))
    }),
  )
}

/** The tiles alone, each with its name where there is room for it. */
export function drawTiles(
  sheet: TaggedSheet,
  tiles: readonly BookTile[],
  height: number,
  at = { x: sheet.left, y: sheet.y, width: sheet.width },
): void {
  const { doc } = sheet
  for (const { part, x, y, width, height: high } of inProportion(tiles, (t) => t.share, { ...at, height })) {
    doc.rect(x, y, width, high).fill(part.hex)
    const set: Setting = {
      ...SMALL,
      weight: 600,
      color: lrv(hexToLab(part.hex)) > 35 ? '#1a1a1a' : '#ffffff',
    }
    if (high < 26 || width < 40) continue
    const lines = sheet.lines([{ text: part.name }], width - 12, set)
    if (lines.length * set.leading + 10 > high || lines.some((l) => l.width > width - 10)) continue
    lines.forEach((line, n) => sheet.line(line, x + 6, y + 5 + n * set.leading, set))
  }
}

/** Layers that cover what lies under them. */
const COVERS: ReadonlySet<string> = new Set(['DOOR', 'WINDOW', 'PIECE', 'HANG'])
const LEAST_TEXT = 5
const MOST_TEXT = 8

/** A plan or an elevation, as large as the page takes it, with a key for what is too small for its name. */
export function setDrawing(sheet: TaggedSheet, block: Extract<BookBlock, { kind: 'drawing' }>): void {
  const { low, high } = block.drawing
  const [wide, tall] = [high.x - low.x, high.y - low.y]
  if (!(wide > 0) || !(tall > 0)) return
  const scale = Math.min(sheet.width / wide, DRAWING_HIGH / tall)
  const labels = labelsOf(sheet, block.drawing, scale)
  sheet.room(tall * scale + HEADING.leading + 14 + (labels.key.length > 0 ? 2 * SMALL.leading : 0))
  sheet.gap(8)
  sheet.paragraph([{ text: block.name }], HEADING, { type: 'H3' })
  sheet.gap(4)
  const view = { scale, left: sheet.left + (sheet.width - wide * scale) / 2, top: sheet.y, low }
  sheet.within(
    'Figure',
    () => sheet.marked('Figure', () => block.drawing.marks.forEach((m) => stroke(sheet, m, view, labels))),
    { alt: block.says },
  )
  sheet.y += tall * scale
  sheet.gap(6)
  if (labels.key.length > 0)
    sheet.paragraph([{ text: labels.key.map((name, n) => `${n + 1} ${name}`).join('   ') }], SMALL)
  sheet.gap(10)
}

interface View {
  readonly scale: number
  readonly left: number
  readonly top: number
  readonly low: { readonly x: number; readonly y: number }
}

function stroke(sheet: TaggedSheet, mark: Mark, view: View, labels: Labels): void {
  const { doc } = sheet
  const x = (v: number) => view.left + (v - view.low.x) * view.scale
  const y = (v: number) => view.top + (v - view.low.y) * view.scale
  doc.lineWidth(mark.layer === 'WALL' ? 0.9 : mark.layer === 'DIMENSION' ? 0.25 : 0.5)
  doc.strokeColor('#1a1a1a')
  if (mark.layer === 'CEILING' || mark.layer === 'LINE') doc.dash(3, { space: 2 })
  else doc.undash()
  if (mark.kind === 'line') {
    doc.moveTo(x(mark.from.x), y(mark.from.y)).lineTo(x(mark.to.x), y(mark.to.y)).stroke()
  } else if (mark.kind === 'outline') {
    const [first, ...rest] = mark.points
    if (!first) return
    doc.moveTo(x(first.x), y(first.y))
    for (const p of rest) doc.lineTo(x(p.x), y(p.y))
    if (mark.closed) doc.closePath()
    if (mark.closed && COVERS.has(mark.layer)) doc.fillAndStroke('#ffffff', '#1a1a1a')
    else doc.stroke()
  } else if (mark.kind === 'arc') {
    const r = mark.radius * view.scale
    const sweep = mark.clockwise ? 1 : 0
    doc
      .path(`M${x(mark.from.x)} ${y(mark.from.y)}A${r} ${r} 0 0 ${sweep} ${x(mark.to.x)} ${y(mark.to.y)}`)
      .stroke()
  } else {
    const label = labels.at.get(mark)
    const size = label?.size ?? Math.min(MOST_TEXT, Math.max(LEAST_TEXT, mark.sizeMm * view.scale))
    const angle = label ? (label.turned ? -90 : 0) : mark.angleDeg
    lettering(sheet, label?.lines ?? [mark.text], labelSet(size), { x: x(mark.at.x), y: y(mark.at.y), angle })
  }
}

/** Lines about a middle, turned about it. */
function lettering(
  sheet: TaggedSheet,
  texts: readonly string[],
  set: Setting,
  at: { readonly x: number; readonly y: number; readonly angle: number },
): void {
  const { doc } = sheet
  doc.save()
  doc.rotate(at.angle, { origin: [at.x, at.y] })
  texts.forEach((text, n) => {
    const line = sheet.lines([{ text }], Infinity, set)[0]
    const top = at.y + (n - texts.length / 2) * set.leading
    if (line) sheet.line(line, at.x - line.width / 2, top, set)
  })
  doc.restore()
}

/** Before and after side by side, or the one there is. */
export function setPair(
  sheet: TaggedSheet,
  name: string,
  both: readonly (readonly [caption: string, picture: SetPicture | undefined])[],
): void {
  const there = both.flatMap(([caption, picture]) => (picture ? [{ caption, picture }] : []))
  if (there.length === 0) return
  const gutter = 10
  const wide = (sheet.width - gutter * (there.length - 1)) / there.length
  const sizes = there.map(({ picture }) => {
    const scale = Math.min(wide / picture.widthPx, PICTURE_HIGH / picture.heightPx)
    return { width: picture.widthPx * scale, height: picture.heightPx * scale }
  })
  const tall = Math.max(...sizes.map((s) => s.height))
  sheet.room(tall + HEADING.leading + SMALL.leading + 16)
  sheet.gap(6)
  sheet.paragraph([{ text: name }], HEADING, { type: 'H3' })
  sheet.gap(4)
  const top = sheet.y
  there.forEach(({ caption, picture }, i) => {
    const x = sheet.left + i * (wide + gutter)
    sheet.within(
      'Figure',
      () =>
        sheet.marked('Figure', () => {
          sheet.doc.image(picture.bytes, x, top, sizes[i] ?? {})
        }),
      { alt: `${caption}: ${name}` },
    )
    sheet.within('Caption', () => {
      const line = sheet.lines([{ text: caption }], wide, SMALL)[0]
      if (line) sheet.marked('Caption', () => sheet.line(line, x, top + tall + 3, SMALL))
    })
  })
  sheet.y = top + tall + SMALL.leading + 10
}
