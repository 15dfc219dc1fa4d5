import { ceilDiv, DUST_MM, floorDiv, type Face } from '../trade.js'
import type { Paper } from './drops.js'

/** Squares cut from a roll and hung turned by turns, with the strips that close the edges. */
export function paperSquares(face: Pick<Face, 'widthMm' | 'heightMm'>, paper: Paper, squareMm: number) {
  const perRoll = floorDiv(paper.lengthMm, squareMm) * Math.max(1, floorDiv(paper.widthMm, squareMm))
  const [columns, rows] = [floorDiv(face.widthMm, squareMm), floorDiv(face.heightMm, squareMm)]
  const [restX, restY] = [face.widthMm - columns * squareMm, face.heightMm - rows * squareMm]
  // Strips for the right edge and the foot, so many from one square; the corner comes from a strip that is over.
  const strips = (count: number, wideMm: number) =>
    wideMm < DUST_MM ? { squares: 0, over: 0 } : stripsOf(count, floorDiv(squareMm, wideMm))
  const [side, foot] = [strips(rows, restX), strips(columns, restY)]
  const corner = restX > DUST_MM && restY > DUST_MM && side.over + foot.over === 0 ? 1 : 0
  const edge = side.squares + foot.squares + corner
  return {
    perRoll,
    columns,
    rows,
    whole: columns * rows,
    edge,
    rolls: ceilDiv(columns * rows + edge, perRoll),
  }
}

const stripsOf = (count: number, perSquare: number) => {
  const squares = ceilDiv(count, Math.max(1, perSquare))
  return { squares, over: squares * Math.max(1, perSquare) - count }
}
