import { listed } from '../../../kernel/listed.js'
import type { Rule } from '../../../findings/finding.js'
import type { RecordFacts } from '../recordFacts.js'
import { isComplete } from '../register.js'

export const finishRecord: Rule<RecordFacts> = {
  name: 'handover.finish-record',
  title: 'A finish nobody could mend',
  numbers:
    'Every paint and paper that was put on: name, code, sheen (of paint) and the object or surface. Batch, day, supplier and spare are asked for beside. Asked for from three weeks before the day of installing.',
  source: 'common practice',
  schools: 'all',
  check: ({ register, isDue }) => {
    const open = register.finishes.filter((f) => !isComplete(f))
    if (!isDue || open.length === 0) return []
    const fields = open.reduce((sum, f) => sum + f.missing.length, 0)
    return [
      {
        rule: 'handover.finish-record',
        severity: 'look',
        about: open.map((f) => ({ kind: 'finish', id: f.id, name: f.name })),
        title: `${open.length === 1 ? 'A finish lacks' : `${open.length} finishes lack`} what a repair needs`,
        measured: open.map((f) => `${f.name}: ${listed(f.missing)}`).join('; '),
        wanted: 'name, code, sheen and where it is, of each',
        because: 'A year later even whoever chose the color cannot name it.',
        fixes: [],
        quantity: { value: fields, better: 'less' },
      },
    ]
  },
}
