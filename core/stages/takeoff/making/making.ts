import type { Formatter } from '../../../kernel/units/formatter.js'
import type { Consumable } from '../../../model/rows/consumables.js'
import type { Effort } from '../../../model/rows/efforts.js'
import {
  CONSUMABLES,
  TASKS,
  type Amount,
  type ConsumableKind,
  type Task,
} from '../../../model/vocabulary/making.js'
import { ceilDiv, DUST_MM } from '../trade.js'
import { ONE, packUnit, USUAL_PACKS, USUAL_TASKS } from './usual.js'

/** So much of a kind of work, and where: square millimeters, millimeters or pieces, as the task is counted. */
export interface Wanted {
  readonly task: Task
  readonly amount: number
  readonly where: string
  /** What it is done to, as the plan of the work names it: a surface as it is kept, `piece:` or `takeoff:` and an id. */
  readonly at?: readonly string[]
}

/** So much of a consumable, and what for. */
export interface Needed {
  readonly kind: ConsumableKind
  readonly amount: number
  readonly where: string
  /** What was measured there, where that is not what is used up: the edge that is taped, the surface that is sanded. */
  readonly measured?: { readonly by: Amount; readonly amount: number }
}

/** One kind of work in this job. */
export interface MakingWork {
  readonly task: Task
  readonly by: Amount
  readonly amount: number
  readonly text: string
  /** Each place with its share, in the order of the room. */
  readonly because: readonly string[]
  /** For a square meter, a meter or a piece. */
  readonly minutesEach: number
  /** As they are told, to five: the total is the sum of what is seen. */
  readonly minutes: number
  readonly leftOut: boolean
  readonly row: Effort | undefined
}

/** One consumable in this job. */
export interface MakingConsumable {
  readonly kind: ConsumableKind
  readonly by: Amount
  readonly amount: number
  readonly text: string
  readonly because: readonly string[]
  /** How what is measured becomes what is used up; undefined where it is the same. */
  readonly sum: string | undefined
  readonly packHolds: number
  readonly packs: number
  readonly packsText: string
  readonly costMinor: number | undefined
  readonly leftOut: boolean
  readonly row: Consumable | undefined
}

/** What it takes to make the room: work with its hours, what is used up, and what only a licensed trade may do. */
export interface Making {
  readonly work: readonly MakingWork[]
  readonly consumables: readonly MakingConsumable[]
  readonly cautions: readonly string[]
  readonly minutes: number
  /** At the price of an hour of own work; undefined while none is given. */
  readonly workMinor: number | undefined
  readonly goodsMinor: number
}

/** An amount as it is said: `32.4 m²`, `18.20 m`, `6`. */
export function amountText(by: Amount, amount: number, says: Formatter): string {
  if (by === 'area') return says.area(amount, 1)
  if (by === 'run') return says.run(says.system === 'metric' ? amount : 25.4 * Math.round(amount / 25.4))
  const [unit, sign] = packUnit(by, says.system)
  return [says.number(amount / unit), sign].filter(Boolean).join(' ')
}

/** Adds up what is wanted, in the order in which it is done; minutes and packs are those of the job, or else the usual ones. */
export function reckonMaking(
  wanted: readonly Wanted[],
  needed: readonly Needed[],
  more: {
    readonly efforts: readonly Effort[]
    readonly consumables: readonly Consumable[]
    readonly hourMinor: number
    readonly cautions: readonly string[]
    readonly says: Formatter
  },
): Making {
  const { says } = more
  const work = TASKS.flatMap((task): MakingWork[] => {
    const { by } = USUAL_TASKS[task]
    const { amount, because } = together(
      wanted.filter((w) => w.task === task).map((w) => ({ ...w, measured: { by, amount: w.amount } })),
      says,
    )
    if (amount <= DUST_MM) return []
    const { row, minutesEach, leftOut } = effortFor(more.efforts, task)
    const minutes = leftOut ? 0 : toldMinutes((amount / ONE[by]) * minutesEach)
    return [
      { task, by, amount, text: amountText(by, amount, says), because, minutesEach, minutes, leftOut, row },
    ]
  })
  const consumables = CONSUMABLES.flatMap((kind): MakingConsumable[] => {
    const { by, holds, pack } = USUAL_PACKS[kind]
    const { amount, because, measured } = together(
      needed
        .filter((n) => n.kind === kind)
        .map((n) => ({ ...n, measured: n.measured ?? { by, amount: n.amount } })),
      says,
    )
    const row = firstOf(more.consumables.filter((c) => c.kind === kind))
    // What is on the schedule and no longer needed is told: somebody would buy it.
    if (amount <= DUST_MM && !row?.itemId) return []
    const packHolds = row?.packHolds ?? holds[says.system]
    const leftOut = row?.leftOut ?? false
    const packs = leftOut || amount <= DUST_MM ? 0 : ceilDiv(amount, packHolds) + (row?.sparePacks ?? 0)
    const price = row?.packMinor ?? undefined
    return [
      {
        ...{ kind, by, amount, text: amountText(by, amount, says), because, packHolds, packs, leftOut, row },
        sum: sumText(by, amount, measured, says),
        packsText: says.count(packs, pack[0], pack[1]),
        costMinor: price === undefined ? undefined : packs * price,
      },
    ]
  })
  const minutes = work.reduce((sum, w) => sum + w.minutes, 0)
  return {
    work,
    consumables,
    cautions: more.cautions,
    minutes,
    workMinor: more.hourMinor > 0 ? Math.round((minutes / 60) * more.hourMinor) : undefined,
    goodsMinor: consumables.reduce((sum, c) => sum + (c.costMinor ?? 0), 0),
  }
}

/** Two people may have begun a row of one kind at once: everybody reads the same one of them. */
const firstOf = <R extends { readonly id: string }>(rows: readonly R[]): R | undefined =>
  rows.reduce<R | undefined>((first, row) => (first && first.id < row.id ? first : row), undefined)

/** How a kind of work is reckoned here: minutes for a square meter, a meter or a piece, the job's own before the usual ones. */
export function effortFor(
  efforts: readonly Effort[],
  task: Task,
): { readonly row: Effort | undefined; readonly minutesEach: number; readonly leftOut: boolean } {
  const row = firstOf(efforts.filter((e) => e.task === task))
  return { row, minutesEach: row?.minutes ?? USUAL_TASKS[task].minutes, leftOut: row?.leftOut ?? false }
}

/** Work is told to five minutes: nobody plans a room more closely. */
export const toldMinutes = (minutes: number): number => Math.max(5, 5 * Math.round(minutes / 5))

interface Measured {
  readonly by: Amount
  readonly amount: number
}

/** One figure of all, what was measured for it, and each place once with what was measured there. */
function together(
  list: readonly { readonly amount: number; readonly where: string; readonly measured: Measured }[],
  says: Formatter,
): {
  readonly amount: number
  readonly because: readonly string[]
  readonly measured: readonly Measured[]
} {
  const places = new Map<string, Measured>()
  const used = list.filter((l) => l.amount > DUST_MM)
  for (const { where, measured } of used) {
    const before = places.get(where)?.amount ?? 0
    places.set(where, { by: measured.by, amount: before + measured.amount })
  }
  return {
    amount: used.reduce((sum, l) => sum + l.amount, 0),
    because: [...places].map(([where, { by, amount }]) => `${where} ${amountText(by, amount, says)}`),
    measured: [...places.values()],
  }
}

/** `37.20 m × 1.1 = 40.92 m`; `32.6 m² ÷ 3 m² = 11`: what is measured, and what is used up for it. */
function sumText(
  by: Amount,
  amount: number,
  places: readonly Measured[],
  says: Formatter,
): string | undefined {
  const [first] = places
  if (!first || places.some((p) => p.by !== first.by)) return undefined
  const measured = places.reduce((sum, p) => sum + p.amount, 0)
  if (first.by === by && Math.abs(measured - amount) < DUST_MM) return undefined
  const whole = amountText(first.by, measured, says)
  const used = amountText(by, amount, says)
  if (first.by === by)
    return `${whole} × ${says.figure(Math.round((1000 * amount) / measured) / 1000)} = ${used}`
  return `${whole} ÷ ${amountText(first.by, measured / amount, says)} = ${used}`
}
