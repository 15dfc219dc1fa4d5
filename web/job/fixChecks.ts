import { shallowRef, type Ref } from 'vue'
import type { Checked } from '@bonitas/core/job/fixes/checkFixes'
import type { JudgedFinding } from '@bonitas/core/findings/finding'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { afterPaint } from './afterPaint.js'
import type { FixesAnswer, FixesAsk } from './fixes.worker.js'

/** The parts of a job that are others than they were: lists in which nothing changed are the same lists. */
export const changedSince = (before: JobSnapshot | undefined, now: JobSnapshot): Partial<JobSnapshot> =>
  Object.fromEntries(
    Object.entries(now).filter(([name, part]) => before?.[name as keyof JobSnapshot] !== part),
  )

/**
 * Which ways out of findings may be offered: tried on a copy of the job in a worker, once the page is drawn. A verdict is of
 * one finding of one state of the job: what is judged anew is tried anew.
 */
export function fixChecks(stored: Ref<JobSnapshot | undefined>, day: Ref<string>) {
  const known = new WeakMap<
    JudgedFinding,
    { readonly checked: Checked; readonly of: JobSnapshot | undefined }
  >()
  /** How many verdicts have come: whoever shows one follows it. */
  const came = shallowRef(0)
  let worker: Worker | undefined
  let sent: JobSnapshot | undefined
  let asked: readonly JudgedFinding[] = []
  /** What is in sight, by who shows it, and what was pressed and may be out of it. */
  const shown = new Map<symbol, readonly JudgedFinding[]>()
  let also: readonly JudgedFinding[] = []
  let nth = 0

  function heard(at: number, checked: Checked): void {
    const finding = asked[at]
    if (finding) known.set(finding, { checked, of: sent })
    came.value++
  }
  function start(): Worker {
    const started = new Worker(new URL('./fixes.worker.ts', import.meta.url), { type: 'module' })
    started.addEventListener('message', ({ data }: MessageEvent<FixesAnswer>) => {
      if (data.nth === nth) heard(data.at, data.checked)
    })
    // What cannot be tried is not offered.
    started.addEventListener('error', () =>
      asked.forEach((f, at) => {
        const why = [{ test: 'row', says: 'it could not be tried' }] as const
        if (!verdict(f)) heard(at, { offered: [], dropped: f.fixes.map((fix) => ({ fix, why })) })
      }),
    )
    return started
  }
  const send = afterPaint(() => {
    const job = stored.value
    const wanted = [...new Set([...also, ...[...shown.values()].flat()])].filter(isOpen)
    if (!job || wanted.length === 0) return
    worker ??= start()
    asked = wanted
    worker.postMessage({
      nth: ++nth,
      changed: changedSince(sent, job),
      today: day.value,
      findings: asked,
    } satisfies FixesAsk)
    sent = job
  })

  /** The verdict on a finding's ways out in the job as it is now; undefined until it has come. */
  function verdict(finding: JudgedFinding): Checked | undefined {
    const found = came.value >= 0 ? known.get(finding) : undefined
    return found && found.of === stored.value ? found.checked : undefined
  }
  const isOpen = (f: JudgedFinding): boolean => !f.accepted && f.fixes.length > 0 && !verdict(f)
  return {
    verdict,
    /**
     * Asks for the verdicts of what somebody shows, in its order; what was shown there before and has no answer is let go.
     */
    check: (who: symbol, list: readonly JudgedFinding[]): void => {
      if (list.length > 0) shown.set(who, list)
      else shown.delete(who)
      if (list.some(isOpen)) send()
    },
    /** Asks for the verdicts of these before all others, in sight or not. */
    tryAlso: (list: readonly JudgedFinding[]): void => {
      also = list
      if (list.some(isOpen)) send()
    },
    inSight: (finding: JudgedFinding): boolean =>
      [...shown.values()].some((list) => list.some((f) => f.key === finding.key)),
  }
}
