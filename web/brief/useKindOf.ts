import type { Use } from '@bonitas/core/model/rows/uses'
import { useJobStore } from '../job/jobStore.js'

const VERBS: readonly (readonly [RegExp, Use['kind']])[] = [
  [/\b(laundry|iron|washing machine)/i, 'do the laundry'],
  [/\b(come home|come in|come and go|go out|leave|arrive)/i, 'come and go'],
  [/\b(cook|bake)/i, 'cook'],
  [/\b(change (a|the|our)\b.*(child|baby)|nappy|nappies|diaper)/i, 'change a small child'],
  [/\b(put|set|lay)\b.*\bdown\b/i, 'put things down'],
  [/\b(sleep|nap|guest bed)/i, 'sleep'],
  [/\b(eat|dine|breakfast|meal|dinner|tea)\b/i, 'eat'],
  [/\b(work|study|desk|homework|write)/i, 'work or study'],
  [/\bread/i, 'read'],
  [/\b(store|storage|keep|put away)/i, 'store'],
  [/\b(dress|wardrobe|clothes)/i, 'dress'],
  [/\b(wash|shower|bathe|basin)/i, 'wash'],
  [/\b(piano|violin|cello|music|sing|practice)/i, 'play music'],
  [/\bplay\b/i, 'play'],
  [/\b(sew|craft|make|paint|press and pin)/i, 'sew or make'],
  [/\b(sit|lounge|talk|concert|watch)/i, 'sit'],
  [/\b(display|show)/i, 'display'],
]
const NUMBERS = ['', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten']

/** What the name of a use says about it: its kind, and for how many. */
export function useSays(name: string): Pick<Use, 'kind' | 'persons'> {
  const digits = /\b(\d{1,2})\b/.exec(name)?.[1]
  const word = NUMBERS.findIndex((n) => n !== '' && new RegExp(`\\b${n}\\b`, 'i').test(name))
  const persons = digits ? Number(digits) : word > 0 ? word : 1
  return {
    kind: VERBS.find(([pattern]) => pattern.test(name))?.[1] ?? 'other',
    persons: Math.min(50, Math.max(1, persons)),
  }
}

/** Fills in what the name of a use says, while its kind is still “other”. */
export function useKindOf() {
  const store = useJobStore()
  return {
    named: (use: Use): void => {
      const now = store.snapshot?.uses.find((u) => u.id === use.id)
      if (!now || now.kind !== 'other') return
      const said = useSays(now.name)
      if (said.kind !== 'other')
        store.change('uses', now.id, {
          kind: said.kind,
          ...(now.persons === 1 ? { persons: said.persons } : {}),
        })
    },
  }
}
