<script setup lang="ts">
import { computed } from 'vue'
import type { DerivedItem } from '@bonitas/core/job/deriveItems'
import { currencyDigits } from '@bonitas/core/kernel/money/currency'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import AxisRow from './AxisRow.vue'
import { axisView } from './axisView.js'
import { t } from './words.js'

/** The options of every item on one scale of prices; of a long list only the rows in sight are drawn. */
const props = defineProps<{
  items: readonly DerivedItem[]
  /** The rows in sight, with the pixels of those before and after them. */
  shown: readonly DerivedItem[]
  before: number
  after: number
  item: DerivedItem | undefined
  optionId: string | undefined
}>()
const emit = defineEmits<{ take: [itemId: string]; mark: [itemId: string, optionId: string] }>()
const store = useJobStore()
const { money } = useLocale()
const currency = computed(() => store.snapshot?.studio.currency ?? 'EUR')
const axis = computed(() => axisView(props.items, currencyDigits(currency.value)))
const stateText = (i: DerivedItem) =>
  i.state === 'open'
    ? 'open'
    : i.state === 'chosen'
      ? money(i.chosenMinor)
      : money(i.lines.reduce((s, l) => s + l.state.dueMinor, 0))
</script>

<template>
  <table>
    <thead>
      <tr>
        <th scope="col" class="need-head">{{ t('item') }}</th>
        <th scope="col" class="axis-head">
          <span class="visually-hidden">{{ t('optionsByLandedPriceTax') }}</span>
          <div class="axis">
            <span
              v-for="mark in axis.ticks"
              :key="mark.left"
              class="tick narrow"
              :style="{ left: `${mark.left}%` }"
              >{{ mark.text }}</span
            >
          </div>
        </th>
        <th scope="col" class="figure chosen-head">{{ t('chosenCurrency', { currency }) }}</th>
      </tr>
    </thead>
    <tbody :style="{ '--axis-lines': axis.lines }">
      <tr v-if="before > 0" aria-hidden="true">
        <td colspan="3" :style="{ height: `${before}px` }"></td>
      </tr>
      <AxisRow
        v-for="i in shown"
        :key="i.item.id"
        :item="i"
        :axis="axis"
        :here="i === item"
        :option-id="i === item ? optionId : undefined"
        :state="stateText(i)"
        @take="emit('take', i.item.id)"
        @mark="(id) => emit('mark', i.item.id, id)"
      />
      <tr v-if="after > 0" aria-hidden="true">
        <td colspan="3" :style="{ height: `${after}px` }"></td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  table-layout: fixed;
}
.need-head {
  width: 204px;
}
.chosen-head {
  width: 92px;
}
.axis-head {
  padding: 0;
}
.axis {
  position: relative;
  height: 26px;
  margin: 0 14px 0 12px;
}
.axis .tick {
  position: absolute;
  bottom: 3px;
  transform: translateX(-50%);
  color: var(--ink);
}
@media (width < 760px) {
  table,
  tbody {
    display: block;
  }
  thead {
    display: none;
  }
}
</style>
