import { capital } from '../kernel/capital.js'
import { formatterOf } from '../kernel/units/formatter.js'
import type { JobSnapshot } from '../model/snapshot.js'
import type { Making } from '../stages/takeoff/making/making.js'
import { USUAL_PACKS } from '../stages/takeoff/making/usual.js'
import type { PaintLine } from '../stages/takeoff/paintTakeoff.js'
import type { TakeoffLine } from '../stages/takeoff/takeoffTypes.js'

/** Something that is over when the room is done and stays with the client for repairs. */
export interface KeptThing {
  readonly id: string
  readonly name: string
  readonly howMuch: string
  /** The finish it is of, with its code and its sheen. */
  readonly finish: string
  /** Where it was used. */
  readonly where: string
}

/** Less paint than this dries up in its tin (common practice: a quarter of a liter). */
export const WORTH_KEEPING_L = 0.25

/** What is handed over to mend with: paint left in the tins, spare packs, whole pieces that were not needed. */
export function keptAfter(
  job: JobSnapshot,
  paint: readonly PaintLine[],
  lines: readonly Pick<TakeoffLine, 'row' | 'kept'>[],
  consumables: Making['consumables'],
): KeptThing[] {
  const says = formatterOf(job.studio)
  const finishOf = (id: string | null) => {
    const finish = job.finishes.find((f) => f.id === id)
    if (!finish) return ''
    return [finish.name, finish.code, finish.sheen === 'none' ? '' : finish.sheen].filter(Boolean).join(', ')
  }
  return [
    ...paint.flatMap((l): KeptThing[] => {
      const over = (l.tins?.volumeMl ?? 0) / 1000 - l.liters
      if (l.isPrimer || over < WORTH_KEEPING_L) return []
      const where = l.steps.map((s) => s.surface).join(', ')
      return [
        { id: l.finishId, name: l.name, howMuch: says.liquid(over), finish: finishOf(l.finishId), where },
      ]
    }),
    ...lines.flatMap(({ row, kept }): KeptThing[] =>
      kept.length === 0
        ? []
        : [
            {
              ...{ id: row.id, name: row.name, howMuch: kept.join(' and ') },
              finish: finishOf(row.finishId),
              where: row.wallIds.map((id) => job.walls.find((w) => w.id === id)?.name ?? '').join(', '),
            },
          ],
    ),
    ...consumables.flatMap(({ kind, row, leftOut }): KeptThing[] => {
      const spare = row?.sparePacks ?? 0
      if (leftOut || spare === 0) return []
      const [one, many] = USUAL_PACKS[kind].pack
      return [{ id: kind, name: capital(kind), howMuch: says.count(spare, one, many), finish: '', where: '' }]
    }),
  ]
}
