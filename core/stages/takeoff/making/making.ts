import { toldMinutes, type Formatter } from '../../../kernel/units/formatter.js'
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
}

/** So much of a consumable, and what for. */
export interface Needed {
  readonly kind: ConsumableKind
  readonly amount: number
  readonly where: string
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
    const { by, minutes: usual } = USUAL_TASKS[task]
    const { amount, because } = together(
      wanted.filter((w) => w.task === task),
      by,
      says,
    )
    if (amount <= DUST_MM) return []
    const row = firstOf(more.efforts.filter((e) => e.task === task))
    const minutesEach = row?.minutes ?? usual
    const leftOut = row?.leftOut ?? false
    const minutes = leftOut ? 0 : (amount / ONE[by]) * minutesEach
    return [
      { task, by, amount, text: amountText(by, amount, says), because, minutesEach, minutes, leftOut, row },
    ]
  })
  const consumables = CONSUMABLES.flatMap((kind): MakingConsumable[] => {
    const { by, holds, pack } = USUAL_PACKS[kind]
    const { amount, because } = together(
      needed.filter((n) => n.kind === kind),
      by,
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
    // Of the hours as they are told, so that the sum that is shown is the sum that was made.
    workMinor: more.hourMinor > 0 ? Math.round((toldMinutes(minutes) / 60) * more.hourMinor) : undefined,
    goodsMinor: consumables.reduce((sum, c) => sum + (c.costMinor ?? 0), 0),
  }
}

/** Two people may have begun a row of one kind at once: everybody reads the same one of them. */
const firstOf = <R extends { readonly id: string }>(rows: readonly R[]): R | undefined =>
  rows.reduce<R | undefined>((first, row) => (first && first.id < row.id ? first : row), undefined)

/** One figure of all, and each place once with its share. */
function together(
  list: readonly { readonly amount: number; readonly where: string }[],
  by: Amount,
  says: Formatter,
): { readonly amount: number; readonly because: readonly string[] } {
  const places = new Map<string, number>()
  for (const { where, amount } of list)
    if (amount > DUST_MM) places.set(where, (places.get(where) ?? 0) + amount)
  return {
    amount: [...places.values()].reduce((sum, a) => sum + a, 0),
    because: [...places].map(([where, amount]) => `${where} ${amountText(by, amount, says)}`),
  }
}
