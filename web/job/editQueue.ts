import type { Edit, Row } from './edits.js'
import { fieldsOf } from './edits.js'
import { ApiProblem, request, ServerGone } from '../api/http.js'

/** An edit on its way: the version its writer saw, or undefined when an edit of the same row goes before it. */
export interface Pending {
  readonly edit: Edit
  readonly seen: number | undefined
}

export interface Conflict {
  readonly pending: Pending
  readonly mine: Row | null
  readonly theirs: Row | null
}

export interface QueueEvents {
  /** The server has the edit; the row as it stands there, null when removed. */
  kept(edit: Edit, row: Row | null): void
  /** The server refused; the edit must be taken back on screen. */
  refused(edit: Edit, problem: ApiProblem): void
  /** Someone else changed the row; the queue waits for {@link EditQueue.resolve}. */
  conflict(conflict: Conflict): void
  /** The server is gone, or there again; how many edits wait. */
  state(waiting: number, gone: boolean): void
  /** The session has ended; the queue waits until it is started again. */
  signedOut(): void
}

const FIRST_WAIT_MS = 800
const LONGEST_WAIT_MS = 8000

/**
 * Sends edits one after another and loses none: what waits is kept in this browser until the server has it, so a
 * reload, a lost network or a stopped server cost nothing that was typed.
 */
export class EditQueue {
  private waiting: Pending[] = []
  private readonly versions = new Map<string, number>()
  private running = false
  private held = false
  private waitMs = FIRST_WAIT_MS
  private timer: ReturnType<typeof setTimeout> | undefined

  constructor(
    private readonly jobId: string,
    private readonly events: QueueEvents,
    private readonly storage: Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>,
    private readonly send: typeof request = request,
  ) {}

  private get storageKey(): string {
    return `bonitas.waiting.${this.jobId}`
  }

  /** Edits an earlier page left behind; they are queued again and must be shown again. */
  restore(): Edit[] {
    try {
      this.waiting = JSON.parse(this.storage.getItem(this.storageKey) ?? '[]') as Pending[]
    } catch {
      this.waiting = []
    }
    this.events.state(this.waiting.length, false)
    return this.waiting.map((p) => p.edit)
  }

  get edits(): readonly Edit[] {
    return this.waiting.map((p) => p.edit)
  }

  push(edit: Edit): void {
    const chained = this.waiting.some((p) => p.edit.collection === edit.collection && p.edit.id === edit.id)
    this.waiting.push({ edit, seen: chained ? undefined : edit.before?.version })
    this.changed(false)
    void this.run()
  }

  /** Goes on at once instead of after the pause. */
  nudge(): void {
    clearTimeout(this.timer)
    this.waitMs = FIRST_WAIT_MS
    void this.run()
  }

  /** Resolves once everything waiting has reached the server; false when that cannot be now. */
  async flush(): Promise<boolean> {
    await this.run()
    return this.waiting.length === 0
  }

  /** Ends a conflict: sends `row` over the newer version, or lets the newer one stand. */
  resolve(conflict: Conflict, row: Row | null | 'theirs'): void {
    const { edit } = conflict.pending
    const same = (p: Pending) => p.edit.collection === edit.collection && p.edit.id === edit.id
    if (row === 'theirs') this.waiting = this.waiting.filter((p) => !same(p))
    else {
      const rest = this.waiting.filter((p) => !same(p))
      this.waiting = [
        { edit: { ...edit, before: conflict.theirs, after: row }, seen: conflict.theirs?.version },
        ...rest,
      ]
    }
    this.held = false
    this.changed(false)
    void this.run()
  }

  stop(): void {
    clearTimeout(this.timer)
    this.held = true
  }

  private changed(gone: boolean): void {
    if (this.waiting.length > 0) this.storage.setItem(this.storageKey, JSON.stringify(this.waiting))
    else this.storage.removeItem(this.storageKey)
    this.events.state(this.waiting.length, gone)
  }

  private current: Promise<void> | undefined

  private run(): Promise<void> {
    if (this.running && this.current) return this.current
    this.current = this.drain().finally(() => (this.running = false))
    return this.current
  }

  private async drain(): Promise<void> {
    this.running = true
    while (!this.held) {
      const next = this.waiting[0]
      if (!next) break
      try {
        const row = await this.deliver(next)
        this.waiting.shift()
        this.waitMs = FIRST_WAIT_MS
        this.events.kept(next.edit, row)
        this.changed(false)
      } catch (error) {
        if (error instanceof ServerGone || (error instanceof ApiProblem && error.status === 503)) {
          this.changed(true)
          this.timer = setTimeout(() => void this.run(), this.waitMs)
          this.waitMs = Math.min(LONGEST_WAIT_MS, this.waitMs * 2)
          return
        }
        if (!(error instanceof ApiProblem)) throw error
        if (error.status === 401) {
          this.held = true
          this.events.signedOut()
          return
        }
        if (error.status === 412) {
          this.held = true
          const theirs = (error.current ?? null) as Row | null
          // The same edit sent twice (its answer was lost on the way) is no conflict: it has arrived.
          if (alike(theirs, next.edit.after)) {
            this.held = false
            this.waiting.shift()
            this.events.kept(next.edit, theirs)
            this.remember(next.edit, theirs)
            this.changed(false)
            continue
          }
          this.events.conflict({ pending: next, mine: this.lastOf(next.edit), theirs })
          return
        }
        const { collection, id } = next.edit
        this.waiting = this.waiting.filter((p) => p.edit.collection !== collection || p.edit.id !== id)
        this.events.refused(next.edit, error)
        this.changed(false)
      }
    }
  }

  private lastOf(edit: Edit): Row | null {
    const own = this.waiting.filter((p) => p.edit.collection === edit.collection && p.edit.id === edit.id)
    return own[own.length - 1]?.edit.after ?? null
  }

  private async deliver({ edit, seen }: Pending): Promise<Row | null> {
    const path = `/jobs/${this.jobId}/${edit.collection}/${edit.id}`
    // Our own last write may be newer than what the screen had seen when this edit was made.
    const version = Math.max(
      seen ?? edit.before?.version ?? 0,
      this.versions.get(`${edit.collection} ${edit.id}`) ?? 0,
    )
    if (edit.after === null) {
      try {
        await this.send(path, { method: 'DELETE', headers: { 'If-Match': `"${version}"` } })
      } catch (error) {
        // Gone already: what was wanted is so.
        if (!(error instanceof ApiProblem && error.status === 404)) throw error
      }
      return null
    }
    const headers: Record<string, string> =
      edit.before === null ? { 'If-None-Match': '*' } : { 'If-Match': `"${version}"` }
    const row = await this.send<Row>(path, { method: 'PUT', body: fieldsOf(edit.after), headers })
    this.remember(edit, row)
    return row
  }

  private remember(edit: Edit, row: Row | null): void {
    if (row?.version !== undefined) this.versions.set(`${edit.collection} ${edit.id}`, row.version)
  }
}

function alike(one: Row | null, two: Row | null): boolean {
  if (one === null || two === null) return one === two
  const fields = fieldsOf(two)
  return Object.keys(fields).every((key) => JSON.stringify(one[key]) === JSON.stringify(fields[key]))
}
