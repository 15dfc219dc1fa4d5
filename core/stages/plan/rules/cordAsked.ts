import { put } from '../../../model/changes.js'
import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { has, listed, lower, pieceRef } from './about.js'
import { capital } from '../../../kernel/capital.js'
import { ASK } from './cautions.js'

export const cordAsked: Rule<PlanFacts> = {
  name: 'plan.cord-asked',
  title: 'Blinds whose cords nobody has asked after',
  numbers:
    'With a cot in the room or small children in the home: every blind that is not known to be cordless. One with a cord is told as long as it is there.',
  source: 'common practice; follow the maker’s instructions and local rules',
  schools: 'all',
  caution: true,
  check: (facts) => {
    if (!facts.household.smallChildren && !facts.standings.some((s) => s.kind === 'cot')) return []
    const blinds = facts.pieces.filter((p) => p.kind === 'blind' && !has(p, 'cordless'))
    const corded = blinds.filter((p) => has(p, 'corded'))
    const unknown = blinds.filter((p) => !has(p, 'corded'))
    const names = (list: typeof blinds) => listed(list.map((p) => lower(p.name)))
    return [
      ...(unknown.length > 0
        ? [
            {
              rule: 'plan.cord-asked',
              severity: 'look' as const,
              about: unknown.map(pieceRef),
              title: `Does ${names(unknown)} have a cord or chain?`,
              measured: 'not known, and a small child is there',
              wanted: 'an answer',
              because: `A loop within reach can be wound round a neck. ${ASK}`,
              fixes: [
                {
                  label: 'Cordless',
                  kind: 'answer' as const,
                  changes: unknown.map((p) => put('pieces', p.id, { traits: [...p.traits, 'cordless'] })),
                },
                {
                  label: 'It has one',
                  kind: 'answer' as const,
                  changes: unknown.map((p) => put('pieces', p.id, { traits: [...p.traits, 'corded'] })),
                },
              ],
            },
          ]
        : []),
      ...corded.map((p): Finding => ({
        rule: 'plan.cord-asked',
        severity: 'look',
        about: [pieceRef(p), { kind: 'job', id: 'cord', name: 'Cord' }],
        title: `${capital(p.name)} has a cord, and a small child is there`,
        measured: 'a cord or chain',
        wanted: 'cordless, or its loop fixed out of reach as its maker says',
        because: `A loop within reach can be wound round a neck. ${ASK}`,
        fixes: [],
      })),
    ]
  },
}
