import { usePageKeys } from '../job/keys.js'
import type { useMoving } from './useMoving.js'

const STEP: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

type Act = (event: KeyboardEvent) => void

/**
 * The keys of the floor plan. Arrows move the piece in hand, or the one that has the focus; Enter and space take it
 * in hand.
 *
 * @param ofPage acts by their key, whatever is in hand
 * @param ofPiece acts by their key on the piece in hand
 */
export function useFloorKeys(
  moving: ReturnType<typeof useMoving>,
  inHand: { id: string | undefined },
  choose: (id: string, also: boolean) => void,
  ofPage: Readonly<Record<string, Act>>,
  ofPiece: Readonly<Record<string, Act>>,
): void {
  usePageKeys((event) => {
    const stand = (event.target as Element).closest<SVGGElement>('[data-stand]')?.dataset.stand
    const key = event.key.toLowerCase()
    if (ofPage[key]) {
      event.preventDefault()
      ofPage[key](event)
      return
    }
    const id = stand ?? inHand.id
    const s = moving.of(id)
    if (!id || !s) return
    if ((key === 'enter' || key === ' ') && stand) {
      event.preventDefault()
      choose(stand, event.shiftKey)
      return
    }
    inHand.id = id
    const arrow = STEP[event.key]
    const by = event.shiftKey ? 100 : 10
    if (arrow || ofPiece[key]) event.preventDefault()
    if (arrow && !s.piece.stays) moving.step(id, arrow[0] * by, arrow[1] * by)
    ofPiece[key]?.(event)
  })
}
