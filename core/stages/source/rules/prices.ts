import { put } from '../../../model/changes.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'
import { reworkAdvice, stayCost } from '../worth.js'
import { item, option, schedule } from './example.js'

/** A price that lost its hundreds. */
export const slipOfAHundred: Rule<SourceFacts> = {
  name: 'source.slip-of-a-hundred',
  title: 'A price may have lost its hundreds',
  numbers:
    'A marked-down price above an earlier one; or a price under a twentieth of target and other options, which a hundredfold brings among them.',
  source: 'common practice',
  schools: 'all',
  check: ({ items, money }) =>
    items.flatMap((i) =>
      i.options.flatMap((o): Finding[] => {
        if (!o.slip) return []
        const likely = o.slip.likely.at(-1) ?? o.priceMinor
        return [
          {
            rule: 'source.slip-of-a-hundred',
            severity: 'look',
            about: [
              { kind: 'item', id: i.id, name: i.name },
              { kind: 'option', id: o.id, name: o.name },
            ],
            title: `${o.name} at ${money(o.priceMinor)}: are the prices right?`,
            measured: [
              ...o.history.points.map((p) => p.priceMinor),
              ...(o.history.points.length > 0 ? [] : [o.priceMinor]),
            ]
              .map(money)
              .join(' → '),
            wanted: `likely ${o.slip.likely.map(money).join(' → ')}`,
            because: `Spoken prices lose their hundreds: ${o.slip.why}.`,
            mends:
              likely === o.priceMinor
                ? []
                : [
                    {
                      label: `It is ${money(likely)}`,
                      changes: [put('options', o.id, { priceMinor: likely })],
                    },
                  ],
          },
        ]
      }),
    ),
  examples: {
    trips: () =>
      schedule([
        item([
          option({
            priceMinor: 299,
            slip: { likely: [29_900], why: 'it is far below what such things cost here' },
          }),
        ]),
      ]),
    passes: () => schedule([item([option()])]),
  },
}

/** A price in another currency that nobody has turned into the job's. */
export const rateNotGiven: Rule<SourceFacts> = {
  name: 'source.rate-not-given',
  title: 'A price in another currency has no rate',
  numbers: 'Every price in another currency has a rate with its day.',
  source: 'common practice',
  schools: 'all',
  check: ({ items }) =>
    items.flatMap((i) =>
      i.options.flatMap((o): Finding[] =>
        o.rateMissing === undefined
          ? []
          : [
              {
                rule: 'source.rate-not-given',
                severity: o.chosen && i.undecided ? 'stop' : 'look',
                about: [
                  { kind: 'item', id: i.id, name: i.name },
                  { kind: 'option', id: o.id, name: o.name },
                ],
                title: `${o.name} is priced in ${o.rateMissing} without a rate`,
                measured: `${o.rateMissing}, no rate`,
                wanted: 'a rate and its day, under “Price history, stock and currency”',
                because:
                  'Until then its figure counts as if it were in the money of the job, which it is not.',
                mends: [],
              },
            ],
      ),
    ),
  examples: {
    trips: () => schedule([item([option({ rateMissing: 'USD' })])]),
    passes: () => schedule([item([option()])]),
  },
}

/** Something watched has come down, or what is chosen has gone up. */
export const priceMoved: Rule<SourceFacts> = {
  name: 'source.price-moved',
  title: 'A price moved',
  numbers:
    'The watch price is reached; or the price of what is chosen and not ordered has risen since it was last seen; or it is back in stock.',
  source: 'common practice',
  schools: 'all',
  check: ({ items, money }) =>
    items
      .filter((i) => i.open || i.undecided)
      .flatMap((i) =>
        i.options.flatMap((o): Finding[] => {
          const last = o.history.events.at(-1)
          const said =
            o.history.reached && !o.chosen
              ? { title: `${o.name} is down to the price watched for`, wanted: 'a decision while it lasts' }
              : last?.kind === 'gone up' && o.chosen
                ? {
                    title: `${o.name} has gone up by ${money(last.toMinor - last.fromMinor)}`,
                    wanted: 'still the right choice',
                  }
                : last?.kind === 'back in stock'
                  ? { title: `${o.name} is back in stock`, wanted: 'a second look' }
                  : undefined
          if (!said) return []
          return [
            {
              rule: 'source.price-moved',
              severity: 'note',
              about: [
                { kind: 'item', id: i.id, name: i.name },
                { kind: 'option', id: o.id, name: o.name },
              ],
              title: said.title,
              measured: o.history.points
                .map((p) => `${money(p.priceMinor)}${p.stock === 'sold out' ? ' sold out' : ''}`)
                .join(' → '),
              wanted: said.wanted,
              because:
                'Waiting for a markdown is a bet against stock and date; a price that moved asks for the decision again.',
              mends:
                o.history.reached && !o.chosen && o.against.length === 0
                  ? [
                      {
                        label: `Take ${o.name}, ${money(o.landedMinor)}`,
                        changes: [put('items', i.id, { chosenOptionId: o.id })],
                      },
                    ]
                  : [],
            },
          ]
        }),
      ),
  examples: {
    trips: () =>
      schedule([
        item([
          option({
            chosen: false,
            history: { points: [], events: [], markdowns: 1, offPercent: 20, reached: true },
          }),
        ]),
      ]),
    passes: () => schedule([item([option()])]),
  },
}

/** Second-hand or owned, reworked so dearly that new comes near. */
export const reworkNearNew: Rule<SourceFacts> = {
  name: 'source.rework-near-new',
  title: 'Reworking comes near the price of new',
  numbers: 'Rework at three fifths of the cheapest new option that fits, or more.',
  source: 'common practice',
  schools: 'all',
  check: ({ items, money }) =>
    items.flatMap((i) => {
      const o = i.options.find((x) => x.chosen)
      const fresh = i.options.filter(
        (x) => x.kind === 'new' && x.against.length === 0 && x.landedMinor > 0,
      )[0]
      if (!o || !i.undecided || !fresh || o.landedMinor === 0) return []
      if (o.kind !== 'second-hand' && o.kind !== 'owned') return []
      const { ratio, tooNear } = reworkAdvice(o.landedMinor, fresh.landedMinor)
      if (!tooNear) return []
      const finding: Finding = {
        rule: 'source.rework-near-new',
        severity: 'note',
        about: [
          { kind: 'item', id: i.id, name: i.name },
          { kind: 'option', id: o.id, name: o.name },
        ],
        title: `${o.name} comes to ${Math.round(100 * ratio)} % of new`,
        measured: `${money(o.landedMinor)} against ${money(fresh.landedMinor)} for ${fresh.name}`,
        wanted: 'under 60 %, or a layout worth keeping',
        because:
          'Reworking is worth it while new would cost far more; near the price of new it is a day’s work for little.',
        mends: [
          {
            label: `Take ${fresh.name}, ${money(fresh.landedMinor)}`,
            changes: [put('items', i.id, { chosenOptionId: fresh.id })],
          },
        ],
      }
      return [finding]
    }),
  examples: {
    trips: () =>
      schedule([
        item([
          option({ kind: 'second-hand', landedMinor: 9_000 }),
          option({ id: 'new', name: 'New lamp', chosen: false, landedMinor: 12_000 }),
        ]),
      ]),
    passes: () =>
      schedule([
        item([
          option({ kind: 'second-hand', landedMinor: 5_000 }),
          option({ id: 'new', name: 'New lamp', chosen: false, landedMinor: 12_000 }),
        ]),
      ]),
  },
}

/** Over the stay another option costs less. */
export const dearerOverTheStay: Rule<SourceFacts> = {
  name: 'source.dearer-over-the-stay',
  title: 'Another option costs less over the stay',
  numbers: 'Price times the whole purchases that the years of the stay need.',
  source: 'common practice',
  schools: 'all',
  check: ({ items, stayYears, money }) =>
    stayYears === null
      ? []
      : items.flatMap((i) => {
          const o = i.options.find((x) => x.chosen)
          if (!o?.years || !i.undecided) return []
          const own = stayCost(o.landedMinor, o.years, stayYears)
          const better = i.options
            .filter((x) => !x.chosen && x.years !== null && x.against.length === 0)
            .map((x) => ({ x, cost: stayCost(x.landedMinor, x.years ?? 1, stayYears) }))
            .filter(({ cost }) => cost.totalMinor < own.totalMinor)
            .sort((a, b) => a.cost.totalMinor - b.cost.totalMinor)[0]
          if (!better) return []
          const times = (n: number) => (n === 1 ? 'once' : `${n} times`)
          const finding: Finding = {
            rule: 'source.dearer-over-the-stay',
            severity: 'note',
            about: [
              { kind: 'item', id: i.id, name: i.name },
              { kind: 'option', id: o.id, name: o.name },
            ],
            title: `Over ${stayYears} years ${better.x.name} costs less than ${o.name}`,
            measured: `${money(own.totalMinor)}: bought ${times(own.purchases)}`,
            wanted: `${money(better.cost.totalMinor)}: bought ${times(better.cost.purchases)}`,
            because: 'Whole purchases within the stay decide; price divided by years alone misleads.',
            mends: [
              {
                label: `Take ${better.x.name}, ${money(better.x.landedMinor)}`,
                changes: [put('items', i.id, { chosenOptionId: better.x.id })],
              },
            ],
          }
          return [finding]
        }),
  examples: {
    trips: () =>
      schedule(
        [
          item([
            option({ years: 2, landedMinor: 26_000 }),
            option({ id: 'a', name: 'Lasting', chosen: false, years: 12, landedMinor: 120_000 }),
          ]),
        ],
        { stayYears: 12 },
      ),
    passes: () =>
      schedule(
        [
          item([
            option({ years: 2, landedMinor: 26_000 }),
            option({ id: 'a', name: 'Lasting', chosen: false, years: 12, landedMinor: 120_000 }),
          ]),
        ],
        { stayYears: 3 },
      ),
  },
}
