<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { daysBetween } from '@bonitas/core/kernel/units/days'
import { useJobStore } from './jobStore.js'
import type { TapeView } from './tapeView.js'
import TheTape from './TheTape.vue'
import { useLocale } from '../form/useLocale.js'
import FigureSum from '../form/FigureSum.vue'
import { t } from './words.js'

/** Over every page of a job: whose room it is, the tape of its money, the days that are left. */
defineProps<{ jobId: string; tape: TapeView }>()
const store = useJobStore()
const router = useRouter()
const { day } = useLocale()
const daysLeft = computed(() => {
  const on = store.snapshot?.brief.installOn
  return on ? daysBetween(store.day, on) : undefined
})
</script>

<template>
  <header v-if="store.snapshot && store.derived">
    <div class="title">
      <p class="wide">{{ store.snapshot.brief.roomName }}</p>
      <p class="second">
        {{ [store.snapshot.client.name, store.snapshot.brief.place].filter(Boolean).join(', ')
        }}<template v-if="store.derived.palette.scheme">
          {{ t('schemeName', { name: store.derived.palette.scheme.name }) }}</template
        >
      </p>
    </div>
    <TheTape
      :view="tape"
      @open="(itemId) => router.push({ path: `/jobs/${jobId}/source`, query: { item: itemId } })"
    />
    <p class="sums second">
      <span v-for="l in tape.labels" :key="l.word"
        >{{ l.word }}
        <FigureSum :sum="l.sum"
          ><b>{{ l.amount }}</b></FigureSum
        ></span
      >
    </p>
    <div class="days">
      <template v-if="store.snapshot.brief.closedOn">
        <p class="second">{{ t('jobClosed') }}</p>
        <p class="big narrow">{{ day(store.snapshot.brief.closedOn) }}</p>
      </template>
      <template v-else-if="daysLeft !== undefined">
        <p class="big narrow">{{ Math.abs(daysLeft) }}</p>
        <p class="second">{{ daysLeft >= 0 ? t('daysToInstall') : t('daysPastInstall') }}</p>
      </template>
      <p v-else class="second">{{ t('noInstallDate') }}</p>
    </div>
  </header>
</template>

<style scoped>
header {
  display: grid;
  grid-template-columns: 248px minmax(0, 1fr) 150px;
  background: var(--paper);
  border-bottom: 1px solid var(--ink);
}
.title {
  padding: 16px 12px 0 18px;
  border-right: 1px solid var(--rule);
  overflow: hidden;
}
.title .wide {
  font-size: 17px;
  line-height: 1.15;
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  overflow: hidden;
}
.title .second {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  margin-top: 3px;
}
.days {
  border-left: 1px solid var(--rule);
  padding: 12px 18px 0 0;
  text-align: right;
}
.big {
  font-size: 28px;
  font-weight: 600;
  line-height: 1.1;
}
.sums {
  display: none;
}
@media (width < 760px) {
  /* The tape is too fine for a phone: what it adds up to is said in a line. */
  .sums {
    display: flex;
    flex-wrap: wrap;
    gap: 0 12px;
    padding: 2px 14px 0;
  }
  .sums b {
    color: var(--ink);
    font-weight: 600;
  }
  header {
    display: block;
    padding-bottom: 6px;
  }
  .title {
    border: 0;
    padding: 8px 14px 0;
  }
  .title .second {
    margin: 0;
  }
  :deep(.tape),
  .days {
    display: none;
  }
}
</style>
