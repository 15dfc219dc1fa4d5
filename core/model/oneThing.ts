import { memoOn } from '../kernel/memoOn.js'
import type { Item } from './rows/items.js'
import type { Loan } from './rows/loans.js'
import type { Option } from './rows/options.js'
import type { Piece } from './rows/pieces.js'
import type { JobSnapshot, Stored } from './snapshot.js'
import { TRAITS, type Trait } from './vocabulary/piece.js'

/** Sides of a thing that piece and option share. */
export const SIDES = ['widthMm', 'depthMm', 'heightMm'] as const

/**
 * What a line of the schedule shares with the piece it becomes: it stands in the piece, and the line reads it there. Each
 * field of the line with the field of the piece.
 */
export const ITEM_READS_PIECE = {
  pieceKind: 'kind',
  fixing: 'fixing',
  weightG: 'weightG',
  wallId: 'wallId',
  originalAt: 'originalAt',
  serves: 'serves',
} as const satisfies Partial<Record<keyof Item, keyof Piece>>

/** What an owned option reads from the piece of the house that it is. */
export const OPTION_READS_PIECE = {
  name: 'name',
  widthMm: 'widthMm',
  depthMm: 'depthMm',
  heightMm: 'heightMm',
  legsMm: 'legsMm',
  material: 'material',
} as const satisfies Partial<Record<keyof Option, keyof Piece>>

export type Tied = Pick<JobSnapshot, 'pieces' | 'items' | 'options' | 'loans'>

const sameList = (a: readonly unknown[], b: readonly unknown[]): boolean =>
  a.length === b.length && a.every((x, i) => x === b[i])

const pieceTraits: ReadonlySet<string> = new Set(TRAITS)

/** The same row while nothing differs, so that what was made of it need not be made again. */
function reading<Row extends object>(row: Row, facts: Partial<Row>): Row {
  const differs = Object.entries(facts).some(([field, value]) => row[field as keyof Row] !== value)
  return differs ? { ...row, ...facts } : row
}

const factsOf = (
  piece: Piece,
  reads: Readonly<Record<string, keyof Piece>>,
): Readonly<Record<string, unknown>> =>
  Object.fromEntries(Object.entries(reads).map(([field, from]) => [field, piece[from] ?? null]))

/** Keeps the row that was read for as long as it and what it was read from are the same rows. */
function keeper<Row extends object>() {
  const kept = new WeakMap<Row, { readonly from: readonly unknown[]; readonly is: Row }>()
  return (row: Row, from: readonly unknown[], read: () => Row): Row => {
    const known = kept.get(row)
    if (known && sameList(known.from, from)) return known.is
    const is = read()
    kept.set(row, { from, is })
    return is
  }
}
const keptOptions = keeper<Stored<Option>>()
const keptPieces = keeper<Stored<Piece>>()
const keptItems = keeper<Stored<Item>>()
const keptLoans = keeper<Stored<Loan>>()

/** Where the size of a piece comes from: the option chosen for its line, or undefined while it is the piece's own. */
export function sizeSource(piece: Piece & { readonly id: string }, job: Tied): Stored<Option> | undefined {
  if (!piece.itemId || piece.ownSize) return undefined
  const item = job.items.find((i) => i.id === piece.itemId)
  const option = item?.chosenOptionId ? job.options.find((o) => o.id === item.chosenOptionId) : undefined
  return option && ownedPiece(option) !== piece.id && SIDES.some((side) => option[side] != null)
    ? option
    : undefined
}

/** The piece whose facts each line reads, by the line: of several the first as they are laid out. */
export function pieceOfItems<P extends Pick<Piece, 'itemId' | 'position'>>(
  pieces: readonly P[],
): ReadonlyMap<string, P> {
  const first = new Map<string, P>()
  for (const piece of pieces) {
    const known = piece.itemId ? first.get(piece.itemId) : undefined
    if (piece.itemId && (!known || piece.position < known.position)) first.set(piece.itemId, piece)
  }
  return first
}

/** The piece of the house that an option is; nothing while it is not owned, whatever it was before. */
export const ownedPiece = ({ kind, pieceId }: Pick<Option, 'kind' | 'pieceId'>): string | undefined =>
  kind === 'owned' ? (pieceId ?? undefined) : undefined

/** The list itself when every row is the one it had. */
const sameRows = <Row>(before: readonly Row[], now: readonly Row[]): readonly Row[] =>
  sameList(before, now) ? before : now

function readOptions({ options, pieces }: Tied): readonly Stored<Option>[] {
  if (!options.some((o) => o.pieceId)) return options
  const pieceOf = new Map(pieces.map((p) => [p.id, p]))
  return options.map((option) => {
    const piece = pieceOf.get(ownedPiece(option) ?? '')
    if (!piece) return option
    return keptOptions(option, [piece], () => reading(option, factsOf(piece, OPTION_READS_PIECE)))
  })
}

function readPieces({ pieces, items, options }: Tied): readonly Stored<Piece>[] {
  if (!pieces.some((p) => p.itemId)) return pieces
  const itemOf = new Map(items.map((i) => [i.id, i]))
  const optionOf = new Map(options.map((o) => [o.id, o]))
  const times = new Map<string, number>()
  for (const { itemId } of pieces) if (itemId) times.set(itemId, (times.get(itemId) ?? 0) + 1)
  return pieces.map((piece) => {
    const item = piece.itemId ? itemOf.get(piece.itemId) : undefined
    if (!item) return piece
    const chosen = item.chosenOptionId ? optionOf.get(item.chosenOptionId) : undefined
    const option = chosen && ownedPiece(chosen) !== piece.id ? chosen : undefined
    // Two pieces of one line have names of their own: left and right.
    const name = times.get(item.id) === 1 ? item.name : piece.name
    return keptPieces(piece, [item, option, name], () =>
      reading(piece, { name, ...(option ? boughtFacts(piece, option) : {}) }),
    )
  })
}

/** What the option chosen says of a piece that does not say it itself. */
function boughtFacts(piece: Piece, option: Option): Partial<Piece> {
  const added = option.traits.filter(
    (t): t is typeof t & Trait => pieceTraits.has(t) && !piece.traits.includes(t as Trait),
  )
  return {
    ...(piece.ownSize ? {} : Object.fromEntries(SIDES.map((side) => [side, option[side] ?? piece[side]]))),
    legsMm: piece.legsMm ?? (option.legsMm || null),
    material: piece.material === '' ? option.material : piece.material,
    ...(added.length > 0 ? { traits: [...piece.traits, ...added] } : {}),
  }
}

function readItems({ pieces, items }: Tied): readonly Stored<Item>[] {
  const first = pieceOfItems(pieces)
  if (first.size === 0) return items
  return items.map((item) => {
    const piece = first.get(item.id)
    if (!piece) return item
    // A piece that nobody said the kind of leaves it to its line.
    const unsaid = piece.kind === 'other' ? { pieceKind: item.pieceKind } : {}
    return keptItems(item, [piece], () => reading(item, { ...factsOf(piece, ITEM_READS_PIECE), ...unsaid }))
  })
}

function readLoans({ loans, pieces }: Tied): readonly Stored<Loan>[] {
  if (!loans.some((l) => l.pieceId)) return loans
  const pieceOf = new Map(pieces.map((p) => [p.id, p]))
  return loans.map((loan) => {
    const piece = loan.pieceId ? pieceOf.get(loan.pieceId) : undefined
    return piece ? keptLoans(loan, [piece], () => reading(loan, { name: piece.name })) : loan
  })
}

const read = memoOn(
  (pieces: Tied['pieces'], items: Tied['items'], options: Tied['options'], loans: Tied['loans']): Tied => {
    const stored = { pieces, items, options, loans }
    const withOptions = { ...stored, options: sameRows(options, readOptions(stored)) }
    return {
      options: withOptions.options,
      pieces: sameRows(pieces, readPieces(withOptions)),
      items: sameRows(items, readItems(stored)),
      loans: sameRows(loans, readLoans(stored)),
    }
  },
)

const seen = new WeakMap<JobSnapshot, JobSnapshot>()

/**
 * The job as every stage but the one that holds a fact sees it: a piece that is bought has the size of the option chosen
 * until it has one of its own, a line has what is known of its piece, an owned option and a loan have the name and size of
 * theirs. What is stored stays as it is; a job in which nothing is tied is the same job.
 */
export function oneThing(job: JobSnapshot): JobSnapshot {
  const known = seen.get(job)
  if (known) return known
  const { pieces, items, options, loans } = read(job.pieces, job.items, job.options, job.loans)
  const same = pieces === job.pieces && items === job.items && options === job.options && loans === job.loans
  const is = same ? job : { ...job, pieces, items, options, loans }
  seen.set(job, is)
  seen.set(is, is)
  return is
}

/** Lines that are no piece yet: a thing is looked at once, as its piece where it has one. */
export function itemsWithoutPiece<I extends { readonly id: string }>(
  items: readonly I[],
  pieces: readonly Pick<Piece, 'itemId'>[],
): I[] {
  const drawn = new Set(pieces.flatMap((p) => p.itemId ?? []))
  return items.filter((i) => !drawn.has(i.id))
}

/** Pieces that are here on loan and have not gone back. */
export const borrowedPieces = (loans: readonly Loan[]): ReadonlySet<string> =>
  new Set(loans.flatMap((l) => (l.pieceId && !l.returnedOn ? [l.pieceId] : [])))
