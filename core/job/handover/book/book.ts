import type { PlanDrawing } from '../../../kernel/geometry/drawing.js'
import type { RichText } from '../../../model/richText.js'
import type { BookSection } from '../../../model/vocabulary/handover.js'

/** One finish of the palette as the book shows it. */
export interface BookTile {
  readonly name: string
  readonly hex: string
  /** Visible area over all visible area, 0 to 1. */
  readonly share: number
  /** Code, material and sheen, what there is of them. */
  readonly about: string
  readonly where: string
}

/** A table of the book: every row as many cells as its head. */
export interface BookTable {
  readonly name: string
  readonly head: readonly string[]
  readonly rows: readonly (readonly string[])[]
  /** Widths of the columns as parts of the whole. */
  readonly widths: readonly number[]
  /** Columns whose figures stand to the right. */
  readonly figures?: readonly number[]
}

/** What a chapter is made of, whatever it is set as: on paper, on screen, in files. */
export type BookBlock =
  | { readonly kind: 'words'; readonly words: RichText }
  | { readonly kind: 'says'; readonly text: string }
  | { readonly kind: 'caution'; readonly text: string }
  | { readonly kind: 'facts'; readonly facts: readonly (readonly [name: string, value: string])[] }
  | ({ readonly kind: 'table' } & BookTable)
  | { readonly kind: 'palette'; readonly tiles: readonly BookTile[] }
  | {
      readonly kind: 'drawing'
      readonly name: string
      readonly drawing: PlanDrawing
      /** What is drawn, for who does not see it. */
      readonly says: string
    }
  | {
      readonly kind: 'pair'
      readonly name: string
      readonly beforeId: string | undefined
      readonly afterId: string | undefined
    }

export interface BookChapter {
  readonly section: BookSection
  readonly title: string
  readonly blocks: readonly BookBlock[]
}

/** What the client keeps: made from the job, set as a PDF, as files, and on screen. */
export interface Book {
  readonly title: string
  /** Client, place and day. */
  readonly subtitle: readonly string[]
  readonly studio: string
  readonly coverId: string | undefined
  readonly chapters: readonly BookChapter[]
}
