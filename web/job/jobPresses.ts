import { shallowRef, watch, type Ref } from 'vue'
import type { Checked, SafeFix } from '@bonitas/core/job/fixes/checkFixes'
import type { JudgedFinding } from '@bonitas/core/findings/finding'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import type { jobDerived } from './jobDerived.js'
import { whyNot } from './waysOut.js'

/** What presses act on. */
export interface PressedJob {
  /** All that is found in the job as it is now; undefined while it is being judged for the first time. */
  readonly found: () => readonly JudgedFinding[] | undefined
  /** Of a finding in the job as it is now; undefined until it has come. */
  readonly verdict: (finding: JudgedFinding) => Checked | undefined
  /** Has these tried too, whatever page is in sight. */
  readonly tryAlso: (list: readonly JudgedFinding[]) => void
  /** Does a way out that holds. */
  readonly apply: (safe: SafeFix) => void
  readonly nameOf: (pieceId: string) => string
  /** Says why a press was not done where its finding is in sight no more. */
  readonly say: (why: string) => void
  /** Whether a finding is in sight. */
  readonly inSight: (finding: JudgedFinding) => boolean
}

/**
 * Presses on ways out. Those that come while they are still being tried are kept in their order, and done when the trial
 * holds; when it does not, why is said. No press is lost because the job had just changed, or because another page of it
 * was turned to meanwhile.
 */
export function jobPresses(job: PressedJob) {
  const waiting = shallowRef<readonly Press[]>([])
  const refused = shallowRef<{ readonly key: string; readonly why: string }>()

  /** Does the first press that can be answered; each changes the job, and the next ones are tried anew. */
  function settle(): void {
    const found = job.found()
    if (!found) return
    for (const press of waiting.value) {
      const finding = found.find((f) => f.key === press.key)
      const checked = finding && job.verdict(finding)
      if (finding && !checked) continue
      waiting.value = waiting.value.filter((p) => p !== press)
      // A finding that is gone needs no way out any more.
      if (!checked) continue
      const safe = checked.offered.find((s) => s.fix.label === press.label)
      if (safe) job.apply(safe)
      else {
        const why = whyNot(checked, press.label, job.nameOf)
        if (job.inSight(finding)) refused.value = { key: press.key, why }
        else job.say(why)
      }
    }
  }
  /** The findings that were pressed, as they are now. */
  const pressed = () => job.found()?.filter((f) => waiting.value.some((p) => p.key === f.key)) ?? []
  watch(
    () => (waiting.value.length === 0 ? undefined : [job.found(), pressed().map(job.verdict)]),
    () => {
      settle()
      if (waiting.value.length > 0) job.tryAlso(pressed())
    },
  )

  const isWaiting = (finding: JudgedFinding, label: string): boolean =>
    waiting.value.some((p) => p.key === finding.key && p.label === label)
  return {
    press: (finding: JudgedFinding, label: string): void => {
      refused.value = undefined
      if (isWaiting(finding, label)) return
      waiting.value = [...waiting.value, { key: finding.key, label }]
      settle()
    },
    /** Pressed, and still being tried. */
    isWaiting,
    /** Why the way out that was pressed last was not done. */
    whyNotDone: (finding: JudgedFinding) => (refused.value?.key === finding.key ? refused.value.why : ''),
    /** Lets go of every press: the job is closed. */
    letGo: (): void => {
      waiting.value = []
      refused.value = undefined
    },
  }
}

interface Press {
  readonly key: string
  readonly label: string
}

/** Presses on the job that is open, on whatever page: what is said of one out of sight stands over the foot of the bench. */
export function storePresses(
  stored: Ref<JobSnapshot | undefined>,
  refusal: Ref<string>,
  { findings, plan, install, verdict, tryAlso, inSight }: ReturnType<typeof jobDerived>,
  apply: (safe: SafeFix) => void,
) {
  /** What a piece or an item is called. */
  const nameOf = (id: string): string =>
    (stored.value?.pieces.find((p) => p.id === id) ?? stored.value?.items.find((i) => i.id === id))?.name ??
    ''
  const presses = jobPresses({
    found: () =>
      findings.value && [
        ...findings.value,
        ...(plan.value?.findings ?? []),
        ...(install.value?.findings ?? []),
      ],
    verdict,
    tryAlso,
    inSight,
    apply,
    nameOf,
    say: (why) => (refusal.value = why),
  })
  return { ...presses, nameOf }
}
