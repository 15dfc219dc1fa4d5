import type { JudgedFinding } from '@bonitas/core/findings/finding'
import { deriveJob } from '@bonitas/core/job/derive'
import type { Lateness } from '@bonitas/core/job/install/arrivalsOf'
import { deriveInstall } from '@bonitas/core/job/install/deriveInstall'
import type { PuttingBackPlan } from '@bonitas/core/job/install/puttingBackPlan'
import { taskSheet, type SheetLine } from '@bonitas/core/job/install/taskSheet'
import { takeoffsOf, type KnownLines } from '@bonitas/core/job/takeoffsOf'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import type { InstallFacts } from '@bonitas/core/stages/install/installFacts'
import type { WorkPlan } from '@bonitas/core/stages/install/workPlan'

/** The parts of the job that are others than last time, and tasks as they would be while a bar is moved. */
export interface InstallAsk {
  readonly nth: number
  readonly changed: Partial<JobSnapshot>
  readonly today: string
  readonly tried: JobSnapshot['tasks'] | null
  /** By how many days suppliers came late in other jobs of the studio. */
  readonly lateness: readonly Lateness[]
}

/** The plan of the work, without what cannot or need not cross. */
export interface InstallView
  extends
    Pick<WorkPlan, 'tasks' | 'arrivals' | 'readyOn' | 'firstDay'>,
    Pick<InstallFacts, 'lastOrders' | 'outOfUse' | 'clearedMm3' | 'unmeasured'> {
  readonly findings: readonly JudgedFinding[]
  readonly putBack: Pick<PuttingBackPlan, 'list' | 'costMinor' | 'leaseEndsOn' | 'beginBy'> &
    Pick<WorkPlan, 'tasks' | 'readyOn'>
  /** What one holds in hand while a task is done, by its key. */
  readonly sheets: Readonly<Record<string, readonly SheetLine[]>>
  /** Lines of the take-off that nobody put on the schedule: not planned. */
  readonly beside: readonly string[]
}
export interface InstallAnswer {
  readonly nth: number
  readonly install: InstallView
}

let job: JobSnapshot | undefined
let current = 0
const known: KnownLines = new Map()

addEventListener('message', ({ data }: MessageEvent<InstallAsk>) => {
  job = { ...job, ...data.changed } as JobSnapshot
  current = data.nth
  // What was asked meanwhile is heard first, and only the last is answered.
  setTimeout(() => {
    if (data.nth !== current || !job) return
    const now = data.tried ? { ...job, tasks: data.tried } : job
    const derived = deriveJob(now, data.today)
    const lines = takeoffsOf(now, derived.measure, known)
    const { facts, findings, putBack } = deriveInstall(now, derived, lines, data.today, data.lateness)
    const { tasks, arrivals, readyOn, firstDay } = facts.plan
    const { lastOrders, outOfUse, clearedMm3, unmeasured } = facts
    postMessage({
      nth: data.nth,
      install: {
        ...{ tasks, arrivals, readyOn, firstDay, lastOrders, outOfUse, clearedMm3, unmeasured, findings },
        sheets: Object.fromEntries(tasks.map((x) => [x.task.key, taskSheet(now, derived, x.task)])),
        putBack: {
          ...{ list: putBack.list, costMinor: putBack.costMinor, leaseEndsOn: putBack.leaseEndsOn },
          ...{ beginBy: putBack.beginBy, tasks: putBack.plan.tasks, readyOn: putBack.plan.readyOn },
        },
        beside: now.takeoffs.filter((t) => t.itemId === null).map((t) => t.name),
      },
    } satisfies InstallAnswer)
  })
})
