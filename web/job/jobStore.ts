import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { ValidationError } from 'yup'
import { SCHEMAS, SINGLE, type Collection, type Rows } from '@bonitas/core/model/registry'
import { dependents } from '@bonitas/core/job/dependents'
import { deriveJob } from '@bonitas/core/job/derive'
import type { derivePlan } from '@bonitas/core/job/derivePlan'
import type { judgeJob } from '@bonitas/core/job/judgeJob'
import { whole, type SentJob } from '@bonitas/core/model/sparse'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import type { JudgedFinding, Mend, RowChange } from '@bonitas/core/findings/finding'
import { request } from '../api/http.js'
import { EditQueue, type Conflict } from './editQueue.js'
import { onceDrawn } from './onceDrawn.js'
import { fieldsOf, inverse, rowOf, withRow, type Edit, type Row } from './edits.js'

const UNDO_DEPTH = 200

const today = () => {
  const now = new Date()
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10)
}

/** The job on the bench: its rows, what is derived from them, and the edits on their way to the server. */
export const useJobStore = defineStore('job', () => {
  const snapshot = shallowRef<JobSnapshot>()
  const day = ref(today())
  const derived = computed(() => snapshot.value && deriveJob(snapshot.value, day.value))
  /** What the rule book noticed, found once the change it follows has been drawn; undefined until the first time. */
  const findings = shallowRef<readonly JudgedFinding[]>()
  const find = onceDrawn(() => void judge())
  watch(derived, find)
  let rules: { readonly judgeJob: typeof judgeJob } | undefined
  /** The rules come after the page; if they cannot be fetched now, the next change asks again. */
  async function judge(): Promise<void> {
    rules ??= await import('@bonitas/core/job/judgeJob').catch(() => undefined)
    const [job, facts] = [snapshot.value, derived.value]
    if (rules) findings.value = job && facts ? rules.judgeJob(job, facts, day.value) : undefined
  }
  // The code of the plan is heavy and needed by its own pages and one line of text: it comes after the page.
  const planCode = shallowRef<{ readonly derivePlan: typeof derivePlan }>()
  const plan = computed(
    () => snapshot.value && derived.value && planCode.value?.derivePlan(snapshot.value, derived.value),
  )
  /** Fetches what derives the plan, once. */
  async function needPlan(): Promise<void> {
    planCode.value ??= await import('@bonitas/core/job/derivePlan')
  }
  const waiting = ref(0)
  const gone = ref(false)
  const signedOut = ref(false)
  const refusal = ref('')
  const conflict = shallowRef<Conflict>()
  const undoStack = shallowRef<readonly (readonly Edit[])[]>([])
  const redoStack = shallowRef<readonly (readonly Edit[])[]>([])
  let queue: EditQueue | undefined

  function show(edit: Edit): void {
    if (snapshot.value) snapshot.value = withRow(snapshot.value, edit.collection, edit.id, edit.after)
  }

  /** Opens a job, and takes up edits that an earlier page could not deliver. */
  async function open(jobId: string): Promise<void> {
    if (snapshot.value?.brief.id !== jobId) close()
    const loaded = whole(await request<SentJob>(`/jobs/${jobId}?sparse`))
    day.value = today()
    snapshot.value = loaded
    if (queue) {
      queue.edits.forEach(show)
      return
    }
    queue = new EditQueue(
      jobId,
      {
        kept(edit, row) {
          if (!snapshot.value) return
          const now = rowOf(snapshot.value, edit.collection, edit.id)
          // Later edits of the same row are already on screen; only the version is news.
          if (row && now)
            snapshot.value = withRow(snapshot.value, edit.collection, edit.id, {
              ...now,
              version: row.version ?? 1,
            })
        },
        refused(edit, problem) {
          refusal.value = problem.errors.map((e) => e.text).join(' ') || problem.detail
          show(inverse(edit))
          undoStack.value = undoStack.value.filter((group) => !group.includes(edit))
        },
        conflict: (met) => (conflict.value = met),
        state(n, isGone) {
          waiting.value = n
          gone.value = isGone
        },
        signedOut: () => (signedOut.value = true),
      },
      localStorage,
    )
    queue.restore().forEach(show)
    queue.nudge()
  }

  function close(): void {
    queue?.stop()
    queue = undefined
    snapshot.value = undefined
    findings.value = undefined
    undoStack.value = []
    redoStack.value = []
    conflict.value = undefined
    refusal.value = ''
    signedOut.value = false
  }

  function commit(edits: readonly Edit[], remember = true): void {
    if (edits.length === 0) return
    refusal.value = ''
    for (const edit of edits) {
      show(edit)
      queue?.push(edit)
    }
    if (remember) {
      undoStack.value = [...undoStack.value, edits].slice(-UNDO_DEPTH)
      redoStack.value = []
    }
  }

  /** What is wrong with a row, by field; empty when it may be kept. The same schema as on the server. */
  function faultsOf(collection: Collection, row: Row): Record<string, string> {
    try {
      SCHEMAS[collection]().validateSync(fieldsOf(row), { abortEarly: false })
      return {}
    } catch (error) {
      if (!(error instanceof ValidationError)) throw error
      const inner = error.inner.length > 0 ? error.inner : [error]
      return Object.fromEntries(inner.map((e) => [e.path ?? '', e.message]))
    }
  }

  function changeOf(
    collection: Collection,
    id: string,
    set: Readonly<Record<string, unknown>>,
  ): Edit | undefined {
    const before = snapshot.value && rowOf(snapshot.value, collection, id)
    if (!before) return undefined
    const after = { ...before, ...set }
    return JSON.stringify(before) === JSON.stringify(after)
      ? undefined
      : { collection, id: before.id, before, after }
  }

  /** Changes fields of a row; undone as one step. */
  function change<C extends Collection>(collection: C, id: string, set: Partial<Rows[C]>): void {
    const edit = changeOf(collection, id, set)
    if (edit) commit([edit])
  }

  /** Adds a row and returns its id. */
  function add<C extends Collection>(collection: C, fields: Omit<Rows[C], 'id'>): string {
    const id = crypto.randomUUID()
    commit([{ collection, id, before: null, after: { ...fields, id } }])
    return id
  }

  /** Several rows at once, undone as one step. A later row may name an earlier one by the id given here. */
  function addAll(
    rows: readonly { collection: Collection; id: string; fields: Readonly<Record<string, unknown>> }[],
  ): void {
    commit(
      rows.map(({ collection, id, fields }) => ({ collection, id, before: null, after: { ...fields, id } })),
    )
  }

  function editsOf(c: RowChange): Edit[] {
    const collection = c.collection as Collection
    if ('add' in c) {
      const id = typeof c.add.id === 'string' ? c.add.id : crypto.randomUUID()
      return [{ collection, id, before: null, after: { ...c.add, id } }]
    }
    const id = SINGLE.has(collection) ? (snapshot.value?.[collection as 'brief'].id ?? '') : c.id
    if ('set' in c) return [changeOf(collection, id, c.set) ?? []].flat()
    const before = snapshot.value && rowOf(snapshot.value, collection, id)
    return before ? [{ collection, id: before.id, before, after: null }] : []
  }

  /** Takes a row out, with what means nothing without it. */
  function remove(collection: Collection, id: string): void {
    const before = snapshot.value && rowOf(snapshot.value, collection, id)
    if (!before || !snapshot.value) return
    const along = dependents(snapshot.value, collection, id).flatMap(editsOf)
    const edits = [...along, { collection, id, before, after: null }]
    // A picture that is gone cannot be brought back, so its removal, alone or with its paper, is no step to undo.
    commit(edits, !edits.some((e) => e.collection === 'photos'))
  }

  /** Shows a row that the server made by itself, an uploaded photo: nothing is sent. */
  function take(collection: Collection, row: Row): void {
    if (snapshot.value) snapshot.value = withRow(snapshot.value, collection, row.id, row)
  }

  /** Several changes of several rows as one step: set, taken out, or added. Returns the ids of the rows added. */
  function apply(changes: readonly RowChange[]): string[] {
    const edits = changes.flatMap(editsOf)
    commit(edits)
    return edits.filter((e) => e.before === null).map((e) => e.id)
  }

  const applyMend = (mend: Mend): void => void apply(mend.changes)

  function accept(finding: JudgedFinding, reason: string): void {
    add('acceptances', { finding: finding.key, facts: finding.facts, reason })
  }

  /** The edit with the versions that stand now: what is undone may have been kept since. */
  function current(edit: Edit): Edit {
    const now = snapshot.value && rowOf(snapshot.value, edit.collection, edit.id)
    const version = now?.version
    return {
      ...edit,
      before: edit.before && { ...edit.before, ...(version === undefined ? {} : { version }) },
    }
  }

  function undo(): void {
    const group = undoStack.value[undoStack.value.length - 1]
    if (!group) return
    undoStack.value = undoStack.value.slice(0, -1)
    redoStack.value = [...redoStack.value, group]
    commit([...group].reverse().map(inverse).map(current), false)
  }

  function redo(): void {
    const group = redoStack.value[redoStack.value.length - 1]
    if (!group) return
    redoStack.value = redoStack.value.slice(0, -1)
    undoStack.value = [...undoStack.value, group]
    commit(group.map(current), false)
  }

  /** Ends a conflict with the row chosen, or with the newer one. */
  function settle(choice: Row | null | 'theirs'): void {
    const met = conflict.value
    if (!met || !snapshot.value) return
    const { collection, id } = met.pending.edit
    const row = choice === 'theirs' ? met.theirs : choice && { ...choice, version: met.theirs?.version ?? 1 }
    snapshot.value = withRow(snapshot.value, collection, id, row)
    conflict.value = undefined
    queue?.resolve(met, choice === 'theirs' ? 'theirs' : row)
  }

  /**
   * A money act. Edits go first, so that the server orders what the screen shows; then the job is read anew.
   * @param key the same for every try of one act: however often it is sent, it is done once
   */
  async function act(path: string, body: unknown, key: string): Promise<void> {
    const jobId = snapshot.value?.brief.id ?? ''
    await queue?.flush()
    await request(`/jobs/${jobId}/${path}`, { method: 'POST', body, headers: { 'Idempotency-Key': key } })
    await open(jobId)
  }

  const nudge = () => queue?.nudge()

  return {
    snapshot,
    derived,
    findings,
    plan,
    needPlan,
    day,
    waiting,
    gone,
    signedOut,
    refusal,
    conflict,
    undoStack,
    redoStack,
    open,
    close,
    faultsOf,
    change,
    add,
    addAll,
    remove,
    apply,
    take,
    applyMend,
    accept,
    undo,
    redo,
    settle,
    act,
    nudge,
  }
})
