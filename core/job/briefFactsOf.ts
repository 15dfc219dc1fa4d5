import { wearableAreas } from '../stages/palette/paletteFacts.js'
import type { BriefFacts } from '../stages/brief/briefFacts.js'
import { coverage, type Thing } from '../stages/brief/coverage.js'
import { kindOfName } from '../stages/brief/kindOfName.js'
import { levelPrices, type LevelLine } from '../stages/brief/levels.js'
import { rentedChanges } from '../stages/brief/rentedChanges.js'
import { storageOf } from '../stages/brief/storage.js'
import { standpoints } from '../stages/brief/standpoints.js'
import { inOrder, wallName, type RoomAreas } from '../stages/measure/roomAreas.js'
import { inRoom } from '../model/inRoom.js'
import { surfaceAreaMm2, surfaceName } from '../stages/palette/surfaceAreas.js'
import type { BudgetPosition } from '../stages/ledger/budgetPosition.js'
import { lineState } from '../stages/ledger/lineState.js'
import { inScheme } from './inScheme.js'
import { jobPosition } from './jobPosition.js'
import { oneThing, ownedPiece, pieceOfItems } from '../model/oneThing.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { isSurface } from '../model/vocabulary/surface.js'
import { formatterOf } from '../kernel/units/formatter.js'

/** What an item costs and how long it takes, as Source finds it. */
export interface PricedItem {
  readonly id: string
  readonly landedMinor: number | undefined
  readonly leadDays: number | null
}

/** All change orders added up. */
export const changesOf = (job: Pick<JobSnapshot, 'changeOrders'>): number =>
  job.changeOrders.reduce((sum, c) => sum + c.amountMinor, 0)

/** Names of the walls by id, in the order walked. */
export function wallNames(job: Pick<JobSnapshot, 'walls'>): { id: string; name: string; lengthMm: number }[] {
  return inOrder(job.walls).map((w, i) => ({ id: w.id, name: wallName(w, i), lengthMm: w.lengthMm }))
}

/** Items that somebody has promised to give and that have not arrived. */
export function pledgedItems(job: Pick<JobSnapshot, 'lines' | 'entries'>): ReadonlySet<string> {
  const given = new Set(job.entries.flatMap((e) => (e.kind === 'gift' ? (e.lineId ?? []) : [])))
  if (given.size === 0) return given
  const open = (lineId: string) =>
    lineState(job.entries.filter((e) => e.lineId === lineId)).toComeQuantity > 0
  return new Set(job.lines.filter((l) => given.has(l.id) && open(l.id)).map((l) => l.itemId))
}

/**
 * Pieces and items as the coverage table sees them. What leaves the room serves nothing in it; a piece to come and the
 * item that buys it are one thing, shown as the item; an item filled by a piece that is there is that piece.
 */
export function thingsOf(job: JobSnapshot): Thing[] {
  const chosen = new Map(job.options.map((o) => [o.id, o]))
  const pledged = pledgedItems(job)
  // What is promised and not here covers no use.
  const lines = job.items.filter((i) => i.category !== 'surfaces' && i.category !== 'services')
  const toBuy = lines.filter((i) => !pledged.has(i.id))
  const shownAsLine = new Set(lines.map((i) => i.id))
  const standing = new Set(job.pieces.filter((p) => p.there && inRoom(p)).map((p) => p.id))
  const coming = pieceOfItems(job.pieces.filter((p) => !standing.has(p.id)))
  const arrived = new Set(job.pieces.flatMap((p) => (standing.has(p.id) && p.itemId ? [p.itemId] : [])))
  const pieces = job.pieces.filter(
    (p) => inRoom(p) && (standing.has(p.id) || !p.itemId || !shownAsLine.has(p.itemId)),
  )
  /** The piece that is there and fills a line. */
  const filledBy = (i: { readonly chosenOptionId: string | null }) => {
    const option = chosen.get(i.chosenOptionId ?? '')
    const piece = option && ownedPiece(option)
    return piece !== undefined && standing.has(piece) ? piece : undefined
  }
  // What a line asks for is served by the piece that fills it.
  const asked = new Map<string, readonly string[]>()
  for (const i of toBuy) {
    const piece = filledBy(i)
    if (piece) asked.set(piece, [...(asked.get(piece) ?? []), ...i.serves])
  }
  return [
    ...pieces.map((p): Thing => ({
      id: p.id,
      kind: 'piece',
      name: p.name,
      pieceKind: p.kind,
      count: p.count,
      widthMm: p.widthMm,
      depthMm: p.depthMm,
      heightMm: p.heightMm,
      openDepthMm: p.openDepthMm ?? null,
      serves: asked.has(p.id) ? [...new Set([...p.serves, ...(asked.get(p.id) ?? [])])] : p.serves,
    })),
    ...toBuy.flatMap((i): Thing[] => {
      if (arrived.has(i.id) || filledBy(i)) return []
      const option = i.chosenOptionId ? chosen.get(i.chosenOptionId) : undefined
      const drawn = coming.get(i.id)
      return [
        {
          id: i.id,
          kind: 'item',
          name: i.name,
          pieceKind: i.pieceKind ?? kindOfName(i.name) ?? 'other',
          count: i.quantity,
          widthMm: drawn?.widthMm ?? option?.widthMm ?? null,
          depthMm: drawn?.depthMm ?? option?.depthMm ?? null,
          heightMm: drawn?.heightMm ?? option?.heightMm ?? null,
          openDepthMm: drawn?.openDepthMm ?? null,
          serves: i.serves,
        },
      ]
    }),
  ]
}

/** Computes what the rules of the brief judge. */
export function briefFactsOf(
  stored: JobSnapshot,
  today: string,
  areas: RoomAreas | undefined,
  position: BudgetPosition = jobPosition(stored.brief, changesOf(stored), []),
  priced: readonly PricedItem[] = [],
): BriefFacts {
  const job = inScheme(oneThing(stored))
  const walls = wallNames(job)
  const { finishAssignments } = job
  const surfaces = wearableAreas(areas, job)
  const named = {
    ...surfaces,
    walls: walls.map((w) => ({ wallId: w.id, name: w.name, upperMm2: 0, lowerMm2: 0 })),
  }
  const placed = new Set(finishAssignments.map((p) => p.surface))
  const areaOf = (surface: string) =>
    surfaces && isSurface(surface) ? surfaceAreaMm2(surface, surfaces, placed) : 0
  const priceOf = new Map(priced.map((p) => [p.id, p]))
  const lines = job.items.map((i): LevelLine => {
    const price = priceOf.get(i.id)
    return {
      name: i.name,
      level: i.level ?? null,
      amountMinor: price?.landedMinor ?? i.targetMinor,
      leadDays: price?.leadDays ?? null,
    }
  })
  return {
    job,
    today,
    coverage: coverage(job.uses, thingsOf(job), formatterOf(job.studio), job.room.kind === "child's room"),
    changes:
      job.schools.tenure === 'rented'
        ? rentedChanges(job, areaOf, (s) => surfaceName(s, job.studio.locale, named))
        : [],
    standpoints: standpoints(walls, job.photos),
    levels: levelPrices(lines),
    toSpendMinor: position.agreedMinor - position.reserveMinor - (position.feeInside ? position.feeMinor : 0),
    // A plan is judged once the walls close; what is raised, or only parked, it does not speak of.
    toldInPlan: new Set(
      areas ? job.floorPlacements.filter((p) => !p.parked && p.raisedMm === 0).map((p) => p.pieceId) : [],
    ),
    storage: storageOf(job),
    wallName: (id) => walls.find((w) => w.id === id)?.name ?? 'a wall that is gone',
    says: formatterOf(job.studio),
  }
}
