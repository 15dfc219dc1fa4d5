<script setup lang="ts">
import { ElButton } from 'element-plus'
import { labToHex, type LabD65 } from '@bonitas/core/kernel/color/lab'
import type { ExtractedColor } from '@bonitas/core/stages/palette/extraction/extractColors'
import { undertone } from '@bonitas/core/stages/palette/undertone'
import { useLocale } from '../../form/useLocale.js'
import { t } from '../words.js'
const { percent } = useLocale()

/** The colors found in a picture, each material once, in their shares. */
defineProps<{ colors: readonly ExtractedColor[]; chosen: LabD65 | undefined }>()
const emit = defineEmits<{ choose: [color: ExtractedColor] }>()
const word = (lab: LabD65) => undertone('paint', lab).phrase
</script>

<template>
  <div class="colors">
    <div
      v-if="colors.length > 0"
      class="bar"
      role="img"
      :aria-label="t('colorsColorsInTheirShares', { colors: colors.length })"
    >
      <i v-for="(c, i) in colors" :key="i" :style="{ flexGrow: c.share, background: labToHex(c.lab) }"></i>
    </div>
    <ul class="found">
      <li v-for="(c, i) in colors" :key="i">
        <ElButton class="is-line" :aria-pressed="chosen === c.lab" @click="emit('choose', c)">
          <i :style="{ background: labToHex(c.lab) }"></i>
          <span
            >{{ word(c.lab) }}<br /><span class="second">{{ percent(c.share) }}</span></span
          >
        </ElButton>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.colors {
  display: grid;
  gap: 10px;
}
.bar {
  display: flex;
  height: 26px;
}
.bar i {
  flex: 0 1 0;
  min-width: 1px;
}
.found {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(152px, 1fr));
  gap: 6px 10px;
}
.found .el-button {
  width: 100%;
  line-height: 1.2;
  font-size: 13px;
}
.found .el-button > :deep(span) {
  display: flex;
  gap: 9px;
  align-items: center;
}
.found .el-button[aria-pressed='true'] {
  background: var(--paper);
  outline: 1px solid var(--ink);
}
.found i {
  width: 46px;
  height: 34px;
  flex: none;
}
</style>
