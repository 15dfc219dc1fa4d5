import type { Finding, Rule } from '../../../findings/finding.js'
import { listed } from '../../../kernel/listed.js'
import type { ItemFacts, SourceFacts } from '../sourceFacts.js'
import { about, choose, chosenOf } from './chosen.js'

/** Nobody wrote down what it is for, or what it may cost. */
const undecided = (i: ItemFacts): boolean =>
  !i.raised && i.intent.trim() === '' && i.serves === 0 && i.targetMinor === 0

function bought(facts: SourceFacts): Finding[] {
  return facts.items.flatMap((i): Finding[] => {
    const o = chosenOf(i)
    if (!o || o.kind === 'owned' || !undecided(i)) return []
    return [
      {
        rule: 'source.off-the-list',
        severity: 'look',
        about: about(i, o),
        title: `${i.name} is on no list`,
        measured: 'no intent, no use and no target price',
        wanted: 'what it is for, and what it may cost, before it is chosen',
        because: 'What is bought to the list serves the room; what is found beside it serves the shop.',
        school: 'decide, then buy to the list',
        fixes: i.undecided ? [choose(i, undefined, `Choose nothing for ${i.name} yet`)] : [],
      },
    ]
  })
}

function unjudged(facts: SourceFacts): Finding[] {
  const blind = facts.items.filter((i) => i.open && !i.raised && i.intent.trim() === '')
  return blind.length === 0
    ? []
    : [
        {
          rule: 'source.off-the-list',
          severity: 'note',
          about: blind.flatMap((i) => about(i)),
          title: `A find for ${listed(blind.map((i) => i.name))} could not be judged`,
          measured: 'no intent written down',
          wanted: 'an intent each: what it must do for the room, whatever it is',
          because: 'A find is held against the intent; without one every find fits.',
          school: 'leave room for finds',
          fixes: [],
        },
      ]
}

export const offTheList: Rule<SourceFacts> = {
  name: 'source.off-the-list',
  title: 'Bought off the list, or a list no find can be held against',
  numbers:
    'Under “decide, then buy to the list” a choice without intent, use and target price; under “leave room for finds” open lines without an intent.',
  source: 'common practice',
  schools: ['decide, then buy to the list', 'leave room for finds'],
  check: (facts) => {
    if (facts.schools.buying === 'decide, then buy to the list') return bought(facts)
    if (facts.schools.buying === 'leave room for finds') return unjudged(facts)
    return []
  },
}
