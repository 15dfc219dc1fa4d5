import { oneThing } from '../../model/oneThing.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import type { Item } from '../../model/rows/items.js'
import type { Option } from '../../model/rows/options.js'
import type { Piece } from '../../model/rows/pieces.js'
import type { RegisterEntry } from '../../model/rows/registerEntries.js'
import type { Origin } from '../../model/vocabulary/handover.js'
import { inRoom } from '../../model/inRoom.js'
import {
  finishMissing,
  missingOf,
  type Register,
  type RegisterFinish,
  type RegisterThing,
} from '../../stages/handover/register.js'
import { surfaceName } from '../../stages/palette/surfaceAreas.js'
import type { DerivedJob } from '../derive.js'
import { inScheme } from '../inScheme.js'
import { firstRow } from './firstRow.js'

const ORIGIN_OF: Readonly<Record<Option['kind'], Origin>> = {
  new: 'bought new',
  placeholder: 'bought new',
  'second-hand': 'bought second-hand',
  made: 'made',
  owned: 'owned before',
  hired: 'hired',
}

const chosen = (job: JobSnapshot, item: Item | undefined): Option | undefined =>
  job.options.find((o) => o.id === item?.chosenOptionId)

/** What a thing is known by, from its line, its option, its loan and what a person says. */
function thingOf(
  job: JobSnapshot,
  piece: Piece | undefined,
  item: Item | undefined,
  entry: RegisterEntry | undefined,
  priceMinor: number | undefined,
): RegisterThing {
  const option = chosen(job, item)
  const loan = piece && job.loans.find((l) => l.pieceId === piece.id && l.returnedOn === null)
  const supplier = job.suppliers.find((s) => s.id === option?.supplierId)
  const order = item && job.lines.find((l) => l.itemId === item.id)
  const ordered = job.orders.find((o) => o.id === order?.orderId)
  const [origin, originFrom]: [Origin | undefined, RegisterThing['originFrom']] = entry?.origin
    ? [entry.origin, 'said']
    : loan
      ? ['borrowed', 'loan']
      : option
        ? [ORIGIN_OF[option.kind], 'line']
        : piece?.there
          ? ['owned before', 'there']
          : [undefined, undefined]
  const known = {
    origin,
    originFrom,
    fromWhom: entry?.fromWhom || loan?.owner || supplier?.name || option?.seenAt || '',
    on: entry?.on ?? ordered?.placedOn ?? loan?.takenOn ?? null,
    link: entry?.link || option?.catalogKey || linkIn(option?.note ?? '') || '',
    priceMinor,
    backOn: entry?.backOn ?? loan?.backOn ?? null,
  }
  return {
    ref: piece
      ? { kind: 'piece', id: piece.id, name: piece.name }
      : { kind: 'item', id: item?.id ?? '', name: item?.name ?? '' },
    count: piece?.count ?? item?.quantity ?? 1,
    ...known,
    missing: missingOf(known),
  }
}

/** What a person says of a thing, by its piece or its line. */
export const entryOf = (
  job: Pick<JobSnapshot, 'registerEntries'>,
  ref: { readonly kind: string; readonly id: string },
): RegisterEntry | undefined =>
  firstRow(
    job.registerEntries.filter((e) =>
      ref.kind === 'piece' ? e.pieceId === ref.id : e.pieceId === null && e.itemId === ref.id,
    ),
  )

/** The first web address in a note. */
const linkIn = (note: string): string => /https?:\/\/\S+/.exec(note)?.[0] ?? ''

/** What was there and is kept as it is wears a coat nobody here chose. */
const isMadeAnew = (p: Piece): boolean => !p.there || p.verdict === 'rework'

/** Materials that are put on and renewed by their record; all else is known by the thing it is. */
const APPLIED: ReadonlySet<string> = new Set(['paint', 'wallpaper'])

/**
 * Everything in the room with where it came from, and every finish that was applied with what a repair needs. A thing that is to
 * go is not in it; what is bought and is no piece stands with its line. The price is that of the whole line, with all that comes
 * on it, and stands with the first of its pieces.
 */
export function registerOf(
  stored: JobSnapshot,
  { measure, items, surfaces }: Pick<DerivedJob, 'measure' | 'items' | 'surfaces'>,
): Register {
  const job = inScheme(oneThing(stored))
  const lineOf = new Map(items.map((i) => [i.item.id, i]))
  const priceOf = (id: string | null) => {
    const line = lineOf.get(id ?? '')
    const minor =
      line &&
      (line.lines.length > 0 ? line.lines.reduce((sum, l) => sum + l.state.dueMinor, 0) : line.chosenMinor)
    return minor !== undefined && minor > 0 ? minor : undefined
  }
  const itemOf = (id: string | null) => job.items.find((i) => i.id === id)
  const pieces = job.pieces.filter(inRoom)
  const asPiece = new Set([...pieces.map((p) => p.itemId), ...ownedItems(job)])
  const lines = job.items.filter(
    (i) =>
      !asPiece.has(i.id) &&
      i.category !== 'services' &&
      i.category !== 'surfaces' &&
      i.chosenOptionId !== null,
  )
  return {
    things: [
      ...pieces.map((p) =>
        thingOf(job, p, itemOf(p.itemId), entryOf(job, { kind: 'piece', id: p.id }), priceOf(p.itemId)),
      ),
      ...lines.map((i) =>
        thingOf(job, undefined, i, entryOf(job, { kind: 'item', id: i.id }), priceOf(i.id)),
      ),
    ],
    finishes: finishesOf(job, pieces, (surface) =>
      surfaceName(surface, job.studio.locale, {
        ...surfaces,
        walls: job.walls.map((w) => ({ wallId: w.id, name: measure.nameOf(w.id), upperMm2: 0, lowerMm2: 0 })),
      }),
    ),
  }
}

/** Lines that a piece of the house fills: the piece is listed itself. */
const ownedItems = (job: JobSnapshot): string[] =>
  job.items.filter((i) => chosen(job, i)?.pieceId).map((i) => i.id)

function finishesOf(
  job: JobSnapshot,
  pieces: readonly Piece[],
  nameOf: (surface: string) => string,
): RegisterFinish[] {
  const whereOf = (id: string) => [
    ...job.finishAssignments.filter((a) => a.finishId === id && !a.candidate).map((a) => nameOf(a.surface)),
    ...pieces.filter((p) => p.finishId === id && isMadeAnew(p)).map((p) => p.name),
  ]
  const supplierOf = (id: string) => {
    const item = job.items.find((i) => i.finishId === id)
    return job.suppliers.find((s) => s.id === chosen(job, item)?.supplierId)?.name ?? ''
  }
  return job.finishes
    .filter((f) => APPLIED.has(f.material) && f.role !== 'stays')
    .flatMap((f): RegisterFinish[] => {
      const record = firstRow(job.finishRecords.filter((r) => r.finishId === f.id))
      const where = whereOf(f.id)
      // What is only in the palette was put on nothing.
      if (where.length === 0 && !record) return []
      const known = {
        ...{ id: f.id, name: f.name, code: f.code, sheen: f.sheen, where, material: f.material },
        batch: record?.batch ?? '',
        appliedOn: record?.appliedOn ?? null,
        supplier: record?.supplier || supplierOf(f.id),
        ...{ spare: record?.spare ?? '', spareAt: record?.spareAt ?? '' },
      }
      const { material: _m, ...row } = known
      return [{ ...row, ...finishMissing(known) }]
    })
}
