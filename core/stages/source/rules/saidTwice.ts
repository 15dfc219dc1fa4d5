import { UNSAID } from '../../../model/toHolder.js'
import type { SaidTwice, Ties } from '../ties.js'
import type { Rule, Finding } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'
import { itself, put } from '../../../model/changes.js'

const WHAT = {
  fixing: 'How it is fixed',
  weightG: 'Weight',
  wallId: 'Its wall',
  originalAt: 'Where the original is kept',
} as const

function worded(value: string | number | null | undefined, { field }: SaidTwice, ties: Ties): string {
  if (value == null || value === '') return 'nothing'
  if (field === 'weightG') return ties.says.weight(Number(value))
  return field === 'wallId' ? ties.wallName(String(value)) : String(value)
}

/** A line and its piece were entered apart and do not agree. The piece is read; what the line held is shown, not lost. */
export const saidTwice: Rule<SourceFacts> = {
  name: 'source.said-twice',
  title: 'A line and its piece do not agree',
  numbers: 'Fixing, weight, wall or place of the original: what the line still holds and the piece does not.',
  source: 'common practice',
  schools: 'all',
  check: ({ ties }) =>
    ties.saidTwice.map((said): Finding => {
      const { item, piece, field } = said
      const unsaid = itself(put('items', item.id, { [field]: UNSAID[field] }))
      const [line, own] = [worded(item[field], said, ties), worded(piece[field], said, ties)]
      return {
        rule: 'source.said-twice',
        // A heavier thing on a hook for a lighter one falls.
        severity: field === 'weightG' || field === 'fixing' ? 'look' : 'note',
        about: [
          { kind: 'item', id: item.id, name: item.name },
          { kind: 'piece', id: piece.id, name: `${piece.name} (${WHAT[field].toLowerCase()})` },
        ],
        title: `${WHAT[field]} of ${item.name} was entered in two ways`,
        measured: `in the schedule ${line}, in the room ${own}`,
        wanted: 'one of them',
        because: 'They are one thing: what is right in one list is right in both.',
        fixes: [
          {
            label: `It is ${own}`,
            changes: [unsaid],
          },
          {
            label: `It is ${line}`,
            changes: [unsaid, put('pieces', piece.id, { [field]: item[field] })],
          },
        ],
      }
    }),
}
