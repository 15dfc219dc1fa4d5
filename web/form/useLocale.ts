import { computed } from 'vue'
import { moneyText } from '@bonitas/core/kernel/money/moneyText'
import {
  areaText,
  drawingText,
  lengthText,
  measuredText,
  volumeText,
} from '@bonitas/core/kernel/units/length'
import { useJobStore } from '../job/jobStore.js'

/** How the studio of the job on the bench writes money and measures. */
export function useLocale() {
  const store = useJobStore()
  const studio = computed(() => store.snapshot?.studio)
  const system = computed(() => studio.value?.system ?? 'metric')
  return {
    system,
    money: (minor: number) => moneyText(minor, studio.value?.currency ?? 'EUR', studio.value?.locale),
    /** What is computed or drawn: in metric without its unit. */
    drawn: (mm: number) => drawingText(mm, system.value),
    /** What is computed, in running words. */
    measured: (mm: number) => measuredText(mm, system.value),
    length: (mm: number) => lengthText(mm, system.value),
    area: (mm2: number) => areaText(mm2, system.value),
    volume: (mm3: number) => volumeText(mm3, system.value),
    /** A run of wall: meters to the centimeter, or feet and inches. */
    run: (mm: number) =>
      system.value === 'metric' ? `${(mm / 1000).toFixed(2)} m` : lengthText(mm, 'imperial'),
  }
}
