<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed } from 'vue'
import type { Takeoff } from '@bonitas/core/model/rows/takeoffs'
import { MATCHES, SET_OUTS } from '@bonitas/core/model/vocabulary/takeoff'
import { TRADE_FIELDS } from '@bonitas/core/stages/takeoff/takeoffLine'
import type { FieldKind } from '../form/fieldText.js'
import RowCheck from '../form/RowCheck.vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import RowTable from '../form/RowTable.vue'
import type { TableColumn } from '../form/tableColumn.js'
import { useLocale } from '../form/useLocale.js'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
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
}
const SPECIAL: readonly (keyof Takeoff)[] = [
  'wallIds',
  'openingId',
  'match',
  'setOut',
  'turned',
  'readyMade',
  'pair',
  'ring',
]
const fields = computed(() => TRADE_FIELDS[props.row.trade])
const plain = computed(() => fields.value.filter((f) => !SPECIAL.includes(f) && asked(f)))
const CHECKS: readonly (keyof Takeoff)[] = ['turned', 'readyMade', 'pair', 'ring']
const checks = computed(() => CHECKS.filter((f) => fields.value.includes(f)))
/** Only what the line reads as it stands. */
function asked(field: keyof Takeoff): boolean {
  const { match, readyMade, trade } = props.row
  if (field === 'squareMm') return match === 'turned squares'
  if (trade === 'wallpaper' && field === 'repeatMm') return match === 'straight' || match === 'half drop'
  if (trade === 'wallpaper' && (field === 'trimMm' || field === 'seamMm')) return match !== 'turned squares'
  if (trade === 'curtains' && field === 'packOf') return readyMade
  if (trade === 'curtains' && readyMade)
    return !['returnMm', 'overlapMm', 'topHemMm', 'footHemMm', 'repeatMm'].includes(field)
  return true
}
const walls = computed(() => store.derived?.measure.walls ?? [])
const windows = computed(() =>
  (job.value?.openings ?? [])
    .filter((o) => o.kind !== 'opening')
    .map((o) => ({ value: o.id, text: nameOf(o) })),
)
const nameOf = (o: { readonly name: string; readonly kind: string; readonly wallId: string }) =>
  `${o.name || o.kind}, ${store.derived?.measure.nameOf(o.wallId) ?? ''}`
const parts = computed(() => (job.value?.takeoffParts ?? []).filter((p) => p.takeoffId === props.row.id))
const asksParts = computed(() => props.row.trade === 'lengths' || props.row.trade === 'cover')
const columns = computed((): TableColumn<(typeof parts.value)[number]>[] => [
  { id: 'name', head: t('piece'), kind: 'text' },
  { id: 'count', head: t('number'), kind: 'whole', figure: true },
  { id: 'lengthMm', head: t('length'), kind: 'length', figure: true },
  ...(props.row.trade === 'cover'
    ? ([{ id: 'widthMm', head: t('width'), kind: 'length', figure: true }] satisfies TableColumn<never>[])
    : []),
])

/** Panels as they are sold are priced by the panel. */
const wordOf = (f: keyof Takeoff) =>
  f === 'packMinor' && props.row.readyMade ? t('priceOfOne') : fieldWord(props.row.trade, f, system.value)

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
    widthMm: props.row.trade === 'cover' ? 600 : null,
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
    <RowCheck v-for="f in checks" :key="f" collection="takeoffs" :row="row" :field="f" />
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
      />
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
