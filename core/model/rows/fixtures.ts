import { choice, mm, note, ref } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { FIXTURE_KINDS } from '../vocabulary/room.js'

/**
 * Something fixed to a wall: where its box begins from the left and from the floor, and how far it stands out. A
 * ceiling point hangs `depthMm` out from its wall.
 */
export const fixtures = defineRow({
  name: 'fixtures',
  table: 'fixture',
  stage: 'measure',
  singular: 'a fixture',
  order: ['wallId', 'startMm', 'id'],
  fields: {
    wallId: ref('walls', 'Wall', 'remove'),
    kind: choice('Kind', FIXTURE_KINDS),
    name: note('Name', 60),
    startMm: mm('From left', 0, 50_000),
    widthMm: mm('Width', 0, 20_000),
    heightMm: mm('Height', 0, 6_000),
    bottomMm: mm('From floor', 0, 6_000),
    depthMm: mm('Stands out', 0, 20_000),
    /** Of a front that bulges out, across its width; null for a flat one. */
    radiusMm: mm('Radius of its front', 50, 20_000).orNone(),
  },
})
export type Fixture = RowOf<typeof fixtures.fields>
