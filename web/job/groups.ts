import { alike, type Change, type Row } from '@bonitas/core/model/changes'
import { plainName, type RowsByName } from '@bonitas/core/model/cascade'
import { rowDef } from '@bonitas/core/model/registry'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import type { Did } from '@bonitas/core/model/undo'
import { t } from './words.js'

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
  const more = (list: readonly Did[]) => (list.length > 1 ? t('andListMore', { list: list.length - 1 }) : '')
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
