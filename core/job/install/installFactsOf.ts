import { DAY_MINUTES } from '../../kernel/schedule/workTime.js'
import { formatterOf } from '../../kernel/units/formatter.js'
import { addDays, daysBetween } from '../../kernel/units/days.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { nextDayOf } from '../../stages/install/crewTime.js'
import { waitsOf } from '../../stages/install/follows.js'
import { lastOrders } from '../../stages/install/lastOrders.js'
import {
  rowsOfKey,
  type EarlyTask,
  type InstallFacts,
  type OutOfUse,
} from '../../stages/install/installFacts.js'
import { workPlan, type PlanInput, type PlannedTask, type WorkPlan } from '../../stages/install/workPlan.js'
import { inRoom } from '../../model/inRoom.js'
import type { Ref } from '../../findings/finding.js'
import type { DerivedJob } from '../derive.js'
import { volumeOf } from './carrying.js'
import type { RoomToPlan } from './roomTasks.js'
import { sightLines } from './sightLines.js'
import type { PuttingBackPlan } from './puttingBackPlan.js'

/** What the rules of the plan of the work look at. */
export function installFactsOf(
  job: JobSnapshot,
  input: PlanInput,
  plan: WorkPlan,
  putBack: PuttingBackPlan,
  room: Pick<RoomToPlan, 'areas' | 'measure'> & Pick<DerivedJob, 'brief'>,
): InstallFacts {
  const { standpoints } = room.brief
  const wanted = job.brief.beforeReason.trim() === ''
  const names = new Map<string, string>([
    ...plan.tasks.map((t): [string, string] => [t.task.key, t.task.name]),
    ...input.arrivals.map((a): [string, string] => [a.key, a.name]),
  ])
  const nameOf = (key: string) => names.get(key) ?? key
  const cleared = new Set(plan.tasks.find((t) => t.task.key === 'clear')?.task.pieceIds)
  const out = job.pieces.filter((p) => cleared.has(p.id) && inRoom(p))
  return {
    plan,
    ...{ today: input.today, installOn: job.brief.installOn, revealOn: job.brief.revealOn },
    ...{ closures: job.closures, workers: input.workers },
    lastOrders: lastOrders(plan.arrivals, job.closures, input.today, input.dueOn),
    early: earlyTasks(input, plan, nameOf),
    outOfUse: outOfUse(job, plan),
    intoKept: intoKept(job, plan),
    napping:
      job.quietHours.length > 0
        ? []
        : job.people.filter((p) => p.minds.includes('naps by day')).map((p) => p.name),
    clearedMm3: out.reduce((sum, p) => sum + volumeOf(p), 0),
    holdingMm3: job.brief.holdingM3 === null ? null : job.brief.holdingM3 * 1e9,
    holdingPlace: job.brief.holdingPlace,
    ...{ back: leftToPutBack(putBack), withoutOriginal: withoutOriginal(job, putBack) },
    sightLines: sightLines(job, input, plan, (id) => room.measure.nameOf(id)),
    unmeasured: room.areas ? [] : paintsToGoOn(job),
    standpointsOpen: wanted ? standpoints.filter((s) => s.photos.length === 0).map((s) => s.name) : [],
    standpointsAll: standpoints.length,
    says: formatterOf(job.studio),
    about: (t) => rowsOfKey(t.task.key, t.task.name),
    nameOf,
  }
}

/** Paints of the scheme that are put on, each once. */
const paintsToGoOn = (job: JobSnapshot): string[] => [
  ...new Set(
    job.finishAssignments
      .filter((a) => a.hold === 'applied')
      .flatMap((a) => job.finishes.filter((f) => f.id === a.finishId))
      .filter((f) => f.material === 'paint' && f.role !== 'stays')
      .map((f) => f.name),
  ),
]

function leftToPutBack({ leaseEndsOn, beginBy, plan }: PuttingBackPlan): InstallFacts['back'] {
  const tasks = plan.tasks.filter((t) => t.task.doneOn === null).length
  return leaseEndsOn === null || tasks === 0 ? undefined : { leaseEndsOn, beginBy, tasks }
}

/** What is wired or plumbed in took the place of something, and nobody said where that is. */
const withoutOriginal = (job: JobSnapshot, { list }: PuttingBackPlan): Ref[] =>
  list.flatMap(({ work, originalAt }): Ref[] => {
    if ((work.kind !== 'wire' && work.kind !== 'plumb') || originalAt.trim() !== '') return []
    const [kind, id] = work.of.split(':')
    const row = [...job.pieces, ...job.items].find((r) => r.id === id)
    return row && (kind === 'piece' || kind === 'item') ? [{ kind, id: row.id, name: row.name }] : []
  })

/** Tasks agreed for a day that comes too early, and when they could be. */
function earlyTasks(input: PlanInput, plan: WorkPlan, nameOf: (key: string) => string): EarlyTask[] {
  const ends = new Map<string, number>([
    ...plan.levelled.order.map((id): [string, number] => [id, plan.levelled.placed.get(id)?.finish ?? 0]),
    ...plan.tasks.flatMap((t): [string, number][] =>
      t.task.doneOn === null
        ? []
        : [[t.task.key, daysBetween(plan.firstDay, t.task.doneOn) * DAY_MINUTES + t.worker.until]],
    ),
  ])
  return plan.tasks.flatMap((task): EarlyTask[] => {
    const placed = plan.levelled.placed.get(task.task.key)
    if (!task.task.agreed || task.task.onDay === null || !placed) return []
    const arrivals = task.waits.filter((w) => w.why === 'arrives' || w.why === 'building work')
    const kept = [...waitsOf(task.task, input.tasks), ...arrivals]
      .map((wait) => ({ wait, over: (ends.get(wait.key) ?? 0) + wait.lag }))
      .filter(({ over }) => over > placed.start + 1e-6)
      .sort((x, y) => Number(x.wait.why === 'order') - Number(y.wait.why === 'order') || y.over - x.over)[0]
    if (!kept) return []
    const undated = input.arrivals.some((a) => a.key === kept.wait.key && a.on === null)
    const free = workPlan({
      ...input,
      tasks: input.tasks.map((t) => (t.key === task.task.key ? { ...t, agreed: false, onDay: null } : t)),
    }).tasks.find((t) => t.task.key === task.task.key)
    // Agreed is from the morning on: what is over at noon lets it begin the next day.
    const { day, minute } = free?.start ?? { day: '', minute: 0 }
    const first =
      free && (minute <= free.worker.from ? day : nextDayOf(free.worker, input.closures, addDays(day, 1)))
    return [
      {
        ...{ task, wait: kept.wait, waitsFor: nameOf(kept.wait.key) },
        overOn: addDays(plan.firstDay, Math.floor((kept.over - 1e-6) / DAY_MINUTES)),
        firstDay: undated ? undefined : first,
      },
    ]
  })
}

/** Things that are taken apart and made anew: from the day they come off to the day they are back on. */
function outOfUse(job: JobSnapshot, plan: WorkPlan): OutOfUse[] {
  const part = (name: string, id: string): PlannedTask | undefined =>
    plan.tasks.find((t) => t.task.key === `${name}|piece:${id}`)
  return job.pieces.flatMap((p): OutOfUse[] => {
    const [off, on] = [part('fronts off', p.id), part('fronts on', p.id)]
    if (!off || !on || on.task.doneOn !== null) return []
    return [
      {
        ...{ pieceId: p.id, name: p.name, fromOn: off.start.day, untilOn: on.finish.day },
        days: daysBetween(off.start.day, on.finish.day) + 1,
        uses: job.uses.filter((u) => p.serves.includes(u.id)).map((u) => u.name),
      },
    ]
  })
}

/** Pipe or cable that goes into a wall whose face stays: tile that is kept, paper nobody hangs anew. */
function intoKept(job: JobSnapshot, plan: WorkPlan): InstallFacts['intoKept'] {
  const made = new Set(
    plan.tasks
      .filter((t) => t.task.step === 'coat' || t.task.step === 'paper' || t.task.step === 'tile')
      .flatMap((t) => [...t.task.places]),
  )
  return plan.tasks
    .filter((t) => t.task.step === 'hidden work')
    .flatMap((task) =>
      job.walls
        .filter(
          (w) => task.task.places.has(`wall:${w.id}`) && !made.has(`wall:${w.id}`) && KEPT_FACES.has(w.face),
        )
        .map((w) => ({ task, wall: { kind: 'wall' as const, id: w.id, name: w.name }, face: w.face })),
    )
}
/** What cannot be closed again so that nobody sees it. */
const KEPT_FACES: ReadonlySet<string> = new Set(['tile', 'paper', 'stone or brick', 'timber'])
