import { boxOf } from '../../../kernel/geometry/box.js'
import { seededNumbers } from '../../../kernel/random/seededNumbers.js'
import type { Finding } from '../../../findings/finding.js'
import { isFlat, OFF_FLOOR } from '../needs.js'
import { planFacts, type PlanFacts, type PlanInput } from '../planFacts.js'
import { adviceBox } from '../rug.js'
import { againstWall, nearestWall } from '../snap.js'
import { fromWall } from '../planRoom.js'
import { planFindings } from '../rules/index.js'
import type { Standing } from '../standing.js'
import { anneal, newState } from './anneal.js'
import { boardOf, type Board } from './board.js'
import type { State } from './energy.js'

export interface Place {
  readonly id: string
  readonly xMm: number
  readonly yMm: number
  readonly turnDeg: number
}

/** One arrangement of the room, judged by the rule book. */
export interface Arrangement {
  readonly places: readonly Place[]
  readonly stops: number
  readonly looks: number
  readonly notes: number
  /** Titles of what is left, gravest first. */
  readonly left: readonly string[]
  /** What tells it apart, in words. */
  readonly says: string
  /** Moves tried in all runs together. */
  readonly moves: number
}

export interface ArrangeWish {
  /** The plan with every piece to be arranged standing somewhere. */
  readonly input: PlanInput
  /** Stands that keep their place besides the pieces that stay. */
  readonly keep: readonly string[]
  readonly seed: number
  readonly count: number
  /** Moves tried in one run, and runs. */
  readonly moves?: number
  readonly runs?: number
  readonly progress?: (done: number) => void
}

/** Rules that an arrangement can do something about. */
export const LAYOUT_RULES: ReadonlySet<string> = new Set([
  'plan.overlap',
  'plan.outside',
  'plan.door-swing',
  'plan.front',
  'plan.knees',
  'plan.walk',
  'plan.toilet-side',
  'plan.talk',
  'plan.covered',
  'plan.window-blocked',
  'plan.rug-legs',
  'plan.rug-flat',
  'plan.rug-border',
  'plan.extended-blocked',
  'plan.extended-foot',
  'plan.sight-end',
  'plan.balance',
  'plan.height-profile',
  'plan.exposed',
  'plan.lamp-cord',
  'plan.lamp-seat',
  'plan.rug-under-table',
  'plan.lamp-competes',
  'plan.cord-across',
  'plan.over-bed',
  'plan.in-cot',
  'plan.over-seat',
  'plan.wet-lamp',
  'plan.over-furniture',
])

/** Findings of a plan that its arrangement decides, counted. */
export function layoutScore(findings: readonly Finding[]) {
  const own = findings.filter((f) => LAYOUT_RULES.has(f.rule))
  const count = (severity: Finding['severity']) => own.filter((f) => f.severity === severity).length
  return { stops: count('stop'), looks: count('look'), notes: count('note'), findings: own }
}

export const layoutRank = (s: { stops: number; looks: number; notes: number }): number =>
  1_000 * s.stops + 30 * s.looks + 3 * s.notes

/**
 * Searches arrangements of a room: several runs of annealing from different numbers of one seed, each fixed by the
 * rule book's own ways out and judged by it; the best that differ are kept. The same seed gives the same answer.
 */
export function arrange(wish: ArrangeWish): Arrangement[] {
  const { input, seed, count, progress } = wish
  const movable = (s: Standing) =>
    !s.piece.stays &&
    !(s.piece.there && s.piece.fixing === 'plumbed in') &&
    !wish.keep.includes(s.id) &&
    !isFlat(s.kind) &&
    !OFF_FLOOR.has(s.kind) &&
    s.raisedMm < 1_500
  const moving = input.standings.filter(movable)
  const fixed = input.standings.filter((s) => !movable(s) && !isFlat(s.kind) && s.raisedMm < 1_500)
  const board = boardOf(input.room, input.needs, moving, fixed)
  const start = startOf(board, moving, fixed)
  const found: (Arrangement & { rank: number; cost: number })[] = []
  const moves = wish.moves ?? Math.min(70_000, 9_000 * Math.max(1, moving.length))
  const runs = wish.runs ?? (moving.length <= 4 ? 18 : 12)
  const random = seededNumbers(seed * 7_919 + 17)
  for (let r = 0; r < runs; r++) {
    // The first run follows the sums alone; the others each lean another way, so that they end elsewhere.
    board.bias.forEach((_, k) => (board.bias[k] = r === 0 ? 0 : random() * LEAN))
    const { state } = anneal(board, start, moves, seed * 1_000 + r)
    progress?.((r + 0.5) / runs)
    const fixed = fix(input, standingsAt(input.standings, moving, state), movable, wish.keep)
    const score = layoutScore(planFindings(planFacts({ ...input, standings: fixed, withFixes: false })))
    found.push({
      places: placesOf(fixed),
      ...counts(score),
      left: titles(score.findings),
      says: saysOf({ ...input, standings: fixed }),
      moves: moves * runs,
      rank: layoutRank(score),
      cost: state.total,
    })
    progress?.((r + 1) / runs)
  }
  found.sort((a, b) => a.rank - b.rank || a.cost - b.cost)
  const kept: typeof found = []
  for (const a of found) {
    if (kept.length >= count) break
    if (kept.every((k) => differs(k.places, a.places))) kept.push(a)
  }
  return kept.map(({ rank: _r, cost: _c, ...a }) => a)
}

// How much a run may lean towards one way of turning a piece, in the units of the sums.
const LEAN = 2.5

const counts = ({ stops, looks, notes }: ReturnType<typeof layoutScore>) => ({ stops, looks, notes })
const ORDER = { stop: 0, look: 1, note: 2 }
const titles = (findings: readonly Finding[]) =>
  [...findings].sort((a, b) => ORDER[a.severity] - ORDER[b.severity]).map((f) => f.title)

function startOf(board: Board, moving: readonly Standing[], fixed: readonly Standing[]): State {
  const state = newState(board.n)
  ;[...moving, ...fixed].forEach((s, i) => {
    state.x[i] = s.box.x
    state.y[i] = s.box.y
    state.turn[i] = Math.round(s.turnDeg / 90) % 4
  })
  return state
}

/** The standings of a state, whole millimeters, backs laid on the walls they are near; rugs under the seats. */
function standingsAt(all: readonly Standing[], moving: readonly Standing[], state: State): Standing[] {
  const at = new Map(moving.map((s, i) => [s.id, i]))
  return all.map((s) => {
    const i = at.get(s.id)
    if (i === undefined) return s
    return moved(s, Math.round(state.x[i] ?? 0), Math.round(state.y[i] ?? 0), (state.turn[i] ?? 0) * 90)
  })
}

const moved = (s: Standing, x: number, y: number, turnDeg: number): Standing => ({
  ...s,
  turnDeg,
  box: boxOf(x, y, s.widthMm, s.depthMm, turnDeg),
})

// A back this near to a wall is laid on it.
const LAY_MM = 90
const FIX_ROUNDS = 6

/** Lays backs on walls, rugs under seats, and carries out the rule book's own ways out while they help. */
function fix(
  input: PlanInput,
  standings: readonly Standing[],
  movable: (s: Standing) => boolean,
  keep: readonly string[],
): Standing[] {
  let now = standings.map((s) => {
    if (!movable(s)) return s
    const wall = nearestWall(s.box, input.room)
    if (!wall) return s
    const { alongMm, beforeMm } = fromWall(wall, s.box)
    const place = againstWall(s.widthMm, s.depthMm, wall, alongMm)
    const gap = beforeMm - s.depthMm / 2
    return Math.abs(gap) < LAY_MM && Math.abs(place.turnDeg - s.turnDeg) < 1
      ? moved(s, place.xMm, place.yMm, place.turnDeg)
      : s
  })
  now = layRugs(input, now, keep)
  let score = judged(input, now)
  for (let round = 0; round < FIX_ROUNDS && score.stops + score.looks > 0; round++) {
    let better: { standings: Standing[]; score: ReturnType<typeof judged> } | undefined
    for (const f of score.findings) {
      if (f.severity === 'note') continue
      for (const m of f.fixes) {
        const tried = carriedOut(
          now,
          m.changes,
          (s) => movable(s) || (isFlat(s.kind) && !keep.includes(s.id)),
        )
        if (!tried) continue
        const laid = layRugs(input, tried, keep)
        const next = judged(input, laid, false)
        if (layoutRank(next) < layoutRank(better?.score ?? score)) better = { standings: laid, score: next }
      }
      if (better && f.severity === 'stop') break
    }
    if (!better) break
    now = better.standings
    score = judged(input, now)
  }
  return now
}

const judged = (input: PlanInput, standings: readonly Standing[], withFixes = true) =>
  layoutScore(planFindings(planFacts({ ...input, standings, withFixes })))

/** A fix that only moves stands, carried out; undefined for any other, and for one that moves what keeps its place. */
function carriedOut(
  standings: readonly Standing[],
  changes: Finding['fixes'][number]['changes'],
  mayMove: (s: Standing) => boolean,
): Standing[] | undefined {
  if (!changes.every((c) => c.collection === 'floorPlacements' && 'set' in c && 'xMm' in c.set))
    return undefined
  if (standings.some((s) => changes.some((c) => 'id' in c && c.id === s.id) && !mayMove(s))) return undefined
  return standings.map((s) => {
    const c = changes.find((x) => 'id' in x && x.id === s.id)
    if (!c || !('set' in c)) return s
    const { xMm, yMm, turnDeg } = c.set as { xMm: number; yMm: number; turnDeg?: number }
    return moved(s, xMm, yMm, turnDeg ?? s.turnDeg)
  })
}

function layRugs(input: PlanInput, standings: readonly Standing[], keep: readonly string[]): Standing[] {
  const { seats } = planFacts({
    ...input,
    standings: standings.filter((s) => !isFlat(s.kind)),
    room: { ...input.room, openings: [] },
    withFixes: false,
    pieces: [],
  })
  return standings.map((s) => {
    if (!isFlat(s.kind) || s.piece.stays || keep.includes(s.id) || s.widthMm * s.depthMm < 1.8e6) return s
    const box = adviceBox(seats, input.room, s, input.needs.rugBorder)
    if (!box) return s
    const turn = Math.round(((Math.atan2(box.uy, box.ux) * 180) / Math.PI + 360) % 360)
    return moved(s, Math.round(box.x), Math.round(box.y), turn)
  })
}

const placesOf = (standings: readonly Standing[]): Place[] =>
  standings.map((s) => ({ id: s.id, xMm: Math.round(s.box.x), yMm: Math.round(s.box.y), turnDeg: s.turnDeg }))

// Two arrangements differ when the pieces together stand this far from each other's places, in the mean.
const DIFFER_MM = 450

function differs(one: readonly Place[], two: readonly Place[]): boolean {
  const by = new Map(two.map((p) => [p.id, p]))
  const far = one.map((p) => {
    const q = by.get(p.id)
    return q ? Math.min(2_000, Math.hypot(p.xMm - q.xMm, p.yMm - q.yMm)) : 0
  })
  return far.reduce((sum, d) => sum + d, 0) / Math.max(1, far.length) > DIFFER_MM || Math.max(...far) > 1_500
}

/** Where the largest pieces stand, in words. */
function saysOf(input: PlanInput): string {
  const facts: PlanFacts = planFacts({ ...input, withFixes: false })
  const large = [...facts.standings]
    .filter((s) => !isFlat(s.kind) && !s.piece.stays)
    .sort((a, b) => b.widthMm * b.depthMm - a.widthMm * a.depthMm)
    .slice(0, 3)
  const at = large.map((s) => {
    const wall = nearestWall(s.box, input.room)
    const near = wall && fromWall(wall, s.box).beforeMm - Math.min(s.widthMm, s.depthMm) / 2 < 200
    return `${s.name} ${near ? `at ${wall.name.charAt(0).toLowerCase()}${wall.name.slice(1)}` : 'in the room'}`
  })
  return at.join(', ')
}
