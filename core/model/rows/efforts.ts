import { choice, flag, real } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { TASKS } from '../vocabulary/making.js'

/** How a kind of work is reckoned in this job, where it differs from what is usual. */
export const efforts = defineRow({
  name: 'efforts',
  table: 'effort',
  stage: 'takeoff',
  singular: 'an effort',
  order: ['task', 'id'],
  fields: {
    task: choice('Work', TASKS),
    /** For one of its unit: a square meter, a meter, a piece. Null for what is usual. */
    minutes: real('Minutes for one', 0, 10_000).orNone(),
    /** Done by others, or not at all. */
    leftOut: flag('Left out').starts(false),
  },
})
export type Effort = RowOf<typeof efforts.fields>
