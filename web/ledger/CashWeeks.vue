<script setup lang="ts">
import { computed } from 'vue'
import { cashOf } from '@bonitas/core/job/ledgerTables'
import { dayText } from '@bonitas/core/kernel/units/days'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'

/** Cash needed by week: owed on orders, chosen and not ordered, targets of what is open. */
const store = useJobStore()
const { money } = useLocale()
const SHOWN = 10
const weeks = computed(() =>
  store.snapshot && store.derived ? cashOf(store.snapshot, store.derived, store.day) : [],
)
const sum = (w: (typeof weeks.value)[number]) => w.owedMinor + w.chosenMinor + w.openMinor
const most = computed(() => Math.max(1, ...weeks.value.map(sum)))
const share = (minor: number) => `${(100 * minor) / most.value}%`
const later = computed(() => weeks.value.slice(SHOWN).reduce((s, w) => s + sum(w), 0))
</script>

<template>
  <section>
    <h2>Cash needed by week</h2>
    <p v-if="weeks.length === 0" class="second">Nothing is to be paid.</p>
    <table v-else class="weeks">
      <thead>
        <tr>
          <th scope="col">Week of</th>
          <th scope="col" class="bar-head">
            <span class="key owed"></span>owed <span class="key chosen"></span>chosen
            <span class="key open"></span>open
          </th>
          <th scope="col" class="figure">{{ store.snapshot?.studio.currency }}</th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="w in weeks.slice(0, SHOWN)"
          :key="w.week"
          :title="w.dues.map((d) => `${d.what}: ${money(d.amountMinor)}`).join('\n')"
        >
          <th scope="row">{{ dayText(w.week, store.day) }}</th>
          <td class="bar">
            <i v-if="w.owedMinor > 0" class="owed" :style="{ width: share(w.owedMinor) }"></i
            ><i v-if="w.chosenMinor > 0" class="chosen" :style="{ width: share(w.chosenMinor) }"></i
            ><i v-if="w.openMinor > 0" class="open" :style="{ width: share(w.openMinor) }"></i>
          </td>
          <td class="figure">{{ sum(w) > 0 ? money(sum(w)) : '—' }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="later > 0" class="second">later {{ money(later) }}</p>
  </section>
</template>

<style scoped>
.weeks th {
  font-weight: 400;
  font-size: 13px;
  white-space: nowrap;
  color: var(--ink);
  border-bottom: 1px solid var(--rule);
}
td,
th {
  padding: 3px 0 3px 8px;
  vertical-align: middle;
}
th:first-child {
  padding-left: 0;
}
.bar-head {
  width: 100%;
}
.bar {
  padding: 3px 8px;
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
