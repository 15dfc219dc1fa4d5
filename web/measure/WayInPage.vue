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
import { t } from './words.js'

const store = useJobStore()
const { typed } = useLocale()
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
  kind === 'turn' ? t('widthAfterIt') : kind === 'lift car' || kind === 'landing' ? 'depth' : 'length'
const columns: TableColumn<Passage>[] = [
  { id: 'number', head: '#' },
  { id: 'kind', head: t('what'), choices: PASSAGE_KINDS },
  { id: 'name', head: t('name'), kind: 'text', label: (p) => t('nameOfKind', { kind: p.kind }) },
  { id: 'widthMm', head: t('clearWidth'), kind: 'length', figure: true },
  { id: 'heightMm', head: t('clearHeight'), kind: 'length', figure: true },
  { id: 'lengthMm', head: t('lengthOrDepth'), kind: 'length', figure: true },
  { id: 'third', head: t('whichLength'), quietHead: true },
]
</script>

<template>
  <StagePage v-if="job && wayIn" :title="t('measure')">
    <template #head><StageTabs stage="measure" /></template>
    <section>
      <p class="second teach">
        {{ t('fromTheStreetToThe') }}
      </p>
      <div class="bar">
        <span>{{ t('add') }}</span>
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
        <h2>{{ t('whatDecides') }}</h2>
        <dl>
          <div>
            <dt>
              {{ t('narrowest') }}<span>{{ wayIn.narrowest.name || wayIn.narrowest.kind }}</span>
            </dt>
            <dd>{{ typed(wayIn.narrowest.widthMm) }}</dd>
          </div>
          <div>
            <dt>
              {{ t('lowest') }}<span>{{ wayIn.lowest.name || wayIn.lowest.kind }}</span>
            </dt>
            <dd>{{ typed(wayIn.lowest.heightMm) }}</dd>
          </div>
        </dl>
      </section>
      <p v-else class="second">
        {{ t('nothingIsKnownOfThe') }}
      </p>
      <p class="second">
        {{ t('carryingWeightsUpStairsTwo') }}
      </p>
      <FindingsPanel stage="measure" page="way-in" :quiet="t('theMeasuresRaiseNoQuestion')" />
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
