<script setup lang="ts">
import type { Act } from './act.js'
import ActForm from './ActForm.vue'

/** The form of the act in hand, or what was entered last. */
defineProps<{ act: Act | undefined; said: string }>()
const emit = defineEmits<{ done: []; close: [] }>()
</script>

<template>
  <div v-if="act || said">
    <ActForm v-if="act" :act="act" @done="emit('done')" @close="emit('close')" />
    <p v-else role="status" class="said">{{ said }}</p>
  </div>
</template>

<style scoped>
.said {
  background: var(--paper);
  border-left: 4px solid var(--ink);
  padding: 8px 12px;
}
</style>
