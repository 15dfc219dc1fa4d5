<script setup lang="ts">
import { ElButton } from 'element-plus'
import type { useZoom } from './useZoom.js'
import { zonesShown } from './zonesShown.js'
import { t } from './words.js'

/** Nearer, farther, all of it: for the drawing they stand on. */
defineProps<{ zoom: Omit<ReturnType<typeof useZoom>, 'view'> }>()
</script>

<template>
  <div class="zoom" role="group" :aria-label="t('nearness')">
    <ElButton :disabled="zoom.isClosest.value" :aria-label="t('nearer')" @click="zoom.nearer">+</ElButton>
    <ElButton :disabled="zoom.nearness.value <= 1" :aria-label="t('farther')" @click="zoom.farther"
      >−</ElButton
    >
    <ElButton :disabled="zoom.nearness.value <= 1" @click="zoom.all">{{ t('allOfIt') }}</ElButton>
    <ElButton :aria-pressed="zonesShown ? 'true' : 'false'" @click="zonesShown = !zonesShown">{{
      t('cautionZones')
    }}</ElButton>
  </div>
</template>

<style scoped>
.zoom {
  display: flex;
}
.zoom .el-button + .el-button {
  margin-left: -1px;
}
@media print {
  .zoom {
    display: none;
  }
}
</style>
