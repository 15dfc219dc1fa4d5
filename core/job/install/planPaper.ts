import { addDays } from '../../kernel/units/days.js'
import { formatterOf, type Formatter } from '../../kernel/units/formatter.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { WEEKDAYS, type Skill } from '../../model/vocabulary/install.js'
import type { InstallFacts } from '../../stages/install/installFacts.js'
import { weekdayOf } from '../../stages/install/crewTime.js'
import type { PlannedTask } from '../../stages/install/workPlan.js'
import type { Cell, Paper, PaperTable } from '../papers.js'

const byStart = (x: PlannedTask, y: PlannedTask): number =>
  x.start.day === y.start.day ? x.start.minute - y.start.minute : x.start.day < y.start.day ? -1 : 1

/**
 * The plan of the work as a paper: what comes, and what is done, by days; without a price.
 * @param only tasks of one trade, or of one person, a sheet for who does them; and each week once more on a page of its own
 */
export function planPaper(
  job: JobSnapshot,
  facts: InstallFacts,
  only: { readonly skill?: Skill; readonly crewId?: string; readonly byWeek?: boolean } = {},
): Omit<Paper, 'name'> {
  const says = formatterOf(job.studio)
  const when = (t: PlannedTask['start']) =>
    `${says.day(t.day, facts.today)} ${says.clock(5 * Math.round(t.minute / 5))}`
  const tasks = facts.plan.tasks
    .filter((t) => only.skill === undefined || t.task.skill === only.skill)
    .filter((t) => only.crewId === undefined || t.worker.id === only.crewId)
    .sort(byStart)
  const whole = only.skill === undefined && only.crewId === undefined
  const table: PaperTable = {
    title: 'The work',
    total: undefined,
    head: ['Day', 'Begins', 'Ends', 'Task', 'Who', 'Work', 'Done'],
    rows: tasks.map((t): Cell[] => [
      ...(t.unplaced ? ['', 'no day', ''] : [weekdayOf(t.start.day), when(t.start), when(t.finish)]),
      t.task.name,
      t.worker.name,
      says.duration(t.task.estimate.likely),
      t.task.doneOn === null ? '' : { on: t.task.doneOn },
    ]),
  }
  const notes: PaperTable = {
    title: 'Before you begin',
    total: undefined,
    head: ['Task', 'Asked first', 'Mind', 'First step'],
    rows: tasks
      .filter((t) => t.task.asks !== undefined || t.task.caution !== undefined || t.task.first !== undefined)
      .map((t): Cell[] => [t.task.name, t.task.asks ?? '', t.task.caution ?? '', t.task.first ?? '']),
  }
  const arrivals: PaperTable = {
    title: 'What comes',
    total: undefined,
    head: ['What', 'From', 'Day', 'Needed', 'Order by'],
    rows: facts.plan.arrivals.map((a): Cell[] => [
      a.arrival.name,
      a.arrival.supplierName,
      a.arrival.on === null ? 'no day known' : { on: a.arrival.on },
      { on: a.neededOn },
      orderBy(facts, a.arrival.key),
    ]),
  }
  return {
    title: whole ? 'Plan of the work' : `Sheet: ${only.skill ?? tasks[0]?.worker.name ?? ''}`,
    tables: [
      ...(whole && arrivals.rows.length > 0 ? [arrivals] : []),
      table,
      ...(notes.rows.length > 0 ? [notes] : []),
      ...(only.byWeek ? weekTables(facts, tasks, whole, says) : []),
    ],
    says: `Follow the maker’s instructions and local code; licensed trades do what is theirs. As of ${says.day(facts.today)}.`,
  }
}

/** Each week on a page of its own, to hang up at the room: what is done on which day, and what comes. */
function weekTables(
  facts: InstallFacts,
  tasks: readonly PlannedTask[],
  whole: boolean,
  says: Formatter,
): PaperTable[] {
  const open = tasks.filter((t) => !t.unplaced && t.task.doneOn === null)
  const comes = whole ? facts.plan.arrivals.filter((a) => a.arrival.on !== null) : []
  const days = [...open.flatMap((t) => [t.start.day, t.finish.day]), ...comes.map((a) => a.arrival.on ?? '')]
  const mondays = [...new Set(days.map(mondayOf))].sort()
  return mondays.map((monday): PaperTable => {
    const sunday = addDays(monday, 6)
    const entries = [
      ...open
        .filter((t) => t.start.day <= sunday && t.finish.day >= monday)
        .map((t) => {
          const on = t.start.day < monday ? monday : t.start.day
          const time = t.start.day < monday ? '' : says.clock(5 * Math.round(t.start.minute / 5))
          return {
            on,
            minute: t.start.day < monday ? 0 : t.start.minute,
            cells: [time, t.task.name, t.worker.name],
          }
        }),
      ...comes
        .filter(({ arrival: a }) => a.on !== null && a.on >= monday && a.on <= sunday)
        .map(({ arrival: a }) => ({
          ...{ on: a.on ?? '', minute: -1 },
          cells: ['', `${a.name} comes`, a.supplierName],
        })),
    ].sort((x, y) => (x.on === y.on ? x.minute - y.minute : x.on < y.on ? -1 : 1))
    return {
      ...{ title: `Week of ${says.day(monday, facts.today)}`, total: undefined, newPage: true },
      head: ['Day', 'From', 'What', 'Who'],
      rows: entries.map((e): Cell[] => [`${weekdayOf(e.on)} ${says.day(e.on, facts.today)}`, ...e.cells]),
    }
  })
}

const mondayOf = (day: string): string => addDays(day, -WEEKDAYS.indexOf(weekdayOf(day)))

function orderBy(facts: InstallFacts, key: string): Cell {
  const last = facts.lastOrders.find((o) => o.arrival.arrival.key === key)
  return last ? { on: last.orderBy } : ''
}
