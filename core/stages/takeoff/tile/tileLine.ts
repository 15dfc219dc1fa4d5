import type { Formatter } from '../../../kernel/units/formatter.js'
import { SET_OUTS } from '../../../model/vocabulary/takeoff.js'
import type { Takeoff } from '../../../model/rows/takeoffs.js'
import { CUSTOMARY_WASTE, adhesiveKgPerM2 } from '../customary.js'
import {
  goods,
  keptOf,
  type Beside,
  type GoesWith,
  type Reckoned,
  type TakeoffInput,
} from '../takeoffTypes.js'
import { ceilDiv, type Face } from '../trade.js'
import {
  groutKgPerM2,
  LEAST_PART,
  tileDrawing,
  tilePlan,
  type Course,
  type Tile,
  type TilePlan,
} from './tiles.js'

interface Tiled {
  readonly face: Face
  readonly plan: TilePlan
}

const tileOf = (row: Takeoff): Tile => {
  const { widthMm, lengthMm } = goods(row)
  return { widthMm, heightMm: lengthMm, jointMm: row.jointMm }
}
// Rows are set out from the foot, which is seen last; columns as it is asked.
const tiledOf = (row: Takeoff, faces: readonly Face[]): Tiled[] =>
  faces.map((face) => ({ face, plan: tilePlan(face, tileOf(row), row.setOut, 'from the left') }))
const tilesOf = (tiled: readonly Tiled[]): number => tiled.reduce((sum, t) => sum + t.plan.tiles, 0)
const packsOf = (row: Takeoff, tiles: number): number => ceilDiv(tiles, row.packOf) + row.sparePacks

/** Tiles on walls, set out from where it is asked. */
export function tileLine(input: TakeoffInput): Reckoned {
  const { row, faces, says } = input
  const tile = tileOf(row)
  const plans = tiledOf(row, faces)
  const tiles = tilesOf(plans)
  const reused = plans.reduce((sum, p) => sum + p.plan.tilesReused, 0)
  const cut = plans.reduce((sum, p) => sum + p.plan.cut, 0)
  const [from, to] = CUSTOMARY_WASTE['straight tile']
  const drawings = plans.map(({ face, plan }) => tileDrawing(face, tile, plan))
  const area = drawings
    .flatMap((d) => d.parts)
    .filter((p) => p.use !== 'opening')
    .reduce((sum, p) => sum + p.widthMm * p.heightMm, 0)
  return {
    pieces: tiles,
    packWord: row.packOf > 1 ? ['box', 'boxes'] : ['tile', 'tiles'],
    needed: says.count(tiles, 'tile'),
    work: [{ task: 'lay tile', amount: area }],
    keeps: keptOf(ceilDiv(tiles, row.packOf) * row.packOf - tiles, 'tile', says),
    over: says.count(packsOf(row, tiles) * row.packOf - tiles, 'tile'),
    sum: plans.flatMap(({ face, plan }) => [
      `${face.name}: ${plan.columns.length} × ${plan.rows.length}${face.holes.length > 0 ? ', openings left out' : ''} → ${says.count(plan.tiles, 'tile')}, ${plan.cut} cut`,
      `from the left ${coursesText(plan.columns, tile.widthMm, says)}; from the foot ${coursesText(plan.rows, tile.heightMm, says)}`,
    ]),
    beside: besideOf(input, tiles),
    goesWith: withTiles(row, faces, area, says),
    notes: [
      ...plans.flatMap((p) => slivers(p, tile, row, says)),
      ...(reused < tiles
        ? [`With two cuts from one tile where both fit: ${says.count(reused, 'tile')}.`]
        : []),
      `${says.area(area, 2)}; ${cut} of ${tiles} are cut. Customary waste ${from} to ${to} %.`,
      'Boxes of one batch; keep what is over for repairs.',
    ],
    drawings,
  }
}

/** What a tiler marks out by: the first cut, how many whole ones, the last cut. */
function coursesText(courses: readonly Course[], sideMm: number, says: Formatter): string {
  const runs: { readonly mm: number; count: number }[] = []
  for (const { showsMm } of courses) {
    const last = runs.at(-1)
    if (last && Math.abs(last.mm - showsMm) < 0.05) last.count++
    else runs.push({ mm: showsMm, count: 1 })
  }
  return runs
    .map(({ mm, count }) =>
      Math.abs(mm - sideMm) < 0.05
        ? `${count} whole`
        : `${count > 1 ? `${count} × ` : ''}${says.drawn(Math.round(mm))}`,
    )
    .join(', ')
}

/** The line to its height, and the same walls to the ceiling. */
function besideOf({ row, faces, toCeiling, says }: TakeoffInput, tiles: number): Beside[] {
  if (!toCeiling || !faces.some((f) => f.openTop)) return []
  const way = (name: string, count: number): Beside => ({
    name,
    needed: says.count(count, 'tile'),
    costMinor: row.packMinor === null ? undefined : packsOf(row, count) * row.packMinor,
  })
  return [
    way(`To ${says.length(row.toMm ?? 0)}`, tiles),
    way('To the ceiling', tilesOf(tiledOf(row, toCeiling))),
  ]
}

/** Cuts under a third of a tile, each direction by its own side of the tile, and what would avoid them. */
function slivers({ face, plan }: Tiled, tile: Tile, row: Takeoff, says: Formatter): string[] {
  const thin = (mm: number, side: number) => mm < LEAST_PART * side - 0.5
  // A single course is cut because the face is as narrow as that.
  const notes: string[] = []
  if (plan.columns.length > 1 && thin(plan.leastWideMm, tile.widthMm)) {
    const better = SET_OUTS.map((way) => ({
      way,
      mm: tilePlan(face, tile, way, 'from the left').leastWideMm,
    })).sort((a, b) => b.mm - a.mm)[0]
    notes.push(
      `${face.name}: a column of ${says.length(plan.leastWideMm)}, under a third of a tile. ${
        better && !thin(better.mm, tile.widthMm)
          ? `Set out with ${better.way} it would be ${says.length(better.mm)}.`
          : 'No setting out of this tile avoids it.'
      }`,
    )
  }
  if (plan.rows.length > 1 && thin(plan.leastHighMm, tile.heightMm)) {
    const step = tile.heightMm + tile.jointMm
    const whole = Math.floor((face.heightMm + tile.jointMm) / step) * step - tile.jointMm
    notes.push(
      `${face.name}: a row of ${says.length(plan.leastHighMm)}, under a third of a tile. ${
        face.openTop && whole > 0
          ? `It would end with a whole tile at ${says.length(row.fromMm + whole)}.`
          : 'Begin with a cut row at the foot, so that both are wider.'
      }`,
    )
  }
  return notes
}

/** What tiles are laid with: adhesive, grout, and an edge where they end in the open. */
function withTiles(row: Takeoff, faces: readonly Face[], areaMm2: number, says: Formatter): GoesWith[] {
  const { widthMm, heightMm, jointMm } = tileOf(row)
  const m2 = areaMm2 / 1e6
  const edge = faces
    .filter((f) => f.openTop)
    .reduce(
      (sum, f) =>
        sum +
        f.widthMm -
        f.holes.filter((h) => h.topMm >= f.heightMm - 1).reduce((part, h) => part + h.widthMm, 0),
      0,
    )
  return [
    { name: 'Adhesive', quantity: says.weight(1000 * m2 * adhesiveKgPerM2(Math.max(widthMm, heightMm))) },
    ...(row.thickMm !== null && jointMm > 0
      ? [
          {
            name: 'Grout',
            quantity: says.weight(1000 * m2 * groutKgPerM2(widthMm, heightMm, row.thickMm, jointMm)),
          },
        ]
      : []),
    ...(edge > 0 ? [{ name: 'Edge trim along the top', quantity: says.run(edge) }] : []),
  ]
}
