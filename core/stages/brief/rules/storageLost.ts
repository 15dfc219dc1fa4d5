import type { Rule } from '../../../findings/finding.js'
import { put } from '../../../model/changes.js'
import type { BriefFacts } from '../briefFacts.js'
import { lostL, sumL, wonL } from '../storage.js'

export const storageLost: Rule<BriefFacts> = {
  name: 'brief.storage-lost',
  title: 'Storage that is taken out and not won back',
  numbers:
    'What was in use in closed storage that leaves (all of it while nobody looked), against what comes and what is empty in what stays, as clear volume.',
  source: 'arithmetic',
  schools: 'all',
  check: ({ storage, says }) => {
    const [lost, won] = [lostL(storage), wonL(storage)]
    if (storage.goes.length === 0 || lost <= won) return []
    const looked = storage.goes.every((s) => s.inUseL !== undefined)
    return [
      {
        rule: 'brief.storage-lost',
        severity: 'look',
        about: storage.goes.map((s) => ({ kind: 'piece', id: s.pieceId, name: s.name })),
        title: `${says.capacity(lost - won)} of storage are missing afterwards`,
        measured: `${says.capacity(lost)} ${looked ? 'in use go' : 'go (how full they are was not looked at)'}, ${says.capacity(won)} come`,
        wanted: `${says.capacity(lost)} behind doors, in drawers or bins; the empty volume need not come back (${says.capacity(sumL(storage.goes))} by name)`,
        because: 'Taking cabinets off opens a room; what was really stored in them needs a place.',
        fixes: storage.goes.map((s) => ({
          label: `Keep ${s.name}`,
          changes: [put('pieces', s.pieceId, { verdict: 'keep' })],
        })),
        quantity: { value: lost - won, better: 'less' },
      },
    ]
  },
}
