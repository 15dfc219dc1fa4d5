<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { BOARD_HEIGHT, BOARD_WIDTH, boardSvg, boardWords } from '@bonitas/core/stages/palette/board'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { savePicturePng, savePictureSvg } from '../files/savePicture.js'
import BoardDrawing from './board/BoardDrawing.js'
import SchemeBar from './SchemeBar.vue'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

const { number } = useLocale()
const store = useJobStore()
const job = computed(() => store.snapshot)
const facts = computed(() => store.derived?.palette)
const fault = ref('')
const worn = computed(() => facts.value?.finishes.filter((f) => f.share > 0) ?? [])
const svg = computed(() => {
  if (!job.value || !facts.value) return ''
  return boardSvg(facts.value.finishes, boardWords(job.value, facts.value.scheme?.name, new Date()))
})
// On the page the shipped font goes by its own name.
const shown = computed(() => svg.value.replaceAll('font-family="Archivo"', 'font-family="Archivo Variable"'))
const name = computed(() => t('roomNameSampleBoard', { roomName: job.value?.brief.roomName ?? t('room') }))

async function savePng(): Promise<void> {
  fault.value = ''
  try {
    await savePicturePng(name.value, svg.value, { width: BOARD_WIDTH, height: BOARD_HEIGHT })
  } catch {
    fault.value = t('thePictureCouldNotBe')
  }
}
const saveSvg = () => savePictureSvg(name.value, svg.value)
const pdf = computed(() => `/api/jobs/${job.value?.brief.id ?? ''}/board.pdf`)
</script>

<template>
  <StagePage v-if="job && facts" :title="t('palette')">
    <template #head><StageTabs stage="palette" /></template>
    <div class="over-bench"><SchemeBar /></div>
    <p v-if="worn.length === 0" class="second teaching">
      {{ t('theBoardIsPutTogether') }}
    </p>
    <!-- Every name in the drawing is escaped where it is drawn. -->
    <div
      v-else
      class="board"
      role="img"
      :aria-label="
        t('sampleBoardJoin', {
          join: worn.map((f) => `${f.finish.name} ${number(100 * f.share)} %`).join(', '),
        })
      "
    >
      <BoardDrawing :svg="shown" />
    </div>
    <template #panel>
      <section class="panel-part">
        <h2>{{ t('forTheClient') }}</h2>
        <p class="second">
          {{ t('eachTileIsAsLarge') }}
        </p>
        <ElButton
          :tag="worn.length === 0 ? 'button' : 'a'"
          :disabled="worn.length === 0"
          :href="pdf"
          target="_blank"
          rel="noopener"
          >{{ t('openAsPDFA3') }}</ElButton
        >
        <ElButton :disabled="worn.length === 0" @click="saveSvg">{{ t('saveAsSVG') }}</ElButton>
        <ElButton :disabled="worn.length === 0" @click="savePng">{{ t('saveAsPNG') }}</ElButton>
        <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
      </section>
      <section v-if="worn.some((f) => !f.finish.code)" class="panel-part">
        <h2>{{ t('withoutACode') }}</h2>
        <p class="second">
          {{
            t('knownTodayAndGoneIn', {
              join: worn
                .filter((f) => !f.finish.code)
                .map((f) => f.finish.name)
                .join(', '),
            })
          }}
        </p>
      </section>
    </template>
  </StagePage>
</template>

<style scoped>
.board :deep(svg) {
  display: block;
  width: 100%;
  height: auto;
  border: 1px solid var(--rule);
}
</style>
