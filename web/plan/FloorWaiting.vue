<script setup lang="ts">
import { ElButton } from 'element-plus'
import { RouterLink } from 'vue-router'
import type { Item } from '@bonitas/core/model/rows/items'
import type { Stored } from '@bonitas/core/model/snapshot'
import type { PlanPiece } from '@bonitas/core/stages/plan/standing'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

const { drawn } = useLocale()

/** What is not in the room yet, each set in with one click. */
defineProps<{
  waiting: readonly { readonly piece: PlanPiece; readonly number: number }[]
  undrawn: readonly Stored<Item>[]
  placed: number
  /** What there is to look at, in words; empty when there is nothing. */
  looks: string
}>()
defineEmits<{ place: [pieceId: string, number: number]; draw: [itemId: string] }>()
const store = useJobStore()
</script>

<template>
  <div class="waiting">
    <p>
      <b>{{
        waiting.length + undrawn.length === 0 ? t('everythingStandsInTheRoom') : t('notInTheRoomYet')
      }}</b>
      <span class="second">{{
        t('placedPlacedLooks', { placed, looks: looks === '' ? '' : `, ${looks}` })
      }}</span>
    </p>
    <p class="acts">
      <ElButton
        v-for="w in waiting"
        :key="w.piece.id"
        class="chip"
        @click="$emit('place', w.piece.id, w.number)"
      >
        {{ w.piece.name }}{{ w.piece.count > 1 ? ` ${w.number} of ${w.piece.count}` : '' }}
        <span>{{ drawn(w.piece.widthMm) }} × {{ drawn(w.piece.depthMm) }}</span>
      </ElButton>
      <ElButton v-for="i in undrawn" :key="i.id" class="chip to-buy" @click="$emit('draw', i.id)">
        {{ i.name }} <span>{{ t('toBuy') }}</span>
      </ElButton>
      <ElButton link :tag="RouterLink" :to="`/jobs/${store.snapshot?.brief.id ?? ''}/plan/proposals`">{{
        t('proposeArrangements')
      }}</ElButton>
    </p>
  </div>
</template>

<style scoped>
.waiting {
  display: grid;
  gap: 6px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: baseline;
}
.chip span {
  color: var(--ink-2);
  font-stretch: 80%;
  padding-left: 4px;
}
.chip.to-buy {
  border-style: dashed;
}
</style>
