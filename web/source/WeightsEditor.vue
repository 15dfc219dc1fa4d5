<script setup lang="ts">
import { ElSlider } from 'element-plus'
import { computed, ref } from 'vue'
import { ASPECTS, type Aspect } from '@bonitas/core/model/vocabulary/aspect'
import RowField from '../form/RowField.vue'
import { useJobStore } from '../job/jobStore.js'

/** How much each aspect counts, 0 to 10, for the whole job. */
const store = useJobStore()
const brief = computed(() => store.snapshot?.brief)
/** Where a slider stands while it is drawn; it is kept when it is let go. */
const drawn = ref<Partial<Record<Aspect, number>>>({})
function set(aspect: Aspect, value: number): void {
  drawn.value = {}
  if (!brief.value || !Number.isInteger(value) || value < 0 || value > 10) return
  store.change('brief', brief.value.id, { weights: { ...brief.value.weights, [aspect]: value } })
}
</script>

<template>
  <div v-if="brief" class="weights">
    <template v-for="a in ASPECTS" :key="a">
      <span class="name" aria-hidden="true">{{ a }}</span>
      <ElSlider
        :model-value="drawn[a] ?? brief.weights[a]"
        :min="0"
        :max="10"
        :aria-label="a"
        :show-tooltip="false"
        @input="drawn[a] = $event as number"
        @change="set(a, $event as number)"
      />
      <span class="figure">{{ drawn[a] ?? brief.weights[a] }}</span>
    </template>
    <RowField collection="brief" :row="brief" field="stayYears" kind="real" figure class="wide" />
    <RowField collection="brief" :row="brief" field="hourMinor" kind="money" figure class="wide" />
  </div>
</template>

<style scoped>
.weights {
  display: grid;
  grid-template-columns: 64px 1fr 24px;
  gap: 4px 10px;
  align-items: center;
}
.wide {
  grid-column: 1 / -1;
  padding-top: 6px;
  font-weight: normal;
  font-stretch: 100%;
}
</style>
