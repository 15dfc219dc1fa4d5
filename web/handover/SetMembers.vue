<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Stored } from '@bonitas/core/model/snapshot'
import type { SeasonalSet } from '@bonitas/core/model/rows/seasonalSets'
import { inRoom } from '@bonitas/core/model/inRoom'
import ChoiceBox from '../form/ChoiceBox.vue'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** The things of a seasonal set. */
const props = defineProps<{ set: Stored<SeasonalSet> }>()
const store = useJobStore()
const pieces = computed(() => store.snapshot?.pieces.filter(inRoom) ?? [])
const members = computed(() => pieces.value.filter((p) => props.set.pieceIds.includes(p.id)))
const others = computed(() => [
  { value: '', text: t('addThing') },
  ...pieces.value
    .filter((p) => !props.set.pieceIds.includes(p.id))
    .map((p) => ({ value: p.id, text: p.name })),
])
const keep = (pieceIds: string[]) => {
  store.change('seasonalSets', props.set.id, { pieceIds })
}
</script>

<template>
  <span class="members">
    <ElButton
      v-for="p in members"
      :key="p.id"
      size="small"
      :aria-label="`${t('remove')}: ${p.name}`"
      @click="keep(set.pieceIds.filter((id) => id !== p.id))"
      >{{ p.name }}<span aria-hidden="true" class="cross">✕</span></ElButton
    >
    <ChoiceBox
      :label="t('addThingTo', { set: set.name })"
      value=""
      :choices="others"
      bare
      @choose="$event && keep([...set.pieceIds, $event])"
    />
  </span>
</template>

<style scoped>
.members {
  display: flex;
  flex-wrap: wrap;
  gap: 3px 5px;
}
.cross {
  margin-left: 5px;
}
</style>
