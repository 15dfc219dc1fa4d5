import { STEP_MM } from './wallField.js'
import { type Board } from './board.js'

/** Where every piece of a board stands, and what it costs, kept as running sums. */
export interface State {
  readonly x: Float64Array
  readonly y: Float64Array
  readonly turn: Uint8Array
  /** Cost of each piece by itself, and of each pair; a pair stands twice. */
  readonly own: Float64Array
  readonly pair: Float64Array
  total: number
}

// One unit is what about 100 mm too little costs.
const MM = 1 / 100
const OVERLAP = 6
const OUTSIDE = 8
const ZONE = 1.4
// Gaps that are neither closed nor a way through: nobody passes, dust gathers.
const DEAD_LOW = 70
const DEAD_HIGH = 560

const SIN = [0, 1, 0, -1]
const COS = [1, 0, -1, 0]

/** Distance from the walls at a point: positive inside. */
function wallAt(b: Board, x: number, y: number): number {
  const field = b.field
  const inverse = 1 / STEP_MM
  const cx = (x - field.x0) * inverse + 0.5
  const cy = (y - field.y0) * inverse + 0.5
  if (cx < 0 || cy < 0) return -1_500
  const c = cx | 0
  const r = cy | 0
  if (c >= field.nx || r >= field.ny) return -1_500
  return field.mm[r * field.nx + c]!
}

const outside = (mm: number): number => (mm < -30 ? -mm - 30 : 0)

/** What a place costs a piece by itself: walls, doors, windows, sockets. */
export function ownCost(b: Board, i: number, x: number, y: number, turn: number): number {
  const k = 4 * i + turn
  const hx = b.hx[k]!
  const hy = b.hy[k]!
  // The four corners and the middles of the sides must be inside.
  const e = 8
  const ax = hx - e
  const ay = hy - e
  let cost =
    OUTSIDE *
    MM *
    (outside(wallAt(b, x - ax, y - ay)) +
      outside(wallAt(b, x + ax, y - ay)) +
      outside(wallAt(b, x + ax, y + ay)) +
      outside(wallAt(b, x - ax, y + ay)) +
      outside(wallAt(b, x, y - ay)) +
      outside(wallAt(b, x, y + ay)) +
      outside(wallAt(b, x - ax, y)) +
      outside(wallAt(b, x + ax, y)))
  cost += b.bias[k]!
  for (const block of b.blocks) {
    const ox = Math.min(x + hx, block.x1) - Math.max(x - hx, block.x0)
    if (ox <= 0) continue
    const oy = Math.min(y + hy, block.y1) - Math.max(y - hy, block.y0)
    if (oy <= 0 || b.height[i]! <= block.from) continue
    cost += block.weight * (1 + MM * Math.min(ox, oy) * 2)
  }
  const pull = b.wallPull[i]!
  if (pull > 0) {
    // The middle of its back, and both its back corners, at the wall.
    const hd = turn % 2 ? hx : hy
    const hw = turn % 2 ? hy : hx
    const fx = -SIN[turn]!
    const fy = COS[turn]!
    const bx = x - fx * hd
    const by = y - fy * hd
    const back = Math.max(0, wallAt(b, bx, by))
    const left = Math.max(0, wallAt(b, bx - fy * (hw - 60), by + fx * (hw - 60)))
    const right = Math.max(0, wallAt(b, bx + fy * (hw - 60), by - fx * (hw - 60)))
    cost += pull * (Math.min(12, MM * back) * 0.5 + Math.min(8, MM * Math.max(left, right)) * 0.3)
  } else {
    // What stands free keeps a way round it, or none at all.
    cost +=
      dead(wallAt(b, x - hx, y)) +
      dead(wallAt(b, x + hx, y)) +
      dead(wallAt(b, x, y - hy)) +
      dead(wallAt(b, x, y + hy))
  }
  if (b.corner[i]! > 0) {
    const near = Math.min(wallAt(b, x - hx, y), wallAt(b, x + hx, y), 900)
    const nearY = Math.min(wallAt(b, x, y - hy), wallAt(b, x, y + hy), 900)
    cost += 0.12 * MM * Math.max(0, Math.max(near, nearY))
  }
  // Its free floor must be floor.
  const from = b.zoneFrom[i]!
  for (let z = from; z < from + b.zoneCount[i]!; z++) {
    const q = 4 * z + turn
    const mx = x + b.zx[q]!
    const my = y + b.zy[q]!
    const qx = b.zhx[q]! * 0.8
    const qy = b.zhy[q]! * 0.8
    cost +=
      b.zoneWeight[z]! *
      ZONE *
      MM *
      0.5 *
      (outside(wallAt(b, mx - qx, my - qy)) +
        outside(wallAt(b, mx + qx, my - qy)) +
        outside(wallAt(b, mx + qx, my + qy)) +
        outside(wallAt(b, mx - qx, my + qy)))
  }
  if (b.wantsSocket[i] && b.sockets.length > 0) {
    const d = nearest(b.sockets, x, y)
    cost += d > 1_500 ? 0.8 * MM * (d - 1_500) + 1 : 0
  }
  if (b.wantsWindow[i] && b.windows.length > 0)
    cost += 0.05 * MM * Math.max(0, nearest(b.windows, x, y) - 1_200)
  return cost
}

const dead = (gap: number): number =>
  gap > DEAD_LOW && gap < DEAD_HIGH ? 0.25 * MM * Math.min(gap - DEAD_LOW, DEAD_HIGH - gap) : 0

function nearest(points: Float64Array, x: number, y: number): number {
  let least = Infinity
  for (let k = 0; k < points.length; k += 2) {
    const dx = points[k]! - x
    const dy = points[k + 1]! - y
    const d = dx * dx + dy * dy
    if (d < least) least = d
  }
  return Math.sqrt(least)
}

/** What a pair of pieces costs as it stands: overlaps, zones taken, relations missed. The same either way round. */
export function pairCost(
  b: Board,
  i: number,
  xi: number,
  yi: number,
  ti: number,
  j: number,
  xj: number,
  yj: number,
  tj: number,
): number {
  const { n } = b
  const dx = xj - xi
  const dy = yj - yi
  const ki = 4 * i + ti
  const kj = 4 * j + tj
  const gx = Math.abs(dx) - b.hx[ki]! - b.hx[kj]!
  const gy = Math.abs(dy) - b.hy[ki]! - b.hy[kj]!
  let cost = 0
  if (gx < 0 && gy < 0) {
    if (!b.mayOverlap[i * n + j]) cost += OVERLAP * (0.5 - MM * Math.max(gx, gy))
  } else if (!b.mayOverlap[i * n + j] && !b.mayBefore[i * n + j] && !b.mayBefore[j * n + i]) {
    // Side by side closed or open, but not a slot.
    if (gx >= 0 && gy < -100) cost += dead(gx)
    else if (gy >= 0 && gx < -100) cost += dead(gy)
  }
  // Farther apart than any zone reaches nothing more is to be said but relations.
  if (gx < 1_300 && gy < 1_300) {
    if (b.zoneCount[i]! > 0 && !b.mayBefore[i * n + j])
      cost += zonesTaken(b, i, xi, yi, ti, xj, yj, b.hx[kj]!, b.hy[kj]!)
    if (b.zoneCount[j]! > 0 && !b.mayBefore[j * n + i])
      cost += zonesTaken(b, j, xj, yj, tj, xi, yi, b.hx[ki]!, b.hy[ki]!)
  }
  const rij = b.relation[i * n + j]!
  if (rij) cost += related(b, rij, i, xi, yi, ti, j, xj, yj, tj)
  const rji = b.relation[j * n + i]!
  if (rji) cost += related(b, rji, j, xj, yj, tj, i, xi, yi, ti)
  return cost
}

function zonesTaken(
  b: Board,
  i: number,
  x: number,
  y: number,
  turn: number,
  ox: number,
  oy: number,
  ohx: number,
  ohy: number,
): number {
  let cost = 0
  const from = b.zoneFrom[i]!
  for (let z = from; z < from + b.zoneCount[i]!; z++) {
    const q = 4 * z + turn
    const sx = b.zhx[q]! + ohx - Math.abs(x + b.zx[q]! - ox)
    if (sx <= 0) continue
    const sy = b.zhy[q]! + ohy - Math.abs(y + b.zy[q]! - oy)
    if (sy <= 0) continue
    cost += b.zoneWeight[z]! * ZONE * (0.3 + MM * Math.min(sx, sy))
  }
  return cost
}

/** What piece i misses of what it wants of piece j. */
function related(
  b: Board,
  relation: number,
  i: number,
  xi: number,
  yi: number,
  ti: number,
  j: number,
  xj: number,
  yj: number,
  tj: number,
): number {
  const dx = xi - xj
  const dy = yi - yj
  // In the axes of j: aside along its width, ahead of its front.
  const aside = dx * COS[tj]! + dy * SIN[tj]!
  const ahead = -dx * SIN[tj]! + dy * COS[tj]!
  const kj = 4 * j + tj
  const hdj = tj % 2 ? b.hx[kj]! : b.hy[kj]!
  const hwj = tj % 2 ? b.hy[kj]! : b.hx[kj]!
  const ki = 4 * i + ti
  const same = (ti + tj) % 2 === 0
  const hdi = ti % 2 ? b.hx[ki]! : b.hy[ki]!
  const hwi = ti % 2 ? b.hy[ki]! : b.hx[ki]!
  const along = same ? hwi : hdi
  const deep = same ? hdi : hwi
  switch (relation) {
    case 1: {
      // The low table before the seat: knees between, its middle on the middle, its length along it.
      const gap = ahead - hdj - deep
      const kneesLeast = b.needs.kneesLeast
      const kneesMost = b.needs.kneesMost
      return (
        1.6 * MM * (Math.max(0, kneesLeast + 10 - gap) * 1.5 + Math.max(0, gap - kneesMost + 10)) +
        0.5 * MM * Math.abs(aside) +
        (same ? 0 : 1)
      )
    }
    case 2: {
      // A chair before or beside the sofa, turned to it, near enough to talk.
      const edge = Math.max(Math.abs(aside) - hwj - along, ahead - hdj - deep)
      const fx = -SIN[ti]!
      const fy = COS[ti]!
      const far = Math.hypot(dx, dy) || 1
      const looks = -(fx * dx + fy * dy) / far
      return (
        0.7 * MM * (Math.max(0, 700 - edge) + Math.max(0, edge - 2_300)) +
        (looks < 0.35 ? 3 * (0.35 - looks) : 0) +
        (ahead < 0 ? 2 : 0)
      )
    }
    case 3: {
      // At its side, and not before it.
      const gap = Math.max(Math.abs(aside) - hwj - along, Math.abs(ahead) - hdj - deep)
      return 0.5 * MM * Math.min(1_800, Math.max(0, gap - 120)) + (ahead > hdj + deep * 0.5 ? 0.8 : 0)
    }
    case 4: {
      // Pulled up: at a side of the table, turned to it. At a desk or a piano that side is the front.
      const front = Math.abs(ahead - hdj - hdi * 0.75) + Math.abs(aside) * 0.8
      const facing = (tj + 2) % 4 === ti ? 0 : 1.2
      return 0.8 * MM * Math.min(2_500, front) + facing
    }
    default:
      return 0.25 * MM * Math.max(0, 2_200 - Math.hypot(dx, dy)) * 0.5
  }
}

/** All sums of a state from nothing. */
export function settle(b: Board, s: State): void {
  let total = 0
  for (let i = 0; i < b.n; i++) {
    s.own[i] = i < b.free ? ownCost(b, i, s.x[i]!, s.y[i]!, s.turn[i]!) : 0
    total += s.own[i]!
    for (let j = 0; j < i; j++) {
      const cost =
        i >= b.free && j >= b.free
          ? 0
          : pairCost(b, i, s.x[i]!, s.y[i]!, s.turn[i]!, j, s.x[j]!, s.y[j]!, s.turn[j]!)
      s.pair[i * b.n + j] = cost
      s.pair[j * b.n + i] = cost
      total += cost
    }
  }
  s.total = total
}
