<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { ROWS } from '@bonitas/core/model/registry'
import { SEEN_AS } from '@bonitas/core/model/vocabulary/handover'
import { inRoom } from '@bonitas/core/model/inRoom'
import ChoiceField from '../form/ChoiceField.vue'
import RowField from '../form/RowField.vue'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** The things that are marked in one picture, and what each is. */
const props = defineProps<{ photoId: string }>()
const store = useJobStore()
const marks = computed(() => store.snapshot?.pictureMarks.filter((m) => m.photoId === props.photoId) ?? [])
const pieces = computed(() => [
  { value: '', text: t('noneOfThem') },
  ...(store.snapshot?.pieces ?? []).filter(inRoom).map((p) => ({ value: p.id, text: p.name })),
])
const seenAs = [{ value: '', text: t('nobodySaid') }, ...SEEN_AS.map((s) => ({ value: s, text: s }))]
const MIDDLE = 0.5
function add(x = MIDDLE, y = MIDDLE): void {
  store.add('pictureMarks', {
    ...ROWS.pictureMarks.blank(),
    ...{ photoId: props.photoId, x, y, name: t('thingN', { n: marks.value.length + 1 }) },
  })
}
defineExpose({ add })
</script>

<template>
  <section class="panel-part marks">
    <h2>{{ t('seenIn') }}</h2>
    <p class="second">{{ t('markTeach') }}</p>
    <ElButton @click="add()">{{ t('addMark') }}</ElButton>
    <fieldset v-for="(m, i) in marks" :key="m.id">
      <legend>{{ i + 1 }}</legend>
      <RowField collection="pictureMarks" :row="m" field="name" kind="text" />
      <ChoiceField
        :model-value="m.pieceId ?? ''"
        :label="t('aPieceOf')"
        :choices="pieces"
        @update:model-value="store.change('pictureMarks', m.id, { pieceId: $event === '' ? null : $event })"
      />
      <ChoiceField
        v-if="m.pieceId === null"
        :model-value="m.seenAs ?? ''"
        :label="t('otherwise')"
        :choices="seenAs"
        @update:model-value="
          store.change('pictureMarks', m.id, { seenAs: SEEN_AS.find((s) => s === $event) ?? null })
        "
      />
      <p v-if="m.pieceId === null && m.seenAs === 'borrowed'" class="second">{{ t('borrowedGoesBack') }}</p>
      <ElButton link :aria-label="`${t('remove')}: ${m.name}`" @click="store.remove('pictureMarks', m.id)">{{
        t('remove')
      }}</ElButton>
    </fieldset>
  </section>
</template>

<style scoped>
.marks,
fieldset {
  display: grid;
  gap: 8px;
  justify-items: start;
}
fieldset {
  border: 0;
  border-top: 1px solid var(--rule-2);
  padding: 8px 0 0;
  width: 100%;
}
fieldset > * {
  width: 100%;
}
legend {
  font-weight: 600;
  float: left;
}
</style>
