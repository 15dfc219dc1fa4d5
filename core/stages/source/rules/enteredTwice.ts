import type { Rule, Finding } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'

const WORDS = { item: 'a line to buy', option: 'something owned', loan: 'something borrowed' } as const

/** A piece and a line, an owned option or a loan that look like one thing and do not know of each other. */
export const enteredTwice: Rule<SourceFacts> = {
  name: 'source.entered-twice',
  title: 'One thing entered twice',
  numbers:
    'The same words in the name, or each the only one of its kind; never where two could be meant, and never by kind alone for what a room has many of.',
  source: 'common practice',
  schools: 'all',
  check: ({ ties }) =>
    ties.untied.map(({ one, other, by, pieceKind, changes }): Finding => ({
      rule: 'source.entered-twice',
      severity: by === 'name' ? 'look' : 'note',
      about: [one, other],
      title:
        by === 'name' ? `${one.name} stands in two lists` : `${other.name} and ${one.name} may be one thing`,
      measured:
        by === 'name'
          ? `a piece of the room and ${WORDS[other.kind]}, not tied`
          : `each is the only ${pieceKind} in its list`,
      wanted: 'one thing with one size, one weight and one place',
      because: 'What is entered twice is changed once: the plan then judges a size nobody buys.',
      fixes: [{ label: 'They are one thing', changes }],
    })),
}
