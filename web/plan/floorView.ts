import { boxGap } from '@bonitas/core/kernel/geometry/box'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { anchorSeat } from '@bonitas/core/stages/plan/seatGroup'
import { judgeRug } from '@bonitas/core/stages/plan/rug'
import { seatRugs } from '@bonitas/core/stages/plan/rules/rugs'
import { drawingText, type UnitSystem } from '@bonitas/core/kernel/units/length'

/** A measure of the plan in words, with the sum behind it. */
export interface Measure {
  readonly name: string
  readonly value: string
  readonly sum: string
}

/** Past this a way is wide for two, mm; how much wider says nothing more. */
const WIDE_MM = 1_150

/** What is worth knowing of a plan beside its findings, in the units of the studio. */
export function measuresOf(facts: PlanFacts, system: UnitSystem): Measure[] {
  const drawn = (mm: number) => drawingText(mm, system)
  const { seats, sight, walks } = facts
  const anchor = anchorSeat(seats)
  const tightest = [...walks].sort((a, b) => a.widthMm - b.widthMm).slice(0, 3)
  const gaps = anchor ? seats.filter((s) => s.id !== anchor.id).map((s) => boxGap(anchor.box, s.box)) : []
  const rugs = seatRugs(facts)
  const rug =
    rugs.length > 0 && seats.length > 0
      ? judgeRug(
          rugs.map((r) => r.box),
          seats,
          facts.room,
        )
      : undefined
  return [
    ...tightest.map((w) => ({
      name: `Walk from the door to ${lower(w.toName)}`,
      value: w.widthMm >= WIDE_MM ? `over ${drawn(WIDE_MM)}` : drawn(w.widthMm),
      sum: w.between ? `between ${lower(w.between[0])} and ${lower(w.between[1])}` : 'nothing narrows it',
    })),
    ...(gaps.length > 0
      ? [
          {
            name: `Talk circle, ${seats.length} seats`,
            value:
              system === 'metric' ? `${(Math.max(...gaps) / 1000).toFixed(1)} m` : drawn(Math.max(...gaps)),
            sum: 'farthest seat from the largest, front to front',
          },
        ]
      : []),
    ...(sight
      ? [
          {
            name: 'Sight line ends on',
            value: sight.endsOn,
            sum: 'straight in from the middle of the door, or to the focus',
          },
        ]
      : []),
    ...(rug
      ? [
          {
            name: 'Rug',
            value: `${rug.verdict}, ${drawn(Math.min(...rug.bordersMm))} of floor left`,
            sum: rug.seats.map((s) => `${lower(s.seat.name)} ${s.legsOn} of 4`).join(', '),
          },
        ]
      : []),
  ]
}

const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1)
