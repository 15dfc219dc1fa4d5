import { choice, mm, note } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { NEED_KEYS } from '../vocabulary/need.js'

/** A number the job sets for itself in the place of the customary one. */
export const houseRules = defineRow({
  name: 'houseRules',
  table: 'house_rule',
  stage: 'plan',
  singular: 'a house rule',
  order: ['need'],
  fields: {
    need: choice('Rule', NEED_KEYS),
    mm: mm('Set to', 0, 20_000),
    why: note('Why', 200),
  },
})
export type HouseRule = RowOf<typeof houseRules.fields>
