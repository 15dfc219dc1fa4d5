<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { PASSAGE_KINDS } from '@bonitas/core/model/vocabulary/room'
import type { Passage } from '@bonitas/core/model/rows/passages'
import RowTable from '../form/RowTable.vue'
import type { TableColumn } from '../form/tableColumn.js'
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
const columns: TableColumn<Passage>[] = [
  { id: 'number', head: '#' },
  { id: 'kind', head: 'What', choices: PASSAGE_KINDS },
  { id: 'name', head: 'Name', kind: 'text', label: (p) => `Name of ${p.kind}` },
  { id: 'widthMm', head: 'Clear width', kind: 'length', figure: true },
  { id: 'heightMm', head: 'Clear height', kind: 'length', figure: true },
  { id: 'lengthMm', head: 'Length or depth', kind: 'length', figure: true },
  { id: 'third', head: 'Which length', quietHead: true },
]
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
        <ElButton v-for="k in PASSAGE_KINDS" :key="k" link @click="add(k)">{{ k }}</ElButton>
      </div>
      <RowTable
        v-if="job.passages.length > 0"
        collection="passages"
        :rows="job.passages"
        :columns="columns"
        :name-of="(p) => p.name || p.kind"
        removable
      >
        <template #cell-number="{ index }">{{ index + 1 }}</template>
        <template #cell-third="{ row }"
          ><span class="second">{{ third(row.kind) }}</span></template
        >
      </RowTable>
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
