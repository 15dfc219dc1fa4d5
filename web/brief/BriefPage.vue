<script setup lang="ts">
import { ROOM_KINDS } from '@bonitas/core/model/vocabulary/room'
import { computed, nextTick, ref } from 'vue'
import { proposedHanging } from '@bonitas/core/stages/brief/household'
import { MINDS, PERSON_KINDS } from '@bonitas/core/model/vocabulary/person'
import { USE_KINDS, USE_TIMES } from '@bonitas/core/model/vocabulary/use'
import { dayText } from '@bonitas/core/kernel/units/days'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import RowWords from '../form/RowWords.vue'
import { useLocale } from '../form/useLocale.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import CoverageTable from './CoverageTable.vue'
import { useKindOf } from './useKindOf.js'

const store = useJobStore()
const { length } = useLocale()
const job = computed(() => store.snapshot)
const usesList = ref<HTMLElement>()
const peopleList = ref<HTMLElement>()
useStageKeys([
  ['Enter in the last use', 'Add another use'],
  ['Arrows in the table', 'Walk it; Space ticks'],
])

async function addUse(): Promise<void> {
  const uses = job.value?.uses ?? []
  store.add('uses', {
    name: `Use ${uses.length + 1}`,
    kind: 'other',
    persons: 1,
    time: 'any time',
    position: nextPosition(uses),
  })
  await nextTick()
  const names = usesList.value?.querySelectorAll<HTMLInputElement>('.name input')
  names?.[names.length - 1]?.focus()
}

async function addPerson(kind: 'adult' | 'child' | 'dog'): Promise<void> {
  const people = job.value?.people ?? []
  const n = people.filter((p) => p.kind === kind).length + 1
  const word = `${kind[0]?.toUpperCase() ?? ''}${kind.slice(1)}`
  store.add('people', {
    position: nextPosition(people),
    name: n > 1 ? `${word} ${n}` : word,
    kind,
    ageYears: null,
    standingEyeMm: null,
    seatedEyeMm: null,
    minds: [],
    note: '',
  })
  await nextTick()
  const names = peopleList.value?.querySelectorAll<HTMLInputElement>('.name input')
  names?.[names.length - 1]?.focus()
}

/** Looks before the field does: an Enter that keeps what was typed does not also add the next. */
function lastUseEnter(event: KeyboardEvent, isLast: boolean): void {
  if (event.key === 'Enter' && isLast && (event.target as HTMLInputElement).dataset.dirty === 'false')
    void addUse()
}

// A use whose name speaks of a kind is taken for it, once, while nobody has chosen.
const { named } = useKindOf()
const proposal = computed(() => proposedHanging(job.value?.people ?? []))
const things = computed(() => store.derived?.brief.coverage.uses[0]?.cells.length ?? 0)

function addVisit(): void {
  store.add('visits', { on: job.value?.brief.installOn ?? store.day, what: 'Visit' })
}
function addFocus(): void {
  const focalPoints = job.value?.focalPoints ?? []
  store.add('focalPoints', {
    name: `Focus point ${focalPoints.length + 1}`,
    position: nextPosition(focalPoints),
  })
}
</script>

<template>
  <StagePage v-if="job" title="Brief">
    <template #head><StageTabs stage="brief" /></template>
    <div class="brief">
      <section>
        <h2>The job</h2>
        <div class="grid">
          <RowField collection="client" :row="job.client" field="name" kind="text" />
          <RowField collection="brief" :row="job.brief" field="roomName" kind="text" />
          <RowField collection="brief" :row="job.brief" field="place" kind="text" />
          <RowChoice
            collection="room"
            :row="job.room"
            field="kind"
            :choices="[{ value: null, text: 'not said' }, ...ROOM_KINDS]"
          />
        </div>
      </section>
      <section>
        <h2>Dates</h2>
        <div class="grid">
          <RowField
            collection="brief"
            :row="job.brief"
            field="installOn"
            kind="date"
            :hint="job.brief.installOn ? dayText(job.brief.installOn) : 'no date yet'"
          />
          <RowField
            collection="brief"
            :row="job.brief"
            field="revealOn"
            kind="date"
            :hint="job.brief.revealOn ? dayText(job.brief.revealOn) : 'no date yet'"
          />
        </div>
        <div v-for="v in job.visits" :key="v.id" class="line visit">
          <RowField collection="visits" :row="v" field="on" kind="date" bare label="Day of the visit" />
          <RowField
            collection="visits"
            :row="v"
            field="what"
            kind="text"
            bare
            label="What the visit is for"
          />
          <button class="word" :aria-label="`Remove ${v.what}`" @click="store.remove('visits', v.id)">
            ×
          </button>
        </div>
        <button class="word" @click="addVisit">Add a visit</button>
      </section>
      <section ref="peopleList" class="broad">
        <div class="bar">
          <h2>Who lives with it</h2>
          <button class="button" @click="addPerson('adult')">Add an adult</button>
          <button class="button" @click="addPerson('child')">Add a child</button>
          <button class="button" @click="addPerson('dog')">Add a pet</button>
        </div>
        <p v-if="job.people.length === 0" class="second teach">
          Eye heights set the hanging line; ages, pets and what to mind decide the cautions. Without them
          every caution stays a question.
        </p>
        <div v-for="p in job.people" :key="p.id" class="person">
          <RowField class="name" collection="people" :row="p" field="name" kind="text" label="Name" />
          <RowChoice collection="people" :row="p" field="kind" :choices="PERSON_KINDS" label="Who" />
          <RowField collection="people" :row="p" field="ageYears" kind="whole" label="Age" figure />
          <RowField
            collection="people"
            :row="p"
            field="standingEyeMm"
            kind="length"
            label="Eyes, standing"
            figure
          />
          <RowField
            collection="people"
            :row="p"
            field="seatedEyeMm"
            kind="length"
            label="Eyes, seated"
            figure
          />
          <RowField collection="people" :row="p" field="note" kind="text" label="Note" />
          <button class="word" :aria-label="`Remove ${p.name}`" @click="store.remove('people', p.id)">
            ×
          </button>
          <div class="minds">
            <span class="second">To mind</span>
            <RowWords
              collection="people"
              :row="p"
              field="minds"
              :choices="MINDS"
              :label="`To mind of ${p.name}`"
            />
          </div>
        </div>
        <div v-if="job.people.length > 0" class="hanging">
          <RowField
            collection="brief"
            :row="job.brief"
            field="hangingMm"
            kind="length"
            label="Agreed hanging height, middle of a picture"
            :hint="`proposed ${length(proposal.mm)}: ${proposal.says}`"
            figure
          />
        </div>
      </section>
      <section ref="usesList" class="broad">
        <div class="bar">
          <h2>What the room must do</h2>
          <button class="button" @click="addUse">Add a use</button>
        </div>
        <p v-if="job.uses.length === 0" class="second teach">
          A use is one thing the room must do for the people in it: sleep one guest, read, store scores.
          Function comes before objects.
        </p>
        <ol v-else>
          <li
            v-for="(u, i) in job.uses"
            :key="u.id"
            @keydown.capture="lastUseEnter($event, i === job.uses.length - 1)"
            @focusout="named(u)"
          >
            <span class="narrow">{{ i + 1 }}</span>
            <RowField class="name" collection="uses" :row="u" field="name" kind="text" bare />
            <RowChoice
              collection="uses"
              :row="u"
              field="kind"
              :choices="USE_KINDS"
              bare
              :label="`Kind of ${u.name}`"
            />
            <RowField
              collection="uses"
              :row="u"
              field="persons"
              kind="whole"
              bare
              figure
              :label="`For how many, ${u.name}`"
            />
            <RowChoice
              collection="uses"
              :row="u"
              field="time"
              :choices="USE_TIMES"
              bare
              :label="`When, ${u.name}`"
            />
            <button class="word" :aria-label="`Remove ${u.name}`" @click="store.remove('uses', u.id)">
              ×
            </button>
          </li>
        </ol>
        <template v-if="job.uses.length > 0">
          <h3>What serves it</h3>
          <CoverageTable v-if="things > 0" />
          <p v-else class="second">
            Nothing is entered yet. Walk through what is there under Pieces, and list what to buy under
            Source; each then serves a use, or is asked what it is for.
          </p>
        </template>
      </section>
      <section class="broad">
        <div class="bar">
          <h2>Promised focus points</h2>
          <button class="button" @click="addFocus">Add a focus point</button>
        </div>
        <p v-if="job.focalPoints.length === 0" class="second">
          One to three places that will be finished first; each item can be tagged with the one it is for.
        </p>
        <div v-for="f in job.focalPoints" :key="f.id" class="line">
          <RowField collection="focalPoints" :row="f" field="name" kind="text" bare />
          <span class="second">{{ job.items.filter((i) => i.focalPointId === f.id).length }} items</span>
          <button class="word" :aria-label="`Remove ${f.name}`" @click="store.remove('focalPoints', f.id)">
            ×
          </button>
        </div>
      </section>
    </div>
    <template #panel>
      <FindingsPanel stage="brief" quiet="The brief raises no question." />
    </template>
  </StagePage>
</template>

<style scoped>
.brief {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 20px 34px;
}
.brief > section {
  border-top: 1px solid var(--ink);
  padding-top: 9px;
  min-width: 0;
}
.broad {
  grid-column: 1 / -1;
}
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.bar h2 {
  margin-right: auto;
}
.grid {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 14px;
  margin-top: 8px;
}
.line {
  display: grid;
  grid-template-columns: 1fr auto 24px;
  gap: 10px;
  align-items: center;
  border-bottom: 1px solid var(--rule);
  padding: 2px 0;
}
.line.visit {
  grid-template-columns: 130px 1fr 24px;
}
.person {
  display: grid;
  grid-template-columns: 1.4fr 1fr 60px 1fr 1fr 1.6fr 24px;
  gap: 6px 10px;
  align-items: end;
  border-bottom: 1px solid var(--rule);
  padding: 8px 0;
}
.minds {
  grid-column: 1 / -1;
  display: flex;
  gap: 10px;
  align-items: baseline;
}
.hanging {
  max-width: 420px;
  padding-top: 10px;
}
ol {
  list-style: none;
  margin: 6px 0 12px;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr) 150px 54px 130px 24px;
  gap: 10px;
  align-items: center;
  border-bottom: 1px solid var(--rule);
  padding: 2px 0;
}
h3 {
  font-size: 14px;
  font-weight: 650;
  margin: 12px 0 4px;
}
.teach {
  max-width: 70ch;
  margin: 6px 0;
}
@media (width < 760px) {
  .brief {
    grid-template-columns: 1fr;
  }
  .person,
  li {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
