<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, defineAsyncComponent } from 'vue'
import { HOLDS, SUBSTRATES } from '@bonitas/core/model/vocabulary/finish'
import { PART_KINDS } from '@bonitas/core/model/vocabulary/surface'
import { LAMP_TYPES } from '@bonitas/core/model/vocabulary/lamp'
import { PIECE_KINDS } from '@bonitas/core/model/vocabulary/piece'
import ChoiceBox from '../form/ChoiceBox.vue'
import RowCheck from '../form/RowCheck.vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import SameThing from '../job/SameThing.vue'
import { useJobStore } from '../job/jobStore.js'
import { useWallChoices } from '../measure/useWallChoices.js'
import ColorField from './ColorField.vue'
import PieceParts from './PieceParts.vue'
import type { PaletteRow } from './paletteRows.js'
import { t } from './words.js'

/** What wears a finish: a surface, a part of a wall or a piece, with the choice of the finish. */
const props = defineProps<{ row: PaletteRow; alone: boolean }>()
defineEmits<{ wear: [finishId: string | null] }>()
// The list with its search is heavy and stands below the fold of the first look: it comes after the page.
const FinishSelect = defineAsyncComponent(() => import('./FinishSelect.vue'))
const store = useJobStore()
const job = computed(() => store.snapshot)
const facts = computed(() => store.derived?.palette)
const selected = computed(() => props.row)
const placement = computed(() => job.value?.finishAssignments.find((p) => p.id === props.row.id))
const piece = computed(() => job.value?.pieces.find((p) => p.id === props.row.id))
const shared = computed(() => placement.value?.schemeId === null && (job.value?.schemes.length ?? 0) > 0)
const wallChoices = useWallChoices(t('noWall'))
const lampChoices = [{ value: null, text: t('notKnown') }, ...LAMP_TYPES]

const part = computed(() =>
  selected.value.surface?.startsWith('part:')
    ? job.value?.parts.find((p) => `part:${p.id}` === selected.value.surface)
    : undefined,
)
function keepOpen(finishId: string | null): void {
  const p = placement.value
  if (!p || !finishId) return
  store.add('finishAssignments', {
    surface: p.surface,
    finishId,
    substrate: p.substrate,
    overL: p.overL,
    overA: p.overA,
    overB: p.overB,
    hold: p.hold,
    schemeId: p.schemeId,
    candidate: true,
  })
}
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

const over = computed(() => {
  const p = placement.value
  return p?.overL == null || p.overA == null || p.overB == null
    ? undefined
    : { l: p.overL, a: p.overA, b: p.overB }
})
</script>

<template>
  <div v-if="facts" class="fields wearer" :class="{ alone }">
    <div class="row-field">
      <span class="label">{{ t('finishOfToLowerCase', { toLowerCase: selected.where.toLowerCase() }) }}</span>
      <FinishSelect
        :finishes="facts.finishes"
        :value="selected.finish?.finish.id ?? null"
        :label="t('finishOfWhere', { where: selected.where })"
        @choose="(id: string | null) => $emit('wear', id)"
      />
    </div>
    <template v-if="placement">
      <RowChoice collection="finishAssignments" :row="placement" field="substrate" :choices="SUBSTRATES" />
      <RowChoice collection="finishAssignments" :row="placement" field="hold" :choices="HOLDS" />
      <ColorField
        v-if="over"
        :key="placement?.id"
        :lab="over"
        :label="t('colorThereNow')"
        @keep="
          (lab) =>
            placement &&
            store.change('finishAssignments', placement.id, { overL: lab.l, overA: lab.a, overB: lab.b })
        "
      />
      <div v-else class="row-field">
        <span class="label">{{ t('colorThereNow') }}</span><ElButton
          @click="store.change('finishAssignments', placement.id, { overL: 70, overA: 0, overB: 0 })"
        >
          {{ t('noteIt') }}
        </ElButton>
      </div>
      <div class="row-field">
        <span class="label">{{ t('stillOpen') }}</span>
        <span v-for="c in open" :key="c.id" class="second">
          {{ t('orFinishId', { finishId: nameOf(c.finishId) }) }}
          <ElButton link @click="store.remove('finishAssignments', c.id)">{{ t('ruleOut') }}</ElButton>
        </span>
        <ChoiceBox
          v-if="couldBe.length > 0"
          class="could"
          :label="t('whatElseToLowerCaseCouldWear', { toLowerCase: selected.where.toLowerCase() })"
          value=""
          :choices="[
            { value: '', text: open.length > 0 ? t('or') : 'settled' },
            ...couldBe.map((f) => ({ value: f.finish.id, text: `or ${f.finish.name}` })),
          ]"
          @choose="keepOpen"
        />
        <span v-if="shared" class="second">{{ t('sharedByAllSchemes') }}</span>
      </div>
    </template>
    <template v-if="part">
      <RowField collection="parts" :row="part" field="name" kind="text" />
      <RowChoice collection="parts" :row="part" field="kind" :choices="PART_KINDS" />
      <RowChoice collection="parts" :row="part" field="wallId" :choices="wallChoices" />
      <RowField collection="parts" :row="part" field="count" kind="whole" figure />
      <RowField collection="parts" :row="part" field="widthMm" kind="length" figure />
      <RowField collection="parts" :row="part" field="heightMm" kind="length" figure />
      <ElButton link @click="store.remove('parts', part.id)">{{ t('removeThePart') }}</ElButton>
    </template>
    <template v-if="piece">
      <RowField collection="pieces" :row="piece" field="name" kind="text" />
      <RowChoice collection="pieces" :row="piece" field="kind" :choices="PIECE_KINDS" />
      <RowField collection="pieces" :row="piece" field="count" kind="whole" figure />
      <RowField collection="pieces" :row="piece" field="widthMm" kind="length" figure />
      <RowField collection="pieces" :row="piece" field="depthMm" kind="length" figure />
      <RowField collection="pieces" :row="piece" field="heightMm" kind="length" figure />
      <RowChoice collection="pieces" :row="piece" field="wallId" :choices="wallChoices" />
      <RowCheck collection="pieces" :row="piece" field="stays" :label="t('stays')" />
      <RowChoice
        v-if="piece.kind === 'lamp'"
        collection="pieces"
        :row="piece"
        field="lampType"
        :choices="lampChoices"
      />
      <RowCheck collection="pieces" :row="piece" field="focal" />
      <RowCheck collection="pieces" :row="piece" field="lit" />
      <PieceParts :piece-id="piece.id" />
      <SameThing :id="piece.id" collection="pieces" class="source" />
      <ElButton link @click="store.remove('pieces', piece.id)">{{ t('removeThePiece') }}</ElButton>
    </template>
  </div>
</template>

<style scoped>
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
.source {
  grid-column: 1 / -1;
}
.fields > .el-button {
  padding-top: 24px;
  white-space: nowrap;
}
</style>
