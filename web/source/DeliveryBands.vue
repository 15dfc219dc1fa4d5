<script setup lang="ts">
import { ElButton } from 'element-plus'
import { ref } from 'vue'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { parseMoney } from '@bonitas/core/kernel/money/parseMoney'
import type { Supplier } from '@bonitas/core/model/rows/suppliers'
import PlainField from '../form/PlainField.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** What a supplier asks for delivering an order, by the size of the order. */
const props = defineProps<{ supplier: Supplier }>()
const store = useJobStore()
const { money } = useLocale()
const from = ref('')
const fee = ref('')
const fault = ref('')
function addBand(): void {
  const s = props.supplier
  try {
    const currency = store.snapshot?.studio.currency ?? 'EUR'
    const band = {
      fromMinor: parseMoney(from.value || '0', currency, t('ordersFrom')),
      feeMinor: parseMoney(fee.value || '0', currency, t('delivery')),
    }
    const others = s.deliveryBands.filter((b) => b.fromMinor !== band.fromMinor)
    store.change('suppliers', s.id, {
      deliveryBands: [...others, band].sort((x, y) => x.fromMinor - y.fromMinor),
    })
    from.value = fee.value = fault.value = ''
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    fault.value = error.message
  }
}
function dropBand(fromMinor: number): void {
  const s = props.supplier
  store.change('suppliers', s.id, {
    deliveryBands: s.deliveryBands.filter((b) => b.fromMinor !== fromMinor),
  })
}
</script>

<template>
  <div class="bands-part">
    <h2>{{ t('deliveryOfAnOrderBy') }}</h2>
    <ul>
      <li v-for="b in supplier.deliveryBands" :key="b.fromMinor">
        {{
          t('fromFromMinorFeeMinor', {
            fromMinor: money(b.fromMinor),
            feeMinor: b.feeMinor === 0 ? 'free' : money(b.feeMinor),
          })
        }}
        <ElButton link @click="dropBand(b.fromMinor)">{{ t('remove') }}</ElButton>
      </li>
      <li v-if="supplier.deliveryBands.length === 0" class="second">
        {{ t('noneEachOptionHasA') }}
      </li>
    </ul>
    <form class="band" novalidate @submit.prevent="addBand">
      <PlainField v-model="from" :label="t('ordersFrom')" />
      <PlainField v-model="fee" :label="t('delivery')" :fault="fault || undefined" />
      <ElButton native-type="submit">{{ t('addTheBand') }}</ElButton>
    </form>
  </div>
</template>

<style scoped>
.bands-part {
  display: grid;
  gap: 10px;
}
.band .el-button {
  white-space: nowrap;
}
.band {
  display: flex;
  gap: 10px;
  align-items: end;
}
</style>
