import type { BriefFacts } from '../brief/briefFacts.js'
import { BRIEF_RULES } from '../brief/rules/index.js'
import { judge, type JudgedFinding } from '../findings/finding.js'
import type { BudgetPosition } from '../ledger/budgetPosition.js'
import { lineState, type LineState } from '../ledger/lineState.js'
import { LEDGER_RULES } from '../ledger/rules/index.js'
import { measureFacts, type MeasureFacts } from '../measure/measureFacts.js'
import type { RoomAreas } from '../measure/roomAreas.js'
import { MEASURE_RULES } from '../measure/rules/index.js'
import { moneyText } from '../money/moneyText.js'
import {
  labOf,
  paletteFacts,
  roleShares,
  wearableAreas,
  type FinishFacts,
  type PaletteFacts,
} from '../palette/paletteFacts.js'
import { PALETTE_RULES } from '../palette/rules/index.js'
import { surfaceAreaMm2, surfaceName, type SurfaceAreas } from '../palette/visibleArea.js'
import { basketsOf, type SupplierBasket } from '../source/baskets.js'
import { optionFit, type FitFrame, type OptionFit } from '../source/fit.js'
import { swapOf, type Swap } from '../source/intent.js'
import { heldFor, inOrders, lastingFound, priceOf } from '../source/chosenMoney.js'
import type { LandedPrice } from '../source/landedPrice.js'
import type { MadeCost } from '../source/making.js'
import { SOURCE_RULES } from '../source/rules/index.js'
import { sizeFit, type SizeFit } from '../source/sizeFit.js'
import { paintTakeoff, type PaintGoods, type PaintLine } from '../takeoff/paintTakeoff.js'
import { addDays, daysBetween } from '../units/days.js'
import { briefFactsOf, changesOf } from './briefFactsOf.js'
import { fitFrameOf } from './fitFrameOf.js'
import { sourceFactsOf } from './sourceFactsOf.js'
import { jobPosition, type LeveledItem } from './jobPosition.js'
import type { JobSnapshot, Order, OrderLine, Stored } from './snapshot.js'
import type { Item, Making, Option } from '../source/schema.js'
import type { Finish, Placement } from '../palette/schema.js'

export interface DerivedOption {
  readonly option: Stored<Option>
  readonly price: LandedPrice
  readonly fit: SizeFit
  /** Every aspect with its reason; what strikes it out among them. */
  readonly suits: OptionFit
  /** What it takes, when it is made from a list. */
  readonly made: MadeCost | undefined
  readonly chosen: boolean
}

/** open: nothing chosen · chosen: not yet ordered · ordered: on its way, in whole or part · delivered: all of it here */
export type ItemState = 'open' | 'chosen' | 'ordered' | 'delivered'

export interface DerivedItem {
  readonly item: Stored<Item>
  readonly options: readonly DerivedOption[]
  readonly chosen: DerivedOption | undefined
  /** What the chosen option comes to in the order it will be part of. */
  readonly chosenMinor: number
  /** Kept back for the lasting piece while a placeholder stands in. */
  readonly heldMinor: number
  /** Something else than planned is chosen. */
  readonly swap: Swap | undefined
  readonly state: ItemState
  readonly lines: readonly DerivedLine[]
}

export interface DerivedLine {
  readonly line: OrderLine
  readonly state: LineState
  readonly deliveredOn: string | undefined
  /** Last day it can go back, when the supplier's window and a delivery are known. */
  readonly returnUntil: string | undefined
}

export interface DerivedOrder {
  readonly order: Order
  readonly lines: readonly DerivedLine[]
  readonly amountMinor: number
  readonly outstandingMinor: number
  readonly paidMinor: number
  readonly dueBackMinor: number
}

/** Everything computed from a job: facts and findings, never stored. */
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
  readonly items: readonly DerivedItem[]
  /** Chosen and not ordered, by supplier, with coupon and delivery of the order. */
  readonly baskets: readonly SupplierBasket[]
  readonly orders: readonly DerivedOrder[]
  readonly position: BudgetPosition
  readonly findings: readonly JudgedFinding[]
}

/**
 * From the rows of a job to everything the screens show. Pure; the same on the server and in the browser.
 * @param today ISO day; the core has no clock
 */
export function deriveJob(job: JobSnapshot, today: string): DerivedJob {
  const measure = measureFacts(job, job.passages, job.studio.system)
  const { areas } = measure
  const palette = paletteFacts(job, areas, job.brief.schemeId)
  const surfaces = wearableAreas(areas, job)
  const frame = fitFrame(job, palette, today)
  const bare = deriveItems(job, deriveLines(job), frame)
  const baskets = deriveBaskets(job, bare, today)
  const items = withBaskets(bare, baskets)
  const position = jobPosition(job.brief, changesOf(job), items.map(moneyItem))
  const orders = deriveOrders(job, items)
  const brief = briefFactsOf(
    job,
    today,
    areas,
    position,
    items.map((i) => ({
      id: i.item.id,
      landedMinor: i.chosen ? i.chosenMinor : undefined,
      leadDays: i.chosen?.option.leadDays ?? null,
    })),
  )
  const findings = [
    ...BRIEF_RULES.flatMap((rule) => rule.check(brief)),
    ...MEASURE_RULES.flatMap((rule) => rule.check(measure)),
    ...PALETTE_RULES.flatMap((rule) => rule.check(palette)),
    ...SOURCE_RULES.flatMap((rule) => rule.check(sourceFactsOf(job, items, baskets, today))),
    ...LEDGER_RULES.flatMap((rule) => rule.check(ledgerFacts(job, items, orders, position, today))),
  ]
  return {
    brief,
    measure,
    areas,
    surfaces,
    palette,
    roleShares: roleShares(palette),
    ribbon: palette.finishes.filter((f) => f.share > 0),
    paint: derivePaint(job, palette.placements, surfaces),
    items,
    baskets,
    orders,
    position,
    findings: judge(findings, job.acceptances),
  }
}

function derivePaint(
  job: JobSnapshot,
  placements: readonly Placement[],
  areas: SurfaceAreas | undefined,
): PaintLine[] {
  if (!areas) return []
  const placed = new Set(placements.map((p) => p.surface))
  const goods = (f: Finish): PaintGoods => ({
    id: f.id,
    name: f.name,
    lab: labOf(f),
    kit: f.paintKit ?? null,
  })
  const paints = job.finishes.filter((f) => f.material === 'paint')
  const primer = job.finishes.find((f) => f.material === 'primer')
  return paintTakeoff(
    // What is laid to come off again is not painted.
    placements
      .filter((p) => p.hold === 'applied')
      .map((p) => ({
        name: surfaceName(p.surface, areas),
        areaMm2: surfaceAreaMm2(p.surface, areas, placed),
        finishId: p.finishId,
        over:
          p.overL == null || p.overA == null || p.overB == null
            ? undefined
            : { l: p.overL, a: p.overA, b: p.overB },
        substrate: p.substrate,
      })),
    paints.map(goods),
    primer && goods(primer),
  )
}

function deriveLines(job: JobSnapshot): DerivedLine[] {
  const entriesOf = new Map<string, JobSnapshot['entries'][number][]>()
  for (const entry of job.entries) {
    const list = entriesOf.get(entry.lineId)
    if (list) list.push(entry)
    else entriesOf.set(entry.lineId, [entry])
  }
  return job.lines.map((line) => {
    const entries = entriesOf.get(line.id) ?? []
    const state = lineState(entries)
    const reversed = new Set(entries.map((e) => e.reverses))
    const deliveredOn =
      state.deliveredQuantity > 0
        ? entries.find((e) => e.kind === 'delivery' && !e.reverses && !reversed.has(e.eventId))?.on
        : undefined
    const returnUntil =
      deliveredOn && line.returnDays != null && state.liveQuantity > 0
        ? addDays(deliveredOn, line.returnDays)
        : undefined
    return { line, state, deliveredOn, returnUntil }
  })
}

/** One frame as long as what it rests on is the same, so that what was found for an option can be kept. */
let lastFrame: { readonly on: readonly unknown[]; readonly frame: FitFrame } | undefined
function fitFrame(job: JobSnapshot, palette: PaletteFacts, today: string): FitFrame {
  const on = [
    job.brief, job.schools, job.people, job.passages, job.finishes, job.placements, job.pieces, job.walls, job.openings,
    job.dressings, job.schemes, job.room, job.parts, today,
  ] // prettier-ignore
  if (lastFrame?.on.every((x, i) => x === on[i])) return lastFrame.frame
  lastFrame = { on, frame: fitFrameOf(job, palette, today) }
  return lastFrame.frame
}

/** Rows are never changed in place: what was derived of an option stands while its rows and the frame are the same. */
const found = new WeakMap<
  Stored<Option>,
  {
    readonly item: Item
    readonly makings: readonly Making[]
    readonly frame: FitFrame
    readonly is: DerivedOption
  }
>()

function deriveOption(
  job: JobSnapshot,
  option: Stored<Option>,
  item: Stored<Item>,
  makings: readonly Stored<Making>[],
  frame: FitFrame,
): DerivedOption {
  const known = found.get(option)
  const same = known?.makings.length === makings.length && known.makings.every((m, i) => m === makings[i])
  if (known && same && known.item === item && known.frame === frame) return known.is
  const { price, made } = priceOf(option, item.quantity, makings, {
    taxPpm: job.brief.taxPpm,
    pricesIncludeTax: job.brief.pricesIncludeTax,
    currency: job.studio.currency,
  })
  const is: DerivedOption = {
    option,
    price,
    fit: sizeFit(option, item),
    suits: optionFit(option, item, frame),
    made,
    chosen: option.id === item.chosenOptionId,
  }
  found.set(option, { item, makings, frame, is })
  return is
}

function groupedBy<T>(rows: readonly T[], keyOf: (row: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>()
  for (const row of rows) {
    const list = groups.get(keyOf(row))
    if (list) list.push(row)
    else groups.set(keyOf(row), [row])
  }
  return groups
}

function deriveItems(job: JobSnapshot, lines: readonly DerivedLine[], frame: FitFrame): DerivedItem[] {
  const optionsOf = groupedBy(job.options, (o) => o.itemId)
  const makingsOf = groupedBy(job.makings, (m) => m.optionId)
  const linesOf = groupedBy(lines, (l) => l.line.itemId)
  const lasting = lastingFound(job.items)
  return [...job.items]
    .sort((x, y) => x.position - y.position)
    .map((item): DerivedItem => {
      const options = (optionsOf.get(item.id) ?? [])
        .map((option) => deriveOption(job, option, item, makingsOf.get(option.id) ?? [], frame))
        .sort((x, y) => x.price.landedMinor - y.price.landedMinor)
      const own = linesOf.get(item.id) ?? []
      const live = own.filter((l) => l.state.liveQuantity > 0)
      const chosen = options.find((o) => o.chosen)
      const state: ItemState =
        live.length > 0
          ? live.every((l) => l.state.toComeQuantity === 0)
            ? 'delivered'
            : 'ordered'
          : chosen
            ? 'chosen'
            : 'open'
      const priced = (o: DerivedOption | undefined) =>
        o && { id: o.option.id, name: o.option.name, landedMinor: o.price.landedMinor }
      return {
        item,
        options,
        chosen,
        chosenMinor: state === 'chosen' ? (chosen?.price.landedMinor ?? 0) : 0,
        heldMinor: heldFor(item, chosen?.option, lasting),
        swap: swapOf(
          priced(options.find((o) => o.option.id === item.plannedOptionId)),
          priced(chosen),
          item.intentKept ?? null,
        ),
        state,
        lines: own,
      }
    })
}

function deriveBaskets(job: JobSnapshot, items: readonly DerivedItem[], today: string): SupplierBasket[] {
  const lines = items.flatMap((i) =>
    i.state === 'chosen' && i.chosen
      ? [{ itemId: i.item.id, supplierId: i.chosen.option.supplierId ?? null, price: i.chosen.price }]
      : [],
  )
  return basketsOf(lines, job.suppliers, job.offers, job.brief, today)
}

/** Items at what they come to in their orders. */
function withBaskets(items: readonly DerivedItem[], baskets: readonly SupplierBasket[]): DerivedItem[] {
  const landed = inOrders(baskets)
  return items.map((i) => {
    const chosenMinor = landed.get(i.item.id)?.landedMinor
    return chosenMinor === undefined || chosenMinor === i.chosenMinor ? i : { ...i, chosenMinor }
  })
}

function moneyItem(derived: DerivedItem): LeveledItem {
  return {
    level: derived.item.level ?? null,
    id: derived.item.id,
    name: derived.item.name,
    category: derived.item.category,
    targetMinor: derived.item.targetMinor,
    chosenMinor: derived.state === 'chosen' ? derived.chosenMinor : undefined,
    heldMinor: derived.heldMinor,
    lines: derived.lines.map((l) => l.state),
  }
}

function deriveOrders(job: JobSnapshot, items: readonly DerivedItem[]): DerivedOrder[] {
  const linesOf = new Map<string, DerivedLine[]>()
  for (const line of items.flatMap((i) => i.lines))
    linesOf.set(line.line.orderId, [...(linesOf.get(line.line.orderId) ?? []), line])
  return [...job.orders]
    .sort((x, y) => x.number - y.number)
    .map((order) => {
      const lines = linesOf.get(order.id) ?? []
      const sum = (value: (s: LineState) => number) => lines.reduce((total, l) => total + value(l.state), 0)
      return {
        order,
        lines,
        amountMinor: sum((s) => s.dueMinor),
        outstandingMinor: sum((s) => s.outstandingMinor),
        paidMinor: sum((s) => s.netPaidMinor),
        dueBackMinor: sum((s) => s.dueBackMinor),
      }
    })
}

function ledgerFacts(
  job: JobSnapshot,
  items: readonly DerivedItem[],
  orders: readonly DerivedOrder[],
  position: BudgetPosition,
  today: string,
) {
  const lines = items.flatMap((i) => i.lines.map((l) => ({ ...l, item: i.item })))
  return {
    position,
    cheaper: items
      .filter((i) => i.state === 'chosen')
      .flatMap((i) =>
        i.options
          .filter((o) => !i.item.locked && !o.chosen && o.suits.against.length === 0)
          .map((o) => ({
            itemId: i.item.id,
            itemName: i.item.name,
            optionId: o.option.id,
            optionName: o.option.name,
            savesMinor: i.chosenMinor - o.price.landedMinor,
          })),
      )
      .filter((c) => c.savesMinor > 0),
    returns: lines.flatMap((l) =>
      l.returnUntil
        ? [
            {
              lineId: l.line.id,
              itemId: l.item.id,
              itemName: l.item.name,
              lastDay: l.returnUntil,
              daysLeft: daysBetween(today, l.returnUntil),
            },
          ]
        : [],
    ),
    late: orders.flatMap((o) =>
      o.order.expectedOn && o.order.expectedOn < today
        ? o.lines
            .filter((l) => l.state.toComeQuantity > 0)
            .map((l) => ({
              orderId: o.order.id,
              itemName: l.line.itemName,
              expectedOn: o.order.expectedOn ?? '',
              daysLate: daysBetween(o.order.expectedOn ?? '', today),
            }))
        : [],
    ),
    money: (minor: number) => moneyText(minor, job.studio.currency, job.studio.locale),
  }
}
