import { wallNames } from './briefFactsOf.js'
import { ownedPiece } from '../model/oneThing.js'
import { tiesOf } from '../stages/source/ties.js'
import { ROWS } from '../model/registry.js'
import { memoOn } from '../kernel/memoOn.js'
import type { SupplierBasket } from '../stages/source/baskets.js'
import { companionsOf } from '../stages/source/companions.js'
import { priceHistory, slipAgainst, slipInHistory } from '../stages/source/priceHistory.js'
import type { ItemFacts, OptionFacts, SourceFacts } from '../stages/source/sourceFacts.js'
import type { DerivedItem, DerivedOption } from './deriveItems.js'

import { lastDayFor } from '../stages/install/lastOrders.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { formatterOf } from '../kernel/units/formatter.js'

/** What of all options is asked after at every edit, as long as none of them changes. */
const aboutOptions = memoOn((options: JobSnapshot['options']) => ({
  inSets: options.some((o) => o.partOfId),
  owned: new Set(options.flatMap((o) => ownedPiece(o) ?? [])),
}))

/** What goes with an option besides its item. */
interface Beside {
  readonly today: string
  readonly observations: ReadonlyMap<string, readonly JobSnapshot['priceObservations'][number][]>
  /** Where the options are of which others are a part; empty when none is. */
  readonly optionAt: ReadonlyMap<string, { readonly itemId: string; readonly o: DerivedOption }>
}

function optionFacts(i: DerivedItem, o: DerivedOption, beside: Beside): OptionFacts {
  const { option } = o
  const history = priceHistory(beside.observations.get(option.id) ?? [], {
    priceMinor: option.priceMinor,
    stock: option.stock ?? null,
    on: beside.today,
    watchMinor: option.watchMinor ?? null,
  })
  // Only what is priced in the job's currency can be held against the target.
  const comparable =
    option.priceMinor > 0 && !option.currency && option.kind !== 'owned' && !o.made && !option.partOfId
  const set = option.partOfId ? beside.optionAt.get(option.partOfId) : undefined
  return {
    id: option.id,
    name: option.name,
    kind: option.kind,
    landedMinor: o.price.landedMinor,
    leadDays: option.leadDays ?? null,
    years: option.years ?? null,
    stock: option.stock ?? null,
    heldUntil: option.heldUntil ?? null,
    reviewOn: option.reviewOn ?? null,
    lookedAt: option.lookedAt,
    against: o.suits.against,
    chosen: o.chosen,
    history,
    slip:
      slipInHistory(history.points.map((p) => p.priceMinor)) ??
      (comparable && option.kind !== 'placeholder'
        ? slipAgainst(o.price.goodsMinor, [
            i.item.targetMinor,
            ...i.options.flatMap((x) => (x === o ? [] : x.price.goodsMinor)),
          ])
        : undefined),
    priceMinor: option.priceMinor,
    rateMissing: o.price.rateless,
    partOf: set && {
      itemId: set.itemId,
      optionId: set.o.option.id,
      name: set.o.option.name,
      chosen: set.o.chosen,
    },
  }
}

/** @param with_ the items that go with this one: cushions with a settee */
function itemFacts(i: DerivedItem, with_: readonly DerivedItem[], beside: Beside): ItemFacts {
  const chosen = i.chosen?.option
  const needed =
    chosen && chosen.kind !== 'owned' ? companionsOf(i.item.pieceKind ?? null, chosen.traits) : []
  return {
    id: i.item.id,
    name: i.item.name,
    category: i.item.category,
    pieceKind: i.item.pieceKind ?? null,
    intent: i.item.intent,
    layout: i.item.layout,
    targetMinor: i.item.targetMinor,
    neededOn: i.item.neededOn ?? null,
    open: i.state === 'open',
    undecided: i.state === 'chosen',
    options: i.options.map((o) => optionFacts(i, o, beside)),
    swap: i.swap,
    missing: needed.filter((n) => !with_.some((w) => w.item.companion === n.what)),
    companionsOpen: with_
      .filter((w) => w.state === 'open')
      .map((w) => ({ id: w.item.id, name: w.item.name })),
    framed: framedOf(i, with_),
    position: i.item.position,
    spend: i.item.spend,
    mayWait: i.item.mayWait,
    serves: i.item.serves.length,
    raised: i.item.forItemId != null || i.item.finishId != null || i.item.buysPaint != null,
  }
}

/** What a print and its frame measure, where both are chosen. */
function framedOf(i: DerivedItem, with_: readonly DerivedItem[]): ItemFacts['framed'] {
  const frame = with_.find((w) => w.item.companion === 'frame')
  const [print, chosen] = [i.chosen?.option, frame?.chosen?.option]
  if (!frame || !print?.widthMm || !print.heightMm || !chosen?.widthMm || !chosen.heightMm) return undefined
  return {
    frameItemId: frame.item.id,
    frameName: chosen.name,
    sheetMm: [print.widthMm, print.heightMm],
    openingMm: [chosen.widthMm, chosen.heightMm],
    frames: frame.item.quantity,
    prints: i.item.quantity,
  }
}

/** What was found for an item stands while its rows, its options and what goes with it are the same. */
const kept = new WeakMap<
  DerivedItem['item'],
  { readonly on: readonly unknown[]; readonly facts: ItemFacts }
>()

/** The facts of every item; those of an item that nothing touched are the same as before. */
function allItemFacts(items: readonly DerivedItem[], job: JobSnapshot, beside: Beside): ItemFacts[] {
  const companions = new Map<string, DerivedItem[]>()
  for (const i of items)
    if (i.item.forItemId) companions.set(i.item.forItemId, [...(companions.get(i.item.forItemId) ?? []), i])
  const sets = [...beside.optionAt.values()].map((x) => x.o)
  return items.map((i) => {
    const with_ = companions.get(i.item.id) ?? []
    const on = [
      beside.today,
      i.state,
      i.swap?.intent,
      job.priceObservations,
      ...i.options,
      ...with_.flatMap((w) => [w.item, w.chosen?.option]),
      ...(i.item.forItemId ? [] : sets),
    ]
    const known = kept.get(i.item)
    if (known?.on.length === on.length && known.on.every((x, k) => x === on[k])) return known.facts
    const facts = itemFacts(i, with_, beside)
    kept.set(i.item, { on, facts })
    return facts
  })
}

/**
 * What the rules of Source judge, from the job and what is derived of its items.
 *
 * @param job as every stage sees it, each fact read where it is held
 * @param stored the same as it is stored
 */
export function sourceFactsOf(
  job: JobSnapshot,
  stored: JobSnapshot,
  items: readonly DerivedItem[],
  baskets: readonly SupplierBasket[],
  today: string,
): SourceFacts {
  const observations = new Map<string, JobSnapshot['priceObservations'][number][]>()
  for (const s of job.priceObservations)
    observations.set(s.optionId, [...(observations.get(s.optionId) ?? []), s])
  const walls = new Map(wallNames(stored).map((w) => [w.id, w.name]))
  const about = aboutOptions(job.options)
  const optionAt = new Map<string, { itemId: string; o: DerivedOption }>()
  if (about.inSets)
    for (const i of items) for (const o of i.options) optionAt.set(o.option.id, { itemId: i.item.id, o })
  return {
    today,
    items: allItemFacts(items, job, { today, observations, optionAt }),
    baskets: baskets.map((b) => ({
      supplierId: b.supplierId,
      supplierName: job.suppliers.find((s) => s.id === b.supplierId)?.name ?? 'no supplier named',
      goodsMinor: b.goodsMinor,
      shortMinor: b.shortMinor,
      nextBand: b.nextBand,
    })),
    stayYears: job.brief.stayYears ?? null,
    schools: job.schools,
    revealOn: job.brief.revealOn ?? null,
    owned: job.pieces
      .filter((p) => p.there && (p.verdict === 'move' || p.verdict === 'rework') && !about.owned.has(p.id))
      .map((p) => ({ id: p.id, name: p.name, kind: p.kind })),
    ties: tiesOf(stored, (id) => walls.get(id) ?? 'a wall that is gone'),
    says: formatterOf(job.studio),
    lastDayToOrder: (neededOn, leadDays) => lastDayFor(neededOn, leadDays, job.closures),
    newItem: (more) => ({
      ...ROWS.items.blank(),
      serves: [],
      demands: [],
      neededOn: job.brief.installOn ?? null,
      targetMinor: 0,
      ...more,
    }),
    newOption: (more) => ({ ...ROWS.options.blank(), traits: [], lookedAt: [], ...more }),
  }
}
