import { choice, day, note, ref, surfaceOrNone } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { CHANGES } from '../vocabulary/change.js'

/** What a landlord allowed, as narrowly as the letter says it. */
export const consents = defineRow({
  name: 'consents',
  table: 'consent',
  stage: 'brief',
  singular: 'a consent',
  order: ['on', 'id'],
  fields: {
    on: day('Date of the letter'),
    change: choice('Allows', CHANGES),
    /** The surface it names; empty when the letter says anywhere. */
    surface: surfaceOrNone('Where', 'refuse'),
    /** Colors it names: any, white and grey, or exactly one finish. */
    colors: choice('Colors', ['any color', 'white or grey', 'one finish'] as const),
    finishId: ref('finishes', 'Finish', 'refuse', { along: 'remove' }).orNone(),
    /** One thing it names, when it is not about a surface. */
    itemId: ref('items', 'Item', 'refuse', { along: 'remove' }).orNone(),
    photoId: ref('photos', 'Photo of the letter', 'clear').orNone(),
    words: note('In its words', 400),
  },
})
export type Consent = RowOf<typeof consents.fields>
