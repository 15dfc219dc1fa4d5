import { pointToBox, type Box } from '../../../kernel/geometry/box.js'
import type { Point } from '../../../kernel/geometry/polygon.js'
import type { PieceKind } from '../../../model/vocabulary/piece.js'
import type { UseKind } from '../../../model/vocabulary/use.js'
import type { PlanFacts, PlanUse } from '../planFacts.js'
import type { Standing } from '../standing.js'
import { luxAt, pageLux } from './roomLighting.js'
import { LIGHT_TARGETS, MOOD_LUX, type LightTarget } from './targets.js'

/** A place where a use wants its light. */
export interface UsePlace {
  readonly use: PlanUse
  readonly at: Point
  readonly heightMm: number
  readonly targetLux: number
  readonly says: string
  readonly lux: number
  readonly by: Standing
}

const TOPS: readonly PieceKind[] = ['table', 'desk']
const SEATED: readonly PieceKind[] = ['sofa', 'sofa bed', 'armchair', 'chair', 'stool', 'bench']
const BEDS: readonly PieceKind[] = ['bed', 'cot', 'sofa bed']
const STORES: readonly PieceKind[] = ['wardrobe', 'cabinet', 'chest of drawers', 'shelves', 'trunk']
const LOW_TOPS: readonly PieceKind[] = [
  'side table',
  'low table',
  'cabinet',
  'chest of drawers',
  'table',
  'desk',
  'bench',
]

/**
 * Where a use happens among what serves it, the first group that is there: one works at the desk, not at its chair, and
 * sits on the sofa, not at the rug before it. What only helps (a rug, a curtain, a store beside it) is no place of its own.
 */
const HAPPENS_AT: Readonly<Record<UseKind, readonly (readonly PieceKind[])[]>> = {
  sleep: [BEDS],
  sit: [SEATED],
  eat: [TOPS, ['low table', 'bench', 'side table']],
  'work or study': [TOPS, ['side table', 'cabinet']],
  read: [SEATED, BEDS],
  store: [STORES],
  dress: [['mirror'], STORES],
  wash: [['sanitary'], ['appliance']],
  'play music': [['piano', 'other'], SEATED],
  play: [['rug'], TOPS],
  'sew or make': [TOPS, ['side table', 'cabinet']],
  'put things down': [LOW_TOPS],
  display: [['shelves', 'cabinet', 'picture', 'object', 'plant', 'side table']],
  'change a small child': [['chest of drawers', 'cabinet', 'table', 'desk', 'other']],
  'do the laundry': [['appliance'], ['sanitary'], TOPS],
  'come and go': [['bench', 'stool', 'chair'], STORES],
  cook: [['appliance'], TOPS],
  other: [],
}

/** What only helps a use and is no place of it. */
const HELPS: ReadonlySet<PieceKind> = new Set<PieceKind>([
  'lamp',
  'rug',
  'curtains',
  'blind',
  'cushion',
  'throw',
  'picture',
  'plant',
  'object',
  'headboard',
  'screen',
  'tray',
  'books',
])

/** Of several basins, tubs and bowls one washes at the basin, before its mirror. */
const atBasin = (list: readonly Standing[]): readonly Standing[] => {
  const basins = list.filter((s) => s.kind === 'sanitary' && s.sanitary === 'basin')
  return basins.length > 0 ? basins : list
}

/** Standing pieces at which a use happens; none where nothing that serves it is such a place. */
export function placesOfUse(facts: Pick<PlanFacts, 'standings'>, use: PlanUse): readonly Standing[] {
  const serving = facts.standings.filter((s) => s.piece.serves.includes(use.id) && s.kind !== 'lamp')
  for (const kinds of HAPPENS_AT[use.kind]) {
    const here = serving.filter((s) => kinds.includes(s.kind))
    if (here.length > 0) return atBasin(here)
  }
  return serving.filter((s) => !HELPS.has(s.kind))
}

/** What is read is held up to the light. */
const HELD: ReadonlySet<UseKind> = new Set<UseKind>(['read', 'play music'])

/** What one person takes of a seat (common practice). */
const PERSON_MM = 600

/** The places on a seat, over the front of each. */
function seatsOf(by: Standing): Point[] {
  const ahead = by.box.halfD * 0.5
  const count = Math.max(1, Math.floor((2 * by.box.halfW) / PERSON_MM))
  return Array.from({ length: count }, (_, i) => {
    const along = ((i + 0.5) / count - 0.5) * 2 * by.box.halfW
    return {
      x: by.box.x - by.box.uy * ahead + by.box.ux * along,
      y: by.box.y + by.box.ux * ahead + by.box.uy * along,
    }
  })
}

/** What a use asks for: in a warm cocoon one sits by what that mood wants of the whole room. */
function targetOf(kind: UseKind, mood: string | null): LightTarget | undefined {
  const target = LIGHT_TARGETS[kind]
  const moodLux = (mood !== null && MOOD_LUX[mood]) || undefined
  return target && kind === 'sit' && moodLux !== undefined && moodLux < target.lux
    ? { ...target, lux: moodLux, says: `in a ${mood ?? ''}, ${target.says}` }
    : target
}

/** Where each use happens, and how much light the lamps of the room bring there. */
export function usePlaces(facts: PlanFacts): UsePlace[] {
  return facts.uses.flatMap((use) => {
    const target = targetOf(use.kind, facts.schools.mood)
    if (!target) return []
    const lightOn = HELD.has(use.kind) ? pageLux : luxAt
    const all = placesOfUse(facts, use).flatMap((by): UsePlace[] => {
      const seat = SEATED.includes(by.kind) || by.kind === 'bed'
      const heightMm = seat ? target.heightMm : Math.max(target.heightMm, Math.min(1_100, by.heightMm))
      return (seat ? seatsOf(by) : [{ x: by.box.x, y: by.box.y }]).map((at) => ({
        use,
        at,
        heightMm,
        targetLux: target.lux,
        says: target.says,
        lux: lightOn(at, heightMm, facts.lamps, facts.reflecting),
        by,
      }))
    })
    return seatsTaken(all, use.persons)
  })
}

/** Of seats as many have to be lit as people use them at once, the best lit first: one place for each piece, its darkest. */
function seatsTaken(all: readonly UsePlace[], persons: number): UsePlace[] {
  const seats = all.filter((p) => SEATED.includes(p.by.kind) || p.by.kind === 'bed')
  const taken = [...seats].sort((a, b) => b.lux - a.lux).slice(0, Math.max(1, persons))
  const darkest = taken.filter((p, i) => !taken.slice(i + 1).some((q) => q.by === p.by))
  return all.filter((p) => darkest.includes(p) || !seats.includes(p))
}

/** How much of a bed is where one lies with the head, reads and reaches for the lamp (common practice). */
const PILLOW_MM = 600

/** What of a piece a lamp has to be near: the pillow end of a bed, otherwise all of it. */
function lampEnd(s: Standing): Box {
  if (s.kind !== 'bed') return s.box
  const half = Math.min(PILLOW_MM, 2 * s.box.halfD) / 2
  const back = s.box.halfD - half
  return { ...s.box, x: s.box.x + s.box.uy * back, y: s.box.y - s.box.ux * back, halfD: half }
}

/** How far a lamp is from where a use happens: from the edge of the piece, of a bed from its head. */
export const lampAway = (at: Point, by: Standing): number => pointToBox(lampEnd(by), at)
