import { PILED } from '../stages/handover/stylingFacts.js'
import type { UnitSystem } from '../kernel/units/length.js'
import { REFERENCES } from '../model/references.js'
import { COLLECTIONS, RECORD_NAMES, SINGLE } from '../model/registry.js'
import { sized } from '../model/openingSize.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { deriveJob } from '../job/derive.js'

// Ways to say the same room otherwise: what is found in it must not change.

/** A job, the same said otherwise, and how an id of the second is read in the first. */
export interface SaidOtherwise {
  readonly base: JobSnapshot
  readonly job: JobSnapshot
  readonly back: (id: string) => string
}

type AnyRow = Readonly<Record<string, unknown>> & { readonly id: string }
type Lists = Readonly<Record<string, readonly AnyRow[]>>

const LISTS: readonly string[] = [...COLLECTIONS.filter((c) => !SINGLE.has(c)), ...RECORD_NAMES]
const lists = (job: JobSnapshot): Lists => job as unknown as Lists
const same = (id: string) => id

/** The job with each of its lists made anew. */
function eachList(job: JobSnapshot, anew: (rows: readonly AnyRow[], name: string) => readonly AnyRow[]) {
  const made = LISTS.flatMap((name) => {
    const rows = lists(job)[name]
    return rows ? [[name, anew(rows, name)] as const] : []
  })
  return { ...job, ...Object.fromEntries(made) } as unknown as JobSnapshot
}

/** The job with every id another one, wherever it is named. */
export function withIds(
  job: JobSnapshot,
  idOf: (nth: number) => string,
): { job: JobSnapshot; ids: ReadonlyMap<string, string> } {
  const ids = new Map<string, string>()
  for (const name of LISTS)
    for (const row of lists(job)[name] ?? []) if (!ids.has(row.id)) ids.set(row.id, idOf(ids.size + 1))
  const named = (value: string, prefix = '') =>
    value.startsWith(prefix)
      ? `${prefix}${ids.get(value.slice(prefix.length)) ?? value.slice(prefix.length)}`
      : value
  const anew = (row: AnyRow, name: string): AnyRow => {
    const out: Record<string, unknown> = { ...row, id: ids.get(row.id) ?? row.id }
    for (const { from, field, kind, prefix } of REFERENCES) {
      const value = out[field]
      if (from !== name || value === undefined || value === null) continue
      if (kind === 'refs') out[field] = (value as readonly string[]).map((id) => named(id))
      else if (kind === 'finding')
        out[field] = (value as string)
          .split('|')
          .map((part) =>
            part.replace(/^([a-z]+:)(.*)$/, (_, kindOf: string, id: string) => kindOf + (ids.get(id) ?? id)),
          )
          .join('|')
      // One field may name rows of several collections, told apart by what stands before the id.
      else if (prefix === undefined || (value as string).startsWith(prefix))
        out[field] = named(value as string, prefix)
    }
    return out as AnyRow
  }
  const singles = Object.fromEntries(
    [...SINGLE].map((name) => [name, anew({ ...(job[name] as object), id: '' }, name)]),
  )
  const kept = Object.fromEntries(
    [...SINGLE].map((name) => [
      name,
      { ...singles[name], ...('id' in job[name] ? { id: (job[name] as { id: string }).id } : {}) },
    ]),
  )
  return {
    job: { ...eachList(job, (rows, name) => rows.map((r) => anew(r, name))), ...kept },
    ids,
  }
}

const uuid = (high: number, n: number) =>
  `${(high >>> 0).toString(16).padStart(8, '0')}-0000-4000-8000-${String(n).padStart(12, '0')}`
/** Ids in no order of entry. */
const scattered = (n: number) => uuid(Math.imul(n, 2654435761), n)
/** The same, sorted the other way round. */
const turnedOrder = (n: number) => uuid(~Math.imul(n, 2654435761), n)

export const idsChanged = (job: JobSnapshot): SaidOtherwise => {
  const [one, other] = [withIds(job, scattered), withIds(job, turnedOrder)]
  const back = new Map([...other.ids].map(([id, now]) => [now, one.ids.get(id) ?? id]))
  return { base: one.job, job: other.job, back: (id) => back.get(id) ?? id }
}

/** Every row called something that says nothing, each otherwise or all alike. */
export const renamed =
  (alike: boolean) =>
  (base: JobSnapshot): SaidOtherwise => {
    let n = 0
    const anew = (row: AnyRow): AnyRow => ('name' in row ? { ...row, name: alike ? 'Qx' : `Qx ${++n}` } : row)
    // Suppliers are told apart by their names, which the studio keeps unique.
    return {
      base,
      back: same,
      job: eachList(base, (rows, list) => (list === 'suppliers' ? rows : rows.map(anew))),
    }
  }

/** Lists in the other order of entry; what has a position keeps it. */
export const reversed = (base: JobSnapshot): SaidOtherwise => ({
  base,
  back: same,
  job: eachList(base, (rows) => [...rows].reverse()),
})

export const inSystem =
  (system: UnitSystem) =>
  (base: JobSnapshot): SaidOtherwise => ({
    base,
    back: same,
    job: { ...base, studio: { ...base.studio, system } },
  })

/** Without the sun, which does not turn with the room. */
const sunless = (job: JobSnapshot): JobSnapshot => ({
  ...job,
  room: { ...job.room, latitudeDeg: null, northDeg: null },
})

const OTHER_HINGE = { left: 'right', right: 'left' } as const

/** The room as a mirror shows it; none for sloping ceilings, which have a side. */
export function mirrored(from: JobSnapshot): SaidOtherwise | undefined {
  if (from.ceilings.length > 0) return undefined
  const base = sunless(from)
  const lengths = new Map(base.walls.map((w) => [w.id, w.lengthMm]))
  const along = (wallId: string, at: number) => (lengths.get(wallId) ?? 0) - at
  return {
    base,
    back: same,
    job: {
      ...base,
      walls: base.walls.map((w) => ({ ...w, turnDeg: -w.turnDeg })),
      openings: base.openings.map((o) => ({
        ...o,
        startMm: along(o.wallId, o.startMm + sized(o).widthMm),
        hinge: o.hinge === 'left' || o.hinge === 'right' ? OTHER_HINGE[o.hinge] : o.hinge,
      })),
      fixtures: base.fixtures.map((f) => ({ ...f, startMm: along(f.wallId, f.startMm + f.widthMm) })),
      floorPlacements: base.floorPlacements.map((p) => ({
        ...p,
        yMm: -p.yMm,
        turnDeg: (540 - p.turnDeg) % 360,
      })),
      wallPlacements: base.wallPlacements.map((p) => ({
        ...p,
        xMm: along(p.wallId, p.xMm),
        turnDeg: -p.turnDeg,
      })),
      panelLayouts: base.panelLayouts.map((p) => ({
        ...p,
        startMm: along(p.wallId, p.endMm),
        endMm: along(p.wallId, p.startMm),
      })),
    },
  }
}

/** The run begun at its second wall: the sheet turns by a quarter. */
export function quarterTurned(from: JobSnapshot, today: string): SaidOtherwise | undefined {
  const base = sunless(from)
  const walls = [...base.walls].sort((a, b) => a.position - b.position)
  const [first] = walls
  const { closure } = deriveJob(base, today).measure
  const at = closure.corners[1]
  if (from.ceilings.length > 0 || walls.length < 3 || first?.turnDeg !== 90 || !at) return undefined
  return {
    base,
    back: same,
    job: {
      ...base,
      walls: [...walls.slice(1), first].map((w, position) => ({ ...w, position })),
      floorPlacements: base.floorPlacements.map((p) => ({
        ...p,
        xMm: Math.round(p.yMm - at.y),
        yMm: Math.round(at.x - p.xMm),
        turnDeg: (p.turnDeg + 270) % 360,
      })),
    },
  }
}

/** A row of a number of pieces as so many rows of one. */
export function oneByOne(base: JobSnapshot): SaidOtherwise | undefined {
  const many = new Map(base.pieces.filter((p) => p.count > 1).map((p) => [p.id, p.count]))
  if (many.size === 0) return undefined
  const first = new Map<string, string>()
  const copy = (id: string, nth: number) => {
    if (nth === 1) return id
    const of = `${id}~${nth}`
    first.set(of, id)
    return of
  }
  const nths = (pieceId: string | null) =>
    Array.from({ length: (pieceId !== null && many.get(pieceId)) || 1 }, (_, i) => i + 1)
  const spread = <R extends { readonly id: string; readonly pieceId: string | null }>(
    rows: readonly R[],
  ): R[] =>
    rows.flatMap((r) =>
      nths(r.pieceId).map((n) => ({ ...r, id: copy(r.id, n), pieceId: r.pieceId && copy(r.pieceId, n) })),
    )
  const numbered = <R extends { readonly pieceId: string; readonly number: number }>(
    rows: readonly R[],
  ): R[] =>
    rows.map((r) => (many.has(r.pieceId) ? { ...r, pieceId: copy(r.pieceId, r.number), number: 1 } : r))
  // Set out on shelves they are dealt out one after the other, as many as stand at each place.
  const kindOf = (pieceId: string) => base.pieces.find((p) => p.id === pieceId)
  const isPile = (s: { readonly pieceId: string; readonly lies: boolean }) =>
    s.lies && PILED.has(kindOf(s.pieceId)?.kind ?? 'other')
  // The nth of a row stands beside the one before, the nth of a pile lies on it; what stands on a pile stands on its last.
  const standsAs = (s: (typeof base.shelfPlacements)[number], i: number) =>
    isPile(s)
      ? { onId: i === 0 ? topOf(s.onId) : copy(s.id, i) }
      : {
          onId: topOf(s.onId),
          xMm:
            s.xMm === null
              ? null
              : s.xMm + i * ((s.lies ? kindOf(s.pieceId)?.heightMm : kindOf(s.pieceId)?.widthMm) ?? 0),
        }
  const topOf = (onId: string | null): string | null => {
    const under = base.shelfPlacements.find((s) => s.id === onId)
    return under && many.has(under.pieceId) ? copy(under.id, isPile(under) ? under.count : 1) : onId
  }
  const onShelves = () => {
    const dealt = new Map<string, number>()
    return base.shelfPlacements.flatMap((s) =>
      many.has(s.pieceId)
        ? Array.from({ length: s.count }, (_, i) => {
            const nth = (dealt.get(s.pieceId) ?? 0) + 1
            dealt.set(s.pieceId, nth)
            return {
              ...s,
              ...{ id: copy(s.id, i + 1), pieceId: copy(s.pieceId, nth), count: 1 },
              ...standsAs(s, i),
            }
          })
        : [{ ...s, onId: topOf(s.onId) }],
    )
  }
  // What was said of putting a number of things in place was said of each of them.
  const tasksOfEach = () =>
    base.tasks.flatMap((row) => {
      const pieceId = /piece:([^|]+)/.exec(row.key)?.[1] ?? null
      return nths(pieceId).map((n) => ({
        ...row,
        id: copy(row.id, n),
        key: pieceId === null ? row.key : row.key.replace(`piece:${pieceId}`, `piece:${copy(pieceId, n)}`),
      }))
    })
  return {
    base,
    back: (id) => first.get(id) ?? id,
    job: {
      ...base,
      tasks: tasksOfEach(),
      pieces: base.pieces.flatMap((p) => nths(p.id).map((n) => ({ ...p, id: copy(p.id, n), count: 1 }))),
      schemeOverrides: spread(base.schemeOverrides),
      frames: spread(base.frames),
      constraints: spread(base.constraints),
      lights: spread(base.lights),
      floorPlacements: numbered(base.floorPlacements),
      wallPlacements: numbered(base.wallPlacements),
      shelfPlacements: onShelves(),
    },
  }
}
