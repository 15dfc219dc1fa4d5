import { formatterOf } from '../../kernel/units/formatter.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import type { PlanTask } from '../../stages/install/planTask.js'
import { hookHeight, hookPlaces } from '../../stages/plan/walls/hanging.js'
import type { DerivedJob } from '../derive.js'

/** A line of what one holds in hand while a task is done: what it is about, and what to know. */
export interface SheetLine {
  readonly what: string
  readonly says: string
}

const PAINTING: ReadonlySet<string> = new Set(['prime', 'coat'])

/**
 * Amounts, sizes and places for one task, from the rows it follows from: paint by surface with its liters, what hangs with its
 * nails, what stands with its size, weight and wall. Heights above the floor, places from the left corner as seen from inside.
 */
export function taskSheet(
  job: JobSnapshot,
  { paint, measure }: Pick<DerivedJob, 'paint' | 'measure'>,
  task: Pick<PlanTask, 'step' | 'key' | 'pieceIds' | 'sum'>,
): SheetLine[] {
  const says = formatterOf(job.studio)
  const lines: SheetLine[] = []
  if (PAINTING.has(task.step)) {
    const finishId = /finish:([^|]+)/.exec(task.key)?.[1]
    for (const line of paint.filter((l) =>
      task.step === 'prime' ? l.isPrimer : !l.isPrimer && l.finishId === finishId,
    ))
      for (const s of line.steps)
        lines.push({
          what: s.surface,
          says: `${line.name}, ${says.area(s.areaM2 * 1e6)}, ${says.count(s.coats, 'coat')}, ${says.liquid(s.liters)} in all`,
        })
  }
  for (const id of task.pieceIds) {
    const piece = job.pieces.find((p) => p.id === id)
    if (!piece) continue
    const size = says.sides([piece.widthMm, piece.depthMm, piece.heightMm].filter((mm) => mm > 0))
    const weight = piece.weightG === null ? '' : says.weight(piece.weightG)
    const hung = job.wallPlacements.filter((w) => w.pieceId === id)
    for (const w of hung) {
      const nails = hookPlaces(w.xMm, w.hooks, w.hookSpanMm)
      const height = hookHeight(w.centerMm, piece.heightMm, w.dropMm)
      lines.push({
        what: hung.length > 1 ? `${piece.name} ${w.number}` : piece.name,
        says: [
          measure.nameOf(w.wallId),
          `${says.count(nails.length, 'nail')} at ${says.lengths(nails)} from the left, ${says.length(height)} above the floor`,
          `middle ${says.length(w.centerMm)}`,
          w.into === 'not known'
            ? `${w.fixing}; what the wall is made of is not known`
            : `${w.fixing}, into ${w.into}`,
          size,
          weight,
        ]
          .filter(Boolean)
          .join('; '),
      })
    }
    if (hung.length === 0) {
      const at = piece.wallId === null ? '' : `at ${measure.nameOf(piece.wallId)}`
      const told = [size, weight, at, piece.count > 1 ? `${piece.count} of them` : ''].filter(Boolean)
      if (told.length > 0) lines.push({ what: piece.name, says: told.join('; ') })
    }
  }
  return lines
}
