<script setup lang="ts">
import ListTable from '../form/ListTable.vue'
import { ElButton, ElCheckbox } from 'element-plus'
import { put } from '@bonitas/core/model/changes'
import { computed, ref } from 'vue'
import { summarizeScheme } from '@bonitas/core/stages/palette/schemeFacts'
import { copyChanges, firstSchemeChanges, removeSchemeChanges } from '@bonitas/core/stages/palette/wear'
import type { Scheme } from '@bonitas/core/model/rows/schemes'
import { schemeView } from '@bonitas/core/stages/palette/schemeView'
import RowCheck from '../form/RowCheck.vue'
import RowField from '../form/RowField.vue'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { useInAddress } from '../job/useInAddress.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import SchemeColumn from './SchemeColumn.vue'
import SeasonalSet from './SeasonalSet.vue'
import { t } from './words.js'

const store = useJobStore()
const job = computed(() => store.snapshot)
const schemes = computed(() => job.value?.schemes ?? [])
const selectedId = useInAddress('scheme')
const selected = computed(
  () =>
    schemes.value.find((s) => s.id === (selectedId.value ?? job.value?.brief.schemeId)) ?? schemes.value[0],
)
/** Up to three stand beside each other. */
const beside = ref<readonly string[]>()
const compared = computed(() => {
  const chosen =
    beside.value ??
    schemes.value
      .filter((s) => !s.retired && !s.overId)
      .slice(0, 3)
      .map((s) => s.id)
  return schemes.value.filter((s) => chosen.includes(s.id)).slice(0, 3)
})
const summaries = computed(() => {
  const now = job.value
  return now ? compared.value.map((s) => summarizeScheme(now, store.derived?.areas, s)) : []
})
function compare(id: string): void {
  const now = compared.value.map((s) => s.id)
  beside.value = now.includes(id) ? now.filter((x) => x !== id) : [...now.slice(-2), id]
}
const letter = (s: Scheme) =>
  String.fromCharCode(65 + (schemes.value.filter((x) => !x.retired).findIndex((x) => x.id === s.id) % 26))

function follow(s: Scheme): void {
  if (job.value) store.change('brief', job.value.brief.id, { schemeId: s.id })
}
function first(): void {
  const now = job.value
  if (!now) return
  const id = crypto.randomUUID()
  const { pieces } = schemeView(now, null)
  store.apply([
    ...firstSchemeChanges({ ...now, pieces }, t('firstLook'), id),
    { collection: 'brief', id: now.brief.id, set: { schemeId: id } },
  ])
  selectedId.value = id
}
function copy(s: Scheme): void {
  if (!job.value) return
  const id = crypto.randomUUID()
  const names = new Set(schemes.value.map((x) => x.name))
  let name = t('nameVaried', { name: s.name })
  for (let n = 2; names.has(name); n++) name = t('nameVariedN', { name: s.name, n })
  store.apply(copyChanges(job.value, s, name.slice(0, 60), nextPosition(schemes.value), id))
  selectedId.value = id
}
function season(s: Scheme): void {
  const id = crypto.randomUUID()
  store.apply([
    {
      collection: 'schemes',
      add: {
        id,
        position: nextPosition(schemes.value),
        name: t('winterOverName', { name: s.name }).slice(0, 60),
        note: '',
        overId: s.id,
        retired: false,
        storedAt: '',
      },
    },
  ])
  selectedId.value = id
}
const confirming = ref('')
function remove(s: Scheme): void {
  if (confirming.value !== s.id) {
    confirming.value = s.id
    return
  }
  confirming.value = ''
  if (!job.value) return
  const other = schemes.value.find((x) => x.id !== s.id && !x.retired)
  store.apply([
    ...(job.value.brief.schemeId === s.id
      ? [put('brief', job.value.brief.id, { schemeId: other?.id ?? null })]
      : []),
    ...removeSchemeChanges(job.value, s),
  ])
  selectedId.value = undefined
}
const carries = (s: Scheme) => schemes.value.some((x) => x.overId === s.id)
</script>

<template>
  <StagePage v-if="job" :title="t('palette')">
    <template #head><StageTabs stage="palette" /></template>
    <div v-if="schemes.length === 0" class="teach">
      <p class="second">
        {{ t('aSchemeIsOneOf') }}
      </p>
      <ElButton type="primary" @click="first">{{ t('makeThePresentLookThe') }}</ElButton>
    </div>
    <template v-else>
      <div
        class="columns"
        :style="{ gridTemplateColumns: `repeat(${Math.max(1, summaries.length)}, minmax(0, 1fr))` }"
      >
        <SchemeColumn
          v-for="s in summaries"
          :key="s.scheme.id"
          :summary="s"
          :letter="letter(s.scheme)"
          :followed="s.scheme.id === job.brief.schemeId"
          @follow="follow(s.scheme)"
        />
      </div>
    </template>
    <template #panel>
      <section v-if="schemes.length > 0" class="panel-part">
        <h2>{{ t('allSchemes') }}</h2>
        <ListTable
          :rows="schemes"
          :columns="[
            { id: 'name', head: t('scheme') },
            { id: 'beside', head: t('beside'), figure: true },
          ]"
          :key-of="(s) => s.id"
          :row-class="(s) => ({ retired: s.retired, here: s.id === selected?.id })"
          headless
        >
          <template #cell-name="{ row: s }"
            ><ElButton link :aria-pressed="s.id === selected?.id" @click="selectedId = s.id">
              {{ s.name }}
            </ElButton>
            <span class="second"
              >{{ s.overId ? t('overAnother') : '' }}{{ s.retired ? ' retired' : '' }}</span
            ></template
          >
          <template #cell-beside="{ row: s }"
            ><ElCheckbox :model-value="compared.some((c) => c.id === s.id)" @change="compare(s.id)">
              {{ t('beside2') }}
            </ElCheckbox></template
          >
        </ListTable>
      </section>
      <section v-if="selected" class="panel-part fields">
        <RowField collection="schemes" :row="selected" field="name" kind="text" />
        <RowField collection="schemes" :row="selected" field="note" kind="text" />
        <RowCheck collection="schemes" :row="selected" field="retired" />
        <RowField
          v-if="selected.overId"
          collection="schemes"
          :row="selected"
          field="storedAt"
          kind="text"
          :label="t('theOtherSetIsStored')"
        />
        <div class="acts">
          <ElButton @click="copy(selected)">{{ t('copyToVary') }}</ElButton>
          <ElButton v-if="!selected.overId" @click="season(selected)">
            {{ t('seasonalSetOverIt') }}
          </ElButton>
          <ElButton v-if="!carries(selected)" link @click="remove(selected)">
            {{ confirming === selected.id ? t('reallyRemoveIt') : t('remove') }}
          </ElButton>
        </div>
        <SeasonalSet v-if="selected.overId" :scheme="selected" />
      </section>
    </template>
  </StagePage>
</template>

<style scoped>
.teach {
  max-width: 60ch;
  display: grid;
  gap: 12px;
  justify-items: start;
  padding-top: 8px;
}
.columns {
  display: grid;
  gap: 22px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
:deep(tr.retired) .el-button {
  text-decoration: line-through;
}
:deep(tr.here) {
  background: var(--paper);
}
</style>
