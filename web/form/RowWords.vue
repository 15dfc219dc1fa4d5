<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Collection } from '@bonitas/core/model/registry'
import type { Row } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'

/** A field of a row that is any number of a few words. */
const props = defineProps<{
  collection: Collection
  row: object
  field: string
  choices: readonly string[]
  label: string
}>()
const store = useJobStore()
const row = computed(() => props.row as Row)
const chosen = computed(() => (row.value[props.field] as readonly string[] | undefined) ?? [])
function toggle(word: string): void {
  const next = chosen.value.includes(word) ? chosen.value.filter((w) => w !== word) : [...chosen.value, word]
  store.change(props.collection, row.value.id, { [props.field]: next })
}
</script>

<template>
  <span class="row-words" role="group" :aria-label="label">
    <ElButton
      v-for="c in choices"
      :key="c"
      size="small"
      :aria-pressed="chosen.includes(c)"
      @click="toggle(c)"
    >
      {{ c }}
    </ElButton>
  </span>
</template>

<style>
.row-words {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
}
</style>
