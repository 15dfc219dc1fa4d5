import type { PieceKind } from '../../model/vocabulary/piece.js'
import type { SchoolOf } from '../../model/vocabulary/schools.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import type { Piece } from '../../model/rows/pieces.js'
import type { Shelf } from '../../model/rows/shelves.js'
import type { ShelfPlacement } from '../../model/rows/shelfPlacements.js'
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
  /** As it stands or lies: along the shelf, upwards, towards the back. */
  readonly wideMm: number
  readonly highMm: number
  readonly deepMm: number
  /** What it is made of, as its finish or its own words say; undefined where neither does. */
  readonly material: string | undefined
  /** L* of its finish; undefined while it wears none. */
  readonly lightness: number | undefined
  readonly loved: boolean
  readonly focal: boolean
  readonly useful: boolean
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
}

type StylingRows = Pick<
  JobSnapshot,
  'studio' | 'schools' | 'pieces' | 'finishes' | 'shelves' | 'shelfPlacements'
>

const isHere = (p: Pick<Piece, 'verdict'>) => p.verdict !== 'let go' && p.verdict !== 'move'

/** Shelves of one piece, one entry a level, lowest first. */
export function levelsOf(
  host: Pick<Piece, 'widthMm' | 'depthMm'>,
  rows: readonly Shelf[],
): Omit<Level, 'things'>[] {
  return rows
    .flatMap((s) => Array.from({ length: s.levels }, () => s))
    .map((s, i) => ({
      number: i + 1,
      name: s.name,
      closed: s.closed,
      clearHeightMm: s.clearHeightMm,
      clearWidthMm: s.clearWidthMm ?? host.widthMm / s.across,
      clearDepthMm: s.clearDepthMm ?? host.depthMm,
      across: s.across,
    }))
}

/** What stands on and in the pieces of a job that stay or come. */
export function stylingFacts(job: StylingRows, floorMm2: number | undefined): StylingFacts {
  const pieceOf = new Map(job.pieces.filter(isHere).map((p) => [p.id, p]))
  const finishOf = new Map(job.finishes.map((f) => [f.id, f]))
  const setDown = (row: ShelfPlacement): SetDown[] => {
    const p = pieceOf.get(row.pieceId)
    if (!p) return []
    const finish = finishOf.get(p.finishId ?? '')
    const worn = finish && finish.material !== 'paint' ? finish.material : undefined
    const said = p.material.trim().toLowerCase()
    return [
      {
        id: row.id,
        pieceId: p.id,
        name: p.name,
        kind: p.kind,
        count: row.count,
        inAll: p.count,
        setDown: job.shelfPlacements.filter((s) => s.pieceId === p.id).reduce((sum, s) => sum + s.count, 0),
        lies: row.lies,
        position: row.position,
        // Laid down, its height lies along the shelf and its width stands up.
        wideMm: row.lies ? p.heightMm : p.widthMm,
        highMm: row.lies ? p.widthMm : p.heightMm,
        deepMm: p.depthMm,
        material: (p.traits.includes('clear glass') ? 'glass' : undefined) ?? worn ?? (said || undefined),
        lightness: finish?.labL,
        loved: p.sentimental || p.reason.trim() !== '',
        focal: p.focal,
        useful: p.serves.length > 0,
      },
    ]
  }
  const hosts = new Set([...job.shelves.map((s) => s.pieceId), ...job.shelfPlacements.map((s) => s.hostId)])
  const units = job.pieces.flatMap((host): Unit[] => {
    if (!hosts.has(host.id) || !pieceOf.has(host.id)) return []
    const on = job.shelfPlacements.filter((s) => s.hostId === host.id)
    const things = (number: number) => on.filter((s) => s.level === number).flatMap(setDown)
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
  return { says: formatterOf(job.studio), school: job.schools.shelves, floorMm2, units }
}

/** Of a piece of which one side is clearly the longer: tall and thin, or wide and low (common practice: half as much again). */
const LONGER = 1.5

export type Form = 'tall' | 'low' | 'even'

export const formOf = ({ wideMm, highMm }: Pick<SetDown, 'wideMm' | 'highMm'>): Form =>
  highMm >= LONGER * wideMm ? 'tall' : wideMm >= LONGER * highMm ? 'low' : 'even'

/** What of a unit is on view: shelves behind no door, and its top. */
export const onView = (unit: Unit): Level[] => unit.levels.filter((l) => !l.closed)

export const countOf = (things: readonly Pick<SetDown, 'count'>[]): number =>
  things.reduce((sum, t) => sum + t.count, 0)
