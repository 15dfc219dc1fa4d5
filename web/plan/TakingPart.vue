<script setup lang="ts">
import { ElCheckbox } from 'element-plus'
import type { Candidate } from '@bonitas/core/stages/plan/arrange/setOutAnew'

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
    <h2>What is set out</h2>
    <table>
      <thead>
        <tr>
          <th scope="col">Piece</th>
          <th scope="col">Take part</th>
          <th scope="col">Keep place</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ standing: s, isNew } in all" :key="s.id">
          <td>{{ s.name }} <span v-if="isNew" class="second">not placed yet</span></td>
          <td>
            <ElCheckbox
              :model-value="!leftOut.has(s.id)"
              :disabled="s.piece.stays"
              :aria-label="`${s.name} takes part`"
              @change="leftOut = flipped(leftOut, s.id)"
            />
          </td>
          <td>
            <template v-if="s.piece.stays">stays</template
            ><ElCheckbox
              v-else-if="!isNew"
              :model-value="kept.has(s.id)"
              :aria-label="`${s.name} keeps its place`"
              @change="kept = flipped(kept, s.id)"
            />
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.wide-part {
  justify-items: stretch;
}
td {
  padding: 3px 6px 3px 0;
}
</style>
