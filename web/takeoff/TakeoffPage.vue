<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import { labOf } from '@bonitas/core/stages/palette/paletteFacts'
import type { PaintLine } from '@bonitas/core/stages/takeoff/paintTakeoff'
import { WORTH_KEEPING_L } from '@bonitas/core/job/keptAfter'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import KitEditor from './KitEditor.vue'
import OntoSchedule from './OntoSchedule.vue'
import { choiceText } from './tinsText.js'
import { useLocale } from '../form/useLocale.js'
import { tradeWord } from '@bonitas/core/model/vocabulary/tradeWords'
import { t } from './words.js'
import UncertainNote from './UncertainNote.vue'

const store = useJobStore()
const route = useRoute()
const job = computed(() => store.snapshot)
const lines = computed(() => store.derived?.paint ?? [])
const { says, system, money, number } = useLocale()
const picked = ref<string>()
const finishOf = (id: string) => job.value?.finishes.find((f) => f.id === id)
const chosen = computed(() => lines.value.find((l) => l.finishId === picked.value) ?? lines.value[0])
const kitFinish = computed(() => chosen.value && finishOf(chosen.value.finishId))

const total = computed(() => lines.value.reduce((sum, l) => sum + (l.tins?.costMinor ?? 0), 0))
const liters = computed(() => lines.value.reduce((sum, l) => sum + l.liters, 0))

const sum = (l: PaintLine, areaM2: number, coats: number) =>
  `${says.value.area(areaM2 * 1e6, 2)} × ${coats} ÷ ${says.value.spread(l.spreadM2PerL)}${l.lossPpm ? ` × ${number(1 + l.lossPpm / 1e6, 2)}` : ''}`
/** What is over in the tins is kept for touching up; where it is next to nothing a small tin is wanted for that. */
const leftOf = (l: PaintLine) => {
  const over = Math.max(0, (l.tins?.volumeMl ?? 0) / 1000 - l.liters)
  return t(over >= WORTH_KEEPING_L ? 'overForTouchingUp' : 'littleIsOver', { over: says.value.liquid(over) })
}
const offered = (l: PaintLine) =>
  l.offered.map((size) => `${says.value.tin(size.ml)} ${money(size.priceMinor)}`).join(', ')
</script>

<template>
  <StagePage v-if="job" :title="t('takeOff')" :says="t('howMuchOfEachMaterial')">
    <template #head><StageTabs stage="takeoff" /></template>
    <UncertainNote />
    <table v-if="lines.length > 0">
      <thead>
        <tr>
          <th scope="col" colspan="2">{{ t('paintAndWhere') }}</th>
          <th scope="col">{{ t('coats') }}</th>
          <th scope="col">{{ t('sum') }}</th>
          <th scope="col" class="figure">{{ system === 'metric' ? t('liters') : t('gallons') }}</th>
          <th scope="col" class="figure">{{ t('tins') }}</th>
          <th scope="col" class="figure">{{ job.studio.currency }}</th>
        </tr>
      </thead>
      <tbody v-for="l in lines" :key="l.finishId" :class="{ here: l === chosen }">
        <tr class="paint" @click="picked = l.finishId">
          <td class="sw">
            <i
              class="swatch"
              :style="finishOf(l.finishId) ? { background: labToHex(labOf(finishOf(l.finishId)!)) } : {}"
            ></i>
          </td>
          <td>
            <ElButton class="is-line" :aria-pressed="l === chosen" @click="picked = l.finishId">
              <b>{{ l.name }}</b>
            </ElButton>
            <p class="second">
              {{ [finishOf(l.finishId)?.code, finishOf(l.finishId)?.sheen].filter(Boolean).join(' · ') }}
            </p>
          </td>
          <td colspan="2" class="second">
            {{ l.offered.length > 0 ? `offered: ${offered(l)}` : t('noTinsKnownAddThem') }}
          </td>
          <td class="figure">
            <b>{{ says.liquidFigure(l.liters) }}</b>
          </td>
          <td class="figure">
            <b>{{ l.tins ? choiceText(l.tins, l.offered, says) : '—' }}</b>
            <p v-if="l.tins" class="second">{{ leftOf(l) }}</p>
          </td>
          <td class="figure">
            <b>{{ l.tins ? says.moneyColumn(l.tins.costMinor) : '—' }}</b>
          </td>
        </tr>
        <tr v-for="s in l.steps" :key="s.surface" class="step">
          <td></td>
          <td>{{ s.surface }}</td>
          <td>
            {{ s.coats }} <span class="second">{{ s.because }}</span>
          </td>
          <td class="second">{{ sum(l, s.areaM2, s.coats) }}</td>
          <td class="figure">{{ says.liquidFigure(s.liters) }}</td>
          <td></td>
          <td></td>
        </tr>
      </tbody>
      <tfoot>
        <tr>
          <td colspan="4">
            <b>{{ t('allPaint') }}</b>
          </td>
          <td class="figure">
            <b>{{ says.liquidFigure(liters) }}</b>
          </td>
          <td></td>
          <td class="figure">
            <b>{{ says.moneyColumn(total) }}</b>
          </td>
        </tr>
      </tfoot>
    </table>
    <div v-else class="teach">
      <h2>{{ t('nothingToCountYet') }}</h2>
      <p>
        {{ t('paintIsTakenOffThe', { locale: tradeWord('skirting', says.locale) }) }}
      </p>
      <p>
        <RouterLink :to="`/jobs/${String(route.params.jobId)}/measure`">{{ t('measure') }}</RouterLink> ·
        <RouterLink :to="`/jobs/${String(route.params.jobId)}/palette`">{{ t('palette') }}</RouterLink>
      </p>
    </div>
    <template #panel>
      <KitEditor v-if="kitFinish" :key="kitFinish.id" :finish="kitFinish" />
      <p v-else-if="chosen?.isPrimer" class="second">
        {{ t('noPrimerIsAmongThe', { spreadM2PerL: says.spread(chosen.spreadM2PerL) }) }}
      </p>
      <OntoSchedule v-if="lines.length > 0" :lines="lines" :total-minor="total" />
      <section class="rules">
        <h2>{{ t('howCoatsAreCounted') }}</h2>
        <p class="second">
          {{ t('twoAsARuleThree') }}
        </p>
        <p class="second caution">
          {{ t('beforeSandingOldPaintIs') }}
        </p>
      </section>
    </template>
  </StagePage>
</template>

<style scoped>
tbody {
  border-bottom: 1px solid var(--rule-2);
}
td {
  border-bottom: 0;
}
.paint td {
  padding-top: 9px;
  padding-bottom: 3px;
}
.step td {
  padding-top: 1px;
  padding-bottom: 3px;
}
.step:last-child td {
  padding-bottom: 9px;
}
tbody.here td {
  background: var(--paper);
}
tbody.here .sw {
  box-shadow: inset 4px 0 var(--ink);
}
.sw {
  width: 74px;
  padding-left: 10px;
}
.step td.second {
  white-space: nowrap;
}
.swatch {
  display: block;
}
tfoot td {
  padding-top: 10px;
}
.teach {
  max-width: 60ch;
  padding-top: 30px;
  display: grid;
  gap: 10px;
}
.rules {
  border-top: 1px solid var(--rule);
  padding-top: 10px;
  display: grid;
  gap: 7px;
  justify-items: start;
}
.caution {
  border-left: 4px solid var(--ink);
  padding-left: 9px;
}
</style>
