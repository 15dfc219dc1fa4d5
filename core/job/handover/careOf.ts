import { addDays } from '../../kernel/units/days.js'
import { oneThing } from '../../model/oneThing.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import type { CareNote } from '../../model/rows/careNotes.js'
import type { Piece } from '../../model/rows/pieces.js'
import { usualCare } from '../../stages/handover/care.js'
import { inRoom } from '../../model/inRoom.js'
import { inScheme } from '../inScheme.js'
import { firstRow } from './firstRow.js'

/** One thing to do for the room again and again, with the day it is next due. */
export interface CareDue {
  /** `turn|piece:id`; of a note of one's own `own|` and its id. */
  readonly key: string
  readonly thing: string
  readonly pieceId: string | null
  readonly what: string
  readonly everyMonths: number | null
  readonly month: number | null
  readonly nextOn: string | null
  readonly lastOn: string | null
  readonly caution: string | undefined
  readonly row: CareNote | undefined
}

const MONTHS = 12
const days = (year: number, month: number) => new Date(Date.UTC(year, month, 0)).getUTCDate()

/** A day so many months later; the last of a month that has no such day. */
export function addMonths(day: string, months: number): string {
  const [y = 0, m = 1, d = 1] = day.split('-').map(Number)
  const at = y * MONTHS + (m - 1) + months
  const [year, month] = [Math.floor(at / MONTHS), (at % MONTHS) + 1]
  return `${String(year).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(Math.min(d, days(year, month))).padStart(2, '0')}`
}

/** The next day of care: so many months after it was last done, or after the room was; or the first of its month. */
export function nextCare(
  { everyMonths, month, lastOn }: Pick<CareDue, 'everyMonths' | 'month' | 'lastOn'>,
  since: string,
): string | null {
  const from = lastOn ?? since
  if (month !== null) {
    const inYear = `${from.slice(0, 4)}-${String(month).padStart(2, '0')}-01`
    const after = lastOn === null ? from : addDays(from, 1)
    // Done within its month it is due the next year.
    const due =
      inYear >= `${after.slice(0, 7)}-01` && inYear.slice(0, 7) !== lastOn?.slice(0, 7)
        ? inYear
        : addMonths(inYear, MONTHS)
    return due
  }
  return everyMonths === null ? null : addMonths(from, everyMonths)
}

/**
 * The care of everything in the room, by material, kind and fixing, as a person has changed it, with their own notes; the soonest
 * first. It counts from the day the room was handed over, or is to be.
 */
export function careOf(stored: JobSnapshot, today: string): CareDue[] {
  const job = inScheme(oneThing(stored))
  const since = job.brief.closedOn ?? job.brief.revealOn ?? job.brief.installOn ?? today
  const finishOf = (p: Piece) => job.finishes.find((f) => f.id === p.finishId)
  const outside = job.room.kind === 'outdoors'
  const usual = job.pieces.filter(inRoom).flatMap((p) =>
    usualCare({
      kind: p.kind,
      material: finishOf(p)?.material ?? p.material.trim().toLowerCase(),
      sealed: finishOf(p)?.sealed ?? true,
      traits: p.traits,
      fixing: p.fixing,
      outdoor: outside && !p.stays,
    }).map((c) => ({ piece: p, care: c, key: `${c.word}|piece:${p.id}` })),
  )
  const rowOf = (key: string) => firstRow(job.careNotes.filter((r) => r.key === key))
  const due = (at: Omit<CareDue, 'nextOn'>): CareDue => ({ ...at, nextOn: nextCare(at, since) })
  const own = job.careNotes.filter((r) => r.key === 'own')
  return [
    ...usual
      .map(({ piece, care, key }) => ({ piece, care, key, row: rowOf(key) }))
      .filter(({ row }) => row?.leftOut !== true)
      .map(({ piece, care, key, row }) =>
        due({
          ...{ key, thing: piece.name, pieceId: piece.id, what: row?.what || care.what },
          everyMonths: row?.everyMonths ?? (row?.month ? null : (care.everyMonths ?? null)),
          month: row?.month ?? (row?.everyMonths ? null : (care.month ?? null)),
          ...{ lastOn: row?.lastOn ?? null, caution: care.caution, row },
        }),
      ),
    ...own.map((row) =>
      due({
        key: `own|${row.id}`,
        thing: job.pieces.find((p) => p.id === row.pieceId)?.name ?? '',
        ...{ pieceId: row.pieceId, what: row.what, everyMonths: row.everyMonths, month: row.month },
        ...{ lastOn: row.lastOn, caution: undefined, row },
      }),
    ),
  ].sort(
    (a, b) =>
      (a.nextOn ?? '9').localeCompare(b.nextOn ?? '9') ||
      (a.thing < b.thing ? -1 : 1) ||
      (a.key < b.key ? -1 : 1),
  )
}
