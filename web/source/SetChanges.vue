<script setup lang="ts">
import type { ChosenSet } from '@bonitas/core/stages/source/choosing'
import { useLocale } from '../form/useLocale.js'

/** What a set changes against today, each change with its money and its reason. */
defineProps<{ set: ChosenSet }>()
const { money } = useLocale()
const signed = (minor: number) =>
  minor === 0 ? 'the same' : minor > 0 ? `saves ${money(minor)}` : `adds ${money(-minor)}`
</script>

<template>
  <table v-if="set.changes.length > 0" class="changes">
    <thead>
      <tr>
        <th scope="col">Item</th>
        <th scope="col">Now</th>
        <th scope="col">Then</th>
        <th scope="col" class="figure">Money</th>
        <th scope="col">Because</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="c in set.changes" :key="c.itemId">
        <td>{{ c.itemName }}</td>
        <td>{{ c.from?.name ?? 'open' }}</td>
        <td>
          <b>{{ c.to?.name ?? 'later' }}</b>
        </td>
        <td class="figure">{{ signed(c.savesMinor) }}</td>
        <td>{{ c.because }}</td>
      </tr>
    </tbody>
  </table>
  <p v-else class="second">Nothing to change: what is chosen is the best that can be had.</p>
</template>

<style scoped>
td,
th {
  padding: 4px 10px 4px 0;
  font-size: 13px;
  vertical-align: top;
  height: auto;
}
</style>
