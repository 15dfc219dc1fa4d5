import type { BookTable } from '@bonitas/core/job/handover/book/book'
import { CELL, CELL_HEAD, HEADING } from '../pdf/setting.js'
import { type Line, type TaggedSheet } from '../pdf/taggedSheet.js'

const PAD = 3.5
const GUTTER = 10

/** Sets a table: its head again on each page it goes on to, a row kept together where a page can hold it. */
export function setTable(sheet: TaggedSheet, table: BookTable): void {
  const { doc } = sheet
  const whole = table.widths.reduce((sum, w) => sum + w, 0)
  const free = sheet.width - GUTTER * (table.widths.length - 1)
  const widths = table.widths.map((w) => (free * w) / whole)
  const lefts = widths.map((_w, i) => sheet.left + widths.slice(0, i).reduce((sum, w) => sum + w + GUTTER, 0))
  const figures = new Set(table.figures)
  const linesOf = (cells: readonly string[], set: typeof CELL) =>
    cells.map((c, i) => sheet.lines([{ text: c }], widths[i] ?? free, set))
  const heightOf = (cells: readonly (readonly Line[])[]) =>
    Math.max(...cells.map((c) => c.length), 1) * CELL.leading + 2 * PAD

  /** One line of all its cells after the other, so that a row longer than a page goes on to the next. */
  const setRow = (cells: readonly (readonly Line[])[], type: 'TH' | 'TD'): void => {
    const set = type === 'TH' ? CELL_HEAD : CELL
    const most = Math.max(...cells.map((c) => c.length), 1)
    sheet.within('TR', () => {
      const tops: { readonly page: number; readonly y: number }[] = []
      sheet.gap(PAD)
      for (let n = 0; n < most; n++) {
        sheet.room(CELL.leading)
        tops.push({ page: doc.bufferedPageRange().count - 1, y: sheet.y })
        sheet.y += CELL.leading
      }
      const { page: last } = tops.at(-1) ?? { page: 0 }
      cells.forEach((lines, i) => {
        sheet.within(
          type,
          () =>
            lines.forEach((line, n) => {
              const at = tops[n]
              if (!at || line.words.length === 0) return
              doc.switchToPage(at.page)
              const right = figures.has(i) ? (widths[i] ?? 0) - line.width : 0
              sheet.marked(type, () => sheet.line(line, (lefts[i] ?? 0) + right, at.y, set))
            }),
          type === 'TH' ? ({ scope: 'Column' } as object) : {},
        )
      })
      doc.switchToPage(last)
      sheet.gap(PAD)
    })
  }

  const head = linesOf(table.head, CELL_HEAD)
  const rows = table.rows.map((row) => linesOf(row, CELL))
  const first = rows[0]
  sheet.room(HEADING.leading + 6 + heightOf(head) + (first ? Math.min(heightOf(first), 200) : 0))
  sheet.gap(8)
  sheet.paragraph([{ text: table.name }], HEADING, { type: 'H3' })
  sheet.gap(2)
  sheet.within('Table', () => {
    sheet.rule(1)
    setRow(head, 'TH')
    sheet.rule()
    for (const row of rows) {
      const tall = heightOf(row)
      // A row that no page can hold begins where it stands.
      if (tall < sheet.bottom - sheet.top - heightOf(head)) sheet.room(tall)
      if (sheet.y === sheet.top) {
        sheet.artifact(() =>
          head.forEach((lines, i) =>
            lines.forEach((line, n) =>
              sheet.line(line, lefts[i] ?? 0, sheet.y + PAD + n * CELL_HEAD.leading, CELL_HEAD),
            ),
          ),
        )
        sheet.gap(heightOf(head))
        sheet.rule()
      }
      setRow(row, 'TD')
      sheet.rule(0.25)
    }
  })
  sheet.gap(8)
}
