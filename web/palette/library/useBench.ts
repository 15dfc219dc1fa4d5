import { finishFromSample } from '@bonitas/core/stages/palette/library/toFinish'
import type { Sample } from '@bonitas/core/stages/palette/library/sample'
import { ref } from 'vue'
import { useJobStore } from '../../job/jobStore.js'
import { useLocale } from '../../form/useLocale.js'
import { t } from '../words.js'

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
    said.value = there
      ? t('nameIsAmongTheFinishes', { name: sample.name })
      : t('nameIsOnTheBench2', { name: sample.name })
    return there?.id ?? store.add('finishes', fields)
  }
  const { money: price } = useLocale()
  return { take, said, price }
}
