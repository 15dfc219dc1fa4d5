import { choice, choices, day, findingKey, flag, note, real, ref, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { STEPS } from '../vocabulary/install.js'

/** By which word a task names the rows it follows from. */
export const TASK_ROWS = {
  finish: 'finishes',
  piece: 'pieces',
  item: 'items',
  wall: 'walls',
  part: 'parts',
  opening: 'openings',
  takeoff: 'takeoffs',
  work: 'works',
  assignment: 'finishAssignments',
  loan: 'loans',
} as const

/**
 * What a person says of a task of the plan: one that follows from the room and is changed, kept out or done, or one of their
 * own. What is null follows from the room.
 */
export const tasks = defineRow({
  name: 'tasks',
  table: 'task',
  stage: 'install',
  singular: 'a task',
  order: ['id'],
  fields: {
    /** The task of the room it speaks of, `coat|surface|finish:id|1`; `own` for one that no row asks for. */
    key: findingKey('Task', TASK_ROWS),
    name: note('Task', 120),
    /** Where one's own stands in the order of work. */
    step: choice('Step', STEPS).orNone(),
    /** Of one's own: at one wall; anywhere in the room when null. */
    wallId: ref('walls', 'Wall', 'clear').orNone(),
    elsewhere: flag('Not in the room').starts(false),
    crewId: ref('crew', 'Who', 'clear').orNone(),
    minutes: whole('Most likely', 0, 100_000, 'minutes').orNone(),
    bestMinutes: whole('At best', 0, 100_000, 'minutes').orNone(),
    worstMinutes: whole('At worst', 0, 100_000, 'minutes').orNone(),
    hands: whole('Hands', 1, 12, 'people').orNone(),
    /** Not before this day; on this very day when it is agreed with somebody. */
    onDay: day('Day').orNone(),
    agreed: flag('Agreed with others').starts(false),
    /** Before the next step on the same surface. */
    dryHours: real('Dries', 0, 2_000).orNone(),
    /** Steps that are not done while this is done, whoever does them and wherever. */
    notWhile: choices('Not while', STEPS, { each: 'Step' }),
    leftOut: flag('Left out').starts(false),
    doneOn: day('Done on').orNone(),
    spentMinutes: whole('Took', 0, 100_000, 'minutes').orNone(),
    note: note('Note', 400),
    /** What was answered to what must be asked before it is begun, by whom and when. */
    answer: note('Answer', 200),
    answeredBy: note('Answered by', 120),
    answeredOn: day('Answered on').orNone(),
  },
})
export type TaskRow = RowOf<typeof tasks.fields>
