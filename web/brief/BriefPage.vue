<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { COLOR_SCHOOLS } from '@bonitas/core/brief/schema'
import { moneyText } from '@bonitas/core/money/moneyText'
import { dayText } from '@bonitas/core/units/days'
import RowField from '../form/RowField.vue'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import { useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'

const SCHOOLS: Readonly<Record<(typeof COLOR_SCHOOLS)[number], string>> = {
  'two mains and one accent':
    'Two main colors and one scarce accent, 60 / 30 / 10 of what can change. More than three hues is a finding.',
  'quiet neutral':
    'Chroma stays low; color comes from foliage, art and the view. More than one hue is a finding.',
  'drawn from one piece': 'Up to five colors, each found in one piece that inspired the room.',
}

const store = useJobStore()
const job = computed(() => store.snapshot)
const usesList = ref<HTMLElement>()
useStageKeys([['Enter in the last use', 'Add another use']])

const money = (minor: number) =>
  moneyText(minor, job.value?.studio.currency ?? 'EUR', job.value?.studio.locale)
const sums = computed(() => {
  const position = store.derived?.position
  return position && { reserve: position.reserveMinor, toSpend: position.agreedMinor - position.reserveMinor }
})

async function addUse(): Promise<void> {
  const uses = job.value?.uses ?? []
  store.add('uses', {
    name: `Use ${uses.length + 1}`,
    position: Math.max(-1, ...uses.map((u) => u.position)) + 1,
  })
  await nextTick()
  const inputs = usesList.value?.querySelectorAll('input')
  inputs?.[inputs.length - 1]?.focus()
}

/** Looks before the field does: an Enter that keeps what was typed does not also add the next. */
function lastUseEnter(event: KeyboardEvent, isLast: boolean): void {
  if (event.key === 'Enter' && isLast && (event.target as HTMLInputElement).dataset.dirty === 'false')
    void addUse()
}
</script>

<template>
  <StagePage
    v-if="job && sums"
    title="Brief"
    says="who it is for, what the room must do, and the money agreed"
  >
    <div class="brief">
      <section>
        <h2>The job</h2>
        <div class="grid">
          <RowField collection="client" :row="job.client" field="name" kind="text" />
          <RowField collection="brief" :row="job.brief" field="roomName" kind="text" />
          <RowField collection="brief" :row="job.brief" field="place" kind="text" />
          <RowField collection="brief" :row="job.brief" field="schemeName" kind="text" />
          <RowField
            collection="brief"
            :row="job.brief"
            field="installOn"
            kind="date"
            :hint="job.brief.installOn ? dayText(job.brief.installOn) : 'no date yet'"
          />
        </div>
      </section>
      <section>
        <h2>Money</h2>
        <div class="grid">
          <RowField collection="brief" :row="job.brief" field="agreedMinor" kind="money" figure />
          <RowField
            collection="brief"
            :row="job.brief"
            field="reservePpm"
            kind="percent"
            label="Reserve, %"
            figure
            :hint="`${money(sums.reserve)} held back, ${money(sums.toSpend)} to spend`"
          />
          <RowField
            collection="brief"
            :row="job.brief"
            field="taxPpm"
            kind="percent"
            label="Tax rate, %"
            figure
          />
          <div class="check">
            <input
              id="tax-in"
              type="checkbox"
              :checked="job.brief.pricesIncludeTax"
              @change="
                store.change('brief', job.brief.id, {
                  pricesIncludeTax: ($event.target as HTMLInputElement).checked,
                })
              "
            />
            <label for="tax-in"
              >Prices are entered with tax in them<span class="second">{{
                job.brief.pricesIncludeTax
                  ? 'landed prices show the tax inside'
                  : 'tax is added to every landed price'
              }}</span></label
            >
          </div>
        </div>
      </section>
      <section ref="usesList">
        <h2>What the room must do</h2>
        <p v-if="job.uses.length === 0" class="second teach">
          A use is one thing the room must do for the people in it: sleep one guest, read, store scores.
          Function comes before objects.
        </p>
        <ol>
          <li
            v-for="(u, i) in job.uses"
            :key="u.id"
            @keydown.capture="lastUseEnter($event, i === job.uses.length - 1)"
          >
            <span class="narrow">{{ i + 1 }}</span>
            <RowField collection="uses" :row="u" field="name" kind="text" bare />
            <button class="word" :aria-label="`Remove ${u.name}`" @click="store.remove('uses', u.id)">
              Remove
            </button>
          </li>
        </ol>
        <button class="button" @click="addUse">Add a use</button>
      </section>
      <section>
        <fieldset>
          <legend>School of color</legend>
          <label v-for="s in COLOR_SCHOOLS" :key="s" class="school">
            <input
              type="radio"
              name="school"
              :checked="job.brief.colorSchool === s"
              @change="store.change('brief', job.brief.id, { colorSchool: s })"
            />
            <span
              ><b>{{ s }}</b
              ><span class="second">{{ SCHOOLS[s] }}</span></span
            >
          </label>
        </fieldset>
      </section>
    </div>
    <template #panel>
      <h2>Where good decorators disagree, the job chooses</h2>
      <p class="second">
        A finding says which school made it fire. Change the school and the room is judged anew at once; any
        finding can be accepted once as deliberate.
      </p>
      <FindingsPanel stage="palette" quiet="No rule of the palette objects under this school." />
    </template>
  </StagePage>
</template>

<style scoped>
.brief {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 26px 34px;
}
section {
  border-top: 1px solid var(--ink);
  padding-top: 9px;
  min-width: 0;
}
.grid {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px 14px;
  margin-top: 10px;
}
.check,
.school {
  display: grid;
  grid-template-columns: 16px 1fr;
  gap: 9px;
  align-items: start;
}
.check {
  padding-top: 22px;
}
.check input,
.school input {
  margin-top: 2px;
}
.second {
  display: block;
}
ol {
  list-style: none;
  margin: 6px 0 12px;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 18px 1fr auto;
  gap: 8px;
  align-items: center;
  border-bottom: 1px solid var(--rule);
  padding: 3px 0;
}
.teach {
  max-width: 46ch;
  margin: 6px 0;
}
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 10px;
}
legend {
  font-size: 15px;
  font-weight: 650;
  padding: 0 0 8px;
}
</style>
