import { itemsWithoutPiece } from '../../model/oneThing.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { STRIP_REMOVAL } from './adhesiveStrips.js'
import { isWhiteOrGrey, type RentedChange } from './rentedChanges.js'
import type { Formatter } from '../../kernel/units/formatter.js'
import { pricedLiters } from '../../kernel/units/liquid.js'

/** One task at the end of a lease. */
export interface PutBack {
  readonly what: string
  readonly how: string
  /** Where the original waits, when there is one. */
  readonly originalAt: string
  readonly costMinor: number
  /** How the cost comes about; empty when nothing is known to cost. */
  readonly sum: string
  /** True for what was never allowed: it is listed, and says so. */
  readonly withoutConsent: boolean
}

// A deep color is closed with one coat of primer, then two pale coats; spreading rates of common practice.
const PRIMER_M2_PER_L = 10
const PAINT_M2_PER_L = 12
const PAINT_COATS = 2

export interface PaintBack {
  readonly primerL: number
  readonly paintL: number
  readonly costMinor: number
}

/**
 * Paint that gives a wall back pale: liters and the cost of what is used, before tins and labor.
 * @param primerMinor price of what primer is priced by
 * @param pricedL what it is priced by, liters
 */
export function paintBack(
  areaMm2: number,
  primerMinor: number,
  paintMinor: number,
  pricedL: number,
): PaintBack {
  // To the hundredth of a liter or gallon, so that the sum that is shown is the sum that was made.
  const hundredth = (l: number) => Math.round((l / pricedL) * 100) / 100
  const m2 = areaMm2 / 1e6
  const primer = hundredth(m2 / PRIMER_M2_PER_L)
  const paint = hundredth((m2 * PAINT_COATS) / PAINT_M2_PER_L)
  return {
    primerL: primer * pricedL,
    paintL: paint * pricedL,
    costMinor: Math.round(primer * primerMinor) + Math.round(paint * paintMinor),
  }
}

/** Everything to be put back, in the order of the room: surfaces, what was fixed, what sticks, what was lent. */
export function puttingBack(job: JobSnapshot, changes: readonly RentedChange[], says: Formatter): PutBack[] {
  const pricedL = pricedLiters(says.system)
  const priceOf = (cubicMinor: number) => Math.round((cubicMinor * pricedL) / 1000)
  const [primerMinor, paintMinor] = [
    priceOf(job.brief.backPrimerCubicMinor),
    priceOf(job.brief.backPaintCubicMinor),
  ]
  const finishOf = (id: string | undefined) => job.finishes.find((f) => f.id === id)
  const fromChanges = changes.map((c): PutBack => {
    const base = { originalAt: originalOf(job, c), withoutConsent: !c.consent, costMinor: 0, sum: '' }
    if (c.change === 'paint') {
      const finish = finishOf(c.finishId)
      if (finish && isWhiteOrGrey(finish) && c.consent)
        return {
          ...base,
          what: c.name,
          how: 'may stay, white or grey as the letter allows; make good scuffs',
        }
      const { primerL, paintL, costMinor } = paintBack(c.areaMm2, primerMinor, paintMinor, pricedL)
      return {
        ...base,
        what: c.name,
        how: `prime once and paint pale twice: ${says.liquid(primerL)} primer, ${says.liquid(paintL)} paint for ${says.area(c.areaMm2)}`,
        costMinor,
        sum:
          costMinor > 0
            ? `${says.liquid(primerL, 2)} × ${says.money(primerMinor)} + ${says.liquid(paintL, 2)} × ${says.money(paintMinor)}`
            : '',
      }
    }
    const how = {
      cover: 'take it up or strip it, and clear every trace of glue',
      drill: 'take it down, fill the holes, sand and touch in',
      glue: 'warm and lift it slowly, clear the glue, test a hidden spot first',
      wire: 'have a licensed electrician put back the original fitting',
      plumb: 'have a licensed plumber put back the original fixture',
      paint: '',
    }[c.change]
    return { ...base, what: c.name, how }
  })
  const lines = itemsWithoutPiece(job.items, job.pieces)
  const rest = [
    ...job.finishAssignments
      .filter((p) => p.hold === 'removable')
      .map((p): PutBack => ({
        ...plain,
        what: `${finishOf(p.finishId)?.name ?? 'What is laid'}, laid to come off`,
        how: 'take it off and keep it for the next home',
      })),
    ...[...job.pieces.filter((p) => !p.there), ...lines]
      .filter((t) => t.fixing === 'adhesive strips')
      .map((t): PutBack => ({
        ...plain,
        what: t.name,
        how: `${STRIP_REMOVAL}; young paint lifts`,
        originalAt: t.originalAt,
      })),
    ...[...job.pieces, ...lines]
      .filter(
        (t) => t.originalAt !== '' && t.fixing !== 'adhesive strips' && !changes.some((c) => c.id === t.id),
      )
      .map((t): PutBack => ({
        ...plain,
        what: t.name,
        how: 'take it along and put the original back',
        originalAt: t.originalAt,
      })),
    ...job.loans
      .filter((l) => !l.returnedOn)
      .map((l): PutBack => ({
        ...plain,
        what: l.name,
        how: l.owner === '' ? 'is borrowed and goes back' : `goes back to ${l.owner}`,
      })),
  ]
  return [...fromChanges, ...rest]
}

const plain = { originalAt: '', costMinor: 0, sum: '', withoutConsent: false }

function originalOf(job: JobSnapshot, change: RentedChange): string {
  if (change.kind === 'placement') return ''
  const rows = change.kind === 'piece' ? job.pieces : job.items
  return (
    (rows as readonly { id: string; originalAt: string }[]).find((r) => r.id === change.id)?.originalAt ?? ''
  )
}
