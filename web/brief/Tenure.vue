<script setup lang="ts">
import { ElRadio, ElRadioGroup } from 'element-plus'
import { computed } from 'vue'
import RowField from '../form/RowField.vue'
import { useJobStore } from '../job/jobStore.js'

/** Whether the home is owned or rented, and what a lease asks for. */
const store = useJobStore()
const job = computed(() => store.snapshot)
const rented = computed(() => job.value?.schools.tenure === 'rented')
const TENURES = [null, 'owned', 'rented'] as const
function settle(chosen: unknown): void {
  const tenure = TENURES.find((t) => (t ?? '') === chosen)
  if (job.value && tenure !== undefined) store.change('schools', job.value.schools.id, { tenure })
}
</script>

<template>
  <section v-if="job">
    <h2>Tenure</h2>
    <div class="tenure">
      <ElRadioGroup :model-value="job.schools.tenure ?? ''" aria-label="Tenure" @change="settle">
        <ElRadio v-for="t in TENURES" :key="t ?? ''" :value="t ?? ''">{{ t ?? 'not said yet' }}</ElRadio>
      </ElRadioGroup>
      <RowField v-if="rented" collection="brief" :row="job.brief" field="leaseEndsOn" kind="date" />
      <RowField
        v-if="rented"
        collection="brief"
        :row="job.brief"
        field="backPrimerMinor"
        kind="money"
        figure
      />
      <RowField
        v-if="rented"
        collection="brief"
        :row="job.brief"
        field="backPaintMinor"
        kind="money"
        figure
      />
    </div>
    <p class="second">
      {{
        rented
          ? 'Nothing is drilled, painted or fixed without consent in writing. Ask first; each answer is read narrowly: one color is not another, painting is not drilling.'
          : 'In a rented home nothing is drilled, painted or fixed without leave, and what was changed is listed for putting back.'
      }}
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
