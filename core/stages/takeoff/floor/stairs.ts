import type { Formatter } from '../../../kernel/units/formatter.js'
import type { Takeoff } from '../../../model/rows/takeoffs.js'
import type { Reckoned, TakeoffInput } from '../takeoffTypes.js'
import { ceilDiv, floorDiv, type Drawing, type DrawnPart } from '../trade.js'

/** A flight as it is laid. Lengths in one unit. */
export interface Flight {
  readonly risers: number
  readonly rise: number
  readonly going: number
  /** Of the landing at its top, what is laid in one with it. */
  readonly landing: number
}

/** Along a flight: every riser, a tread less than risers, and the landing. */
export const runnerLength = ({ risers, rise, going, landing }: Flight): number =>
  risers * rise + Math.max(0, risers - 1) * going + landing

/**
 * The flight cut from a roll: as many strips side by side as its width gives, each of whole steps, so that a seam lies at the
 * back of a tread.
 * @param trim for each strip, both ends together
 */
export function stairCut(flight: Flight, width: number, rollWidth: number, trim: number) {
  const strips = Math.max(1, Math.min(flight.risers, floorDiv(rollWidth, width)))
  const steps = ceilDiv(flight.risers, strips)
  // The last strip carries the landing; the strips side by side are as long as the longest.
  const whole = steps * (flight.rise + flight.going)
  const last = flight.risers - steps * (ceilDiv(flight.risers, steps) - 1)
  const topmost = last * flight.rise + (last - 1) * flight.going + flight.landing
  const used = ceilDiv(flight.risers, steps)
  return {
    strips: used,
    steps,
    length: (used === 1 ? runnerLength(flight) : Math.max(whole, topmost)) + trim,
  }
}

/** Carpet or a runner on a stair, its pile running down. */
export function stairsLine({ row, says }: TakeoffInput): Reckoned {
  const flight = flightOf(row)
  const [width, roll] = [row.stairMm ?? 0, row.goodsWidthMm ?? 0]
  if (width > roll) throw new RangeError(`a roll as wide as the ${says.length(width)} on the stair`)
  const length = runnerLength(flight)
  const cut = stairCut(flight, width, roll, row.trimMm)
  const treads = Math.max(0, flight.risers - 1)
  return {
    lengthMm: cut.length,
    packWord: ['', ''],
    needed: `${says.count(flight.risers, 'riser')}, ${says.run(length)}`,
    work: [{ task: 'lay stairs', amount: flight.risers }],
    over: says.area(cut.length * roll - length * width, 2),
    sum: [
      `${flight.risers} × ${says.drawn(flight.rise)} + ${treads} × ${says.drawn(flight.going)}${flight.landing > 0 ? ` + ${says.drawn(flight.landing)}` : ''} = ${says.length(length)}`,
      cut.strips > 1
        ? `${says.drawn(roll)} ÷ ${says.drawn(width)} → ${says.count(cut.strips, 'strip')} side by side, ${says.count(cut.steps, 'step')} in the longest, ${says.drawn(row.trimMm)} for its ends → ${says.length(cut.length)}`
        : `${says.drawn(length)} + ${says.drawn(row.trimMm)} for its ends = ${says.length(cut.length)}`,
    ],
    goesWith: [
      { name: 'Underlay pads', quantity: `${treads} of ${says.sides([width, flight.going])}` },
      { name: 'Gripper, two to a step', quantity: says.run(2 * treads * width) },
    ],
    notes: [
      'Measure one step over its nosing, with the underlay on it: a padded nosing takes more than riser and going.',
      'The pile runs down the stair, and the same way on every strip.',
      ...(cut.strips > 1 ? ['Seams lie at the back of a tread, where none is stepped on.'] : []),
      'What is loose on a stair trips: fix it at every step, and keep the edge of each step in sight.',
    ],
    drawings: [stairDrawing(flight, width, says)],
  }
}

const flightOf = (row: Takeoff): Flight => ({
  risers: row.posts,
  rise: row.riserMm ?? 0,
  going: row.goingMm ?? 0,
  landing: row.landingMm,
})

/** The flight laid out flat: risers and treads by turns, from the foot. */
function stairDrawing({ risers, rise, going, landing }: Flight, width: number, says: Formatter): Drawing {
  const parts: DrawnPart[] = []
  let at = 0
  const lay = (mm: number, label: string) => {
    if (mm > 0) parts.push({ xMm: at, yMm: 0, widthMm: mm, heightMm: width, label, use: 'used' })
    at += mm
  }
  for (let step = 1; step <= risers; step++) {
    lay(rise, '')
    if (step < risers) lay(going, String(step))
  }
  lay(landing, says.drawn(landing))
  return {
    ...{ name: 'Flight, laid out flat: treads numbered, risers between them', widthMm: at, heightMm: width },
    ...{ times: 1, parts },
  }
}
