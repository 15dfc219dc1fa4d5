<script setup lang="ts">
import { computed } from 'vue'
import { useJobStore } from '../job/jobStore.js'

/** The looks of the room as one row of buttons; the one pressed is followed by every other stage. */
const store = useJobStore()
const schemes = computed(() => (store.snapshot?.schemes ?? []).filter((s) => !s.retired))
const letter = (i: number) => String.fromCharCode(65 + (i % 26))
const follow = (id: string) => {
  const brief = store.snapshot?.brief
  if (brief) store.change('brief', brief.id, { schemeId: id })
}
</script>

<template>
  <div v-if="schemes.length > 0" class="schemes" role="group" aria-label="Scheme followed">
    <button
      v-for="(s, i) in schemes"
      :key="s.id"
      :aria-pressed="s.id === store.snapshot?.brief.schemeId"
      :title="s.note || undefined"
      @click="follow(s.id)"
    >
      {{ letter(i) }} {{ s.name }}
    </button>
  </div>
</template>

<style scoped>
.schemes {
  display: flex;
  flex-wrap: wrap;
  border: 1px solid var(--ink);
  width: fit-content;
}
button {
  border: 0;
  border-right: 1px solid var(--ink);
  background: var(--paper);
  padding: 4px 12px;
  min-height: 28px;
  max-width: 220px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
button:last-child {
  border-right: 0;
}
button[aria-pressed='true'] {
  background: var(--ink);
  color: var(--paper);
  font-weight: 600;
}
button:focus-visible {
  outline-offset: -3px;
}
button[aria-pressed='true']:focus-visible {
  outline-color: var(--paper);
}
</style>
