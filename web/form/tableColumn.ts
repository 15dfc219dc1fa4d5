import type { Choices } from './choices.js'
import type { FieldKind } from './fieldText.js'

/** A column of a list that is read. */
export interface ListColumn {
  /** Its name after `cell-`. */
  readonly id: string
  readonly head: string
  /** The head is read out only. */
  readonly quietHead?: boolean
  readonly figure?: boolean
}

/** A column of a table of rows: a field, or what a page draws itself. */
export interface TableColumn<R> extends ListColumn {
  readonly kind?: FieldKind
  readonly choices?: Choices
  /** Said of a cell to a screen reader; otherwise the head and the name of the row. */
  readonly label?: (row: R, index: number) => string
  /** Said beside the field although its value is kept. */
  readonly warning?: (row: R) => string | undefined
}
