<script setup lang="ts">
import { ElTooltip } from 'element-plus'

/** What is wrong with a field, said over the page beside it: neither a table nor a panel cuts it off. */
defineProps<{ id: string; beside: HTMLElement; text: string }>()
</script>

<template>
  <ElTooltip
    visible
    :virtual-ref="beside"
    virtual-triggering
    effect="light"
    placement="bottom-start"
    :offset="0"
    :show-arrow="false"
    popper-class="field-message"
    append-to="#over"
  >
    <template #content
      ><p :id="id" class="fault">{{ text }}</p></template
    >
  </ElTooltip>
</template>

<style>
.el-popper.is-light.field-message {
  max-width: 300px;
  padding: 5px 8px;
  background: #fff;
}
</style>
