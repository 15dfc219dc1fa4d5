import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { ValidationError } from 'yup'
import { rowOf, withChanges, withRows } from '@bonitas/core/model/applyChanges'
import { put, type Change, type RowChange } from '@bonitas/core/model/changes'
import { plainName, removalOf, type InTheWay, type RowsByName } from '@bonitas/core/model/cascade'
import { MODEL_HASH } from '@bonitas/core/model/hash'
import { rowDef, type Collection, type Rows } from '@bonitas/core/model/registry'
import { whole, type SentJob } from '@bonitas/core/model/sparse'
import { oneThing } from '@bonitas/core/model/oneThing'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { inverseOf, type Did } from '@bonitas/core/model/undo'
import { deriveJob } from '@bonitas/core/job/derive'
import type { derivePlan } from '@bonitas/core/job/derivePlan'
import type { judgeJob } from '@bonitas/core/job/judgeJob'
import type { JudgedFinding, Fix } from '@bonitas/core/findings/finding'
import { request, type ApiProblem } from '../api/http.js'
import { ChangeQueue, type Conflict } from './changeQueue.js'
import { fieldsOf, type Row } from './edits.js'
import { groupName, prepared, type Group } from './groups.js'
import { History, isAct, type Step } from './history.js'
import { listenTo } from './live.js'
import { afterPaint } from './afterPaint.js'
import { adoptWaiting, thisTab, waitingKey } from './tab.js'

/** A removal that cannot be done unasked, with what can be done about it. */
export interface Blocked {
  /** What was to be removed, by name. */
  readonly name: string
  readonly inTheWay: readonly InTheWay[]
  readonly removing: readonly { readonly collection: Collection; readonly id: string }[]
  /** What taking it all out would change; undefined when something of the ledger holds it. */
  readonly along: readonly RowChange[] | undefined
}

const today = () => {
  const now = new Date()
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10)
}

/** The job on the bench: its rows, what is derived from them, and the edits on their way to the server. */
export const useJobStore = defineStore('job', () => {
  /** The rows as they are stored, with what waits. */
  const stored = shallowRef<JobSnapshot>()
  /** The same with every fact of a thing where it is read; what is changed goes to the row that holds it. */
  const snapshot = computed({
    get: () => stored.value && oneThing(stored.value),
    set: (job) => void (stored.value = job),
  })
  const day = ref(today())
  const derived = computed(() => stored.value && deriveJob(stored.value, day.value))
  /** What the rule book noticed, found once the change it follows has been drawn; undefined until the first time. */
  const findings = shallowRef<readonly JudgedFinding[]>()
  const find = afterPaint(() => void judge())
  watch(derived, find)
  let rules: { readonly judgeJob: typeof judgeJob } | undefined
  /** The rules come after the page; if they cannot be fetched now, the next change asks again. */
  async function judge(): Promise<void> {
    rules ??= await import('@bonitas/core/job/judgeJob').catch(() => undefined)
    const [job, facts] = [stored.value, derived.value]
    if (rules) findings.value = job && facts ? rules.judgeJob(job, facts, day.value) : undefined
  }
  // The code of the plan is heavy and needed by its own pages and one line of text: it comes after the page.
  const planCode = shallowRef<{ readonly derivePlan: typeof derivePlan }>()
  const plan = computed(
    () => stored.value && derived.value && planCode.value?.derivePlan(stored.value, derived.value),
  )
  /** Fetches what derives the plan, once. */
  async function needPlan(): Promise<void> {
    planCode.value ??= await import('@bonitas/core/job/derivePlan')
  }
  const waiting = ref(0)
  const gone = ref(false)
  const signedOut = ref(false)
  const refusal = ref('')
  /** What undo and redo just did, and where: said for a while. */
  const said = ref('')
  /** The server describes rows otherwise than this page: it is to be loaded anew. */
  const outdated = ref(false)
  const conflict = shallowRef<Conflict>()
  const blocked = shallowRef<Blocked>()
  /** The stage in sight: undo acts on what was done there. */
  const stage = ref('')
  /** The job as the server has it, without what is still on its way. */
  let base: JobSnapshot | undefined
  let queue: ChangeQueue | undefined
  let history: History | undefined
  let listening: (() => void) | undefined
  /** Counts the jobs opened and closed: what was asked for an earlier one comes too late. */
  let visit = 0
  /** Counts what was written to the base: a job read before that is not the newest. */
  let writes = 0
  const historyCount = ref(0)
  /** Keys of groups this page sent: word of them is no news. */
  const own = new Set<string>()

  const lastStep = computed(() => (historyCount.value >= 0 ? history?.last(stage.value) : undefined))
  const nextStep = computed(() => (historyCount.value >= 0 ? history?.next(stage.value) : undefined))

  /** What is shown: what the server has, and over it what waits. */
  function showAll(): void {
    if (!base) return
    stored.value = (queue?.waiting ?? []).reduce((job, group) => withChanges(job, group.changes), base)
  }

  const written = (did: readonly Did[]) =>
    did.map(({ collection, id, after }) => ({ collection, id, row: after }))

  async function fetched(jobId: string): Promise<JobSnapshot> {
    const sent = await request<SentJob>(`/jobs/${jobId}?sparse`)
    // A server of another day describes rows otherwise: what it leaves out as usual is not what is usual here.
    outdated.value = sent.model !== MODEL_HASH
    return outdated.value ? request<JobSnapshot>(`/jobs/${jobId}`) : whole(sent)
  }

  /** Reads the job anew and lays what waits over it. */
  async function refresh(): Promise<void> {
    const jobId = base?.brief.id
    if (!jobId) return
    const here = visit
    for (let read = -1; read !== writes && here === visit;) {
      read = writes
      const fresh = await fetched(jobId)
      if (read !== writes || here !== visit) continue
      base = fresh
      showAll()
    }
  }

  let refreshing: Promise<void> | undefined
  let again = false
  /** Word of another's change: read anew, once more when more comes meanwhile; a server that is gone is said elsewhere. */
  function hear(key: string): void {
    if (key !== '' && own.has(key)) return
    if (refreshing) {
      again = true
      return
    }
    refreshing = refresh()
      .catch(() => undefined)
      .finally(() => {
        refreshing = undefined
        if (again) {
          again = false
          hear('')
        }
      })
  }

  /** Opens a job, and takes up changes that an earlier page could not deliver. */
  async function open(jobId: string): Promise<void> {
    if (base?.brief.id !== jobId) close()
    day.value = today()
    if (queue) return refresh()
    const here = visit
    const loaded = await fetched(jobId)
    const tab = await thisTab()
    const left = here === visit ? await adoptWaiting(jobId, tab) : []
    if (here !== visit) return
    base = loaded
    history = new History(`bonitas.history.${jobId}`, sessionStorage, () => historyCount.value++)
    queue = new ChangeQueue(
      jobId,
      waitingKey(jobId, tab),
      {
        answered(group, did) {
          if (!base) return
          base = withRows(base, written(did))
          writes++
          history?.answered(group.key, did)
          showAll()
        },
        refused: (group, problem) => void wasRefused(group, problem),
        conflict: (met) => (conflict.value = met),
        state(n, isGone) {
          waiting.value = n
          gone.value = isGone
        },
        signedOut: () => (signedOut.value = true),
      },
      localStorage,
    )
    for (const group of left) own.add(group.key)
    queue.restore(left)
    showAll()
    queue.nudge()
    listening = listenTo(jobId, ({ key }) => hear(key))
  }

  async function wasRefused(group: Group, problem: ApiProblem): Promise<void> {
    history?.refused(group.key)
    showAll()
    refusal.value = group.undoes
      ? `${group.name} cannot be done: someone changed the same since. ${problem.status === 412 ? '' : problem.detail}`
      : problem.errors.map((e) => e.text).join(' ') || problem.detail
    // What stands in the way may have come from another: looked at anew, it can be offered along.
    if (problem.status === 409 && group.removing) {
      await refresh().catch(() => undefined)
      ask(group.removing as Blocked['removing'])
    }
  }

  function close(): void {
    visit++
    queue?.stop()
    listening?.()
    queue = undefined
    history = undefined
    listening = undefined
    base = undefined
    stored.value = undefined
    findings.value = undefined
    conflict.value = undefined
    blocked.value = undefined
    refusal.value = ''
    said.value = ''
    signedOut.value = false
    historyCount.value++
  }

  /** Sends changes as one group, shown at once and undone as one step. Returns the ids of the rows added. */
  function commit(
    wanted: readonly RowChange[],
    more: { readonly name?: string; readonly removing?: Group['removing'] } = {},
  ): string[] {
    const job = stored.value
    if (!job || !queue) return []
    const { changes, did } = prepared(job, wanted)
    if (changes.length === 0) return []
    refusal.value = ''
    said.value = ''
    const group: Group = {
      key: crypto.randomUUID(),
      name: more.name ?? groupName(did, job),
      at: stage.value,
      changes,
      ...(more.removing ? { removing: more.removing } : {}),
    }
    send(group)
    history?.did({ key: group.key, name: group.name, at: group.at, did })
    return changes.flatMap((c) => ('add' in c ? [c.id] : []))
  }

  function send(group: Group): void {
    if (!stored.value) return
    own.add(group.key)
    stored.value = withChanges(stored.value, group.changes)
    queue?.push(group)
  }

  /** What is wrong with a row, by field; empty when it may be kept. The same schema as on the server. */
  function faultsOf(collection: Collection, row: Row): Record<string, string> {
    try {
      rowDef(collection).schema().validateSync(fieldsOf(row), { abortEarly: false })
      return {}
    } catch (error) {
      if (!(error instanceof ValidationError)) throw error
      const inner = error.inner.length > 0 ? error.inner : [error]
      return Object.fromEntries(inner.map((e) => [e.path ?? '', e.message]))
    }
  }

  /** Changes fields of a row; undone as one step. */
  function change<C extends Collection>(collection: C, id: string, set: Partial<Rows[C]>): void {
    commit([put(collection, id, set)])
  }

  /** Adds a row and returns its id. */
  function add<C extends Collection>(collection: C, fields: Omit<Rows[C], 'id'>): string {
    const id = crypto.randomUUID()
    commit([{ collection, add: { ...fields, id } } as unknown as RowChange])
    return id
  }

  /** Several rows at once, undone as one step. A later row may name an earlier one by the id given here. */
  function addAll(
    rows: readonly { collection: Collection; id: string; fields: Readonly<Record<string, unknown>> }[],
  ): void {
    commit(
      rows.map(
        ({ collection, id, fields }) => ({ collection, add: { ...fields, id } }) as unknown as RowChange,
      ),
    )
  }

  /** Looks what a removal brings with it, and asks where it cannot be done unasked. */
  function ask(removing: Blocked['removing']): readonly RowChange[] | undefined {
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
    if (!snapshot.value || !rowOf(snapshot.value, collection, id)) return
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

  /** Shows a row that the server made by itself, an uploaded photo: nothing is sent. */
  function take(collection: Collection, row: Row): void {
    const written = [{ collection, id: row.id, row }]
    if (base) base = withRows(base, written)
    writes++
    if (stored.value) stored.value = withRows(stored.value, written)
  }

  /** Several changes of several rows as one step: set, taken out, or added. Returns the ids of the rows added. */
  const apply = (changes: readonly RowChange[], name?: string): string[] =>
    commit(changes, name === undefined ? {} : { name })

  const applyFix = (fix: Fix): void => void apply(fix.changes, fix.label)

  function accept(finding: JudgedFinding, reason: string): void {
    add('acceptances', { finding: finding.key, facts: finding.facts, reason })
  }

  /** Sends what takes a step back, or does it again, as a group of its own. */
  function turned(step: Step, word: string): Step | undefined {
    const changes = inverseOf(step.did)
    if (!stored.value || changes.length === 0) return undefined
    const before = stored.value
    const group: Group = {
      key: crypto.randomUUID(),
      name: `${word} “${step.name}”`,
      at: step.at,
      changes,
      undoes: true,
    }
    const did = changes.map(({ collection, id, ...c }: Change): Did => {
      const now = rowOf(before, collection, id) ?? null
      const after = 'add' in c ? { ...c.add, version: 1 } : 'set' in c ? { ...now, ...c.set } : null
      return { collection, id, before: now, after }
    })
    refusal.value = ''
    send(group)
    said.value = `${word === 'Undo' ? 'Undone' : 'Done again'}: ${step.name}.`
    return { key: group.key, name: step.name, at: step.at, did }
  }

  /** Takes back what was done last on the stage in sight. */
  function undo(): void {
    const step = history?.last(stage.value)
    if (!step) {
      said.value = 'Nothing to undo on this page.'
      return
    }
    if (isAct(step)) {
      said.value = `${step.act}: money is not undone. Reverse it under Entries.`
      return
    }
    const by = turned(step, 'Undo')
    if (by) history?.undid(step, by)
  }

  /** Does again what was undone last on the stage in sight. */
  function redo(): void {
    const step = history?.next(stage.value)
    if (!step) return
    const by = turned(step, 'Redo')
    if (by) history?.redid(step, by)
  }

  /** Ends a conflict with the changes that are still wanted over what stands now; none lets the other's stand. */
  function settle(changes: readonly Change[]): void {
    const met = conflict.value
    if (!met || !base) return
    base = withRows(
      base,
      met.clashes.map(({ collection, id, now }) => ({ collection, id, row: now })),
    )
    conflict.value = undefined
    queue?.resolve(met, changes)
    if (changes.length === 0) history?.refused(met.group.key)
    else {
      const next = queue?.waiting.find((g) => g.name === met.group.name && g.at === met.group.at)
      if (next) {
        own.add(next.key)
        history?.renamed(met.group.key, next.key)
      }
    }
    showAll()
  }

  /**
   * A money act. Changes go first, so that the server orders what the screen shows; then the job is read anew.
   * @param key the same for every try of one act: however often it is sent, it is done once
   */
  async function act(path: string, body: unknown, key: string): Promise<void> {
    const jobId = snapshot.value?.brief.id ?? ''
    await queue?.flush()
    await request(`/jobs/${jobId}/${path}`, { method: 'POST', body, headers: { 'Idempotency-Key': key } })
    history?.acted({ at: stage.value, act: 'The last act here moved money' })
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
    said,
    outdated,
    conflict,
    blocked,
    stage,
    lastStep,
    nextStep,
    open,
    close,
    refresh,
    faultsOf,
    change,
    add,
    addAll,
    remove,
    settleBlocked,
    apply,
    take,
    applyFix,
    accept,
    undo,
    redo,
    settle,
    act,
    nudge,
  }
})
