<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { inScheme } from '@bonitas/core/job/inScheme'
import { puttingBack } from '@bonitas/core/stages/brief/puttingBack'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** The list for the end of the lease, on paper: what to put back, how, and where the originals are. */
const store = useJobStore()
const route = useRoute()
const { money, says } = useLocale()
const job = computed(() => store.snapshot)
const list = computed(() =>
  job.value && store.derived ? puttingBack(inScheme(job.value), store.derived.brief.changes, says.value) : [],
)
const cost = computed(() => list.value.reduce((sum, b) => sum + b.costMinor, 0))
const print = () => window.print()
</script>

<template>
  <div v-if="job" class="sheet">
    <p class="unprinted">
      <ElButton type="primary" @click="print">{{ t('print') }}</ElButton>
      <RouterLink :to="`/jobs/${String(route.params.jobId)}/brief/constraints`">{{
        t('backToConstraints')
      }}</RouterLink>
    </p>
    <h1>{{ t('puttingBack') }}</h1>
    <p>
      {{ job.brief.roomName }}, {{ job.client.name
      }}<template v-if="job.brief.place">, {{ job.brief.place }}</template
      ><template v-if="job.brief.leaseEndsOn">{{
        t('theLeaseEndsOnLeaseEndsOn', { leaseEndsOn: says.day(job.brief.leaseEndsOn) })
      }}</template>
    </p>
    <p v-if="list.length === 0">{{ t('nothingToPutBackThe') }}</p>
    <ListTable
      v-else
      :rows="list"
      :columns="[
        { id: 'done', head: t('done'), quietHead: true },
        { id: 'what', head: t('what') },
        { id: 'how', head: t('how') },
        { id: 'original', head: t('original') },
        { id: 'cost', head: t('cost'), figure: true },
      ]"
      :key-of="(_b, i) => String(i)"
      :sums="cost > 0 ? { what: t('paintBeforeTinsAndLabor'), cost: money(cost) } : undefined"
    >
      <template #cell-done
        ><span class="box"><i></i></span
      ></template>
      <template #cell-what="{ row: b }"
        >{{ b.what
        }}<span v-if="b.withoutConsent" class="second without">{{
          t('withoutWrittenConsent')
        }}</span></template
      >
      <template #cell-how="{ row: b }"
        >{{ b.how }}<span v-if="b.sum" class="second without">{{ b.sum }}</span></template
      >
      <template #cell-original="{ row: b }">{{ b.originalAt || '–' }}</template>
      <template #cell-cost="{ row: b }">{{ b.costMinor > 0 ? money(b.costMinor) : '' }}</template>
    </ListTable>
    <p class="second">
      {{ t('youngPaintLiftsUnderStrips') }}
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
