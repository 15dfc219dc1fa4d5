import { put } from '../../../model/changes.js'
import type { Finding, Mend, Rule } from '../../../findings/finding.js'
import { addDays, dayText } from '../../../kernel/units/days.js'
import type { ItemFacts, OptionFacts, SourceFacts } from '../sourceFacts.js'
import { LASTING_PIECE } from '../../../model/vocabulary/buying.js'
import { item, option, schedule } from './example.js'

const about = (i: ItemFacts, o?: OptionFacts) => [
  { kind: 'item' as const, id: i.id, name: i.name },
  ...(o ? [{ kind: 'option' as const, id: o.id, name: o.name }] : []),
]
const choose = (i: ItemFacts, o: OptionFacts | undefined, label: string): Mend => ({
  label,
  changes: [put('items', i.id, { chosenOptionId: o?.id ?? null })],
})
const chosenOf = (i: ItemFacts) => i.options.find((o) => o.chosen)
/** Others that may be taken, the cheapest first, as ways out. */
const runnersUp = (i: ItemFacts, money: SourceFacts['money']): Mend[] =>
  i.options
    .filter((o) => !o.chosen && o.against.length === 0)
    .slice(0, 2)
    .map((o) => choose(i, o, `Take ${o.name}, ${money(o.landedMinor)}`))

/** A chosen option that cannot be taken. */
export const struckOut: Rule<SourceFacts> = {
  name: 'source.struck-out',
  title: 'A chosen option cannot be taken',
  numbers:
    'Limits of size, the way in, the day it is needed, stock, what the place demands, what a lease forbids.',
  source: 'common practice',
  schools: 'all',
  check: ({ items, money }) =>
    items.flatMap((i) => {
      const o = chosenOf(i)
      if (!o || !i.undecided || o.against.length === 0) return []
      const finding: Finding = {
        rule: 'source.struck-out',
        severity: 'stop',
        about: about(i, o),
        title: `${o.name} cannot be taken for ${i.name}`,
        measured: o.against.map((r) => r.says).join('; '),
        wanted: 'an option that nothing strikes out',
        because: 'What does not fit, comes too late or is gone is found out now or at the door.',
        mends: [...runnersUp(i, money), choose(i, undefined, 'Leave it open')],
      }
      return [finding]
    }),
  examples: {
    trips: () =>
      schedule([
        item([
          option({
            against: [{ aspect: 'size', verdict: 'strikes out', says: 'width 40 mm over', satisfied: 0 }],
          }),
        ]),
      ]),
    passes: () => schedule([item([option()])]),
  },
}

/** What the choice calls for besides itself. */
export const companionMissing: Rule<SourceFacts> = {
  name: 'source.companion-missing',
  title: 'A choice calls for another line',
  numbers:
    'Print and frame, lamp and bulb, rug and underlay, tall storage and anchor, open base and what shows behind it.',
  source: 'common practice',
  schools: 'all',
  check: ({ items, newItem }) =>
    items.flatMap((i) =>
      i.missing.map((c): Finding => ({
        rule: 'source.companion-missing',
        severity: 'look',
        about: [...about(i), { kind: 'option', id: `${i.id} ${c.what}`, name: c.what }],
        title: `${i.name} calls for: ${c.what}`,
        measured: `no line for ${c.what}`,
        wanted: 'a line of its own, or accepted as there already',
        because: `${c.why} What is forgotten now is bought in a hurry later.`,
        mends: [
          {
            label: `Add the line “${c.what}”`,
            changes: [
              {
                collection: 'items',
                add: newItem({
                  name: `${c.what[0]?.toUpperCase() ?? ''}${c.what.slice(1)} for ${i.name}`.slice(0, 120),
                  category: c.category,
                  forItemId: i.id,
                  companion: c.what,
                  position: i.position,
                }),
              },
            ],
          },
        ],
      })),
    ),
  examples: {
    trips: () =>
      schedule([
        item([option()], {
          missing: [{ what: 'bulb', category: 'light', why: 'A lamp comes without a bulb.' }],
        }),
      ]),
    passes: () => schedule([item([option()])]),
  },
}

/** Something else was chosen than planned. */
export const intentLost: Rule<SourceFacts> = {
  name: 'source.intent',
  title: 'Something else than planned is chosen',
  numbers:
    'Asked until it is said whether the intent is kept; a lost intent is shown although it saved money.',
  source: 'common practice',
  schools: 'all',
  check: ({ items, money }) =>
    items.flatMap((i) => {
      const { swap } = i
      if (!swap || swap.intent === 'kept') return []
      const by =
        swap.savedMinor === 0
          ? 'at the same price'
          : swap.savedMinor > 0
            ? `${money(swap.savedMinor)} less`
            : `${money(-swap.savedMinor)} more`
      const say = (intentKept: 'kept' | 'lost', label: string): Mend => ({
        label,
        changes: [put('items', i.id, { intentKept })],
      })
      const back: Mend[] = i.options
        .filter((o) => o.name === swap.plannedName)
        .map((o) => choose(i, o, `Back to ${o.name}`))
      const finding: Finding = {
        rule: 'source.intent',
        severity: swap.intent === 'lost' ? 'look' : 'note',
        about: about(i),
        title: swap.intent === 'lost' ? `${i.name}: the intent is lost` : `${i.name}: is the intent kept?`,
        measured: `${swap.boughtName} for ${swap.plannedName}, ${by}`,
        wanted: i.intent ? `“${i.intent}”` : 'an intent to judge it by',
        because:
          'What is bought is rarely what was drawn; the room holds together while each thing still does what it was for.',
        mends:
          swap.intent === 'lost'
            ? back
            : [say('kept', 'The intent is kept'), say('lost', 'The intent is lost'), ...back],
      }
      return [finding]
    }),
  examples: {
    trips: () =>
      schedule([
        item([option()], {
          swap: { plannedName: 'Pin rail', boughtName: 'Neon clock', savedMinor: 8_000, intent: 'lost' },
        }),
      ]),
    passes: () =>
      schedule([
        item([option()], {
          swap: { plannedName: 'Pin rail', boughtName: 'Moss trays', savedMinor: 6_500, intent: 'kept' },
        }),
      ]),
  },
}

// Common practice: the time a second look at a placeholder should be announced.
const SOON_DAYS = 7

/** A placeholder whose time is up. */
export const placeholderDue: Rule<SourceFacts> = {
  name: 'source.placeholder-due',
  title: 'A placeholder is due for review',
  numbers: `From ${SOON_DAYS} days before the day set for it.`,
  source: 'common practice',
  schools: 'all',
  check: ({ items, today, newItem, money }) =>
    items.flatMap((i) => {
      const o = chosenOf(i)
      if (o?.kind !== 'placeholder' || !o.reviewOn || o.reviewOn > addDays(today, SOON_DAYS)) return []
      const finding: Finding = {
        rule: 'source.placeholder-due',
        severity: 'look',
        about: about(i, o),
        title: `${i.name}: time to look for the lasting piece`,
        measured: `review on ${dayText(o.reviewOn)}`,
        wanted: `the lasting piece, for which ${money(i.targetMinor)} is held`,
        because: 'A stand-in was meant to stand in; the money for the right one is still held back.',
        mends: [
          {
            label: 'Open a line for the lasting piece',
            changes: [
              put('options', o.id, { reviewOn: null }),
              {
                collection: 'items',
                add: newItem({
                  name: `${i.name}, lasting`.slice(0, 120),
                  category: i.category,
                  pieceKind: i.pieceKind,
                  intent: i.intent,
                  targetMinor: i.targetMinor,
                  forItemId: i.id,
                  companion: LASTING_PIECE,
                  position: i.position,
                }),
              },
            ],
          },
          {
            label: 'Look again in 60 days',
            changes: [put('options', o.id, { reviewOn: addDays(today, 60) })],
          },
        ],
      }
      return [finding]
    }),
  examples: {
    trips: () => schedule([item([option({ kind: 'placeholder', reviewOn: '2026-03-05' })])]),
    passes: () => schedule([item([option({ kind: 'placeholder', reviewOn: '2026-06-05' })])]),
  },
}

/** A second-hand thing chosen before it was looked over. */
export const notLookedOver: Rule<SourceFacts> = {
  name: 'source.not-looked-over',
  title: 'A second-hand thing is not looked over',
  numbers:
    'Size, structure, smell, insects, stains, pilling, wiring, label: at least four of them before it is paid.',
  source: 'common practice',
  schools: 'all',
  check: ({ items }) =>
    items.flatMap((i) => {
      const o = chosenOf(i)
      if (!o || !i.undecided || o.kind !== 'second-hand' || o.lookedAt.length >= 4) return []
      const finding: Finding = {
        rule: 'source.not-looked-over',
        severity: 'look',
        about: about(i, o),
        title: `${o.name}: not looked over`,
        measured: o.lookedAt.length === 0 ? 'nothing ticked' : `only ${o.lookedAt.join(', ')}`,
        wanted: 'size, structure, smell and insects at least; wiring on anything with a plug',
        because: 'Second-hand seldom goes back: what is found at home is kept at home.',
        mends: [
          {
            label: 'It is looked over: size, structure, smell, insects',
            changes: [put('options', o.id, { lookedAt: ['size', 'structure', 'smell', 'insects'] })],
          },
        ],
      }
      return [finding]
    }),
  examples: {
    trips: () => schedule([item([option({ kind: 'second-hand' })])]),
    passes: () =>
      schedule([
        item([option({ kind: 'second-hand', lookedAt: ['size', 'structure', 'smell', 'insects'] })]),
      ]),
  },
}

/** A part of a set is chosen and the set is not. */
export const setNotChosen: Rule<SourceFacts> = {
  name: 'source.set-not-chosen',
  title: 'A part of a set is chosen without the set',
  numbers: 'A part costs nothing of its own because the set price has it in it.',
  source: 'common practice',
  schools: 'all',
  check: ({ items }) =>
    items.flatMap((i) => {
      const o = chosenOf(i)
      if (!o?.partOf || o.partOf.chosen) return []
      const { partOf } = o
      const finding: Finding = {
        rule: 'source.set-not-chosen',
        severity: 'stop',
        about: about(i, o),
        title: `${o.name} comes with ${partOf.name}, which is not chosen`,
        measured: `${partOf.name} not chosen`,
        wanted: 'the set chosen, or this from elsewhere',
        because: 'The price of a set is for everything in it, and for nothing without it.',
        mends: [
          {
            label: `Choose ${partOf.name}`,
            changes: [put('items', partOf.itemId, { chosenOptionId: partOf.optionId })],
          },
          choose(i, undefined, 'Leave it open'),
        ],
      }
      return [finding]
    }),
  examples: {
    trips: () =>
      schedule([
        item([option({ partOf: { itemId: 'seats', optionId: 'set', name: 'Terrace set', chosen: false } })]),
      ]),
    passes: () =>
      schedule([
        item([option({ partOf: { itemId: 'seats', optionId: 'set', name: 'Terrace set', chosen: true } })]),
      ]),
  },
}
