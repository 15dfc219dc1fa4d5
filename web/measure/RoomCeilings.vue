<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useJobStore } from '../job/jobStore.js'
import { useWallChoices } from './useWallChoices.js'
import { t } from './words.js'

/** Parts of the ceiling that slope or lie lower. A new one begins at the wall in hand. */
const props = defineProps<{ at: string | undefined }>()
const store = useJobStore()
const job = computed(() => store.snapshot)
const walls = computed(() => store.derived?.measure.walls ?? [])
const wallChoices = useWallChoices()
function addCeiling(): void {
  const wall = walls.value.find((w) => w.id === props.at) ?? walls.value[0]
  if (!wall) return
  store.add('ceilings', {
    wallId: wall.id,
    name: '',
    startHeightMm: 1200,
    endHeightMm: job.value?.room.heightMm ?? 2400,
    depthMm: 1500,
    whole: true,
  })
}
</script>

<template>
  <section v-if="job">
    <div class="part-head">
      <h2>{{ t('lowerAndSlopingCeilings') }}</h2>
      <ElButton :disabled="walls.length < 3" @click="addCeiling">{{ t('addAPart') }}</ElButton>
    </div>
    <p v-if="job.ceilings.length === 0" class="second">
      {{ t('aSlopeBeginsAtOne') }}
    </p>
    <div v-for="c in job.ceilings" :key="c.id" class="row">
      <RowChoice collection="ceilings" :row="c" field="wallId" :choices="wallChoices" :label="t('at')" />
      <RowField
        collection="ceilings"
        :row="c"
        field="startHeightMm"
        kind="length"
        :label="t('highAtIt')"
        figure
      />
      <RowField
        collection="ceilings"
        :row="c"
        field="endHeightMm"
        kind="length"
        :label="t('furtherIn')"
        figure
      />
      <RowField collection="ceilings" :row="c" field="depthMm" kind="length" :label="t('reachesIn')" figure />
      <RowChoice
        collection="ceilings"
        :row="c"
        field="whole"
        :choices="[
          { value: true as never, text: t('wholeWidth') },
          { value: false as never, text: t('itsWallOnly') },
        ]"
        :label="t('over')"
      />
      <ElButton link :aria-label="t('removeThePartOfThe')" @click="store.remove('ceilings', c.id)">
        ×
      </ElButton>
    </div>
  </section>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 1.4fr 1fr 1fr 1fr 1.1fr 24px;
  gap: 8px;
  align-items: end;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}
@media (width < 760px) {
  .row {
    grid-template-columns: 1fr 1fr;
    padding: 6px 0;
  }
}
</style>
