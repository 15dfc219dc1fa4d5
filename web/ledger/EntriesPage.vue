<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { ENTRY_KINDS } from '@bonitas/core/model/vocabulary/ledger'
import { isDay } from '@bonitas/core/kernel/units/days'
import DayField from '../form/DayField.vue'
import ChoiceField from '../form/ChoiceField.vue'
import { useJobStore } from '../job/jobStore.js'
import { afterPaint } from '../job/afterPaint.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useWindowed } from '../job/useWindowed.js'
import ActPanel from './ActPanel.vue'
import LedgerProof from './LedgerProof.vue'
import { eventRows, kindWord, rowText } from './ledgerView.js'
import { useActs } from './useActs.js'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

/** Every entry, newest first; what is entered is never changed, only taken back by another. */
const store = useJobStore()
const { column, day } = useLocale()
const job = computed(() => store.snapshot)
const { act, acts, said, panel, begin, close, done } = useActs()
const events = computed(() => (job.value ? eventRows(job.value) : []))
const texts = computed(() => events.value.map((e) => rowText(e, job.value?.studio.currency ?? 'EUR')))
// Written out once the list is on screen, so that the first word that is searched for does not wait for it.
watch(
  events,
  afterPaint(() => texts.value),
  { immediate: true },
)
const search = ref('')
const kind = ref('')
const from = ref('')
const until = ref('')
const found = computed(() => {
  const words = search.value.toLowerCase().split(/\s+/).filter(Boolean)
  if (words.length === 0 && !kind.value && !from.value && !until.value) return events.value
  return events.value.filter(
    (e, n) =>
      (kind.value === '' || e.kind === kind.value) &&
      (!isDay(from.value) || e.on >= from.value) &&
      (!isDay(until.value) || e.on <= until.value) &&
      words.every((w) => texts.value[n]?.includes(w)),
  )
})
const root = ref<HTMLElement>()
const ROW = 30
const { shown, before, after } = useWindowed(found, ROW, root)
const MOVES: ReadonlySet<string> = new Set(['payment', 'refund'])
const sums = computed(() => {
  let [out, back] = [0, 0]
  for (const e of found.value)
    if (e.kind === 'payment') out += e.amountMinor
    else if (e.kind === 'refund') back += e.amountMinor
  return { out, back }
})
</script>

<template>
  <StagePage v-if="job" :title="t('ledger')">
    <template #head><StageTabs stage="ledger" /></template>
    <div ref="root">
      <div class="above">
        <ElInput
          id="entry-search"
          v-model="search"
          class="search"
          type="search"
          :aria-label="t('searchTheEntries')"
          :placeholder="t('search')"
          autocomplete="off"
          clearable
        />
        <ChoiceField
          v-model="kind"
          quiet
          class="kind"
          :label="t('kind')"
          :choices="[
            { value: '', text: t('allKinds') },
            ...ENTRY_KINDS.map((k) => ({ value: k, text: kindWord(k) })),
          ]"
        />
        <DayField v-model="from" class="beside" :label="t('from')" />
        <DayField v-model="until" class="beside" :label="t('until')" />
      </div>
      <p class="second sums" role="status">
        {{ t('foundOfEventsActs', { found: found.length, events: events.length })
        }}<template v-if="sums.out !== 0"> {{ t('paidOut', { out: column(sums.out) }) }}</template
        ><template v-if="sums.back !== 0"> {{ t('refundedBack', { back: column(sums.back) }) }}</template>
      </p>
      <table v-if="found.length > 0">
        <thead>
          <tr>
            <th scope="col" class="c-date">{{ t('date') }}</th>
            <th scope="col">{{ t('what') }}</th>
            <th scope="col" class="c-by">{{ t('by') }}</th>
            <th scope="col" class="figure c-amount">{{ t('amount') }}</th>
            <th scope="col" class="figure c-amount c-so-far">{{ t('paidSoFar') }}</th>
            <th scope="col" class="c-acts">
              <span class="visually-hidden">{{ t('takeBack') }}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-if="before > 0" aria-hidden="true">
            <td colspan="6" :style="{ height: `${before}px` }"></td>
          </tr>
          <tr
            v-for="e in shown"
            :key="e.eventId"
            class="entry"
            :class="{ gone: e.reversed, reversal: e.isReversal }"
          >
            <td class="date">{{ day(e.on) }}</td>
            <td class="what" :title="`${e.what} ${e.note}`">
              <template v-if="e.isReversal">{{ t('takenBack') }} </template>{{ kindWord(e.kind) }}
              <b>{{ e.what }}</b>
              <span class="second">{{ e.note }}</span>
            </td>
            <td class="second what by">{{ [e.memberName, e.means].filter(Boolean).join(', ') }}</td>
            <td class="figure">{{ e.kind === 'delivery' ? '' : column(e.amountMinor) }}</td>
            <td class="figure so-far">{{ MOVES.has(e.kind) ? column(e.paidAfterMinor) : '' }}</td>
            <td class="acts">
              <ElButton
                v-if="!e.reversed && !e.isReversal"
                link
                :aria-label="t('takeBackKindWhat', { kind: kindWord(e.kind), what: e.what })"
                @click="begin(acts.reverse(e))"
              >
                {{ t('takeBack') }}
              </ElButton>
            </td>
          </tr>
          <tr v-if="after > 0" aria-hidden="true">
            <td colspan="6" :style="{ height: `${after}px` }"></td>
          </tr>
        </tbody>
      </table>
      <p v-else-if="events.length > 0" class="second">{{ t('nothingEnteredIsCalledThat') }}</p>
      <p v-else class="second teach">
        {{ t('nothingHasBeenOrderedOr') }}
      </p>
    </div>
    <template #panel>
      <div ref="panel" class="acting"><ActPanel :act="act" :said="said" @done="done" @close="close" /></div>
      <LedgerProof />
    </template>
  </StagePage>
</template>

<style scoped>
.above {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.search,
.kind {
  width: 150px;
}
.above :deep(.plain-field .el-input) {
  width: 140px;
}
.sums {
  padding: 4px 0;
}
table {
  table-layout: fixed;
}
.c-date {
  width: 66px;
}
.c-by {
  width: 120px;
}
.c-amount {
  width: 92px;
}
.c-acts {
  width: 76px;
}
.entry td {
  height: 30px;
  padding: 0 8px 0 0;
  vertical-align: middle;
}
.what {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.date,
.acts {
  white-space: nowrap;
}
.acts {
  text-align: right;
}
.acts .el-button {
  font-size: 13px;
}
.gone td {
  text-decoration: line-through;
  color: var(--ink-2);
}
.teach {
  max-width: 60ch;
  padding-top: 8px;
}
@media (width < 760px) {
  /* Who entered it and the running sum need a wider screen. */
  .c-by,
  .by,
  .c-so-far,
  .so-far {
    display: none;
  }
  .c-date {
    width: 58px;
  }
}
</style>
