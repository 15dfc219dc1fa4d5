import type { Aspect } from '../../model/vocabulary/aspect.js'
import type { LabD65 } from '../../kernel/color/lab.js'
import { daysBetween } from '../../kernel/units/days.js'
import type { CarriedIn } from './carriedIn.js'
import { sizeFit } from './sizeFit.js'
import type { Item } from '../../model/rows/items.js'
import type { Option } from '../../model/rows/options.js'
import { bears } from './wear.js'
import type { Demand, OptionTrait } from '../../model/vocabulary/buying.js'
import type { Formatter } from '../../kernel/units/formatter.js'

/** What one aspect of an option comes to, with its reason. */
export interface FitReason {
  readonly aspect: Aspect
  /** What strikes out cannot be outweighed; what lowers can. */
  readonly verdict: 'agrees' | 'lowers' | 'strikes out' | 'not known'
  readonly says: string
  /** 0 to 1, for the weighing. */
  readonly satisfied: number
}

export interface OptionFit {
  readonly reasons: readonly FitReason[]
  /** Reasons for which it cannot be taken. */
  readonly against: readonly FitReason[]
  /** Weighed sum of the reasons, 0 to 100; only for comparing options of one item. */
  readonly quality: number
}

/** Facts of the job an option is held against. */
export interface FitFrame {
  readonly says: Formatter
  readonly today: string
  readonly weights: Readonly<Record<Aspect, number>>
  readonly rented: boolean
  /** A child or a pet lives with the room. */
  readonly children: boolean
  /** What an item must bear: what was ticked, and what follows from its place. */
  readonly demandsOf: (item: Item) => readonly { readonly demand: Demand; readonly why?: string }[]
  /** How a thing of this size passes the way in; undefined when nothing is known of the way. */
  readonly way:
    | ((size: { widthMm: number; depthMm: number; heightMm: number; legsMm: number | null }) => CarriedIn)
    | undefined
  /** How a color stands to the finish aimed at and to the rest of the room. */
  readonly color: ((lab: LabD65, material: string, item: Item) => ColorFit | undefined) | undefined
}

export interface ColorFit {
  /** ΔE00 to the finish aimed at; undefined when none is aimed at. */
  readonly deltaE: number | undefined
  readonly aimName: string
  /** The worst pair with a finish that is seen. */
  readonly clash: { readonly name: string; readonly says: string } | undefined
  readonly nearMiss: { readonly name: string } | undefined
}

// Years at which a thing lasts as long as a makeover usually stands (common practice).
const LASTING_YEARS = 15

/** Half satisfied: what is not known neither speaks for an option nor against it. */
const UNKNOWN = 0.6

/**
 * How well an option fills an item: each aspect with its reason. Hard ones strike it out; soft ones lower it by their
 * weight.
 */
export function optionFit(option: Option, item: Item, frame: FitFrame): OptionFit {
  const reasons = [
    size(option, item, frame),
    wayIn(option, item, frame),
    date(option, item, frame),
    stock(option, frame),
    color(option, item, frame),
    ...wear(option, item, frame),
    liking(option),
    years(option),
    ...safety(option, item, frame),
  ].filter((r): r is FitReason => r !== undefined)
  return {
    reasons,
    against: reasons.filter((r) => r.verdict === 'strikes out'),
    quality: weighed(reasons, frame.weights),
  }
}

/** An aspect with several reasons counts by its worst. */
function weighed(reasons: readonly FitReason[], weights: Readonly<Record<Aspect, number>>): number {
  const worst = new Map<Aspect, number>()
  for (const r of reasons) worst.set(r.aspect, Math.min(worst.get(r.aspect) ?? 1, r.satisfied))
  let [sum, all] = [0, 0]
  for (const [aspect, satisfied] of worst) {
    sum += weights[aspect] * satisfied
    all += weights[aspect]
  }
  return all > 0 ? (100 * sum) / all : 100 * UNKNOWN
}

const reason = (
  aspect: Aspect,
  verdict: FitReason['verdict'],
  says: string,
  satisfied = verdict === 'agrees' ? 1 : verdict === 'not known' ? UNKNOWN : 0,
): FitReason => ({ aspect, verdict, says, satisfied })

function size(option: Option, item: Item, { says }: FitFrame): FitReason | undefined {
  const fit = sizeFit(option, item)
  switch (fit.verdict) {
    case 'no limit':
      return undefined
    case 'fits':
      return reason('size', 'agrees', 'fits its place')
    case 'unknown':
      return reason('size', 'not known', `${fit.missing.join(', ')} not measured`)
    case 'too large':
      return reason(
        'size',
        'strikes out',
        fit.over.map((o) => `${o.side} ${says.length(o.byMm)} over`).join(', '),
      )
    case 'too small':
      return reason(
        'size',
        'strikes out',
        fit.under.map((o) => `${o.side} ${says.length(o.byMm)} short`).join(', '),
      )
  }
}

function wayIn(option: Option, item: Item, { way, says }: FitFrame): FitReason | undefined {
  // What is rolled, folded or comes in parts passes any door.
  const soft = item.category === 'textiles' || item.category === 'surfaces' || item.category === 'services'
  if (!way || soft || option.kind === 'owned') return undefined
  const { widthMm, depthMm, heightMm } = option
  if (!widthMm || !depthMm || !heightMm) return undefined
  // A pole is tilted up round any corner.
  if ([widthMm, depthMm, heightMm].filter((mm) => mm < 200).length > 1) return undefined
  const carried = way({ widthMm, depthMm, heightMm, legsMm: option.legsMm ?? null })
  if (carried.verdict === 'not known') return reason('way in', 'not known', 'the way in is not measured')
  if (carried.verdict === 'not at all')
    return reason(
      'way in',
      'strikes out',
      `does not pass ${carried.where}: ${says.length(-carried.spareMm)} too much`,
    )
  if (carried.verdict === 'legs off')
    return reason('way in', 'agrees', `passes ${carried.where} with its legs off`, 0.85)
  return reason(
    'way in',
    'agrees',
    carried.spareMm < 30
      ? `passes ${carried.where} with ${says.length(carried.spareMm)}`
      : 'passes the way in',
    carried.spareMm < 30 ? 0.7 : 1,
  )
}

function date(option: Option, item: Item, { today }: FitFrame): FitReason | undefined {
  if (option.kind === 'owned') return reason('date', 'agrees', 'here already')
  if (option.leadDays == null)
    return item.neededOn ? reason('date', 'not known', 'lead time not known') : undefined
  if (!item.neededOn) return reason('date', 'agrees', `in ${option.leadDays} days`)
  const spare = daysBetween(today, item.neededOn) - option.leadDays
  if (spare < 0) return reason('date', 'strikes out', `${-spare} ${spare === -1 ? 'day' : 'days'} too late`)
  // Common practice: less than a week to spare is gone with the first delay.
  return spare < 7
    ? reason('date', 'lowers', `only ${spare} ${spare === 1 ? 'day' : 'days'} to spare`, 0.4)
    : reason('date', 'agrees', `in ${option.leadDays} days`)
}

function stock(option: Option, { today }: FitFrame): FitReason | undefined {
  if (option.kind === 'owned') return undefined
  const age = option.stockOn ? daysBetween(option.stockOn, today) : undefined
  const old = age !== undefined && age > 14 ? ` (seen ${age} days ago)` : ''
  if (option.heldUntil && option.heldUntil < today) return reason('stock', 'lowers', 'no longer held', 0.3)
  switch (option.stock) {
    case 'sold out':
      return reason('stock', 'strikes out', `sold out${old}`)
    case 'few left':
      return reason('stock', 'lowers', `few left${old}`, 0.6)
    case 'to order':
      return reason('stock', 'agrees', `made to order${old}`, 0.9)
    case 'in stock':
      return reason('stock', 'agrees', `in stock${old}`)
    default:
      return undefined
  }
}

function color(option: Option, item: Item, frame: FitFrame): FitReason | undefined {
  if (option.colorL == null || option.colorA == null || option.colorB == null)
    return item.aimFinishId ? reason('color', 'not known', 'color not measured') : undefined
  const found = frame.color?.({ l: option.colorL, a: option.colorA, b: option.colorB }, option.material, item)
  if (!found) return undefined
  if (found.clash)
    return reason('color', 'lowers', `clashes with ${found.clash.name}: ${found.clash.says}`, 0)
  if (found.deltaE !== undefined) {
    const allowed = item.aimDeltaE ?? 6
    const off = `ΔE00 ${frame.says.number(found.deltaE, 1)} from ${found.aimName}`
    if (found.deltaE > allowed)
      return reason(
        'color',
        'lowers',
        `${off}, ${allowed} allowed`,
        Math.max(0, 0.5 * (1 - (found.deltaE - allowed) / (3 * allowed + 1))),
      )
    return reason('color', 'agrees', off, 1 - 0.2 * (found.deltaE / Math.max(allowed, 0.1)))
  }
  if (found.nearMiss) return reason('color', 'lowers', `near miss with ${found.nearMiss.name}`, 0.35)
  return reason('color', 'agrees', 'undertone agrees')
}

function wear(option: Option, item: Item, frame: FitFrame): FitReason[] {
  const traits = option.traits as readonly OptionTrait[]
  return frame.demandsOf(item).map(({ demand, why }) => {
    const found = bears(option.material || option.name, traits, demand)
    const verdict =
      found.verdict === 'refused'
        ? 'strikes out'
        : found.verdict === 'bears'
          ? 'agrees'
          : found.verdict === 'allowed'
            ? 'lowers'
            : 'not known'
    return reason('wear', verdict, why ? `${found.says} (${why})` : found.says, found.satisfied)
  })
}

const liking = (option: Option): FitReason | undefined =>
  option.liking == null
    ? undefined
    : reason(
        'liking',
        option.liking >= 3 ? 'agrees' : 'lowers',
        `liked ${option.liking} of 5`,
        (option.liking - 1) / 4,
      )

const years = (option: Option): FitReason | undefined =>
  option.years == null
    ? undefined
    : reason(
        'years',
        option.years >= 5 ? 'agrees' : 'lowers',
        `lasts ${option.years} years`,
        Math.min(1, option.years / LASTING_YEARS),
      )

function safety(option: Option, item: Item, frame: FitFrame): FitReason[] {
  const traits = option.traits as readonly OptionTrait[]
  const found: FitReason[] = []
  const drilled =
    traits.includes('needs drilling') ||
    item.fixing === 'screwed to the wall' ||
    item.fixing === 'screwed to the ceiling'
  if (frame.rented && drilled)
    found.push(reason('safety', 'strikes out', "rented: drilling needs the landlord's written consent"))
  if (frame.rented && (traits.includes('needs wiring') || traits.includes('wall-mounted tap')))
    found.push(reason('safety', 'strikes out', 'rented: wiring and pipes are the landlord’s to change'))
  if (frame.children && traits.includes('tips unless anchored'))
    found.push(reason('safety', 'lowers', 'can tip: anchor it where children are', frame.rented ? 0 : 0.4))
  if (frame.children && traits.includes('corded'))
    found.push(reason('safety', 'lowers', 'has a cord: keep it out of the reach of children', 0.2))
  if (option.kind === 'second-hand' && option.lookedAt.length < 4)
    found.push(reason('safety', 'lowers', 'not looked over yet', 0.5))
  return found
}
