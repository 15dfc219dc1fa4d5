import { listed } from '../../../kernel/listed.js'
import type { Rule } from '../../../findings/finding.js'
import type { RecordFacts } from '../recordFacts.js'
import { isComplete } from '../register.js'

export const originMissing: Rule<RecordFacts> = {
  name: 'handover.origin-missing',
  title: 'Nobody knows where a thing came from',
  numbers:
    'Each thing of the room with what its origin must carry: bought new a seller, a price and a link or number; second-hand a seller and a price; made a maker; borrowed or hired whose it is and when it goes back; owned or given nothing more. Asked for from three weeks before the day of installing.',
  source: 'common practice',
  schools: 'all',
  check: ({ register, isDue }) => {
    const open = register.things.filter((t) => !isComplete(t))
    if (!isDue || open.length === 0) return []
    const [all, known] = [register.things.length, register.things.length - open.length]
    return [
      {
        rule: 'handover.origin-missing',
        severity: 'look',
        about: open.map((t) => t.ref),
        title: `${known} of ${all} things know where they came from`,
        measured: open.map((t) => `${t.ref.name}: ${listed(t.missing)}`).join('; '),
        wanted: 'all of them, before the room is handed over',
        because: 'It is known perfectly on the day it is bought, gone a month later, and costly to find out.',
        fixes: [],
        quantity: { value: open.length, better: 'less' },
      },
    ]
  },
}
