<script setup lang="ts">
import { computed, defineAsyncComponent, nextTick, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { hexToLab, labToHex, lrv } from '@bonitas/core/color/lab'

import {
  HOLDS,
  MATERIALS,
  PART_KINDS,
  PATTERN_KINDS,
  ROLES,
  SHEENS,
  SUBSTRATES,
  TEXTURES,
  WEARS,
} from '@bonitas/core/palette/schema'
import { spreadOf } from '@bonitas/core/palette/library/toFinish'
import { NEW_FINISH, NEW_PIECE } from '@bonitas/core/job/emptyJob'
import { dressChanges, layChanges } from '@bonitas/core/palette/wear'
import { LAMP_TYPES, PIECE_KINDS, type Surface } from '@bonitas/core/job/words'
import { labOf, type FinishFacts } from '@bonitas/core/palette/paletteFacts'
import { areaText } from '@bonitas/core/units/length'
import RowCheck from '../form/RowCheck.vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import FindingsPanel from '../job/FindingsPanel.vue'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { typing, useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useWallChoices } from '../measure/useWallChoices.js'
import ColorField from './ColorField.vue'
import FurtherColors from './FurtherColors.vue'
import HueDial from './HueDial.vue'
import { paletteRows, type PaletteRow } from './paletteRows.js'
import { PALETTE_PAGES } from './paletteTabs.js'
import SchemeBar from './SchemeBar.vue'

// The list with its search is heavy and stands below the fold of the first look: it comes after the page.
const FinishSelect = defineAsyncComponent(() => import('./FinishSelect.vue'))
const store = useJobStore()
const route = useRoute()
const job = computed(() => store.snapshot)
const facts = computed(() => store.derived?.palette)
const rows = computed(() =>
  job.value && facts.value ? paletteRows(job.value, facts.value, store.derived?.surfaces) : [],
)
const bench = computed(() => facts.value?.finishes.filter((f) => f.where.length === 0) ?? [])
const selectedKey = ref<string>()
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
const placement = computed(() => job.value?.placements.find((p) => p.id === selected.value?.id))
const piece = computed(() => job.value?.pieces.find((p) => p.id === selected.value?.id))
const shared = computed(() => placement.value?.schemeId === null && (job.value?.schemes.length ?? 0) > 0)

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
watch(rows, (list) => {
  if (!selectedKey.value && !finishId.value && list[0]) select(list[0])
}, { immediate: true }) // prettier-ignore

function wear(row: PaletteRow, id: string | null): void {
  if (!job.value || !facts.value) return
  finishId.value = id ?? undefined
  const { scheme } = facts.value
  const worn = facts.value.pieces.find((p) => p.id === row.id)
  const finishRow = job.value.finishes.find((f) => f.id === id) ?? null
  if (row.kind === 'piece' && worn) store.apply(dressChanges(job.value, scheme, worn, id))
  else if (row.surface) store.apply(layChanges(job.value, scheme, row.surface, finishRow))
}

const wallChoices = useWallChoices('no wall')

function addFinish(): void {
  const grey = hexToLab('#a8a8a8')
  const n = (job.value?.finishes.length ?? 0) + 1
  const id = store.add('finishes', {
    ...NEW_FINISH, name: `Finish ${n}`, labL: grey.l, labA: 0, labB: 0, colors: [], readings: [],
    paintKit: { spreadM2PerL: 12, lossPpm: 0, tins: [] },
  }) // prettier-ignore
  const row = selected.value
  if (row && !row.finish) wear(row, id)
  finishId.value = id
  if (row?.finish) selectedKey.value = undefined
  focusField('Finish name')
}

function addPiece(): void {
  const n = (job.value?.pieces.length ?? 0) + 1
  selectedKey.value = store.add('pieces', {
    ...NEW_PIECE,
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

/** A finish can go when no scheme wears it. */
const worn = (f: FinishFacts) =>
  f.where.length > 0 ||
  (job.value?.placements.some((p) => p.finishId === f.finish.id) ?? false) ||
  (job.value?.pieces.some((p) => p.finishId === f.finish.id) ?? false) ||
  (job.value?.dressings.some((d) => d.finishId === f.finish.id) ?? false)

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
  const id = store.add('parts', { name: n > 1 ? `${name} ${n}` : name, kind, wallId: null, count, widthMm, heightMm })
  selectedKey.value = `part:${id}`
  finishId.value = undefined
} // prettier-ignore
const part = computed(() =>
  selected.value?.surface?.startsWith('part:')
    ? job.value?.parts.find((p) => `part:${p.id}` === selected.value?.surface)
    : undefined,
)
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
  const surface = select.value
  select.value = ''
  const like =
    facts.value?.placements.find((p) => p.surface === (surface.startsWith('wall:') ? 'walls' : 'doors')) ??
    facts.value?.placements[0]
  const finishRow = job.value?.finishes.find((f) => f.id === like?.finishId)
  if (!job.value || !surface || !finishRow) return
  store.apply(layChanges(job.value, facts.value?.scheme, surface, finishRow))
  selectedKey.value = surface
  finishId.value = finishRow.id
}
function keepOpen(event: Event): void {
  const select = event.target as HTMLSelectElement
  const finishId = select.value
  select.value = ''
  const p = placement.value
  if (!p || !finishId) return
  store.add('placements', {
    surface: p.surface, finishId, substrate: p.substrate, overL: p.overL, overA: p.overA, overB: p.overB, hold: p.hold,
    schemeId: p.schemeId, candidate: true,
  })
} // prettier-ignore
/** Finishes of the same use that could still lie there instead. */
const couldBe = computed(() => {
  const now = facts.value?.finishes.find((f) => f.finish.id === placement.value?.finishId)
  const hard = ['timber', 'tile', 'stone']
  return (facts.value?.finishes ?? []).filter((f) => {
    if (!now || f === now || open.value.some((c) => c.finishId === f.finish.id)) return false
    const { material } = f.finish
    return hard.includes(now.finish.material) ? hard.includes(material) : material === now.finish.material
  })
})
const open = computed(
  () => facts.value?.candidates.filter((c) => c.surface === placement.value?.surface) ?? [],
)
const nameOf = (id: string) => job.value?.finishes.find((f) => f.id === id)?.name ?? ''

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
const lampChoices = [{ value: null, text: 'not known' }, ...LAMP_TYPES]
const spread = computed(() => {
  const readings = finish.value?.finish.readings ?? []
  const found = spreadOf(readings)
  return found && readings.length > 1 ? { ...found, n: readings.length } : undefined
})
/** What the further fields hold, so that they need not be opened to be read. */
const furtherSays = computed(() => {
  const f = finish.value?.finish
  if (!f) return ''
  const pattern =
    f.patternKind === 'none'
      ? 'no pattern'
      : `${f.patternKind}${f.patternRepeatMm ? `, ${f.patternRepeatMm} mm` : ''}`
  const bears = [
    f.wear === 'not known' ? 'wear not known' : f.wear,
    f.sealed && 'sealed',
    f.outdoor && 'for outdoors',
  ].filter(Boolean)
  return [
    f.texture,
    pattern,
    ...bears,
    f.colors.length > 0 && `${f.colors.length + 1} colors`,
    spread.value &&
      `${spread.value.n} readings, spread ΔE00 ${spread.value.spread.toFixed(1)}${spread.value.spread > 2 ? ': uneven' : ''}`,
  ]
    .filter(Boolean)
    .join(' · ')
})
const over = computed(() => {
  const p = placement.value
  return p?.overL == null || p.overA == null || p.overB == null
    ? undefined
    : { l: p.overL, a: p.overA, b: p.overB }
})
</script>

<template>
  <StagePage v-if="job && facts" title="Palette" @keydown="keys">
    <div class="line">
      <SchemeBar />
      <span class="acts">
        <button class="button" @click="addFinish">New finish</button>
        <button class="button" @click="addPiece">New piece</button>
        <button class="button" @click="addPart">New part of a wall</button>
      </span>
      <span class="second says">{{ says }}</span>
      <select
        v-if="splits.length > 0 && facts.placements.length > 0"
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
    <p v-if="facts.finishes.length === 0" class="teach second">
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
    <template #head><StageTabs stage="palette" :pages="PALETTE_PAGES" /></template>
    <template #panel>
      <HueDial :finishes="facts.finishes" :selected="finishId" @choose="selectFinish" />
      <FindingsPanel stage="palette" quiet="No clash, and no hue too many for the school." />
    </template>
    <template #strip>
      <div class="editor">
        <div v-if="selected" class="fields wearer" :class="{ alone: !finish }">
          <div class="row-field">
            <span class="label">Finish of {{ selected.where.toLowerCase() }}</span>
            <FinishSelect
              :finishes="facts.finishes"
              :value="selected.finish?.finish.id ?? null"
              :label="`Finish of ${selected.where}`"
              @choose="(id) => selected && wear(selected, id)"
            />
          </div>
          <template v-if="placement">
            <RowChoice collection="placements" :row="placement" field="substrate" :choices="SUBSTRATES" />
            <RowChoice collection="placements" :row="placement" field="hold" :choices="HOLDS" />
            <ColorField
              v-if="over"
              :lab="over"
              label="Color there now"
              @keep="
                (lab) =>
                  placement &&
                  store.change('placements', placement.id, { overL: lab.l, overA: lab.a, overB: lab.b })
              "
            />
            <div v-else class="row-field">
              <span class="label">Color there now</span
              ><button
                class="button"
                @click="store.change('placements', placement.id, { overL: 70, overA: 0, overB: 0 })"
              >
                Note it
              </button>
            </div>
            <div class="row-field">
              <span class="label">Still open</span>
              <span v-for="c in open" :key="c.id" class="second">
                or {{ nameOf(c.finishId) }}
                <button class="word" @click="store.remove('placements', c.id)">Rule out</button>
              </span>
              <select
                v-if="couldBe.length > 0"
                :aria-label="`What else ${selected?.where.toLowerCase() ?? ''} could wear`"
                @change="keepOpen"
              >
                <option value="">{{ open.length > 0 ? 'or …' : 'settled' }}</option>
                <option v-for="f in couldBe" :key="f.finish.id" :value="f.finish.id">
                  or {{ f.finish.name }}
                </option>
              </select>
              <span v-if="shared" class="second">shared by all schemes</span>
            </div>
          </template>
          <template v-if="part">
            <RowField collection="parts" :row="part" field="name" kind="text" />
            <RowChoice collection="parts" :row="part" field="kind" :choices="PART_KINDS" />
            <RowChoice collection="parts" :row="part" field="wallId" :choices="wallChoices" />
            <RowField collection="parts" :row="part" field="count" kind="whole" figure />
            <RowField collection="parts" :row="part" field="widthMm" kind="length" figure />
            <RowField collection="parts" :row="part" field="heightMm" kind="length" figure />
            <button class="word" @click="store.remove('parts', part.id)">Remove the part</button>
          </template>
          <template v-if="piece">
            <RowField collection="pieces" :row="piece" field="name" kind="text" />
            <RowChoice collection="pieces" :row="piece" field="kind" :choices="PIECE_KINDS" />
            <RowField collection="pieces" :row="piece" field="count" kind="whole" figure />
            <RowField collection="pieces" :row="piece" field="widthMm" kind="length" figure />
            <RowField collection="pieces" :row="piece" field="depthMm" kind="length" figure />
            <RowField collection="pieces" :row="piece" field="heightMm" kind="length" figure />
            <RowChoice collection="pieces" :row="piece" field="wallId" :choices="wallChoices" />
            <label class="tick"
              ><input
                type="checkbox"
                :checked="piece.stays"
                @change="
                  store.change('pieces', piece.id, { stays: ($event.target as HTMLInputElement).checked })
                "
              />
              stays</label
            >
            <RowChoice
              v-if="piece.kind === 'lamp'"
              collection="pieces"
              :row="piece"
              field="lampType"
              :choices="lampChoices"
            />
            <RowCheck collection="pieces" :row="piece" field="focal" />
            <RowCheck collection="pieces" :row="piece" field="lit" />
            <button class="word" @click="store.remove('pieces', piece.id)">Remove the piece</button>
          </template>
        </div>
        <div v-if="finish" class="fields own">
          <RowField collection="finishes" :row="finish.finish" field="name" kind="text" label="Finish name" />
          <RowField collection="finishes" :row="finish.finish" field="code" kind="text" />
          <ColorField
            :lab="labOf(finish.finish)"
            label="Color"
            @keep="
              (lab) =>
                finish &&
                store.change('finishes', finish.finish.id, { labL: lab.l, labA: lab.a, labB: lab.b })
            "
          />
          <RowChoice collection="finishes" :row="finish.finish" field="material" :choices="MATERIALS" />
          <RowChoice collection="finishes" :row="finish.finish" field="sheen" :choices="SHEENS" />
          <RowChoice collection="finishes" :row="finish.finish" field="role" :choices="ROLES" />
          <button v-if="!worn(finish)" class="word" @click="removeFinish(finish)">Remove the finish</button>
        </div>
        <details v-if="finish" class="further">
          <summary>{{ furtherSays }}</summary>
          <div class="fields">
            <RowCheck collection="finishes" :row="finish.finish" field="measured" label="measured" />
            <RowChoice collection="finishes" :row="finish.finish" field="texture" :choices="TEXTURES" />
            <RowChoice
              collection="finishes"
              :row="finish.finish"
              field="patternKind"
              :choices="PATTERN_KINDS"
            />
            <RowField
              v-if="finish.finish.patternKind !== 'none'"
              collection="finishes"
              :row="finish.finish"
              field="patternRepeatMm"
              kind="length"
              figure
            />
            <RowChoice collection="finishes" :row="finish.finish" field="wear" :choices="WEARS" />
            <RowCheck collection="finishes" :row="finish.finish" field="sealed" />
            <RowCheck collection="finishes" :row="finish.finish" field="outdoor" />
          </div>
          <FurtherColors :finish="finish.finish" />
        </details>
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
.teach {
  max-width: 62ch;
  padding-top: 16px;
  font-size: 14px;
}
.fields.own {
  grid-template-columns: minmax(110px, 2fr) 72px 128px 100px 92px 100px;
}
.fields.own > :first-child {
  grid-column: auto;
}
.fields.own .word {
  grid-column: 1 / -1;
  justify-self: start;
  padding-top: 0;
}
.further summary {
  cursor: pointer;
  min-height: 24px;
  width: fit-content;
}
.further .fields > :first-child {
  grid-column: auto;
}
.further .fields {
  padding-top: 8px;
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
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 10px;
  padding-bottom: 8px;
}
.acts {
  display: flex;
  gap: 6px;
  margin-left: auto;
}
.acts .button {
  padding: 4px 9px;
}
.line .says {
  flex: 1 1 320px;
}
.line select {
  width: auto;
}
.editor {
  display: grid;
  gap: 10px;
  min-height: 176px;
  align-content: start;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(96px, 1fr));
  gap: 8px 10px;
  align-items: start;
}
.wearer {
  grid-template-columns: repeat(auto-fit, minmax(86px, 1fr));
  border-bottom: 1px solid var(--rule);
  padding-bottom: 10px;
}
.wearer.alone {
  border: 0;
}
.wearer > :first-child {
  grid-column: span 2;
}
.label {
  font-size: 13px;
  color: var(--ink-2);
}
.fields > :first-child {
  grid-column: span 2;
}
.tick {
  display: flex;
  gap: 6px;
  align-items: center;
  padding-top: 25px;
  white-space: nowrap;
}
.fields > .word {
  padding-top: 24px;
  white-space: nowrap;
}
</style>
