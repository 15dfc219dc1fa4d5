import { by, choice, flag, ref, surface } from '../field.js'
import { realField } from '../checks.js'
import { defineRow, type RowOf } from '../row.js'
import { SUBSTRATES, HOLDS } from '../vocabulary/finish.js'

/** A color under a finish: all three or none. */
const colorNow = (label: string, min: number, max: number) =>
  by<number | null>('real', label, () =>
    realField(label, min, max).notRequired().nullable().defined(),
  ).orNone()

/** A finish laid on a surface, and what is under it: that decides coats and primer. */
export const finishAssignments = defineRow({
  name: 'finishAssignments',
  table: 'finish_assignment',
  stage: 'palette',
  singular: 'a finish on a surface',
  order: ['surface', 'id'],
  fields: {
    surface: surface('Surface', 'remove'),
    finishId: ref('finishes', 'Finish', 'refuse'),
    substrate: choice('Surface now', SUBSTRATES).starts('sound paint'),
    overL: colorNow('Color now, L*', 0, 100),
    overA: colorNow('Color now, a*', -128, 128),
    overB: colorNow('Color now, b*', -128, 128),
    hold: choice('Held', HOLDS).starts('applied'),
    /** The scheme it belongs to; null when every scheme shares it. */
    schemeId: ref('schemes', 'Scheme', 'remove').orNone(),
    /** Still open: one of several the scheme must work with; not counted in what is seen. */
    candidate: flag('Still open').starts(false),
  },
})
export type FinishAssignment = RowOf<typeof finishAssignments.fields>
