import { choice, mm, note, ref, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { SET_OUT_KINDS } from '../vocabulary/settingOut.js'

/** Something set out evenly along a wall: a rail, panels, battens, a curtain rail, a shelf. */
export const panelLayouts = defineRow({
  name: 'panelLayouts',
  table: 'panel_layout',
  stage: 'plan',
  singular: 'a setting out',
  order: ['wallId', 'startMm', 'id'],
  fields: {
    wallId: ref('walls', 'Wall', 'remove'),
    kind: choice('Kind', SET_OUT_KINDS),
    name: note('Name', 60),
    startMm: mm('From left', 0, 50_000),
    endMm: mm('To', 0, 50_000),
    bottomMm: mm('Lower edge above the floor', 0, 12_000),
    heightMm: mm('Height', 0, 12_000),
    /** Fields of panels, battens of board and batten. */
    count: whole('Number', 1, 200, 'fields'),
    /** Width of a stile, a gap between panels, or a batten. */
    stileMm: mm('Stile or gap', 0, 1_000),
    depthMm: mm('Stands out', 0, 2_000),
    openingId: ref('openings', 'Window', 'clear').orNone(),
  },
})
export type PanelLayout = RowOf<typeof panelLayouts.fields>
