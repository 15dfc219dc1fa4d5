import type { RowChange } from '@bonitas/core/model/changes'
import { put } from '@bonitas/core/model/changes'
import type { SetDown } from '@bonitas/core/stages/handover/stylingFacts'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** Takes things off view and puts them back: off display is not discarded. */
export function useOffView() {
  const store = useJobStore()

  /** Off its shelf, kept in the job and marked as not to be on view; where it is kept is asked beside it. */
  function takeOff(thing: Pick<SetDown, 'id' | 'pieceId' | 'name' | 'setDown' | 'count'>): void {
    const piece = store.snapshot?.pieces.find((p) => p.id === thing.pieceId)
    if (!piece) return
    const changes: RowChange[] = [{ collection: 'shelfPlacements', id: thing.id, remove: true }]
    // Of a set some may stay: only what is nowhere on view any more is off it.
    if (thing.setDown <= thing.count && !piece.traits.includes('not to be on view'))
      changes.push(put('pieces', piece.id, { traits: [...piece.traits, 'not to be on view'] }))
    store.apply(changes, t('takenOffView', { name: thing.name }))
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
