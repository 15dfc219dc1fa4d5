<script setup lang="ts">
import ListTable from '../form/ListTable.vue'
import { computed } from 'vue'
import { cashOf } from '@bonitas/core/job/ledgerTables'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** Cash needed by week: owed on orders, chosen and not ordered, targets of what is open. */
const store = useJobStore()
const { money, day } = useLocale()
const SHOWN = 10
const weeks = computed(() =>
  store.snapshot && store.derived ? cashOf(store.snapshot, store.derived, store.day) : [],
)
const sum = (w: (typeof weeks.value)[number]) => w.owedMinor + w.chosenMinor + w.openMinor
const most = computed(() => Math.max(1, ...weeks.value.map(sum)))
const share = (minor: number) => `${(100 * minor) / most.value}%`
const later = computed(() => weeks.value.slice(SHOWN).reduce((s, w) => s + sum(w), 0))
const dues = (w: (typeof weeks.value)[number]) =>
  w.dues.map((d) => `${d.what}: ${money(d.amountMinor)}`).join('\n')
</script>

<template>
  <section>
    <h2>{{ t('cashNeededByWeek') }}</h2>
    <p v-if="weeks.length === 0" class="second">{{ t('nothingIsToBePaid') }}</p>
    <ListTable
      v-else
      class="weeks"
      :rows="weeks.slice(0, SHOWN)"
      :columns="[
        { id: 'week', head: t('weekOf') },
        { id: 'bar', head: t('owedChosenOpen') },
        { id: 'sum', head: store.snapshot?.studio.currency ?? '', figure: true },
      ]"
      :key-of="(w) => w.week"
    >
      <template #head-bar
        ><span class="key owed"></span>{{ t('owed') }} <span class="key chosen"></span>{{ t('chosen') }}
        <span class="key open"></span>{{ t('open') }}</template
      >
      <template #cell-week="{ row: w }">{{ day(w.week) }}</template>
      <template #cell-bar="{ row: w }"
        ><span class="bar" :title="dues(w)"
          ><i v-if="w.owedMinor > 0" class="owed" :style="{ width: share(w.owedMinor) }"></i
          ><i v-if="w.chosenMinor > 0" class="chosen" :style="{ width: share(w.chosenMinor) }"></i
          ><i v-if="w.openMinor > 0" class="open" :style="{ width: share(w.openMinor) }"></i></span
      ></template>
      <template #cell-sum="{ row: w }">{{ sum(w) > 0 ? money(sum(w)) : '—' }}</template>
    </ListTable>
    <p v-if="later > 0" class="second">{{ t('laterLater', { later: money(later) }) }}</p>
  </section>
</template>

<style scoped>
:deep(.of-bar) {
  width: 100%;
}
:deep(.of-week .cell) {
  white-space: nowrap;
}
.bar {
  display: block;
  white-space: nowrap;
}
.bar i,
.key {
  display: inline-block;
  height: 12px;
  box-sizing: border-box;
  vertical-align: middle;
}
.key {
  width: 12px;
  margin: 0 3px 0 6px;
}
.owed {
  background: var(--hatch);
  border: 1px solid var(--ink);
}
.chosen {
  background: var(--rule);
  border: 1px solid var(--ink-2);
}
.open {
  background: var(--paper);
  border: 1px dotted var(--ink-2);
}
</style>
