<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, nextTick, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import type { Surface } from '@bonitas/core/model/vocabulary/surface'
import type { FinishFacts } from '@bonitas/core/stages/palette/paletteFacts'
import ChoiceBox from '../form/ChoiceBox.vue'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import { useInAddress } from '../job/useInAddress.js'
import { typing, useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import FinishEditor from './FinishEditor.vue'
import FinishTable from './FinishTable.vue'
import HueDial from './HueDial.vue'
import { paletteRows, type PaletteRow } from './paletteRows.js'
import SchemeBar from './SchemeBar.vue'
import { usePaletteActs } from './usePaletteActs.js'
import WearerEditor from './WearerEditor.vue'
import { t } from './words.js'

const store = useJobStore()
const route = useRoute()
const job = computed(() => store.snapshot)
const facts = computed(() => store.derived?.palette)
const rows = computed(() =>
  job.value && facts.value ? paletteRows(job.value, facts.value, store.derived?.surfaces) : [],
)
const bench = computed(() => facts.value?.finishes.filter((f) => f.where.length === 0) ?? [])
const selectedKey = useInAddress('row')
useStageKeys([
  ['↑ ↓', t('previousAndNextRow')],
  ['F', t('newFinish')],
  ['P', t('newPiece')],
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

const { wear, newFinish, newPiece, newPart, splits, split } = usePaletteActs(rows)
function wearOn(row: PaletteRow, id: string | null): void {
  finishId.value = id ?? undefined
  wear(row, id)
}
function addFinish(): void {
  const id = newFinish()
  const row = selected.value
  if (row && !row.finish) wear(row, id)
  finishId.value = id
  if (row?.finish) selectedKey.value = undefined
  focusField(t('finishName'))
}
function addPiece(): void {
  selectedKey.value = newPiece()
  finishId.value = undefined
  focusField(t('name'))
}
function addPart(): void {
  selectedKey.value = `part:${newPart()}`
  finishId.value = undefined
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

function splitOff(given: string | null): void {
  const surface = given as Surface | '' | null
  const own = surface && split(surface)
  if (!own) return
  selectedKey.value = surface
  finishId.value = own
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
      void nextTick(() => document.querySelector<HTMLElement>('.finish-rows tr.here button')?.focus())
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
    return t('schoolColorScheme', { colorScheme: job.value?.schools.colorScheme ?? t('notChosen') })
  const p = (x: number) => Math.round(100 * x)
  const aim =
    job.value.schools.colorScheme === 'two mains and one accent' ? t('aim603010Is') : t('mainSecondAccent')
  return t('schoolColorSchemeAimMainSecond', {
    colorScheme: job.value.schools.colorScheme ?? t('notChosen'),
    aim,
    main: p(r.main),
    second: p(r.second),
    accent: p(r.accent),
    fixed: p(r.fixed),
  })
})
</script>

<template>
  <StagePage v-if="job && facts" :title="t('palette')" @keydown="keys">
    <div class="over-bench">
      <SchemeBar />
      <span class="acts">
        <ElButton @click="addFinish">{{ t('newFinish') }}</ElButton>
        <ElButton @click="addPiece">{{ t('newPiece') }}</ElButton>
        <ElButton @click="addPart">{{ t('newPartOfAWall') }}</ElButton>
      </span>
      <span class="second says">{{ says }}</span>
      <ChoiceBox
        v-if="splits.length > 0 && facts.finishAssignments.length > 0"
        class="split"
        :label="t('giveOneWallOrOpening')"
        value=""
        :choices="[
          { value: '', text: t('oneWallOrOpening') },
          ...splits.map((s) => ({ value: s.surface, text: s.text })),
        ]"
        @choose="splitOff"
      />
    </div>
    <FinishTable :rows="rows" :selected="selectedKey" @select="select" />
    <p v-if="facts.finishes.length === 0" class="second teaching">
      {{ t('aFinishIsMaterialColor') }}
    </p>
    <div v-else class="samples">
      <span class="second">{{ t('onTheBenchWornBy') }}</span>
      <ElButton
        v-for="f in bench"
        :key="f.finish.id"
        class="is-line sample"
        :aria-pressed="f.finish.id === finishId"
        @click="selectFinish(f.finish.id)"
      >
        <i :style="{ background: labToHex(f.lab) }"></i>{{ f.finish.name }}
      </ElButton>
      <span v-if="bench.length === 0" class="second">{{ t('nothing') }}</span>
    </div>
    <template #head><StageTabs stage="palette" /></template>
    <template #panel>
      <HueDial :finishes="facts.finishes" :selected="finishId" @choose="selectFinish" />
      <FindingsPanel stage="palette" :quiet="t('noClashAndNoHue')" />
    </template>
    <template #strip>
      <div class="editor">
        <WearerEditor
          v-if="selected"
          :row="selected"
          :alone="!finish"
          @wear="(id) => selected && wearOn(selected, id)"
        />
        <FinishEditor v-if="finish" :facts="finish" @remove="removeFinish(finish)" />
        <p v-if="!finish && !selected" class="second">
          {{ t('pointAtARowTo') }}
        </p>
      </div>
    </template>
  </StagePage>
</template>

<style scoped>
.samples {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  padding-top: 10px;
}
.sample :deep(> span) {
  display: flex;
  gap: 7px;
  align-items: center;
  border-bottom: 2px solid transparent;
}
.sample[aria-pressed='true'] :deep(> span) {
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
.acts .el-button {
  padding: 4px 9px;
}
.over-bench .says {
  flex: 1 1 320px;
}
.split {
  width: auto;
}
.editor {
  display: grid;
  gap: 10px;
  min-height: 176px;
  align-content: start;
}
</style>
