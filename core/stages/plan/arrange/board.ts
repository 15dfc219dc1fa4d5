import { boxBounds } from '../../../kernel/geometry/box.js'
import { distanceToSegment, whereIs } from '../../../kernel/geometry/polygon.js'
import type { Needs } from '../needs.js'
import { PULLED_UP, SANITARY_ZONES, SEATS, TABLES, ZONES } from '../needs.js'
import { standsOut } from '../nudge.js'
import type { PlanRoom } from '../planRoom.js'
import { belongsBefore } from '../rules/space.js'
import type { Standing } from '../standing.js'

// The search works on flat arrays: a move is tried a few hundred thousand times a second, and an object made at each
// would cost more than the sums. Pieces stand at quarter turns: turn r is r × 90° clockwise, 0 with the back up the sheet.

/** Cells of the wall field are this large, mm. */
export const STEP_MM = 50

/** Distance from the walls on a grid: positive inside the room, negative outside. */
export interface Field {
  readonly x0: number
  readonly y0: number
  readonly nx: number
  readonly ny: number
  readonly step: number
  readonly mm: Float32Array
}

function wallField(room: PlanRoom): Field {
  const margin = 600
  const step = STEP_MM
  const [x0, y0] = [room.low.x - margin, room.low.y - margin]
  const nx = Math.ceil((room.high.x - room.low.x + 2 * margin) / step) + 1
  const ny = Math.ceil((room.high.y - room.low.y + 2 * margin) / step) + 1
  const mm = new Float32Array(nx * ny)
  for (let i = 0; i < mm.length; i++) {
    const p = { x: x0 + (i % nx) * step, y: y0 + Math.floor(i / nx) * step }
    let least = Infinity
    for (const w of room.walls) least = Math.min(least, distanceToSegment(p, w.from, w.to))
    mm[i] = whereIs(p, room.corners) === 'outside' ? -least : least
  }
  return { x0, y0, nx, ny, step, mm }
}

/** A block that nothing may stand in: the swing of a door, a radiator, the floor just inside the door. */
interface Block {
  readonly x0: number
  readonly y0: number
  readonly x1: number
  readonly y1: number
  readonly weight: number
  /** Only pieces whose height meets it are kept out; `from` mm and up. */
  readonly from: number
}

export const RELATIONS = ['knees', 'face', 'beside', 'pulled up', 'apart', 'parallel'] as const
type Relation = (typeof RELATIONS)[number]

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

function blocksOf(room: PlanRoom): Block[] {
  const blocks: Block[] = []
  for (const o of room.openings) {
    const wall = room.walls.find((w) => w.id === o.wallId)
    if (!wall) continue
    const rect = (depth: number, weight: number, from: number, widen = 0) => {
      const xs = [o.ends[0].x - wall.right.x * widen, o.ends[1].x + wall.right.x * widen]
      const ys = [o.ends[0].y - wall.right.y * widen, o.ends[1].y + wall.right.y * widen]
      const px = [...xs, ...xs.map((v) => v + wall.into.x * depth)]
      const py = [...ys, ...ys.map((v) => v + wall.into.y * depth)]
      blocks.push({
        x0: Math.min(...px),
        y0: Math.min(...py),
        x1: Math.max(...px),
        y1: Math.max(...py),
        weight,
        from,
      })
    }
    // The swing of the leaf, and the floor one steps onto.
    if (o.kind === 'door' || o.kind === 'opening') {
      if (o.swept.length > 0) rect(o.widthMm, 3, 0)
      rect(Math.max(900, o.swept.length > 0 ? o.widthMm + 250 : 900), 1.5, 0)
    } else rect(300, 1.2, o.sillMm + 100)
  }
  for (const f of room.fixtures) {
    if (!standsOut(f) && f.kind !== 'vent') continue
    const { halfX, halfY } = boxBounds(f.box)
    const grow = f.kind === 'radiator' || f.kind === 'vent' ? 100 : 0
    blocks.push({
      x0: f.box.x - halfX - grow,
      y0: f.box.y - halfY - grow,
      x1: f.box.x + halfX + grow,
      y1: f.box.y + halfY + grow,
      weight: 2,
      from: f.bottomMm,
    })
  }
  return blocks
}

/** The relation each piece has to each other: index into RELATIONS plus one, 0 for none; row i says what i wants of j. */
function relations(all: readonly Standing[]): number[] {
  const seats = all.filter((s) => SEATS.has(s.kind) && s.kind !== 'stool')
  const anchor = [...seats].sort(
    (a, b) => Number(/sofa/.test(b.kind)) - Number(/sofa/.test(a.kind)) || b.widthMm - a.widthMm,
  )[0]
  const tables = all.filter((s) => TABLES.has(s.kind))
  const of = (a: Standing, b: Standing): Relation | undefined => {
    if (a.id === b.id) return undefined
    if (
      (a.kind === 'low table' || (a.kind === 'trunk' && !all.some((s) => s.kind === 'low table'))) &&
      b === anchor
    )
      return 'knees'
    if (a.kind === 'armchair' && b === anchor) return 'face'
    if (a.kind === 'stool' || a.kind === 'chair' || a.kind === 'bench') {
      const to =
        tables.find((t) =>
          /piano/i.test(a.name)
            ? t.kind === 'piano'
            : /desk|sew/i.test(a.name)
              ? t.kind === 'desk'
              : a.piece.serves.some((u) => t.piece.serves.includes(u)),
        ) ?? (a.kind === 'bench' ? undefined : tables[0])
      return b === to ? 'pulled up' : undefined
    }
    if (a.kind === 'side table') {
      const to = seats.find((s) => s.kind === 'armchair') ?? all.find((s) => s.kind === 'bed') ?? anchor
      return b === to ? 'beside' : undefined
    }
    if (a.kind === 'lamp') {
      if (b.kind === 'lamp') return 'apart'
      const to = seats.find((s) => s.kind === 'armchair') ?? anchor
      return b === to ? 'beside' : undefined
    }
    if (/music stand/i.test(a.name) && b.kind === 'piano') return 'beside'
    return undefined
  }
  return all.flatMap((a) =>
    all.map((b) => {
      const r = of(a, b)
      return r ? RELATIONS.indexOf(r) + 1 : 0
    }),
  )
}
