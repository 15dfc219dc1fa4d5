import type { Grid } from '@bonitas/core/stages/source/table/grid'

/** A list to read: its bytes and what kind of file it is. */
export interface ListAsk {
  readonly bytes: ArrayBuffer
  readonly name: string
}
export interface ListResult {
  readonly sheets: readonly { readonly name: string; readonly grid: Grid }[]
  readonly trouble?: string
}

const MOST_ROWS = 20_000

addEventListener('message', ({ data }: MessageEvent<ListAsk>) => {
  void read(data).then(
    (result) => postMessage(result),
    () =>
      postMessage({
        sheets: [],
        trouble: 'The file cannot be read. Save it again as XLSX or CSV and try that.',
      } satisfies ListResult),
  )
})

async function read({ bytes, name }: ListAsk): Promise<ListResult> {
  if (!/\.xlsx$/i.test(name)) {
    const { parse } = await import('papaparse')
    const text = new TextDecoder('utf-8').decode(bytes).replace(/^\ufeff/, '')
    // What parts the cells is guessed from the rows that hold some: empty lines would speak for none.
    const { delimiter } = parse(text, { preview: 100, skipEmptyLines: 'greedy' }).meta
    const { data } = parse<string[]>(text, { skipEmptyLines: false, delimiter })
    return { sheets: [{ name, grid: data.slice(0, MOST_ROWS) }] }
  }
  const { default: exceljs } = await import('exceljs')
  const book = new exceljs.Workbook()
  await book.xlsx.load(bytes)
  return {
    sheets: book.worksheets.map((sheet) => {
      const grid: (Grid[number] | undefined)[] = []
      sheet.eachRow({ includeEmpty: true }, (row, number) => {
        if (number > MOST_ROWS) return
        const cells: (string | number | boolean | Date | null)[] = []
        row.eachCell({ includeEmpty: true }, (cell, column) => {
          // A merged cell is told once, where it begins.
          cells[column - 1] = cell.isMerged && cell.master !== cell ? null : plain(cell.value, cell.numFmt)
        })
        grid[number - 1] = Array.from(cells, (c) => c ?? null)
      })
      return { name: sheet.name, grid: Array.from(grid, (r) => r ?? []) }
    }),
  }
}

/** A cell as text or number; a format that carries a currency or a unit is told with the number, as the sheet shows it. */
function plain(value: unknown, format: string | undefined): string | number | boolean | Date | null {
  if (value === null || value === undefined) return null
  if (typeof value === 'number') {
    const mark = /[€$£¥]|"(mm|cm|in|EUR|USD|GBP)"/.exec(format ?? '')
    return mark ? `${value} ${mark[1] ?? mark[0]}` : value
  }
  if (typeof value === 'string' || typeof value === 'boolean' || value instanceof Date) return value
  const rich = value as { richText?: { text: string }[]; result?: unknown; text?: unknown; error?: unknown }
  if (rich.richText) return rich.richText.map((r) => r.text).join('')
  if ('result' in rich) return plain(rich.result, format)
  if (typeof rich.text === 'string') return rich.text
  return null
}
