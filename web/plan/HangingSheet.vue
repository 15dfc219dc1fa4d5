<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import type { ToHang } from '@bonitas/core/stages/plan/walls/toHang'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { downloadElevation } from './planDownload.js'
import { t } from './words.js'

const { drawn, says } = useLocale()

/** What is told to whoever hangs a wall: where each nail goes and what it carries; and what waits to be hung. */
const props = defineProps<{
  facts: PlanFacts
  wall: { readonly id: string; readonly name: string }
  waiting: readonly ToHang[]
}>()
const emit = defineEmits<{ choose: [id: string]; hang: [pieceId: string, number: number] }>()
const store = useJobStore()
const onWall = computed(() => props.facts.wallPlacements.filter((h) => h.wallId === props.wall.id))
const sheet = computed(() => `/api/jobs/${store.snapshot?.brief.id ?? ''}/plan/hanging-sheet.pdf`)
const mm = drawn
const weightOf = (g: number | null, hooks: number) =>
  g === null ? '?' : says.value.weight(Math.round(g / hooks))
</script>

<template>
  <div class="sheet">
    <p class="head-line">
      <b>{{ t('nameHangingSheet', { name: wall.name }) }}</b>
      <span class="acts">
        <ElButton link tag="a" :href="sheet" target="_blank" rel="noopener">{{
          t('allWallsAsPDF')
        }}</ElButton>
        <ElButton link @click="downloadElevation(facts, wall.id, 'svg', wall.name)">SVG</ElButton>
        <ElButton link @click="downloadElevation(facts, wall.id, 'dxf', wall.name)">DXF</ElButton>
      </span>
    </p>
    <ListTable
      v-if="onWall.length > 0"
      :rows="onWall"
      :columns="[
        { id: 'piece', head: t('piece') },
        { id: 'nailFromLeft', head: t('nailFromLeft'), figure: true },
        { id: 'nailAboveFloor', head: t('nailAboveFloor'), figure: true },
        { id: 'middle', head: t('middle'), figure: true },
        { id: 'top', head: t('top'), figure: true },
        { id: 'size', head: t('size'), figure: true },
        { id: 'loadEach', head: t('loadEach'), figure: true },
      ]"
      :key-of="(h) => h.id"
    >
      <template #cell-piece="{ row: h }"
        ><ElButton link @click="emit('choose', h.id)">{{ h.name }}</ElButton></template
      >
      <template #cell-nailFromLeft="{ row: h }">{{ h.nails.map((n) => mm(n.xMm)).join(', ') }}</template>
      <template #cell-nailAboveFloor="{ row: h }">{{ mm(h.nails[0]?.heightMm ?? 0) }}</template>
      <template #cell-middle="{ row: h }">{{ drawn(h.centerMm) }}</template>
      <template #cell-top="{ row: h }">{{ mm(h.topMm) }}</template>
      <template #cell-size="{ row: h }">{{ mm(h.widthMm) }} × {{ mm(h.heightMm) }}</template>
      <template #cell-loadEach="{ row: h }">{{ weightOf(h.piece.weightG, h.row.hooks) }}</template>
    </ListTable>
    <p v-else class="second">
      {{ t('nothingHangsHereYetHeights') }}
    </p>
    <p v-if="waiting.length > 0" class="acts">
      <ElButton
        v-for="w in waiting"
        :key="w.piece.id"
        class="chip"
        @click="emit('hang', w.piece.id, w.number)"
      >
        {{
          t('hangNameCount', {
            name: w.piece.name,
            count: w.piece.count > 1 ? ` ${w.number} of ${w.piece.count}` : '',
          })
        }}
      </ElButton>
    </p>
  </div>
</template>

<style scoped>
.sheet {
  display: grid;
  gap: 4px;
  max-height: 220px;
  overflow: auto;
}
.head-line {
  display: flex;
  justify-content: space-between;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: baseline;
}
</style>
