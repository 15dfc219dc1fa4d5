<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { inScreenGamut, labToHex, lrv, type LabD65 } from '@bonitas/core/kernel/color/lab'
import { NEW_SAMPLE, type Sample } from '@bonitas/core/stages/palette/library/sample'
import { MATERIALS, type Material } from '@bonitas/core/model/vocabulary/finish'
import { ApiProblem, ServerGone } from '../../api/http.js'
import ChoiceField from '../../form/ChoiceField.vue'
import PlainField from '../../form/PlainField.vue'
import { useLibraryStore } from './libraryStore.js'
import { useColorReader } from './useColorReader.js'
import { useLocale } from '../../form/useLocale.js'
import { t } from '../words.js'

const { number } = useLocale()
/** The color reader: its readings of the sample at hand, how far they lie apart, and where the sample goes. */
const emit = defineEmits<{ take: [sample: Sample]; find: [lab: LabD65]; said: [words: string] }>()
const library = useLibraryStore()
const { state, said, name, readings, spread, connect, disconnect, begin } = useColorReader()
onBeforeUnmount(disconnect)

// From here on one value would lie about a worn, sunned or patterned sample (common practice).
const UNEVEN = 2
const STATE_WORDS = {
  off: '',
  connecting: t('lookingForTheReader'),
  on: t('readerReadyLayItOn'),
  lost: t('theReaderIsGoneWhat'),
  none: t('noColorReaderIsSet'),
} as const
const called = ref('')
watch(name, (given) => (called.value = given))
const material = ref<Material>('textile')
const sample = computed((): Sample | undefined => {
  const mean = spread.value?.mean
  const text = called.value.trim()
  return mean && text
    ? { ...NEW_SAMPLE, name: text, lab: mean, material: material.value, readings: readings.value }
    : undefined
})
const spreadWords = computed(() => {
  if (!spread.value || readings.value.length < 2) return t('readItAgainToSee')
  const apart = spread.value.spread
  return t('spreadE00ApartApart2', {
    apart: number(apart, 2),
    apart2: apart > UNEVEN ? t('unevenWornOrPatternedOne') : '',
  })
})

async function keep(): Promise<void> {
  const kept = sample.value
  if (!kept) return
  try {
    await library.keepMeasured(kept)
    emit('said', `${kept.name} is kept in the deck “Measured”.`)
  } catch (error) {
    if (!(error instanceof ServerGone || error instanceof ApiProblem)) throw error
    emit('said', 'It could not be kept: the server did not answer. The readings stay here.')
  }
}
</script>

<template>
  <section class="panel-part">
    <h2>{{ t('colorReader') }}</h2>
    <p class="second" role="status">{{ said || STATE_WORDS[state] }}</p>
    <ElButton v-if="state !== 'on'" @click="connect">{{ t('connectTheReader') }}</ElButton>
    <template v-if="spread">
      <div class="read">
        <i :style="{ background: labToHex(spread.mean) }"></i>
        <p>
          {{
            t('readingsReadings2LRVMean', {
              readings: readings.length,
              readings2: readings.length === 1 ? 'reading' : 'readings',
              mean: number(lrv(spread.mean)),
            })
          }}<br />
          <span class="second">{{ spreadWords }}</span>
          <template v-if="!inScreenGamut(spread.mean)">
            <br /><span class="second">{{ t('noScreenShowsItThe') }}</span>
          </template>
        </p>
      </div>
      <PlainField
        v-model="called"
        :label="t('sample')"
        :fault="called.trim() === '' ? t('nameTheSample') : undefined"
      />
      <ChoiceField v-model="material" :label="t('material')" :choices="MATERIALS" />
      <div class="acts">
        <ElButton :disabled="!sample" @click="sample && emit('take', sample)">
          {{ t('toTheBench') }}
        </ElButton>
        <ElButton :disabled="!sample" @click="keep">{{ t('keepInTheLibrary') }}</ElButton>
        <ElButton link @click="emit('find', spread.mean)">{{ t('findTheNearest') }}</ElButton>
        <ElButton link @click="begin">{{ t('beginAnew') }}</ElButton>
      </div>
    </template>
  </section>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
}
.read {
  display: flex;
  gap: 12px;
}
.read i {
  width: 72px;
  height: 44px;
}
</style>
