import type { Demand } from '../../model/vocabulary/buying.js'
import type { PieceKind } from '../../model/vocabulary/piece.js'
import type { RoomKind } from '../../model/vocabulary/room.js'
import type { UseKind } from '../../model/vocabulary/use.js'

/** What a thing must bear because of where it is to be, who lives with it and what it is for. */
export interface DerivedDemand {
  readonly demand: Demand
  readonly why: string
}

/** What of a room and a household decides it. */
export interface DemandPlace {
  readonly roomKind: RoomKind | null
  readonly smallChildren: boolean
  readonly pets: boolean
}

const CLOTH: ReadonlySet<PieceKind> = new Set([
  'sofa',
  'sofa bed',
  'armchair',
  'chair',
  'stool',
  'bench',
  'rug',
  'cushion',
  'throw',
  'headboard',
])
const TOUCHED: ReadonlySet<PieceKind> = new Set([...CLOTH, 'bed', 'cot', 'curtains'])
const EATEN_AT: ReadonlySet<PieceKind> = new Set(['table', 'chair', 'bench', 'stool', 'rug', 'cushion'])
const WORKED_AT: ReadonlySet<PieceKind> = new Set(['desk', 'table', 'chair', 'armchair', 'stool'])
/** Rooms one walks through with what one has on one's feet. */
const WALKED: ReadonlySet<RoomKind> = new Set(['hall', 'service room', 'kitchen'])

/**
 * What a thing must bear, each with its reason (common practice): from the kind of room, the household and the uses it serves.
 * Each is a proposal that can be switched off for one item.
 *
 * @param kind of the thing; null while it is not said, and then only the room counts
 */
export function derivedDemands(
  kind: PieceKind | null,
  uses: readonly UseKind[],
  place: DemandPlace,
): DerivedDemand[] {
  const found = new Map<Demand, string>()
  const ask = (demand: Demand, why: string) => {
    if (!found.has(demand)) found.set(demand, why)
  }
  const is = (set: ReadonlySet<PieceKind>) => kind !== null && set.has(kind)
  const { roomKind, smallChildren, pets } = place
  if (roomKind === 'outdoors') ask('outdoors', 'it stands outdoors')
  if (roomKind === 'wet room' && kind !== 'lamp') ask('wet', 'it is in a wet room')
  if (kind === 'rug' && roomKind !== null && WALKED.has(roomKind)) {
    ask('many feet', `a ${roomKind} is walked through`)
    ask('washing', `shoes come into a ${roomKind}`)
  }
  if (is(EATEN_AT) && (roomKind === 'dining room' || roomKind === 'kitchen' || uses.includes('eat')))
    ask('food and ink', 'one eats there')
  if (is(WORKED_AT) && (uses.includes('work or study') || uses.includes('sew or make')))
    ask('food and ink', 'one works there with ink and cups')
  if (smallChildren && is(TOUCHED)) {
    ask('child', 'a small child lives here')
    if (is(CLOTH)) ask('washing', 'a small child lives here')
  }
  if (pets && is(TOUCHED) && kind !== 'curtains') ask('pet', 'a pet lives here')
  return [...found].map(([demand, why]) => ({ demand, why }))
}
