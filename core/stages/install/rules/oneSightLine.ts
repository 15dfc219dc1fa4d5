import type { Finding, Rule } from '../../../findings/finding.js'
import { listed } from '../../../kernel/listed.js'
import { addDays } from '../../../kernel/units/days.js'
import { put, type RowChange } from '../../../model/changes.js'
import { ROWS } from '../../../model/registry.js'
import type { InstallFacts } from '../installFacts.js'

const NAME = 'install.one-sight-line'

/** Where not all can be ready in time, and the plan begins many views and finishes none. */
export const oneSightLine: Rule<InstallFacts> = {
  name: NAME,
  title: 'One sight line finished before another is begun',
  numbers:
    'Where the plan ends after the install date: sight lines (focal points, else walls) that can be finished whole by it, promised ones first, then the most work that fits; told while the plan does work on others before these are done.',
  source: 'common practice',
  schools: 'all',
  check: ({ sightLines, plan, says, today }): Finding[] => {
    if (!sightLines) return []
    const { by, first, later } = sightLines
    const planned = new Map(plan.tasks.map((t) => [t.task.key, t]))
    const inTime = (key: string) => (planned.get(key)?.finish.day ?? '9') <= by
    const begun = (key: string) => (planned.get(key)?.start.day ?? '9') <= by
    const whole = first.every((l) => l.tasks.every((t) => inTime(t.key)))
    const scattered = later.filter((l) => l.tasks.some((t) => begun(t.key)))
    if (whole || scattered.length === 0) return []
    const names = (lines: typeof first) => listed(lines.map((l) => l.name))
    const after = addDays(by, 1)
    const moved = later
      .flatMap((l) => l.tasks)
      .filter((t) => !t.agreed && (t.onDay === null || t.onDay < after))
    return [
      {
        rule: NAME,
        severity: 'look',
        about: [{ kind: 'job', id: 'sight lines', name: names(first) }],
        title: `Finish ${names(first)} first`,
        measured: `by ${says.day(by, today)} the plan begins ${names([...first, ...scattered])} and finishes ${
          first.filter((l) => l.tasks.every((t) => inTime(t.key))).length === 0
            ? 'none of them'
            : 'not all of them'
        }`,
        wanted: `${names(first)} whole by then; ${listed(later.flatMap((l) => l.tasks.map((t) => t.name)))} left open`,
        because: 'A room with one view finished can be lived in and shown; one with all views begun can not.',
        fixes: [
          {
            label: `The others after ${says.day(by, today)}`,
            changes: moved.map((t): RowChange =>
              t.row
                ? put('tasks', t.row.id, { onDay: after })
                : { collection: 'tasks', add: { ...ROWS.tasks.blank(), key: t.key, onDay: after } },
            ),
          },
        ],
      },
    ]
  },
}
