<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { t } from './words.js'

/**
 * What is wrong with a form that was sent: it is said, and the first field to mend has the focus. Each field
 * says what is wrong beside itself; how many there are stands here. It stands inside of its form.
 */
const props = defineProps<{ faults: Readonly<Record<string, string>> }>()
const box = ref<HTMLElement>()
const all = computed(() => Object.values(props.faults).filter((text) => text !== ''))
watch(all, async (now, before) => {
  if (now.length === 0 || now.join() === before.join()) return
  await nextTick()
  box.value?.closest('form')?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus()
})
</script>

<template>
  <div ref="box" role="alert" class="fault-summary">
    <p v-if="all.length > 1" class="fault">{{ t('fieldsToMend', { n: all.length }) }}</p>
  </div>
</template>

<style scoped>
.fault-summary:empty {
  display: none;
}
.fault-summary {
  grid-column: 1 / -1;
}
</style>
