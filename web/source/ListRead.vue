<script setup lang="ts">
import { TABLE_FIELDS, type TableField } from '@bonitas/core/stages/source/table/columns'
import type { Grid } from '@bonitas/core/stages/source/table/grid'
import type { TableReading } from '@bonitas/core/stages/source/table/readTable'
import FoldPart from '../form/FoldPart.vue'
import ChoiceField from '../form/ChoiceField.vue'

/** How a list was read: what each column is taken for, its first rows, and what is left out and why. */
defineProps<{
  reading: TableReading
  grid: Grid
  /** Reasons with the rows left for each. */
  whys: readonly (readonly [string, readonly { readonly row: number; readonly text: string }[]])[]
}>()
const emit = defineEmits<{ mean: [column: number, field: TableField | undefined] }>()
const MEANINGS = [{ value: '', text: 'not used' }, ...TABLE_FIELDS]
function mean(index: number, value: string): void {
  emit('mean', index, value === '' ? undefined : (value as TableField))
}
</script>

<template>
  <div class="read">
    <div class="scroll" tabindex="0" role="region" aria-label="Columns and first rows">
      <table>
        <thead>
          <tr>
            <th v-for="c in reading.columns" :key="c.index" scope="col">
              <span>{{ c.header || `column ${c.index + 1}` }}</span>
              <ChoiceField
                quiet
                :model-value="c.field ?? ''"
                :label="`Meaning of ${c.header || `column ${c.index + 1}`}`"
                :choices="MEANINGS"
                @update:model-value="mean(c.index, $event)"
              />
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in reading.taken.slice(0, 8)" :key="r.row">
            <td v-for="c in reading.columns" :key="c.index">{{ grid[r.row - 1]?.[c.index] ?? '' }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <section v-if="whys.length > 0">
      <h2>Left out, and why</h2>
      <FoldPart v-for="[why, rows] in whys" :key="why">
        <template #title>{{ rows.length }} × {{ why }}</template>
        <ul class="second">
          <li v-for="l in rows.slice(0, 40)" :key="l.row">row {{ l.row }}: {{ l.text }}</li>
          <li v-if="rows.length > 40">and {{ rows.length - 40 }} more</li>
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
th,
td {
  font-size: 13px;
  padding: 4px 10px 4px 0;
  white-space: nowrap;
  max-width: 220px;
  overflow: hidden;
  text-overflow: ellipsis;
  height: auto;
}
th select {
  min-width: 92px;
}
th span {
  display: block;
}
</style>
