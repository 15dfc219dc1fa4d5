<script setup lang="ts">
import ListTable from '../form/ListTable.vue'
import type { ChosenSet } from '@bonitas/core/stages/source/choosing'
import { useLocale } from '../form/useLocale.js'

/** What a set changes against today, each change with its money and its reason. */
defineProps<{ set: ChosenSet }>()
const { money } = useLocale()
const signed = (minor: number) =>
  minor === 0 ? 'the same' : minor > 0 ? `saves ${money(minor)}` : `adds ${money(-minor)}`
</script>

<template>
  <ListTable
    v-if="set.changes.length > 0"
    class="changes"
    :rows="set.changes"
    :columns="[
      { id: 'item', head: 'Item' },
      { id: 'now', head: 'Now' },
      { id: 'then', head: 'Then' },
      { id: 'money', head: 'Money', figure: true },
      { id: 'because', head: 'Because' },
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
  <p v-else class="second">Nothing to change: what is chosen is the best that can be had.</p>
</template>
