import { computed, toRaw } from 'vue'
import { choosingOf } from '@bonitas/core/job/choosingOf'
import type { Choosing } from '@bonitas/core/stages/source/choosing'
import { useJobStore } from '../job/jobStore.js'
import { useTask } from '../worker/useTask.js'
import type { SetsAsk, SetsResult } from './sets.worker.js'

/** The choice of a set in a worker of its own. */
export function useSets() {
  const store = useJobStore()
  const task = useTask<SetsResult>(
    () => new Worker(new URL('./sets.worker.ts', import.meta.url), { type: 'module' }),
  )
  /** What is chosen from, now: plain data made anew, which a worker can take as it is. */
  const choosingNow = (): Choosing | undefined =>
    store.snapshot && store.derived && choosingOf(toRaw(store.snapshot), toRaw(store.derived))
  const choosing = computed(choosingNow)
  return { task, choosing, choosingNow, run: (ask: SetsAsk) => task.run(ask) }
}
