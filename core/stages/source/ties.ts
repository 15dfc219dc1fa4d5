import type { ITEM_READS_PIECE } from '../../model/oneThing.js'
import { tie } from '../../model/oneThing.js'
import { put, type RowChange } from '../../model/changes.js'
import type { Item } from '../../model/rows/items.js'
import type { Option } from '../../model/rows/options.js'
import type { Piece } from '../../model/rows/pieces.js'
import type { JobSnapshot, Stored } from '../../model/snapshot.js'
import type { UnitSystem } from '../../kernel/units/length.js'

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
  readonly widthMm: readonly [drawn: number, bought: number]
  readonly depthMm: readonly [drawn: number, bought: number]
  readonly heightMm: readonly [drawn: number, bought: number]
}

/** A fact that a line and its piece both hold, and differently. */
export interface SaidTwice {
  readonly item: Stored<Item>
  readonly piece: Stored<Piece>
  readonly field: 'fixing' | 'weightG' | 'wallId' | 'originalAt'
}

export interface Ties {
  readonly system: UnitSystem
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
  const sole = <T>(rows: readonly T[], keyOf: (row: T) => string) => {
    const known = new Map<string, T | undefined>()
    for (const row of rows) {
      const key = keyOf(row)
      if (key !== '') known.set(key, known.has(key) ? undefined : row)
    }
    return known
  }
  const theirs = sole(others, keyOfOther)
  return [...sole(ones, keyOfOne)].flatMap(([key, one]): [A, B][] => {
    const other = theirs.get(key)
    return one && other ? [[one, other]] : []
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
  const paired = new Set(byName.flatMap(([p, i]) => [p.id, i.id]))
  const byKind = onlyPairs(
    coming.filter((p) => !paired.has(p.id)),
    lines.filter((i) => !paired.has(i.id)),
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
    const side = (name: 'widthMm' | 'depthMm' | 'heightMm') =>
      [piece[name], option[name] ?? piece[name]] as const
    const found = { widthMm: side('widthMm'), depthMm: side('depthMm'), heightMm: side('heightMm') }
    const differs = Object.values(found).some(([a, b]) => Math.abs(a - b) > SAME_SIZE_MM)
    return differs ? [{ piece, option, ...found }] : []
  })
}

const ASKED = [
  'fixing',
  'weightG',
  'wallId',
  'originalAt',
] as const satisfies readonly (keyof typeof ITEM_READS_PIECE)[]
const UNSAID: Readonly<Record<(typeof ASKED)[number], unknown>> = {
  fixing: 'stands free',
  weightG: null,
  wallId: null,
  originalAt: '',
}

function saidTwiceOf(job: JobSnapshot): SaidTwice[] {
  const itemOf = new Map(job.items.map((i) => [i.id, i]))
  const seen = new Set<string>()
  return [...job.pieces]
    .sort((a, b) => a.position - b.position)
    .flatMap((piece): SaidTwice[] => {
      const item = piece.itemId ? itemOf.get(piece.itemId) : undefined
      if (!item || seen.has(item.id)) return []
      seen.add(item.id)
      return ASKED.filter((f) => (item[f] ?? null) !== UNSAID[f] && item[f] !== piece[f]).map((field) => ({
        item,
        piece,
        field,
      }))
    })
}

/**
 * How far pieces, lines, options and loans are known to be one thing.
 *
 * @param stored the job as it is stored: what each row holds itself
 */
export const tiesOf = (stored: JobSnapshot): Ties => ({
  system: stored.studio.system,
  wallName: (id) => stored.walls.find((w) => w.id === id)?.name || 'another wall',
  untied: untiedOf(stored),
  sizes: sizesOf(stored),
  saidTwice: saidTwiceOf(stored),
})

export const NO_TIES: Ties = {
  system: 'metric',
  wallName: () => 'a wall',
  untied: [],
  sizes: [],
  saidTwice: [],
}
