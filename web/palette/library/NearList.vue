<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { labToHex, lrv } from '@bonitas/core/kernel/color/lab'
import { undertone } from '@bonitas/core/stages/palette/undertone'
import ListTable from '../../form/ListTable.vue'
import type { NearSample } from './libraryStore.js'
import { useLocale } from '../../form/useLocale.js'
import { t } from '../words.js'

const { number } = useLocale()
/** Samples by nearness, each with the way onto the bench. */
const props = defineProps<{
  found: readonly NearSample[]
  price: (minor: number) => string
  narrow?: boolean
  act?: string
}>()
const COLUMNS = [
  { id: 'color', head: t('color'), quietHead: true },
  { id: 'sample', head: t('sample') },
  { id: 'deltaE', head: 'ΔE00', figure: true },
  { id: 'lrv', head: 'LRV', figure: true },
  { id: 'undertone', head: t('undertone') },
  { id: 'price', head: t('price'), figure: true },
  { id: 'take', head: t('takeIt'), quietHead: true },
]
const columns = computed(() =>
  COLUMNS.filter((c) => !props.narrow || !['lrv', 'undertone', 'price'].includes(c.id)),
)
defineEmits<{ take: [found: NearSample] }>()
</script>

<template>
  <ListTable
    class="near"
    :rows="found"
    :columns="columns"
    :key-of="(f) => `${f.sample.deckId} ${f.sample.code} ${f.sample.name}`"
  >
    <template #cell-color="{ row: f }"><i :style="{ background: labToHex(f.sample.lab) }"></i></template>
    <template #cell-sample="{ row: f }"
      ><b>{{ f.sample.name }}</b>
      <span class="second">{{ [f.sample.code, f.sample.deck].filter(Boolean).join(' · ') }}</span></template
    >
    <template #cell-deltaE="{ row: f }">{{ number(f.deltaE, 1) }}</template>
    <template #cell-lrv="{ row: f }">{{ number(lrv(f.sample.lab)) }}</template>
    <template #cell-undertone="{ row: f }">{{ undertone(f.sample.material, f.sample.lab).phrase }}</template>
    <template #cell-price="{ row: f }">{{
      f.sample.priceMinor === null ? '' : `${price(f.sample.priceMinor)} / ${f.sample.per}`
    }}</template>
    <template #cell-take="{ row: f }"
      ><ElButton link :aria-label="`${act ?? t('toTheBench')}: ${f.sample.name}`" @click="$emit('take', f)">
        {{ act ?? t('toTheBench') }}
      </ElButton></template
    >
  </ListTable>
</template>

<style scoped>
i {
  display: block;
  width: 52px;
  height: 28px;
}
b {
  font-weight: 600;
  display: block;
  line-height: 1.2;
}
.el-button {
  white-space: nowrap;
}
</style>
