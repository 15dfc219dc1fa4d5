import { computed, toRaw } from 'vue'
import { deriveJob } from '@bonitas/core/job/derive'
import { choosingOf } from '@bonitas/core/job/choosingOf'
import type { ChosenSet, Choosing } from '@bonitas/core/stages/source/choosing'
import { useJobStore } from '../job/jobStore.js'
import { useTask } from '../worker/useTask.js'
import type { SetsAsk, SetsResult, SetWish } from './sets.worker.js'

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
  /** A set is judged in the job before it is shown. */
  const search = (wish: SetWish) => task.run({ ...wish, job: toRaw(store.snapshot), today: store.day })
  /** What is free once a set is taken: computed like the tape, with the orders as they then are. */
  function freeAfter(set: ChosenSet): number {
    const job = store.snapshot
    if (!job) return 0
    const next = new Map(set.changes.map((c) => [c.itemId, c.to?.id ?? null]))
    const items = job.items.map((i) =>
      next.has(i.id) ? { ...i, chosenOptionId: next.get(i.id) ?? null } : i,
    )
    return deriveJob({ ...toRaw(job), items }, store.day).position.freeMinor
  }
  return { task, choosing, choosingNow, run: (ask: SetsAsk) => task.run(ask), search, freeAfter }
}
