import { capital } from '../../../kernel/capital.js'
import { listed } from '../../../kernel/listed.js'
import { formatterOf } from '../../../kernel/units/formatter.js'
import { ORIGINS } from '../../../model/vocabulary/handover.js'
import type { JobSnapshot } from '../../../model/snapshot.js'
import { differenceOf } from '../../../stages/source/intent.js'
import type { Register, RegisterThing } from '../../../stages/handover/register.js'
import type { DerivedJob } from '../../derive.js'
import type { KeptThing } from '../../keptAfter.js'
import { entryOf } from '../registerOf.js'
import type { BookBlock } from './book.js'

const named = (t: RegisterThing) => (t.count > 1 ? `${t.count} × ${t.ref.name}` : t.ref.name)

/** Everything in the room with where it came from, its price only where the client is to see it. */
export function thingBlocks(
  job: JobSnapshot,
  { items }: Pick<DerivedJob, 'items'>,
  register: Register,
): BookBlock[] {
  const says = formatterOf(job.studio)
  const { bookPrices } = job.brief
  const cameFrom = (t: RegisterThing) =>
    [
      t.origin ? capital(t.origin) : 'Not recorded',
      t.fromWhom,
      t.on ? says.day(t.on) : '',
      t.backOn ? `goes back on ${says.day(t.backOn)}` : '',
      t.link,
    ]
      .filter(Boolean)
      .join(', ')
  // What was bought first, what was there before at the end; within one origin as the room lists it.
  const things = ORIGINS.flatMap((o) => register.things.filter((t) => t.origin === o)).concat(
    register.things.filter((t) => t.origin === undefined),
  )
  const rows = things.map((t) => [
    named(t),
    cameFrom(t),
    ...(bookPrices ? [t.priceMinor === undefined ? '' : says.moneyColumn(t.priceMinor)] : []),
  ])
  return [
    ...(rows.length > 0
      ? [
          {
            kind: 'table' as const,
            name: 'Everything in the room',
            head: ['Thing', 'Where it came from', ...(bookPrices ? ['Price'] : [])],
            rows,
            widths: bookPrices ? [4, 7, 2] : [4, 9],
            ...(bookPrices ? { figures: [2] } : {}),
          },
        ]
      : []),
    ...otherwise(items, bookPrices ? says.money : undefined),
    ...guarantees(job, register, says.day),
    ...suppliers(register),
  ]
}

/** What was bought instead of what was planned, and why it still does what it was for. */
function otherwise(items: DerivedJob['items'], money: ((minor: number) => string) | undefined): BookBlock[] {
  const rows = items.flatMap(({ item, swap }) =>
    swap
      ? [
          [
            item.name,
            swap.plannedName,
            swap.boughtName,
            [item.intent, ...(money ? [differenceOf(swap, money)] : [])].filter(Boolean).join('; '),
          ],
        ]
      : [],
  )
  if (rows.length === 0) return []
  const head = [
    'For',
    'Planned',
    'Bought instead',
    money ? 'What it is for, and the difference' : 'What it is for',
  ]
  return [{ kind: 'table', name: 'Chosen otherwise than planned', head, rows, widths: [3, 3, 3, 4] }]
}

/** Guarantees with their end, and where manuals, keys and spare parts are. */
function guarantees(job: JobSnapshot, register: Register, day: (iso: string) => string): BookBlock[] {
  const known = register.things.flatMap((t) => {
    const entry = entryOf(job, t.ref)
    if (!entry) return []
    const { guarantee, guaranteeUntil, manualAt } = entry
    if (!guarantee && !guaranteeUntil && !manualAt) return []
    return [[named(t), guarantee, guaranteeUntil ? day(guaranteeUntil) : '', manualAt]]
  })
  if (known.length === 0) return []
  const head = ['Thing', 'Guarantee', 'Until', 'Manual, keys and spare parts']
  return [{ kind: 'table', name: 'Guarantees, manuals and keys', head, rows: known, widths: [4, 4, 2, 4] }]
}

/** By whom what is there was sold or made. */
function suppliers(register: Register): BookBlock[] {
  const by = new Map<string, string[]>()
  for (const t of register.things)
    if (t.fromWhom && (t.origin === 'bought new' || t.origin === 'bought second-hand' || t.origin === 'made'))
      by.set(t.fromWhom, [...(by.get(t.fromWhom) ?? []), t.ref.name])
  if (by.size === 0) return []
  const rows = [...by].sort(([a], [b]) => (a < b ? -1 : 1)).map(([name, things]) => [name, listed(things)])
  return [{ kind: 'table', name: 'Shops and makers', head: ['From', 'What'], rows, widths: [3, 8] }]
}

/** Every finish that was put on, as a shop and a painter need it, and what of it is left. */
export function finishBlocks(job: JobSnapshot, register: Register, kept: readonly KeptThing[]): BookBlock[] {
  const says = formatterOf(job.studio)
  const rows = register.finishes.map((f) => [
    [f.name, f.code].filter(Boolean).join(', '),
    f.sheen === 'none' ? '' : f.sheen,
    listed(f.where),
    [f.supplier, f.batch && `batch ${f.batch}`, f.appliedOn && says.day(f.appliedOn)]
      .filter(Boolean)
      .join(', '),
    [f.spare, f.spareAt].filter(Boolean).join(', '),
  ])
  const over = kept.map((k) => [k.name, k.howMuch, k.finish, k.where])
  return [
    ...(rows.length > 0
      ? [
          {
            kind: 'table' as const,
            name: 'Finishes as applied',
            head: ['Name and code', 'Sheen', 'Where', 'From', 'Spare'],
            rows,
            widths: [4, 2, 5, 4, 3],
          },
        ]
      : []),
    ...(over.length > 0
      ? [
          {
            kind: 'table' as const,
            name: 'Kept to mend with',
            head: ['What', 'How much', 'Finish', 'Used at'],
            rows: over,
            widths: [4, 2, 4, 5],
          },
        ]
      : []),
  ]
}
