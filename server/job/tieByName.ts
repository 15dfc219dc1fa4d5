import { soleBy } from '@bonitas/core/kernel/soleBy'
import { drawnOtherwise, takenOver } from '@bonitas/core/model/toHolder'

type Row = Record<string, unknown>

const rows = (value: unknown): Row[] => (Array.isArray(value) ? (value as Row[]) : [])
const called = (row: Row): string => (typeof row.name === 'string' ? row.name.trim().toLowerCase() : '')

/**
 * Ties what was one thing by its name alone: a piece to come and the line that buys it, a piece that is there and the
 * owned option or the loan of its name. Only where each is the only one of its name; the rest stays untied, and is asked
 * about in the job. The migration `0013_one_thing_once` does the same to what is stored.
 */
export function tieByName(file: Row): Pick<Row, 'pieces' | 'options' | 'loans'> {
  const pieces = rows(file.pieces)
  const items = rows(file.items).filter((i) => i.category !== 'surfaces' && i.category !== 'services')
  const options = rows(file.options)
  const bought = soleBy(items, called)
  const coming = soleBy(
    pieces.filter((p) => !p.there),
    called,
  )
  const here = soleBy(
    pieces.filter((p) => p.there),
    called,
  )

  const tied = pieces.map((piece): Row => {
    const { lentFrom: _lentFrom, ...own } = piece
    const item = coming.get(called(piece)) === piece ? bought.get(called(piece)) : undefined
    const option = item && options.find((o) => o.id === item.chosenOptionId)
    // A size that differs from the option chosen is kept, and the difference is shown.
    const differs = drawnOtherwise(piece, option)
    return {
      ...own,
      ...(item ? takenOver(piece, item) : {}),
      itemId: item?.id ?? null,
      ownSize: Boolean(piece.there) || differs,
    }
  })

  const loans = rows(file.loans).map((loan): Row => {
    const piece = loan.returnedOn ? undefined : here.get(called(loan))
    const owner = loan.owner === '' && piece?.lentFrom ? piece.lentFrom : loan.owner
    return { ...loan, owner, pieceId: piece?.id ?? null }
  })
  // What was lent stood on the piece; it is on the list of what is borrowed, with everything else that goes back.
  const listed = new Set(loans.map((l) => l.pieceId))
  const lent = pieces.filter((p) => typeof p.lentFrom === 'string' && p.lentFrom !== '' && !listed.has(p.id))
  return {
    pieces: tied,
    options: options.map((o) => ({
      ...o,
      pieceId: (o.kind === 'owned' && here.get(called(o))?.id) || null,
    })),
    loans: [
      ...loans,
      ...lent.map((p) => ({
        id: `loan of ${String(p.id)}`,
        name: p.name,
        pieceId: p.id,
        owner: p.lentFrom,
        reason: 'from another room',
        takenOn: null,
        backOn: null,
        returnedOn: null,
        note: '',
      })),
    ],
  }
}
