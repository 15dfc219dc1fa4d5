<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { VOUCHER_KINDS } from '@bonitas/core/model/vocabulary/ledger'
import { useLocale } from '../form/useLocale.js'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** Gift cards and credits: what is left of each, and until when. They pay; they take nothing off a price. */
defineProps<{ left: ReadonlyMap<string, number> }>()
const store = useJobStore()
const { money } = useLocale()
const vouchers = computed(() => store.snapshot?.vouchers ?? [])
const used = (id: string) => (store.snapshot?.entries ?? []).some((e) => e.voucherId === id)
function add(): void {
  store.add('vouchers', {
    name: t('giftCard'),
    kind: 'gift card',
    supplierId: null,
    amountMinor: 0,
    untilOn: null,
    note: '',
  })
}
</script>

<template>
  <section class="vouchers">
    <h2>{{ t('giftCardsAndCredits') }}</h2>
    <article v-for="v in vouchers" :key="v.id">
      <RowField collection="vouchers" :row="v" field="name" kind="text" class="long" />
      <RowChoice collection="vouchers" :row="v" field="kind" :choices="VOUCHER_KINDS" />
      <RowField collection="vouchers" :row="v" field="amountMinor" kind="money" figure />
      <RowField collection="vouchers" :row="v" field="untilOn" kind="date" />
      <p>
        <b>{{ t('idLeft', { id: money(left.get(v.id) ?? 0) }) }}</b>
        <ElButton
          v-if="!used(v.id)"
          link
          :aria-label="t('removeName', { name: v.name })"
          @click="store.remove('vouchers', v.id)"
        >
          {{ t('remove') }}
        </ElButton>
      </p>
    </article>
    <p v-if="vouchers.length === 0" class="second">
      {{ t('noneStoreCreditFromA') }}
    </p>
    <ElButton link @click="add">{{ t('addAGiftCardOr') }}</ElButton>
  </section>
</template>

<style scoped>
.vouchers {
  display: grid;
  gap: 8px;
  justify-items: start;
}
article {
  background: var(--paper);
  padding: 8px 12px;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px 10px;
  align-items: end;
  width: 100%;
}
.long {
  grid-column: span 2;
}
article p {
  display: flex;
  justify-content: space-between;
  gap: 8px;
  padding-bottom: 6px;
}
</style>
