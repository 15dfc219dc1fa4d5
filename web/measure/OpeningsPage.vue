<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { freePlace, freePlaceOf } from '@bonitas/core/stages/measure/freePlace'
import { misfits } from '@bonitas/core/stages/measure/measureFacts'
import { planDrawing } from '@bonitas/core/stages/measure/planDrawing'
import { CARRIES, FIXTURE_KINDS, HINGES, OPENING_KINDS, SWINGS } from '@bonitas/core/model/vocabulary/room'
import type { Fixture } from '@bonitas/core/model/rows/fixtures'
import type { Opening } from '@bonitas/core/model/rows/openings'
import RowTable from '../form/RowTable.vue'
import type { TableColumn } from '../form/tableColumn.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import LaserLine from './LaserLine.vue'
import RoomPlan from './RoomPlan.vue'
import { useWallChoices } from './useWallChoices.js'
import { useLocale } from '../form/useLocale.js'
import { STARTING_FIXTURES, STARTING_SIZES, type StartingFixture } from './startingSizes.js'
import { t } from './words.js'

const { system } = useLocale()
const store = useJobStore()
const job = computed(() => store.snapshot)
const facts = computed(() => store.derived?.measure)
const drawing = computed(() => facts.value && planDrawing(facts.value))
const walls = useWallChoices()
const wrong = computed(() => (facts.value ? misfits(facts.value) : []))
const faultOf = (id: string, field: string) => wrong.value.find((m) => m.id === id && m.field === field)?.text
const nameOf = (row: { readonly name: string; readonly kind: string }) => row.name || row.kind
const lengthsIn = (heads: Readonly<Record<string, string>>) =>
  Object.entries(heads).map(([id, head]) => ({
    id,
    head,
    kind: 'length' as const,
    figure: true,
    warning: (row: { readonly id: string }) => faultOf(row.id, id),
  }))
const openingColumns = computed((): TableColumn<Opening>[] => [
  { id: 'name', head: t('name'), kind: 'text', label: () => t('name') },
  { id: 'kind', head: t('kind'), choices: OPENING_KINDS },
  { id: 'wallId', head: t('wall'), choices: walls.value },
  ...lengthsIn({ startMm: t('fromLeft'), widthMm: t('width'), heightMm: t('height'), sillMm: t('sill') }),
  { id: 'hinge', head: t('hinge'), choices: HINGES },
  { id: 'swing', head: t('swing'), choices: SWINGS },
])
const fixtureColumns = computed((): TableColumn<Fixture>[] => [
  { id: 'name', head: t('name'), kind: 'text', label: () => t('name') },
  { id: 'kind', head: t('kind'), choices: FIXTURE_KINDS },
  { id: 'wallId', head: t('wall'), choices: walls.value },
  ...lengthsIn({
    startMm: t('fromLeft'),
    bottomMm: t('fromFloor'),
    widthMm: t('width'),
    heightMm: t('height'),
    depthMm: t('standsOut'),
    radiusMm: t('bulges'),
  }),
])
const windows = computed(() => job.value?.openings.filter((o) => o.kind === 'window') ?? [])
const carryColumns: TableColumn<Opening>[] = [
  { id: 'window', head: t('window') },
  { id: 'carries', head: t('carries'), choices: [{ value: null, text: t('notLookedAt') }, ...CARRIES] },
  { id: 'carriesG', head: t('mayCarry'), kind: 'weight', figure: true },
]
const next = (rows: readonly { kind: string }[], kind: string, word: string) => {
  const n = rows.filter((r) => r.kind === kind).length + 1
  return `${word}${n > 1 ? ` ${n}` : ''}`
}

function addOpening(kind: 'door' | 'window'): void {
  if (!job.value) return
  const place = freePlaceOf(facts.value?.walls ?? [], job.value, kind)
  if (!place) return
  const door = kind === 'door'
  store.add('openings', {
    ...place,
    kind,
    name: next(job.value.openings, kind, door ? t('door') : t('window')),
    // Nobody has measured it yet; only a door is sure to stand on the floor.
    ...{ widthMm: null, heightMm: null, sillMm: door ? 0 : null },
    hinge: door ? 'left' : 'none',
    swing: door ? 'in' : 'none',
    carries: null,
    carriesG: null,
  })
}

function addFixture(kind: StartingFixture): void {
  if (!job.value) return
  const size = STARTING_SIZES[system.value][kind]
  const place = freePlace(facts.value?.walls ?? [], job.value, size.widthMm)
  if (!place) return
  const word = `${kind[0]?.toUpperCase() ?? ''}${kind.slice(1)}`
  store.add('fixtures', {
    ...place,
    kind,
    name: next(job.value.fixtures, kind, word),
    radiusMm: null,
    ...size,
  })
}
</script>

<template>
  <StagePage v-if="job && facts" :title="t('measure')">
    <template #head><StageTabs stage="measure" /></template>
    <p v-if="walls.length === 0" class="second teach">
      {{ t('openingsAndFixturesBelongTo') }}
    </p>
    <template v-else>
      <section class="bench-part" :aria-label="t('doorsAndWindows')">
        <div class="part-head">
          <h2>{{ t('doorsAndWindows') }}</h2>
          <ElButton @click="addOpening('door')">{{ t('addADoor') }}</ElButton>
          <ElButton @click="addOpening('window')">{{ t('addAWindow') }}</ElButton>
        </div>
        <p v-if="job.openings.length === 0" class="second">
          {{ t('everyOpeningIsTakenOut') }}
        </p>
        <RowTable
          v-else
          collection="openings"
          :rows="job.openings"
          :columns="openingColumns"
          :name-of="nameOf"
          removable
        />
      </section>
      <section v-if="windows.length > 0" class="bench-part" :aria-label="t('whatWindowsCarry')">
        <h2>{{ t('whatWindowsCarry') }}</h2>
        <RowTable collection="openings" :rows="windows" :columns="carryColumns" :name-of="nameOf">
          <template #cell-window="{ row }">{{ nameOf(row) }}</template>
        </RowTable>
      </section>
      <section class="bench-part" :aria-label="t('fixtures')">
        <div class="part-head">
          <h2>{{ t('fixtures') }}</h2>
          <ElButton v-for="kind in STARTING_FIXTURES" :key="kind" @click="addFixture(kind)">
            {{ t('addAKind', { kind }) }}
          </ElButton>
        </div>
        <p v-if="job.fixtures.length === 0" class="second">
          {{ t('radiatorsVentsSocketsSwitchesCeiling') }}
        </p>
        <RowTable
          v-else
          collection="fixtures"
          :rows="job.fixtures"
          :columns="fixtureColumns"
          :name-of="nameOf"
          removable
        />
        <p class="second caution">
          {{ t('beforeDrillingOrNailingNear') }}
        </p>
      </section>
      <LaserLine />
    </template>
    <template #panel>
      <div class="small">
        <RoomPlan v-if="drawing" :drawing="drawing" :label="t('planOfTheRoomWith')" />
      </div>
      <FindingsPanel stage="measure" page="openings" :quiet="t('theMeasuresRaiseNoQuestion')" />
    </template>
  </StagePage>
</template>

<style scoped>
.bench-part {
  margin-bottom: 22px;
}
:deep(.of-name) {
  min-width: 116px;
}
.caution {
  border-left: 4px solid var(--rule-2);
  padding-left: 10px;
  margin-top: 10px;
  max-width: 90ch;
}
.small {
  height: 250px;
}
.teach {
  max-width: 60ch;
}
</style>
