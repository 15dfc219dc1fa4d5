<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { makingOf } from '@bonitas/core/job/making/makingOf'
import { markingOf } from '@bonitas/core/job/making/markingOf'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useInAddress } from '../job/useInAddress.js'
import CutDrawing from './CutDrawing.vue'
import GoodsEditor from './GoodsEditor.vue'
import MakingOnSchedule from './MakingOnSchedule.vue'
import { capital } from '@bonitas/core/kernel/capital'
import { useTakeoffs } from './useTakeoffs.js'
import { t } from './words.js'
import UncertainNote from './UncertainNote.vue'
import WorkEditor from './WorkEditor.vue'

/** What it takes beside the materials: work with its hours, what is used up, and the sheet the walls are marked out from. */
const store = useJobStore()
const job = computed(() => store.snapshot)
const { says } = useLocale()
const inHand = useInAddress('of')
const { lines, failed } = useTakeoffs()
const making = computed(() =>
  store.snapshot && store.derived ? makingOf(store.snapshot, store.derived, lines.value) : undefined,
)
const walls = computed(() =>
  store.snapshot && store.derived ? markingOf(store.snapshot, store.derived) : [],
)
const work = computed(() => making.value?.work ?? [])
const goods = computed(() => making.value?.consumables ?? [])
const chosenGoods = computed(() => goods.value.find((g) => g.kind === inHand.value))
const chosenWork = computed(
  () => work.value.find((w) => w.task === inHand.value) ?? (chosenGoods.value ? undefined : work.value[0]),
)
const hourly = computed(() => store.snapshot?.brief.hourMinor ?? 0)
</script>

<template>
  <StagePage v-if="job" :title="t('takeOff')" :says="t('workAndWhatItTakes')">
    <template #head><StageTabs stage="takeoff" /></template>
    <UncertainNote />
    <p v-if="failed" class="teach" role="alert">{{ t('itCannotBeReckoned') }}</p>
    <p v-if="work.length === 0 && goods.length === 0" class="teach">{{ t('noWorkYet') }}</p>
    <template v-if="work.length > 0">
      <h2>{{ t('workHead') }}</h2>
      <ListTable
        class="lines"
        :rows="work"
        :columns="[
          { id: 'task', head: t('work') },
          { id: 'where', head: t('where') },
          { id: 'amount', head: t('howMuch'), figure: true },
          { id: 'hours', head: t('takes'), figure: true },
        ]"
        :key-of="(w) => w.task"
        :row-class="(w) => ({ chosen: w.task === chosenWork?.task })"
      >
        <template #cell-task="{ row: w }"
          ><ElButton link :aria-pressed="w.task === chosenWork?.task" @click="inHand = w.task"
            ><b>{{ capital(w.task) }}</b></ElButton
          ></template
        >
        <template #cell-where="{ row: w }"
          ><span class="where">{{ w.because.join('; ') }}</span></template
        >
        <template #cell-amount="{ row: w }">{{ w.text }}</template>
        <template #cell-hours="{ row: w }">{{
          w.leftOut ? t('leftOut') : says.duration(w.minutes)
        }}</template>
      </ListTable>
      <p class="total">
        {{ t('allWork') }} <b>{{ says.duration(making?.minutes ?? 0) }}</b><template
          v-if="making?.workMinor !== undefined"
        >
          · {{ t('atAnHour', { hour: says.money(hourly) }) }}
          <b>{{ says.money(making.workMinor) }}</b></template
        >
        <template v-else>
          ·
          <RouterLink :to="`/jobs/${job.brief.id}/source/compare`" class="second">{{
            t('giveThePriceOfAnHour')
          }}</RouterLink></template
        >
      </p>
    </template>
    <template v-if="goods.length > 0">
      <h2>{{ t('goodsHead') }}</h2>
      <ListTable
        class="lines"
        :rows="goods"
        :columns="[
          { id: 'kind', head: t('what') },
          { id: 'for', head: t('whatFor') },
          { id: 'amount', head: t('needed'), figure: true },
          { id: 'packs', head: t('packs'), figure: true },
          { id: 'money', head: job.studio.currency, figure: true },
        ]"
        :key-of="(g) => g.kind"
        :row-class="(g) => ({ chosen: g.kind === chosenGoods?.kind })"
      >
        <template #cell-kind="{ row: g }"
          ><ElButton link :aria-pressed="g.kind === chosenGoods?.kind" @click="inHand = g.kind"
            ><b>{{ capital(g.kind) }}</b></ElButton
          ></template
        >
        <template #cell-for="{ row: g }"
          ><span class="where">{{ g.because.join('; ') }}</span></template
        >
        <template #cell-amount="{ row: g }">{{ g.text }}</template>
        <template #cell-packs="{ row: g }">{{ g.leftOut ? t('leftOut') : g.packsText }}</template>
        <template #cell-money="{ row: g }">{{
          g.costMinor === undefined ? '—' : says.moneyColumn(g.costMinor)
        }}</template>
      </ListTable>
      <p v-if="goods.some((g) => g.costMinor !== undefined)" class="total">
        {{ t('allThatHasAPrice') }} <b>{{ says.money(making?.goodsMinor ?? 0) }}</b>
      </p>
    </template>
    <ul v-if="(making?.cautions.length ?? 0) > 0" class="cautions">
      <li v-for="c in making?.cautions" :key="c">{{ c }}</li>
    </ul>
    <section v-if="walls.length > 0" class="marking">
      <h2>{{ t('markedOutFromTheFloor') }}</h2>
      <p class="second">
        {{ t('fromTheLeftCorner') }}
        <a :href="`/api/jobs/${job.brief.id}/takeoff/marking.pdf`" target="_blank" rel="noopener">{{
          t('markingToPrint')
        }}</a>
      </p>
      <div v-for="w in walls" :key="w.wallId" class="wall">
        <CutDrawing :drawing="w.drawing" />
        <ol>
          <li v-for="p in w.points" :key="p.label">{{ p.text }}</li>
        </ol>
        <ul v-if="w.grids.length > 0">
          <li v-for="g in w.grids" :key="g">{{ g }}</li>
        </ul>
      </div>
    </section>
    <template #panel>
      <WorkEditor v-if="chosenWork" :key="chosenWork.task" :work="chosenWork" />
      <GoodsEditor v-if="chosenGoods" :key="chosenGoods.kind" :goods="chosenGoods" />
      <MakingOnSchedule v-if="goods.length > 0" :goods="goods" />
      <p class="second note">{{ t('usualIsCommonPractice') }}</p>
    </template>
  </StagePage>
</template>

<style scoped>
h2 {
  margin-top: 4px;
}
.lines :deep(tr.chosen) {
  background: var(--paper);
}
/* Form, not color: the line in hand has a bar before it. */
.lines :deep(tr.chosen td:first-child) {
  box-shadow: inset 4px 0 0 var(--ink);
}
.lines :deep(td:first-child .cell),
.lines :deep(th:first-child .cell) {
  padding-left: 10px;
}
.lines :deep(td.figure .cell),
.lines :deep(th.figure .cell) {
  padding-left: 16px;
  white-space: nowrap;
}
.where {
  display: block;
  max-width: 46ch;
}
.teach {
  max-width: 62ch;
  padding-top: 20px;
}
.total {
  text-align: right;
  padding: 6px 4px 14px;
}
.cautions {
  margin: 0 0 14px;
  padding: 4px 10px 4px 26px;
  border-left: 4px solid var(--ink);
  max-width: 80ch;
}
.marking {
  border-top: 1px solid var(--ink);
  padding-top: 10px;
  display: grid;
  gap: 10px;
}
.wall {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
}
.wall ol,
.wall ul {
  margin: 0;
  padding-left: 22px;
}
.note {
  border-top: 1px solid var(--rule);
  margin-top: 12px;
  padding-top: 10px;
}
</style>
