import { put } from '@bonitas/core/model/changes'
import { takenOff } from '@bonitas/core/stages/handover/rules/places'
import type { SetDown } from '@bonitas/core/stages/handover/stylingFacts'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** Takes things off view and puts them back: off display is not discarded. */
export function useOffView() {
  const store = useJobStore()

  /** Off its shelf, kept in the job and marked as not to be on view; where it is kept is asked beside it. */
  function takeOff(thing: SetDown): void {
    store.apply(takenOff(thing), t('takenOffView', { name: thing.name }))
  }

  /** On view again: it waits to be put on a shelf. */
  function putBack(pieceId: string): void {
    const piece = store.snapshot?.pieces.find((p) => p.id === pieceId)
    if (piece)
      store.apply(
        [put('pieces', piece.id, { traits: piece.traits.filter((x) => x !== 'not to be on view') })],
        t('mayBeOnView', { name: piece.name }),
      )
  }
  return { takeOff, putBack }
}
