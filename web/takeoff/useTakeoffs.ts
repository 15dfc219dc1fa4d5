import { computed, onScopeDispose, shallowRef, toRaw, watch } from 'vue'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { bareLine, type TakeoffLine } from '@bonitas/core/stages/takeoff/takeoffTypes'
import { changedSince } from '../job/fixChecks.js'
import { useJobStore } from '../job/jobStore.js'
import type { TakeoffAnswer, TakeoffAsk } from './takeoff.worker.js'

/**
 * The lines of the take-off, reckoned in a worker: what is on screen stays until what follows from the last change has come,
 * and no key waits for it.
 */
export function useTakeoffs() {
  const store = useJobStore()
  const came = shallowRef<ReadonlyMap<string, TakeoffLine>>()
  const failed = shallowRef(false)
  let sent: JobSnapshot | undefined
  let nth = 0
  const worker = new Worker(new URL('./takeoff.worker.ts', import.meta.url), { type: 'module' })
  worker.addEventListener('message', ({ data }: MessageEvent<TakeoffAnswer>) => {
    if (data.nth !== nth) return
    came.value = new Map(data.lines.map((line) => [line.row.id, line]))
    failed.value = false
  })
  worker.addEventListener('error', () => (failed.value = true))
  onScopeDispose(() => worker.terminate())
  watch(
    () => store.snapshot,
    (snapshot) => {
      if (!snapshot) return
      const job = toRaw(snapshot)
      worker.postMessage({ nth: ++nth, changed: changedSince(sent, job) } satisfies TakeoffAsk)
      sent = job
    },
    { immediate: true },
  )
  /** Each row as it is now, what is typed in it at once; its figures follow. */
  const lines = computed(() =>
    (store.snapshot?.takeoffs ?? []).map((row) => ({ ...(came.value?.get(row.id) ?? bareLine(row)), row })),
  )
  return { lines, failed }
}
