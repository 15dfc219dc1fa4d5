<script setup lang="ts">
import { computed } from 'vue'
import type { BudgetChance } from '@bonitas/core/stages/ledger/budgetChance'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** Whether the money holds: chance of staying within what is agreed, and the lines that decide it. */
const props = defineProps<{ chance: BudgetChance }>()
const store = useJobStore()
const { money, says } = useLocale()
const agreed = computed(() => money(store.derived?.position.agreedMinor ?? 0))
const inHundred = (share: number) => String(Math.round(100 * share))
const told = computed(() => ({
  mean: money(Math.round(props.chance.meanMinor)),
  eighty: money(props.chance.eightyMinor),
}))
</script>

<template>
  <section>
    <h2 class="answer">
      {{ t('moneyWithin', { agreed, n: inHundred(chance.within), m: inHundred(chance.withoutReserve) }) }}
    </h2>
    <p class="second">
      {{ chance.decides.length === 0 ? t('moneyCertain', told) : t('moneyTeach', told) }}
    </p>
    <template v-if="chance.decides.length > 0">
      <h3>{{ t('moneyDecides') }}</h3>
      <ListTable
        :rows="chance.decides"
        :columns="[
          { id: 'name', head: t('what') },
          { id: 'share', head: t('ofTheDoubt'), figure: true },
          { id: 'settled', head: t('atItsPlan'), figure: true },
        ]"
        :key-of="(d) => d.id"
      >
        <template #cell-name="{ row: d }">{{ d.name }}</template>
        <template #cell-share="{ row: d }">{{ says.percent(d.share) }}</template>
        <template #cell-settled="{ row: d }">{{ inHundred(d.settled) }}</template>
      </ListTable>
    </template>
  </section>
</template>

<style scoped>
section {
  padding-top: 22px;
}
.answer {
  font-size: 18px;
}
.second {
  max-width: 70ch;
}
h3 {
  font-size: 14px;
  padding-top: 12px;
}
</style>
