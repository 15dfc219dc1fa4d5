import type { Thing } from '../coverage.js'
import type { Ref, Rule, Finding } from '../../../findings/finding.js'
import type { BriefFacts } from '../briefFacts.js'
import { put } from '../../../model/changes.js'

const refTo = (t: Thing): Ref => ({ kind: t.kind, id: t.id, name: t.name })

export const doubleUse: Rule<BriefFacts> = {
  name: 'brief.double-use',
  title: 'Two uses of one time hang on the same piece',
  numbers: 'Two uses of the same time of day, each served by one and the same thing only.',
  source: 'common practice',
  schools: 'all',
  check: ({ coverage }) =>
    coverage.uses.flatMap((a, i) =>
      coverage.uses.slice(i + 1).flatMap((b): Finding[] => {
        const at = a.use.time
        const thing = a.hangsOn
        if (
          !thing ||
          thing.id !== b.hangsOn?.id ||
          at !== b.use.time ||
          at === 'any time' ||
          at === 'now and then'
        )
          return []
        return [
          {
            rule: 'brief.double-use',
            severity: 'look',
            about: [
              refTo(thing),
              ...[a, b].map((u): Ref => ({ kind: 'use', id: u.use.id, name: u.use.name })),
            ],
            title: `${a.use.name} and ${b.use.name} both need ${thing.name} ${at}`,
            measured: `One ${thing.name} for two uses ${at}`,
            wanted: 'at once, a second piece; or in turn, another time for one of them',
            because:
              'At once or in turn: the answer decides what folds, and where what stood there is parked.',
            fixes: [
              {
                label: `“${b.use.name}” is in turn: now and then`,
                changes: [put('uses', b.use.id, { time: 'now and then' })],
              },
            ],
          },
        ]
      }),
    ),
}
