<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { labToHex, lrv, type LabD65 } from '@bonitas/core/kernel/color/lab'
import { NEW_SAMPLE, type Sample } from '@bonitas/core/stages/palette/library/sample'
import { MATERIALS, type Material } from '@bonitas/core/model/vocabulary/finish'
import ChoiceField from '../../form/ChoiceField.vue'
import { ApiProblem, ServerGone } from '../../api/http.js'
import PlainField from '../../form/PlainField.vue'
import { useLibraryStore } from './libraryStore.js'
import { useColorReader } from './useColorReader.js'

/** The color reader: its readings of the sample at hand, how far they lie apart, and where the sample goes. */
const emit = defineEmits<{ take: [sample: Sample]; find: [lab: LabD65]; said: [words: string] }>()
const library = useLibraryStore()
const { state, said, name, readings, spread, connect, disconnect, begin } = useColorReader()
onBeforeUnmount(disconnect)

// From here on one value would lie about a worn, sunned or patterned sample (common practice).
const UNEVEN = 2
const STATE_WORDS = {
  off: '',
  connecting: 'looking for the reader …',
  on: 'Reader ready: lay it on a sample and press its trigger.',
  lost: 'The reader is gone. What it read stays here.',
  none: 'No color reader is set up for this program.',
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
  if (!spread.value || readings.value.length < 2) return 'Read it again to see its spread.'
  const apart = spread.value.spread
  return `spread ΔE00 ${apart.toFixed(2)}${apart > UNEVEN ? ': uneven, worn or patterned; one value would lie' : ''}`
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
    <h2>Color reader</h2>
    <p class="second" role="status">{{ said || STATE_WORDS[state] }}</p>
    <ElButton v-if="state !== 'on'" @click="connect">Connect the reader</ElButton>
    <template v-if="spread">
      <div class="read">
        <i :style="{ background: labToHex(spread.mean) }"></i>
        <p>
          {{ readings.length }} {{ readings.length === 1 ? 'reading' : 'readings' }}, LRV
          {{ lrv(spread.mean).toFixed(0) }}<br />
          <span class="second">{{ spreadWords }}</span>
        </p>
      </div>
      <PlainField
        v-model="called"
        label="Sample"
        :fault="called.trim() === '' ? 'Name the sample.' : undefined"
      />
      <ChoiceField v-model="material" label="Material" :choices="MATERIALS" />
      <div class="acts">
        <ElButton :disabled="!sample" @click="sample && emit('take', sample)"> To the bench </ElButton>
        <ElButton :disabled="!sample" @click="keep">Keep in the library</ElButton>
        <ElButton link @click="emit('find', spread.mean)">Find the nearest</ElButton>
        <ElButton link @click="begin">Begin anew</ElButton>
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
