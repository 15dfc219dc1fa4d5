import { shallowRef, watch } from 'vue'
import type { Checked, SafeFix } from '@bonitas/core/job/fixes/checkFixes'
import type { JudgedFinding } from '@bonitas/core/findings/finding'
import { whyNot } from './waysOut.js'

/**
 * Presses on ways out. Those that come while they are still being tried are kept in their order, and done when the trial
 * holds; when it does not, why is said. No press is lost because the job had just changed.
 * @param list the findings that are shown
 * @param verdict of a finding in the job as it is now; undefined until it has come
 * @param apply does a way out that holds
 * @param nameOf the name of a piece
 */
export function usePresses(
  list: () => readonly JudgedFinding[],
  verdict: (finding: JudgedFinding) => Checked | undefined,
  apply: (safe: SafeFix) => void,
  nameOf: (pieceId: string) => string,
) {
  const waiting = shallowRef<readonly Press[]>([])
  const refused = shallowRef<{ readonly key: string; readonly why: string }>()

  /** Does the first press that can be answered; each changes the job, and the next ones are tried anew. */
  function settle(): void {
    for (const press of waiting.value) {
      const finding = list().find((f) => f.key === press.key)
      const checked = finding && verdict(finding)
      if (finding && !checked) continue
      waiting.value = waiting.value.filter((p) => p !== press)
      // A finding that is gone needs no way out any more.
      if (!checked) continue
      const safe = checked.offered.find((s) => s.fix.label === press.label)
      if (safe) apply(safe)
      else refused.value = { key: press.key, why: whyNot(checked, press.label, nameOf) }
    }
  }
  watch([list, () => list().map(verdict)], settle)

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
    refusal: (finding: JudgedFinding) => (refused.value?.key === finding.key ? refused.value.why : ''),
  }
}

interface Press {
  readonly key: string
  readonly label: string
}
