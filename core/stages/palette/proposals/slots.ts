import { NearestColors } from '../../../kernel/color/nearest.js'
import type { PieceKind } from '../../../model/vocabulary/piece.js'
import type { RoomKind } from '../../../model/vocabulary/room.js'
import type { Surface } from '../../../model/vocabulary/surface.js'
import type { Sample } from '../library/sample.js'
import type { Finish } from '../../../model/rows/finishes.js'
import type { Role } from '../../../model/vocabulary/finish.js'
import { schemeView, sharedByAll, type WornPiece } from '../schemeView.js'
import { inRoom } from '../../../model/inRoom.js'
import type { ProposalWish } from './propose.js'

const SEATS: readonly PieceKind[] = ['sofa', 'sofa bed', 'armchair', 'chair', 'bench', 'stool', 'bed']

const SMALL: readonly PieceKind[] = ['cushion', 'throw']

const HANGING: readonly PieceKind[] = ['curtains', 'blind']

/** The parts of a palette that are colored one by one. */
export type Part = 'wall' | 'pale' | 'lower' | 'seat' | 'second' | 'accent' | 'metal'

export interface Slot {
  readonly part: Part
  readonly surfaces: readonly Surface[]
  readonly pieces: readonly WornPiece[]
  readonly materials: readonly Sample['material'][]
  readonly role: Role
}

/** What can be colored: surfaces without a finish that stays, and pieces that may change. */
export function slotsOf(wish: ProposalWish): Slot[] {
  const { rows } = wish
  const stays = (id: string | null) => rows.finishes.find((f) => f.id === id)?.role === 'stays'
  const laid = rows.finishAssignments.filter((p) => p.schemeId === null && !p.candidate)
  const free = (surface: Surface) =>
    !wish.leave?.includes(surface) && !laid.some((p) => p.surface === surface && stays(p.finishId))
  const outdoors = rows.room.kind === 'outdoors'
  const surfaces = (list: readonly Surface[]) => (outdoors || !wish.areas ? [] : list.filter(free))
  const pieces = schemeView(rows, null).pieces.filter(
    (p) => inRoom(p) && !sharedByAll(p) && !stays(p.finishId),
  )
  const metal = (p: WornPiece) => rows.finishes.find((f) => f.id === p.finishId)?.material === 'metal'
  const of = (kinds: readonly PieceKind[]) => pieces.filter((p) => kinds.includes(p.kind) && !metal(p))
  const timber = (p: WornPiece) => rows.finishes.find((f) => f.id === p.finishId)?.material === 'timber'
  const seats = of(SEATS).filter((p) => !timber(p))
  const big = [...seats].sort((x, y) => y.widthMm * y.heightMm - x.widthMm * x.heightMm)
  const all: Slot[] = [
    { part: 'wall', surfaces: surfaces(['walls']), pieces: [], materials: ['paint'], role: 'main' },
    {
      part: 'pale',
      surfaces: surfaces(['ceiling', 'trim', 'doors']),
      pieces: [],
      materials: ['paint'],
      role: 'main',
    },
    {
      part: 'lower',
      surfaces: wish.lowerWall ? surfaces(['lower']) : [],
      pieces: [],
      materials: ['paint'],
      role: 'second',
    },
    {
      part: 'seat',
      surfaces: [],
      pieces: big.slice(0, Math.max(1, big.length - 1)),
      materials: ['textile'],
      role: 'main',
    },
    { part: 'second', surfaces: [], pieces: of([...HANGING, 'rug']), materials: ['textile'], role: 'second' },
    {
      part: 'accent',
      surfaces: [],
      pieces: [...of(SMALL), ...big.slice(Math.max(1, big.length - 1))],
      materials: ['textile'],
      role: 'accent',
    },
    { part: 'metal', surfaces: [], pieces: pieces.filter(metal), materials: ['metal'], role: 'metal' },
  ]
  return all.filter((s) => s.surfaces.length + s.pieces.length > 0)
}

const ROUGH: readonly (RoomKind | null)[] = ['hall', "child's room", 'service room', 'kitchen']

/** Samples that may be used in a part, with the index to find the nearest. */
export function choicesFor(wish: ProposalWish, slot: Slot) {
  const { kind } = wish.rows.room
  const seat = slot.pieces.some((p) => SEATS.includes(p.kind) || p.kind === 'rug')
  const list = wish.samples.filter(
    (s) =>
      slot.materials.includes(s.material) &&
      s.patternKind === 'none' &&
      (kind !== 'outdoors' || s.outdoor) &&
      !(seat && ROUGH.includes(kind) && s.wear === 'delicate'),
  )
  return { list, index: new NearestColors(list.map((s) => s.lab)) }
}

/** Sheens asked for by the place: woodwork is wiped, ceilings are not. */
export function sheenFor(slot: Slot, kind: RoomKind | null): Finish['sheen'] | undefined {
  if (slot.materials[0] !== 'paint') return undefined
  if (slot.part === 'lower' || slot.part === 'pale') return 'satin'
  return kind === 'wet room' || kind === 'kitchen' ? 'eggshell' : 'flat'
}
