<script setup lang="ts">
import { ElRadio, ElRadioGroup } from 'element-plus'
import { computed } from 'vue'
import RowField from '../form/RowField.vue'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** Whether the home is owned or rented, and what a lease asks for. */
const store = useJobStore()
const job = computed(() => store.snapshot)
const byGallon = computed(() => job.value?.studio.system === 'imperial')
const rented = computed(() => job.value?.schools.tenure === 'rented')
const TENURES = [null, 'owned', 'rented'] as const
function settle(chosen: unknown): void {
  const tenure = TENURES.find((kind) => (kind ?? '') === chosen)
  if (job.value && tenure !== undefined) store.change('schools', job.value.schools.id, { tenure })
}
</script>

<template>
  <section v-if="job">
    <h2>{{ t('tenure') }}</h2>
    <div class="tenure">
      <ElRadioGroup :model-value="job.schools.tenure ?? ''" :aria-label="t('tenure')" @change="settle">
        <ElRadio v-for="kind in TENURES" :key="kind ?? ''" :value="kind ?? ''">{{
          kind ?? t('notSaidYet')
        }}</ElRadio>
      </ElRadioGroup>
      <RowField v-if="rented" collection="brief" :row="job.brief" field="leaseEndsOn" kind="date" />
      <RowField
        v-if="rented"
        collection="brief"
        :row="job.brief"
        field="backPrimerCubicMinor"
        kind="price by volume"
        :label="t(byGallon ? 'primerAGallon' : 'primerALiter')"
        figure
      />
      <RowField
        v-if="rented"
        collection="brief"
        :row="job.brief"
        field="backPaintCubicMinor"
        kind="price by volume"
        :label="t(byGallon ? 'palePaintAGallon' : 'palePaintALiter')"
        figure
      />
    </div>
    <p class="second">
      {{ rented ? t('nothingIsDrilledPaintedOr') : t('inARentedHomeNothing') }}
    </p>
  </section>
</template>

<style scoped>
.tenure {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: end;
  margin: 6px 0;
}
.tenure .row-field {
  width: 124px;
}
</style>
