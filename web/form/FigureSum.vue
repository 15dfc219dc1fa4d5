<script setup lang="ts">
import { ElButton, ElTooltip } from 'element-plus'

/**
 * A figure that opens into the sum behind it: pointed at, reached with Tab, or tapped.
 * The slot is the figure.
 */
defineProps<{ sum: string }>()
</script>

<template>
  <ElTooltip
    :content="sum"
    :trigger="['hover', 'focus', 'click']"
    placement="bottom"
    append-to="#over"
    popper-class="figure-sum-says"
    :show-after="80"
    :persistent="false"
  >
    <ElButton link class="figure-sum"><slot /></ElButton>
  </ElTooltip>
</template>

<style>
/* Under a figure that opens, a fine dotted line instead of the line of a link. */
.figure-sum.figure-sum.el-button {
  font: inherit;
  color: inherit;
  padding: 0;
  height: auto;
  min-height: 24px;
  text-decoration: underline dotted 1px;
  text-underline-offset: 3px;
}
.figure-sum-says {
  max-width: min(46ch, 90vw);
  white-space: pre-line;
}
</style>
