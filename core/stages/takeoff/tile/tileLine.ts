import { CUSTOMARY_WASTE } from '../customary.js'
import { goods, type Reckoned, type TakeoffInput } from '../takeoffTypes.js'
import { ceilDiv } from '../trade.js'
import { LEAST_PART, tileDrawing, tilePlan } from './tiles.js'

/** Tiles on walls, set out from where it is asked. */
export function tileLine({ row, faces, says }: TakeoffInput): Reckoned {
  const { widthMm, lengthMm } = goods(row)
  const tile = { widthMm, heightMm: lengthMm, jointMm: row.jointMm }
  // Rows are set out from the foot, which is seen last; columns as it is asked.
  const plans = faces.map((f) => ({ face: f, plan: tilePlan(f, tile, row.setOut, 'from the left') }))
  const tiles = plans.reduce((sum, p) => sum + p.plan.tiles, 0)
  const reused = plans.reduce((sum, p) => sum + p.plan.tilesReused, 0)
  const cut = plans.reduce((sum, p) => sum + p.plan.cut, 0)
  const [from, to] = CUSTOMARY_WASTE['straight tile']
  const area = plans.reduce(
    (sum, p) =>
      sum +
      p.plan.columns.reduce((w, c) => w + c.showsMm, 0) * p.plan.rows.reduce((h, r) => h + r.showsMm, 0),
    0,
  )
  const packs = ceilDiv(tiles, row.packOf) + row.sparePacks
  return {
    pieces: tiles,
    packWord: row.packOf > 1 ? ['box', 'boxes'] : ['tile', 'tiles'],
    needed: says.count(tiles, 'tile'),
    over: says.count(packs * row.packOf - tiles, 'tile'),
    sum: plans.map(
      ({ face, plan }) =>
        `${face.name}: ${plan.columns.length} × ${plan.rows.length}${face.holes.length > 0 ? ', openings left out' : ''} → ${says.count(plan.tiles, 'tile')}, ${plan.cut} cut`,
    ),
    notes: [
      ...plans
        .filter(
          ({ plan }) => plan.cut > 0 && plan.leastCutMm < LEAST_PART * Math.min(widthMm, lengthMm) - 0.5,
        )
        .map(
          ({ face, plan }) =>
            `${face.name}: a cut of ${says.length(plan.leastCutMm)}, under a third of a tile. Try another setting out, or another height.`,
        ),
      ...(reused < tiles
        ? [`With two cuts from one tile where both fit: ${says.count(reused, 'tile')}.`]
        : []),
      `${says.area(area, 2)}; ${cut} of ${tiles} are cut. Customary waste ${from} to ${to} %.`,
      'Boxes of one batch; keep what is over for repairs.',
    ],
    drawings: plans.map(({ face, plan }) => tileDrawing(face, tile, plan)),
  }
}
