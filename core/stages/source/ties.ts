import { soleBy } from '../../kernel/soleBy.js'
import { ownedPiece, pieceOfItems, SIDES } from '../../model/oneThing.js'
import { saidOtherwise, tie } from '../../model/toHolder.js'
import { put, type RowChange } from '../../model/changes.js'
import type { Item } from '../../model/rows/items.js'
import type { Option } from '../../model/rows/options.js'
import type { Piece } from '../../model/rows/pieces.js'
import type { JobSnapshot, Stored } from '../../model/snapshot.js'
import { formatterOf, plainFormatter, type Formatter } from '../../kernel/units/formatter.js'

/** Two rows that look like one thing, entered twice. */
export interface Untied {
  readonly one: { readonly kind: 'piece'; readonly id: string; readonly name: string }
  readonly other: { readonly kind: 'item' | 'option' | 'loan'; readonly id: string; readonly name: string }
  /** By the same name, or only because each is the one of its kind. */
  readonly by: 'name' | 'kind'
  readonly pieceKind: string
  readonly changes: readonly RowChange[]
}

/** A piece drawn in another size than the option that is to become it. */
export interface SizeDiffers {
  readonly piece: Stored<Piece>
  readonly option: Stored<Option>
  /** Width, depth and height as it is drawn, and as it is bought. */
  readonly drawn: readonly number[]
  readonly bought: readonly number[]
}

/** A fact that a line and its piece both hold, and differently. */
export interface SaidTwice {
  readonly item: Stored<Item>
  readonly piece: Stored<Piece>
  readonly field: ReturnType<typeof saidOtherwise>[number]
}

export interface Ties {
  readonly says: Formatter
  readonly wallName: (id: string) => string
  readonly untied: readonly Untied[]
  readonly sizes: readonly SizeDiffers[]
  readonly saidTwice: readonly SaidTwice[]
}

/** Makers round to a centimeter or half an inch (common practice): what differs by more is another size. */
export const SAME_SIZE_MM = 13

/** What a name is compared by: its words, whatever their case, order and spaces. */
const called = (name: string): string =>
  name
    .normalize('NFKC')
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '')
    .sort()
    .join(' ')

/** Pairs of one row here with one row there that share a key no other row on either side has. */
function onlyPairs<A, B>(
  ones: readonly A[],
  others: readonly B[],
  keyOfOne: (row: A) => string,
  keyOfOther: (row: B) => string,
): [A, B][] {
  const theirs = soleBy(others, keyOfOther)
  return [...soleBy(ones, keyOfOne)].flatMap(([key, one]): [A, B][] => {
    const other = theirs.get(key)
    return other ? [[one, other]] : []
  })
}

/** Kinds a room has many of: that each list has one says nothing. */
const MANY: ReadonlySet<string> = new Set(['other', 'object', 'cushion', 'throw', 'picture', 'plant'])

function untiedOf(job: JobSnapshot): Untied[] {
  const drawn = new Set(job.pieces.flatMap((p) => p.itemId ?? []))
  const coming = job.pieces.filter((p) => !p.there && !p.itemId && p.verdict !== 'let go')
  const lines = job.items.filter(
    (i) => i.category !== 'surfaces' && i.category !== 'services' && !drawn.has(i.id),
  )
  const asItem = (piece: Stored<Piece>, item: Stored<Item>, by: Untied['by']): Untied => ({
    one: { kind: 'piece', id: piece.id, name: piece.name },
    other: { kind: 'item', id: item.id, name: item.name },
    by,
    pieceKind: piece.kind,
    changes: tie(job, piece.id, item.id),
  })
  const byName = onlyPairs(
    coming,
    lines,
    (p) => called(p.name),
    (i) => called(i.name),
  )
  // What is owned already is its own piece, and a line filled by it becomes no other.
  const filled = new Set(job.options.flatMap((o) => (ownedPiece(o) ? o.id : [])))
  const paired = new Set(byName.flatMap(([p, i]) => [p.id, i.id]))
  const byKind = onlyPairs(
    coming.filter((p) => !paired.has(p.id)),
    lines.filter((i) => !paired.has(i.id) && !filled.has(i.chosenOptionId ?? '')),
    (p) => (MANY.has(p.kind) ? '' : p.kind),
    (i) => i.pieceKind ?? '',
  )
  const owned = job.options.filter((o) => o.kind === 'owned')
  const taken = new Set(owned.flatMap((o) => o.pieceId ?? []))
  const here = job.pieces.filter((p) => p.there)
  const ownedByName = onlyPairs(
    here.filter((p) => !taken.has(p.id)),
    owned.filter((o) => !o.pieceId),
    (p) => called(p.name),
    (o) => called(o.name),
  )
  const borrowed = job.loans.filter((l) => !l.returnedOn)
  const lent = new Set(borrowed.flatMap((l) => l.pieceId ?? []))
  const lentByName = onlyPairs(
    here.filter((p) => !lent.has(p.id)),
    borrowed.filter((l) => !l.pieceId),
    (p) => called(p.name),
    (l) => called(l.name),
  )
  const asPiece = (
    kind: 'option' | 'loan',
    piece: Stored<Piece>,
    row: { readonly id: string; readonly name: string },
    change: RowChange,
  ): Untied => ({
    one: { kind: 'piece', id: piece.id, name: piece.name },
    other: { kind, id: row.id, name: row.name },
    by: 'name',
    pieceKind: piece.kind,
    changes: [change],
  })
  return [
    ...byName.map(([p, i]) => asItem(p, i, 'name')),
    ...byKind.map(([p, i]) => asItem(p, i, 'kind')),
    ...ownedByName.map(([p, o]) => asPiece('option', p, o, put('options', o.id, { pieceId: p.id }))),
    ...lentByName.map(([p, l]) => asPiece('loan', p, l, put('loans', l.id, { pieceId: p.id }))),
  ]
}

function sizesOf(job: JobSnapshot): SizeDiffers[] {
  const itemOf = new Map(job.items.map((i) => [i.id, i]))
  const optionOf = new Map(job.options.map((o) => [o.id, o]))
  return job.pieces.flatMap((piece): SizeDiffers[] => {
    if (!piece.ownSize || piece.there || !piece.itemId) return []
    const chosen = itemOf.get(piece.itemId)?.chosenOptionId
    const option = chosen ? optionOf.get(chosen) : undefined
    if (!option) return []
    const drawn = SIDES.map((side) => piece[side])
    const bought = SIDES.map((side) => option[side] ?? piece[side])
    const differs = bought.some((mm, n) => Math.abs(mm - (drawn[n] ?? mm)) > SAME_SIZE_MM)
    return differs ? [{ piece, option, drawn, bought }] : []
  })
}

function saidTwiceOf(job: JobSnapshot): SaidTwice[] {
  const pieceOf = pieceOfItems(job.pieces)
  return job.items.flatMap((item): SaidTwice[] => {
    const piece = pieceOf.get(item.id)
    return piece ? saidOtherwise(item, piece).map((field) => ({ item, piece, field })) : []
  })
}

/**
 * How far pieces, lines, options and loans are known to be one thing.
 *
 * @param stored the job as it is stored: what each row holds itself
 */
export const tiesOf = (stored: JobSnapshot, wallName: Ties['wallName']): Ties => ({
  says: formatterOf(stored.studio),
  wallName,
  untied: untiedOf(stored),
  sizes: sizesOf(stored),
  saidTwice: saidTwiceOf(stored),
})

export const NO_TIES: Ties = {
  says: plainFormatter('EUR'),
  wallName: () => 'a wall',
  untied: [],
  sizes: [],
  saidTwice: [],
}
