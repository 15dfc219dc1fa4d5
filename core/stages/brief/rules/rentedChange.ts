import type { RentedChange } from '../rentedChanges.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { CHANGE_WORDS } from '../../../model/vocabulary/change.js'
import type { BriefFacts } from '../briefFacts.js'
import type { Formatter } from '../../../kernel/units/formatter.js'

function forbidden(c: RentedChange, says: Formatter): Finding {
  return {
    rule: 'brief.rented-change',
    severity: 'stop',
    about: [{ kind: c.kind, id: c.id, name: c.name }],
    title: `${c.name}: ${c.how}, and the home is rented`,
    measured: c.short
      ? `The letter of ${says.day(c.short.consent.on)} does not reach: ${c.short.because}`
      : `No written consent to ${CHANGE_WORDS[c.change]}`,
    wanted: 'consent in writing, or a way that leaves no trace',
    because: 'What is changed without leave is paid for on leaving.',
    school: 'rented',
    fixes: c.ways,
  }
}

export const rentedChange: Rule<BriefFacts> = {
  name: 'brief.rented-change',
  title: 'Something drills, paints or fixes in a rented home without consent',
  numbers:
    'Every finish applied to a surface, and everything screwed, glued, wired or plumbed in; a consent counts for its own change, place, color and item only.',
  source: 'common practice',
  schools: ['rented'],
  check: ({ changes, says }) => changes.filter((c) => !c.consent).map((c) => forbidden(c, says)),
}
