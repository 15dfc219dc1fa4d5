<script setup lang="ts">
import { computed } from 'vue'
import { WAVELENGTHS_NM, type Spectrum } from '@bonitas/core/kernel/color/spectra'
import LineChart from '../chart/LineChart.vue'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

/** What the light of the moment is made of, beside the light of noon: each held to its own most. */
const props = defineProps<{ now: Spectrum; noon: Spectrum | undefined; nowName: string }>()
const { number } = useLocale()

function points(spectrum: Spectrum) {
  const most = Math.max(...spectrum, Number.MIN_VALUE)
  return WAVELENGTHS_NM.map((nm, i) => ({ x: nm, y: (100 * (spectrum[i] ?? 0)) / most }))
}
const series = computed(() => [
  ...(props.noon ? [{ name: t('lightOfNoon'), form: 'dotted' as const, points: points(props.noon) }] : []),
  { name: props.nowName, form: 'full' as const, points: points(props.now) },
])
</script>

<template>
  <section class="panel-part">
    <h2>{{ t('whatTheLightIsMadeOf') }}</h2>
    <LineChart
      :width="300"
      :height="190"
      :name="t('spectrumOfTheLight')"
      :series="series"
      :unit="t('percentOfItsMost')"
      :says-x="(x) => t('nanometers', { x: number(x) })"
      :says-y="(y) => number(y)"
    />
  </section>
</template>
