import { put } from '../../../model/changes.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { addDays, dayText, daysBetween } from '../../../kernel/units/days.js'
import type { SourceFacts } from '../sourceFacts.js'
import { item, option, schedule } from './example.js'

// Common practice: three days are enough to call the client and go there.
const HOLD_DAYS = 3

/** A find that is held, but not for long. */
export const holdEnds: Rule<SourceFacts> = {
  name: 'source.hold-ends',
  title: 'A find is held, but not for long',
  numbers: `From ${HOLD_DAYS} days before the hold ends.`,
  source: 'common practice',
  schools: 'all',
  check: ({ items, today, money }) =>
    items
      .filter((i) => i.open || i.undecided)
      .flatMap((i) =>
        i.options.flatMap((o): Finding[] => {
          if (!o.heldUntil || o.heldUntil < today || daysBetween(today, o.heldUntil) > HOLD_DAYS) return []
          return [
            {
              rule: 'source.hold-ends',
              severity: 'look',
              about: [
                { kind: 'item', id: i.id, name: i.name },
                { kind: 'option', id: o.id, name: o.name },
              ],
              title: `${o.name} is held until ${dayText(o.heldUntil)}`,
              measured: `held until ${dayText(o.heldUntil)}`,
              wanted: o.chosen ? 'ordered by then' : 'a decision by then',
              because: 'A find that is gone the next day starts the search again.',
              mends: o.chosen
                ? []
                : [
                    {
                      label: `Take it, ${money(o.landedMinor)}`,
                      changes: [put('items', i.id, { chosenOptionId: o.id })],
                    },
                  ],
            },
          ]
        }),
      ),
  examples: {
    trips: () => schedule([item([option({ heldUntil: '2026-03-04' })])]),
    passes: () => schedule([item([option({ heldUntil: '2026-03-20' })])]),
  },
}

// Common practice: a week of warning before the last day to order.
const ORDER_DAYS = 7

/** What is chosen must be ordered soon to come in time. */
export const orderBy: Rule<SourceFacts> = {
  name: 'source.order-by',
  title: 'The last day to order is near',
  numbers: `From ${ORDER_DAYS} days before the last day: the day it is needed less its lead time.`,
  source: 'common practice',
  schools: 'all',
  check: ({ items, today }) =>
    items.flatMap((i) => {
      const o = i.options.find((x) => x.chosen)
      if (!o || !i.undecided || o.leadDays === null || !i.neededOn || o.kind === 'owned') return []
      const last = addDays(i.neededOn, -o.leadDays)
      const left = daysBetween(today, last)
      if (left < 0 || left > ORDER_DAYS) return []
      const finding: Finding = {
        rule: 'source.order-by',
        severity: 'look',
        about: [
          { kind: 'item', id: i.id, name: i.name },
          { kind: 'option', id: o.id, name: o.name },
        ],
        title: `Order ${o.name} by ${dayText(last)}`,
        measured: `${o.leadDays} days of lead time, needed on ${dayText(i.neededOn)}`,
        wanted: `ordered by ${dayText(last)}`,
        because: 'After that day it comes when the fitters have gone.',
        mends: [],
      }
      return [finding]
    }),
  examples: {
    trips: () => schedule([item([option({ leadDays: 56 })])]),
    passes: () => schedule([item([option({ leadDays: 10 })])]),
  },
}

/** An order that is smaller than the supplier takes, or just under a saving. */
export const orderTooSmall: Rule<SourceFacts> = {
  name: 'source.order-too-small',
  title: 'An order is smaller than the supplier takes',
  numbers: 'The least order of the supplier; the next delivery band.',
  source: 'common practice',
  schools: 'all',
  check: ({ baskets, money }) =>
    baskets.flatMap((b): Finding[] => {
      if (b.shortMinor > 0)
        return [
          {
            rule: 'source.order-too-small',
            severity: 'look',
            about: [{ kind: 'order', id: b.supplierId ?? 'none', name: b.supplierName }],
            title: `${b.supplierName}: ${money(b.shortMinor)} short of the least order`,
            measured: `${money(b.goodsMinor)} of goods chosen`,
            wanted: `${money(b.goodsMinor + b.shortMinor)} at least`,
            because:
              'An order below it is refused or pays a surcharge; another thing from there, or another supplier.',
            mends: [],
          },
        ]
      // Worth saying only when buying more would cost less than it saves twice over.
      if (b.nextBand && b.nextBand.missingMinor <= 2 * b.nextBand.savesMinor)
        return [
          {
            rule: 'source.order-too-small',
            severity: 'note',
            about: [{ kind: 'order', id: b.supplierId ?? 'none', name: b.supplierName }],
            title: `${b.supplierName}: ${money(b.nextBand.missingMinor)} more saves ${money(b.nextBand.savesMinor)} of delivery`,
            measured: `${money(b.goodsMinor)} of goods chosen`,
            wanted: money(b.goodsMinor + b.nextBand.missingMinor),
            because: 'Delivery falls with the size of the order.',
            mends: [],
          },
        ]
      return []
    }),
  examples: {
    trips: () =>
      schedule([], {
        baskets: [
          {
            supplierId: 's',
            supplierName: 'Mill',
            goodsMinor: 8_000,
            shortMinor: 2_000,
            nextBand: undefined,
          },
        ],
      }),
    passes: () =>
      schedule([], {
        baskets: [
          { supplierId: 's', supplierName: 'Mill', goodsMinor: 12_000, shortMinor: 0, nextBand: undefined },
        ],
      }),
  },
}

/** Something of the kind is owned already. */
export const houseFirst: Rule<SourceFacts> = {
  name: 'source.house-first',
  title: 'Shop the house first',
  numbers: 'An open item of the same kind as an owned piece that is to move or be reworked.',
  source: 'common practice',
  schools: 'all',
  check: ({ items, owned, newOption }) =>
    owned.flatMap((p): Finding[] => {
      const i = items.find(
        (x) => x.open && x.pieceKind === p.kind && !x.options.some((o) => o.kind === 'owned'),
      )
      if (!i) return []
      return [
        {
          rule: 'source.house-first',
          severity: 'note',
          about: [
            { kind: 'item', id: i.id, name: i.name },
            { kind: 'piece', id: p.id, name: p.name },
          ],
          title: `${p.name} could fill ${i.name}`,
          measured: 'nobody has looked whether the owned one serves',
          wanted: 'the owned one among the options',
          because: 'What is owned already costs only what its rework costs.',
          mends: [
            {
              label: `Add ${p.name} as an option`,
              changes: [
                {
                  collection: 'options',
                  add: newOption({ itemId: i.id, kind: 'owned', name: p.name, pieceId: p.id, priceMinor: 0 }),
                },
              ],
            },
          ],
        },
      ]
    }),
  examples: {
    trips: () =>
      schedule([item([], { open: true })], { owned: [{ id: 'p', name: 'Hall lamp', kind: 'lamp' }] }),
    passes: () =>
      schedule([item([], { open: true })], { owned: [{ id: 'p', name: 'Hall chair', kind: 'chair' }] }),
  },
}
