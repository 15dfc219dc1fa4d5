import { listed } from '../../../kernel/listed.js'
import type { Formatter } from '../../../kernel/units/formatter.js'
import type { Takeoff } from '../../../model/rows/takeoffs.js'
import type { Beside, Reckoned, TakeoffInput } from '../takeoffTypes.js'
import { soldUnitMm, tens } from '../trade.js'
import { bothWays, carpetDrawing, type CarpetPlan } from './carpet.js'
import { roundOf, thresholds } from './edge.js'
import { floorBox, turned } from './floorPlan.js'

/** Carpet from a roll, whole widths side by side, the seams out of the doors. */
export function carpetLine({ row, floor = [], doors, says }: TakeoffInput): Reckoned {
  const roll = row.goodsWidthMm ?? 0
  const way = turned(floor, doors, row.turned)
  const { got, other } = bothWays(floor, doors, row)
  const { heightMm: across } = floorBox(way.outline)
  return {
    lengthMm: got.rollLengthMm,
    packWord: ['', ''],
    needed: says.area(got.areaMm2, 2),
    work: [{ task: 'lay carpet', amount: got.areaMm2 }],
    keeps: says.area(got.rollLengthMm * roll - got.areaMm2, 2),
    over: says.area(got.rollLengthMm * roll - got.areaMm2, 2),
    sum: [
      `${says.drawn(across)} ÷ ${says.drawn(roll)} → ${says.count(got.drops, 'drop')}`,
      `${stripsText(got, says)} + ${got.drops} × ${says.drawn(row.trimMm)} = ${says.length(got.rollLengthMm)}`,
    ],
    beside: [carpetWay('As laid', got, row, says), carpetWay('Laid the other way', other, row, says)],
    goesWith: [
      { name: 'Underlay', quantity: says.area(got.areaMm2, 1) },
      { name: 'Gripper round the edge, doors left out', quantity: says.run(roundOf(floor, doors)) },
      ...thresholds(doors, says),
    ],
    notes: [...seamNotes(got, says), 'The pile runs the same way on every strip.'],
    drawings: [carpetDrawing(way.outline, way.doors, got)],
  }
}

/** `2 × 5 100`, or `5 100 + 3 000` where the floor is shorter under one of them. */
function stripsText({ strips }: CarpetPlan, says: Formatter): string {
  const lengths = strips.map((s) => says.drawn(s.lengthMm))
  return new Set(lengths).size === 1 ? `${lengths.length} × ${lengths[0] ?? ''}` : lengths.join(' + ')
}

function carpetWay(name: string, plan: CarpetPlan, row: Takeoff, says: Formatter): Beside {
  const seams = plan.seams === 0 ? 'no seam' : says.count(plan.seams, 'seam')
  const met = plan.inDoors.length === 0 ? '' : ` in ${listed(plan.inDoors)}`
  return {
    name,
    needed: `${says.length(plan.rollLengthMm)}, ${seams}${met}`,
    costMinor:
      row.packMinor === null
        ? undefined
        : Math.round((plan.rollLengthMm / soldUnitMm(says.system)) * row.packMinor),
  }
}

function seamNotes(plan: CarpetPlan, says: Formatter): string[] {
  if (plan.seams === 0) return ['No seam.']
  const seams = says.count(plan.seams, 'seam')
  if (plan.inDoors.length > 0)
    return [
      `${seams}, in ${listed(plan.inDoors)}: no place is free of it. Lay it the other way, or take a wider roll.`,
    ]
  if (plan.clearMm === undefined) return [`${seams}.`]
  return [`${seams}, ${says.length(tens(plan.clearMm))} from the nearest door.`]
}
