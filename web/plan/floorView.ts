import { boxGap } from '@bonitas/core/kernel/geometry/box'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { anchorSeat } from '@bonitas/core/stages/plan/seatGroup'
import { judgeRug } from '@bonitas/core/stages/plan/rug'
import { seatRugs } from '@bonitas/core/stages/plan/rules/rugs'
import { t } from './words.js'

/** A measure of the plan in words, with the sum behind it. */
export interface Measure {
  readonly name: string
  readonly value: string
  readonly sum: string
}

/** Past this a way is wide for two, mm; how much wider says nothing more. */
const WIDE_MM = 1_150

/** What is worth knowing of a plan beside its findings, in the units of the studio. */
export function measuresOf(facts: PlanFacts): Measure[] {
  const { drawn, number, system } = facts.says
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
      name: t('walkFromTheDoorTo', { toName: lower(w.toName) }),
      value: w.widthMm >= WIDE_MM ? `over ${drawn(WIDE_MM)}` : drawn(w.widthMm),
      sum: w.between
        ? t('betweenBetweenAndBetween2', {
            between: lower(w.between[0].name),
            between2: lower(w.between[1].name),
          })
        : t('nothingNarrowsIt'),
    })),
    ...(gaps.length > 0
      ? [
          {
            name: t('talkCircleSeatsSeats', { seats: seats.length }),
            value:
              system === 'metric' ? `${number(Math.max(...gaps) / 1000, 1)} m` : drawn(Math.max(...gaps)),
            sum: t('farthestSeatFromTheLargest'),
          },
        ]
      : []),
    ...(sight
      ? [
          {
            name: t('sightLineEndsOn'),
            value: sight.endsOn,
            sum: t('straightInFromTheMiddle'),
          },
        ]
      : []),
    ...(rug
      ? [
          {
            name: t('rug'),
            value: t('verdictMinOfFloorLeft', {
              verdict: rug.verdict,
              min: drawn(Math.min(...rug.bordersMm)),
            }),
            sum: rug.seats
              .map((s) => t('nameLegsOnOf42', { name: lower(s.seat.name), legsOn: s.legsOn }))
              .join(', '),
          },
        ]
      : []),
  ]
}

const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1)
