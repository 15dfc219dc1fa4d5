<script setup lang="ts">
import { ElButton } from 'element-plus'
import { ref } from 'vue'
import { savePicturePng, savePictureSvg, standAlone } from '../files/savePicture.js'
import { t } from './words.js'

/** Saves a drawing of the page as a picture: to draw on, or to send. */
const props = defineProps<{ name: string; drawing: SVGSVGElement | undefined }>()
const fault = ref('')

async function save(format: 'SVG' | 'PNG'): Promise<void> {
  const { drawing, name } = props
  if (!drawing) return
  fault.value = ''
  const svg = standAlone(drawing, name)
  const { width, height } = drawing.viewBox.baseVal
  // A drawing in millimeters of a room is brought to a width that a page has.
  const shrink = Math.min(1, 1400 / width)
  try {
    if (format === 'SVG') await savePictureSvg(name, svg)
    else await savePicturePng(name, svg, { width: width * shrink, height: height * shrink })
  } catch {
    fault.value = t('notSaved')
  }
}
</script>

<template>
  <span class="save-picture">
    <ElButton link :aria-label="t('saveNameAs', { name, format: 'SVG' })" @click="save('SVG')">{{
      t('saveAsSvg')
    }}</ElButton>
    <ElButton link :aria-label="t('saveNameAs', { name, format: 'PNG' })" @click="save('PNG')">{{
      t('saveAsPng')
    }}</ElButton>
    <span v-if="fault" class="fault" role="alert">{{ fault }}</span>
  </span>
</template>

<style scoped>
.save-picture {
  display: inline-flex;
  gap: 10px;
}
</style>
