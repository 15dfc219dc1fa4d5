import { onBeforeUnmount, shallowRef } from 'vue'
import type { JobLine } from '@bonitas/core/job/jobLine'
import { addDays } from '@bonitas/core/kernel/units/days'
import type { PlanOfJob, PlansAsk } from './plans.worker.js'

/** So many jobs are planned for the list; the others on their own page. */
const MOST = 12
/** A job that should have been ready so long ago is planned no more. */
const PAST_DAYS = 90

/** The plans of the jobs that are installed next, made one after another behind the page. */
export function usePlans() {
  const plans = shallowRef<ReadonlyMap<string, PlanOfJob>>(new Map())
  let worker: Worker | undefined

  function plan(jobs: readonly JobLine[], today: string): void {
    const since = addDays(today, -PAST_DAYS)
    const jobIds = jobs
      .filter((j) => j.installOn !== null && j.installOn >= since)
      .slice(0, MOST)
      .map((j) => j.id)
    if (jobIds.length === 0) return
    worker?.terminate()
    worker = new Worker(new URL('./plans.worker.ts', import.meta.url), { type: 'module' })
    worker.addEventListener('message', ({ data }: MessageEvent<PlanOfJob>) => {
      plans.value = new Map([...plans.value, [data.jobId, data]])
    })
    worker.postMessage({ jobIds, today } satisfies PlansAsk)
  }
  onBeforeUnmount(() => worker?.terminate())
  return { plans, plan }
}
