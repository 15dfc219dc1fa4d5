import type { Finding, Rule } from '../../../findings/finding.js'
import { listed } from '../../../kernel/listed.js'
import type { Category } from '../../../model/vocabulary/category.js'
import type { ItemFacts, OptionFacts, SourceFacts } from '../sourceFacts.js'
import { about, choose, chosenOf } from './chosen.js'

/** What lasts and is used every day. */
const LASTS: ReadonlySet<Category> = new Set<Category>(['surfaces', 'furniture', 'light', 'fixtures'])
// Few enough to carry the room (the school's own words).
const MOST_SPLURGES = 3
// Below that a difference is no decision (common practice).
const DEARER = 1.1

const base = (school: string) => ({ rule: 'source.money-school', school }) as const

/** Decor chosen for money while what is used daily has nothing. */
function decorFirst(facts: SourceFacts): Finding[] {
  const waiting = facts.items.filter(
    (i) => i.open && !i.raised && !i.mayWait && i.serves > 0 && LASTS.has(i.category),
  )
  if (waiting.length === 0) return []
  return facts.items.flatMap((i): Finding[] => {
    const o = chosenOf(i)
    if (!o || !i.undecided || i.raised || i.category !== 'decor' || o.landedMinor <= 0) return []
    return [
      {
        ...base('lasting pieces first'),
        severity: 'look',
        about: [...about(i, o), ...waiting.flatMap((w) => about(w))],
        title: `${o.name} comes before ${listed(waiting.map((w) => w.name))}`,
        measured: `${facts.says.money(o.landedMinor)} for decor`,
        wanted: 'first what is used every day and lasts',
        because: 'Decor can come later; a seat, a table or a light cannot.',
        fixes: [choose(i, undefined, `Let ${i.name} wait`)],
      },
    ]
  })
}

/** One that can be had: it fits, it is in a shop, it is bought. */
const canBe = (o: OptionFacts): boolean =>
  o.against.length === 0 && o.stock !== 'sold out' && (o.kind === 'new' || o.kind === 'second-hand')

function dearer(facts: SourceFacts): Finding[] {
  return facts.items.flatMap((i): Finding[] => {
    const o = chosenOf(i)
    if (!o || !i.undecided) return []
    const least = i.options
      .filter((other) => other !== o && canBe(other))
      .sort((a, b) => a.landedMinor - b.landedMinor || (a.name < b.name ? -1 : 1))[0]
    if (!least || o.landedMinor < least.landedMinor * DEARER) return []
    return [
      {
        ...base('lowest outlay'),
        severity: 'look',
        about: about(i, o),
        title: `Why ${o.name}, and not ${least.name}?`,
        measured: `${facts.says.money(o.landedMinor - least.landedMinor)} dearer`,
        wanted: 'the least outlay, or a reason',
        because: 'Every line at its least; what costs more says why.',
        fixes: [choose(i, least, `Choose ${least.name} for ${facts.says.money(least.landedMinor)}`)],
      },
    ]
  })
}

/** Too many splurges, and lines that are to save and do not. */
function fewSplurges(facts: SourceFacts): Finding[] {
  const school = 'splurge on few, save on the rest'
  const splurges = facts.items.filter((i) => i.spend === 'splurge')
  const many: Finding[] =
    splurges.length > MOST_SPLURGES
      ? [
          {
            ...base(school),
            severity: 'look',
            about: splurges.flatMap((i) => about(i)),
            title: `${splurges.length} lines are splurges`,
            measured: listed(splurges.map((i) => i.name)),
            wanted: `at most ${MOST_SPLURGES}, the rest saves for them`,
            because: 'Where everything is special nothing carries the room.',
            fixes: [...splurges]
              .sort((a, b) => a.targetMinor - b.targetMinor || (a.name < b.name ? -1 : 1))
              .slice(0, 1)
              .filter(() => splurges.length === MOST_SPLURGES + 1)
              .map((i) => ({
                label: `Spend on ${i.name} as on any other line`,
                changes: [{ collection: 'items', id: i.id, set: { spend: 'even' } }],
              })),
          },
        ]
      : []
  const saves = (i: ItemFacts): OptionFacts | undefined => {
    const o = chosenOf(i)
    return o && i.spend === 'save' && i.undecided && i.targetMinor > 0 && o.landedMinor > i.targetMinor
      ? o
      : undefined
  }
  return [
    ...many,
    ...facts.items.flatMap((i): Finding[] => {
      const o = saves(i)
      if (!o) return []
      const within = i.options.filter((other) => canBe(other) && other.landedMinor <= i.targetMinor)
      return [
        {
          ...base(school),
          severity: 'look',
          about: about(i, o),
          title: `${i.name} was to save`,
          measured: `${facts.says.money(o.landedMinor)} for a target of ${facts.says.money(i.targetMinor)}`,
          wanted: `${facts.says.money(i.targetMinor)} or less`,
          because: 'What the rest does not save the few cannot have.',
          fixes: within
            .slice(0, 2)
            .map((other) =>
              choose(i, other, `Choose ${other.name} for ${facts.says.money(other.landedMinor)}`),
            ),
        },
      ]
    }),
  ]
}

export const moneySchool: Rule<SourceFacts> = {
  name: 'source.money-school',
  title: 'Money spent against what was agreed about money',
  numbers: `Under “lasting pieces first” decor chosen while a lasting piece that serves a use has nothing; under “lowest outlay” a choice a tenth and more dearer than one that fits; under “splurge on few, save on the rest” more than ${MOST_SPLURGES} splurges, and a line that is to save and runs past its target.`,
  source: 'common practice',
  schools: ['lasting pieces first', 'lowest outlay', 'splurge on few, save on the rest'],
  check: (facts) => {
    switch (facts.schools.money) {
      case 'lasting pieces first':
        return decorFirst(facts)
      case 'lowest outlay':
        return dearer(facts)
      case 'splurge on few, save on the rest':
        return fewSplurges(facts)
      default:
        return []
    }
  },
}
