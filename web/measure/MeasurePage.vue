<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { gapWords } from '@bonitas/core/stages/measure/explainGap'
import { planDrawing } from '@bonitas/core/stages/measure/planDrawing'
import { FACES } from '@bonitas/core/model/vocabulary/room'
import { labOf } from '@bonitas/core/stages/palette/paletteFacts'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useLocale } from '../form/useLocale.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import { useInAddress } from '../job/useInAddress.js'
import { useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import LaserLine from './LaserLine.vue'
import RoomPlan from './RoomPlan.vue'
import RoomResults from './RoomResults.vue'
import RoomCeilings from './RoomCeilings.vue'
import RoomDiagonals from './RoomDiagonals.vue'
import RoomFiles from './RoomFiles.vue'
import { moveWall } from './wallEdits.js'
import { readWall } from './wallEntry.js'

const store = useJobStore()
const { system, length } = useLocale()
const job = computed(() => store.snapshot)
const facts = computed(() => store.derived?.measure)
const walls = computed(() => facts.value?.walls ?? [])
const closure = computed(() => facts.value?.closure)
const drawing = computed(() => facts.value && planDrawing(facts.value))
const floor = computed(() => {
  const on = job.value?.finishAssignments.find((p) => p.surface === 'floor')
  const finish = job.value?.finishes.find((f) => f.id === on?.finishId)
  return finish && labOf(finish)
})
useStageKeys([
  ['4860 Enter', 'A wall, then right'],
  ['1200 l Enter', 'A wall, then left'],
  ['850 r 45, bay Enter', 'A wall, then right through 45°, with its name'],
])

const typed = ref('')
const fault = ref('')
const chosen = useInAddress('wall')
const entry = ref<HTMLInputElement>()
const usual = computed(() => (closure.value?.run.sense === 'left' && walls.value.length > 0 ? -90 : 90))

async function addWall(): Promise<void> {
  if (typed.value.trim() === '') return
  try {
    const wall = readWall(typed.value, system.value, usual.value)
    fault.value = ''
    const last = walls.value[walls.value.length - 1]
    chosen.value = store.add('walls', {
      position: (last?.position ?? -1) + 1,
      face: last?.face ?? 'smooth paint',
      ...wall,
    })
    typed.value = ''
    await nextTick()
    entry.value?.focus()
    document.querySelector('.walls tr:last-child')?.scrollIntoView({ block: 'nearest' })
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    fault.value = error.message
  }
}

const nameOf = (i: number) => (facts.value ? facts.value.nameOf(walls.value[i]?.id ?? '') : '')
const correction = (i: number) => {
  const now = closure.value
  const c = now?.corrections[i]
  if (!c || now.state !== 'closed') return ''
  const by = Math.round((c.correctedMm - c.lengthMm) * 10) / 10
  return by === 0 ? '0' : `${by > 0 ? '+' : '−'}${Math.abs(by).toFixed(1)}`
}
const turned = (i: number) => {
  const c = closure.value?.corrections[i]
  return c
    ? `${length(c.lengthMm)} becomes ${c.correctedMm.toFixed(1)} mm and turns by ${Math.abs(c.turnedDeg).toFixed(2)}°`
    : ''
}

const status = computed(() => {
  const c = closure.value
  if (!c) return { word: '', text: '' }
  const { run } = c
  switch (c.state) {
    case 'empty':
      return {
        word: 'Nothing measured',
        text: 'Begin at any corner and walk round with the room on your right hand.',
      }
    case 'open':
      return {
        word:
          run.stillToTurnDeg > 0 && walls.value.length > 2
            ? `${run.stillToTurnDeg}° still to turn`
            : 'Walk on',
        text: `${walls.value.length} ${walls.value.length === 1 ? 'wall' : 'walls'}, ${length(run.lengthMm)} so far; back to the start: ${gapWords(run.gap)}`,
      }
    case 'gap':
      return {
        word: `Does not close: ${length(run.gapMm)}`,
        text: `${gapWords(run.gap)}; allowed ${length(c.toleranceMm)} in a run of ${length(run.lengthMm)}. Areas are uncertain.`,
      }
    case 'crossed':
      return {
        word: 'The walls cross',
        text: 'A corner is turned the wrong way, or two lengths are exchanged.',
      }
    default:
      return {
        word: run.gapMm < 1 ? 'Closes exactly' : `Closes within ${length(run.gapMm)}`,
        text:
          run.gapMm < 1
            ? `${length(run.lengthMm)} all round`
            : `of ${length(c.toleranceMm)} allowed; spread over the walls by the compass rule`,
      }
  }
})

const remove = (id: string) => store.remove('walls', id)
const move = (id: string, by: 1 | -1) => job.value && store.apply(moveWall(job.value, id, by))
</script>

<template>
  <StagePage v-if="job && facts && closure" title="Measure">
    <template #head>
      <StageTabs stage="measure" />
    </template>
    <div class="measure">
      <section class="run" aria-label="Wall run">
        <form class="entry" novalidate @submit.prevent="addWall">
          <label for="next-wall"
            >Wall {{ walls.length + 1 }}: length, then the turn at its end<span class="second"
              >4860 turns {{ usual === 90 ? 'right' : 'left' }}; 4860 l turns left; 850 r 45, bay gives a
              name</span
            ></label
          >
          <div>
            <input
              id="next-wall"
              ref="entry"
              v-model="typed"
              data-length="wall"
              :data-dirty="typed !== ''"
              autocomplete="off"
              :aria-invalid="fault ? 'true' : undefined"
              aria-describedby="next-wall-says"
            />
            <button class="button primary">Next</button>
          </div>
          <p id="next-wall-says" class="fault">{{ fault }}</p>
        </form>
        <div class="walls">
          <table v-if="walls.length > 0">
            <thead>
              <tr>
                <th scope="col" class="no">#</th>
                <th scope="col">Wall</th>
                <th scope="col" class="figure len">Length</th>
                <th scope="col" class="turn">Then</th>
                <th
                  v-if="closure.state === 'closed' && closure.run.gapMm >= 1"
                  scope="col"
                  class="figure corr"
                >
                  Spread
                </th>
                <th scope="col" class="gone"><span class="visually-hidden">Remove</span></th>
              </tr>
            </thead>
            <tbody>
              <tr
                v-for="(w, i) in walls"
                :key="w.id"
                :class="{ chosen: w.id === chosen }"
                @focusin="chosen = w.id"
              >
                <td class="narrow no">{{ i + 1 }}</td>
                <td>
                  <RowField
                    collection="walls"
                    :row="w"
                    field="name"
                    kind="text"
                    :label="`Name of wall ${i + 1}`"
                    bare
                  />
                </td>
                <td class="figure">
                  <RowField
                    collection="walls"
                    :row="w"
                    field="lengthMm"
                    kind="length"
                    bare
                    figure
                    :label="`Length of wall ${i + 1}`"
                  />
                </td>
                <td>
                  <RowField
                    collection="walls"
                    :row="w"
                    field="turnDeg"
                    kind="turn"
                    bare
                    :label="`Turn after wall ${i + 1}`"
                  />
                </td>
                <td
                  v-if="closure.state === 'closed' && closure.run.gapMm >= 1"
                  class="figure narrow"
                  :title="turned(i)"
                >
                  {{ correction(i) }}
                </td>
                <td class="figure">
                  <button
                    class="word"
                    :aria-label="`Remove wall ${i + 1}, ${nameOf(i)}`"
                    @click="remove(w.id)"
                  >
                    ×
                  </button>
                </td>
              </tr>
            </tbody>
          </table>
        </div>
        <div v-if="chosen && walls.some((w) => w.id === chosen)" class="more">
          <template v-for="(w, i) in walls" :key="w.id">
            <template v-if="w.id === chosen">
              <RowChoice
                collection="walls"
                :row="w"
                field="face"
                :choices="FACES"
                :label="`Face of ${nameOf(i)}`"
              />
              <p>
                <button class="word" :disabled="i === 0" @click="move(w.id, -1)">Earlier</button>
                <button class="word" :disabled="i === walls.length - 1" @click="move(w.id, 1)">Later</button>
              </p>
            </template>
          </template>
        </div>
        <LaserLine />
      </section>
      <section class="drawing" aria-label="Plan">
        <div class="status" :class="closure.state" role="status">
          <b>{{ status.word }}</b>
          <span class="second">{{ status.text }}</span>
        </div>
        <div class="sheet">
          <RoomPlan
            v-if="drawing"
            :drawing="drawing"
            :floor="floor"
            :chosen="chosen"
            :label="`Plan of the room, ${walls.length} walls: ${status.word}`"
            @choose="chosen = $event"
          />
          <p v-else class="second teach">
            The plan draws itself as the walls are called out. Measure before looking at goods: sizes vary far
            more than buyers expect.
          </p>
        </div>
        <RoomFiles />
      </section>
      <section class="sizes" aria-label="Heights and direction">
        <RowField
          collection="room"
          :row="job.room"
          field="heightMm"
          kind="length"
          label="Ceiling height"
          figure
        />
        <RowField
          collection="room"
          :row="job.room"
          field="skirtingMm"
          kind="length"
          label="Skirting"
          figure
        />
        <RowField collection="room" :row="job.room" field="corniceMm" kind="length" label="Cornice" figure />
        <RowField
          collection="room"
          :row="job.room"
          field="lowerWallMm"
          kind="length"
          label="Rail or wainscot at"
          figure
        />
        <RowField
          collection="room"
          :row="job.room"
          field="northDeg"
          kind="bearing"
          label="Wall 1 looks to"
          figure
        />
        <RowField
          collection="room"
          :row="job.room"
          field="latitudeDeg"
          kind="real"
          label="Latitude, °"
          figure
        />
      </section>
      <RoomDiagonals class="checks" />
      <RoomCeilings class="checks" :at="chosen" />
    </div>
    <template #panel>
      <FindingsPanel stage="measure" quiet="The measures raise no question." />
      <RoomResults />
    </template>
  </StagePage>
</template>

<style scoped>
.measure {
  display: grid;
  grid-template-columns: minmax(316px, 9fr) minmax(0, 11fr);
  gap: 16px 22px;
}
.entry label span {
  display: block;
}
.entry > div {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
  margin-top: 4px;
}
.entry input {
  font-size: 17px;
  min-height: 36px;
}
.entry .fault {
  min-height: 18px;
}
.walls {
  max-height: 372px;
  overflow-y: auto;
}
.walls table {
  table-layout: fixed;
}
.walls td {
  padding: 1px 8px 1px 0;
  vertical-align: middle;
}
.walls .no {
  width: 20px;
  color: var(--ink-2);
}
.walls .len {
  width: 66px;
}
.walls .turn {
  width: 80px;
}
.walls .corr {
  width: 46px;
}
.walls .gone {
  width: 24px;
}
.walls td.figure,
.walls th.figure {
  padding-left: 0;
}
tr.chosen {
  background: var(--paper);
}
.more {
  display: flex;
  align-items: end;
  gap: 14px;
  padding: 8px 0;
}
.more p {
  display: flex;
  gap: 12px;
}
.status {
  border-left: 4px solid var(--rule-2);
  padding: 2px 0 2px 10px;
  min-height: 44px;
}
.status b,
.status span {
  display: block;
}
.status.closed {
  border-left-color: var(--ink);
}
.status.gap,
.status.crossed {
  border-left-color: var(--stop);
}
.status.gap b,
.status.crossed b {
  color: var(--stop);
}
.sheet {
  height: 400px;
  display: grid;
  place-items: center;
  margin: 6px 0;
}
.sizes {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: repeat(6, 1fr);
  gap: 12px;
  border-top: 1px solid var(--rule);
  padding-top: 10px;
}
.checks {
  grid-column: 1 / -1;
}
.teach {
  max-width: 40ch;
}
@media (width < 760px) {
  .measure {
    grid-template-columns: 1fr;
  }
  .sheet {
    height: 320px;
  }
  .sizes {
    grid-template-columns: 1fr 1fr;
  }
  .walls {
    max-height: none;
  }
}
</style>
