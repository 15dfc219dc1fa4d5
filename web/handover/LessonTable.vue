<script setup lang="ts">
import { computed } from 'vue'
import { capital } from '@bonitas/core/kernel/capital'
import { LESSON_KINDS, type Lesson } from '@bonitas/core/model/lesson'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import { useUsual } from '../job/useUsual.js'
import { t } from './words.js'

/** What this job came to against what was planned for it, beside what other closed jobs came to. */
const props = defineProps<{ lessons: readonly Lesson[]; closed: boolean }>()
const { says } = useLocale()
const KINDS = {
  hours: t('lessonHours'),
  'lead time': t('lessonLead'),
  price: t('lessonPrice'),
  waste: t('lessonWaste'),
} as const
const amount = ({ kind }: Lesson, n: number) =>
  kind === 'hours'
    ? says.value.duration(n)
    : kind === 'lead time'
      ? says.value.count(n, t('dayOne'), t('dayMany'))
      : kind === 'price'
        ? says.value.money(n)
        : says.value.number(n, 1)
const usualOf = useUsual()
const rows = computed(() => LESSON_KINDS.flatMap((kind) => props.lessons.filter((l) => l.kind === kind)))
</script>

<template>
  <section class="lessons">
    <h2>{{ closed ? t('learned') : t('wouldLearn') }}</h2>
    <p v-if="rows.length === 0" class="second">{{ t('noLessons') }}</p>
    <ListTable
      v-else
      :rows="rows"
      :columns="[
        { id: 'kind', head: t('ofWhat') },
        { id: 'of', head: t('ofWhich') },
        { id: 'planned', head: t('plannedAt'), figure: true },
        { id: 'actual', head: t('cameTo'), figure: true },
        { id: 'part', head: t('ofPlan'), figure: true },
        { id: 'usual', head: t('usualHere') },
      ]"
      :key-of="(l) => `${l.kind} ${l.of}`"
    >
      <template #cell-kind="{ row: l }">{{ KINDS[l.kind] }}</template>
      <template #cell-of="{ row: l }">{{ capital(l.of) }}</template>
      <template #cell-planned="{ row: l }">{{ amount(l, l.planned) }}</template>
      <template #cell-actual="{ row: l }">{{ amount(l, l.actual) }}</template>
      <template #cell-part="{ row: l }">{{ says.percent(l.actual / l.planned) }}</template>
      <template #cell-usual="{ row: l }"
        ><span class="second">{{ usualOf(l.kind, l.of) }}</span></template
      >
    </ListTable>
  </section>
</template>

<style scoped>
.lessons {
  display: grid;
  gap: 8px;
}
</style>
