import { capital } from '../../../kernel/capital.js'
import type { Finding, Fix, Rule } from '../../../findings/finding.js'
import { put, type RowChange } from '../../../model/changes.js'
import { ROWS } from '../../../model/registry.js'
import type { PanelLayout } from '../../../model/rows/panelLayouts.js'
import type { PlanFacts } from '../planFacts.js'
import type { PlanOpening } from '../planRoom.js'
import { layPanels, panelCount } from '../walls/layPanels.js'
import { stretchesOf } from '../walls/stretches.js'
import { listed, lower } from './about.js'

/** What runs along a wall and ends at the frame of a door or a window. */
const RUNS: ReadonlySet<string> = new Set([
  'rail',
  'wainscot panels',
  'picture-frame panels',
  'board and batten',
])
const meets = (s: PanelLayout, o: PlanOpening): boolean =>
  o.wallId === s.wallId &&
  Math.min(s.endMm, o.startMm + o.widthMm) - Math.max(s.startMm, o.startMm) > 5 &&
  Math.min(s.bottomMm + s.heightMm, o.sillMm + o.heightMm) - Math.max(s.bottomMm, o.sillMm) > 5

/** Split at the openings, with fields as near to the present ones as each stretch allows. */
function split(s: PanelLayout, openings: readonly PlanOpening[]): Fix[] {
  const { fieldMm, stiles } = layPanels(s)
  const [first, ...others] = stretchesOf(s, openings)
  if (!first) return []
  const cut = ({ startMm, endMm }: { startMm: number; endMm: number }) => ({
    startMm,
    endMm,
    count: stiles.length > 0 ? panelCount(endMm - startMm, s.stileMm, fieldMm) : s.count,
  })
  const { id: _id, ...row } = s
  const changes: RowChange[] = [
    put('panelLayouts', s.id, cut(first)),
    ...others.map((stretch): RowChange => ({
      collection: 'panelLayouts',
      add: { ...ROWS.panelLayouts.blank(), ...row, ...cut(stretch) },
    })),
  ]
  return [{ label: `End it at the opening${others.length > 0 ? ', and go on behind it' : ''}`, changes }]
}

export const panelsThrough: Rule<PlanFacts> = {
  name: 'plan.panels-through',
  title: 'Panels or a rail laid through a door or a window',
  numbers: 'Any part of the run within an opening, in width and height.',
  source: 'arithmetic',
  schools: 'all',
  check: (facts) =>
    facts.panelLayouts
      .filter((s) => RUNS.has(s.kind))
      .flatMap((s): Finding[] => {
        const met = facts.room.openings.filter((o) => meets(s, o))
        if (met.length === 0) return []
        const name = s.name || s.kind
        return [
          {
            rule: 'plan.panels-through',
            severity: 'stop',
            about: [
              { kind: 'setOut', id: s.id, name },
              ...met.map((o) => ({ kind: 'opening' as const, id: o.id, name: o.name || o.kind })),
            ],
            title: `${capital(name)} runs through ${listed(met.map((o) => lower(o.name || o.kind)))}`,
            measured: `from ${facts.says.length(s.startMm)} to ${facts.says.length(s.endMm)}`,
            wanted: 'stretches that end at the frame, each with equal fields',
            because: 'What is cut for a wall is cut for its stretches.',
            fixes: split(s, met),
          },
        ]
      }),
}
