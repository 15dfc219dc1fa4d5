import { capital } from '../kernel/capital.js'
import { listed } from '../kernel/listed.js'
import { formatterOf } from '../kernel/units/formatter.js'
import { FLOOR_TRADES } from '../model/vocabulary/takeoff.js'
import type { JobSnapshot } from '../model/snapshot.js'
import type { Making } from '../stages/takeoff/making/making.js'
import { USUAL_PACKS } from '../stages/takeoff/making/usual.js'
import type { DerivedJob } from './derive.js'
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

/**
 * What is handed over to mend with, of what is on the schedule: paint left in the tins, spare packs, whole pieces that were not
 * needed. A line that is only held beside another is bought by nobody.
 */
export function keptAfter(
  job: JobSnapshot,
  { paint, measure }: Pick<DerivedJob, 'paint' | 'measure'>,
  lines: readonly Pick<TakeoffLine, 'row' | 'kept'>[],
  consumables: Making['consumables'],
): KeptThing[] {
  const says = formatterOf(job.studio)
  const bought = new Set<string | null>(job.items.map((i) => i.id))
  const buysPaint = (finishId: string) =>
    job.items.some(
      (i) => i.buysPaint === 'all paint' || (i.buysPaint === 'of its finish' && i.finishId === finishId),
    )
  const finishOf = (id: string | null) => {
    const finish = job.finishes.find((f) => f.id === id)
    if (!finish) return ''
    return [finish.name, finish.code, finish.sheen === 'none' ? '' : finish.sheen].filter(Boolean).join(', ')
  }
  return [
    ...paint.flatMap((l): KeptThing[] => {
      const over = (l.tins?.volumeMl ?? 0) / 1000 - l.liters
      if (l.isPrimer || over < WORTH_KEEPING_L || !buysPaint(l.finishId)) return []
      const where = l.steps.map((s) => s.surface).join(', ')
      return [
        { id: l.finishId, name: l.name, howMuch: says.liquid(over), finish: finishOf(l.finishId), where },
      ]
    }),
    ...lines.flatMap(({ row, kept }): KeptThing[] =>
      kept.length === 0 || !bought.has(row.itemId)
        ? []
        : [
            {
              ...{ id: row.id, name: row.name, howMuch: listed(kept) },
              finish: finishOf(row.finishId),
              where: FLOOR_TRADES.has(row.trade)
                ? 'Floor'
                : row.wallIds.map((id) => measure.nameOf(id)).join(', '),
            },
          ],
    ),
    ...consumables.flatMap(({ kind, row, leftOut }): KeptThing[] => {
      const spare = row?.sparePacks ?? 0
      if (leftOut || spare === 0 || !bought.has(row?.itemId ?? null)) return []
      const [one, many] = USUAL_PACKS[kind].pack
      return [{ id: kind, name: capital(kind), howMuch: says.count(spare, one, many), finish: '', where: '' }]
    }),
  ]
}
