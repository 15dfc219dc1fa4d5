import { put, type RowChange } from '../../../model/changes.js'
import type { StylingFacts, Unit, SetDown } from '../stylingFacts.js'
import { boardOf, type Board } from './board.js'
import { blockAt, wholeCost, type State } from './cost.js'
import { firstState, search, type Found } from './search.js'

/** An arrangement that is proposed, with what it does to each thing. */
export interface Composition {
  readonly changes: readonly RowChange[]
  /** Things that stand on another shelf than now, lie or stand otherwise, come on view, or go off it: by name. */
  readonly moved: readonly string[]
  readonly comes: readonly string[]
  readonly offView: readonly string[]
  /** Faults in points, now and then. */
  readonly before: number
  readonly cost: number
  /** Where each placed row stands then: unit, shelf and compartment; for the drawing. */
  readonly units: readonly Unit[]
}

export interface ComposeWish {
  readonly facts: Pick<StylingFacts, 'units'>
  /** The units that are composed together. */
  readonly unitIds: readonly string[]
  readonly loose: readonly SetDown[]
  readonly seed: number
  /** Steps of each run. */
  readonly rounds?: number
  readonly runs?: number
  readonly told?: (part: number) => void
}

/** How many are shown, and how many things two of them must place on other shelves to differ. */
const SHOWN = 3
const DIFFER_PART = 0.2

const differs = (board: Board, a: State, b: State): boolean => {
  const apart = board.choices.filter((_c, n) => {
    const [x, y] = [board.bays[a.at[n] ?? -1], board.bays[b.at[n] ?? -1]]
    return x?.unit !== y?.unit || x?.level.number !== y?.level.number
  }).length
  return apart >= Math.max(1, DIFFER_PART * board.choices.length)
}

/**
 * Proposes how to set out some units: the best few arrangements found that differ, each legal (nothing stands out of its
 * compartment, above its clear height or beyond what its shelf bears) and with fewer faults than now; none where none is
 * better. The same seed proposes the same.
 */
export function compose(wish: ComposeWish): Composition[] {
  const { facts, unitIds, loose, seed, rounds = 8_000, runs = 5, told = () => undefined } = wish
  const units = facts.units.filter((u) => unitIds.includes(u.id))
  const board = boardOf(units, loose)
  const before = wholeCost(board, firstState(board))
  const found = Array.from({ length: runs }, (_x, run) =>
    search(board, seed + 7919 * run, rounds, (part) => told((run + part) / runs)),
  )
    .filter((f) => f.cost < before - 0.5)
    .sort((a, b) => a.cost - b.cost)
  const shown: Found[] = []
  for (const f of found)
    if (shown.length < SHOWN && shown.every((s) => differs(board, s.state, f.state))) shown.push(f)
  return shown.map((f) => proposalOf(board, f, before))
}

function proposalOf(board: Board, { state, cost }: Found, before: number): Composition {
  const changes: RowChange[] = []
  const [moved, comes, offView]: [string[], string[], string[]] = [[], [], []]
  const placed = new Map<string, SetDown[]>()
  const key = (unit: number, level: number) => `${unit} ${level}`
  board.bays.forEach((bay, b) => {
    const level = key(bay.unit, bay.level.number)
    const on = placed.get(level) ?? []
    placed.set(level, on)
    const host = board.units[bay.unit]
    for (const n of state.bays[b] ?? []) {
      const block = blockAt(board, state, n)
      const was = board.choices[n]
      const [base, ...tops] = block?.things ?? []
      if (!host || !base || !was) continue
      const at = {
        hostId: host.id,
        level: bay.level.number,
        compartment: bay.level.across > 1 ? bay.compartment : null,
        position: on.length,
        ...{ xMm: null, lies: base.lies },
      }
      on.push({ ...base, ...at, onId: null })
      for (const t of tops) on.push({ ...t, ...at, lies: t.lies, position: on.length })
      if (was.bay === undefined) {
        comes.push(base.name)
        changes.push({
          collection: 'shelfPlacements',
          add: { pieceId: base.pieceId, ...at, onId: null, count: base.count },
        })
        continue
      }
      const old = board.bays[was.bay]
      if (old?.unit !== bay.unit || old.level.number !== bay.level.number || state.ways[n] !== 0)
        moved.push(base.name)
      changes.push(put('shelfPlacements', base.id, { ...at, onId: null }))
      tops.forEach((t, i) =>
        changes.push(put('shelfPlacements', t.id, { ...at, lies: t.lies, position: at.position + 1 + i })),
      )
    }
  })
  board.choices.forEach((c, n) => {
    if ((state.at[n] ?? -1) >= 0 || c.bay === undefined) return
    for (const t of c.ways[0]?.things ?? []) {
      offView.push(t.name)
      changes.push({ collection: 'shelfPlacements', id: t.id, remove: true })
    }
  })
  const units = board.units.map((unit, u) => ({
    ...unit,
    levels: unit.levels.map((l) => ({ ...l, things: placed.get(key(u, l.number)) ?? l.things })),
  }))
  return { ...{ changes, moved, comes, offView, before, cost }, units }
}
