<script setup lang="ts">
import { ElRadioButton, ElRadioGroup, ElSlider } from 'element-plus'
import { computed, ref } from 'vue'
import type { PicturePair } from '@bonitas/core/stages/handover/pictures'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** Before and after from one standpoint: side by side, or one over the other with an edge that is moved. */
const props = defineProps<{ pair: PicturePair; address: (id: string) => string }>()
const emit = defineEmits<{ mark: [photoId: string, x: number, y: number] }>()
const store = useJobStore()
const how = ref<'beside' | 'over'>('beside')
const part = ref(50)
const both = computed(() => props.pair.before !== undefined && props.pair.after !== undefined)
const marksOf = (photoId: string) => store.snapshot?.pictureMarks.filter((m) => m.photoId === photoId) ?? []
function pressed(event: MouseEvent, photoId: string): void {
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
  emit('mark', photoId, (event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height)
}
</script>

<template>
  <div class="pair">
    <ElRadioGroup v-if="both" v-model="how" size="small" :aria-label="pair.name">
      <ElRadioButton value="beside">{{ t('sideBySide') }}</ElRadioButton>
      <ElRadioButton value="over">{{ t('slider') }}</ElRadioButton>
    </ElRadioGroup>
    <div v-if="how === 'over' && pair.before && pair.after" class="over">
      <div class="stack">
        <img :src="address(pair.before.id)" :alt="t('pictureOf', { when: t('before'), name: pair.name })" />
        <img
          :src="address(pair.after.id)"
          :alt="t('pictureOf', { when: t('after'), name: pair.name })"
          :style="{ clipPath: `inset(0 0 0 ${100 - part}%)` }"
        />
        <i :style="{ left: `${100 - part}%` }" aria-hidden="true"></i>
      </div>
      <ElSlider v-model="part" :aria-label="t('howMuchAfter')" />
    </div>
    <div v-else class="beside">
      <figure
        v-for="[when, photo] in [
          [t('before'), pair.before],
          [t('after'), pair.after],
        ] as const"
        :key="when"
      >
        <div v-if="photo" class="stack" @click="pressed($event, photo.id)">
          <img :src="address(photo.id)" :alt="t('pictureOf', { when, name: pair.name })" />
          <b
            v-for="(m, i) in marksOf(photo.id)"
            :key="m.id"
            :style="{ left: `${100 * m.x}%`, top: `${100 * m.y}%` }"
            :title="m.name"
            >{{ i + 1 }}</b
          >
        </div>
        <div v-else class="none second">{{ t('noPicture') }}</div>
        <figcaption class="second">{{ when }}</figcaption>
      </figure>
    </div>
  </div>
</template>

<style scoped>
.pair {
  display: grid;
  gap: 8px;
  justify-items: start;
}
.beside {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
  width: 100%;
}
.over {
  width: min(100%, 560px);
}
.stack {
  position: relative;
}
.stack img {
  display: block;
  width: 100%;
}
.over .stack img + img {
  position: absolute;
  inset: 0;
  height: 100%;
  object-fit: cover;
}
i {
  position: absolute;
  top: 0;
  bottom: 0;
  width: 2px;
  background: #fff;
  outline: 1px solid var(--ink);
}
b {
  position: absolute;
  translate: -50% -50%;
  min-width: 20px;
  text-align: center;
  background: #fff;
  border: 1px solid var(--ink);
  font-size: 13px;
}
.none {
  aspect-ratio: 4 / 3;
  border: 1px dashed var(--ink);
  display: grid;
  place-items: center;
}
figure {
  margin: 0;
  min-width: 0;
}
</style>
