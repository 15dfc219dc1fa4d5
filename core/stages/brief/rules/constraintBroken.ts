import type { Rule, Finding } from '../../../findings/finding.js'
import type { BriefFacts } from '../briefFacts.js'
import { put } from '../../../model/changes.js'

export const constraintBroken: Rule<BriefFacts> = {
  name: 'brief.constraint-broken',
  title: 'Something that must stay is changed',
  numbers:
    'A finish that does not stay on a surface named under Constraints; a named piece reworked, moved or let go.',
  source: 'common practice',
  schools: 'all',
  check: ({ job, wallName }) =>
    job.constraints.flatMap((constraint): Finding[] => {
      const base = {
        rule: 'brief.constraint-broken',
        severity: 'stop' as const,
        because: constraint.why || 'It was settled with the client at the start.',
      }
      const piece = job.pieces.find((p) => p.id === constraint.pieceId)
      const gone = piece && piece.verdict !== null && piece.verdict !== 'keep'
      const broken = job.finishAssignments.filter((p) => {
        const finish = job.finishes.find((f) => f.id === p.finishId)
        return (
          constraint.surface !== '' && p.surface === constraint.surface && finish && finish.role !== 'stays'
        )
      })
      return [
        ...(piece && gone
          ? [
              {
                ...base,
                about: [{ kind: 'piece' as const, id: piece.id, name: piece.name }],
                title: `${piece.name} ${constraint.kind}, and is marked “${piece.verdict ?? ''}”`,
                measured: `Verdict: ${piece.verdict ?? ''}`,
                wanted: 'keep',
                fixes: [
                  {
                    label: `Keep ${piece.name}`,
                    changes: [put('pieces', piece.id, { verdict: 'keep' })],
                  },
                ],
              },
            ]
          : []),
        ...broken.map((p) => {
          const finish = job.finishes.find((f) => f.id === p.finishId)
          const where = p.surface.startsWith('wall:') ? wallName(p.surface.slice(5)) : p.surface
          return {
            ...base,
            about: [{ kind: 'placement' as const, id: p.id, name: constraint.what }],
            title: `${constraint.what} ${constraint.kind}, and ${finish?.name ?? 'a finish'} is laid on it`,
            measured: `${finish?.name ?? 'A finish'} on ${where}`,
            wanted: 'what is there, entered as a finish that stays',
            fixes: [
              {
                label: `Take ${finish?.name ?? 'it'} off ${where}`,
                changes: [{ collection: 'finishAssignments' as const, id: p.id, remove: true as const }],
              },
              ...(finish
                ? [
                    {
                      label: `${finish.name} is what is there: it stays`,
                      changes: [put('finishes', finish.id, { role: 'stays' })],
                    },
                  ]
                : []),
            ],
          }
        }),
      ]
    }),
}
