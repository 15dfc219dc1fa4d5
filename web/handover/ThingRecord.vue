<script setup lang="ts">
import { ElDescriptions, ElDescriptionsItem } from 'element-plus'
import { computed } from 'vue'
import type { RegisterEntry } from '@bonitas/core/model/rows/registerEntries'
import { ORIGINS, type Origin } from '@bonitas/core/model/vocabulary/handover'
import type { RegisterThing } from '@bonitas/core/stages/handover/register'
import { COMES_OFF } from '@bonitas/core/stages/handover/removal'
import { listed } from '@bonitas/core/kernel/listed'
import ChoiceField from '../form/ChoiceField.vue'
import DayField from '../form/DayField.vue'
import { useLocale } from '../form/useLocale.js'
import SaidText from '../form/SaidText.vue'
import { useJobStore } from '../job/jobStore.js'
import { useRecords } from './useRecords.js'
import { t } from './words.js'

/** What is known of one thing: where it came from, what goes with it, how it comes off. */
const props = defineProps<{ thing: RegisterThing }>()
const store = useJobStore()
const { money, day } = useLocale()
const { entryOf, setEntry } = useRecords()
const entry = computed(() => entryOf(props.thing.ref))
const set = (part: Partial<RegisterEntry>) => {
  setEntry(props.thing.ref, part)
}
const origin = computed({
  get: () => entry.value?.origin ?? '',
  set: (chosen: string) => set({ origin: ORIGINS.find((o) => o === chosen) ?? null }),
})
const origins = computed(() => [
  { value: '', text: follows.value },
  ...ORIGINS.map((o: Origin) => ({ value: o, text: o })),
])
const follows = computed(() =>
  props.thing.originFrom && props.thing.originFrom !== 'said' && props.thing.origin
    ? t('followsAs', { origin: props.thing.origin })
    : t('notSaid'),
)
const isDay = (text: string) => text === '' || /^\d{4}-\d\d-\d\d$/.test(text)
const dayOf = (field: 'on' | 'backOn' | 'guaranteeUntil') =>
  computed({
    get: () => entry.value?.[field] ?? '',
    set: (text: string) => {
      // What was typed and is no day stays in its field, and nowhere else.
      if (isDay(text)) set({ [field]: text === '' ? null : text })
    },
  })
const on = dayOf('on')
const until = dayOf('guaranteeUntil')
const back = dayOf('backOn')
/** What goes back says when. */
const goesBack = computed(() => props.thing.origin === 'borrowed' || props.thing.origin === 'hired')
const usualOff = computed(() => {
  const piece = store.snapshot?.pieces.find((p) => p.id === props.thing.ref.id)
  return piece ? COMES_OFF[piece.fixing] : undefined
})
</script>

<template>
  <section class="panel-part record">
    <h2>{{ thing.ref.name }}</h2>
    <p v-if="thing.missing.length > 0">
      <b>{{ t('missingOf', { what: listed(thing.missing) }) }}</b>
    </p>
    <ElDescriptions :column="1" border size="small">
      <ElDescriptionsItem v-if="thing.priceMinor !== undefined" :label="t('price')">{{
        money(thing.priceMinor)
      }}</ElDescriptionsItem>
      <ElDescriptionsItem v-if="thing.on" :label="t('since')">{{ day(thing.on) }}</ElDescriptionsItem>
      <ElDescriptionsItem v-if="thing.backOn" :label="t('goesBack')">{{
        day(thing.backOn)
      }}</ElDescriptionsItem>
      <ElDescriptionsItem v-if="usualOff" :label="t('comesOff')">{{ usualOff }}</ElDescriptionsItem>
    </ElDescriptions>
    <ChoiceField v-model="origin" :label="t('whereFrom')" :choices="origins" />
    <SaidText
      :label="t('fromWhom')"
      :value="entry?.fromWhom ?? ''"
      :placeholder="thing.fromWhom"
      :max="120"
      @keep="set({ fromWhom: $event })"
    />
    <SaidText
      :label="t('linkOrNumber')"
      :value="entry?.link ?? ''"
      :placeholder="thing.link"
      :max="400"
      @keep="set({ link: $event })"
    />
    <DayField v-model="on" :label="t('since')" />
    <DayField v-if="goesBack" v-model="back" :label="t('goesBackIn')" />
    <SaidText
      :label="t('guarantee')"
      :value="entry?.guarantee ?? ''"
      :max="200"
      @keep="set({ guarantee: $event })"
    />
    <DayField v-model="until" :label="t('guaranteeUntil')" />
    <SaidText
      :label="t('manualAt')"
      :value="entry?.manualAt ?? ''"
      :max="120"
      @keep="set({ manualAt: $event })"
    />
    <SaidText
      :label="t('comesOffElse')"
      :value="entry?.comesOff ?? ''"
      :max="400"
      @keep="set({ comesOff: $event })"
    />
    <SaidText :label="t('note')" :value="entry?.note ?? ''" :max="400" @keep="set({ note: $event })" />
  </section>
</template>

<style scoped>
.record {
  display: grid;
  gap: 9px;
}
</style>
