<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { deltaE00, labToHex } from '@bonitas/core/kernel/color/lab'
import { seenUnder } from '@bonitas/core/kernel/color/seenUnder'
import type { DerivedItem, DerivedOption } from '@bonitas/core/job/deriveItems'
import { lightOf } from '@bonitas/core/job/lightOf'
import { ASPECTS } from '@bonitas/core/model/vocabulary/aspect'
import { stayCost } from '@bonitas/core/stages/source/worth'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { useInAddress } from '../job/useInAddress.js'
import { typing, useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { canBeTaken, landedSteps, sizeText } from './optionText.js'
import WeightsEditor from './WeightsEditor.vue'

/** The options of one item side by side, up to five, aspect by aspect. */
const store = useJobStore()
const { money, system } = useLocale()
const items = computed(() => (store.derived?.items ?? []).filter((i) => i.options.length > 0))
const itemId = useInAddress('item')
const item = computed(
  () =>
    items.value.find((i) => i.item.id === itemId.value) ??
    items.value.find((i) => i.state === 'open' || i.state === 'chosen') ??
    items.value[0],
)
const MOST = 5
const from = ref(0)
const at = ref(0)
watch(item, () => ((from.value = 0), (at.value = 0)))
const options = computed(() => item.value?.options.slice(from.value, from.value + MOST) ?? [])
const live = (i: DerivedItem) => i.state === 'ordered' || i.state === 'delivered'
function toggle(o: DerivedOption | undefined): void {
  const i = item.value
  if (i && o && !live(i)) store.change('items', i.item.id, { chosenOptionId: o.chosen ? null : o.option.id })
}
useStageKeys([
  ['← →', 'Option before, option after'],
  ['↑ ↓', 'Item before, item after'],
  ['Enter', 'Choose the option marked, or let it go'],
])
function keys(event: KeyboardEvent): void {
  if (typing(event) || event.ctrlKey || event.altKey || event.metaKey) return
  const all = item.value?.options.length ?? 0
  if (event.key === 'ArrowRight' || event.key === 'ArrowLeft') {
    const next = Math.max(0, Math.min(all - 1, from.value + at.value + (event.key === 'ArrowRight' ? 1 : -1)))
    if (next < from.value) from.value = next
    if (next >= from.value + MOST) from.value = next - MOST + 1
    at.value = next - from.value
  } else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    const k = items.value.findIndex((i) => i === item.value) + (event.key === 'ArrowDown' ? 1 : -1)
    itemId.value = items.value[Math.max(0, Math.min(items.value.length - 1, k))]?.item.id
  } else if (event.key === 'Enter' && !(event.target instanceof HTMLButtonElement))
    toggle(options.value[at.value])
  else return
  event.preventDefault()
}

const reasonsOf = (o: DerivedOption, aspect: string) => o.suits.reasons.filter((r) => r.aspect === aspect)
const aspects = computed(() => ASPECTS.filter((a) => options.value.some((o) => reasonsOf(o, a).length > 0)))
const hexOf = (o: DerivedOption) => {
  const { colorL: l, colorA: a, colorB: b } = o.option
  return l == null || a == null || b == null ? undefined : labToHex({ l, a, b })
}
/** By the lamps of the room at night: how far the color then is from what is aimed at. */
const night = computed(() => {
  const job = store.snapshot
  const aim = job?.finishes.find((f) => f.id === item.value?.item.aimFinishId)
  if (!job || !aim) return undefined
  const light = lightOf(job, store.derived?.areas, {
    hour: 21,
    dayOfYear: 330,
    sky: 'overcast',
    lampsOn: true,
  })
  const target = seenUnder({ l: aim.labL, a: aim.labA, b: aim.labB }, light)
  return options.value.map((o) => {
    const { colorL: l, colorA: a, colorB: b } = o.option
    return l == null || a == null || b == null
      ? ''
      : `ΔE00 ${deltaE00(target, seenUnder({ l, a, b }, light)).toFixed(1)}`
  })
})
const stay = computed(() => store.snapshot?.brief.stayYears ?? null)
const mark = (verdict: string) =>
  ({ agrees: '●', lowers: '◐', 'strikes out': '✕', 'not known': '○' })[verdict] ?? ''
</script>

<template>
  <StagePage v-if="store.snapshot" title="Source" @keydown="keys">
    <template #head><StageTabs stage="source" /></template>
    <div v-if="item" class="compare">
      <div class="pickers">
        <label for="compare-item">Item</label>
        <select
          id="compare-item"
          :value="item.item.id"
          @change="itemId = ($event.target as HTMLSelectElement).value"
        >
          <option v-for="i in items" :key="i.item.id" :value="i.item.id">
            {{ i.item.name }}, {{ i.options.length }} {{ i.options.length === 1 ? 'option' : 'options' }}
          </option>
        </select>
        <p class="second">{{ item.item.intent }}</p>
        <p v-if="item.options.length > MOST" class="second">
          {{ from + 1 }} to {{ from + options.length }} of {{ item.options.length }}
        </p>
      </div>
      <div class="scroll" tabindex="0" role="region" aria-label="Options side by side">
        <table>
          <thead>
            <tr>
              <td class="aspect"></td>
              <th
                v-for="(o, k) in options"
                :key="o.option.id"
                scope="col"
                :class="{ marked: k === at, chosen: o.chosen }"
                @click="at = k"
              >
                <i v-if="hexOf(o)" class="sample" :style="{ background: hexOf(o) }"></i>
                <b>{{ o.option.name }}</b>
                <span class="second">{{ o.option.kind }}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row" class="aspect">landed</th>
              <td v-for="(o, k) in options" :key="o.option.id" :class="{ marked: k === at }">
                <b>{{ money(o.price.landedMinor) }}</b>
                <ul class="second">
                  <li v-for="s in landedSteps(o, item.item.quantity, money).slice(0, -1)" :key="s">
                    {{ s }}
                  </li>
                </ul>
              </td>
            </tr>
            <tr>
              <th scope="row" class="aspect">measures</th>
              <td v-for="(o, k) in options" :key="o.option.id" :class="{ marked: k === at }">
                {{ sizeText(o.option, system) || 'not measured' }}
              </td>
            </tr>
            <tr v-for="a in aspects" :key="a">
              <th scope="row" class="aspect">
                {{ a }}<span class="second"> counts {{ store.snapshot.brief.weights[a] }}</span>
              </th>
              <td v-for="(o, k) in options" :key="o.option.id" :class="{ marked: k === at }">
                <p v-for="r in reasonsOf(o, a)" :key="r.says">
                  <span aria-hidden="true">{{ mark(r.verdict) }}</span> {{ r.says
                  }}<span v-if="r.verdict === 'strikes out'" class="second"> · strikes it out</span>
                </p>
                <p v-if="reasonsOf(o, a).length === 0" class="second">not asked</p>
              </td>
            </tr>
            <tr v-if="night">
              <th scope="row" class="aspect">by lamp at night</th>
              <td v-for="(o, k) in options" :key="o.option.id" :class="{ marked: k === at }">
                {{ night[k] || 'not measured' }}
              </td>
            </tr>
            <tr v-if="stay">
              <th scope="row" class="aspect">over {{ stay }} years</th>
              <td v-for="(o, k) in options" :key="o.option.id" :class="{ marked: k === at }">
                <template v-if="o.option.years"
                  >{{ money(stayCost(o.price.landedMinor, o.option.years, stay).totalMinor) }}, bought
                  {{ stayCost(o.price.landedMinor, o.option.years, stay).purchases }} ×</template
                >
                <span v-else class="second">years not known</span>
              </td>
            </tr>
            <tr>
              <td class="aspect"></td>
              <td v-for="(o, k) in options" :key="o.option.id" :class="{ marked: k === at }">
                <button
                  v-if="!live(item)"
                  class="button"
                  :class="{ primary: !o.chosen && canBeTaken(o) }"
                  @click="toggle(o)"
                >
                  {{ o.chosen ? 'Let it go' : 'Choose' }}
                </button>
                <span v-else class="second">{{ o.chosen ? item.state : '' }}</span>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </div>
    <div v-else class="teach">
      <h2>Options side by side</h2>
      <p>
        As soon as an item has options, up to five stand here beside each other: price with its sum, and each
        aspect with its reason.
      </p>
    </div>
    <template #panel>
      <h2>What counts</h2>
      <p class="second">
        ● speaks for it ◐ lowers it ✕ strikes it out ○ not known. What strikes out cannot be outweighed; what
        lowers counts by these weights.
      </p>
      <WeightsEditor />
    </template>
  </StagePage>
</template>

<style scoped>
.pickers {
  display: flex;
  gap: 12px;
  align-items: center;
  padding-bottom: 10px;
  flex-wrap: wrap;
}
.pickers select {
  width: 280px;
}
.scroll {
  overflow-x: auto;
}
table {
  width: 100%;
  min-width: 620px;
  table-layout: fixed;
  border-collapse: collapse;
}
th,
td {
  padding: 7px 8px;
  overflow-wrap: anywhere;
  text-align: left;
  vertical-align: top;
  font-size: 13px;
  border-bottom: 1px solid var(--rule);
  font-weight: normal;
  background: none;
}
thead th b,
thead th span {
  display: block;
}
thead th b {
  font-weight: 600;
  font-size: 14px;
  line-height: 1.25;
}
thead th.chosen {
  border-top: 3px solid var(--ink);
}
.aspect {
  width: 96px;
  padding-left: 0;
}
.aspect .second {
  display: block;
}
.marked {
  background: var(--paper);
}
.sample {
  display: block;
  height: 34px;
  margin-bottom: 5px;
}
ul {
  padding: 0;
}
.teach {
  max-width: 58ch;
  padding-top: 26px;
  display: grid;
  gap: 12px;
}
</style>
