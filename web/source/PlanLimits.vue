<script setup lang="ts">
import { ElButton } from 'element-plus'
import { ref, watch } from 'vue'
import type { DerivedItem } from '@bonitas/core/job/deriveItems'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** Takes the size limits of an item from where its piece stands on the plan, and from the way in. */
const props = defineProps<{ item: DerivedItem }>()
const store = useJobStore()
const { typed } = useLocale()
const said = ref('')
watch(
  () => props.item.item.id,
  () => (said.value = ''),
)

async function take(): Promise<void> {
  const { item } = props.item
  await store.needPlan()
  const facts = store.plan?.facts
  const own = new Set(store.snapshot?.pieces.flatMap((p) => (p.itemId === item.id ? [p.id] : [])))
  const stood = facts?.standings.find((s) => own.has(s.pieceId))
  if (!facts || !stood) {
    said.value = facts ? t('nameDoesNotStandOn', { name: item.name }) : t('theRoomIsNotMeasured')
    return
  }
  const { roomFor } = await import('@bonitas/core/stages/plan/roomFor')
  const room = roomFor(facts, stood)
  if (!room) {
    said.value = t('whereNameStandsNowIt', { name: item.name })
    return
  }
  store.change('items', item.id, { maxWidthMm: room.widthMm, maxDepthMm: room.depthMm })
  const side = (word: string, mm: number, by: string) => `${word} ${typed(mm)}${by ? ` (${by})` : ''}`
  said.value = t('atMostWidthMmDepthMm', {
    widthMm: side('width', room.widthMm, room.widthBy),
    depthMm: side('depth', room.depthMm, room.depthBy),
  })
}
</script>

<template>
  <ElButton link @click="take">{{ t('sizeLimitsFromThePlan') }}</ElButton>
  <span class="second said" role="status">{{ said }}</span>
</template>

<style scoped>
.said {
  min-width: 0;
}
</style>
