<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import { areaText } from '@bonitas/core/kernel/units/length'
import { liquidFigure, spreadFigure, tinSizeText } from '@bonitas/core/kernel/units/liquid'

import { moneyColumnText, moneyText } from '@bonitas/core/kernel/money/moneyText'
import { labOf } from '@bonitas/core/stages/palette/paletteFacts'
import type { PaintLine } from '@bonitas/core/stages/takeoff/paintTakeoff'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import KitEditor from './KitEditor.vue'
import OntoSchedule from './OntoSchedule.vue'
import { choiceText } from './tinsText.js'

const store = useJobStore()
const route = useRoute()
const job = computed(() => store.snapshot)
const lines = computed(() => store.derived?.paint ?? [])
const system = computed(() => job.value?.studio.system ?? 'metric')
const picked = ref<string>()
const finishOf = (id: string) => job.value?.finishes.find((f) => f.id === id)
const chosen = computed(() => lines.value.find((l) => l.finishId === picked.value) ?? lines.value[0])
const kitFinish = computed(() => chosen.value && finishOf(chosen.value.finishId))

const money = (minor: number) =>
  moneyText(minor, job.value?.studio.currency ?? 'EUR', job.value?.studio.locale)
const column = (minor: number) =>
  moneyColumnText(minor, job.value?.studio.currency ?? 'EUR', job.value?.studio.locale)
const total = computed(() => lines.value.reduce((sum, l) => sum + (l.tins?.costMinor ?? 0), 0))
const liters = computed(() => lines.value.reduce((sum, l) => sum + l.liters, 0))

const areaFigure = (m2: number) =>
  system.value === 'metric' ? `${m2.toFixed(2)} m²` : areaText(m2 * 1e6, 'imperial')
const rate = (m2PerL: number) =>
  `${spreadFigure(m2PerL, system.value)} ${system.value === 'metric' ? 'm²/L' : 'sq ft/gal'}`
const sum = (l: PaintLine, areaM2: number, coats: number) =>
  `${areaFigure(areaM2)} × ${coats} ÷ ${rate(l.spreadM2PerL)}${l.lossPpm ? ` × ${1 + l.lossPpm / 1e6}` : ''}`
const offered = (l: PaintLine) =>
  l.offered.map((t) => `${tinSizeText(t.ml, system.value)} ${money(t.priceMinor)}`).join(', ')
</script>

<template>
  <StagePage
    v-if="job"
    title="Take-off"
    says="how much of each material, whole tins, every figure with its sum"
  >
    <p v-if="store.derived?.areas && !store.derived.areas.certain" class="uncertain" role="note">
      Every figure is uncertain: the walls of the room do not close. Fix the run in Measure before buying.
    </p>
    <table v-if="lines.length > 0">
      <thead>
        <tr>
          <th scope="col" colspan="2">Paint and where</th>
          <th scope="col">Coats</th>
          <th scope="col">Sum</th>
          <th scope="col" class="figure">{{ system === 'metric' ? 'Liters' : 'Gallons' }}</th>
          <th scope="col" class="figure">Tins</th>
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
            {{ l.offered.length > 0 ? `offered: ${offered(l)}` : 'no tins known: add them at the right' }}
          </td>
          <td class="figure">
            <b>{{ liquidFigure(l.liters, system) }}</b>
          </td>
          <td class="figure">
            <b>{{ l.tins ? choiceText(l.tins, l.offered, system) : '—' }}</b>
          </td>
          <td class="figure">
            <b>{{ l.tins ? column(l.tins.costMinor) : '—' }}</b>
          </td>
        </tr>
        <tr v-for="s in l.steps" :key="s.surface" class="step">
          <td></td>
          <td>{{ s.surface }}</td>
          <td>
            {{ s.coats }} <span class="second">{{ s.because }}</span>
          </td>
          <td class="second">{{ sum(l, s.areaM2, s.coats) }}</td>
          <td class="figure">{{ liquidFigure(s.liters, system) }}</td>
          <td></td>
          <td></td>
        </tr>
      </tbody>
      <tfoot>
        <tr>
          <td colspan="4"><b>All paint</b></td>
          <td class="figure">
            <b>{{ liquidFigure(liters, system) }}</b>
          </td>
          <td></td>
          <td class="figure">
            <b>{{ column(total) }}</b>
          </td>
        </tr>
      </tfoot>
    </table>
    <div v-else class="teach">
      <h2>Nothing to count yet</h2>
      <p>
        Paint is taken off the measured surfaces: give the room its walls and height in Measure, and a paint
        to its walls, ceiling, skirting or doors in Palette. Coats, volume and the cheapest set of tins
        follow.
      </p>
      <p>
        <RouterLink :to="`/jobs/${String(route.params.jobId)}/measure`">Measure</RouterLink> ·
        <RouterLink :to="`/jobs/${String(route.params.jobId)}/palette`">Palette</RouterLink>
      </p>
    </div>
    <template #panel>
      <KitEditor v-if="kitFinish" :key="kitFinish.id" :finish="kitFinish" />
      <p v-else-if="chosen?.isPrimer" class="second">
        No primer is among the finishes. Add one in Palette, of the material “primer”, to price it; until then
        {{ rate(chosen.spreadM2PerL) }} is assumed (common practice).
      </p>
      <OntoSchedule v-if="lines.length > 0" :lines="lines" :total-minor="total" />
      <section class="rules">
        <h2>How coats are counted</h2>
        <p class="second">
          Two as a rule. Three from dark to light, over a strong hue, or where the color itself is strong.
          Primer on new plaster, bare timber, glossy or stained. Common practice; the maker’s word on the tin
          goes first.
        </p>
        <p class="second caution">
          Before sanding old paint: is its age known? It may hold lead. Test it, and follow local rules; a
          licensed specialist removes it.
        </p>
      </section>
    </template>
  </StagePage>
</template>

<style scoped>
.uncertain {
  border-left: 4px solid var(--stop);
  padding: 4px 10px;
  margin-bottom: 8px;
  background: var(--paper);
}
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
