<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed } from 'vue'
import type { Takeoff } from '@bonitas/core/model/rows/takeoffs'
import { MATCHES, SET_OUTS } from '@bonitas/core/model/vocabulary/takeoff'
import { TRADE_FIELDS } from '@bonitas/core/stages/takeoff/tradeFields'
import type { FieldKind } from '../form/fieldText.js'
import RowCheck from '../form/RowCheck.vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import RowTable from '../form/RowTable.vue'
import type { TableColumn } from '../form/tableColumn.js'
import { useLocale } from '../form/useLocale.js'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import CoverOf from './CoverOf.vue'
import { fieldWord } from './tradeWords.js'
import { t } from './words.js'

/** Where a line goes, by which method, and the goods as they are sold: what its trade asks, and nothing else. */
const props = defineProps<{ row: Takeoff }>()
const store = useJobStore()
const job = computed(() => store.snapshot)
const { system } = useLocale()
const KINDS: Partial<Record<keyof Takeoff, FieldKind>> = {
  packMinor: 'money',
  packOf: 'whole',
  posts: 'whole',
  sparePacks: 'whole',
  fullness: 'real',
  springDeg: 'real',
}
const SPECIAL: readonly (keyof Takeoff)[] = [
  'wallIds',
  'openingId',
  'match',
  'inside',
  'setOut',
  'turned',
  'readyMade',
  'pair',
  'ring',
]
const fields = computed(() => TRADE_FIELDS[props.row.trade])
const plain = computed(() => fields.value.filter((f) => !SPECIAL.includes(f) && asked(f)))
const CHECKS: readonly (keyof Takeoff)[] = ['turned', 'inside', 'readyMade', 'pair', 'ring']
const checks = computed(() => CHECKS.filter((f) => fields.value.includes(f)))
/** Only what the line reads as it stands. */
function asked(field: keyof Takeoff): boolean {
  const { match, readyMade, trade } = props.row
  if (field === 'squareMm') return match === 'turned squares'
  if (trade === 'wallpaper' && field === 'repeatMm') return match === 'straight' || match === 'half drop'
  if (trade === 'wallpaper' && (field === 'trimMm' || field === 'seamMm')) return match !== 'turned squares'
  if (trade === 'blinds' && field === 'trimMm') return !props.row.inside
  if (trade === 'blinds') return !readyMade || field === 'packMinor'
  if (trade === 'curtains' && field === 'packOf') return readyMade
  if (trade === 'curtains' && readyMade)
    return !['returnMm', 'overlapMm', 'topHemMm', 'footHemMm', 'repeatMm'].includes(field)
  return true
}
/** What is seen of it has a finish of the palette. */
const WEARS: ReadonlySet<string> = new Set([
  'wallpaper',
  'tile',
  'boards',
  'carpet',
  'curtains',
  'blinds',
  'cover',
])
const finishes = computed(() => [
  { value: null, text: t('notChosen') },
  ...(job.value?.finishes ?? []).map((f) => ({ value: f.id, text: f.name })),
])
const walls = computed(() => store.derived?.measure.walls ?? [])
const windows = computed(() =>
  (job.value?.openings ?? [])
    .filter((o) => o.kind !== 'opening')
    .map((o) => ({ value: o.id, text: nameOf(o) })),
)
const nameOf = (o: { readonly name: string; readonly kind: string; readonly wallId: string }) =>
  `${o.name || o.kind}, ${store.derived?.measure.nameOf(o.wallId) ?? ''}`
const parts = computed(() => (job.value?.takeoffParts ?? []).filter((p) => p.takeoffId === props.row.id))
const asksParts = computed(() => ['lengths', 'cover', 'sheets'].includes(props.row.trade))
/** Pieces that have a width, and may have a nap or a grain. */
const flat = computed(() => props.row.trade === 'cover' || props.row.trade === 'sheets')
const columns = computed((): TableColumn<(typeof parts.value)[number]>[] => [
  { id: 'name', head: t('piece'), kind: 'text' },
  { id: 'count', head: t('number'), kind: 'whole', figure: true },
  { id: 'lengthMm', head: t('length'), kind: 'length', figure: true },
  ...(flat.value
    ? ([
        { id: 'widthMm', head: t('width'), kind: 'length', figure: true },
        { id: 'mayTurn', head: t('mayTurn') },
      ] satisfies TableColumn<never>[])
    : []),
])

/** A blind that is not sewn is made to measure. */
const checkWord = (f: keyof Takeoff) =>
  props.row.trade === 'blinds' && f === 'readyMade' ? { label: t('madeToMeasure') } : {}
/** Panels as they are sold are priced by the panel. */
const wordOf = (f: keyof Takeoff) =>
  f === 'packMinor' && props.row.readyMade
    ? t(props.row.trade === 'blinds' ? 'priceOfTheBlind' : 'priceOfOne')
    : fieldWord(props.row.trade, f, system.value)

function setWall(id: string, on: boolean): void {
  const now = props.row.wallIds.filter((w) => w !== id)
  store.change('takeoffs', props.row.id, { wallIds: on ? [...now, id] : now })
}
function addPart(): void {
  store.add('takeoffParts', {
    takeoffId: props.row.id,
    name: t('pieceN', { n: parts.value.length + 1 }),
    count: 1,
    lengthMm: 600,
    widthMm: flat.value ? 600 : null,
    mayTurn: false,
    position: nextPosition(parts.value),
  })
}
</script>

<template>
  <section class="trade">
    <h2>{{ row.name }}</h2>
    <RowField collection="takeoffs" :row="row" field="name" kind="text" />
    <fieldset v-if="fields.includes('wallIds')">
      <legend>{{ t('walls') }}</legend>
      <ElCheckbox
        v-for="w in walls"
        :key="w.id"
        :model-value="row.wallIds.includes(w.id)"
        :validate-event="false"
        @update:model-value="setWall(w.id, $event === true)"
        >{{ store.derived?.measure.nameOf(w.id) }}</ElCheckbox
      >
      <p v-if="walls.length === 0" class="second">{{ t('noWallsYet') }}</p>
    </fieldset>
    <RowChoice
      v-if="fields.includes('openingId')"
      collection="takeoffs"
      :row="row"
      field="openingId"
      :choices="[{ value: null, text: t('notChosen') }, ...windows]"
    />
    <RowChoice
      v-if="fields.includes('match')"
      collection="takeoffs"
      :row="row"
      field="match"
      :choices="MATCHES"
    />
    <RowChoice
      v-if="fields.includes('setOut')"
      collection="takeoffs"
      :row="row"
      field="setOut"
      :choices="SET_OUTS"
    />
    <RowCheck
      v-for="f in checks"
      :key="f"
      collection="takeoffs"
      :row="row"
      :field="f"
      v-bind="checkWord(f)"
    />
    <div class="grid">
      <RowField
        v-for="f in plain"
        :key="f"
        collection="takeoffs"
        :row="row"
        :field="f"
        :kind="KINDS[f] ?? 'length'"
        :label="wordOf(f)"
        figure
      />
    </div>
    <RowChoice
      v-if="WEARS.has(row.trade) && finishes.length > 1"
      collection="takeoffs"
      :row="row"
      field="finishId"
      :choices="finishes"
    />
    <CoverOf v-if="row.trade === 'cover'" :row="row" :parts="parts" />
    <template v-if="asksParts">
      <div class="part-head">
        <h3>{{ t('piecesToCut') }}</h3>
        <ElButton @click="addPart">{{ t('addAPiece') }}</ElButton>
      </div>
      <RowTable
        v-if="parts.length > 0"
        collection="takeoffParts"
        :rows="parts"
        :columns="columns"
        :name-of="(p) => p.name"
        removable
      >
        <template #cell-mayTurn="{ row: p }">
          <ElCheckbox
            :model-value="p.mayTurn"
            :aria-label="t('nameMayTurn', { name: p.name })"
            :validate-event="false"
            @update:model-value="store.change('takeoffParts', p.id, { mayTurn: $event === true })"
          />
        </template>
      </RowTable>
    </template>
    <ElButton link @click="store.remove('takeoffs', row.id)">{{ t('takeTheLineOut') }}</ElButton>
  </section>
</template>

<style scoped>
.trade {
  display: grid;
  gap: 9px;
  justify-items: stretch;
}
.trade > .el-button {
  justify-self: start;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 2px 10px;
}
legend {
  padding: 0;
  color: var(--second);
}
.grid {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 12px;
  align-items: end;
}
h3 {
  font-size: 14px;
  font-weight: 650;
}
</style>
