<script setup lang="ts">
import ListTable from '../form/ListTable.vue'
import { TABLE_FIELDS, type TableField } from '@bonitas/core/stages/source/table/columns'
import type { Grid } from '@bonitas/core/stages/source/table/grid'
import type { TableReading } from '@bonitas/core/stages/source/table/readTable'
import FoldPart from '../form/FoldPart.vue'
import ChoiceField from '../form/ChoiceField.vue'
import { t } from './words.js'

/** How a list was read: what each column is taken for, its first rows, and what is left out and why. */
defineProps<{
  reading: TableReading
  grid: Grid
  /** Reasons with the rows left for each. */
  whys: readonly (readonly [string, readonly { readonly row: number; readonly text: string }[]])[]
}>()
const emit = defineEmits<{ mean: [column: number, field: TableField | undefined] }>()
/** Rows shown to see by. */
const SHOWN = 8
const headOf = (c: TableReading['columns'][number]) => c.header || `column ${c.index + 1}`
const MEANINGS = [{ value: '', text: t('notUsed') }, ...TABLE_FIELDS]
function mean(index: number, value: string): void {
  emit('mean', index, value === '' ? undefined : (value as TableField))
}
</script>

<template>
  <div class="read">
    <div class="scroll" tabindex="0" role="region" :aria-label="t('columnsAndFirstRows')">
      <ListTable
        :rows="reading.taken.slice(0, SHOWN)"
        :columns="reading.columns.map((c) => ({ id: String(c.index), head: headOf(c) }))"
        :key-of="(r) => String(r.row)"
      >
        <template v-for="c in reading.columns" :key="c.index" #[`head-${c.index}`]
          ><span>{{ headOf(c) }}</span>
          <ChoiceField
            quiet
            :model-value="c.field ?? ''"
            :label="t('meaningOfC', { c: headOf(c) })"
            :choices="MEANINGS"
            @update:model-value="mean(c.index, $event)"
        /></template>
        <template v-for="c in reading.columns" :key="c.index" #[`cell-${c.index}`]="{ row: r }">{{
          grid[r.row - 1]?.[c.index] ?? ''
        }}</template>
      </ListTable>
    </div>
    <section v-if="whys.length > 0">
      <h2>{{ t('leftOutAndWhy') }}</h2>
      <FoldPart v-for="[why, rows] in whys" :key="why">
        <template #title>{{ rows.length }} × {{ why }}</template>
        <ul class="second">
          <li v-for="l in rows.slice(0, 40)" :key="l.row">
            {{ t('rowRowText', { row: l.row, text: l.text }) }}
          </li>
          <li v-if="rows.length > 40">{{ t('andRowsMore', { rows: rows.length - 40 }) }}</li>
        </ul>
      </FoldPart>
    </section>
  </div>
</template>

<style scoped>
.read {
  display: grid;
  gap: 12px;
  min-width: 0;
}
.scroll {
  overflow: auto;
  max-height: 300px;
}
:deep(.cell) {
  font-size: 13px;
  min-width: 110px;
  max-width: 240px;
}
span {
  display: block;
}
</style>
