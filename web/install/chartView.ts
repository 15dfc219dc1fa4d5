import { addDays, daysBetween } from '@bonitas/core/kernel/units/days'
import { capital } from '@bonitas/core/kernel/capital'
import type { Closure } from '@bonitas/core/model/rows/closures'
import { daysOff, weekdayOf } from '@bonitas/core/stages/install/crewTime'
import type { Moment, PlannedTask } from '@bonitas/core/stages/install/workPlan'
import type { InstallView } from '../job/install.worker.js'

/** One stretch of work on a row, in parts of the whole width from 0 to 100. */
export interface Bar {
  readonly key: string
  readonly from: number
  readonly width: number
  readonly state: 'done' | 'nothing to spare' | 'some to spare'
  /** The latest it may end, where it may slip by what can be seen. */
  readonly latest: number | undefined
  /** Until it is dry, or hard. */
  readonly dry: number | undefined
  /** Agreed with others for its day. */
  readonly agreed: boolean
}
export interface ChartRow {
  readonly id: string
  readonly name: string
  readonly tasks: readonly PlannedTask[]
  readonly bars: readonly Bar[]
}
export interface ChartGroup {
  readonly id: string
  readonly name: string
  readonly rows: readonly ChartRow[]
}
/** A stretch of the ground: a weekend, or days off with their name. */
export interface Band {
  readonly from: number
  readonly width: number
  readonly what: string
}
export interface Chart {
  readonly firstDay: string
  readonly days: number
  readonly weeks: readonly { readonly at: number; readonly day: string }[]
  readonly weekends: readonly Band[]
  readonly closed: readonly Band[]
  readonly groups: readonly ChartGroup[]
  readonly at: (moment: Moment) => number
}

/** Of a day the hours from seven to seven are drawn: work takes up most of its width. */
const [DAY_FROM, DAY_UNTIL] = [7 * 60, 19 * 60]

export function chartView(
  view: Pick<InstallView, 'tasks' | 'arrivals' | 'readyOn'>,
  more: {
    readonly today: string
    readonly closures: readonly Closure[]
    readonly until: readonly (string | null)[]
  },
): Chart {
  const days = [
    more.today,
    ...view.tasks.filter((t) => !t.unplaced).flatMap((t) => [t.start.day, t.finish.day]),
    ...view.arrivals.flatMap((a) => (a.arrival.on === null ? [] : [a.arrival.on])),
    ...more.until.filter((d) => d !== null),
  ].sort()
  const firstDay = days[0] ?? more.today
  const lastDay = addDays(days.at(-1) ?? firstDay, 2)
  const count = daysBetween(firstDay, lastDay) + 1
  const at = ({ day, minute }: Moment): number => {
    const inDay = Math.min(1, Math.max(0, (minute - DAY_FROM) / (DAY_UNTIL - DAY_FROM)))
    return Math.min(100, Math.max(0, (100 * (daysBetween(firstDay, day) + inDay)) / count))
  }
  const all = Array.from({ length: count }, (_, n) => addDays(firstDay, n))
  const band = (day: string, what: string): Band => ({
    from: (100 * daysBetween(firstDay, day)) / count,
    width: 100 / count,
    what,
  })
  return {
    ...{ firstDay, days: count, at },
    weeks: all
      .filter((day) => weekdayOf(day) === 'Monday')
      .map((day) => ({ day, at: (100 * daysBetween(firstDay, day)) / count })),
    weekends: all
      .filter((day) => weekdayOf(day) === 'Saturday' || weekdayOf(day) === 'Sunday')
      .map((day) => band(day, '')),
    closed: all.flatMap((day) =>
      daysOff(more.closures, day, null)
        .map((c) => band(day, c.what))
        .slice(0, 1),
    ),
    groups: groupsOf(view.tasks, at),
  }
}

/** Who works, in the order in which they come, each with the rows of their work. */
function groupsOf(tasks: readonly PlannedTask[], at: Chart['at']): ChartGroup[] {
  const order = [...tasks].sort((x, y) => at(x.start) - at(y.start))
  const groups = new Map<string, Map<string, PlannedTask[]>>()
  for (const t of order) {
    const who = t.worker.id ?? ''
    const rows = groups.get(who) ?? new Map<string, PlannedTask[]>()
    const id = rowOf(t)
    rows.set(id, [...(rows.get(id) ?? []), t])
    groups.set(who, rows)
  }
  return [...groups].map(([id, rows]) => ({
    id,
    name: order.find((t) => (t.worker.id ?? '') === id)?.worker.name ?? '',
    rows: [...rows].map(([rowId, list]) => ({
      id: `${id} ${rowId}`,
      name: rowName(list),
      tasks: list,
      bars: list.filter((t) => !t.unplaced).map((t) => barOf(t, at)),
    })),
  }))
}

/** Steps of which many small tasks are one row. */
const TOGETHER: ReadonlySet<string> = new Set([
  'furnish',
  'fit',
  'connect',
  'hang',
  'take off',
  'put back on',
])

function rowOf({ task }: PlannedTask): string {
  if (task.step === 'coat') return task.key.split('|').slice(0, 3).join('|')
  return TOGETHER.has(task.step) && !task.key.startsWith('own') ? task.step : task.key
}

function rowName(list: readonly PlannedTask[]): string {
  const [first] = list
  if (!first) return ''
  if (list.length === 1) return first.task.name
  if (first.task.step === 'coat')
    return `${first.task.name.replace(/: coat \d+ of \d+$/, '')}, ${list.length} coats`
  return `${capital(first.task.step)}: ${list.length}`
}

function barOf(t: PlannedTask, at: Chart['at']): Bar {
  const [from, until] = [at(t.start), at(t.finish)]
  const latest = at(t.latestStart) + until - from
  const dryOn = t.hardOn ?? t.dryOn
  const dry = dryOn === undefined ? undefined : at({ day: dryOn, minute: DAY_UNTIL })
  const done = t.task.doneOn !== null
  return {
    ...{ key: t.task.key, from, width: until - from, agreed: t.task.agreed },
    state: done ? 'done' : t.critical ? 'nothing to spare' : 'some to spare',
    latest: !done && !t.critical && latest > until ? Math.min(100, latest) : undefined,
    dry: dry !== undefined && dry > until ? dry : undefined,
  }
}
