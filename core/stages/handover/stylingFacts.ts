import type { PieceKind, Trait } from '../../model/vocabulary/piece.js'
import type { SchoolOf } from '../../model/vocabulary/schools.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import type { Piece } from '../../model/rows/pieces.js'
import type { Shelf } from '../../model/rows/shelves.js'
import type { ShelfPlacement } from '../../model/rows/shelfPlacements.js'
import type { LabD65 } from '../../kernel/color/lab.js'
import { under } from './under.js'
import { formatterOf, type Formatter } from '../../kernel/units/formatter.js'

/** One kind of thing in one place on or in a piece, as it stands there. */
export interface SetDown {
  /** Of the row that puts it there. */
  readonly id: string
  readonly pieceId: string
  readonly name: string
  readonly kind: PieceKind
  readonly count: number
  /** How many of it there are in all, and how many of these are set down somewhere. */
  readonly inAll: number
  readonly setDown: number
  readonly lies: boolean
  readonly position: number
  readonly compartment: number | null
  /** Its left edge from the left of its shelf or compartment; null where it is set out evenly with the others. */
  readonly xMm: number | null
  /** The place on top of which it stands. */
  readonly onId: string | null
  /** Places of all that stands on top of it, and moves with it. */
  readonly carries: readonly string[]
  /** How high that reaches above it, and what it weighs, at most. */
  readonly carriesMm: number
  readonly carriesG: number
  /** As it stands or lies: along the shelf, upwards, towards the back. */
  readonly wideMm: number
  readonly highMm: number
  readonly deepMm: number
  /** All of them together as the eye reads them: side by side, or in a pile where they lie. */
  readonly groupWideMm: number
  readonly groupHighMm: number
  /** Of one; undefined while it was not weighed. */
  readonly weightG: number | undefined
  /** What it is made of, as its finish or its own words say; undefined where neither does. */
  readonly material: string | undefined
  /** L* of its finish; undefined while it wears none. */
  readonly lightness: number | undefined
  /** The color of its finish. */
  readonly lab: LabD65 | undefined
  readonly loved: boolean
  readonly focal: boolean
  readonly useful: boolean
  readonly traits: readonly Trait[]
  /** The uses it serves. */
  readonly serves: readonly string[]
}

/** One shelf or row of compartments of a piece, or its top (number 0). */
export interface Level {
  readonly number: number
  readonly name: string
  readonly closed: boolean
  /** Clear height; undefined on top, where nothing is above. */
  readonly clearHeightMm: number | undefined
  /** Of one compartment. */
  readonly clearWidthMm: number
  readonly clearDepthMm: number
  readonly across: number
  /** What it bears; undefined where nobody knows. */
  readonly bearsG: number | undefined
  readonly things: readonly SetDown[]
}

/** A piece that things stand on or in. */
export interface Unit {
  readonly id: string
  readonly name: string
  readonly kind: PieceKind
  readonly topMm2: number
  /** Lowest first, its top last. */
  readonly levels: readonly Level[]
}

/** What the rules of the last stage judge: what stands on and in what. */
export interface StylingFacts {
  readonly says: Formatter
  /** The school of shelves; null while the job has chosen none. */
  readonly school: SchoolOf<'shelves'> | null
  /** Undefined while the room is not measured. */
  readonly floorMm2: number | undefined
  readonly units: readonly Unit[]
  /** What is not to be on view and stands nowhere, with its place in words. */
  readonly offView: readonly { readonly id: string; readonly name: string; readonly place: string }[]
}

type StylingRows = Pick<
  JobSnapshot,
  'studio' | 'schools' | 'pieces' | 'finishes' | 'shelves' | 'shelfPlacements'
>

/** What is piled up where several of it lie. */
export const PILED: ReadonlySet<PieceKind> = new Set<PieceKind>([
  'books',
  'trunk',
  'tray',
  'throw',
  'cushion',
  'picture',
])

/** Several of one thing together, as the eye reads them. */
function groupOf(kind: PieceKind, count: number, lies: boolean, wideMm: number, highMm: number) {
  const piled = lies && PILED.has(kind)
  return {
    groupWideMm: piled ? wideMm : count * wideMm,
    groupHighMm: piled ? count * highMm : highMm,
  }
}

/** A thing laid flat, or stood up again. */
export function turned(thing: SetDown): SetDown {
  const [wideMm, highMm, lies] = [thing.highMm, thing.wideMm, !thing.lies]
  return { ...thing, wideMm, highMm, lies, ...groupOf(thing.kind, thing.count, lies, wideMm, highMm) }
}

const isHere = (p: Pick<Piece, 'verdict'>) => p.verdict !== 'let go' && p.verdict !== 'move'

/** Shelves of one piece, one entry a level, lowest first. */
export function levelsOf(
  host: Pick<Piece, 'widthMm' | 'depthMm'>,
  rows: readonly Shelf[],
): Omit<Level, 'things'>[] {
  return [...rows]
    .sort((a, b) => a.position - b.position || (a.id < b.id ? -1 : 1))
    .flatMap((s) => Array.from({ length: s.levels }, () => s))
    .map((s, i) => ({
      number: i + 1,
      name: s.name,
      closed: s.closed,
      clearHeightMm: s.clearHeightMm,
      clearWidthMm: s.clearWidthMm ?? host.widthMm / s.across,
      clearDepthMm: s.clearDepthMm ?? host.depthMm,
      across: s.across,
      bearsG: s.bearsG ?? undefined,
    }))
}

/** Rows of a job by which things on shelves are known. */
interface Known {
  readonly pieceOf: ReadonlyMap<string, Piece>
  readonly finishOf: ReadonlyMap<string, JobSnapshot['finishes'][number]>
  readonly placements: readonly ShelfPlacement[]
}

/** A row as the thing it sets down; undefined where its piece is gone. */
function setDownOf(row: ShelfPlacement, { pieceOf, finishOf, placements }: Known): SetDown | undefined {
  const p = pieceOf.get(row.pieceId)
  if (!p) return undefined
  const finish = finishOf.get(p.finishId ?? '')
  const worn = finish && finish.material !== 'paint' ? finish.material : undefined
  const said = p.material.trim().toLowerCase()
  // Laid down, its height lies along the shelf and its width stands up.
  const [wideMm, highMm] = row.lies ? [p.heightMm, p.widthMm] : [p.widthMm, p.heightMm]
  return {
    ...{ id: row.id, pieceId: p.id, name: p.name, kind: p.kind, count: row.count, inAll: p.count },
    setDown: placements.filter((s) => s.pieceId === p.id).reduce((sum, s) => sum + s.count, 0),
    ...{ lies: row.lies, position: row.position },
    ...{ compartment: row.compartment, xMm: row.xMm, onId: row.onId },
    ...{ carries: [], carriesMm: 0, carriesG: 0 },
    ...{ wideMm, highMm, deepMm: p.depthMm },
    ...groupOf(p.kind, row.count, row.lies, wideMm, highMm),
    weightG: p.weightG ?? undefined,
    material: (p.traits.includes('clear glass') ? 'glass' : undefined) ?? worn ?? (said || undefined),
    lightness: finish?.labL,
    lab: finish && { l: finish.labL, a: finish.labA, b: finish.labB },
    loved: p.sentimental || p.reason.trim() !== '',
    focal: p.focal,
    useful: p.serves.length > 0,
    traits: p.traits,
    serves: p.serves,
  }
}

const knownOf = (job: StylingRows): Known => ({
  pieceOf: new Map(job.pieces.filter(isHere).map((p) => [p.id, p])),
  finishOf: new Map(job.finishes.map((f) => [f.id, f])),
  placements: job.shelfPlacements,
})

/** Things of one shelf, each with all that stands on top of it. */
function carrying(things: readonly SetDown[]): SetDown[] {
  return things.map((t) => {
    const above = things.filter((o) => under(things, o).includes(t))
    return {
      ...t,
      carries: above.map((o) => o.id),
      carriesMm: above.reduce((sum, o) => sum + o.groupHighMm, 0),
      carriesG: above.reduce((sum, o) => sum + (o.weightG ?? 0) * o.count, 0),
    }
  })
}

/** What is set out on shelves by its kind. */
export const SMALL: ReadonlySet<PieceKind> = new Set<PieceKind>(['object', 'books', 'plant', 'tray', 'trunk'])

/** Small things that stand nowhere yet and may be on view; each as it would stand, by the id of its piece. */
export function looseThings(
  job: StylingRows & Pick<JobSnapshot, 'floorPlacements' | 'wallPlacements'>,
): SetDown[] {
  const placed = new Set(
    [...job.shelfPlacements, ...job.floorPlacements, ...job.wallPlacements].map((s) => s.pieceId),
  )
  const known = knownOf(job)
  const hosts = new Set(job.shelves.map((s) => s.pieceId))
  return [...known.pieceOf.values()]
    .filter(
      (p) =>
        SMALL.has(p.kind) && !placed.has(p.id) && !hosts.has(p.id) && !p.traits.includes('not to be on view'),
    )
    .flatMap((p) => {
      const row: ShelfPlacement = {
        ...{ id: p.id, pieceId: p.id, hostId: '', level: 0, compartment: null, xMm: null, onId: null },
        ...{ position: 0, count: p.count, lies: false },
      }
      return setDownOf(row, known) ?? []
    })
}

/** What stands on and in the pieces of a job that stay or come. */
export function stylingFacts(job: StylingRows, floorMm2: number | undefined): StylingFacts {
  const known = knownOf(job)
  const { pieceOf } = known
  const setDown = (row: ShelfPlacement): SetDown[] => [setDownOf(row, known) ?? []].flat()
  const hosts = new Set([...job.shelves.map((s) => s.pieceId), ...job.shelfPlacements.map((s) => s.hostId)])
  const units = job.pieces.flatMap((host): Unit[] => {
    if (!hosts.has(host.id) || !pieceOf.has(host.id)) return []
    const on = job.shelfPlacements.filter((s) => s.hostId === host.id)
    const things = (number: number) => carrying(on.filter((s) => s.level === number).flatMap(setDown))
    const levels = levelsOf(
      host,
      job.shelves.filter((s) => s.pieceId === host.id),
    )
    const known = levels.length
    // A shelf that something stands on and nobody has described yet.
    const more = [...new Set(on.map((s) => s.level))].filter((n) => n > known).sort((a, b) => a - b)
    const plain = (number: number, clearHeightMm: number | undefined) => ({
      number,
      name: '',
      closed: false,
      clearHeightMm,
      clearWidthMm: host.widthMm,
      clearDepthMm: host.depthMm,
      across: 1,
      bearsG: undefined,
    })
    return [
      {
        id: host.id,
        name: host.name,
        kind: host.kind,
        topMm2: host.widthMm * host.depthMm,
        levels: [...levels, ...more.map((n) => plain(n, undefined)), plain(0, undefined)].map((l) => ({
          ...l,
          things: things(l.number),
        })),
      },
    ]
  })
  const set = new Set(job.shelfPlacements.map((s) => s.pieceId))
  const offView = [...pieceOf.values()]
    .filter((p) => p.traits.includes('not to be on view') && !set.has(p.id))
    .map((p) => ({ id: p.id, name: p.name, place: p.place.trim() }))
  return { says: formatterOf(job.studio), school: job.schools.shelves, floorMm2, units, offView }
}

/** Of a piece of which one side is clearly the longer: tall and thin, or wide and low (common practice: half as much again). */
const LONGER = 1.5

export type Form = 'tall' | 'low' | 'even'

export const formOf = ({ wideMm, groupHighMm }: Pick<SetDown, 'wideMm' | 'groupHighMm'>): Form =>
  groupHighMm >= LONGER * wideMm ? 'tall' : wideMm >= LONGER * groupHighMm ? 'low' : 'even'

/** What of a unit is on view: shelves behind no door, and its top. */
export const onView = (unit: Unit): Level[] => unit.levels.filter((l) => !l.closed)

export const countOf = (things: readonly Pick<SetDown, 'count'>[]): number =>
  things.reduce((sum, t) => sum + t.count, 0)
