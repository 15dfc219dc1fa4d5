import { flushPromises, type DOMWrapper } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { vi } from 'vitest'
import { rowOf, withChanges } from '@bonitas/core/model/applyChanges'
import type { Change, Row } from '@bonitas/core/model/changes'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import type { Did } from '@bonitas/core/model/undo'
import { sentJob } from '@bonitas/core/testing/sentJob'
import { useJobStore } from '../job/jobStore.js'

/** A line to the server on which nothing is said. */
class Silent extends EventTarget {
  close = vi.fn()
}

export interface Bench {
  readonly store: ReturnType<typeof useJobStore>
  /** The changes sent so far, in order. */
  readonly sent: Change[]
}

/**
 * A job on the bench, with a server of a few lines behind it: whatever is sent is done. For tests of components.
 *
 * @param answer another answer to a group of changes, such as a refusal
 */
export async function onBench(
  job: JobSnapshot,
  answer?: (changes: readonly Change[]) => Response | undefined,
): Promise<Bench> {
  setActivePinia(createPinia())
  if (!document.getElementById('over'))
    document.body.insertAdjacentHTML('beforeend', '<section id="over"></section>')
  sessionStorage.clear()
  localStorage.clear()
  const sent: Change[] = []
  let now = job
  vi.stubGlobal('EventSource', Silent)
  vi.stubGlobal('fetch', (_path: string, wish: { method?: string; body?: string } = {}) => {
    if ((wish.method ?? 'GET') === 'GET') return Promise.resolve(Response.json(sentJob(now)))
    const { changes = [] } = JSON.parse(wish.body ?? '{}') as { changes?: Change[] }
    const other = answer?.(changes)
    if (other) return Promise.resolve(other)
    sent.push(...changes)
    const did = changes.map((c): Did => {
      const before = (rowOf(now, c.collection, c.id) ?? null) as Row | null
      now = withChanges(now, [c])
      const after = (rowOf(now, c.collection, c.id) ?? null) as Row | null
      return { collection: c.collection, id: c.id, before, after: after && { ...after, version: 2 } }
    })
    return Promise.resolve(Response.json({ did }))
  })
  const store = useJobStore()
  store.stage = 'brief'
  await store.open(job.brief.id)
  return { store, sent }
}

/** The lines of the list that opens for a choice: the list is opened as by a press of Enter. */
export async function linesOf(choice: DOMWrapper<Element>): Promise<readonly HTMLElement[]> {
  const box = choice.classes('choice-rest')
    ? await (async () => {
        await choice.trigger('focus')
        await flushPromises()
        return document.activeElement as HTMLElement
      })()
    : (choice.element as HTMLElement)
  box.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', code: 'Enter', bubbles: true }))
  await flushPromises()
  return [...document.querySelectorAll<HTMLElement>('#over [role="option"]')]
}
