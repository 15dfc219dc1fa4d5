<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed, ref } from 'vue'
import { listed } from '@bonitas/core/kernel/listed'
import { registerOf } from '@bonitas/core/job/handover/registerOf'
import { isComplete } from '@bonitas/core/stages/handover/register'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useInAddress } from '../job/useInAddress.js'
import CountedCells from './CountedCells.vue'
import FinishRecordEditor from './FinishRecordEditor.vue'
import ThingRecord from './ThingRecord.vue'
import { t } from './words.js'

/** Everything in the room with where it came from, and every finish that was put on with what a repair needs. */
const store = useJobStore()
const { money } = useLocale()
const register = computed(() =>
  store.snapshot && store.derived ? registerOf(store.snapshot, store.derived) : { things: [], finishes: [] },
)
const onlyOpen = ref(false)
const things = computed(() => register.value.things.filter((x) => !onlyOpen.value || !isComplete(x)))
const finishes = computed(() => register.value.finishes.filter((x) => !onlyOpen.value || !isComplete(x)))
const known = (rows: readonly { readonly missing: readonly unknown[] }[]) => rows.map(isComplete)
const count = (rows: readonly { readonly missing: readonly unknown[] }[]) => ({
  n: rows.filter(isComplete).length,
  of: rows.length,
})
const inHand = useInAddress('of')
const thing = computed(() => register.value.things.find((x) => `${x.ref.kind}:${x.ref.id}` === inHand.value))
const finish = computed(() => register.value.finishes.find((x) => `finish:${x.id}` === inHand.value))
const named = (x: { readonly ref: { readonly name: string }; readonly count: number }) =>
  x.count > 1 ? `${x.count} × ${x.ref.name}` : x.ref.name
</script>

<template>
  <StagePage v-if="store.snapshot" :title="t('handover')">
    <template #head><StageTabs stage="handover" /></template>
    <section class="bench-part">
      <div class="part-head">
        <h2>{{ t('knowWhere', count(register.things)) }}</h2>
        <ElCheckbox v-model="onlyOpen" :validate-event="false">{{ t('onlyOpen') }}</ElCheckbox>
      </div>
      <CountedCells :known="known(register.things)" :label="t('thingsN', { n: register.things.length })" />
      <p v-if="register.things.length === 0" class="second">{{ t('noThings') }}</p>
      <p v-else-if="things.length === 0" class="second">{{ t('allKnown') }}</p>
      <ListTable
        v-else
        :rows="things"
        :columns="[
          { id: 'name', head: t('thing') },
          { id: 'origin', head: t('whereFrom') },
          { id: 'whom', head: t('fromWhom') },
          { id: 'price', head: t('price'), figure: true },
          { id: 'missing', head: t('missing') },
        ]"
        :key-of="(x) => `${x.ref.kind}:${x.ref.id}`"
        :row-class="(x) => ({ chosen: `${x.ref.kind}:${x.ref.id}` === inHand })"
      >
        <template #cell-name="{ row: x }">
          <ElButton link @click="inHand = `${x.ref.kind}:${x.ref.id}`">{{ named(x) }}</ElButton>
        </template>
        <template #cell-origin="{ row: x }">{{ x.origin ?? '–' }}</template>
        <template #cell-whom="{ row: x }">{{ x.fromWhom || '–' }}</template>
        <template #cell-price="{ row: x }">{{
          x.priceMinor === undefined ? '' : money(x.priceMinor)
        }}</template>
        <template #cell-missing="{ row: x }"
          ><b v-if="x.missing.length > 0">{{ listed(x.missing) }}</b
          ><span v-else>{{ t('known') }}</span></template
        >
      </ListTable>
    </section>
    <section class="bench-part">
      <div class="part-head">
        <h2>{{ t('finishesKnown', count(register.finishes)) }}</h2>
      </div>
      <CountedCells
        :known="known(register.finishes)"
        :label="t('finishesN', { n: register.finishes.length })"
      />
      <p v-if="register.finishes.length === 0" class="second">{{ t('noFinishes') }}</p>
      <p v-else-if="finishes.length === 0" class="second">{{ t('allKnown') }}</p>
      <ListTable
        v-else
        :rows="finishes"
        :columns="[
          { id: 'name', head: t('finish') },
          { id: 'code', head: t('codeAndSheen') },
          { id: 'where', head: t('usedAt') },
          { id: 'missing', head: t('missing') },
          { id: 'asked', head: t('askedToo') },
        ]"
        :key-of="(x) => x.id"
        :row-class="(x) => ({ chosen: `finish:${x.id}` === inHand })"
      >
        <template #cell-name="{ row: x }">
          <ElButton link @click="inHand = `finish:${x.id}`">{{ x.name }}</ElButton>
        </template>
        <template #cell-code="{ row: x }">{{
          [x.code, x.sheen === 'none' ? '' : x.sheen].filter(Boolean).join(', ') || '–'
        }}</template>
        <template #cell-where="{ row: x }">{{ listed(x.where) || '–' }}</template>
        <template #cell-missing="{ row: x }"
          ><b v-if="x.missing.length > 0">{{ listed(x.missing) }}</b
          ><span v-else>{{ t('known') }}</span></template
        >
        <template #cell-asked="{ row: x }"
          ><span class="second">{{ listed(x.asked) }}</span></template
        >
      </ListTable>
    </section>
    <template #panel>
      <ThingRecord v-if="thing" :key="thing.ref.id" :thing="thing" />
      <FinishRecordEditor v-else-if="finish" :key="finish.id" :finish="finish" />
      <p v-else class="second">{{ t('registerTeach') }}</p>
      <FindingsPanel stage="handover" page="register" :quiet="t('registerQuiet')" />
    </template>
  </StagePage>
</template>

<style scoped>
.bench-part {
  margin-bottom: 22px;
  display: grid;
  gap: 8px;
}
:deep(.chosen td:first-child) {
  border-left: 4px solid var(--ink);
}
</style>
