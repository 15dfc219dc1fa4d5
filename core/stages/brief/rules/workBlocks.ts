import type { Rule, Finding } from '../../../findings/finding.js'
import type { BriefFacts } from '../briefFacts.js'
import { put } from '../../../model/changes.js'

export const workBlocks: Rule<BriefFacts> = {
  name: 'brief.work-blocks',
  title: 'Unfinished building work holds up a place',
  numbers: 'Work that is not done; stop when it is ready only after the install date.',
  source: 'common practice',
  schools: 'all',
  check: ({ job, wallName, says }) =>
    job.works
      .filter((w) => !w.done)
      .map((w): Finding => {
        const late = w.readyOn != null && job.brief.installOn != null && w.readyOn > job.brief.installOn
        const waits = w.wallId ? job.pieces.filter((p) => p.wallId === w.wallId).map((p) => p.name) : []
        return {
          rule: 'brief.work-blocks',
          severity: late ? 'stop' : 'look',
          about: [{ kind: 'job', id: w.id, name: w.what }],
          title: `${w.what} holds up ${w.wallId ? wallName(w.wallId) : 'the room'}`,
          measured: w.readyOn
            ? `Ready on ${says.day(w.readyOn)}${late && job.brief.installOn ? `, after the install on ${says.day(job.brief.installOn)}` : ''}`
            : 'Not done, and no day given',
          wanted: job.brief.installOn
            ? `done before ${says.day(job.brief.installOn)}`
            : 'done before the install',
          because:
            waits.length > 0
              ? `Waiting there: ${waits.join(', ')}.`
              : 'Decoration waits for building work, or hides it.',
          fixes: [{ label: `${w.what} is done`, changes: [put('works', w.id, { done: true })] }],
        }
      }),
}
