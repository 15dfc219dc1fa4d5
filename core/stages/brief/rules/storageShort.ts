import type { Rule } from '../../../findings/finding.js'
import type { BriefFacts } from '../briefFacts.js'
import { sumL } from '../storage.js'

export const storageShort: Rule<BriefFacts> = {
  name: 'brief.storage-short',
  title: 'More to keep out of sight than there is room for',
  numbers:
    'The outer volume of what is useful but not to be on view, against the clear volume behind doors, in drawers and bins of what stays and comes.',
  source: 'common practice',
  schools: 'all',
  check: ({ storage, says }) => {
    const closed = sumL(storage.stays) + sumL(storage.comes)
    if (storage.neededL <= closed) return []
    return [
      {
        rule: 'brief.storage-short',
        severity: 'look',
        about: storage.needed.map((p) => ({ kind: 'piece', ...p })),
        title: `${says.capacity(storage.neededL - closed)} of closed storage are missing`,
        measured: `${storage.needed
          .map((p) => p.name)
          .sort()
          .join(', ')}: ${says.capacity(storage.neededL)}; behind doors ${says.capacity(closed)}`,
        wanted: `at least ${says.capacity(storage.neededL)} behind doors, in drawers or bins`,
        because: 'What is needed and not to be seen stands about when it has no place.',
        fixes: [],
        quantity: { value: storage.neededL - closed, better: 'less' },
      },
    ]
  },
}
