<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed, ref } from 'vue'
import ChoiceField from '../form/ChoiceField.vue'
import { useLocale } from '../form/useLocale.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import { useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import ActPanel from './ActPanel.vue'
import { orderable, type OrderGroup } from './ledgerView.js'
import OrderRows from './OrderRows.vue'
import { useActs } from './useActs.js'
import { t } from './words.js'

/** Orders with everything that can be done about them, and what can be ordered now. */
const store = useJobStore()
const { money } = useLocale()
const job = computed(() => store.snapshot)
const groups = computed(() => (job.value && store.derived ? orderable(job.value, store.derived) : []))
const open = computed(() =>
  (store.derived?.items ?? []).filter((i) => i.state === 'open' || i.state === 'chosen'),
)
const { act, acts, said, panel, begin, close, done } = useActs()
useStageKeys([[t('escInAForm'), t('closeItNothingIsEntered')]])

const unticked = ref<ReadonlySet<string>>(new Set())
function tick(id: string, on: boolean): void {
  const next = new Set(unticked.value)
  if (on) next.delete(id)
  else next.add(id)
  unticked.value = next
}
const order = (group: OrderGroup) =>
  begin(
    acts.value.order(
      group,
      group.items.filter((i) => !unticked.value.has(i.id)),
    ),
  )

const only = ref<'all' | 'owed' | 'to come' | 'due back'>('all')
const shown = computed(() =>
  (store.derived?.orders ?? []).filter(
    (o) =>
      only.value === 'all' ||
      (only.value === 'owed' && o.outstandingMinor > 0) ||
      (only.value === 'due back' && o.dueBackMinor > 0) ||
      (only.value === 'to come' && o.lines.some((l) => l.state.toComeQuantity > 0)),
  ),
)
const givenId = ref('')
function give(): void {
  const i = open.value.find((x) => x.item.id === givenId.value) ?? open.value[0]
  if (i) begin(acts.value.give({ id: i.item.id, name: i.item.name, targetMinor: i.item.targetMinor }))
}
const says = computed(() => {
  const p = store.derived?.position
  if (!p) return ''
  if (p.dueBackMinor > 0) return t('dueBackMinorIsPromisedBackAnd', { dueBackMinor: money(p.dueBackMinor) })
  return p.creditMinor > 0
    ? t('creditMinorIsHeldAsStore', { creditMinor: money(p.creditMinor) })
    : t('whatWasOrderedPaidDelivered')
})
</script>

<template>
  <StagePage v-if="job && store.derived" :title="t('ledger')" :says="says">
    <template #head><StageTabs stage="ledger" /></template>
    <section :aria-label="t('orders')">
      <div v-if="store.derived.orders.length > 0" class="above">
        <ChoiceField
          v-model="only"
          beside
          :label="t('show')"
          :choices="['all', 'owed', 'to come', 'due back']"
        />
        <span class="second">{{
          t('shownOfOrdersOrders', { shown: shown.length, orders: store.derived.orders.length })
        }}</span>
      </div>
      <p v-if="store.derived.orders.length === 0 && groups.length === 0" class="teach second">
        {{ t('anOrderTakesTheOptions') }}
      </p>
      <p v-else-if="store.derived.orders.length === 0" class="teach second">
        {{ t('nothingIsOrderedYetWhat') }}
      </p>
      <table v-if="shown.length > 0">
        <OrderRows v-for="o in shown" :key="o.order.id" :order="o" :acts="acts" @begin="begin" />
      </table>
    </section>

    <template #panel>
      <div ref="panel" class="acting">
        <ActPanel :act="act" :said="said" @done="done" @close="close" />
      </div>
      <FindingsPanel stage="ledger" :quiet="t('nothingIsLateOverOr')" :most="5" />
      <section v-for="g in groups" :key="String(g.supplierId)" class="group">
        <h2>{{ t('toOrderName', { name: g.name }) }}</h2>
        <ElCheckbox
          v-for="i in g.items"
          :key="i.id"
          class="to-order"
          :model-value="!unticked.has(i.id)"
          @change="tick(i.id, $event === true)"
        >
          <span
            >{{ i.name }} <span class="second">{{ i.option }}</span></span
          >
          <b>{{ money(i.amountMinor) }}</b>
        </ElCheckbox>
        <ElButton :disabled="g.items.every((i) => unticked.has(i.id))" @click="order(g)">
          {{ t('order') }}
        </ElButton>
      </section>
      <section v-if="open.length > 0" class="group">
        <h2>{{ t('paidForByOthers') }}</h2>
        <p class="second">{{ t('aGiftOrARegistry') }}</p>
        <div class="give">
          <ChoiceField
            v-model="givenId"
            quiet
            class="given"
            :label="t('item')"
            :choices="open.map((i, k) => ({ value: k === 0 ? '' : i.item.id, text: i.item.name }))"
          />
          <ElButton @click="give">{{ t('given') }}</ElButton>
        </div>
      </section>
    </template>
  </StagePage>
</template>

<style scoped>
.above {
  display: flex;
  gap: 10px;
  align-items: center;
  padding-bottom: 4px;
}
.group {
  border-bottom: 1px solid var(--rule);
  padding-bottom: 12px;
  display: grid;
  gap: 5px;
  justify-items: start;
}
.to-order {
  display: flex;
  width: 100%;
  margin-right: 0;
  align-items: start;
}
.to-order :deep(.el-checkbox__label) {
  display: flex;
  flex: 1;
  gap: 8px;
  justify-content: space-between;
}
.given {
  flex: 1;
}
.give {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
  width: 100%;
}
.teach {
  max-width: 60ch;
  padding-top: 8px;
}
</style>
