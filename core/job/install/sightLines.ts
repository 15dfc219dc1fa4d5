import { addDays } from '../../kernel/units/days.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import type { SightLine, SightLines } from '../../stages/install/installFacts.js'
import type { PlanTask } from '../../stages/install/planTask.js'
import { workPlan, type PlanInput, type WorkPlan } from '../../stages/install/workPlan.js'
import type { Step } from '../../model/vocabulary/install.js'

/** What is done to the room as a whole, when the rest is. */
const OF_THE_ROOM: ReadonlySet<Step> = new Set<Step>(['style', 'second look', 'photographs', 'snag list'])

/**
 * Where not all can be ready by the promised day: the sight lines that can be finished whole by then, what the client was promised
 * first and then the most work that fits, and those that wait. Undefined where all is ready, or there is no choice.
 */
export function sightLines(
  job: JobSnapshot,
  input: PlanInput,
  plan: WorkPlan,
  wallName: (id: string) => string,
): SightLines | undefined {
  const by = job.brief.installOn
  if (by === null || by < input.today || (plan.readyOn !== undefined && plan.readyOn <= by)) return undefined
  const groups = groupsOf(job, input.tasks, wallName)
  if (groups.length < 2) return undefined
  // As it is when all other views are put off until after that day.
  const after = addDays(by, 1)
  const all = new Set(groups.flatMap((g) => g.tasks))
  const fits = (lines: readonly SightLine[]) => {
    const now = new Set(lines.flatMap((l) => l.tasks))
    const tasks = input.tasks.map((t) =>
      all.has(t) && !now.has(t) && !t.agreed
        ? { ...t, putOff: true, onDay: t.onDay !== null && t.onDay > after ? t.onDay : after }
        : t,
    )
    const keys = new Set([...now].map((t) => t.key))
    return workPlan({ ...input, tasks }).tasks.every(
      (t) => !keys.has(t.task.key) || (!t.unplaced && t.finish.day <= by),
    )
  }
  const first: SightLine[] = []
  for (const group of groups) if (fits([...first, group])) first.push(group)
  const later = groups.filter((g) => !first.includes(g))
  return first.length === 0 || later.length === 0 ? undefined : { by, first, later }
}

/** Open tasks by what one sees at once: a focal point, else the wall they are done at. */
function groupsOf(
  job: JobSnapshot,
  tasks: readonly PlanTask[],
  wallName: (id: string) => string,
): SightLine[] {
  const groups = new Map<string, { name: string; rank: number; tasks: PlanTask[] }>()
  for (const task of tasks) {
    if (task.doneOn !== null || task.elsewhere || OF_THE_ROOM.has(task.step)) continue
    const focal = focalOf(job, task)
    const walls = [...task.places].filter((p) => p.startsWith('wall:'))
    const key = focal ? focal.id : walls.length === 1 ? (walls[0] ?? '') : ''
    if (key === '') continue
    const group = groups.get(key) ?? {
      ...{ name: focal?.name ?? wallName(key.slice('wall:'.length)), tasks: [] },
      rank: focal?.position ?? Number.POSITIVE_INFINITY,
    }
    group.tasks.push(task)
    groups.set(key, group)
  }
  // Of as much work at both, the wall that was called out first: not whose row has the lower id.
  const called = new Map(
    [...job.walls].sort((x, y) => x.position - y.position).map((w, i) => [`wall:${w.id}`, i]),
  )
  const work = (g: { tasks: readonly PlanTask[] }) => g.tasks.reduce((sum, t) => sum + t.estimate.likely, 0)
  return [...groups]
    .sort(([k, x], [l, y]) =>
      x.rank === y.rank ? work(y) - work(x) || (called.get(k) ?? 0) - (called.get(l) ?? 0) : x.rank - y.rank,
    )
    .map(([, { name, tasks: own }]) => ({ name, tasks: own }))
}

function focalOf(job: JobSnapshot, task: PlanTask): JobSnapshot['focalPoints'][number] | undefined {
  const own = /item:([^|]+)/.exec(task.key)?.[1]
  const item = job.items.find(
    (i) =>
      i.focalPointId !== null &&
      (i.id === own || job.pieces.some((p) => p.itemId === i.id && task.pieceIds.includes(p.id))),
  )
  return job.focalPoints.find((f) => f.id === item?.focalPointId)
}
