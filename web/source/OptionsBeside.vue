<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { DerivedItem, DerivedOption } from '@bonitas/core/job/deriveItems'
import { lightOf } from '@bonitas/core/job/lightOf'
import { deltaE00, labToHex } from '@bonitas/core/kernel/color/lab'
import { seenUnder } from '@bonitas/core/kernel/color/seenUnder'
import { ASPECTS } from '@bonitas/core/model/vocabulary/aspect'
import { stayCost } from '@bonitas/core/stages/source/worth'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { canBeTaken, landedSteps, sizeText } from './optionText.js'
import { isBought } from './useItemSearch.js'
import { t } from './words.js'

/** Options of one item side by side, aspect by aspect, each with its reason. */
const props = defineProps<{
  item: DerivedItem
  options: readonly DerivedOption[]
  /** Which of them is marked. */
  at: number
}>()
const emit = defineEmits<{ mark: [at: number]; toggle: [option: DerivedOption] }>()
const store = useJobStore()
const { money, number, says } = useLocale()
const reasonsOf = (o: DerivedOption, aspect: string) => o.suits.reasons.filter((r) => r.aspect === aspect)
const aspects = computed(() => ASPECTS.filter((a) => props.options.some((o) => reasonsOf(o, a).length > 0)))
const hexOf = (o: DerivedOption) => {
  const { colorL: l, colorA: a, colorB: b } = o.option
  return l == null || a == null || b == null ? undefined : labToHex({ l, a, b })
}
/** By the lamps of the room at night: how far the color then is from what is aimed at. */
const night = computed(() => {
  const job = store.snapshot
  const aim = job?.finishes.find((f) => f.id === props.item.item.aimFinishId)
  if (!job || !aim) return undefined
  const light = lightOf(job, store.derived?.areas, {
    hour: 21,
    dayOfYear: 330,
    sky: 'overcast',
    lampsOn: true,
  })
  const target = seenUnder({ l: aim.labL, a: aim.labA, b: aim.labB }, light)
  return props.options.map((o) => {
    const { colorL: l, colorA: a, colorB: b } = o.option
    return l == null || a == null || b == null
      ? ''
      : `ΔE00 ${number(deltaE00(target, seenUnder({ l, a, b }, light)), 1)}`
  })
})
const stay = computed(() => store.snapshot?.brief.stayYears ?? null)
const mark = (verdict: string) =>
  ({ agrees: '●', lowers: '◐', 'strikes out': '✕', 'not known': '○' })[verdict] ?? ''
</script>

<template>
  <div class="scroll" tabindex="0" role="region" :aria-label="t('optionsSideBySide')">
    <table>
      <thead>
        <tr>
          <td class="aspect"></td>
          <th
            v-for="(o, k) in options"
            :key="o.option.id"
            scope="col"
            :class="{ marked: k === at, chosen: o.chosen }"
            @click="emit('mark', k)"
          >
            <i v-if="hexOf(o)" class="sample" :style="{ background: hexOf(o) }"></i>
            <b>{{ o.option.name }}</b>
            <span class="second">{{ o.option.kind }}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr>
          <th scope="row" class="aspect">{{ t('landed') }}</th>
          <td v-for="(o, k) in options" :key="o.option.id" :class="{ marked: k === at }">
            <b>{{ money(o.price.landedMinor) }}</b>
            <ul class="second">
              <li v-for="s in landedSteps(o, item.item.quantity, says).slice(0, -1)" :key="s">
                {{ s }}
              </li>
            </ul>
          </td>
        </tr>
        <tr>
          <th scope="row" class="aspect">{{ t('measures') }}</th>
          <td v-for="(o, k) in options" :key="o.option.id" :class="{ marked: k === at }">
            {{ sizeText(o.option, says) || t('notMeasured') }}
          </td>
        </tr>
        <tr v-for="a in aspects" :key="a">
          <th scope="row" class="aspect">
            {{ a
            }}<span class="second">
              {{ t('countsWeights', { weights: store.snapshot?.brief.weights[a] }) }}</span
            >
          </th>
          <td v-for="(o, k) in options" :key="o.option.id" :class="{ marked: k === at }">
            <p v-for="r in reasonsOf(o, a)" :key="r.says">
              <span aria-hidden="true">{{ mark(r.verdict) }}</span> {{ r.says
              }}<span v-if="r.verdict === 'strikes out'" class="second"> {{ t('strikesItOut') }}</span>
            </p>
            <p v-if="reasonsOf(o, a).length === 0" class="second">{{ t('notAsked') }}</p>
          </td>
        </tr>
        <tr v-if="night">
          <th scope="row" class="aspect">{{ t('byLampAtNight') }}</th>
          <td v-for="(o, k) in options" :key="o.option.id" :class="{ marked: k === at }">
            {{ night[k] || t('notMeasured') }}
          </td>
        </tr>
        <tr v-if="stay">
          <th scope="row" class="aspect">{{ t('overStayYears', { stay }) }}</th>
          <td v-for="(o, k) in options" :key="o.option.id" :class="{ marked: k === at }">
            <template v-if="o.option.years">{{
              t('totalMinorBoughtPurchases', {
                totalMinor: money(stayCost(o.price.landedMinor, o.option.years, stay).totalMinor),
                purchases: stayCost(o.price.landedMinor, o.option.years, stay).purchases,
              })
            }}</template>
            <span v-else class="second">{{ t('yearsNotKnown') }}</span>
          </td>
        </tr>
        <tr>
          <td class="aspect"></td>
          <td v-for="(o, k) in options" :key="o.option.id" :class="{ marked: k === at }">
            <ElButton
              v-if="!isBought(item)"
              :type="!o.chosen && canBeTaken(o) ? 'primary' : 'default'"
              @click="emit('toggle', o)"
            >
              {{ o.chosen ? t('letItGo') : t('choose') }}
            </ElButton>
            <span v-else class="second">{{ o.chosen ? item.state : '' }}</span>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
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
</style>
