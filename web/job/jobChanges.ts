import type { Ref } from 'vue'
import { ValidationError } from 'yup'
import type { JudgedFinding } from '@bonitas/core/findings/finding'
import type { SafeFix } from '@bonitas/core/job/fixes/checkFixes'
import { withDependents } from '@bonitas/core/job/fixes/afterFix'
import { put, type RowChange } from '@bonitas/core/model/changes'
import { prepared } from '@bonitas/core/model/prepared'
import { rowDef, type Collection, type Rows } from '@bonitas/core/model/registry'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { fieldsOf, type Row } from './edits.js'
import { groupName, type Group } from './groups.js'
import type { JobLink } from './jobLink.js'

/** What is wrong with a row, by field; empty when it may be kept. The same schema as on the server. */
export function faultsOf(collection: Collection, row: Row): Record<string, string> {
  try {
    rowDef(collection).schema().validateSync(fieldsOf(row), { abortEarly: false })
    return {}
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error
    const inner = error.inner.length > 0 ? error.inner : [error]
    return Object.fromEntries(inner.map((e) => [e.path ?? '', e.message]))
  }
}

/** Changing rows of the job: each call is one group, shown at once, written whole or not at all, undone as one step. */
export function jobChanges(
  link: JobLink,
  page: {
    readonly stored: Ref<JobSnapshot | undefined>
    readonly stage: Ref<string>
    readonly said: Ref<string>
    readonly refusal: Ref<string>
    readonly day: Ref<string>
    /** The name of the member who is signed in. */
    readonly who: () => string
  },
) {
  /** Sends changes as one group. Returns the ids of the rows added. */
  function commit(
    wanted: readonly RowChange[],
    more: { readonly name?: string; readonly removing?: Group['removing'] } = {},
  ): string[] {
    const job = page.stored.value
    if (!job) return []
    const { changes, did } = prepared(job, wanted, () => crypto.randomUUID())
    if (changes.length === 0) return []
    page.refusal.value = ''
    page.said.value = ''
    const group: Group = {
      key: crypto.randomUUID(),
      name: more.name ?? groupName(did, job),
      at: page.stage.value,
      changes,
      ...(more.removing ? { removing: more.removing } : {}),
    }
    if (!link.send(group)) return []
    link.history?.did({ key: group.key, name: group.name, at: group.at, did })
    return changes.flatMap((c) => ('add' in c ? [c.id] : []))
  }

  /** Changes fields of a row. */
  function change<C extends Collection>(collection: C, id: string, set: Partial<Rows[C]>): void {
    commit([put(collection, id, set)])
  }

  /** Adds a row and returns its id. */
  function add<C extends Collection>(collection: C, fields: Omit<Rows[C], 'id'>): string {
    const id = crypto.randomUUID()
    commit([{ collection, add: { ...fields, id } } as unknown as RowChange])
    return id
  }

  /** Several rows at once. A later row may name an earlier one by the id given here. */
  function addAll(
    rows: readonly { collection: Collection; id: string; fields: Readonly<Record<string, unknown>> }[],
  ): void {
    commit(
      rows.map(
        ({ collection, id, fields }) => ({ collection, add: { ...fields, id } }) as unknown as RowChange,
      ),
    )
  }

  /** Several changes of several rows: set, taken out, or added. Returns the ids of the rows added. */
  const apply = (changes: readonly RowChange[], name?: string): string[] =>
    commit(changes, name === undefined ? {} : { name })

  /** Does a way out that was tried, as it was done to the copy. */
  function applyFix({ fix }: Pick<SafeFix, 'fix'>): void {
    const changes = page.stored.value && withDependents(page.stored.value, fix.changes)
    if (changes) apply(changes, fix.label)
  }

  function accept(finding: JudgedFinding, reason: string): void {
    add('acceptances', {
      finding: finding.key,
      facts: finding.facts,
      reason,
      by: page.who(),
      on: page.day.value,
    })
  }

  return { commit, change, add, addAll, apply, applyFix, accept }
}
