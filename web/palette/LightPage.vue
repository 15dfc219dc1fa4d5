<script setup lang="ts">
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
import SchemeBar from './SchemeBar.vue'

const store = useJobStore()
const job = computed(() => store.snapshot)
const hour = ref(19)
const lampsOn = ref(true)
const overcast = ref(false)
const DAYS = [
  { text: '21 March', day: 80 },
  { text: '21 June', day: 172 },
  { text: '22 September', day: 265 },
  { text: '21 December', day: 355 },
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
  { text: '21, lamps', hour: 21, lampsOn: true },
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
      ? 'no light to speak of'
      : `${Math.round(l.cct / 50) * 50} K, about ${Math.round(l.lux / 10) * 10} lx`
  const sun = l.sunIn ? ', sun in the window' : ''
  const lamp = l.lampPart > 0.01 ? `, ${Math.round(100 * l.lampPart)} % from the lamps` : ''
  return `${from}${sun}${lamp}; the eye adapts ${Math.round(100 * l.degree)} %`
})
const missing = computed(() => {
  const now = job.value
  if (!now) return []
  const { room } = now
  return [
    room.latitudeDeg == null && 'the latitude',
    room.northDeg == null && 'the bearing of the first wall',
    !now.openings.some((o) => o.kind === 'window') && 'a window',
  ].filter((x) => x !== false)
})
</script>

<template>
  <StagePage v-if="job && light" title="Palette">
    <template #head><StageTabs stage="palette" /></template>
    <div class="over-bench">
      <SchemeBar />
      <ChoiceField
        :model-value="String(day)"
        beside
        label="Day"
        :choices="DAYS.map((d) => ({ value: String(d.day), text: d.text }))"
        @update:model-value="day = Number($event)"
      />
      <ElCheckbox v-model="overcast">overcast</ElCheckbox>
    </div>
    <p v-if="missing.length > 0" class="second">
      Not known yet: {{ missing.join(', ') }}. Until it is, the light is an estimate; Measure asks for it.
    </p>
    <p v-if="finishes.length === 0" class="second">
      Nothing wears a finish yet. Give the walls one on the first page, and see it here by hour and lamp.
    </p>
    <table v-else>
      <thead>
        <tr>
          <th scope="col">Finish</th>
          <th scope="col">Own color</th>
          <th v-for="m in MOMENTS" :key="m.text" scope="col">{{ m.text }}</th>
          <th scope="col">At {{ hourWords }}</th>
          <th scope="col">What the light does</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(s, i) in now" :key="s.facts.finish.id">
          <td>
            <b>{{ s.facts.finish.name }}</b><br /><span class="second">{{ s.facts.undertone.phrase }}</span>
          </td>
          <td><i :style="{ background: labToHex(s.facts.lab) }"></i></td>
          <td v-for="m in course" :key="m.text">
            <i
              :title="m.seen[i]?.says"
              :style="{ background: m.seen[i] ? labToHex(m.seen[i].seen) : '' }"
            ></i>
          </td>
          <td><i class="now" :style="{ background: labToHex(s.seen) }"></i></td>
          <td>{{ s.says }}</td>
        </tr>
      </tbody>
    </table>
    <template #panel>
      <section class="panel-part">
        <h2>Pairs that turn</h2>
        <p v-if="turned.length === 0" class="second">No pair is worse at {{ hourWords }} than at 13.</p>
        <article v-for="t in turned" :key="t.one.finish.id + t.two.finish.id">
          <i :style="{ background: labToHex(t.one.lab) }"></i
          ><i :style="{ background: labToHex(t.two.lab) }"></i>
          <b>{{ t.one.finish.name }} and {{ t.two.finish.name }}</b>
          <p>
            at 13: {{ t.before.says }}, ΔE00 {{ t.before.deltaE.toFixed(1) }}; now: {{ t.after.says }}, ΔE00
            {{ t.after.deltaE.toFixed(1) }}
          </p>
        </article>
      </section>
      <section class="panel-part">
        <h2>How bright the room is</h2>
        <p>
          The surfaces give back {{ brightness?.toFixed(0) ?? '–' }} % of the light that falls on them (mean
          LRV by area).
        </p>
      </section>
      <section class="panel-part">
        <h2>How far this can be trusted</h2>
        <p class="second">
          Reflectance is estimated from color, light from the sky, the window and the type of lamp. Other
          paints and cloths of the same color may turn otherwise, and no screen shows paint exactly: brush out
          a sample and look at it in the evening.
        </p>
      </section>
    </template>
    <template #strip>
      <div class="clock">
        <p>
          <b>Seen at {{ hourWords }}{{ lampsOn ? ', lamps on' : '' }}</b>
          <span class="second"
            >&ensp;{{ lightWords
            }}{{
              lampsOn ? ` · ${lamps.length > 0 ? lamps.join(' and ') : `${USUAL_LAMP}, assumed`}` : ''
            }}</span
          >
        </p>
        <ElCheckbox v-model="lampsOn">lamps on</ElCheckbox>
        <ElSlider
          v-model="hour"
          class="hours"
          :min="6"
          :max="22"
          :step="0.5"
          :show-tooltip="false"
          aria-label="Hour of the day, sun time"
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
td {
  vertical-align: middle;
  padding: 3px 8px 3px 0;
}
td b {
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
