<script setup lang="ts">
import { ElButton } from 'element-plus'
import { ref, watch } from 'vue'
import type { DerivedItem } from '@bonitas/core/job/deriveItems'
import { lengthText } from '@bonitas/core/kernel/units/length'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'

/** Takes the size limits of an item from where its piece stands on the plan, and from the way in. */
const props = defineProps<{ item: DerivedItem }>()
const store = useJobStore()
const { system } = useLocale()
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
    said.value = facts
      ? `“${item.name}” does not stand on the plan yet. Place it there, then its limits follow.`
      : 'The room is not measured all round yet: the plan has no limits to give.'
    return
  }
  const { roomFor } = await import('@bonitas/core/stages/plan/roomFor')
  const room = roomFor(facts, stood)
  if (!room) {
    said.value = `Where “${item.name}” stands now it is not clear. Fix that on the plan first.`
    return
  }
  store.change('items', item.id, { maxWidthMm: room.widthMm, maxDepthMm: room.depthMm })
  const side = (word: string, mm: number, by: string) =>
    `${word} ${lengthText(mm, system.value)}${by ? ` (${by})` : ''}`
  said.value = `At most ${side('width', room.widthMm, room.widthBy)}, ${side('depth', room.depthMm, room.depthBy)}.`
}
</script>

<template>
  <ElButton link @click="take">Size limits from the plan</ElButton>
  <span class="second said" role="status">{{ said }}</span>
</template>

<style scoped>
.said {
  min-width: 0;
}
</style>
