<script setup lang="ts">
import type { ChosenSet } from '@bonitas/core/stages/source/choosing'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

/** What a set changes against today, each change with its money and its reason. */
defineProps<{ set: ChosenSet }>()
const { money } = useLocale()
const signed = (minor: number) =>
  minor === 0 ? t('theSame') : minor > 0 ? `saves ${money(minor)}` : `adds ${money(-minor)}`
</script>

<template>
  <ListTable
    v-if="set.changes.length > 0"
    class="changes"
    :rows="set.changes"
    :columns="[
      { id: 'item', head: t('item') },
      { id: 'now', head: t('now') },
      { id: 'then', head: t('then') },
      { id: 'money', head: t('money'), figure: true },
      { id: 'because', head: t('because') },
    ]"
    :key-of="(c) => c.itemId"
  >
    <template #cell-item="{ row: c }">{{ c.itemName }}</template>
    <template #cell-now="{ row: c }">{{ c.from?.name ?? 'open' }}</template>
    <template #cell-then="{ row: c }"
      ><b>{{ c.to?.name ?? 'later' }}</b></template
    >
    <template #cell-money="{ row: c }">{{ signed(c.savesMinor) }}</template>
    <template #cell-because="{ row: c }">{{ c.because }}</template>
  </ListTable>
  <p v-else class="second">{{ t('nothingToChangeWhatIs') }}</p>
</template>
