<script setup lang="ts">
import ListTable from '../form/ListTable.vue'
import { ElCheckbox, ElSlider } from 'element-plus'
import { computed, ref } from 'vue'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import { lampsOf, lightOf, USUAL_LAMP, type Moment } from '@bonitas/core/job/lightOf'
import { meanReflectance } from '@bonitas/core/stages/palette/paletteFacts'
import ChoiceField from '../form/ChoiceField.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { seenFinishes, turnedPairs } from './lightView.js'
import SpectraPart from './SpectraPart.vue'
import SchemeBar from './SchemeBar.vue'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

const { number, light: lux } = useLocale()
const store = useJobStore()
const job = computed(() => store.snapshot)
const hour = ref(19)
const lampsOn = ref(true)
const overcast = ref(false)
const DAYS = [
  { text: t('n21March'), day: 80 },
  { text: t('n21June'), day: 172 },
  { text: t('n22September'), day: 265 },
  { text: t('n21December'), day: 355 },
]
const day = ref(80)
const finishes = computed(() =>
  (store.derived?.palette.finishes ?? []).filter((f) => f.share > 0 && f.finish.material !== 'primer'),
)
const moment = computed((): Moment => ({
  hour: hour.value,
  dayOfYear: day.value,
  sky: overcast.value ? 'overcast' : 'clear',
  lampsOn: lampsOn.value,
}))
const light = computed(() => job.value && lightOf(job.value, store.derived?.areas, moment.value))
const now = computed(() => (light.value ? seenFinishes(finishes.value, light.value) : []))
/** Fixed moments of the day beside each other, so that a turn is seen without moving anything. */
const MOMENTS = [
  { text: '9', hour: 9, lampsOn: false },
  { text: '13', hour: 13, lampsOn: false },
  { text: '17', hour: 17, lampsOn: false },
  { text: t('n21Lamps'), hour: 21, lampsOn: true },
]
const course = computed(() => {
  const of = job.value
  if (!of) return []
  return MOMENTS.map((m) => {
    const at = lightOf(of, store.derived?.areas, { ...moment.value, hour: m.hour, lampsOn: m.lampsOn })
    return { ...m, light: at, seen: seenFinishes(finishes.value, at) }
  })
})
const turned = computed(() => {
  const noon = course.value[1]
  return noon ? turnedPairs(noon.seen, now.value) : []
})
const brightness = computed(() => store.derived && meanReflectance(store.derived.palette))
const lamps = computed(() => (job.value ? lampsOf(job.value) : []))
const hourWords = computed(
  () => `${String(Math.floor(hour.value)).padStart(2, '0')}:${hour.value % 1 ? '30' : '00'}`,
)
const lightWords = computed(() => {
  const l = light.value
  if (!l) return ''
  const from =
    l.lux < 1
      ? t('noLightToSpeakOf')
      : t('cctKAboutLux', { cct: Math.round(l.cct / 50) * 50, lux: lux(Math.round(l.lux / 10) * 10) })
  const sun = l.sunIn ? t('sunInTheWindow') : ''
  const lamp = l.lampPart > 0.01 ? t('lampPartFromTheLamps', { lampPart: Math.round(100 * l.lampPart) }) : ''
  return t('fromSunLampTheEye', { from, sun, lamp, degree: Math.round(100 * l.degree) })
})
const missing = computed(() => {
  const now = job.value
  if (!now) return []
  const { room } = now
  return [
    room.latitudeDeg == null && t('theLatitude'),
    room.northDeg == null && t('theBearingOfTheFirst'),
    !now.openings.some((o) => o.kind === 'window') && t('aWindow'),
  ].filter((x) => x !== false)
})
const columns = computed(() => [
  { id: 'finish', head: t('finish') },
  { id: 'own', head: t('ownColor') },
  ...MOMENTS.map((m, k) => ({ id: `moment-${k}`, head: m.text })),
  { id: 'now', head: t('atHourWords', { hourWords: hourWords.value }) },
  { id: 'says', head: t('whatTheLightDoes') },
])
</script>

<template>
  <StagePage v-if="job && light" :title="t('palette')">
    <template #head><StageTabs stage="palette" /></template>
    <div class="over-bench">
      <SchemeBar />
      <ChoiceField
        :model-value="String(day)"
        beside
        :label="t('day')"
        :choices="DAYS.map((d) => ({ value: String(d.day), text: d.text }))"
        @update:model-value="day = Number($event)"
      />
      <ElCheckbox v-model="overcast">{{ t('overcast') }}</ElCheckbox>
    </div>
    <p v-if="missing.length > 0" class="second">
      {{ t('notKnownYetJoinUntil', { join: missing.join(', ') }) }}
    </p>
    <p v-if="finishes.length === 0" class="second">
      {{ t('nothingWearsAFinishYet') }}
    </p>
    <ListTable v-else :rows="now" :columns="columns" :key-of="(s) => s.facts.finish.id">
      <template #cell-finish="{ row: s }"
        ><b>{{ s.facts.finish.name }}</b
        ><br /><span class="second">{{ s.facts.undertone.phrase }}</span></template
      >
      <template #cell-own="{ row: s }"><i :style="{ background: labToHex(s.facts.lab) }"></i></template>
      <template v-for="(m, k) in course" :key="m.text" #[`cell-moment-${k}`]="{ index: i }"
        ><i :title="m.seen[i]?.says" :style="{ background: m.seen[i] ? labToHex(m.seen[i].seen) : '' }"></i
      ></template>
      <template #cell-now="{ row: s }"
        ><i class="now" :style="{ background: labToHex(s.seen) }"></i
      ></template>
      <template #cell-says="{ row: s }">{{ s.says }}</template>
    </ListTable>
    <template #panel>
      <section class="panel-part">
        <h2>{{ t('pairsThatTurn') }}</h2>
        <p v-if="turned.length === 0" class="second">{{ t('noPairIsWorseAt', { hourWords }) }}</p>
        <article v-for="turning in turned" :key="turning.one.finish.id + turning.two.finish.id">
          <i :style="{ background: labToHex(turning.one.lab) }"></i
          ><i :style="{ background: labToHex(turning.two.lab) }"></i>
          <b>{{ t('nameAndName2', { name: turning.one.finish.name, name2: turning.two.finish.name }) }}</b>
          <p>
            {{
              t('at13SaysE00DeltaE', {
                says: turning.before.says,
                deltaE: number(turning.before.deltaE, 1),
                says2: turning.after.says,
                deltaE2: number(turning.after.deltaE, 1),
              })
            }}
          </p>
        </article>
      </section>
      <SpectraPart
        :now="light.spectrum"
        :noon="course[1]?.light.spectrum"
        :now-name="t('atHourWords', { hourWords })"
      />
      <section class="panel-part">
        <h2>{{ t('howBrightTheRoomIs') }}</h2>
        <p>
          {{
            t('theSurfacesGiveBackBrightness', {
              brightness: brightness === undefined ? '–' : number(brightness),
            })
          }}
        </p>
      </section>
      <section class="panel-part">
        <h2>{{ t('howFarThisCanBe') }}</h2>
        <p class="second">
          {{ t('reflectanceIsEstimatedFromColor') }}
        </p>
      </section>
    </template>
    <template #strip>
      <div class="clock">
        <p>
          <b>{{ t('seenAtHourWordsLampsOn', { hourWords, lampsOn: lampsOn ? t('lampsOn') : '' }) }}</b>
          <span class="second"
            >&ensp;{{ lightWords
            }}{{
              lampsOn
                ? ` · ${lamps.length > 0 ? lamps.join(' and ') : t('usualLAMPAssumed', { USUAL_LAMP })}`
                : ''
            }}</span
          >
        </p>
        <ElCheckbox v-model="lampsOn">{{ t('lampsOn2') }}</ElCheckbox>
        <ElSlider
          v-model="hour"
          class="hours"
          :min="6"
          :max="22"
          :step="0.5"
          :show-tooltip="false"
          :aria-label="t('hourOfTheDaySun')"
          :format-value-text="() => hourWords"
        />
        <div class="ticks" aria-hidden="true">
          <span v-for="h in 9" :key="h">{{ 4 + 2 * h }}</span>
        </div>
      </div>
    </template>
  </StagePage>
</template>

<style scoped>
b {
  font-weight: 600;
}
i {
  display: block;
  width: 62px;
  height: 32px;
}
i.now {
  outline: 2px solid var(--ink);
  outline-offset: 1px;
}
article {
  background: var(--paper);
  border-left: 4px solid var(--ink);
  padding: 8px 12px;
  font-size: 13px;
}
article i {
  display: inline-block;
  width: 24px;
  height: 14px;
}
article b {
  display: block;
  font-weight: 600;
}
.clock {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 6px 20px;
}
.hours,
.ticks {
  grid-column: 1 / -1;
}
.hours {
  padding: 0 9px;
}
.ticks {
  display: flex;
  justify-content: space-between;
  font-size: 13px;
  font-stretch: 75%;
}
.ticks span {
  width: 18px;
  text-align: center;
}
</style>
