import { choice, choices, mm, note, text, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { PERSON_KINDS, MINDS } from '../vocabulary/person.js'

/** Someone who lives with the room. */
export const people = defineRow({
  name: 'people',
  table: 'person',
  stage: 'brief',
  singular: 'a person',
  order: ['position', 'id'],
  fields: {
    position: whole('Position', 0, 10_000, 'places'),
    name: text('Name', 60),
    kind: choice('Who', PERSON_KINDS),
    ageYears: whole('Age', 0, 120, 'years').orNone(),
    standingEyeMm: mm('Eye height, standing', 400, 2_200).orNone(),
    seatedEyeMm: mm('Eye height, seated', 300, 1_600).orNone(),
    minds: choices('To mind', MINDS),
    note: note('Note', 200),
  },
})
export type Person = RowOf<typeof people.fields>
