import { changeNow } from '@bonitas/core/model/renamed'
import type { Group } from './groups.js'

const TAB = 'bonitas.tab'
const lockOf = (tab: string) => `bonitas.tab.${tab}`
const waitingOf = (jobId: string, tab: string) => `bonitas.waiting.${jobId}.${tab}`

/** This tab by name: its waiting changes and its history are its own. */
export interface Tab {
  readonly id: string
  /** It began as a copy of another tab, whose history it does not take over. */
  readonly fresh: boolean
}

let known: Promise<Tab> | undefined

/** The locks of this browser; none on a plain address of the local network. */
const locksOf = (): LockManager | undefined =>
  (globalThis as { navigator?: { locks?: LockManager } }).navigator?.locks

/** Takes a name for as long as the tab lives; false when another tab has it. */
function hold(id: string): Promise<boolean> {
  // Without locks, on a plain address of the local network, a copied tab cannot be told from its original.
  const locks = locksOf()
  if (!locks) return Promise.resolve(true)
  return new Promise((told) => {
    void locks
      .request(lockOf(id), { ifAvailable: true }, (lock) => {
        told(lock !== null)
        return lock ? new Promise(() => undefined) : undefined
      })
      .catch(() => told(true))
  })
}

/** Who this tab is. A tab that was duplicated has its original's storage: it takes a name of its own and starts empty. */
export function thisTab(storage: Storage = sessionStorage): Promise<Tab> {
  known ??= (async () => {
    const before = storage.getItem(TAB)
    if (before && (await hold(before))) return { id: before, fresh: false }
    const id = crypto.randomUUID()
    storage.setItem(TAB, id)
    await hold(id)
    return { id, fresh: true }
  })()
  return known
}

/** Where the waiting changes of a tab are kept. */
export const waitingKey = (jobId: string, tab: Tab): string => waitingOf(jobId, tab.id)

function read(text: string | null): readonly Group[] {
  try {
    const groups = JSON.parse(text ?? '[]') as unknown
    if (!Array.isArray(groups)) return []
    // What waited while the program became another is sent as it is written now.
    return (groups as readonly Group[])
      .filter((g) => Array.isArray(g.changes))
      .map((g) => ({ ...g, changes: g.changes.flatMap((c) => changeNow(c) ?? []) }))
      .filter((g) => g.changes.length > 0)
  } catch {
    return []
  }
}

/**
 * The changes that wait for this job: those of this tab, and those of tabs that are gone, which this one takes over.
 */
export async function adoptWaiting(
  jobId: string,
  tab: Tab,
  storage: Storage = localStorage,
): Promise<readonly Group[]> {
  const held = new Set<string>()
  const locks = locksOf()
  if (locks) for (const lock of (await locks.query()).held ?? []) held.add(lock.name ?? '')
  const prefix = waitingOf(jobId, '')
  const keys = Array.from({ length: storage.length }, (_, i) => storage.key(i) ?? '').filter((k) =>
    k.startsWith(prefix),
  )
  const groups: Group[] = []
  const taken: string[] = []
  for (const key of keys) {
    const other = key.slice(prefix.length)
    if (other !== tab.id && (held.has(lockOf(other)) || !locks)) continue
    groups.push(...read(storage.getItem(key)))
    if (other !== tab.id) taken.push(key)
  }
  // Kept under this tab's name before they go from the others': a page that is closed here loses none.
  if (taken.length > 0) storage.setItem(waitingKey(jobId, tab), JSON.stringify(groups))
  for (const key of taken) storage.removeItem(key)
  return groups
}
