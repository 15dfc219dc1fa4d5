<script setup lang="ts">
import { computed } from 'vue'
import { ASPECTS, type Aspect } from '@bonitas/core/model/vocabulary/aspect'
import RowField from '../form/RowField.vue'
import { useJobStore } from '../job/jobStore.js'

/** How much each aspect counts, 0 to 10, for the whole job. */
const store = useJobStore()
const brief = computed(() => store.snapshot?.brief)
function set(aspect: Aspect, event: Event): void {
  const value = Number((event.target as HTMLInputElement).value)
  if (!brief.value || !Number.isInteger(value) || value < 0 || value > 10) return
  store.change('brief', brief.value.id, { weights: { ...brief.value.weights, [aspect]: value } })
}
</script>

<template>
  <div v-if="brief" class="weights">
    <template v-for="a in ASPECTS" :key="a">
      <label :for="`weight-${a}`">{{ a }}</label>
      <input
        :id="`weight-${a}`"
        type="range"
        min="0"
        max="10"
        step="1"
        :value="brief.weights[a]"
        @change="set(a, $event)"
      />
      <span class="figure">{{ brief.weights[a] }}</span>
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
input[type='range'] {
  accent-color: var(--ink);
  min-width: 0;
}
.wide {
  grid-column: 1 / -1;
  padding-top: 6px;
  font-weight: normal;
  font-stretch: 100%;
}
</style>
