import { rowOf, withRows, writtenBy } from './applyChanges.js'
import { alike, type Change, type Row, type RowChange } from './changes.js'
import { proposed, proposedBy } from './proposed.js'
import { rowDef, SINGLE } from './registry.js'
import type { JobSnapshot } from './snapshot.js'
import { toHolder } from './toHolder.js'
import type { Did } from './undo.js'

export interface Prepared {
  readonly changes: readonly Change[]
  /** What they do to the job as it is shown: what undo needs until the server has answered. */
  readonly did: readonly Did[]
  /** The job as it is then. */
  readonly after: JobSnapshot
  /** A row that was to be changed or taken out is not there. */
  readonly missing: boolean
}

/**
 * What a screen or a fix wants changed, as it is sent: in the row that holds it, each field with what it holds now, fields
 * that do not change left out, new rows with an id.
 *
 * @param newId makes the id of a row that is added without one
 */
export function prepared(job: JobSnapshot, wanted: readonly RowChange[], newId: () => string): Prepared {
  const changes: Change[] = []
  const did: Did[] = []
  let now = job
  let missing = false
  for (const wish of wanted)
    for (const held of toHolder(now, wish)) {
      if (!('add' in held) && !rowOf(now, held.collection, held.id)) missing = true
      const change = toChange(now, held, newId)
      const written = change && writtenBy(now, change)
      if (!change || !written) continue
      const { collection, id, row } = written
      did.push({ collection, id, before: rowOf(now, collection, id) ?? null, after: row })
      changes.push({ ...change, id })
      now = withRows(now, [written])
    }
  return { changes, did, after: now, missing }
}

function toChange(job: JobSnapshot, wish: RowChange, newId: () => string): Change | undefined {
  const { collection } = wish
  if ('add' in wish) {
    const id = wish.add.id ?? newId()
    const { version: _v, ...row } = { ...rowDef(collection).blank(), ...wish.add, id } as Row
    return { collection, id, add: { ...row, ...proposed(collection, row) } }
  }
  const id = SINGLE.has(collection) ? job[collection as 'brief'].id : wish.id
  const now = rowOf(job, collection, id)
  if (!now) return undefined
  if ('remove' in wish) return { collection, id, remove: true, seen: Number(now.version ?? 1) }
  const set = Object.fromEntries(
    Object.entries({ ...proposedBy(collection, now, wish.set), ...wish.set }).filter(
      ([f, v]) => !alike(now[f], v),
    ),
  )
  if (Object.keys(set).length === 0) return undefined
  return { collection, id, set, was: Object.fromEntries(Object.keys(set).map((f) => [f, now[f] ?? null])) }
}
