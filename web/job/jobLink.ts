import { ref, type Ref } from 'vue'
import { withChanges, withRows } from '@bonitas/core/model/applyChanges'
import type { Change } from '@bonitas/core/model/changes'
import { MODEL_HASH } from '@bonitas/core/model/hash'
import type { Collection } from '@bonitas/core/model/registry'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { whole, type SentJob } from '@bonitas/core/model/sparse'
import type { Did } from '@bonitas/core/model/undo'
import { request, type ApiProblem } from '../api/http.js'
import { ChangeQueue, type Conflict } from './changeQueue.js'
import type { Row } from './edits.js'
import type { Group } from './groups.js'
import { History } from './history.js'
import { listenTo } from './live.js'
import { adoptWaiting, thisTab, waitingKey } from './tab.js'

/** What a link keeps up to date for the page. */
export interface LinkView {
  /** The rows as they are stored, with what waits. */
  readonly stored: Ref<JobSnapshot | undefined>
  readonly waiting: Ref<number>
  readonly gone: Ref<boolean>
  readonly signedOut: Ref<boolean>
  readonly outdated: Ref<boolean>
  readonly conflict: Ref<Conflict | undefined>
}

/**
 * The job between this page and the server: what the server has, what waits to be sent over it, and word of what
 * others change.
 */
export class JobLink {
  /** Counts every change of the history, for what is computed from it. */
  readonly historyCount = ref(0)
  history: History | undefined
  private base: JobSnapshot | undefined
  private queue: ChangeQueue | undefined
  private stopListening: (() => void) | undefined
  /** Counts the jobs opened and closed: what was asked for an earlier one comes too late. */
  private visit = 0
  /** Counts what was written to the base: a job read before that is not the newest. */
  private writes = 0
  /** Keys of groups this page sent: word of them is no news. */
  private readonly own = new Set<string>()
  private refreshing: Promise<void> | undefined
  private again = false

  constructor(
    private readonly view: LinkView,
    private readonly refused: (group: Group, problem: ApiProblem) => void,
  ) {}

  /** What is shown: what the server has, and over it what waits. */
  showAll(): void {
    if (!this.base) return
    this.view.stored.value = (this.queue?.waiting ?? []).reduce(
      (job, group) => withChanges(job, group.changes),
      this.base,
    )
  }

  /** Reads the job anew and lays what waits over it. */
  async refresh(): Promise<void> {
    const jobId = this.base?.brief.id
    if (!jobId) return
    const here = this.visit
    for (let read = -1; read !== this.writes && here === this.visit;) {
      read = this.writes
      const fresh = await this.fetched(jobId)
      if (read !== this.writes || here !== this.visit) continue
      this.base = fresh
      this.showAll()
    }
  }

  /** Opens a job, and takes up changes that an earlier page could not deliver. */
  async open(jobId: string): Promise<void> {
    if (this.queue) return this.refresh()
    const here = this.visit
    const loaded = await this.fetched(jobId)
    const tab = await thisTab()
    const left = here === this.visit ? await adoptWaiting(jobId, tab) : []
    if (here !== this.visit) return
    this.base = loaded
    this.history = new History(`bonitas.history.${jobId}`, sessionStorage, () => this.historyCount.value++)
    this.queue = this.newQueue(jobId, waitingKey(jobId, tab))
    for (const group of left) this.own.add(group.key)
    this.queue.restore(left)
    this.showAll()
    this.queue.nudge()
    this.stopListening = listenTo(jobId, ({ key }) => this.hear(key))
  }

  isOpen(jobId: string): boolean {
    return this.base?.brief.id === jobId
  }

  close(): void {
    this.visit++
    this.queue?.stop()
    this.stopListening?.()
    this.queue = undefined
    this.history = undefined
    this.stopListening = undefined
    this.base = undefined
    this.view.stored.value = undefined
    this.historyCount.value++
  }

  /** Shows a group at once and sends it when its turn comes. False while no job is open. */
  send(group: Group): boolean {
    const { stored } = this.view
    if (!stored.value || !this.queue) return false
    this.own.add(group.key)
    stored.value = withChanges(stored.value, group.changes)
    this.queue.push(group)
    return true
  }

  /** Shows rows that the server has already written. */
  written(
    rows: readonly { readonly collection: Collection; readonly id: string; readonly row: Row | null }[],
  ) {
    const { stored } = this.view
    if (this.base) this.base = withRows(this.base, rows)
    this.writes++
    if (stored.value) stored.value = withRows(stored.value, rows)
  }

  /** Ends a conflict with the changes that are still wanted over what stands now; none lets the other's stand. */
  settle(changes: readonly Change[]): void {
    const met = this.view.conflict.value
    if (!met || !this.base) return
    this.base = withRows(
      this.base,
      met.clashes.map(({ collection, id, now }) => ({ collection, id, row: now })),
    )
    this.view.conflict.value = undefined
    this.queue?.resolve(met, changes)
    if (changes.length === 0) this.history?.refused(met.group.key)
    else {
      const next = this.queue?.waiting.find((g) => g.name === met.group.name && g.at === met.group.at)
      if (next) {
        this.own.add(next.key)
        this.history?.renamed(met.group.key, next.key)
      }
    }
    this.showAll()
  }

  /** Resolves when nothing waits any more. */
  async flush(): Promise<void> {
    await this.queue?.flush()
  }

  /** Tries again at once. */
  readonly nudge = (): void => this.queue?.nudge()

  private newQueue(jobId: string, place: string): ChangeQueue {
    const { view } = this
    return new ChangeQueue(
      jobId,
      place,
      {
        answered: (group, did) => this.answered(group, did),
        refused: this.refused,
        conflict: (met) => (view.conflict.value = met),
        state: (n, isGone) => {
          view.waiting.value = n
          view.gone.value = isGone
        },
        signedOut: () => (view.signedOut.value = true),
      },
      localStorage,
    )
  }

  private answered(group: Group, did: readonly Did[]): void {
    if (!this.base) return
    this.base = withRows(
      this.base,
      did.map(({ collection, id, after }) => ({ collection, id, row: after })),
    )
    this.writes++
    this.history?.answered(group.key, did)
    this.showAll()
  }

  private async fetched(jobId: string): Promise<JobSnapshot> {
    const sent = await request<SentJob>(`/jobs/${jobId}?sparse`)
    // A server of another day describes rows otherwise: what it leaves out as usual is not what is usual here.
    const { outdated } = this.view
    outdated.value = sent.model !== MODEL_HASH
    return outdated.value ? request<JobSnapshot>(`/jobs/${jobId}`) : whole(sent)
  }

  /** Word of another's change: read anew, once more when more comes meanwhile; a server that is gone is said elsewhere. */
  private hear(key: string): void {
    if (key !== '' && this.own.has(key)) return
    if (this.refreshing) {
      this.again = true
      return
    }
    this.refreshing = this.refresh()
      .catch(() => undefined)
      .finally(() => {
        this.refreshing = undefined
        if (this.again) {
          this.again = false
          this.hear('')
        }
      })
  }
}
