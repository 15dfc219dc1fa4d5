<script setup lang="ts">
import ListTable from '../form/ListTable.vue'
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { inScheme } from '@bonitas/core/job/inScheme'
import { puttingBack } from '@bonitas/core/stages/brief/puttingBack'
import { dayText } from '@bonitas/core/kernel/units/days'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'

/** The list for the end of the lease, on paper: what to put back, how, and where the originals are. */
const store = useJobStore()
const route = useRoute()
const { money } = useLocale()
const job = computed(() => store.snapshot)
const list = computed(() =>
  job.value && store.derived ? puttingBack(inScheme(job.value), store.derived.brief.changes, money) : [],
)
const cost = computed(() => list.value.reduce((sum, b) => sum + b.costMinor, 0))
const print = () => window.print()
</script>

<template>
  <div v-if="job" class="sheet">
    <p class="unprinted">
      <ElButton type="primary" @click="print">Print</ElButton>
      <RouterLink :to="`/jobs/${String(route.params.jobId)}/brief/constraints`"
        >Back to Constraints</RouterLink
      >
    </p>
    <h1>Putting back</h1>
    <p>
      {{ job.brief.roomName }}, {{ job.client.name
      }}<template v-if="job.brief.place">, {{ job.brief.place }}</template
      ><template v-if="job.brief.leaseEndsOn"
        >. The lease ends on {{ dayText(job.brief.leaseEndsOn) }}.</template
      >
    </p>
    <p v-if="list.length === 0">Nothing to put back: the scheme leaves no trace.</p>
    <ListTable
      v-else
      :rows="list"
      :columns="[
        { id: 'done', head: 'Done', quietHead: true },
        { id: 'what', head: 'What' },
        { id: 'how', head: 'How' },
        { id: 'original', head: 'Original' },
        { id: 'cost', head: 'Cost', figure: true },
      ]"
      :key-of="(_b, i) => String(i)"
      :sums="cost > 0 ? { what: 'Paint, before tins and labor', cost: money(cost) } : undefined"
    >
      <template #cell-done
        ><span class="box"><i></i></span
      ></template>
      <template #cell-what="{ row: b }"
        >{{ b.what
        }}<span v-if="b.withoutConsent" class="second without">without written consent</span></template
      >
      <template #cell-how="{ row: b }"
        >{{ b.how }}<span v-if="b.sum" class="second without">{{ b.sum }}</span></template
      >
      <template #cell-original="{ row: b }">{{ b.originalAt || '–' }}</template>
      <template #cell-cost="{ row: b }">{{ b.costMinor > 0 ? money(b.costMinor) : '' }}</template>
    </ListTable>
    <p class="second">
      Young paint lifts under strips and decals: warm gently, pull slowly, test a hidden spot. Before sanding
      old paint ask its age: lead is for a test and a licensed specialist. Work on wiring and pipes belongs to
      licensed trades. Rules of tenancy differ: the lease and local law decide.
    </p>
  </div>
</template>

<style scoped>
.sheet {
  background: #fff;
  padding: 22px 30px;
  max-width: 900px;
  display: grid;
  gap: 12px;
}
.unprinted {
  display: flex;
  gap: 18px;
  align-items: center;
}
.box {
  width: 28px;
}
.box i {
  display: inline-block;
  width: 15px;
  height: 15px;
  border: 1px solid var(--ink);
}
.without {
  display: block;
}
@media print {
  .unprinted {
    display: none;
  }
  .sheet {
    padding: 0;
    max-width: none;
  }
  :deep(tr) {
    break-inside: avoid;
  }
}
</style>
