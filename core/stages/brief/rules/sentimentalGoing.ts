import type { Rule, Finding } from '../../../findings/finding.js'
import type { BriefFacts } from '../briefFacts.js'
import { put } from '../../../model/changes.js'

export const sentimentalGoing: Rule<BriefFacts> = {
  name: 'brief.sentimental-going',
  title: 'A sentimental piece is marked to go',
  numbers: 'Sentimental, with the verdict “let go”.',
  source: 'common practice',
  schools: 'all',
  check: ({ job }) =>
    job.pieces
      .filter((p) => p.sentimental && p.verdict === 'let go')
      .map((p): Finding => ({
        rule: 'brief.sentimental-going',
        severity: 'stop',
        about: [{ kind: 'piece', id: p.id, name: p.name }],
        title: `${p.name} is sentimental and marked to go`,
        measured: 'Verdict: let go',
        wanted: 'keep, rework or move',
        because: 'Sentimental pieces are never proposed for removal; they may break a rule and stay.',
        fixes: (['keep', 'move'] as const).map((verdict) => ({
          label: verdict === 'keep' ? `Keep ${p.name}` : `Move ${p.name} to another room`,
          changes: [put('pieces', p.id, { verdict })],
        })),
      })),
}
