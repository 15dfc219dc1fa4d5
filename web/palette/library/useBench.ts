import { finishFromSample } from '@bonitas/core/stages/palette/library/toFinish'
import type { Sample } from '@bonitas/core/stages/palette/library/sample'
import { moneyText } from '@bonitas/core/kernel/money/moneyText'
import { ref } from 'vue'
import { useJobStore } from '../../job/jobStore.js'

/** Takes samples onto the bench of the job as finishes. */
export function useBench() {
  const store = useJobStore()
  const said = ref('')

  /** Adds the sample as a finish; one of the same name, code and color is not added twice. */
  function take(sample: Sample): string {
    const fields = finishFromSample(sample)
    const there = store.snapshot?.finishes.find(
      (f) =>
        f.name === fields.name && f.code === fields.code && f.labL === fields.labL && f.labB === fields.labB,
    )
    said.value = there ? `${sample.name} is among the finishes already.` : `${sample.name} is on the bench.`
    return there?.id ?? store.add('finishes', fields)
  }
  const price = (minor: number) =>
    moneyText(minor, store.snapshot?.studio.currency ?? 'EUR', store.snapshot?.studio.locale ?? 'en-IE')
  return { take, said, price }
}
