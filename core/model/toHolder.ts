import { alike, put, type Row, type RowChange } from './changes.js'
import {
  ITEM_READS_PIECE,
  OPTION_READS_PIECE,
  ownedPiece,
  pieceOfItems,
  SIDES,
  sizeSource,
  type Tied,
} from './oneThing.js'
import type { Item } from './rows/items.js'
import { pieces as PIECES, type Piece } from './rows/pieces.js'
import type { Stored } from './snapshot.js'

/** Where a thing stands is a fact of each piece; what it is, of all pieces of one line. */
const OF_ONE_PIECE: readonly string[] = ['wallId', 'originalAt']

/** Facts of which one holds while nobody has said another. */
const SAID_ONCE = ['weightG', 'wallId', 'fixing', 'originalAt'] as const satisfies readonly (keyof Item &
  keyof Piece)[]

/** What each of these facts is while nobody has said it. */
export const UNSAID = Object.fromEntries(
  SAID_ONCE.map((field) => [field, PIECES.blank()[field] ?? null]),
) as Readonly<Record<(typeof SAID_ONCE)[number], string | null>>

/** Which of these facts a line says, and its piece says otherwise. */
export const saidOtherwise = (item: Item, piece: Piece): (typeof SAID_ONCE)[number][] =>
  SAID_ONCE.filter(
    (field) => (item[field] ?? null) !== UNSAID[field] && (item[field] ?? null) !== (piece[field] ?? null),
  )

/**
 * What a piece takes over from the line it is tied to: what the line said and the piece did not, and every use that either
 * serves. Of rows whose fields may be anything: it reads job files too.
 */
export function takenOver(piece: Row, item: Row): Row {
  const unsaid = SAID_ONCE.filter(
    (field) => alike(piece[field] ?? null, UNSAID[field]) && !alike(item[field] ?? null, UNSAID[field]),
  )
  const list = (value: unknown): readonly unknown[] => (Array.isArray(value) ? value : [])
  const more = list(item.serves).filter((use) => !list(piece.serves).includes(use))
  return {
    ...Object.fromEntries(unsaid.map((field) => [field, item[field]])),
    ...(more.length > 0 ? { serves: [...list(piece.serves), ...more] } : {}),
    ...(piece.kind === 'other' && item.pieceKind ? { kind: item.pieceKind } : {}),
  }
}

/** Whether an option would draw a piece in another size than it has: a size is never changed unasked. */
export const drawnOtherwise = (piece: Row, option: Row | undefined): boolean =>
  option !== undefined && SIDES.some((side) => option[side] != null && option[side] !== piece[side])

/**
 * What ties a piece to the line that buys it. What the line said of it and the piece did not goes to the piece; the size it
 * was drawn in stays its own when the option chosen has another, and the difference is then a finding.
 *
 * @param job as stored
 * @param more what else is changed in the piece
 */
export function tie(job: Tied, pieceId: string, itemId: string, more: Partial<Piece> = {}): RowChange[] {
  const piece = job.pieces.find((p) => p.id === pieceId)
  const item = job.items.find((i) => i.id === itemId)
  if (!piece || !item) return []
  const chosen = job.options.find((o) => o.id === item.chosenOptionId)
  const option = chosen && ownedPiece(chosen) !== pieceId ? chosen : undefined
  const ownSize = piece.ownSize || drawnOtherwise(piece, option)
  return [put('pieces', pieceId, { ...takenOver(piece, item), ownSize, ...more, itemId })]
}

/**
 * A change brought to the row that holds what it changes: how a line is fixed is changed in its piece, the name of a piece
 * in its line, the size of a piece becomes its own, the size of an owned option is its piece's.
 *
 * @param job as stored, with the changes before this one done
 */
export function toHolder(job: Tied, change: RowChange): RowChange[] {
  if (!('set' in change) || change.itself) return [change]
  if (change.collection === 'items') {
    const first = pieceOfItems(job.pieces).get(change.id)
    if (!first) return [change]
    const others = job.pieces.filter((p) => p.itemId === change.id && p !== first)
    return moved(change, ITEM_READS_PIECE, 'pieces', [first, ...others])
  }
  if (change.collection === 'options') {
    const option = job.options.find((o) => o.id === change.id)
    const tied = option && ownedPiece({ ...option, ...change.set })
    const piece = job.pieces.filter((p) => p.id === tied && change.set.pieceId === undefined)
    return moved(change, OPTION_READS_PIECE, 'pieces', piece)
  }
  if (change.collection === 'loans') {
    const tied = job.loans.find((l) => l.id === change.id)?.pieceId
    const piece = job.pieces.filter((p) => p.id === tied && change.set.pieceId === undefined)
    return moved(change, { name: 'name' }, 'pieces', piece).flatMap((c) => toHolderOfPiece(job, c))
  }
  return toHolderOfPiece(job, change)
}

function toHolderOfPiece(job: Tied, change: RowChange): RowChange[] {
  if (!('set' in change) || change.collection !== 'pieces') return [change]
  const piece = job.pieces.find((p) => p.id === change.id)
  if (!piece) return [change]
  const { itemId } = change.set
  if (itemId) return tie(job, piece.id, itemId, change.set)
  const item = itemId === undefined ? itemNaming(piece, job) : undefined
  const own = { ...change, set: withOwnSize(job, piece, change.set) }
  return moved(own, { name: 'name' }, 'items', item ? [item] : [])
}

/** The line whose name a piece reads: where it is the only piece of that line. */
function itemNaming(piece: Stored<Piece>, { pieces, items }: Tied): Stored<Item> | undefined {
  if (!piece.itemId || pieces.some((p) => p.itemId === piece.itemId && p.id !== piece.id)) return undefined
  return items.find((i) => i.id === piece.itemId)
}

/** A size that is typed for a piece is its own from then on; its other sides stay what they were seen to be. */
function withOwnSize(job: Tied, piece: Stored<Piece>, set: Partial<Piece>): Partial<Piece> {
  if (!SIDES.some((side) => set[side] !== undefined) || set.ownSize !== undefined) return set
  const from = sizeSource(piece, job)
  if (!from) return set
  const seen = Object.fromEntries(SIDES.map((side) => [side, from[side] ?? piece[side]]))
  return { ...seen, ...set, ownSize: true }
}

/** A change split into what the row itself holds and what other rows hold for it; whole while there are none. */
function moved(
  change: RowChange & { readonly set: object },
  reads: Readonly<Record<string, string>>,
  to: 'pieces' | 'items',
  holders: readonly { readonly id: string }[],
): RowChange[] {
  if (holders.length === 0) return [change]
  const own: Record<string, unknown> = {}
  const theirs: Record<string, unknown> = {}
  for (const [field, value] of Object.entries(change.set)) {
    const at = Object.hasOwn(reads, field) ? reads[field] : undefined
    // A line may have no kind of piece; a piece always has one.
    if (at === undefined || (at === 'kind' && value === null)) own[field] = value
    else theirs[at] = value
  }
  const ofAll = Object.fromEntries(Object.entries(theirs).filter(([field]) => !OF_ONE_PIECE.includes(field)))
  const written = holders.map(({ id }, n) => put(to, id, n === 0 ? theirs : ofAll))
  return [
    ...(Object.keys(own).length > 0 ? [{ ...change, set: own } as RowChange] : []),
    ...written.filter((c) => 'set' in c && Object.keys(c.set).length > 0),
  ]
}
