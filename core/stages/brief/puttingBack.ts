import { itemsWithoutPiece } from '../../model/oneThing.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { STRIP_REMOVAL } from './adhesiveStrips.js'
import { isWhiteOrGrey, type RentedChange } from './rentedChanges.js'
import type { Fixing } from '../../model/vocabulary/fixing.js'
import type { Change } from '../../model/vocabulary/change.js'
import type { Formatter } from '../../kernel/units/formatter.js'
import { pricedLiters } from '../../kernel/units/liquid.js'

/** What is done to put something back: to what, and how much of it. */
export interface PutBackWork {
  readonly kind: Change | 'lift' | 'strips' | 'original' | 'give back' | 'nothing'
  /** The row it speaks of, as keys name rows: `piece:…`, `item:…`, `assignment:…`, `loan:…`. */
  readonly of: string
  /** The surface it is done to; undefined where none is known. */
  readonly surface: string | undefined
  readonly areaMm2: number
  readonly count: number
}

/** One thing to do at the end of a lease. */
export interface PutBack {
  readonly work: PutBackWork
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
  return [...changedBack(job, changes, says), ...looseBack(job, new Set(changes.map((c) => c.id)))]
}

/** What painted, covered, drilled, glued or was wired or plumbed in, each with its way back. */
function changedBack(job: JobSnapshot, changes: readonly RentedChange[], says: Formatter): PutBack[] {
  const pricedL = pricedLiters(says.system)
  const priceOf = (cubicMinor: number) => Math.round((cubicMinor * pricedL) / 1000)
  const [primerMinor, paintMinor] = [
    priceOf(job.brief.backPrimerCubicMinor),
    priceOf(job.brief.backPaintCubicMinor),
  ]
  const finishOf = (id: string | undefined) => job.finishes.find((f) => f.id === id)
  return changes.map((c): PutBack => {
    const base = {
      ...{ originalAt: originalOf(job, c), withoutConsent: !c.consent, costMinor: 0, sum: '' },
      work: {
        ...{ kind: c.change, of: `${c.kind === 'placement' ? 'assignment' : c.kind}:${c.id}` },
        ...{ surface: c.surface, areaMm2: c.areaMm2, count: countOf(job, c) },
      },
    }
    if (c.change === 'paint') {
      const finish = finishOf(c.finishId)
      if (finish && isWhiteOrGrey(finish) && c.consent)
        return {
          ...base,
          work: { ...base.work, kind: 'nothing' },
          what: c.name,
          how: 'may stay, white or grey as the letter allows; make good scuffs',
        }
      const { primerL, paintL, costMinor } = paintBack(c.areaMm2, primerMinor, paintMinor, pricedL)
      return {
        ...base,
        what: c.name,
        how:
          c.areaMm2 > 0
            ? `prime once and paint pale twice: ${says.liquid(primerL)} primer, ${says.liquid(paintL)} paint for ${says.area(c.areaMm2)}`
            : 'prime once and paint pale twice; how much, once the room is measured',
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
}

/** What was stuck on and leaves no mark, and how it is peeled off. */
const PEELED: Readonly<Partial<Record<Fixing, string>>> = {
  'adhesive strips': `${STRIP_REMOVAL}; young paint lifts`,
  'sticks by itself': 'warm gently, peel from a corner, slowly and flat; young paint lifts',
}

/** What comes off by itself, what was exchanged, what is lent. */
function looseBack(job: JobSnapshot, changed: ReadonlySet<string>): PutBack[] {
  const finishOf = (id: string | undefined) => job.finishes.find((f) => f.id === id)
  const lines = itemsWithoutPiece(job.items, job.pieces).map((row) => ({ of: `item:${row.id}`, row }))
  const pieces = job.pieces.map((row) => ({ of: `piece:${row.id}`, row }))
  return [
    ...job.finishAssignments
      .filter((p) => p.hold === 'removable')
      .map((p): PutBack => ({
        ...plain,
        work: { ...only('lift', `assignment:${p.id}`), surface: p.surface },
        what: `${finishOf(p.finishId)?.name ?? 'What is laid'}, laid to come off`,
        how: 'take it off and keep it for the next home',
      })),
    ...[...pieces.filter(({ row }) => !row.there), ...lines].flatMap(({ of, row: t }): PutBack[] => {
      const how = PEELED[t.fixing]
      return how === undefined
        ? []
        : [
            {
              ...plain,
              work: { ...only('strips', of), surface: wallOf(t.wallId), count: countFor(t) },
              what: t.name,
              how,
              originalAt: t.originalAt,
            },
          ]
    }),
    ...[...pieces, ...lines]
      .filter(({ row: t }) => t.originalAt !== '' && PEELED[t.fixing] === undefined && !changed.has(t.id))
      .map(({ of, row: t }): PutBack => ({
        ...plain,
        work: { ...only('original', of), surface: wallOf(t.wallId), count: countFor(t) },
        what: t.name,
        how: 'take it along and put the original back',
        originalAt: t.originalAt,
      })),
    ...job.loans
      .filter((l) => !l.returnedOn)
      .map((l): PutBack => ({
        ...plain,
        work: only('give back', `loan:${l.id}`),
        what: l.name,
        how: l.owner === '' ? 'is borrowed and goes back' : `goes back to ${l.owner}`,
      })),
  ]
}

const only = (kind: PutBackWork['kind'], of: string): PutBackWork => ({
  ...{ kind, of, surface: undefined, areaMm2: 0, count: 1 },
})
const wallOf = (wallId: string | null) => (wallId === null ? undefined : `wall:${wallId}`)
const countFor = (row: { readonly count?: number; readonly quantity?: number }) =>
  row.count ?? row.quantity ?? 1

function countOf(job: JobSnapshot, { kind, id }: RentedChange): number {
  if (kind === 'placement') return 1
  const row = kind === 'piece' ? job.pieces.find((p) => p.id === id) : job.items.find((i) => i.id === id)
  return row ? countFor(row) : 1
}

const plain = { originalAt: '', costMinor: 0, sum: '', withoutConsent: false }

function originalOf(job: JobSnapshot, change: RentedChange): string {
  if (change.kind === 'placement') return ''
  const rows = change.kind === 'piece' ? job.pieces : job.items
  return (
    (rows as readonly { id: string; originalAt: string }[]).find((r) => r.id === change.id)?.originalAt ?? ''
  )
}
