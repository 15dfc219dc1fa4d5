import { boxBounds } from '../../../kernel/geometry/box.js'
import type { Needs } from '../needs.js'
import { PULLED_UP, SANITARY_ZONES, TABLES, ZONES } from '../needs.js'
import type { PlanRoom } from '../planRoom.js'
import { belongsBefore } from '../rules/space.js'
import type { Standing } from '../standing.js'
import { blocksOf, type Block } from './blocks.js'
import { relations } from './relations.js'
import { wallField, type Field } from './wallField.js'

/** What the search knows of pieces and room, laid out for speed. The first `free` pieces move, the rest stand. */
export interface Board {
  readonly n: number
  readonly free: number
  readonly ids: readonly string[]
  /** Half the size along x and along y, by turn: index 4 i + r. */
  readonly hx: Float64Array
  readonly hy: Float64Array
  /** How much a piece wants its back at a wall. */
  readonly wallPull: Float64Array
  readonly corner: Float64Array
  readonly height: Float64Array
  /** A leaning of one run towards one way of turning a piece, 4 i + r: so that runs differ. */
  readonly bias: Float64Array
  readonly tall: Uint8Array
  /** Zones of a piece: first index and count; each with middle and half size by turn. */
  readonly zoneFrom: Int32Array
  readonly zoneCount: Int32Array
  readonly zx: Float64Array
  readonly zy: Float64Array
  readonly zhx: Float64Array
  readonly zhy: Float64Array
  readonly zoneWeight: Float64Array
  /** 1 where j may stand in the zones of i, or the two may overlap. */
  readonly mayBefore: Uint8Array
  readonly mayOverlap: Uint8Array
  readonly relation: Int8Array
  readonly field: Field
  readonly blocks: readonly Block[]
  readonly sockets: Float64Array
  readonly wantsSocket: Uint8Array
  readonly windows: Float64Array
  readonly wantsWindow: Uint8Array
  readonly needs: Needs
  readonly walls: readonly {
    readonly x: number
    readonly y: number
    readonly dx: number
    readonly dy: number
    readonly ix: number
    readonly iy: number
    readonly length: number
    readonly turn: number
  }[]
}

const WALL_PULL: Readonly<Record<string, number>> = {
  sofa: 1.2,
  'sofa bed': 1.4,
  bed: 2,
  cot: 1,
  cabinet: 2,
  'chest of drawers': 2,
  wardrobe: 2.4,
  shelves: 2.4,
  desk: 1.4,
  piano: 2,
  sanitary: 2.4,
  trunk: 1,
  bench: 1,
  lamp: 0.3,
  plant: 0.4,
  other: 0.6,
  object: 0.3,
  'side table': 0.1,
  armchair: 0.05,
}

/** Half sizes of every piece, and of what must stay free before it, at each of the four turns. */
function boxesOf(
  all: readonly Standing[],
  free: number,
  needs: Needs,
): Pick<Board, 'hx' | 'hy' | 'zx' | 'zy' | 'zhx' | 'zhy' | 'zoneWeight' | 'zoneFrom' | 'zoneCount'> {
  const n = all.length
  const zones = all.map((s) => zonesOf(s, needs))
  const count = zones.reduce((sum, z) => sum + z.length, 0)
  const [hx, hy] = [new Float64Array(4 * n), new Float64Array(4 * n)]
  const [zx, zy, zhx, zhy] = [0, 1, 2, 3].map(() => new Float64Array(4 * Math.max(1, count))) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ]
  const zoneWeight = new Float64Array(Math.max(1, count))
  const [zoneFrom, zoneCount] = [new Int32Array(n), new Int32Array(n)]
  let z = 0
  all.forEach((s, i) => {
    const fixed = i >= free
    const bounds = fixed ? boxBounds(s.box) : { halfX: s.widthMm / 2, halfY: s.depthMm / 2 }
    for (let r = 0; r < 4; r++) {
      const turned = !fixed && r % 2 === 1
      hx[4 * i + r] = turned ? bounds.halfY : bounds.halfX
      hy[4 * i + r] = turned ? bounds.halfX : bounds.halfY
    }
    zoneFrom[i] = z
    zoneCount[i] = zones[i]?.length ?? 0
    for (const zone of zones[i] ?? []) {
      for (let r = 0; r < 4; r++) {
        const [sin, cos] = [[0, 1, 0, -1][r] ?? 0, [1, 0, -1, 0][r] ?? 1]
        zx[4 * z + r] = zone.x * cos - zone.y * sin
        zy[4 * z + r] = zone.x * sin + zone.y * cos
        zhx[4 * z + r] = r % 2 ? zone.hy : zone.hx
        zhy[4 * z + r] = r % 2 ? zone.hx : zone.hy
      }
      zoneWeight[z] = zone.weight
      z++
    }
  })
  return { hx, hy, zx, zy, zhx, zhy, zoneWeight, zoneFrom, zoneCount }
}

const wallOf = (w: PlanRoom['walls'][number]): Board['walls'][number] => ({
  x: w.left.x,
  y: w.left.y,
  dx: w.right.x,
  dy: w.right.y,
  ix: w.into.x,
  iy: w.into.y,
  length: w.lengthMm,
  turn: Math.round((Math.atan2(-w.into.x, w.into.y) * 180) / Math.PI / 90 + 4) % 4,
})

/** Lays pieces and room out for the search. @param moving pieces that may be moved, @param standing those that stay */
export function boardOf(
  room: PlanRoom,
  needs: Needs,
  moving: readonly Standing[],
  standing: readonly Standing[],
): Board {
  const all = [...moving, ...standing]
  const n = all.length
  const pairs = <T>(make: (a: Standing, b: Standing) => T) => all.flatMap((a) => all.map((b) => make(a, b)))
  const windows = room.openings
    .filter((o) => o.kind === 'window')
    .flatMap((o) => [(o.ends[0].x + o.ends[1].x) / 2, (o.ends[0].y + o.ends[1].y) / 2])
  return {
    n,
    free: moving.length,
    ids: all.map((s) => s.id),
    ...boxesOf(all, moving.length, needs),
    wallPull: Float64Array.from(all, (s) => WALL_PULL[s.kind] ?? 0),
    corner: Float64Array.from(all, (s) => (s.kind === 'plant' || s.kind === 'lamp' ? 1 : 0)),
    bias: new Float64Array(4 * n),
    height: Float64Array.from(all, (s) => s.raisedMm + s.heightMm),
    tall: Uint8Array.from(all, (s) => Number(s.heightMm > 1_150 && s.kind !== 'lamp' && s.kind !== 'plant')),
    mayBefore: Uint8Array.from(pairs((a, b) => Number(belongsBefore(a, b) || LIGHT.has(b.kind)))),
    mayOverlap: Uint8Array.from(
      pairs((a, b) =>
        Number(
          (PULLED_UP.has(a.kind) && TABLES.has(b.kind)) ||
            (PULLED_UP.has(b.kind) && TABLES.has(a.kind)) ||
            a.raisedMm >= b.raisedMm + b.heightMm ||
            b.raisedMm >= a.raisedMm + a.heightMm,
        ),
      ),
    ),
    relation: Int8Array.from(relations(all)),
    field: wallField(room),
    blocks: blocksOf(room),
    sockets: Float64Array.from(
      room.fixtures.filter((f) => f.kind === 'socket').flatMap((f) => [f.box.x, f.box.y]),
    ),
    wantsSocket: Uint8Array.from(all, (s) => Number(s.kind === 'lamp')),
    windows: Float64Array.from(windows),
    wantsWindow: Uint8Array.from(all, (s) =>
      Number(s.kind === 'desk' || s.kind === 'armchair' || s.kind === 'plant'),
    ),
    needs,
    walls: room.walls.map(wallOf),
  }
}

/** Things a person moves with one hand: they may stand before others for a while. */
const LIGHT: ReadonlySet<string> = new Set(['chair', 'stool', 'cushion', 'rug'])

interface Zone {
  readonly x: number
  readonly y: number
  readonly hx: number
  readonly hy: number
  readonly weight: number
}

function zonesOf(s: Standing, needs: Needs): Zone[] {
  const [hw, hd] = [s.widthMm / 2, s.depthMm / 2]
  const list = s.kind === 'sanitary' ? SANITARY_ZONES[s.sanitary] : (ZONES[s.kind] ?? [])
  const open = s.piece.openDepthMm
  const zones = list.map(({ side, need, stopBelow, either }): Zone => {
    const d = needs[need] / 2
    const weight = stopBelow ? 1.6 : either ? 0.7 : 1
    const inset = Math.min(100, hw * 0.2)
    if (side === 'front') return { x: 0, y: hd + d, hx: hw - inset, hy: d, weight }
    if (side === 'back') return { x: 0, y: -hd - d, hx: hw - inset, hy: d, weight }
    return { x: side === 'right' ? hw + d : -hw - d, y: 0, hx: d, hy: hd - Math.min(100, hd * 0.2), weight }
  })
  if (open != null && open > s.depthMm) {
    const d = (open - s.depthMm) / 2
    zones.push({ x: 0, y: hd + d, hx: hw, hy: d, weight: 1.6 })
  }
  return zones
}
