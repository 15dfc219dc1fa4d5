<script setup lang="ts">
import { computed } from 'vue'
import { listed } from '@bonitas/core/kernel/listed'
import type { RegisterFinish } from '@bonitas/core/stages/handover/register'
import DayField from '../form/DayField.vue'
import RowField from '../form/RowField.vue'
import RowChoice from '../form/RowChoice.vue'
import SaidText from '../form/SaidText.vue'
import { SHEENS } from '@bonitas/core/model/vocabulary/finish'
import { useJobStore } from '../job/jobStore.js'
import { useRecords } from './useRecords.js'
import { t } from './words.js'

/** What a later repair of a finish asks for. */
const props = defineProps<{ finish: RegisterFinish }>()
const store = useJobStore()
const { recordOf, setRecord } = useRecords()
const row = computed(() => store.snapshot?.finishes.find((f) => f.id === props.finish.id))
const record = computed(() => recordOf(props.finish.id))
const appliedOn = computed({
  get: () => record.value?.appliedOn ?? '',
  set: (text: string) => {
    // What was typed and is no day stays in its field, and nowhere else.
    if (text === '' || /^\d{4}-\d\d-\d\d$/.test(text))
      setRecord(props.finish.id, { appliedOn: text === '' ? null : text })
  },
})
</script>

<template>
  <section class="panel-part record">
    <h2>{{ finish.name }}</h2>
    <p v-if="finish.missing.length > 0">
      <b>{{ t('missingOf', { what: listed(finish.missing) }) }}</b>
    </p>
    <p class="second">{{ finish.where.length > 0 ? listed(finish.where) : t('onNothing') }}</p>
    <template v-if="row">
      <RowField collection="finishes" :row="row" field="code" kind="text" />
      <RowChoice collection="finishes" :row="row" field="sheen" :choices="SHEENS" :label="t('sheen')" />
    </template>
    <SaidText
      :label="t('batch')"
      :value="record?.batch ?? ''"
      :max="60"
      @keep="setRecord(finish.id, { batch: $event })"
    />
    <DayField v-model="appliedOn" :label="t('appliedOn')" />
    <SaidText
      :label="t('supplier')"
      :value="record?.supplier ?? ''"
      :placeholder="finish.supplier"
      :max="120"
      @keep="setRecord(finish.id, { supplier: $event })"
    />
    <SaidText
      :label="t('spare')"
      :value="record?.spare ?? ''"
      :max="120"
      @keep="setRecord(finish.id, { spare: $event })"
    />
    <SaidText
      :label="t('spareAt')"
      :value="record?.spareAt ?? ''"
      :max="120"
      @keep="setRecord(finish.id, { spareAt: $event })"
    />
  </section>
</template>

<style scoped>
.record {
  display: grid;
  gap: 9px;
}
</style>
