<script setup lang="ts">
import { ElCollapse, ElCollapseItem } from 'element-plus'
import { ref, watch } from 'vue'

/** A part of a form that opens by its head. */
const props = defineProps<{
  title?: string
  /** Stands open at first, and opens when this becomes true. */
  open?: boolean
}>()
const opened = ref(props.open ? ['it'] : [])
watch(
  () => props.open,
  (open) => {
    if (open) opened.value = ['it']
  },
)
</script>

<template>
  <ElCollapse v-model="opened" class="fold-part" expand-icon-position="left">
    <ElCollapseItem name="it">
      <template #title
        ><slot name="title">{{ title }}</slot></template
      >
      <slot />
    </ElCollapseItem>
  </ElCollapse>
</template>
