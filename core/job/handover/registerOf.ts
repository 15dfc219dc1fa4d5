import { oneThing } from '../../model/oneThing.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import type { Item } from '../../model/rows/items.js'
import type { Option } from '../../model/rows/options.js'
import type { Piece } from '../../model/rows/pieces.js'
import type { RegisterEntry } from '../../model/rows/registerEntries.js'
import type { Origin } from '../../model/vocabulary/handover.js'
import { inRoom } from '../../stages/palette/visibleArea.js'
import {
  finishMissing,
  missingOf,
  type Register,
  type RegisterFinish,
  type RegisterThing,
} from '../../stages/handover/register.js'
import { inScheme } from '../inScheme.js'

const ORIGIN_OF: Readonly<Record<Option['kind'], Origin>> = {
  new: 'bought new',
  placeholder: 'bought new',
  'second-hand': 'bought second-hand',
  made: 'made',
  owned: 'owned before',
  hired: 'hired',
}

/** A surface in words: `wall:…` by its name. */
function surfaceName(job: JobSnapshot, surface: string, nameOf: (wallId: string) => string): string {
  const [kind = surface, id] = surface.split(':')
  if (kind === 'wall' && id) return nameOf(id)
  const row = [...job.parts, ...job.openings].find((r) => r.id === id)
  return row?.name ?? kind
}

const chosen = (job: JobSnapshot, item: Item | undefined): Option | undefined =>
  job.options.find((o) => o.id === item?.chosenOptionId)

/** What a thing is known by, from its line, its option, its loan and what a person says. */
function thingOf(
  job: JobSnapshot,
  piece: Piece | undefined,
  item: Item | undefined,
  entry: RegisterEntry | undefined,
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
    priceMinor: option && option.priceMinor > 0 ? option.priceMinor : undefined,
    backOn: loan?.backOn ?? null,
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

/** The first web address in a note. */
const linkIn = (note: string): string => /https?:\/\/\S+/.exec(note)?.[0] ?? ''

/** Materials that are put on and renewed by their record; all else is known by the thing it is. */
const APPLIED: ReadonlySet<string> = new Set(['paint', 'wallpaper'])

/**
 * Everything in the room with where it came from, and every finish that was applied with what a repair needs. A thing that is to
 * go is not in it; what is bought and is no piece stands with its line.
 */
export function registerOf(stored: JobSnapshot, nameOf: (wallId: string) => string): Register {
  const job = inScheme(oneThing(stored))
  const entryOf = (pieceId: string | null, itemId: string | null) =>
    job.registerEntries.find((e) =>
      pieceId ? e.pieceId === pieceId : e.pieceId === null && e.itemId === itemId,
    )
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
      ...pieces.map((p) => thingOf(job, p, itemOf(p.itemId), entryOf(p.id, null))),
      ...lines.map((i) => thingOf(job, undefined, i, entryOf(null, i.id))),
    ],
    finishes: finishesOf(job, pieces, nameOf),
  }
}

/** Lines that a piece of the house fills: the piece is listed itself. */
const ownedItems = (job: JobSnapshot): string[] =>
  job.items.filter((i) => chosen(job, i)?.pieceId).map((i) => i.id)

function finishesOf(
  job: JobSnapshot,
  pieces: readonly Piece[],
  nameOf: (wallId: string) => string,
): RegisterFinish[] {
  const whereOf = (id: string) => [
    ...job.finishAssignments
      .filter((a) => a.finishId === id && !a.candidate)
      .map((a) => surfaceName(job, a.surface, nameOf)),
    ...pieces.filter((p) => p.finishId === id).map((p) => p.name),
  ]
  const supplierOf = (id: string) => {
    const item = job.items.find((i) => i.finishId === id)
    return job.suppliers.find((s) => s.id === chosen(job, item)?.supplierId)?.name ?? ''
  }
  return job.finishes
    .filter((f) => APPLIED.has(f.material) && f.role !== 'stays')
    .flatMap((f): RegisterFinish[] => {
      const record = job.finishRecords.find((r) => r.finishId === f.id)
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
