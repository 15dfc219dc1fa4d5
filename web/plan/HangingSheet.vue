<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { mmText } from '@bonitas/core/kernel/units/length'
import { weightText } from '@bonitas/core/kernel/units/weight'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import type { ToHang } from '@bonitas/core/stages/plan/walls/toHang'
import { useJobStore } from '../job/jobStore.js'
import { downloadElevation } from './planDownload.js'

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
const mm = (value: number) => mmText(Math.round(value))
const weightOf = (g: number | null, hooks: number) =>
  g === null ? '?' : weightText(Math.round(g / hooks), store.snapshot?.studio.system ?? 'metric')
</script>

<template>
  <div class="sheet">
    <p class="head-line">
      <b>{{ wall.name }}, hanging sheet</b>
      <span class="acts">
        <ElButton link tag="a" :href="sheet" target="_blank" rel="noopener">All walls as PDF</ElButton>
        <ElButton link @click="downloadElevation(facts, wall.id, 'svg', wall.name)">SVG</ElButton>
        <ElButton link @click="downloadElevation(facts, wall.id, 'dxf', wall.name)">DXF</ElButton>
      </span>
    </p>
    <table v-if="onWall.length > 0">
      <thead>
        <tr>
          <th scope="col">Piece</th>
          <th scope="col" class="figure">Nail from left</th>
          <th scope="col" class="figure">Nail above floor</th>
          <th scope="col" class="figure">Middle</th>
          <th scope="col" class="figure">Top</th>
          <th scope="col" class="figure">Size</th>
          <th scope="col" class="figure">Load each</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="h in onWall" :key="h.id">
          <td>
            <ElButton link @click="emit('choose', h.id)">{{ h.name }}</ElButton>
          </td>
          <td class="figure">{{ h.nails.map((n) => mm(n.xMm)).join(', ') }}</td>
          <td class="figure">{{ mm(h.nails[0]?.heightMm ?? 0) }}</td>
          <td class="figure">{{ mmText(h.centerMm) }}</td>
          <td class="figure">{{ mm(h.topMm) }}</td>
          <td class="figure">{{ mm(h.widthMm) }} × {{ mm(h.heightMm) }}</td>
          <td class="figure">{{ weightOf(h.piece.weightG, h.row.hooks) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-else class="second">
      Nothing hangs here yet. Heights are told from the floor, places from the left corner.
    </p>
    <p v-if="waiting.length > 0" class="acts">
      <ElButton
        v-for="w in waiting"
        :key="w.piece.id"
        class="chip"
        @click="emit('hang', w.piece.id, w.number)"
      >
        Hang {{ w.piece.name }}{{ w.piece.count > 1 ? ` ${w.number} of ${w.piece.count}` : '' }}
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
td {
  padding-top: 3px;
  padding-bottom: 3px;
}
</style>
