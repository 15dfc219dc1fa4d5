<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, nextTick } from 'vue'
import { LOAN_REASONS } from '@bonitas/core/model/vocabulary/ledger'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import SameThing from '../job/SameThing.vue'
import { useJobStore } from '../job/jobStore.js'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

/** What is here and goes back: it costs nothing, covers nothing and is not handed over. */
const store = useJobStore()
const { day } = useLocale()
const loans = computed(() => store.snapshot?.loans ?? [])
const here = computed(() => loans.value.filter((l) => !l.returnedOn))
const gone = computed(() => loans.value.filter((l) => l.returnedOn))
function add(): void {
  const id = store.add('loans', {
    name: t('borrowedThing'),
    pieceId: null,
    owner: '',
    reason: 'for the photograph',
    takenOn: store.day,
    backOn: null,
    returnedOn: null,
    note: '',
  })
  void nextTick(() =>
    document.querySelector<HTMLTextAreaElement>(`[data-loan="${id}"] :is(input, textarea)`)?.select(),
  )
}
/** What went back stands below, with the way to call it here after all. */
function wentBack(id: string): void {
  store.change('loans', id, { returnedOn: store.day })
  void nextTick(() => document.querySelector<HTMLElement>(`[data-gone="${id}"] button`)?.focus())
}
</script>

<template>
  <section class="loans" :aria-label="t('borrowed')">
    <h2>{{ t('borrowedToGiveBack') }}</h2>
    <p class="second">
      {{ t('forThePhotographFromAnother') }}
    </p>
    <article v-for="l in here" :key="l.id" :data-loan="l.id">
      <RowField collection="loans" :row="l" field="name" kind="text" class="long" />
      <SameThing :id="l.id" collection="loans" />
      <RowField collection="loans" :row="l" field="owner" kind="text" />
      <RowChoice collection="loans" :row="l" field="reason" :choices="LOAN_REASONS" />
      <RowField collection="loans" :row="l" field="takenOn" kind="date" />
      <RowField collection="loans" :row="l" field="backOn" kind="date" />
      <RowField collection="loans" :row="l" field="note" kind="text" />
      <p class="does">
        <ElButton :aria-label="t('nameWentBack', { name: l.name })" @click="wentBack(l.id)">{{
          t('wentBack')
        }}</ElButton>
        <ElButton link :aria-label="t('removeName', { name: l.name })" @click="store.remove('loans', l.id)">
          {{ t('remove') }}
        </ElButton>
      </p>
    </article>
    <ElButton @click="add">{{ t('addSomethingBorrowed') }}</ElButton>
    <ul v-if="gone.length > 0" class="second">
      <li v-for="l in gone" :key="l.id" :data-gone="l.id">
        {{ l.name }}<template v-if="l.owner">, {{ l.owner }}</template
        >{{ t('wentBackReturnedOn', { returnedOn: day(l.returnedOn ?? '') }) }}
        <ElButton
          link
          :aria-label="t('nameIsHereAfterAll', { name: l.name })"
          @click="store.change('loans', l.id, { returnedOn: null })"
        >
          {{ t('hereAfterAll') }}
        </ElButton>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.loans {
  display: grid;
  gap: 8px;
  justify-items: start;
  margin-top: 24px;
}
article {
  background: var(--paper);
  padding: 10px 14px;
  display: grid;
  grid-template-columns: 136px 136px 1fr 1fr;
  gap: 8px 12px;
  align-items: end;
  width: 100%;
}
.long {
  grid-column: span 2;
}
/* The choice of the piece fills its cell. */
article :deep(.same-thing) {
  display: grid;
}
.does {
  grid-column: 1 / -1;
  margin: 0;
  display: flex;
  gap: 14px;
  align-items: baseline;
  justify-content: end;
}
@media (width < 760px) {
  article {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
