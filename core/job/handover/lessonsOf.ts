import type { Lesson, LessonKind } from '../../model/lesson.js'
import { oneThing } from '../../model/oneThing.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import type { TakeoffLine } from '../../stages/takeoff/takeoffTypes.js'
import { daysBetween } from '../../kernel/units/days.js'
import type { DerivedJob } from '../derive.js'
import { firstRow } from './firstRow.js'
import { inScheme } from '../inScheme.js'
import { roomTasks } from '../install/roomTasks.js'

/**
 * What a job teaches about the next: hours by step, lead times by supplier, prices by category, goods by trade, each as it was
 * planned beside what it came to. Only what was entered counts: a task nobody timed teaches nothing. Hours are held
 * against the method's own estimate, not against what earlier jobs have made of it.
 */
export function lessonsOf(
  stored: JobSnapshot,
  derived: Pick<DerivedJob, 'items' | 'orders' | 'brief' | 'palette' | 'areas' | 'paint' | 'measure'>,
  lines: readonly TakeoffLine[],
): Lesson[] {
  const job = inScheme(oneThing(stored))
  return [
    ...hours({ ...job, lessons: [] }, derived, lines),
    ...leadTimes(job, derived),
    ...prices(derived),
    ...goods(job, derived, lines),
  ]
}

/** One lesson for all that is of one thing, in the order of their names. */
function summed(
  kind: LessonKind,
  all: readonly { readonly of: string; readonly planned: number; readonly actual: number }[],
): Lesson[] {
  const by = new Map<string, Lesson>()
  for (const { of, planned, actual } of all) {
    if (of === '' || !(planned > 0)) continue
    const known = by.get(of) ?? { kind, of, planned: 0, actual: 0 }
    by.set(of, { ...known, planned: known.planned + planned, actual: known.actual + actual })
  }
  return [...by.values()].sort((x, y) => (x.of < y.of ? -1 : 1))
}

/** Of tasks that are done and were timed. */
function hours(
  job: JobSnapshot,
  derived: Parameters<typeof roomTasks>[1],
  lines: readonly TakeoffLine[],
): Lesson[] {
  const untouched = {
    ...job,
    tasks: job.tasks.map((t) => ({ ...t, minutes: null, bestMinutes: null, worstMinutes: null })),
  }
  return summed(
    'hours',
    roomTasks(untouched, derived, lines).flatMap(({ row, step, estimate, key }) =>
      // One's own task was planned by nobody but oneself.
      row && row.doneOn !== null && row.spentMinutes !== null && !key.startsWith('own')
        ? [{ of: step, planned: estimate.likely, actual: row.spentMinutes }]
        : [],
    ),
  )
}

/** From the day of the order until all of it was there, beside what the option said. */
const leadTimes = (job: JobSnapshot, { orders }: Pick<DerivedJob, 'orders'>): Lesson[] =>
  summed(
    'lead time',
    orders.flatMap(({ order, lines }) =>
      lines.flatMap(({ line, completeOn }) => {
        const planned = job.options.find((o) => o.id === line.optionId)?.leadDays
        return completeOn === undefined || planned === null || planned === undefined
          ? []
          : [
              {
                of: order.supplierName,
                planned,
                actual: Math.max(0, daysBetween(order.placedOn, completeOn)),
              },
            ]
      }),
    ),
  )

/** What was bought, beside the price it was planned at. */
const prices = ({ items }: Pick<DerivedJob, 'items'>): Lesson[] =>
  summed(
    'price',
    items.flatMap(({ item, lines }) => {
      const live = lines.filter((l) => l.state.liveQuantity > 0 && !l.given)
      const enough = live.reduce((n, l) => n + l.state.liveQuantity, 0) >= item.quantity
      return enough && live.length > 0
        ? [
            {
              of: item.category,
              planned: item.targetMinor,
              actual: live.reduce((sum, l) => sum + l.state.dueMinor, 0),
            },
          ]
        : []
    }),
  )

/** Packs and liters that were used, beside those that were reckoned: known where somebody counted what was over. */
const goods = (
  job: JobSnapshot,
  { paint }: Pick<DerivedJob, 'paint'>,
  lines: readonly TakeoffLine[],
): Lesson[] =>
  summed('waste', [
    ...lines.flatMap(({ row, packs, soldByLength }) =>
      packs === undefined || soldByLength || row.itemId === null || row.leftPacks === null
        ? []
        : [{ of: row.trade, planned: packs - row.sparePacks, actual: Math.max(0, packs - row.leftPacks) }],
    ),
    ...paint.flatMap((line) => {
      const left = firstRow(job.finishRecords.filter((r) => r.finishId === line.finishId))?.leftMl
      return line.isPrimer || !line.tins || left === null || left === undefined
        ? []
        : [{ of: 'paint', planned: line.liters, actual: Math.max(0, (line.tins.volumeMl - left) / 1000) }]
    }),
  ])
