<script setup lang="ts">
import { ROWS } from '@bonitas/core/model/registry'
import { computed, nextTick, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { hexToLab, labToHex, lrv } from '@bonitas/core/kernel/color/lab'

import { dressChanges, layChanges } from '@bonitas/core/stages/palette/wear'
import type { Surface } from '@bonitas/core/model/vocabulary/surface'
import type { FinishFacts } from '@bonitas/core/stages/palette/paletteFacts'
import { areaText } from '@bonitas/core/kernel/units/length'
import FindingsPanel from '../job/FindingsPanel.vue'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { useInAddress } from '../job/useInAddress.js'
import { typing, useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import FinishEditor from './FinishEditor.vue'
import HueDial from './HueDial.vue'
import { paletteRows, type PaletteRow } from './paletteRows.js'
import SchemeBar from './SchemeBar.vue'
import WearerEditor from './WearerEditor.vue'

const store = useJobStore()
const route = useRoute()
const job = computed(() => store.snapshot)
const facts = computed(() => store.derived?.palette)
const rows = computed(() =>
  job.value && facts.value ? paletteRows(job.value, facts.value, store.derived?.surfaces) : [],
)
const bench = computed(() => facts.value?.finishes.filter((f) => f.where.length === 0) ?? [])
const selectedKey = useInAddress('row')
const table = ref<HTMLElement>()
useStageKeys([
  ['↑ ↓', 'Previous and next row'],
  ['F', 'New finish'],
  ['P', 'New piece'],
])

const selected = computed(() => rows.value.find((r) => r.key === selectedKey.value))
/** The finish in the editor: the selected row's, or one picked on the bench or in the dial. */
const finishId = ref<string>()
const finish = computed(() => facts.value?.finishes.find((f) => f.finish.id === finishId.value))

function select(row: PaletteRow): void {
  selectedKey.value = row.key
  finishId.value = row.finish?.finish.id
}
function selectFinish(id: string): void {
  finishId.value = id
  selectedKey.value = rows.value.find((r) => r.finish?.finish.id === id)?.key
}

watch(
  () => route.query.finish,
  (id) => typeof id === 'string' && selectFinish(id),
  { immediate: true },
)
watch(
  rows,
  (list) => {
    if (!selectedKey.value && !finishId.value && list[0]) select(list[0])
  },
  { immediate: true },
)

function wear(row: PaletteRow, id: string | null): void {
  if (!job.value || !facts.value) return
  finishId.value = id ?? undefined
  const { scheme } = facts.value
  const worn = facts.value.pieces.find((p) => p.id === row.id)
  const finishRow = job.value.finishes.find((f) => f.id === id) ?? null
  if (row.kind === 'piece' && worn) store.apply(dressChanges(job.value, scheme, worn, id))
  else if (row.surface) store.apply(layChanges(job.value, scheme, row.surface, finishRow))
}

function addFinish(): void {
  const grey = hexToLab('#a8a8a8')
  const n = (job.value?.finishes.length ?? 0) + 1
  const id = store.add('finishes', {
    ...ROWS.finishes.blank(),
    name: `Finish ${n}`,
    labL: grey.l,
    labA: 0,
    labB: 0,
    colors: [],
    readings: [],
    paintKit: { spreadM2PerL: 12, lossPpm: 0, tins: [] },
  })
  const row = selected.value
  if (row && !row.finish) wear(row, id)
  finishId.value = id
  if (row?.finish) selectedKey.value = undefined
  focusField('Finish name')
}

function addPiece(): void {
  const n = (job.value?.pieces.length ?? 0) + 1
  selectedKey.value = store.add('pieces', {
    ...ROWS.pieces.blank(),
    serves: [],
    position: nextPosition(job.value?.pieces ?? []),
    name: `Piece ${n}`,
    kind: 'other',
    widthMm: 600,
    depthMm: 400,
    heightMm: 800,
  })
  finishId.value = undefined
  focusField('Name')
}

function focusField(label: string): void {
  void nextTick(() => {
    const strip = document.querySelector('.editor')
    const found = [...(strip?.querySelectorAll('label') ?? [])].find((l) => l.textContent === label)
    if (found) document.getElementById(found.htmlFor)?.focus()
  })
}

function removeFinish(f: FinishFacts): void {
  finishId.value = undefined
  store.remove('finishes', f.finish.id)
}

const NEW_PART = {
  name: 'Panel fields',
  kind: 'panel fields',
  count: 4,
  widthMm: 600,
  heightMm: 900,
} as const
function addPart(): void {
  const { kind, count, widthMm, heightMm, name } = NEW_PART
  const n = (job.value?.parts.length ?? 0) + 1
  const id = store.add('parts', {
    name: n > 1 ? `${name} ${n}` : name,
    kind,
    wallId: null,
    count,
    widthMm,
    heightMm,
  })
  selectedKey.value = `part:${id}`
  finishId.value = undefined
}
/** The walls and openings that could wear a finish of their own and do not yet. */
const splits = computed(() => {
  const taken = new Set(rows.value.map((r) => r.surface))
  return [
    ...(store.derived?.areas?.walls ?? []).map((w) => ({ surface: `wall:${w.wallId}`, text: w.name })),
    ...(store.derived?.surfaces?.openings ?? []).map((o) => ({
      surface: `opening:${o.openingId}`,
      text: o.name,
    })),
  ].filter((s) => !taken.has(s.surface as Surface))
})
function split(event: Event): void {
  const select = event.target as HTMLSelectElement
  const surface = select.value as Surface | ''
  select.value = ''
  const like =
    facts.value?.finishAssignments.find(
      (p) => p.surface === (surface.startsWith('wall:') ? 'walls' : 'doors'),
    ) ?? facts.value?.finishAssignments[0]
  const finishRow = job.value?.finishes.find((f) => f.id === like?.finishId)
  if (!job.value || !surface || !finishRow) return
  store.apply(layChanges(job.value, facts.value?.scheme, surface, finishRow))
  selectedKey.value = surface
  finishId.value = finishRow.id
}
function keys(event: KeyboardEvent): void {
  if (typing(event) || event.ctrlKey || event.altKey || event.metaKey) return
  const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0
  if (by !== 0) {
    event.preventDefault()
    const at = rows.value.findIndex((r) => r.key === selectedKey.value)
    const next = rows.value[Math.max(0, Math.min(rows.value.length - 1, at + by))]
    if (next) {
      select(next)
      void nextTick(() => table.value?.querySelector<HTMLElement>('tr.here button')?.focus())
    }
  } else if (event.key === 'f') {
    event.preventDefault()
    addFinish()
  } else if (event.key === 'p') {
    event.preventDefault()
    addPiece()
  }
}

const says = computed(() => {
  const r = store.derived?.roleShares
  if (!r || !job.value || rows.value.every((x) => !x.finish))
    return `School: ${job.value?.schools.colorScheme ?? 'not chosen'}`
  const p = (x: number) => Math.round(100 * x)
  const aim =
    job.value.schools.colorScheme === 'two mains and one accent'
      ? ' · aim 60 / 30 / 10, is'
      : ' · main, second, accent'
  return `School: ${job.value.schools.colorScheme ?? 'not chosen'}${aim} ${p(r.main)} / ${p(r.second)} / ${p(r.accent)}, fixed ${p(r.fixed)} %`
})
const under = (f: FinishFacts) =>
  f.undertone.word === 'none'
    ? `C ${f.undertone.chroma.toFixed(0)}`
    : `${Math.round(f.undertone.hueDeg)}° · ${f.undertone.chroma.toFixed(0)}`
</script>

<template>
  <StagePage v-if="job && facts" title="Palette" @keydown="keys">
    <div class="over-bench">
      <SchemeBar />
      <span class="acts">
        <button class="button" @click="addFinish">New finish</button>
        <button class="button" @click="addPiece">New piece</button>
        <button class="button" @click="addPart">New part of a wall</button>
      </span>
      <span class="second says">{{ says }}</span>
      <select
        v-if="splits.length > 0 && facts.finishAssignments.length > 0"
        aria-label="Give one wall or opening a finish of its own"
        @change="split"
      >
        <option value="">One wall or opening …</option>
        <option v-for="s in splits" :key="s.surface" :value="s.surface">{{ s.text }}</option>
      </select>
    </div>
    <table ref="table">
      <thead>
        <tr>
          <th scope="col" colspan="2">Where it goes</th>
          <th scope="col">Role</th>
          <th scope="col">Undertone</th>
          <th scope="col" class="figure">LRV · share</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in rows" :key="r.key" :class="{ here: r.key === selectedKey }" @click="select(r)">
          <td class="sw">
            <i
              class="swatch"
              :class="{ none: !r.finish }"
              :style="r.finish ? { background: labToHex(r.finish.lab) } : {}"
            ></i>
          </td>
          <td>
            <button class="name" :aria-pressed="r.key === selectedKey" @focus="select(r)">
              <b>{{ r.where }}</b>
              <span class="second">{{
                r.finish
                  ? [r.finish.finish.name, r.finish.finish.code, r.finish.finish.material]
                      .filter(Boolean)
                      .join(' · ')
                  : 'no finish yet'
              }}</span>
            </button>
          </td>
          <td>
            <template v-if="r.finish"
              ><i class="mark" :class="r.finish.finish.role"></i>{{ r.finish.finish.role }}</template
            >
          </td>
          <td>
            <template v-if="r.finish"
              ><span :title="r.finish.undertone.phrase">{{ r.finish.undertone.word }}</span>
              <span class="second">{{ under(r.finish) }}</span></template
            >
          </td>
          <td class="figure" :title="`${areaText(r.areaMm2, job.studio.system)} of what is seen`">
            <template v-if="r.finish"
              >{{ lrv(r.finish.lab).toFixed(0) }} · <b>{{ (100 * r.share).toFixed(1) }}%</b></template
            >
            <span v-else class="second">{{
              r.areaMm2 > 0 ? areaText(r.areaMm2, job.studio.system) : 'not measured'
            }}</span>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="facts.finishes.length === 0" class="second teaching">
      A finish is material, color and sheen together. Start with what stays, a floor, a tile, a piece that is
      loved: everything else is judged against it. “New finish” gives one to the row that is marked; its
      undertone, share and every clash follow.
    </p>
    <div v-else class="samples">
      <span class="second">On the bench, worn by nothing:</span>
      <button
        v-for="f in bench"
        :key="f.finish.id"
        class="sample"
        :aria-pressed="f.finish.id === finishId"
        @click="selectFinish(f.finish.id)"
      >
        <i :style="{ background: labToHex(f.lab) }"></i>{{ f.finish.name }}
      </button>
      <span v-if="bench.length === 0" class="second">nothing.</span>
    </div>
    <template #head><StageTabs stage="palette" /></template>
    <template #panel>
      <HueDial :finishes="facts.finishes" :selected="finishId" @choose="selectFinish" />
      <FindingsPanel stage="palette" quiet="No clash, and no hue too many for the school." />
    </template>
    <template #strip>
      <div class="editor">
        <WearerEditor
          v-if="selected"
          :row="selected"
          :alone="!finish"
          @wear="(id) => selected && wear(selected, id)"
        />
        <FinishEditor v-if="finish" :facts="finish" @remove="removeFinish(finish)" />
        <p v-if="!finish && !selected" class="second">
          Point at a row to give it a finish. A finish is material, color and sheen together; its share is
          what is seen of it.
        </p>
      </div>
    </template>
  </StagePage>
</template>

<style scoped>
tr {
  cursor: default;
}
tr.here td {
  background: var(--paper);
}
tr.here td:first-child {
  box-shadow: inset 4px 0 var(--ink);
}
td {
  padding: 3px 8px 3px 0;
  vertical-align: middle;
}
.sw {
  width: 74px;
  padding-left: 10px;
}
.swatch {
  display: block;
}
.swatch.none {
  border: 1px dashed var(--rule-2);
}
.name {
  border: 0;
  background: none;
  padding: 0;
  text-align: left;
  line-height: 1.22;
  width: 100%;
}
.name b {
  font-weight: 600;
  display: block;
}
.mark {
  display: inline-block;
  width: 11px;
  height: 11px;
  border: 1px solid var(--ink);
  margin-right: 7px;
  vertical-align: -1px;
}
.mark.main {
  background: var(--ink);
}
.mark.second {
  background: linear-gradient(135deg, var(--ink) 50%, transparent 50%);
}
.mark.stays {
  background: var(--hatch);
}
.mark.accent {
  border-radius: 50%;
}
.mark.metal {
  border-style: dotted;
}
.mark.foliage {
  border-style: dashed;
}
.samples {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  padding-top: 10px;
}
.sample {
  border: 0;
  border-bottom: 2px solid transparent;
  background: none;
  padding: 2px 0;
  display: flex;
  gap: 7px;
  align-items: center;
}
.sample[aria-pressed='true'] {
  border-bottom-color: var(--ink);
}
.sample i {
  width: 26px;
  height: 18px;
}
.acts {
  display: flex;
  gap: 6px;
  margin-left: auto;
}
.acts .button {
  padding: 4px 9px;
}
.over-bench .says {
  flex: 1 1 320px;
}
.over-bench select {
  width: auto;
}
.editor {
  display: grid;
  gap: 10px;
  min-height: 176px;
  align-content: start;
}
</style>
