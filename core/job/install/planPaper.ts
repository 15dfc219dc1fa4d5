import { formatterOf } from '../../kernel/units/formatter.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import type { Skill } from '../../model/vocabulary/install.js'
import type { InstallFacts } from '../../stages/install/installFacts.js'
import { weekdayOf } from '../../stages/install/crewTime.js'
import type { PlannedTask } from '../../stages/install/workPlan.js'
import type { Cell, Paper, PaperTable } from '../papers.js'

const byStart = (x: PlannedTask, y: PlannedTask): number =>
  x.start.day === y.start.day ? x.start.minute - y.start.minute : x.start.day < y.start.day ? -1 : 1

/**
 * The plan of the work as a paper: what comes, and what is done, by days; without a price.
 * @param only tasks of one trade, or of one person; a sheet for who does them
 */
export function planPaper(
  job: JobSnapshot,
  facts: InstallFacts,
  only: { readonly skill?: Skill; readonly crewId?: string } = {},
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
    ],
    says: `Follow the maker’s instructions and local code; licensed trades do what is theirs. As of ${says.day(facts.today)}.`,
  }
}

function orderBy(facts: InstallFacts, key: string): Cell {
  const last = facts.lastOrders.find((o) => o.arrival.arrival.key === key)
  return last ? { on: last.orderBy } : ''
}
