<script setup lang="ts">
import { ElButton } from 'element-plus'
import { ref } from 'vue'
import { ApiProblem, request, ServerGone } from '../api/http.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** The ledger proved on demand: everything in double entry, and what does not add up. */
const store = useJobStore()
interface Proof {
  readonly provedAt: string
  readonly entries: number
  readonly faults: readonly string[]
}
const proof = ref<Proof>()
const trouble = ref('')
async function prove(): Promise<void> {
  trouble.value = ''
  try {
    proof.value = await request<Proof>(`/jobs/${store.snapshot?.brief.id ?? ''}/ledger-proof`, {
      method: 'POST',
      body: {},
    })
  } catch (error) {
    if (!(error instanceof ServerGone || error instanceof ApiProblem)) throw error
    trouble.value = error instanceof ApiProblem ? error.detail : t('theServerDoesNotAnswer')
  }
}
</script>

<template>
  <section class="proof">
    <h2>{{ t('proof') }}</h2>
    <p class="second">
      {{ t('everyEntryIsKeptIn') }}
    </p>
    <ElButton @click="prove">{{ t('proveItNow') }}</ElButton>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <div v-if="proof" role="status">
      <p v-if="proof.faults.length === 0">
        <b>{{ t('allEntriesEntriesOfThe', { entries: proof.entries }) }}</b>
      </p>
      <template v-else>
        <p>
          <b>{{
            t('faultsFaults2NotAddUp', {
              faults: proof.faults.length,
              faults2: proof.faults.length === 1 ? t('thingDoes') : t('thingsDo'),
            })
          }}</b>
        </p>
        <ul>
          <li v-for="f in proof.faults" :key="f">{{ f }}</li>
        </ul>
      </template>
    </div>
  </section>
</template>

<style scoped>
.proof {
  display: grid;
  gap: 8px;
  justify-items: start;
}
</style>
