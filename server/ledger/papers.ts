import ical from 'ical-generator'
import { csvText } from '@bonitas/core/kernel/csv/csvText'
import { currencyDigits, minorToDecimal } from '@bonitas/core/kernel/money/currency'
import type { DerivedJob } from '@bonitas/core/job/derive'
import type { DerivedOrder } from '@bonitas/core/job/deriveLedger'
import { ledgerDates } from '@bonitas/core/job/ledgerTables'
import type { Cell, Paper, PaperTable } from '@bonitas/core/job/papers'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { makePdf, type PdfDocument } from '../pdf/makePdf.js'
import { formatterOf } from '@bonitas/core/kernel/units/formatter'

type Content = Extract<PdfDocument['content'], unknown[]>
const isMoney = (cell: Cell): cell is { readonly minor: number } =>
  typeof cell === 'object' && cell !== null && 'minor' in cell
const isOn = (cell: Cell): cell is { readonly on: string } =>
  typeof cell === 'object' && cell !== null && 'on' in cell

/** The rows of a table, its total among them. */
const allRows = (table: PaperTable) => [...table.rows, ...(table.total ? [table.total] : [])]

/** A paper as PDF, its wide tables across the sheet. */
export function paperPdf(paper: Omit<Paper, 'name'>, job: JobSnapshot): Promise<Buffer> {
  const text = (cell: Cell) =>
    cell === null
      ? ''
      : isMoney(cell)
        ? formatterOf(job.studio).moneyColumn(cell.minor)
        : isOn(cell)
          ? formatterOf(job.studio).day(cell.on)
          : String(cell)
  const wide = Math.max(...paper.tables.map((t) => t.head.length)) > 10
  const content: Content = [
    { text: paper.title, fontSize: 16, bold: true },
    {
      text: [job.brief.roomName, job.client.name, job.brief.place].filter(Boolean).join(', '),
      margin: [0, 2, 0, 2],
    },
    { text: `${job.studio.name}. ${paper.says}`, margin: [0, 0, 0, 10], color: '#444444' },
    ...paper.tables.flatMap((table): Content => {
      const line = (cells: readonly Cell[], bold = false) =>
        cells.map((c) => ({
          text: text(c),
          bold,
          alignment: isMoney(c) || typeof c === 'number' ? ('right' as const) : ('left' as const),
        }))
      const figures = table.head.map((_h, i) =>
        allRows(table).some((r) => isMoney(r[i] ?? null) || typeof r[i] === 'number'),
      )
      return [
        {
          ...{ text: table.title, bold: true, fontSize: 11, margin: [0, 8, 0, 4] },
          ...(table.newPage ? { pageBreak: 'before' as const } : {}),
        },
        table.rows.length === 0
          ? { text: 'Nothing yet.' }
          : {
              layout: 'lightHorizontalLines',
              fontSize: wide ? 7 : 9,
              table: {
                headerRows: 1,
                widths: table.head.map((_h, i) => (figures[i] ? 'auto' : '*')),
                body: [
                  table.head.map((h, i) => ({
                    text: h,
                    bold: true,
                    alignment: figures[i] ? ('right' as const) : ('left' as const),
                  })),
                  ...table.rows.map((r) => line(r)),
                  ...(table.total ? [line(table.total, true)] : []),
                ],
              },
            },
      ]
    }),
  ]
  return makePdf({
    pageSize: job.studio.paper,
    pageOrientation: wide ? 'landscape' : 'portrait',
    pageMargins: 36,
    info: { title: `${job.brief.roomName}, ${paper.title.toLowerCase()}` },
    content,
  })
}

/** A paper as a workbook: a sheet for each table, money as numbers, totals as the sums they are. */
export async function paperXlsx(paper: Omit<Paper, 'name'>, job: JobSnapshot): Promise<Buffer> {
  const { currency } = job.studio
  const digits = currencyDigits(currency)
  // Read when a workbook is asked for: it takes longer than a start of the program may.
  const { default: exceljs } = await import('exceljs')
  const book = new exceljs.Workbook()
  book.creator = job.studio.name
  for (const table of paper.tables) {
    const sheet = book.addWorksheet(table.title.slice(0, 31), { views: [{ state: 'frozen', ySplit: 1 }] })
    const value = (c: Cell) => (isMoney(c) ? Number(minorToDecimal(c.minor, currency)) : isOn(c) ? c.on : c)
    sheet.addRow([...table.head]).font = { bold: true }
    for (const row of table.rows) sheet.addRow(row.map(value))
    if (table.total) {
      const last = table.rows.length + 1
      const cells = table.total.map((c, i) => {
        const column = sheet.getColumn(i + 1).letter
        return isMoney(c) && table.rows.some((r) => isMoney(r[i] ?? null)) && last > 1
          ? { formula: `SUM(${column}2:${column}${last})`, result: value(c) as number }
          : value(c)
      })
      sheet.addRow(cells).font = { bold: true }
    }
    table.head.forEach((h, i) => {
      const column = sheet.getColumn(i + 1)
      const cells = allRows(table).map((r) => r[i] ?? null)
      if (cells.some(isMoney)) column.numFmt = digits > 0 ? `#,##0.${'0'.repeat(digits)}` : '#,##0'
      column.width = Math.min(
        48,
        Math.max(10, h.length + 2, ...cells.map((c) => (typeof c === 'string' ? c.length + 2 : 10))),
      )
    })
  }
  return Buffer.from(await book.xlsx.writeBuffer())
}

/** A paper as CSV: its tables under each other, parted by an empty line; money as plain decimals. */
export function paperCsv(paper: Omit<Paper, 'name'>, job: JobSnapshot): string {
  const value = (c: Cell) => (isMoney(c) ? minorToDecimal(c.minor, job.studio.currency) : isOn(c) ? c.on : c)
  return paper.tables
    .map((table) => csvText([[table.title], table.head, ...allRows(table).map((r) => r.map(value))]))
    .join('\r\n\r\n')
}

/** Return deadlines, payments and deliveries as a calendar (RFC 5545): whole days, with a reminder two days before. */
export function ledgerCalendar(job: JobSnapshot, derived: DerivedJob, today: string): string {
  const calendar = ical({
    name: `${job.brief.roomName}: money and deliveries`,
    prodId: { company: 'Bonitas', product: 'Ledger', language: 'EN' },
  })
  const words = {
    'return by': 'Last day to send back',
    pay: 'To pay',
    expected: 'Expected',
    lapses: 'Lapses',
    'refund due': 'Refund should be here',
    'give back': 'To give back',
    'answer due': 'Answer to the claim due',
    'order by': 'Last day to order',
  }
  for (const d of ledgerDates(job, derived, today)) {
    const amount =
      d.amountMinor === undefined ? '' : `, ${formatterOf(job.studio).moneyColumn(d.amountMinor)}`
    calendar
      .createEvent({
        id: `${d.id}@${job.brief.id}`,
        start: new Date(`${d.on}T00:00:00Z`),
        allDay: true,
        timezone: 'UTC',
        summary: `${words[d.kind]}: ${d.what}${amount}`,
        description: `${job.brief.roomName}, ${job.client.name}`,
      })
      .createAlarm({ type: 'display' as never, trigger: 2 * 86_400 })
  }
  return calendar.toString()
}

/** One order, for the supplier: what is ordered, at the prices agreed, and where it is to go. */
export function orderPdf(job: JobSnapshot, { order, lines, expectedOn }: DerivedOrder): Promise<Buffer> {
  const { moneyColumn: money, day } = formatterOf(job.studio)
  const live = lines.filter((l) => l.state.orderedQuantity > 0)
  const total = live.reduce((s, l) => s + l.state.orderedMinor, 0)
  const tax = live.reduce((s, l) => s + l.line.taxMinor, 0)
  const terms = [
    expectedOn ? `Expected by ${day(expectedOn)}.` : '',
    order.depositMinor > 0
      ? `Deposit ${money(order.depositMinor)}${order.depositDueOn ? ` by ${day(order.depositDueOn)}` : ' with the order'}.`
      : '',
    order.balanceDueOn ? `Balance by ${day(order.balanceDueOn)}.` : '',
    'Please acknowledge with the day of delivery, and say at once what cannot be supplied as ordered.',
  ].filter(Boolean)
  const content: Content = [
    { text: `Order ${order.number}`, fontSize: 16, bold: true },
    {
      text: `${job.studio.name} to ${order.supplierName || 'the supplier'}, ${day(order.placedOn)}`,
      margin: [0, 2, 0, 10],
    },
    {
      text: `For ${job.brief.roomName}, ${[job.client.name, job.brief.place].filter(Boolean).join(', ')}`,
      margin: [0, 0, 0, 10],
    },
    {
      layout: 'lightHorizontalLines',
      table: {
        headerRows: 1,
        widths: ['*', '*', 'auto', 'auto'],
        body: [
          ['Item', 'What', 'Pieces', 'Amount'].map((text, i) => ({
            text,
            bold: true,
            alignment: i > 1 ? ('right' as const) : ('left' as const),
          })),
          ...live.map(({ line, state }) => [
            line.itemName,
            line.optionName,
            { text: String(line.quantity), alignment: 'right' as const },
            { text: money(state.orderedMinor), alignment: 'right' as const },
          ]),
          [
            { text: 'Total, tax inside', bold: true },
            { text: `of which tax ${money(tax)}`, color: '#444444' },
            '',
            { text: money(total), bold: true, alignment: 'right' as const },
          ],
        ],
      },
    },
    { ul: terms, margin: [0, 12, 0, 0] },
    ...(order.note ? [{ text: order.note, margin: [0, 8, 0, 0] as [number, number, number, number] }] : []),
  ]
  return makePdf({
    pageSize: job.studio.paper,
    pageMargins: 48,
    info: { title: `Order ${order.number}, ${job.brief.roomName}` },
    content,
  })
}
