import type { Origin } from '../../model/vocabulary/handover.js'
import type { Ref } from '../../findings/finding.js'

/** What may be known of a thing, by the word it is asked for. */
export const RECORD_FIELDS = [
  'where it came from',
  'from whom',
  'price',
  'link or catalog number',
  'goes back on',
] as const
export type RecordField = (typeof RECORD_FIELDS)[number]

/**
 * What each origin must carry: what is bought new can be bought again by its link or catalog number; what came second-hand has no
 * link, so that its seller and its price are all that is known; what was owned before or given is recorded by being on the
 * list; what is borrowed or hired goes back (common practice).
 */
export const MUST_CARRY: Readonly<Record<Origin, readonly RecordField[]>> = {
  'bought new': ['from whom', 'price', 'link or catalog number'],
  'bought second-hand': ['from whom', 'price'],
  made: ['from whom'],
  'owned before': [],
  gift: [],
  borrowed: ['from whom', 'goes back on'],
  hired: ['from whom', 'goes back on'],
}

/** One thing of the room, and what is known of it. */
export interface RegisterThing {
  readonly ref: Ref
  readonly count: number
  readonly origin: Origin | undefined
  /** Where the origin is known from. */
  readonly originFrom: 'said' | 'line' | 'loan' | 'there' | undefined
  readonly fromWhom: string
  readonly on: string | null
  readonly link: string
  readonly priceMinor: number | undefined
  readonly backOn: string | null
  readonly missing: readonly RecordField[]
}

/** What is missing of a thing, by where it came from. */
export function missingOf(
  thing: Pick<RegisterThing, 'origin' | 'fromWhom' | 'link' | 'priceMinor' | 'backOn'>,
): RecordField[] {
  if (thing.origin === undefined) return ['where it came from']
  const has: Readonly<Record<RecordField, boolean>> = {
    'where it came from': true,
    'from whom': thing.fromWhom.trim() !== '',
    price: (thing.priceMinor ?? 0) > 0,
    'link or catalog number': thing.link.trim() !== '',
    'goes back on': thing.backOn !== null,
  }
  return MUST_CARRY[thing.origin].filter((field) => !has[field])
}

/** What a repair cannot do without, and what helps it. */
export const FINISH_MUST = ['name', 'code', 'sheen', 'object or surface'] as const
export const FINISH_ASKED = ['batch', 'applied on', 'supplier', 'spare and its place'] as const

/** A finish that was applied, where, and what is not known of it. */
export interface RegisterFinish {
  readonly id: string
  readonly name: string
  readonly code: string
  readonly sheen: string
  /** Surfaces and things that wear it, by name. */
  readonly where: readonly string[]
  readonly batch: string
  readonly appliedOn: string | null
  readonly supplier: string
  readonly spare: string
  readonly spareAt: string
  readonly missing: readonly (typeof FINISH_MUST)[number][]
  readonly asked: readonly (typeof FINISH_ASKED)[number][]
}

/** What is missing of an applied finish. A paper has a pattern number for its code, and no sheen. */
export function finishMissing(
  f: Omit<RegisterFinish, 'missing' | 'asked'> & { readonly material: string },
): Pick<RegisterFinish, 'missing' | 'asked'> {
  const sheenless = f.material !== 'paint' && f.material !== 'primer'
  return {
    missing: FINISH_MUST.filter(
      (field) =>
        (field === 'name' && f.name.trim() === '') ||
        (field === 'code' && f.code.trim() === '') ||
        (field === 'sheen' && !sheenless && f.sheen === 'none') ||
        (field === 'object or surface' && f.where.length === 0),
    ),
    asked: FINISH_ASKED.filter(
      (field) =>
        (field === 'batch' && f.batch.trim() === '') ||
        (field === 'applied on' && f.appliedOn === null) ||
        (field === 'supplier' && f.supplier.trim() === '') ||
        (field === 'spare and its place' && (f.spare.trim() === '' || f.spareAt.trim() === '')),
    ),
  }
}

/** The registers of a job: everything in the room, and every finish that was applied. */
export interface Register {
  readonly things: readonly RegisterThing[]
  readonly finishes: readonly RegisterFinish[]
}

export const isComplete = (row: { readonly missing: readonly unknown[] }): boolean => row.missing.length === 0
