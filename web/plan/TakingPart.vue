<script setup lang="ts">
import { ElCheckbox } from 'element-plus'
import type { Candidate } from '@bonitas/core/stages/plan/arrange/setOutAnew'
import ListTable from '../form/ListTable.vue'
import { t } from './words.js'

/** Which pieces a search sets out anew, and which keep their place. */
defineProps<{ all: readonly Candidate[] }>()
const leftOut = defineModel<ReadonlySet<string>>('leftOut', { required: true })
const kept = defineModel<ReadonlySet<string>>('kept', { required: true })
function flipped(set: ReadonlySet<string>, id: string): ReadonlySet<string> {
  const next = new Set(set)
  if (next.has(id)) next.delete(id)
  else next.add(id)
  return next
}
</script>

<template>
  <section class="panel-part wide-part">
    <h2>{{ t('whatIsSetOut') }}</h2>
    <ListTable
      :rows="all"
      :columns="[
        { id: 'piece', head: t('piece') },
        { id: 'takePart', head: t('takePart') },
        { id: 'keepPlace', head: t('keepPlace') },
      ]"
      :key-of="({ standing: s, isNew }) => s.id"
    >
      <template #cell-piece="{ row: { standing: s, isNew } }"
        >{{ s.name }} <span v-if="isNew" class="second">{{ t('notPlacedYet') }}</span></template
      >
      <template #cell-takePart="{ row: { standing: s } }"
        ><ElCheckbox
          :model-value="!leftOut.has(s.id)"
          :disabled="s.piece.stays"
          :aria-label="t('nameTakesPart', { name: s.name })"
          @change="leftOut = flipped(leftOut, s.id)"
      /></template>
      <template #cell-keepPlace="{ row: { standing: s, isNew } }"
        ><template v-if="s.piece.stays">{{ t('stays') }}</template
        ><ElCheckbox
          v-else-if="!isNew"
          :model-value="kept.has(s.id)"
          :aria-label="t('nameKeepsItsPlace', { name: s.name })"
          @change="kept = flipped(kept, s.id)"
      /></template>
    </ListTable>
  </section>
</template>

<style scoped>
.wide-part {
  justify-items: stretch;
}
</style>
