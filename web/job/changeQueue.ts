import { alike, type Change } from '@bonitas/core/model/changes'
import type { Did } from '@bonitas/core/model/undo'
import type { Row } from '@bonitas/core/model/changes'
import type { Collection } from '@bonitas/core/model/registry'
import { ApiProblem, request, ServerGone } from '../api/http.js'
import type { Group } from './groups.js'

/** A field, or a row, that another person changed since this group was made. */
export interface Clash {
  readonly collection: Collection
  readonly id: string
  readonly fields: readonly string[]
  /** The row as it stands; null when it is gone. */
  readonly now: (Row & { readonly id: string; readonly version: number }) | null
}

export interface Conflict {
  readonly group: Group
  readonly clashes: readonly Clash[]
}

export interface QueueEvents {
  /** The server has the group, and says what it did. */
  answered(group: Group, did: readonly Did[]): void
  /** The server refused the whole group; what it showed must be taken back. */
  refused(group: Group, problem: ApiProblem): void
  /** Someone else changed the same; the queue waits for {@link ChangeQueue.resolve}. */
  conflict(conflict: Conflict): void
  /** The server is gone, or there again; how many groups wait. */
  state(waiting: number, gone: boolean): void
  /** The session has ended; the queue waits until it is started again. */
  signedOut(): void
}

type Store = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>

const FIRST_WAIT_MS = 800
const LONGEST_WAIT_MS = 8000

/**
 * Sends groups of changes one after another and loses none: what waits is kept in this browser until the server has it,
 * so a reload, a lost network or a stopped server cost nothing that was typed. A group goes under its own key: sent again
 * after a lost answer it is done once.
 */
export class ChangeQueue {
  private list: readonly Group[] = []
  private running: Promise<void> | undefined
  private held = false
  private stopped = false
  private waitMs = FIRST_WAIT_MS
  private timer: ReturnType<typeof setTimeout> | undefined

  constructor(
    private readonly jobId: string,
    private readonly storageKey: string,
    private readonly events: QueueEvents,
    private readonly storage: Store,
    private readonly send: typeof request = request,
  ) {}

  /** Groups that wait, oldest first. */
  get waiting(): readonly Group[] {
    return this.list
  }

  /** Takes up groups that an earlier page, or a tab that was closed, could not deliver; they must be shown again. */
  restore(groups: readonly Group[]): void {
    this.list = [...groups, ...this.list]
    this.changed(false)
  }

  push(group: Group): void {
    this.list = [...this.list, group]
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
    return this.list.length === 0
  }

  /** Ends a conflict: the group goes with these changes over what stands now, or not at all when there are none. */
  resolve({ group }: Conflict, changes: readonly Change[]): void {
    // Other changes are another request: the key of the one that clashed is free, but its answer may have been lost.
    const next = { ...group, changes, key: crypto.randomUUID() }
    this.list = this.list.flatMap((g) => (g.key !== group.key ? [g] : changes.length > 0 ? [next] : []))
    this.held = false
    this.changed(false)
    void this.run()
  }

  /** Ends the queue: what waits stays kept for the next one, and what is still answered changes nothing here. */
  stop(): void {
    clearTimeout(this.timer)
    this.held = true
    this.stopped = true
  }

  private changed(gone: boolean): void {
    if (this.list.length > 0) this.storage.setItem(this.storageKey, JSON.stringify(this.list))
    else this.storage.removeItem(this.storageKey)
    this.events.state(this.list.length, gone)
  }

  private run(): Promise<void> {
    this.running ??= this.drain().finally(() => (this.running = undefined))
    return this.running
  }

  private async drain(): Promise<void> {
    while (!this.held) {
      const [group] = this.list
      if (!group) break
      try {
        const { did } = await this.send<{ did: readonly Did[] }>(`/jobs/${this.jobId}/changes`, {
          method: 'POST',
          body: { changes: group.changes },
          headers: { 'Idempotency-Key': group.key },
        })
        if (this.stopped) return
        this.waitMs = FIRST_WAIT_MS
        this.list = this.list.slice(1).map((later) => afterOwn(later, did))
        this.events.answered(group, did)
        this.changed(false)
      } catch (error) {
        if (this.stopped || !this.went(group, error)) return
      }
    }
  }

  /** What an answer that is none means for the group in hand. @returns whether to go on with the next */
  private went(group: Group, error: unknown): boolean {
    if (error instanceof ServerGone || (error instanceof ApiProblem && [429, 503].includes(error.status))) {
      this.changed(true)
      this.timer = setTimeout(() => void this.run(), this.waitMs)
      this.waitMs = Math.min(LONGEST_WAIT_MS, this.waitMs * 2)
      return false
    }
    if (!(error instanceof ApiProblem)) throw error
    if (error.status === 401) {
      this.held = true
      this.events.signedOut()
      return false
    }
    if (error.status === 412 && !group.undoes) {
      this.held = true
      this.events.state(this.list.length, false)
      this.events.conflict({ group, clashes: (error.current ?? []) as unknown as readonly Clash[] })
      return false
    }
    this.list = this.list.slice(1).map((later) => withoutRefused(later, group))
    this.events.refused(group, error)
    this.changed(false)
    return true
  }
}

/** A later group of ours, once an earlier one is done: a removal has seen what we ourselves wrote. */
function afterOwn(group: Group, did: readonly Did[]): Group {
  const changes = group.changes.map((change): Change => {
    if (!('remove' in change)) return change
    const own = did.find((d) => d.collection === change.collection && d.id === change.id)
    const seen = own?.before?.version === change.seen ? own.after?.version : undefined
    return typeof seen === 'number' ? { ...change, seen } : change
  })
  return { ...group, changes }
}

/** A later group of ours, once an earlier one was refused: what it saw of that one was never so. */
function withoutRefused(group: Group, refused: Group): Group {
  const changes = group.changes.map((change): Change => {
    if (!('set' in change)) return change
    const was = { ...change.was }
    for (const other of refused.changes)
      if ('set' in other && other.collection === change.collection && other.id === change.id)
        for (const field of Object.keys(was))
          if (field in other.set && alike(was[field], other.set[field])) was[field] = other.was[field]
    return { ...change, was }
  })
  return { ...group, changes }
}
