import { shallowRef, type Ref } from 'vue'
import { rowOf } from '@bonitas/core/model/applyChanges'
import { plainName, removalOf, type InTheWay, type RowsByName } from '@bonitas/core/model/cascade'
import type { RowChange } from '@bonitas/core/model/changes'
import type { Collection } from '@bonitas/core/model/registry'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'

type Removing = readonly { readonly collection: Collection; readonly id: string }[]

/** A removal that cannot be done unasked, with what can be done about it. */
export interface Blocked {
  /** What was to be removed, by name. */
  readonly name: string
  readonly inTheWay: readonly InTheWay[]
  readonly removing: Removing
  /** What taking it all out would change; undefined when something of the ledger holds it. */
  readonly along: readonly RowChange[] | undefined
}

/**
 * Taking rows out, with what means nothing without them.
 *
 * @param commit sends the changes of a removal
 */
export function jobRemovals(
  stored: Ref<JobSnapshot | undefined>,
  refusal: Ref<string>,
  commit: (changes: readonly RowChange[], more: { readonly removing: Removing }) => void,
) {
  const blocked = shallowRef<Blocked>()

  /** Looks what a removal brings with it, and asks where it cannot be done unasked. */
  function ask(removing: Removing): readonly RowChange[] | undefined {
    if (!stored.value) return undefined
    const job = stored.value as unknown as RowsByName
    const { changes, inTheWay } = removalOf(job, removing)
    if (inTheWay.length === 0) return changes
    const along = removalOf(job, removing, true)
    const [first] = removing
    const row = first && rowOf(stored.value, first.collection, first.id)
    blocked.value = {
      name: first && row ? plainName(first.collection, row) : '',
      inTheWay,
      removing,
      along: along.inTheWay.length === 0 ? along.changes : undefined,
    }
    return undefined
  }

  /** Takes a row out with what means nothing without it; asks first when something else still needs it. */
  function remove(collection: Collection, id: string): void {
    if (!stored.value || !rowOf(stored.value, collection, id)) return
    const removing = [{ collection, id }]
    const changes = ask(removing)
    if (changes) commit(changes, { removing })
  }

  /** Ends the question about a removal: takes along what stood in the way, or leaves all as it is. */
  function settleBlocked(takeAlong: boolean): void {
    const met = blocked.value
    blocked.value = undefined
    refusal.value = ''
    if (met?.along && takeAlong) commit(met.along, { removing: met.removing })
  }

  return { blocked, ask, remove, settleBlocked }
}
