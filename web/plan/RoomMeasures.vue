<script setup lang="ts">
import ListTable from '../form/ListTable.vue'
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { useLocale } from '../form/useLocale.js'
import { measuresOf } from './floorView.js'
import { downloadPlan } from './planDownload.js'

/** What the plan measures as a whole, and its papers. */
const props = defineProps<{ facts: PlanFacts; roomName: string }>()
const emit = defineEmits<{ tape: [] }>()
const { system } = useLocale()
const measures = computed(() => measuresOf(props.facts, system.value))
</script>

<template>
  <section v-if="measures.length > 0" class="measures">
    <h2>Measures</h2>
    <ListTable
      class="wraps"
      :rows="measures"
      :columns="[
        { id: 'name', head: '' },
        { id: 'value', head: '', figure: true },
      ]"
      :key-of="(m) => m.name"
      headless
    >
      <template #cell-name="{ row: m }">{{ m.name }}</template>
      <template #cell-value="{ row: m }"
        ><span :title="m.sum"
          ><b>{{ m.value }}</b></span
        ></template
      >
    </ListTable>
    <p class="acts">
      <ElButton link @click="downloadPlan(facts, 'svg', roomName)">Plan as SVG</ElButton>
      <ElButton link @click="downloadPlan(facts, 'dxf', roomName)">Plan as DXF</ElButton>
      <ElButton link @click="emit('tape')">Floor tape-out, 1 : 1</ElButton>
    </p>
  </section>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: baseline;
}
</style>
