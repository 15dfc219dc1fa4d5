import { firstRow } from '@bonitas/core/job/handover/firstRow'
import { entryOf as entryIn } from '@bonitas/core/job/handover/registerOf'
import { ROWS } from '@bonitas/core/model/registry'
import type { CareNote } from '@bonitas/core/model/rows/careNotes'
import type { FinishRecord } from '@bonitas/core/model/rows/finishRecords'
import type { RegisterEntry } from '@bonitas/core/model/rows/registerEntries'
import type { Ref } from '@bonitas/core/findings/finding'
import { useJobStore } from '../job/jobStore.js'

/** Rows of records that are begun with the first word said. */
export function useRecords() {
  const store = useJobStore()

  /** The entry of a thing, by its piece or its line. */
  const entryOf = (ref: Ref) => (store.snapshot ? entryIn(store.snapshot, ref) : undefined)
  function setEntry(ref: Ref, part: Partial<RegisterEntry>): void {
    const row = entryOf(ref)
    if (row) store.change('registerEntries', row.id, part)
    else
      store.add('registerEntries', {
        ...ROWS.registerEntries.blank(),
        ...{ pieceId: ref.kind === 'piece' ? ref.id : null, itemId: ref.kind === 'piece' ? null : ref.id },
        ...part,
      })
  }

  const recordOf = (finishId: string) =>
    firstRow((store.snapshot?.finishRecords ?? []).filter((r) => r.finishId === finishId))
  function setRecord(finishId: string, part: Partial<FinishRecord>): void {
    const row = recordOf(finishId)
    if (row) store.change('finishRecords', row.id, part)
    else store.add('finishRecords', { ...ROWS.finishRecords.blank(), finishId, ...part })
  }

  /** What is said of care that follows from the room, by its key; of a note of one's own by its row. */
  function setCare(
    care: { readonly key: string; readonly row: CareNote | undefined },
    part: Partial<CareNote>,
  ): void {
    if (care.row) store.change('careNotes', care.row.id, part)
    else store.add('careNotes', { ...ROWS.careNotes.blank(), key: care.key, ...part })
  }
  return { entryOf, setEntry, recordOf, setRecord, setCare }
}
