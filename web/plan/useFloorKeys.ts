import { usePageKeys } from '../job/keys.js'
import { arrowStep } from './arrows.js'
import type { useMoving } from './useMoving.js'

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
    const step = arrowStep(event)
    if (step || ofPiece[key]) event.preventDefault()
    if (step && !s.piece.stays) moving.step(id, step.dx, step.dy)
    ofPiece[key]?.(event)
  })
}
