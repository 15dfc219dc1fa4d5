<script setup lang="ts">
import { ElSegmented } from 'element-plus'
import { computed } from 'vue'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** The looks of the room as one row of buttons; the one pressed is followed by every other stage. */
const store = useJobStore()
const schemes = computed(() => (store.snapshot?.schemes ?? []).filter((s) => !s.retired))
const letter = (i: number) => String.fromCharCode(65 + (i % 26))
const options = computed(() =>
  schemes.value.map((s, i) => ({ value: s.id, label: `${letter(i)} ${s.name}` })),
)
interface Line {
  readonly value: string
  readonly label: string
}
const notes = computed(() => new Map(schemes.value.map((s) => [s.id, s.note])))
const follow = (id: string) => {
  const brief = store.snapshot?.brief
  if (brief) store.change('brief', brief.id, { schemeId: id })
}
</script>

<template>
  <ElSegmented
    v-if="schemes.length > 0"
    :model-value="store.snapshot?.brief.schemeId ?? undefined"
    :options="options"
    :aria-label="t('schemeFollowed')"
    @change="follow(String($event))"
  >
    <template #default="{ item }"
      ><span :title="notes.get((item as Line).value)">{{ (item as Line).label }}</span></template
    >
  </ElSegmented>
</template>
