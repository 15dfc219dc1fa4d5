<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { gapsOf, type Gap } from '@bonitas/core/job/handover/gapsOf'
import { lessonsOf } from '@bonitas/core/job/handover/lessonsOf'
import { put } from '@bonitas/core/model/changes'
import { GAP_KINDS, type GapKind } from '@bonitas/core/model/vocabulary/handover'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import LeftOver from './LeftOver.vue'
import LessonTable from './LessonTable.vue'
import { useBook } from './useBook.js'
import { t } from './words.js'

/** The gate at the end: what is open in money, goods, papers, snags and records; closed all the same, just that is named. */
const { store, lines, findings } = useBook()
const { day } = useLocale()
const brief = computed(() => store.snapshot?.brief)
const ready = computed(() => store.findings !== undefined && store.install !== undefined)
const gaps = computed(() =>
  store.snapshot && store.derived && ready.value
    ? gapsOf({
        ...{ job: store.snapshot, derived: store.derived, findings: findings.value },
        tasks: (store.install?.tasks ?? []).map((x) => x.task),
      })
    : [],
)
const KIND_NAMES: Readonly<Record<GapKind, string>> = {
  money: t('gapMoney'),
  goods: t('gapGoods'),
  papers: t('gapPapers'),
  snags: t('gapSnags'),
  brief: t('gapBrief'),
  records: t('gapRecords'),
  pictures: t('gapPictures'),
  cautions: t('gapCautions'),
}
const byKind = (all: readonly Gap[]) =>
  GAP_KINDS.map((kind) => ({ kind, gaps: all.filter((g) => g.kind === kind) }))
const lessons = computed(() =>
  store.snapshot && store.derived ? lessonsOf(store.snapshot, store.derived, lines.value) : [],
)
const asking = ref(false)
function close(): void {
  const row = brief.value
  if (!row) return
  if (gaps.value.length > 0 && !asking.value) {
    asking.value = true
    return
  }
  asking.value = false
  const closedGaps = gaps.value.map(({ kind, text }) => ({ kind, text }))
  store.apply(
    [put('brief', row.id, { closedOn: store.day, closedGaps, learned: lessons.value })],
    t('closedJob'),
  )
}
function reopen(): void {
  if (brief.value)
    store.apply(
      [put('brief', brief.value.id, { closedOn: null, closedGaps: [], learned: [] })],
      t('reopenedJob'),
    )
}
</script>

<template>
  <StagePage v-if="store.snapshot && brief" :title="t('handover')" :says="t('closeSays')">
    <template #head><StageTabs stage="handover" /></template>
    <section v-if="brief.closedOn" class="bench-part">
      <div class="part-head">
        <h2>{{ t('closedOn', { day: day(brief.closedOn) }) }}</h2>
        <ElButton @click="reopen">{{ t('reopen') }}</ElButton>
      </div>
      <p v-if="brief.closedGaps.length === 0">{{ t('closedWithout') }}</p>
      <template v-else>
        <p>{{ t('closedWith', { n: brief.closedGaps.length }) }}</p>
        <ul class="named">
          <li v-for="(g, i) in brief.closedGaps" :key="i">
            <span class="second">{{ KIND_NAMES[g.kind] }}</span> {{ g.text }}
          </li>
        </ul>
      </template>
    </section>
    <section class="bench-part">
      <div class="part-head">
        <h2>{{ brief.closedOn ? t('openNow', { n: gaps.length }) : t('openGaps', { n: gaps.length }) }}</h2>
        <ElButton v-if="!brief.closedOn" type="primary" :disabled="!ready" @click="close">{{
          asking ? t('closeSure', { n: gaps.length }) : gaps.length > 0 ? t('closeWith') : t('closeJob')
        }}</ElButton>
      </div>
      <p v-if="asking" role="status" class="second">{{ t('closeAsks') }}</p>
      <p v-if="!ready" class="second" role="status">{{ t('stillJudging') }}</p>
      <p v-else-if="gaps.length === 0">{{ t('nothingOpen') }}</p>
      <template v-else>
        <section v-for="k in byKind(gaps)" :key="k.kind" class="kind">
          <h3>
            {{ KIND_NAMES[k.kind] }} <span class="count">{{ k.gaps.length }}</span>
          </h3>
          <p v-if="k.gaps.length === 0" class="second">{{ t('nothingOfThis') }}</p>
          <ListTable
            v-else
            headless
            :rows="k.gaps"
            :columns="[
              { id: 'text', head: t('what') },
              { id: 'at', head: t('mendIt') },
            ]"
            :key-of="(g) => g.key"
          >
            <template #cell-text="{ row: g }">{{ g.text }}</template>
            <template #cell-at="{ row: g }"
              ><RouterLink :to="`/jobs/${brief.id}/${g.at}`" :aria-label="t('goToMend', { name: g.text })">{{
                t('goThere')
              }}</RouterLink></template
            >
          </ListTable>
        </section>
      </template>
    </section>
    <LeftOver :lines="lines" />
    <LessonTable :lessons="brief.closedOn ? brief.learned : lessons" :closed="brief.closedOn !== null" />
    <template #panel>
      <h2>{{ t('whatClosingDoes') }}</h2>
      <p class="second">{{ t('closingTeach') }}</p>
      <p class="second">{{ t('closingLearns') }}</p>
      <p class="second">{{ t('closingReopens') }}</p>
    </template>
  </StagePage>
</template>

<style scoped>
.bench-part {
  margin-bottom: 26px;
  display: grid;
  gap: 8px;
}
.kind {
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr);
  gap: 12px;
  border-top: 1px solid var(--rule);
  padding-top: 6px;
}
.kind h3 {
  font-size: 14px;
  font-weight: 600;
}
.count {
  font-weight: 400;
  color: var(--ink-2);
}
.named {
  padding-left: 18px;
}
:deep(.of-at) {
  white-space: nowrap;
  text-align: right;
}
</style>
