import { choice, data } from '../field.js'
import { richTextSchema, type RichText } from '../richText.js'
import { defineRow, type RowOf } from '../row.js'
import { BOOK_SECTIONS } from '../vocabulary/handover.js'

/** The words a studio puts at the head of a part of the book, for this job. */
export const bookTexts = defineRow({
  name: 'bookTexts',
  table: 'book_text',
  stage: 'handover',
  singular: 'a text of the book',
  order: ['section', 'id'],
  fields: {
    section: choice('Part', BOOK_SECTIONS),
    body: data<RichText>('Words', richTextSchema).starts([]),
  },
})
export type BookText = RowOf<typeof bookTexts.fields>
