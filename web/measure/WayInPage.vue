<script setup lang="ts">
import { computed } from 'vue'
import { PASSAGE_KINDS } from '@bonitas/core/model/vocabulary/room'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useLocale } from '../form/useLocale.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import LaserLine from './LaserLine.vue'

const store = useJobStore()
const { length } = useLocale()
const job = computed(() => store.snapshot)
const wayIn = computed(() => store.derived?.measure.wayIn)

// Usual sizes to begin from (common practice); each is measured and overwritten.
const START: Readonly<Record<(typeof PASSAGE_KINDS)[number], readonly [number, number]>> = {
  'street door': [900, 2040],
  'gate or path': [1000, 2400],
  corridor: [1000, 2400],
  turn: [1000, 2400],
  stair: [900, 2000],
  landing: [900, 2400],
  'lift car': [1100, 2100],
  'lift door': [800, 2000],
  'room door': [760, 2030],
}
function add(kind: (typeof PASSAGE_KINDS)[number]): void {
  const [widthMm, heightMm] = START[kind]
  store.add('passages', {
    position: nextPosition(job.value?.passages ?? []),
    kind,
    name: '',
    widthMm,
    heightMm,
    lengthMm: null,
  })
}
const third = (kind: string) =>
  kind === 'turn' ? 'width after it' : kind === 'lift car' || kind === 'landing' ? 'depth' : 'length'
</script>

<template>
  <StagePage v-if="job && wayIn" title="Measure">
    <template #head><StageTabs stage="measure" /></template>
    <section>
      <p class="second teach">
        From the street to the room, in the order a piece is carried. Entered once per job; every large piece
        is tried against it before it is bought.
      </p>
      <div class="bar">
        <span>Add</span>
        <button v-for="k in PASSAGE_KINDS" :key="k" class="word" @click="add(k)">{{ k }}</button>
      </div>
      <div class="scroll">
        <table v-if="job.passages.length > 0">
          <thead>
            <tr>
              <th scope="col">#</th>
              <th scope="col">What</th>
              <th scope="col">Name</th>
              <th scope="col" class="figure">Clear width</th>
              <th scope="col" class="figure">Clear height</th>
              <th scope="col" class="figure">Length or depth</th>
              <th scope="col"><span class="visually-hidden">Which length</span></th>
              <th scope="col"><span class="visually-hidden">Remove</span></th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(p, i) in job.passages" :key="p.id">
              <td class="narrow">{{ i + 1 }}</td>
              <td><RowChoice collection="passages" :row="p" field="kind" :choices="PASSAGE_KINDS" bare /></td>
              <td>
                <RowField
                  collection="passages"
                  :row="p"
                  field="name"
                  kind="text"
                  bare
                  :label="`Name of ${p.kind}`"
                />
              </td>
              <td class="figure">
                <RowField
                  collection="passages"
                  :row="p"
                  field="widthMm"
                  kind="length"
                  bare
                  figure
                  :label="`Clear width of ${p.name || p.kind}`"
                />
              </td>
              <td class="figure">
                <RowField
                  collection="passages"
                  :row="p"
                  field="heightMm"
                  kind="length"
                  bare
                  figure
                  :label="`Clear height of ${p.name || p.kind}`"
                />
              </td>
              <td class="figure">
                <RowField
                  collection="passages"
                  :row="p"
                  field="lengthMm"
                  kind="length"
                  bare
                  figure
                  :label="`Length or depth of ${p.name || p.kind}`"
                />
              </td>
              <td class="second">{{ third(p.kind) }}</td>
              <td class="figure">
                <button
                  class="word"
                  :aria-label="`Remove ${p.name || p.kind}`"
                  @click="store.remove('passages', p.id)"
                >
                  ×
                </button>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <LaserLine />
    </section>
    <template #panel>
      <section v-if="wayIn.narrowest && wayIn.lowest">
        <h2>What decides</h2>
        <dl>
          <div>
            <dt>
              Narrowest<span>{{ wayIn.narrowest.name || wayIn.narrowest.kind }}</span>
            </dt>
            <dd>{{ length(wayIn.narrowest.widthMm) }}</dd>
          </div>
          <div>
            <dt>
              Lowest<span>{{ wayIn.lowest.name || wayIn.lowest.kind }}</span>
            </dt>
            <dd>{{ length(wayIn.lowest.heightMm) }}</dd>
          </div>
        </dl>
      </section>
      <p v-else class="second">
        Nothing is known of the way in. A sofa that does not pass the door is found out on the day it comes.
      </p>
      <p class="second">
        Carrying weights up stairs: two people or more, path cleared, children and pets out.
      </p>
      <FindingsPanel stage="measure" quiet="The measures raise no question." />
    </template>
  </StagePage>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: baseline;
  margin: 10px 0;
}
td {
  padding: 1px 6px 1px 0;
  vertical-align: middle;
}
td :deep(.row-choice select) {
  min-width: 104px;
}
.scroll {
  overflow-x: auto;
  margin-bottom: 10px;
}
dl div {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  border-bottom: 1px solid var(--rule);
  padding: 6px 0;
}
dt span {
  display: block;
  font-size: 13px;
  color: var(--ink-2);
}
dd {
  font-weight: 600;
}
.teach {
  max-width: 74ch;
}
</style>
