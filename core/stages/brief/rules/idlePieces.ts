import type { Rule, Ref } from '../../../findings/finding.js'
import type { BriefFacts } from '../briefFacts.js'
import { borrowedPieces } from '../../../model/oneThing.js'
import { put } from '../../../model/changes.js'

/** Kinds whose purpose is in what they are: what covers a window or a floor, gives light, shows one, or is plumbed in. */
const SELF_EVIDENT: ReadonlySet<string> = new Set([
  'rug',
  'curtains',
  'blind',
  'lamp',
  'mirror',
  'sanitary',
  'appliance',
])

export const idlePieces: Rule<BriefFacts> = {
  name: 'brief.idle-pieces',
  title: 'Pieces with neither a purpose nor a reason to stay',
  numbers:
    'Every piece that is there and is not let go, sentimental or lent, the smallest too, once the uses are known; what covers a window or a floor, gives light, carries other things or is plumbed in needs no other purpose, nor does a plant outdoors. Loved is what was said of a thing, not its kind.',
  source: 'common practice',
  schools: 'all',
  check: ({ job, coverage }) => {
    if (job.uses.length === 0) return []
    const borrowed = borrowedPieces(job.loans)
    const carries = new Set(job.shelfPlacements.map((s) => s.hostId))
    const idle = job.pieces.filter(
      (p) =>
        p.there &&
        !p.sentimental &&
        !borrowed.has(p.id) &&
        p.reason.trim() === '' &&
        !SELF_EVIDENT.has(p.kind) &&
        !carries.has(p.id) &&
        !(p.kind === 'plant' && job.room.kind === 'outdoors') &&
        p.verdict !== 'let go' &&
        p.verdict !== 'move' &&
        coverage.idle.some((t) => t.id === p.id),
    )
    if (idle.length === 0) return []
    return [
      {
        rule: 'brief.idle-pieces',
        severity: 'look',
        about: idle.map((p): Ref => ({ kind: 'piece', id: p.id, name: p.name })),
        title:
          idle.length === 1
            ? `${idle[0]?.name ?? ''}: what is it for?`
            : `${idle.length} pieces: what are they for?`,
        measured: idle.map((p) => p.name).join(', '),
        wanted: 'a use each, or a reason to stay',
        because: 'Purpose or love: what has neither is a question to the client, not a verdict.',
        fixes: idle.map((p) => ({
          label: `Let ${p.name} go`,
          changes: [put('pieces', p.id, { verdict: 'let go' })],
        })),
      },
    ]
  },
}
