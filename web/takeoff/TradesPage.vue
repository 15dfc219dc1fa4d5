<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { currencyDigits } from '@bonitas/core/kernel/money/currency'
import { ROWS } from '@bonitas/core/model/registry'
import { TRADES, type Trade } from '@bonitas/core/model/vocabulary/takeoff'
import type { TakeoffLine } from '@bonitas/core/stages/takeoff/takeoffTypes'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { useUsual } from '../job/useUsual.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useInAddress } from '../job/useInAddress.js'
import CutDrawing from './CutDrawing.vue'
import TradeEditor from './TradeEditor.vue'
import TradeOnSchedule from './TradeOnSchedule.vue'
import TradeBeside from './TradeBeside.vue'
import { TRADE_BEGINS, TRADE_NAMES } from './trades.js'
import { useTakeoffs } from './useTakeoffs.js'
import { t } from './words.js'
import UncertainNote from './UncertainNote.vue'

/** Every trade but paint: how much, how it is cut, what it comes to. */
const store = useJobStore()
const usualOf = useUsual()
const job = computed(() => store.snapshot)
const { says } = useLocale()
const chosenId = useInAddress('line')
const { lines, failed } = useTakeoffs()
const chosen = computed(() => lines.value.find((l) => l.row.id === chosenId.value) ?? lines.value[0])
const total = computed(() => lines.value.reduce((sum, l) => sum + (l.costMinor ?? 0), 0))

function add(trade: Trade): void {
  const rows = job.value?.takeoffs ?? []
  chosenId.value = store.add('takeoffs', {
    ...ROWS.takeoffs.blank(),
    name: TRADE_NAMES[trade](),
    trade,
    ...TRADE_BEGINS[trade][says.value.system],
    position: nextPosition(rows),
  })
}
const digits = computed(() => currencyDigits(says.value.currency))
/** Where no line has a part of the unit none is shown. */
const whole = computed(() => lines.value.every((l) => (l.costMinor ?? 0) % 10 ** digits.value === 0))
const money = (line: TakeoffLine) =>
  line.costMinor === undefined ? '—' : says.value.moneyFigures(line.costMinor, whole.value)
</script>

<template>
  <StagePage v-if="job" :title="t('takeOff')" :says="t('everyTradeItsSum')">
    <template #head><StageTabs stage="takeoff" /></template>
    <UncertainNote />
    <div class="add" role="group" :aria-label="t('addALine')">
      <span class="second">{{ t('addALine') }}</span>
      <ElButton v-for="trade in TRADES" :key="trade" @click="add(trade)">{{ TRADE_NAMES[trade]() }}</ElButton>
    </div>
    <p v-if="failed" class="teach" role="alert">{{ t('itCannotBeReckoned') }}</p>
    <p v-if="lines.length === 0" class="teach">{{ t('noLineYet') }}</p>
    <template v-else>
      <ListTable
        class="lines"
        :rows="lines"
        :columns="[
          { id: 'trade', head: t('trade') },
          { id: 'name', head: t('what') },
          { id: 'needed', head: t('needed') },
          { id: 'packs', head: t('packs'), figure: true },
          { id: 'money', head: job.studio.currency, figure: true },
          { id: 'over', head: t('over') },
        ]"
        :key-of="(l) => l.row.id"
        :row-class="(l) => ({ chosen: l.row.id === chosen?.row.id })"
      >
        <template #cell-trade="{ row: l }">{{ TRADE_NAMES[l.row.trade]() }}</template>
        <template #cell-name="{ row: l }"
          ><ElButton link :aria-pressed="l === chosen" @click="chosenId = l.row.id"
            ><b>{{ l.row.name }}</b></ElButton
          ></template
        >
        <template #cell-needed="{ row: l }"
          ><span v-if="l.waits.length > 0" class="waits">{{ t('needs', { what: l.waits.join(', ') }) }}</span
          ><template v-else>{{ l.needed || t('reckoning') }}</template></template
        >
        <template #cell-packs="{ row: l }"
          ><b>{{ l.packsText }}</b></template
        >
        <template #cell-money="{ row: l }">{{ money(l) }}</template>
        <template #cell-over="{ row: l }">{{ l.over }}</template>
      </ListTable>
      <p class="total">
        {{ t('allLines') }} <b>{{ says.money(total) }}</b>
      </p>
      <section v-if="chosen && chosen.sum.length > 0" class="plan" :aria-label="chosen.row.name">
        <ol class="sum">
          <li v-for="s in chosen.sum" :key="s">{{ s }}</li>
        </ol>
        <div class="drawings">
          <CutDrawing v-for="(d, i) in chosen.drawings" :key="`${chosen.row.id} ${i}`" :drawing="d" />
        </div>
        <p class="key second">{{ t('whiteIsUsed') }}</p>
        <TradeBeside :line="chosen" />
        <ul class="notes">
          <li v-for="n in chosen.notes" :key="n">{{ n }}</li>
          <li v-if="usualOf('waste', chosen.row.trade)">
            {{ t('usedInClosedJobs', { usual: usualOf('waste', chosen.row.trade) }) }}
          </li>
        </ul>
        <p>
          <a
            :href="`/api/jobs/${job.brief.id}/takeoff/${chosen.row.id}/sheet.pdf`"
            target="_blank"
            rel="noopener"
            >{{ t('sheetToPrint') }}</a
          >
        </p>
      </section>
    </template>
    <template #panel>
      <TradeEditor v-if="chosen" :key="chosen.row.id" :row="chosen.row" />
      <TradeOnSchedule v-if="chosen" :key="`on ${chosen.row.id}`" :line="chosen" />
    </template>
  </StagePage>
</template>

<style scoped>
.add {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  margin-bottom: 10px;
}
.add .second {
  margin-right: 6px;
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
.teach {
  max-width: 62ch;
  padding-top: 20px;
}
.waits {
  font-weight: 650;
}
.total {
  text-align: right;
  padding: 6px 4px;
}
.plan {
  border-top: 1px solid var(--ink);
  padding-top: 10px;
  display: grid;
  gap: 10px;
}
.sum {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 2px;
}
.drawings {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 18px;
}
.notes {
  margin: 0;
  padding-left: 18px;
  max-width: 76ch;
}
</style>
