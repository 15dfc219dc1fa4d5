import { toHolder } from '@bonitas/core/model/toHolder'
import { rowOf, withRows, writtenBy } from '@bonitas/core/model/applyChanges'
import { alike, type Change, type Row, type RowChange } from '@bonitas/core/model/changes'
import { plainName, type RowsByName } from '@bonitas/core/model/cascade'
import { rowDef, SINGLE } from '@bonitas/core/model/registry'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import type { Did } from '@bonitas/core/model/undo'

/** Changes that are done together or not at all, under a key of their own, so that sent twice they are done once. */
export interface Group {
  readonly key: string
  /** What it does, as undo says it: "changed width of Settee". */
  readonly name: string
  /** The stage it was made on: undo acts on what is in sight. */
  readonly at: string
  readonly changes: readonly Change[]
  /** It takes back an earlier one: refused, it asks nothing and leaves things as they are. */
  readonly undoes?: boolean
  /** The rows a person asked to have taken out; whatever else goes follows from these. */
  readonly removing?: readonly { readonly collection: string; readonly id: string }[]
}

export interface Prepared {
  readonly changes: readonly Change[]
  /** What they do to the job as it is shown: what undo needs until the server has answered. */
  readonly did: readonly Did[]
}

/**
 * What a screen or a fix wants changed, as it is sent: in the row that holds it, each field with what it holds now, fields
 * that do not change left out, new rows with an id.
 */
export function prepared(job: JobSnapshot, wanted: readonly RowChange[]): Prepared {
  const changes: Change[] = []
  const did: Did[] = []
  let now = job
  for (const wish of wanted)
    for (const held of toHolder(now, wish)) {
      const change = toChange(now, held)
      const written = change && writtenBy(now, change)
      if (!change || !written) continue
      const { collection, id, row } = written
      did.push({ collection, id, before: rowOf(now, collection, id) ?? null, after: row })
      changes.push({ ...change, id })
      now = withRows(now, [written])
    }
  return { changes, did }
}

function toChange(job: JobSnapshot, wish: RowChange): Change | undefined {
  const { collection } = wish
  if ('add' in wish) {
    const id = wish.add.id ?? crypto.randomUUID()
    const { version: _v, ...row } = { ...rowDef(collection).blank(), ...wish.add, id } as Row
    return { collection, id, add: row }
  }
  const id = SINGLE.has(collection) ? job[collection as 'brief'].id : wish.id
  const now = rowOf(job, collection, id)
  if (!now) return undefined
  if ('remove' in wish) return { collection, id, remove: true, seen: Number(now.version ?? 1) }
  const set = Object.fromEntries(Object.entries(wish.set).filter(([f, v]) => !alike(now[f], v)))
  if (Object.keys(set).length === 0) return undefined
  return { collection, id, set, was: Object.fromEntries(Object.keys(set).map((f) => [f, now[f] ?? null])) }
}

/** What a group does, in the words undo says it with. */
export function groupName(did: readonly Did[], job?: JobSnapshot): string {
  const removed = did.filter((d) => d.after === null)
  const added = did.filter((d) => d.before === null)
  const named = ({ collection, before, after }: Did) =>
    plainName(
      collection,
      (before ?? after ?? { id: '' }) as Row & { id: string },
      job as unknown as RowsByName,
    )
  const more = (list: readonly Did[]) => (list.length > 1 ? ` and ${list.length - 1} more` : '')
  // What was asked for is removed last, after what goes along with it.
  const last = removed.at(-1)
  if (last && added.length === 0) return `removed ${named(last)}`
  const [first] = added
  if (first) return `added ${named(first)}${more(added)}`
  const [changed] = did
  if (!changed) return 'nothing'
  const fields = Object.keys(changed.after ?? {}).filter(
    (f) => f !== 'version' && !alike(changed.before?.[f], changed.after?.[f]),
  )
  const label = fields.length === 1 ? rowDef(changed.collection).fields[fields[0] ?? '']?.label : undefined
  return `changed ${label ? `${label.toLowerCase()} of ` : ''}${named(changed)}${more(did)}`
}
