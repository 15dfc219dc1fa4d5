import { deriveJob } from '@bonitas/core/job/derive'
import type { Lateness } from '@bonitas/core/job/install/arrivalsOf'
import { planInputOf } from '@bonitas/core/job/install/deriveInstall'
import { takeoffsOf } from '@bonitas/core/job/takeoffsOf'
import { moneyLimits, uncertainCosts } from '@bonitas/core/job/uncertainMoney'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { readiness, type Readiness } from '@bonitas/core/stages/install/readiness'
import { budgetChance, type BudgetChance } from '@bonitas/core/stages/ledger/budgetChance'
import { workPlan } from '@bonitas/core/stages/install/workPlan'

export interface ReadinessAsk {
  readonly job: JobSnapshot
  readonly today: string
  readonly runs: number
  readonly seed: number
  readonly lateness: readonly Lateness[]
}
export interface ReadinessAnswer {
  readonly readiness: Readiness
  readonly money: BudgetChance
}

addEventListener('message', ({ data }: MessageEvent<ReadinessAsk>) => {
  const { job, today, runs, seed, lateness } = data
  const derived = deriveJob(job, today)
  const input = planInputOf(job, derived, takeoffsOf(job, derived.measure), today, lateness)
  const found = readiness(input, workPlan(input), {
    ...{ installOn: job.brief.installOn, seed, runs },
    told: (done) => postMessage({ done }),
  })
  const money = budgetChance(uncertainCosts(derived), moneyLimits(derived), { runs, seed })
  postMessage({ readiness: found, money } satisfies ReadinessAnswer)
})
