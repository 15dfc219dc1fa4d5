import type { BriefFacts } from '../stages/brief/briefFacts.js'
import type { BudgetPosition } from '../stages/ledger/budgetPosition.js'
import { creditLeft } from '../stages/ledger/credits.js'
import { measureOf } from './measureOf.js'
import type { MeasureFacts } from '../stages/measure/measureFacts.js'
import type { RoomAreas } from '../stages/measure/roomAreas.js'
import {
  labOf,
  paletteFacts,
  roleShares,
  wearableAreas,
  type FinishFacts,
  type PaletteFacts,
} from '../stages/palette/paletteFacts.js'
import type { SurfaceAreas } from '../stages/palette/surfaceAreas.js'
import type { SupplierBasket } from '../stages/source/baskets.js'
import { paintTakeoff, type PaintGoods, type PaintLine } from '../stages/takeoff/paintTakeoff.js'
import { briefFactsOf, changesOf } from './briefFactsOf.js'
import { deriveBaskets, deriveItems, fitFrame, withBaskets, type DerivedItem } from './deriveItems.js'
import { deriveLines, deriveOrders, type DerivedOrder } from './deriveLedger.js'
import { jobPosition, type LeveledItem } from './jobPosition.js'
import { oneThing } from '../model/oneThing.js'
import { paintedSurfaces } from './paintedSurfaces.js'
import type { JobSnapshot } from '../model/snapshot.js'
import type { Finish } from '../model/rows/finishes.js'
import type { FinishAssignment } from '../model/rows/finishAssignments.js'

/** Everything computed from a job but what the rules find in it (`judgeJob`); never stored. */
export interface DerivedJob {
  readonly brief: BriefFacts
  readonly measure: MeasureFacts
  readonly areas: RoomAreas | undefined
  /** Areas of all that can wear a finish: walls, their parts, openings and the rest. */
  readonly surfaces: SurfaceAreas | undefined
  readonly palette: PaletteFacts
  readonly roleShares: ReturnType<typeof roleShares>
  /** Finishes that are seen, in their true shares: the ribbon. */
  readonly ribbon: readonly FinishFacts[]
  readonly paint: readonly PaintLine[]
  /** Lines of the take-off with a method of their own; paint stands by itself. */
  readonly items: readonly DerivedItem[]
  /** Chosen and not ordered, by supplier, with coupon and delivery of the order. */
  readonly baskets: readonly SupplierBasket[]
  readonly orders: readonly DerivedOrder[]
  readonly position: BudgetPosition
}

/**
 * From the rows of a job to everything the screens show but its findings. Pure; the same on the server and in the browser.
 * @param today ISO day; the core has no clock
 */
export function deriveJob(stored: JobSnapshot, today: string): DerivedJob {
  const job = oneThing(stored)
  const measure = measureOf(job)
  const { areas } = measure
  const palette = paletteFacts(job, areas, job.brief.schemeId)
  const surfaces = wearableAreas(areas, job)
  const frame = fitFrame(job, palette, today)
  const lines = deriveLines(job)
  const bare = deriveItems(job, lines, frame)
  const baskets = deriveBaskets(job, bare, today)
  const items = withBaskets(bare, baskets)
  const position = jobPosition(job.brief, changesOf(job), items.map(moneyItem), creditLeft(job.entries))
  const orders = deriveOrders(job, lines)
  let brief: BriefFacts | undefined
  return {
    measure,
    areas,
    surfaces,
    palette,
    roleShares: roleShares(palette),
    ribbon: palette.finishes.filter((f) => f.share > 0),
    paint: derivePaint(job, palette.finishAssignments, surfaces),
    items,
    baskets,
    orders,
    position,
    // What only the rules and single pages read is computed when they first do: a job opens without waiting for it.
    get brief() {
      return (brief ??= briefFactsOf(
        job,
        today,
        areas,
        position,
        items.map((i) => ({
          id: i.item.id,
          landedMinor: i.chosen ? i.chosenMinor : undefined,
          leadDays: i.chosen?.option.leadDays ?? null,
        })),
      ))
    },
  }
}

function derivePaint(
  job: JobSnapshot,
  finishAssignments: readonly FinishAssignment[],
  areas: SurfaceAreas | undefined,
): PaintLine[] {
  const goods = (f: Finish): PaintGoods => ({
    id: f.id,
    name: f.name,
    lab: labOf(f),
    kit: f.paintKit ?? null,
  })
  const primer = job.finishes.find((f) => f.material === 'primer')
  return paintTakeoff(
    paintedSurfaces(job, finishAssignments, areas),
    job.finishes.filter((f) => f.material === 'paint').map(goods),
    primer && goods(primer),
  )
}

function moneyItem(derived: DerivedItem): LeveledItem {
  return {
    level: derived.item.level ?? null,
    id: derived.item.id,
    name: derived.item.name,
    category: derived.item.category,
    targetMinor: derived.item.targetMinor,
    chosenMinor: derived.state === 'chosen' ? derived.chosenMinor : undefined,
    allowanceMinor: derived.allowanceMinor,
    lines: derived.lines.map((l) => l.state),
  }
}
