import type { Finding, Rule } from '../../../findings/finding.js'
import { listed } from '../../../kernel/listed.js'
import { addDays } from '../../../kernel/units/days.js'
import type { ItemFacts, OptionFacts, SourceFacts } from '../sourceFacts.js'
import { about, choose, chosenOf } from './chosen.js'

interface StandIn {
  readonly item: ItemFacts
  readonly option: OptionFacts
}

const standIns = (facts: SourceFacts): readonly StandIn[] =>
  facts.items.flatMap((item) => {
    const option = chosenOf(item)
    return option?.kind === 'placeholder' ? [{ item, option }] : []
  })

const base = (school: string) => ({ rule: 'source.pace', school }) as const

/** Every place has something at once, and a day on which it is looked at again. */
function standInNow(facts: SourceFacts): Finding[] {
  const empty = facts.items.filter((i) => i.open && !i.raised && !i.mayWait)
  const school = 'placeholder now'
  return [
    ...(empty.length > 0
      ? [
          {
            ...base(school),
            severity: 'note' as const,
            about: empty.flatMap((i) => about(i)),
            title: `Nothing stands in for ${listed(empty.map((i) => i.name))}`,
            measured: facts.says.count(empty.length, 'place') + ' empty',
            wanted: 'a cheap stand-in at once, with the day it is looked at again',
            because: 'A room that can be used at once is judged by living in it.',
            fixes: [],
          },
        ]
      : []),
    ...standIns(facts)
      .filter((s) => s.option.reviewOn === null)
      .map(({ item, option }): Finding => ({
        ...base(school),
        severity: 'look',
        about: about(item, option),
        title: `${option.name} stands in without an end`,
        measured: 'no day to look at it again',
        wanted: 'a day',
        because: 'A stand-in nobody looks at again is what was bought.',
        fixes: [
          {
            label: 'Look again in 60 days',
            changes: [{ collection: 'options', id: option.id, set: { reviewOn: addDays(facts.today, 60) } }],
          },
        ],
      })),
  ]
}

/** No stand-in where the school wants none: the place stays empty, or is filled for good. */
const noStandIn = (facts: SourceFacts, school: string, wanted: string, because: string): Finding[] =>
  standIns(facts).map(({ item, option }): Finding => ({
    ...base(school),
    severity: 'look',
    about: about(item, option),
    title: `${option.name} only stands in`,
    measured: 'a placeholder',
    wanted,
    because,
    fixes: item.undecided ? [choose(item, undefined, `Choose nothing for ${item.name} yet`)] : [],
  }))

/** What comes after the day on which everything is to be there. */
function tooLate(facts: SourceFacts): Finding[] {
  const { revealOn, today, says } = facts
  if (revealOn === null) return []
  return facts.items.flatMap((i): Finding[] => {
    const o = chosenOf(i)
    if (!o || !i.undecided || o.leadDays === null || o.kind === 'placeholder') return []
    const comes = addDays(today, o.leadDays)
    if (comes <= revealOn) return []
    return [
      {
        ...base('all at once'),
        severity: 'look',
        about: about(i, o),
        title: `${o.name} comes after the reveal`,
        measured: `ordered today it is here on ${says.day(comes)}`,
        wanted: `by ${says.day(revealOn)}`,
        because: 'Everything is to be there on the day of the reveal.',
        fixes: i.options
          .filter(
            (other) =>
              other !== o &&
              other.kind !== 'placeholder' &&
              other.against.length === 0 &&
              other.leadDays !== null &&
              addDays(today, other.leadDays) <= revealOn,
          )
          .slice(0, 2)
          .map((other) =>
            choose(i, other, `Choose ${other.name}, here in ${says.count(other.leadDays ?? 0, 'day')}`),
          ),
      },
    ]
  })
}

export const pace: Rule<SourceFacts> = {
  name: 'source.pace',
  title: 'Against the pace agreed',
  numbers:
    'Under “placeholder now” empty places and stand-ins without a day of review; under “slowly” and “best affordable now” stand-ins; under “all at once” stand-ins and what comes after the reveal.',
  source: 'common practice',
  schools: ['placeholder now', 'slowly', 'all at once', 'best affordable now'],
  check: (facts) => {
    switch (facts.schools.pace) {
      case 'placeholder now':
        return standInNow(facts)
      case 'slowly':
        return noStandIn(
          facts,
          'slowly',
          'an empty place until the right piece is found',
          'What stands in takes the money and the wish for the right piece.',
        )
      case 'best affordable now':
        return noStandIn(
          facts,
          'best affordable now',
          'the best the money bears today',
          'There is no second round in which it would be replaced.',
        )
      case 'all at once':
        return [
          ...noStandIn(
            facts,
            'all at once',
            'the lasting piece by the reveal',
            'Everything is to be there on the day of the reveal.',
          ),
          ...tooLate(facts),
        ]
      default:
        return []
    }
  },
}
