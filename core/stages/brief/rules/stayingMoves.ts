import type { Rule, Finding } from '../../../findings/finding.js'
import type { BriefFacts } from '../briefFacts.js'
import { put } from '../../../model/changes.js'

export const stayingMoves: Rule<BriefFacts> = {
  name: 'brief.staying-moves',
  title: 'A piece that may not be moved is marked to leave',
  numbers: 'Marked as not to be moved, with the verdict “move” or “let go”.',
  source: 'common practice',
  schools: 'all',
  check: ({ job }) =>
    job.pieces
      .filter((p) => p.stays && !p.sentimental && (p.verdict === 'move' || p.verdict === 'let go'))
      .map((p): Finding => ({
        rule: 'brief.staying-moves',
        severity: 'stop',
        about: [{ kind: 'piece', id: p.id, name: p.name }],
        title: `${p.name} may not be moved, and is marked “${p.verdict ?? ''}”`,
        measured: `Verdict: ${p.verdict ?? ''}`,
        wanted: 'keep or rework where it stands, or leave to move it',
        because: 'One of the two was entered by mistake, or the client has changed their mind: ask.',
        fixes: [
          {
            label: `Keep ${p.name}`,
            changes: [put('pieces', p.id, { verdict: 'keep' })],
          },
          {
            label: `${p.name} may be moved`,
            changes: [put('pieces', p.id, { stays: false })],
          },
        ],
      })),
}
