import { capital } from '../../kernel/capital.js'
import { formatterOf } from '../../kernel/units/formatter.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import type { Task } from '../../model/vocabulary/making.js'
import { METHODS } from '../../stages/install/methods.js'
import type { PlanTask } from '../../stages/install/planTask.js'
import { effortFor } from '../../stages/takeoff/making/making.js'
import { inRoom } from '../../model/inRoom.js'
import { madeNewFor, type LineToMake, type RoomToMake } from '../making/faces.js'
import { listsOf } from '../making/makingOf.js'
import { asTask, type Draft } from './drafts.js'
import { lineTasks } from './lineTasks.js'
import { OWN } from './own.js'
import { awayNote, paintTasks } from './paintTasks.js'
import { carriedOut, clearing } from './carrying.js'
import { disconnecting, wiredAndPlumbed } from './feeds.js'
import { fronts } from './fronts.js'
import { finishing, furnishing } from './furnishing.js'
import { placesIn } from './placesIn.js'
import { usually } from './usually.js'
import { withRow } from './withRow.js'

/** The room with the names of its walls. */
export type RoomToPlan = RoomToMake & { readonly measure: { readonly nameOf: (wallId: string) => string } }

/** Work after which the room is full of dust, wet or without a floor. */
const MESSY: ReadonlySet<Draft['step']> = new Set<Draft['step']>([
  ...(['strip', 'hidden work', 'patch', 'sand', 'prime', 'coat', 'paper', 'tile', 'floor'] as const),
])

/**
 * The tasks that the rows of a job ask for, each with its reasons, as a person has changed them; and a person's own. Pure:
 * what follows from the room is stored nowhere. A line of the take-off that nobody put on the schedule is only held beside
 * another, and is not planned.
 */
export function roomTasks(job: JobSnapshot, room: RoomToPlan, allLines: readonly LineToMake[]): PlanTask[] {
  const lines = allLines.filter((l) => l.row.itemId !== null)
  const says = formatterOf(job.studio)
  const minutesEach = (task: Task): number => {
    const effort = effortFor(job.efforts, task)
    return effort.leftOut ? 0 : effort.minutesEach
  }
  const wallName = (id: string) => room.measure.nameOf(id)
  const placesOf = placesIn(job)
  const wanted = listsOf(job, room, lines).flatMap((l) => l.wanted)
  const painted = new Set<Task>(['prime', 'paint with a roller', 'paint with a brush'])
  const plates = wanted.filter((w) => w.task === 'take plates off and put them back' && w.amount > 0)
  const others = wanted.filter((w) => !painted.has(w.task) && w.task !== 'take plates off and put them back')
  const work: Draft[] = [
    ...lineTasks(job, others, minutesEach, { of: placesOf, wallName }, says),
    ...paintTasks(job, room, minutesEach, placesOf, says),
    ...fronts(job),
    ...wiredAndPlumbed(job, wallName),
  ]
  const platesEach = minutesEach('take plates off and put them back') / 2
  const plateCount = plates.reduce((sum, w) => sum + w.amount, 0)
  if (plateCount > 0 && platesEach > 0) {
    const common = {
      because: [says.count(plateCount, 'plate on walls made new', 'plates on walls made new')],
      minutes: plateCount * platesEach,
      places: plates.flatMap((w) => w.at ?? []),
    }
    work.push(
      { ...common, key: 'plates off', step: 'take off', name: 'Power off, plates off' },
      { ...common, key: 'plates on', step: 'put back on', name: 'Plates back on' },
    )
  }
  const messy = work.some((d) => MESSY.has(d.step) && d.elsewhere !== true)
  const out = messy ? carriedOut(job, madeNewFor(room, lines)) : []
  const all: Draft[] = [...clearing(job, out), ...disconnecting(job), ...work, ...furnishing(job, out)]
  const drafts = [...all, ...finishing(job, all.length > 0)].map((d) => behindWork(job, careful(job, d)))
  const rows = [...job.tasks].sort((x, y) => (x.id < y.id ? -1 : 1))
  const rowOf = (key: string) => rows.find((r) => r.key === key)
  return [
    ...drafts.map((d) => withRow(usually(asTask(d), job.lessons), rowOf(d.key))),
    ...rows
      .filter((r) => r.key === OWN && r.step !== null)
      .map((r) =>
        withRow(
          asTask({
            ...{
              key: `${OWN}|${r.id}`,
              step: r.step ?? 'style',
              name: r.name.trim() || capital(r.step ?? ''),
              because: [r.note].filter(Boolean),
            },
            ...{ minutes: r.minutes ?? OWN_MINUTES, elsewhere: r.elsewhere },
            places: r.elsewhere ? [] : r.wallId === null ? ['room'] : [`wall:${r.wallId}`],
          }),
          r,
        ),
      ),
  ]
    .filter((t) => t.row?.leftOut !== true)
    .map((t) => (isPutOff(job, t) ? { ...t, putOff: true } : t))
}

/** A person has put it off past the day that was promised. */
const isPutOff = ({ brief }: JobSnapshot, { onDay, doneOn }: PlanTask): boolean =>
  doneOn === null && onDay !== null && brief.installOn !== null && onDay > brief.installOn

/** A task of one's own takes an hour until somebody says otherwise. */
const OWN_MINUTES = 60

/** Who is kept off a ladder and out of the dust is named where there are ladders and dust. */
function careful(job: JobSnapshot, draft: Draft): Draft {
  if (!['sand', 'curtains', 'hang', 'fit', 'floor'].includes(draft.step)) return draft
  const away = awayNote(job)
  return away === ''
    ? draft
    : { ...draft, caution: `${draft.caution ?? METHODS[draft.step].caution ?? ''}${away}`.trim() }
}

/** Steps that wait until building work at their wall is done. */
const DECOR: ReadonlySet<Draft['step']> = new Set<Draft['step']>([
  ...(['prime', 'coat', 'paper', 'tile', 'moldings', 'fit', 'curtains', 'hang', 'furnish', 'style'] as const),
])

/**
 * Building work that is not done holds up what is decorated at its wall, or in the whole room. A plant may stand before a raw
 * patch for now: it is marked temporary.
 */
function behindWork(job: JobSnapshot, draft: Draft): Draft {
  if (!DECOR.has(draft.step)) return draft
  const places = new Set(draft.places)
  const held = job.works.filter(
    (w) => !w.done && (w.wallId === null || places.has(`wall:${w.wallId}`) || places.has('room')),
  )
  if (held.length === 0) return draft
  const pieces = job.pieces.filter((p) => draft.pieceIds?.includes(p.id) === true && inRoom(p))
  const items = job.items.filter((i) => draft.key === `furnish|item:${i.id}`)
  const kinds = [...pieces.map((p) => p.kind), ...items.map((i) => i.pieceKind)]
  if (draft.step === 'furnish' && kinds.length > 0 && kinds.every((k) => k === 'plant'))
    return { ...draft, temporary: true }
  return { ...draft, needs: [...(draft.needs ?? []), ...held.map((w) => `work:${w.id}`)] }
}
