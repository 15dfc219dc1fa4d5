import { seededNumbers } from '../../../kernel/random/seededNumbers.js'
import type { Board } from './board.js'
import { ownCost, pairCost, settle, type State } from './energy.js'

export interface Run {
  readonly state: State
  readonly moves: number
}

export function newState(n: number): State {
  return {
    x: new Float64Array(n),
    y: new Float64Array(n),
    turn: new Uint8Array(n),
    own: new Float64Array(n),
    pair: new Float64Array(n * n),
    total: 0,
  }
}

const copyInto = (from: State, to: State): void => {
  to.x.set(from.x)
  to.y.set(from.y)
  to.turn.set(from.turn)
  to.own.set(from.own)
  to.pair.set(from.pair)
  to.total = from.total
}

/** How much worse a move may make it, at the beginning and at the end of a run. */
const [HOT, COLD] = [6, 0.03]

/** What each piece costs with all others together. */
function withAllOthers({ pair }: State, n: number): Float64Array {
  const row = new Float64Array(n)
  for (let i = 0; i < n; i++) for (let j = 0; j < n; j++) if (i !== j) row[i]! += pair[i * n + j]!
  return row
}

/**
 * Simulated annealing over places and quarter turns. A move changes one piece; what it costs is the difference of its
 * own sums, so that a move takes one pass over the other pieces.
 *
 * @param start where everything stands to begin with; left as it is
 * @param moves how many are tried
 */
export function anneal(board: Board, start: State, moves: number, seed: number): Run {
  const { n, free, walls } = board
  const random = seededNumbers(seed)
  const now = newState(n)
  copyInto(start, now)
  settle(board, now)
  const best = newState(n)
  copyInto(now, best)
  if (free === 0) return { state: best, moves: 0 }
  const trial = new Float64Array(n)
  const row = withAllOthers(now, n)
  const { field } = board
  const width = (field.nx - 1) * field.step
  const height = (field.ny - 1) * field.step
  for (let m = 0; m < moves; m++) {
    const part = m / moves
    const heat = HOT * (COLD / HOT) ** part
    const reach = 1_800 * (1 - part) ** 2 + 30
    const i = Math.floor(random() * free)
    let x = now.x[i]!
    let y = now.y[i]!
    let turn = now.turn[i]!
    const kind = random()
    const pulled = board.wallPull[i]! > 0.2
    if (kind < (pulled ? 0.22 : 0.03) * (1 - part * 0.7)) {
      // To a wall, its back to it.
      const w = walls[Math.floor(random() * walls.length)]!
      turn = w.turn
      const k = 4 * i + turn
      const hd = turn % 2 ? board.hx[k]! : board.hy[k]!
      const hw = turn % 2 ? board.hy[k]! : board.hx[k]!
      const along = hw + random() * Math.max(0, w.length - 2 * hw)
      // Into a corner as often as anywhere.
      const at = random() < 0.25 ? (random() < 0.5 ? hw + 5 : w.length - hw - 5) : along
      x = w.x + w.dx * at + w.ix * (hd + 5)
      y = w.y + w.dy * at + w.iy * (hd + 5)
    } else if (kind < 0.3) {
      turn = (turn + 1 + Math.floor(random() * 3)) % 4
    } else if (kind < 0.36 * (1 - part) + 0.3) {
      x = field.x0 + random() * width
      y = field.y0 + random() * height
    } else {
      const step = random() < 0.5 ? reach : reach * 0.15
      const axis = random()
      if (axis < 0.7) x += (random() * 2 - 1) * step
      if (axis > 0.3) y += (random() * 2 - 1) * step
    }
    // The most this move may cost more; drawn first, so that a bad move is dropped before all pairs are summed.
    const most = -heat * Math.log(random() + 1e-300)
    const own = ownCost(board, i, x, y, turn)
    // Pairs cost nothing at the least: what is known already bounds the difference from below.
    let delta = own - now.own[i]! - row[i]!
    if (delta > most) continue
    let dropped = false
    for (let j = 0; j < n; j++) {
      if (j === i) continue
      const cost = pairCost(board, i, x, y, turn, j, now.x[j]!, now.y[j]!, now.turn[j]!)
      trial[j] = cost
      delta += cost
      if (delta > most) {
        dropped = true
        break
      }
    }
    if (dropped) continue
    now.x[i] = x
    now.y[i] = y
    now.turn[i] = turn
    now.own[i] = own
    let sum = 0
    for (let j = 0; j < n; j++) {
      if (j === i) continue
      const cost = trial[j]!
      row[j]! += cost - now.pair[i * n + j]!
      now.pair[i * n + j] = cost
      now.pair[j * n + i] = cost
      sum += cost
    }
    row[i] = sum
    now.total += delta
    if (now.total < best.total - 1e-9) copyInto(now, best)
  }
  return { state: best, moves }
}
