import type { Rule, Finding } from '../../../findings/finding.js'
import type { BriefFacts } from '../briefFacts.js'
import { put } from '../../../model/changes.js'

export const splurgeWhy: Rule<BriefFacts> = {
  name: 'brief.splurge-why',
  title: 'A splurge without a reason',
  numbers: 'A category marked as splurge that neither lasts, nor is seen first, nor is used daily.',
  source: 'common practice',
  schools: 'all',
  check: ({ job }) =>
    job.budgetShares
      .filter((a) => a.mark === 'splurge' && a.reason == null)
      .map((a): Finding => ({
        rule: 'brief.splurge-why',
        severity: 'note',
        about: [{ kind: 'job', id: a.id, name: a.category }],
        title: `Why splurge on ${a.category}?`,
        measured: 'No reason given',
        wanted: 'it lasts, is seen first, or is used daily',
        because: 'A splurge is for what lasts or is seen first; the rest saves for it.',
        fixes: (['lasts', 'is seen first'] as const).map((reason) => ({
          label: `It ${reason}`,
          changes: [put('budgetShares', a.id, { reason })],
        })),
      })),
}
