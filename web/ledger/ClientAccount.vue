<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { clientAccount } from '@bonitas/core/stages/ledger/clientAccount'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import type { Act } from './act.js'
import type { ledgerActs } from './ledgerActs.js'
import { t } from './words.js'

/** Money of the client on account with the studio, and what the studio laid out of it. */
defineProps<{ acts: ReturnType<typeof ledgerActs> }>()
const emit = defineEmits<{ begin: [act: Act] }>()
const store = useJobStore()
const { money } = useLocale()
const account = computed(() => clientAccount(store.snapshot?.entries ?? []))
</script>

<template>
  <section class="account">
    <h2>{{ t('accountWithTheClient') }}</h2>
    <dl>
      <dt>{{ t('received') }}</dt>
      <dd>{{ money(account.receivedMinor) }}</dd>
      <dt>{{ t('feeCharged') }}</dt>
      <dd>{{ money(account.feeMinor) }}</dd>
      <dt>{{ t('laidOutForPurchases') }}</dt>
      <dd>{{ money(account.laidOutMinor) }}</dd>
      <dt>
        <b>{{ account.inHandMinor >= 0 ? t('inHand') : t('laidOutByTheStudio') }}</b>
      </dt>
      <dd>
        <b>{{ money(Math.abs(account.inHandMinor)) }}</b>
      </dd>
    </dl>
    <ElButton @click="emit('begin', acts.account('client payment'))">{{ t('received') }}</ElButton>
    <ElButton @click="emit('begin', acts.account('fee'))">{{ t('feeCharged') }}</ElButton>
  </section>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 3px 12px;
  margin: 4px 0 10px;
}
dd {
  margin: 0;
  text-align: right;
}
.el-button + .el-button {
  margin-left: 8px;
}
</style>
