import { itself, put } from '../../../model/changes.js'
import { weightText } from '../../../kernel/units/weight.js'
import { items } from '../../../model/rows/items.js'
import { pieces } from '../../../model/rows/pieces.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'
import { NO_TIES, type SaidTwice, type Ties } from '../ties.js'
import { schedule } from './example.js'

const WHAT = {
  fixing: 'How it is fixed',
  weightG: 'Weight',
  wallId: 'Its wall',
  originalAt: 'Where the original is kept',
} as const
/** What a line holds once it has nothing of its own to say. */
const UNSAID = { fixing: 'stands free', weightG: null, wallId: null, originalAt: '' } as const

function worded(value: string | number | null | undefined, { field }: SaidTwice, ties: Ties): string {
  if (value == null || value === '') return 'nothing'
  if (field === 'weightG') return weightText(Number(value), ties.system)
  return field === 'wallId' ? ties.wallName(String(value)) : String(value)
}

const mirror = (): SaidTwice => ({
  item: {
    ...items.make({ id: 'line', name: 'Mirror', category: 'decor', targetMinor: 0, weightG: 9000 }),
    version: 1,
  },
  piece: {
    ...pieces.make({ id: 'piece', name: 'Mirror', kind: 'mirror', widthMm: 600, depthMm: 30, heightMm: 900 }),
    itemId: 'line',
    weightG: 14_000,
    version: 1,
  },
  field: 'weightG',
})

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
        mends: [
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
  examples: {
    trips: () => schedule([], { ties: { ...NO_TIES, saidTwice: [mirror()] } }),
    passes: () => schedule([], { ties: NO_TIES }),
  },
}
