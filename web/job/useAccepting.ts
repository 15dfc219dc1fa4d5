import { ref } from 'vue'
import type { JudgedFinding } from '@bonitas/core/findings/finding'
import { useJobStore } from './jobStore.js'
import { t } from './words.js'

const MOST = 400

/** Accepting a finding as deliberate: which one, the reason that is being typed, and what is wrong with it. */
export function useAccepting() {
  const store = useJobStore()
  const accepting = ref('')
  const reason = ref('')
  const fault = ref('')
  function accept(finding: JudgedFinding): void {
    const why = reason.value.trim()
    if (why === '') fault.value = t('reasonIsEmptySayWhy')
    else if (why.length > MOST) fault.value = t('reasonIsLongerThan400')
    else {
      store.accept(finding, why)
      accepting.value = ''
    }
  }
  function begin(finding: JudgedFinding): void {
    accepting.value = finding.key
    reason.value = ''
    fault.value = ''
  }
  return { accepting, reason, fault, accept, begin }
}
