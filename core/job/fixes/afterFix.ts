import { removalOf, type RowsByName } from '../../model/cascade.js'
import type { RowChange } from '../../model/changes.js'
import { prepared } from '../../model/prepared.js'
import type { JobSnapshot } from '../../model/snapshot.js'

/**
 * Changes with what they bring along: a row that goes takes with it what means nothing without it.
 * @returns undefined when one that goes may not
 */
export function withDependents(job: JobSnapshot, changes: readonly RowChange[]): RowChange[] | undefined {
  const gone = changes.filter((c) => 'remove' in c)
  if (gone.length === 0) return [...changes]
  const { changes: along, inTheWay } = removalOf(job as unknown as RowsByName, gone)
  return inTheWay.length > 0 ? undefined : [...changes.filter((c) => !('remove' in c)), ...along]
}

/**
 * The job as it would be after changes, by what the screen does itself (`prepared`). Rows that are added have no id of
 * their own yet. Lists in which nothing changed stay the same lists.
 *
 * @returns undefined when a row it changes is not there, or one that goes may not
 */
export function afterFix(job: JobSnapshot, changes: readonly RowChange[]): JobSnapshot | undefined {
  const whole = withDependents(job, changes)
  if (!whole) return undefined
  let added = 0
  const { after, missing } = prepared(job, whole, () => `added ${added++}`)
  return missing ? undefined : after
}
