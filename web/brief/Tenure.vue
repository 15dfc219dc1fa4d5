<script setup lang="ts">
import { computed } from 'vue'
import RowField from '../form/RowField.vue'
import { useJobStore } from '../job/jobStore.js'

/** Whether the home is owned or rented, and what a lease asks for. */
const store = useJobStore()
const job = computed(() => store.snapshot)
const rented = computed(() => job.value?.schools.tenure === 'rented')
</script>

<template>
  <section v-if="job">
    <h2>Tenure</h2>
    <div class="tenure" role="radiogroup" aria-label="Tenure">
      <label v-for="t in [null, 'owned', 'rented'] as const" :key="t ?? 'none'">
        <input
          type="radio"
          name="tenure"
          :checked="job.schools.tenure === t"
          @change="store.change('schools', job.schools.id, { tenure: t })"
        />
        {{ t ?? 'not said yet' }}
      </label>
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
.tenure label {
  display: flex;
  gap: 7px;
  align-items: center;
  min-height: 30px;
}
.tenure .row-field {
  width: 124px;
}
.tenure :deep(.row-field label) {
  display: block;
  min-height: 0;
}
</style>
