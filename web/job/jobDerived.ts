import { computed, shallowRef, watch, type Ref } from 'vue'
import type { JudgedFinding } from '@bonitas/core/findings/finding'
import { deriveJob } from '@bonitas/core/job/derive'
import type { derivePlan } from '@bonitas/core/job/derivePlan'
import type { judgeJob } from '@bonitas/core/job/judgeJob'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { afterPaint } from './afterPaint.js'
import { fixChecks } from './fixChecks.js'
import { jobInstall } from './jobInstall.js'

/** What follows from the rows of a job: its derived figures, what the rule book noticed, and the plan. */
export function jobDerived(stored: Ref<JobSnapshot | undefined>, day: Ref<string>) {
  const derived = computed(() => stored.value && deriveJob(stored.value, day.value))
  /** What the rule book noticed, found once the change it follows has been drawn; undefined until the first time. */
  const findings = shallowRef<readonly JudgedFinding[]>()
  let rules: { readonly judgeJob: typeof judgeJob } | undefined
  /** The rules come after the page; if they cannot be fetched now, the next change asks again. */
  async function judge(): Promise<void> {
    rules ??= await import('@bonitas/core/job/judgeJob').catch(() => undefined)
    const [job, facts] = [stored.value, derived.value]
    if (rules) findings.value = job && facts ? rules.judgeJob(job, facts, day.value) : undefined
  }
  watch(
    derived,
    afterPaint(() => void judge()),
  )

  // The code of the plan is heavy and needed by its own pages and one line of text: it comes after the page.
  const planCode = shallowRef<{ readonly derivePlan: typeof derivePlan }>()
  const plan = computed(
    () => stored.value && derived.value && planCode.value?.derivePlan(stored.value, derived.value),
  )
  /** Fetches what derives the plan, once. */
  async function needPlan(): Promise<void> {
    planCode.value ??= await import('@bonitas/core/job/derivePlan')
  }
  return { derived, findings, plan, needPlan, ...jobInstall(stored, day), ...fixChecks(stored, day) }
}
