<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** Parts of a piece with a finish of their own: the legs of a chair, the shade of a lamp. */
const props = defineProps<{ pieceId: string }>()
const store = useJobStore()
const parts = computed(() => store.snapshot?.pieceParts.filter((p) => p.pieceId === props.pieceId) ?? [])
const finishes = computed(() => store.snapshot?.finishes.map((f) => ({ value: f.id, text: f.name })) ?? [])
function add(): void {
  const finishId = finishes.value[0]?.value
  if (finishId)
    store.add('pieceParts', { pieceId: props.pieceId, name: t('partOfIt'), percent: 20, finishId })
}
</script>

<template>
  <section class="piece-parts" :aria-label="t('partsOfIt')">
    <div v-for="p in parts" :key="p.id" class="part">
      <RowField collection="pieceParts" :row="p" field="name" kind="text" />
      <RowField
        collection="pieceParts"
        :row="p"
        field="percent"
        kind="whole"
        figure
        :label="t('percentSeen')"
      />
      <RowChoice collection="pieceParts" :row="p" field="finishId" :choices="finishes" />
      <ElButton link :aria-label="t('removePart', { name: p.name })" @click="store.remove('pieceParts', p.id)"
        >×</ElButton
      >
    </div>
    <ElButton link :disabled="finishes.length === 0" @click="add">{{ t('addAPart') }}</ElButton>
  </section>
</template>

<style scoped>
.piece-parts {
  grid-column: 1 / -1;
  display: grid;
  gap: 6px;
  justify-items: start;
}
.part {
  display: grid;
  grid-template-columns: 1fr 76px 1.2fr 20px;
  gap: 8px;
  align-items: end;
  width: 100%;
}
</style>
