<script setup lang="ts">
import { computed } from 'vue'
import { inRoom } from '@bonitas/core/model/inRoom'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** Which plants are in bloom in which month. */
const store = useJobStore()
const { monthName } = useLocale()
const MONTHS = Array.from({ length: 12 }, (_x, i) => i + 1)
const plants = computed(() =>
  (store.snapshot?.pieces ?? []).filter((p) => inRoom(p) && p.kind === 'plant' && p.bloomFrom !== null),
)
type Plant = (typeof plants.value)[number]
function blooms({ bloomFrom, bloomTo }: Plant, month: number): boolean {
  if (bloomFrom === null) return false
  const to = bloomTo ?? bloomFrom
  // A bloom may go on into the next year.
  return bloomFrom <= to ? month >= bloomFrom && month <= to : month >= bloomFrom || month <= to
}
</script>

<template>
  <section v-if="plants.length > 0" class="bloom">
    <h2>{{ t('bloom') }}</h2>
    <div class="year" role="table" :aria-label="t('bloom')">
      <div role="row" class="line second">
        <span role="columnheader">{{ t('thing') }}</span>
        <span v-for="m in MONTHS" :key="m" role="columnheader">{{ monthName(m).slice(0, 3) }}</span>
      </div>
      <div v-for="p in plants" :key="p.id" role="row" class="line">
        <span role="rowheader">{{ p.name }}</span>
        <span v-for="m in MONTHS" :key="m" role="cell" :class="{ on: blooms(p, m) }"
          ><span class="visually-hidden">{{ blooms(p, m) ? t('inBloom') : '' }}</span></span
        >
      </div>
    </div>
  </section>
</template>

<style scoped>
.bloom {
  margin-bottom: 22px;
}
.line {
  display: grid;
  grid-template-columns: minmax(120px, 2fr) repeat(12, minmax(24px, 1fr));
  gap: 2px;
  padding: 3px 0;
}
.on {
  background: var(--ink);
}
</style>
