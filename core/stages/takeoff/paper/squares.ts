import { ceilDiv, DUST_MM, floorDiv, type DrawnPart, type Face } from '../trade.js'
import type { Paper } from './drops.js'

type Laid = Pick<Face, 'widthMm' | 'heightMm'> & Partial<Pick<Face, 'holes'>>

/**
 * Squares cut from a roll and hung turned by turns from the upper left, with the strips that close the edges. What would lie
 * wholly in an opening is not cut; what an opening only bites into is cut whole.
 */
export function paperSquares(face: Laid, paper: Paper, squareMm: number) {
  const perRoll = floorDiv(paper.lengthMm, squareMm) * Math.max(1, floorDiv(paper.widthMm, squareMm))
  const [columns, rows] = [floorDiv(face.widthMm, squareMm), floorDiv(face.heightMm, squareMm)]
  const [restX, restY] = [face.widthMm - columns * squareMm, face.heightMm - rows * squareMm]
  const cells = squareCells(face, squareMm)
  const hung = (column: 'whole' | 'rest', row: 'whole' | 'rest') =>
    cells.filter((c) => c.column < columns === (column === 'whole') && c.row < rows === (row === 'whole'))
      .length
  // Strips for the right edge and the foot, so many from one square; the corner comes from a strip that is over.
  const strips = (count: number, wideMm: number) =>
    count === 0 || wideMm < DUST_MM
      ? { squares: 0, over: 0 }
      : stripsOf(count, Math.max(1, floorDiv(squareMm, wideMm)))
  const [side, foot] = [strips(hung('rest', 'whole'), restX), strips(hung('whole', 'rest'), restY)]
  const corner = hung('rest', 'rest') > 0 && side.over + foot.over === 0 ? 1 : 0
  const edge = side.squares + foot.squares + corner
  const whole = hung('whole', 'whole')
  return {
    perRoll,
    columns,
    rows,
    whole,
    /** Squares that would lie wholly in an opening. */
    inOpenings: columns * rows - whole,
    edge,
    rolls: ceilDiv(whole + edge, perRoll),
  }
}

const stripsOf = (count: number, perSquare: number) => {
  const squares = ceilDiv(count, perSquare)
  return { squares, over: squares * perSquare - count }
}

interface Cell {
  readonly column: number
  readonly row: number
  readonly xMm: number
  readonly yMm: number
  readonly widthMm: number
  readonly heightMm: number
}

/** Every square that hangs, from the upper left, the edges cut to what is left of the wall. */
function squareCells({ widthMm, heightMm, holes = [] }: Laid, side: number): Cell[] {
  const [columns, rows] = [ceilDiv(widthMm, side), ceilDiv(heightMm, side)]
  return Array.from({ length: columns * rows }, (_, i): Cell => {
    const [column, row] = [i % columns, Math.floor(i / columns)]
    const [xMm, yMm] = [column * side, row * side]
    return {
      ...{ column, row, xMm, yMm },
      widthMm: Math.min(side, widthMm - xMm),
      heightMm: Math.min(side, heightMm - yMm),
    }
  }).filter(
    (c) =>
      !holes.some(
        (h) =>
          h.startMm <= c.xMm + DUST_MM &&
          h.startMm + h.widthMm >= c.xMm + c.widthMm - DUST_MM &&
          heightMm - h.topMm <= c.yMm + DUST_MM &&
          heightMm - h.bottomMm >= c.yMm + c.heightMm - DUST_MM,
      ),
  )
}

/** Every square as it is drawn: upright and turned by turns. */
export const squaresOn = (face: Laid, side: number): DrawnPart[] =>
  squareCells(face, side).map(({ column, row, ...cell }) => ({
    ...cell,
    label: (column + row) % 2 === 0 ? '↕' : '↔',
    use: cell.widthMm < side - DUST_MM || cell.heightMm < side - DUST_MM ? 'spare' : 'used',
  }))
