<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { CHANGES } from '@bonitas/core/model/vocabulary/change'
import type { Choices } from '../form/choices.js'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** What a landlord allowed in writing, one entry a change. */
const props = defineProps<{ surfaces: Choices }>()
const store = useJobStore()
const job = computed(() => store.snapshot)
const anywhere = computed(() => [{ value: '', text: 'anywhere' }, ...props.surfaces.slice(1)])
const finishes = computed(() => [
  { value: null, text: 'none' },
  ...(job.value?.finishes ?? []).map((f) => ({ value: f.id, text: f.name })),
])
const items = computed(() => [
  { value: null, text: t('anyItem') },
  ...(job.value?.items ?? []).map((i) => ({ value: i.id, text: i.name })),
])
const letters = computed(() => [
  { value: null, text: t('noPhoto') },
  ...(job.value?.photos ?? [])
    .filter((p) => p.kind === 'letter')
    .map((p, i) => ({ value: p.id, text: p.note || t('letterI', { i: i + 1 }) })),
])
const addConsent = () =>
  store.add('consents', {
    on: store.day,
    change: 'paint',
    surface: '',
    colors: 'any color',
    finishId: null,
    itemId: null,
    photoId: null,
    words: '',
  })
const photo = (id: string) => `/api/jobs/${job.value?.brief.id ?? ''}/pictures/${id}`
</script>

<template>
  <section v-if="job">
    <div class="part-head">
      <h2>{{ t('theLandlordsWrittenConsent') }}</h2>
      <ElButton @click="addConsent">{{ t('addALetter') }}</ElButton>
    </div>
    <p v-if="job.consents.length === 0" class="second">
      {{ t('oneEntryPerChangeThe') }}
    </p>
    <div v-for="c in job.consents" :key="c.id" class="row consent">
      <RowField collection="consents" :row="c" field="on" kind="date" />
      <RowChoice collection="consents" :row="c" field="change" :choices="CHANGES" />
      <RowChoice collection="consents" :row="c" field="surface" :choices="anywhere" :label="t('where')" />
      <RowChoice
        v-if="c.change === 'paint' || c.change === 'cover'"
        collection="consents"
        :row="c"
        field="colors"
        :choices="['any color', 'white or grey', 'one finish']"
      />
      <RowChoice
        v-if="c.colors === 'one finish'"
        collection="consents"
        :row="c"
        field="finishId"
        :choices="finishes"
      />
      <RowChoice
        v-if="c.change !== 'paint' && c.change !== 'cover'"
        collection="consents"
        :row="c"
        field="itemId"
        :choices="items"
      />
      <RowChoice collection="consents" :row="c" field="photoId" :choices="letters" :label="t('photo')" />
      <RowField class="words" collection="consents" :row="c" field="words" kind="text" />
      <a v-if="c.photoId" :href="photo(c.photoId)" target="_blank" rel="noopener">{{ t('seeTheLetter') }}</a>
      <ElButton link :aria-label="t('removeTheLetter')" @click="store.remove('consents', c.id)">
        {{ t('remove') }}
      </ElButton>
    </div>
  </section>
</template>

<style scoped>
.row {
  display: grid;
  gap: 8px 12px;
  align-items: end;
  border-bottom: 1px solid var(--rule);
  padding: 8px 0;
}
.consent {
  grid-template-columns: repeat(5, minmax(0, 1fr));
}
.consent .words {
  grid-column: span 3;
}
@media (width < 760px) {
  .consent {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
