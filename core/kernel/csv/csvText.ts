import Papa from 'papaparse'

/** What a spreadsheet would run as a formula; a number with its sign is none. */
const FORMULA = /^[=+\-@\t\r](?!\d+(\.\d+)?$)/

/** Rows as CSV (RFC 4180). A cell that a spreadsheet would run is kept a word: whoever opens the file runs nothing. */
export const csvText = (rows: readonly (readonly (string | number | null)[])[]): string =>
  Papa.unparse(rows as (string | number | null)[][], { newline: '\r\n', escapeFormulae: FORMULA })
