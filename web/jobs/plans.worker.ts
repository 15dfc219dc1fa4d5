import { deriveJob } from '@bonitas/core/job/derive'
import type { Lateness } from '@bonitas/core/job/install/arrivalsOf'
import { deriveInstall } from '@bonitas/core/job/install/deriveInstall'
import { takeoffsOf } from '@bonitas/core/job/takeoffsOf'
import { MODEL_HASH } from '@bonitas/core/model/hash'
import { whole, type SentJob } from '@bonitas/core/model/sparse'
import { request } from '../api/http.js'

/** Jobs of which the plan is wanted, the most pressing first. */
export interface PlansAsk {
  readonly jobIds: readonly string[]
  readonly today: string
}

/** What the plan of one job comes to, for the list of jobs. */
export interface PlanOfJob {
  readonly jobId: string
  /** Everything is done. */
  readonly done: boolean
  readonly readyOn: string | undefined
  /** What must be ordered next, and the last day for it. */
  readonly order: { readonly name: string; readonly by: string } | undefined
  readonly stops: number
}

addEventListener('message', ({ data }: MessageEvent<PlansAsk>) => void each(data))

/** One job after another, so that neither this machine nor the server has all of them to do at once. */
async function each({ jobIds, today }: PlansAsk): Promise<void> {
  for (const jobId of jobIds) {
    // A job that cannot be read has no plan here; its own page says why.
    const plan = await planOf(jobId, today).catch(() => undefined)
    if (plan) postMessage(plan)
  }
}

async function planOf(jobId: string, today: string): Promise<PlanOfJob | undefined> {
  const sent = await request<SentJob>(`/jobs/${jobId}?sparse`)
  if (sent.model !== MODEL_HASH) return undefined
  const job = whole(sent)
  const lateness = await request<Lateness[]>(`/jobs/${jobId}/install/lateness`)
  const derived = deriveJob(job, today)
  const { facts, findings } = deriveInstall(job, derived, takeoffsOf(job, derived.measure), today, lateness)
  const { tasks, readyOn } = facts.plan
  const next = facts.lastOrders[0]
  return {
    ...{ jobId, readyOn, done: tasks.length > 0 && tasks.every((t) => t.task.doneOn !== null) },
    order: next && { name: next.arrival.arrival.name, by: next.orderBy },
    stops: findings.filter((f) => f.severity === 'stop' && !f.accepted).length,
  }
}
