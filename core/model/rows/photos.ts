import { choice, note, subject, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { PHOTO_KINDS } from '../vocabulary/photo.js'

/** What is said about a photo; the picture itself is kept beside it. */
export const photos = defineRow({
  name: 'photos',
  table: 'photo',
  stage: 'brief',
  singular: 'a photo',
  order: ['position', 'id'],
  fields: {
    kind: choice('Kind', PHOTO_KINDS),
    note: note('Note', 400),
    /** For a before picture where it was taken: `wall:` or `corner:` and the id of a wall; for a paper or a damage what it belongs to: `receipt:` or `claim:` and its id, for one of the work `task:`. */
    subject: subject('Standpoint'),
    position: whole('Position', 0, 100_000, 'places').starts(0),
    widthPx: whole('Width', 1, 20_000, 'pixels'),
    heightPx: whole('Height', 1, 20_000, 'pixels'),
    /** Pages of a PDF; 0 for a picture. */
    pages: whole('Pages', 0, 2_000, 'pages').starts(0),
  },
})
export type Photo = RowOf<typeof photos.fields>
