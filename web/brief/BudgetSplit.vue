<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { BudgetShare } from '@bonitas/core/model/rows/budgetShares'
import { MARKS, SPLURGE_REASONS } from '@bonitas/core/model/vocabulary/budget'
import { CATEGORIES, type Category } from '@bonitas/core/model/vocabulary/category'
import RowChoice from '../form/RowChoice.vue'
import RowTable from '../form/RowTable.vue'
import type { TableColumn } from '../form/tableColumn.js'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** What may be spent, split over the categories, beside what the items of each are to cost. */
const store = useJobStore()
const { money } = useLocale()
const job = computed(() => store.snapshot)
const toSpend = computed(() => store.derived?.brief.toSpendMinor ?? 0)
const shared = computed(() => (job.value?.budgetShares ?? []).reduce((sum, a) => sum + a.amountMinor, 0))
const targets = (category: Category) =>
  (job.value?.items ?? []).filter((i) => i.category === category).reduce((sum, i) => sum + i.targetMinor, 0)
const open = computed(() => CATEGORIES.filter((c) => !job.value?.budgetShares.some((a) => a.category === c)))
const sorted = computed(() =>
  [...(job.value?.budgetShares ?? [])].sort(
    (x, y) => CATEGORIES.indexOf(x.category) - CATEGORIES.indexOf(y.category),
  ),
)
const REASONS = [
  { value: null, text: t('noReasonYet') },
  ...SPLURGE_REASONS.map((r) => ({ value: r, text: `it ${r}` })),
]
const shareColumns: TableColumn<BudgetShare>[] = [
  { id: 'category', head: t('category') },
  { id: 'amountMinor', head: t('share'), kind: 'money', figure: true },
  { id: 'mark', head: t('mark'), choices: MARKS },
  { id: 'reason', head: t('because') },
  { id: 'targets', head: t('targetsOfItsItems'), figure: true },
  { id: 'left', head: t('leftOfTheShare'), figure: true },
]
</script>

<template>
  <section>
    <h2>{{ t('splitOverTheCategories') }}</h2>
    <RowTable
      collection="budgetShares"
      :rows="sorted"
      :columns="shareColumns"
      :name-of="(a) => a.category"
      removable
      :sums="{
        category: 'all',
        amountMinor: money(shared),
        reason: t('ofToSpendToSpend', { toSpend: money(toSpend) }),
        left: money(toSpend - shared),
      }"
    >
      <template #cell-category="{ row }">{{ row.category }}</template>
      <template #cell-reason="{ row }">
        <RowChoice
          v-if="row.mark === 'splurge'"
          collection="budgetShares"
          :row="row"
          field="reason"
          :choices="REASONS"
          bare
          :label="t('whySplurgeOnCategory', { category: row.category })"
        />
      </template>
      <template #cell-targets="{ row }">{{ money(targets(row.category)) }}</template>
      <template #cell-left="{ row }">{{ money(row.amountMinor - targets(row.category)) }}</template>
    </RowTable>
    <p v-if="open.length > 0" class="add second">
      {{ t('addAShareFor') }}
      <ElButton
        v-for="c in open"
        :key="c"
        link
        @click="
          store.add('budgetShares', { category: c, amountMinor: targets(c), mark: 'even', reason: null })
        "
      >
        {{ c }}
      </ElButton>
    </p>
  </section>
</template>

<style scoped>
.add {
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  align-items: baseline;
  padding-top: 6px;
}
</style>
