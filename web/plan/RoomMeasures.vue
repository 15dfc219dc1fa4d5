<script setup lang="ts">
import { ElButton, ElDescriptions, ElDescriptionsItem } from 'element-plus'
import { computed } from 'vue'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { measuresOf } from './floorView.js'
import { downloadPlan } from './planDownload.js'
import FigureSum from '../form/FigureSum.vue'
import { t } from './words.js'

/** What the plan measures as a whole, and its papers. */
const props = defineProps<{ facts: PlanFacts; roomName: string }>()
const emit = defineEmits<{ tape: [] }>()
const measures = computed(() => measuresOf(props.facts))
</script>

<template>
  <section v-if="measures.length > 0" class="measures">
    <h2>{{ t('measures') }}</h2>
    <ElDescriptions class="wraps" :column="1" border size="small">
      <ElDescriptionsItem v-for="m in measures" :key="m.name" :label="m.name" align="right">
        <FigureSum :sum="m.sum"
          ><b>{{ m.value }}</b></FigureSum
        >
      </ElDescriptionsItem>
    </ElDescriptions>
    <p class="acts">
      <ElButton link @click="downloadPlan(facts, 'svg', roomName)">{{ t('planAsSVG') }}</ElButton>
      <ElButton link @click="downloadPlan(facts, 'dxf', roomName)">{{ t('planAsDXF') }}</ElButton>
      <ElButton link @click="emit('tape')">{{ t('floorTapeOut11') }}</ElButton>
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
