import { usePageKeys } from '../job/keys.js'
import { arrowStep } from './arrows.js'
import type { useMoving } from './useMoving.js'
import { saysNow } from '../form/useLocale.js'
import { t } from './words.js'

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
    const step = arrowStep(event, saysNow().system)
    if (step || ofPiece[key]) event.preventDefault()
    if (step && !s.piece.stays) moving.step(id, step.dx, step.dy)
    ofPiece[key]?.(event)
  })
}

/** The keys of the floor, for the list of keys; `step` and `far` are what an arrow moves by. */
export const floorKeys = (step: string, far: string): readonly (readonly [string, string])[] => [
  [
    t('arrows'),
    t('moveTheChosenPieceStep', {
      step,
      far,
    }),
  ],
  ['R', t('turnByAQuarterWith')],
  ['W', t('toTheNearestWall')],
  ['C', t('toTheMiddleOfIts')],
  ['M', t('mirrorLeftAndRight')],
  ['O', t('extendBedsAndFoldThem')],
  ['[ and ]', t('previousAndNextPiece')],
  ['N', t('theNextPieceThatIs')],
  ['T', t('printTheFloorTapeOut')],
  ['P', t('proposeArrangements2')],
  ['+ − 0', t('bringThePlanNearer')],
  ['Delete', t('takeItOutOfThe')],
]
