import { shallowRef, toRaw, watch, type Ref } from 'vue'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import type { Lateness } from '@bonitas/core/job/install/arrivalsOf'
import { request } from '../api/http.js'
import { afterPaint } from './afterPaint.js'
import { changedSince } from './fixChecks.js'
import type { InstallAnswer, InstallAsk, InstallView } from './install.worker.js'

/** The plan of the work, made in a worker: what is on screen stays until what follows from the last change has come. */
export function jobInstall(stored: Ref<JobSnapshot | undefined>, day: Ref<string>) {
  const install = shallowRef<InstallView>()
  const installFailed = shallowRef(false)
  let tried: JobSnapshot['tasks'] | null = null
  /** Of which job it is known, or asked, how suppliers were late elsewhere. */
  let latenessOf = ''
  const lateness = shallowRef<readonly Lateness[]>([])
  let worker: Worker | undefined
  let sent: JobSnapshot | undefined
  let nth = 0

  function ask(): void {
    const job = stored.value && toRaw(stored.value)
    if (!worker || !job) {
      install.value = undefined
      tried = null
      return
    }
    // What is on screen is of this job, or it is not shown.
    if (sent?.brief.id !== job.brief.id) install.value = undefined
    if (latenessOf !== job.brief.id) void askLateness(job.brief.id)
    worker.postMessage({
      ...{ nth: ++nth, changed: changedSince(sent, job), today: day.value, tried },
      lateness: lateness.value,
    } satisfies InstallAsk)
    sent = job
  }

  /** The plan is there without it, as suppliers usually are; with it, it is made anew. */
  async function askLateness(jobId: string): Promise<void> {
    latenessOf = jobId
    lateness.value = []
    const known = await request<Lateness[]>(`/jobs/${jobId}/install/lateness`).catch(() => [])
    if (latenessOf !== jobId || known.length === 0) return
    lateness.value = known
    ask()
  }

  /** Begins to plan, once; the plan follows every change from then on. */
  function needInstall(): void {
    if (worker) return
    worker = new Worker(new URL('./install.worker.ts', import.meta.url), { type: 'module' })
    worker.addEventListener('message', ({ data }: MessageEvent<InstallAnswer>) => {
      if (data.nth !== nth) return
      install.value = data.install
      installFailed.value = false
    })
    worker.addEventListener('error', () => (installFailed.value = true))
    watch([stored, day], afterPaint(ask), { immediate: true })
  }

  /** Shows the plan as it would be with other tasks, while one is moved; null shows it as it is. */
  function tryTasks(tasks: JobSnapshot['tasks'] | null): void {
    tried = tasks
    ask()
  }
  return { install, lateness, installFailed, needInstall, tryTasks }
}
