import type { UnitSystem } from '../../../kernel/units/length.js'
import type { Amount, ConsumableKind, Task } from '../../../model/vocabulary/making.js'

/** How a kind of work is counted, and the usual minutes for a square meter, a meter or a piece. */
interface Usual {
  readonly by: Amount
  readonly minutes: number
}

// One skilled pair of hands in a furnished house, setting up included (common practice). A job says its own where it knows better.
export const USUAL_TASKS: Readonly<Record<Task, Usual>> = {
  'cover the floor': { by: 'area', minutes: 2 },
  'tape edges': { by: 'run', minutes: 1.5 },
  'take plates off and put them back': { by: 'count', minutes: 6 },
  'take fittings down': { by: 'count', minutes: 15 },
  'strip old paper': { by: 'area', minutes: 12 },
  'clear glue': { by: 'area', minutes: 40 },
  'fill holes': { by: 'count', minutes: 5 },
  'wash and sand': { by: 'area', minutes: 5 },
  prime: { by: 'area', minutes: 6 },
  'paint with a roller': { by: 'area', minutes: 6 },
  'paint with a brush': { by: 'area', minutes: 15 },
  'touch in': { by: 'area', minutes: 15 },
  'make good the floor': { by: 'area', minutes: 60 },
  'hang paper': { by: 'count', minutes: 20 },
  'hang squares of paper': { by: 'count', minutes: 6 },
  'lay tile': { by: 'area', minutes: 75 },
  'lay boards': { by: 'area', minutes: 25 },
  'lay carpet': { by: 'area', minutes: 12 },
  'lay stairs': { by: 'count', minutes: 15 },
  'fit moldings': { by: 'run', minutes: 12 },
  'cut sheets': { by: 'count', minutes: 8 },
  'make up curtains': { by: 'count', minutes: 75 },
  'make up covers': { by: 'run', minutes: 60 },
  'put up a rail or a blind': { by: 'count', minutes: 45 },
  'tie on': { by: 'count', minutes: 2 },
  'mark out': { by: 'count', minutes: 3 },
  'drive picture hooks': { by: 'count', minutes: 4 },
  'drill and plug': { by: 'count', minutes: 8 },
  'set hollow-wall anchors': { by: 'count', minutes: 8 },
  'screw into studs': { by: 'count', minutes: 8 },
  'press adhesive strips': { by: 'count', minutes: 4 },
  'hang by rail or string': { by: 'count', minutes: 5 },
  'stick on': { by: 'count', minutes: 3 },
  'fix to the building': { by: 'count', minutes: 30 },
}

/** How a consumable is counted, and the pack it is usually sold in: square millimeters, millimeters, milliliters or pieces. */
interface Pack {
  readonly by: Amount
  readonly holds: Readonly<Record<UnitSystem, number>>
  readonly pack: readonly [string, string]
}

const both = (holds: number) => ({ metric: holds, imperial: holds })

/** US fluid ounce, in milliliters (NIST Handbook 44, appendix C). */
export const FLUID_OUNCE_ML = 29.5735

// Packs as sheds and paint shops sell them (common practice).
export const USUAL_PACKS: Readonly<Record<ConsumableKind, Pack>> = {
  // 4 × 5 m; 9 × 12 ft.
  'cover for the floor': {
    by: 'area',
    holds: { metric: 20e6, imperial: 2743.2 * 3657.6 },
    pack: ['sheet', 'sheets'],
  },
  // 50 m; 60 yd.
  'masking tape': { by: 'run', holds: { metric: 50_000, imperial: 60 * 914.4 }, pack: ['roll', 'rolls'] },
  filler: { by: 'volume', holds: { metric: 400, imperial: 16 * FLUID_OUNCE_ML }, pack: ['tub', 'tubs'] },
  'abrasive sheets': { by: 'count', holds: both(5), pack: ['pack', 'packs'] },
  sealant: {
    by: 'volume',
    holds: { metric: 310, imperial: 10 * FLUID_OUNCE_ML },
    pack: ['cartridge', 'cartridges'],
  },
  'picture hooks': { by: 'count', holds: both(10), pack: ['pack', 'packs'] },
  'screws and plugs': { by: 'count', holds: both(20), pack: ['pack', 'packs'] },
  'hollow-wall anchors': { by: 'count', holds: both(4), pack: ['pack', 'packs'] },
  'wood screws': { by: 'count', holds: both(20), pack: ['pack', 'packs'] },
  'adhesive strips, pairs': { by: 'count', holds: both(4), pack: ['pack', 'packs'] },
  thread: { by: 'run', holds: { metric: 500_000, imperial: 547 * 914.4 }, pack: ['reel', 'reels'] },
  'rug underlay': {
    by: 'area',
    holds: { metric: 2e6, imperial: 1219.2 * 1828.8 },
    pack: ['piece', 'pieces'],
  },
  bulbs: { by: 'count', holds: both(1), pack: ['bulb', 'bulbs'] },
  batteries: { by: 'count', holds: both(4), pack: ['pack', 'packs'] },
}

/** What one of a unit is as it is said and typed: a square meter or 100 square feet, a meter or ten feet. */
const WORK_UNITS = {
  area: { metric: [1e6, '1 m²'], imperial: [9_290_304, '100 sq ft'] },
  run: { metric: [1000, '1 m'], imperial: [3048, '10 ft'] },
  volume: { metric: [1, '1 ml'], imperial: [FLUID_OUNCE_ML, '1 fl oz'] },
  count: { metric: [1, 'one'], imperial: [1, 'one'] },
} as const

/** The unit that minutes are given for: how much of the base unit it is, and its words. */
export const workUnit = (by: Amount, system: UnitSystem): readonly [number, string] => WORK_UNITS[by][system]

const PACK_UNITS = {
  area: { metric: [1e6, 'm²'], imperial: [92_903.04, 'sq ft'] },
  run: { metric: [1000, 'm'], imperial: [914.4, 'yd'] },
  volume: { metric: [1, 'ml'], imperial: [FLUID_OUNCE_ML, 'fl oz'] },
  count: { metric: [1, ''], imperial: [1, ''] },
} as const

/** The unit that packs are said in: how much of the base unit it is, and its sign. */
export const packUnit = (by: Amount, system: UnitSystem): readonly [number, string] => PACK_UNITS[by][system]

/** A square meter, a meter or a piece in the base unit. */
export const ONE: Readonly<Record<Amount, number>> = { area: 1e6, run: 1000, volume: 1, count: 1 }
