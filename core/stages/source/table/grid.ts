import type { UnitSystem } from '../../../kernel/units/length.js'
import type { TableField } from './columns.js'

/** A sheet as rows of cells; a cell is text, a number, or nothing. */
export type Grid = readonly (readonly (string | number | boolean | Date | null | undefined)[])[]

/** What is known of a list before it is read. */
export interface TableWish {
  /** Currency of prices that name none. */
  readonly currency: string
  readonly system: UnitSystem
  /** Meaning of headers as remembered from the supplier's last list, by header in small letters. */
  readonly remembered?: ReadonlyMap<string, string>
  /** Meaning of columns as the person set them, by index. */
  readonly set?: ReadonlyMap<number, TableField | undefined>
}

/** A cell's text, blanks made single; a date as yyyy-mm-dd. */
export const text = (cell: Grid[number][number]): string =>
  cell == null
    ? ''
    : cell instanceof Date
      ? cell.toISOString().slice(0, 10)
      : String(cell).replace(/\s+/g, ' ').trim()
