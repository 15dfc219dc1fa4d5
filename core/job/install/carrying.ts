import type { JobSnapshot } from '../../model/snapshot.js'
import type { Piece } from '../../model/rows/pieces.js'
import { HEAVY_G, MINUTES } from '../../stages/install/methods.js'
import { inRoom } from '../../model/inRoom.js'
import type { MadeNew } from '../making/faces.js'
import type { Draft } from './drafts.js'

/** What is carried by two, by its weight or by what it is. */
const HEAVY_KINDS: ReadonlySet<string> = new Set([
  ...['sofa', 'sofa bed', 'bed', 'wardrobe', 'piano', 'cabinet', 'chest of drawers', 'table', 'desk'],
  ...['shelves', 'appliance', 'sanitary'],
])
export const isHeavy = (thing: { readonly weightG: number | null; readonly kind: string | null }): boolean =>
  thing.weightG === null ? HEAVY_KINDS.has(thing.kind ?? '') : thing.weightG >= HEAVY_G

export const carrying = (thing: {
  readonly weightG: number | null
  readonly kind: string | null
  readonly count: number
}): number => thing.count * (isHeavy(thing) ? MINUTES.heavyPiece : MINUTES.piece)

/** It is held by the building: hung, screwed, stuck or wired. */
const isHeld = (job: JobSnapshot, p: Piece): boolean =>
  p.fixing.startsWith('screwed') ||
  p.fixing === 'adhesive strips' ||
  p.fixing === 'sticks by itself' ||
  job.wallPlacements.some((w) => w.pieceId === p.id)

/** The walls and the ceiling that hold it are all made new, so that it comes down anyway. */
function comesDown(job: JobSnapshot, p: Piece, { wallIds, ceiling }: MadeNew): boolean {
  if (p.fixing === 'screwed to the ceiling') return ceiling
  const hung = job.wallPlacements.filter((w) => w.pieceId === p.id).map((w) => w.wallId)
  const walls = hung.length > 0 ? hung : p.wallId === null ? [] : [p.wallId]
  return walls.length > 0 && walls.every((id) => wallIds.has(id))
}

/**
 * What is carried out of the room for the time of the work and comes back: what stands free, and what hangs where the wall is
 * made new. What may not be moved, or goes on hanging on a wall that stays as it is, is covered where it is.
 */
export const carriedOut = (job: JobSnapshot, madeNew: MadeNew): Piece[] =>
  job.pieces.filter(
    (p) =>
      p.there &&
      inRoom(p) &&
      !p.stays &&
      !STAYS_WHERE_IT_IS.has(p.fixing) &&
      p.kind !== 'curtains' &&
      p.kind !== 'blind' &&
      (!isHeld(job, p) || comesDown(job, p, madeNew)),
  )
const STAYS_WHERE_IT_IS: ReadonlySet<Piece['fixing']> = new Set<Piece['fixing']>([
  'wired in',
  'plumbed in',
  'glued down',
])

/** Of what was carried out, what is set down again; what was held comes back with what holds it. */
export const setDownAgain = (job: JobSnapshot, out: readonly Piece[]): Piece[] =>
  out.filter((p) => !isHeld(job, p))

/** How much room a thing takes in the holding place, cubic millimeters: as it stands, rugs rolled and pictures stacked alike. */
export const volumeOf = (p: Pick<Piece, 'widthMm' | 'depthMm' | 'heightMm' | 'count'>): number =>
  p.count * p.widthMm * p.depthMm * p.heightMm

/** What goes for good, and what is carried out while the room is worked in; wires and pipes are taken off before. */
export function clearing(job: JobSnapshot, out: readonly Piece[]): Draft[] {
  const going = job.pieces.filter((p) => p.there && !inRoom(p))
  const all = [...going, ...out]
  if (all.length === 0) return []
  return [
    {
      ...{
        key: 'clear',
        step: 'clear',
        name: out.length > 0 ? 'Clear the room' : 'What goes is carried out',
      },
      because: [
        ...going.map(
          (p) => `${p.name}: ${p.verdict === 'let go' ? 'goes for good' : 'goes to another room'}`,
        ),
        ...out.map((p) => `${p.name}: out while the room is worked in`),
      ],
      minutes: all.reduce((sum, p) => sum + carrying(p), 0),
      places: ['room'],
      hands: all.some(isHeavy) ? 2 : 1,
      pieceIds: all.map((p) => p.id),
    },
  ]
}
