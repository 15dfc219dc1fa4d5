import type { Piece } from './rows/pieces.js'

/** True for a piece that will be seen when the room is done: not one that moves out or is let go. */
export const inRoom = (piece: Pick<Piece, 'verdict'>): boolean =>
  piece.verdict !== 'let go' && piece.verdict !== 'move'
