import type { ComputedRef } from 'vue'
import { put, type RowChange } from '@bonitas/core/model/changes'
import { moveAlong, moveUp } from '@bonitas/core/stages/handover/shelfMoves'
import type { SetDown, Unit } from '@bonitas/core/stages/handover/stylingFacts'
import { usePageKeys, useStageKeys } from '../job/keys.js'
import { useJobStore } from '../job/jobStore.js'
import { arrowStep } from '../plan/arrows.js'
import { useOffView } from './useOffView.js'
import { t } from './words.js'

/** The thing in hand is moved by keys: along its shelf, to the next, laid flat, off view. */
export function useShelfKeys(
  unit: ComputedRef<Unit | undefined>,
  inHand: ComputedRef<SetDown | undefined>,
  step: (by: 1 | -1) => void,
): void {
  const store = useJobStore()
  const { takeOff } = useOffView()
  useStageKeys([
    ['[ ]', t('keyNext')],
    ['← →', t('keyAlong')],
    ['↑ ↓', t('keyUp')],
    ['L', t('keyLay')],
    [t('keyDelete'), t('keyOff')],
  ])
  usePageKeys((event) => {
    if (event.key === '[' || event.key === ']') return step(event.key === ']' ? 1 : -1)
    const [u, thing] = [unit.value, inHand.value]
    if (!u || !thing) return
    const act = (changes: readonly RowChange[], name: string) => {
      event.preventDefault()
      if (changes.length > 0) store.apply(changes, name)
    }
    const arrow = arrowStep(event, store.snapshot?.studio.system ?? 'metric')
    const name = t('moved', { name: thing.name })
    if (arrow && arrow.dx !== 0) return act(moveAlong(u, thing, arrow.dx), name)
    if (arrow) return act(moveUp(u, thing, arrow.dy < 0 ? 1 : -1), name)
    if (event.key === 'l' || event.key === 'L')
      return act(
        [put('shelfPlacements', thing.id, { lies: !thing.lies })],
        t('turnedName', { name: thing.name }),
      )
    if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault()
      takeOff(thing)
    }
  })
}
