import { choices, clock, note, text, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { MONDAY_TO_FRIDAY, SKILLS, WEEKDAYS } from '../vocabulary/install.js'

/** Somebody who works at the room: the studio, a trade, two carriers. */
export const crew = defineRow({
  name: 'crew',
  table: 'crew',
  stage: 'install',
  singular: 'somebody who works',
  order: ['position', 'id'],
  fields: {
    position: whole('Position', 0, 10_000, 'places').starts(0),
    name: text('Name', 60),
    skills: choices('Can do', SKILLS),
    /** How many they are. */
    hands: whole('People', 1, 12, 'people').starts(1),
    weekdays: choices('Works on', WEEKDAYS, { each: 'Day' }).starts([...MONDAY_TO_FRIDAY]),
    from: clock('Begins').starts(8 * 60),
    until: clock('Ends').starts(16 * 60),
    note: note('Reached at', 120),
  },
})
export type Crew = RowOf<typeof crew.fields>
