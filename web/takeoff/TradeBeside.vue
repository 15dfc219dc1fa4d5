<script setup lang="ts">
import { computed } from 'vue'
import type { TakeoffLine } from '@bonitas/core/stages/takeoff/takeoffTypes'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

/** The same end by other ways, side by side, and what else belongs to the work. */
const props = defineProps<{ line: TakeoffLine }>()
/** What is seen of each way is told in words, which want the whole width. */
const told = computed(() => props.line.beside.some((b) => b.seen))
const { says } = useLocale()
</script>

<template>
  <div v-if="line.beside.length > 0 || line.goesWith.length > 0" class="beside" :class="{ told }">
    <ListTable
      v-if="line.beside.length > 1"
      :rows="line.beside"
      :columns="[
        { id: 'name', head: t('besideEachOther') },
        { id: 'needed', head: t('needed') },
        { id: 'cost', head: says.currency, figure: true },
        ...(told ? [{ id: 'seen', head: t('whatIsSeen') }] : []),
      ]"
      :key-of="(b) => b.name"
    >
      <template #cell-name="{ row: b }">{{ b.name }}</template>
      <template #cell-needed="{ row: b }">{{ b.needed }}</template>
      <template #cell-cost="{ row: b }">{{
        b.costMinor === undefined ? '—' : says.moneyFigures(b.costMinor, false)
      }}</template>
      <template #cell-seen="{ row: b }">{{ b.seen?.join(' ') }}</template>
    </ListTable>
    <ListTable
      v-if="line.goesWith.length > 0"
      :rows="line.goesWith"
      :columns="[
        { id: 'name', head: t('goesWithIt') },
        { id: 'quantity', head: t('quantity'), figure: true },
      ]"
      :key-of="(g) => g.name"
    >
      <template #cell-name="{ row: g }">{{ g.name }}</template>
      <template #cell-quantity="{ row: g }">{{ g.quantity }}</template>
    </ListTable>
  </div>
</template>

<style scoped>
.beside {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr));
  gap: 10px 24px;
  align-items: start;
}
.beside.told {
  grid-template-columns: 1fr;
}
</style>
