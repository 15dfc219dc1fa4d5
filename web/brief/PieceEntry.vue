<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, nextTick, ref } from 'vue'
import { ROWS } from '@bonitas/core/model/registry'
import { kindOfName } from '@bonitas/core/stages/brief/kindOfName'
import { parseSize } from '@bonitas/core/stages/brief/spokenSize'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { PIECE_KINDS, VERDICTS, type PieceKind } from '@bonitas/core/model/vocabulary/piece'
import PlainField from '../form/PlainField.vue'
import ChoiceField from '../form/ChoiceField.vue'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { useWallChoices } from '../measure/useWallChoices.js'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

/** One line for a piece that is there: a name, its size, Enter, and on to the next. */
const emit = defineEmits<{ kept: [pieceId: string] }>()
const store = useJobStore()
const job = computed(() => store.snapshot)
const { says, system } = useLocale()

const blank = () => ({
  name: '',
  kind: '' as PieceKind | '',
  size: '',
  material: '',
  color: '',
  place: '',
  verdict: '',
})
const draft = ref(blank())
const faults = ref<{ name?: string; size?: string }>({})
const asked = ref('')
const nameField = ref<InstanceType<typeof PlainField>>()
const kindByName = computed(() => kindOfName(draft.value.name) ?? 'other')
const kind = computed<PieceKind>(() => draft.value.kind || kindByName.value)
const VERDICT_CHOICES = [{ value: '', text: t('notJudged') }, ...VERDICTS]
const kindChoices = computed(() => [
  { value: '', text: draft.value.name ? kindByName.value : t('byItsName') },
  ...PIECE_KINDS,
])
const walls = useWallChoices(t('noWall'))

/** A wall whose name the place speaks of. */
function wallOf(place: string): string | null {
  const words = place.trim().toLowerCase()
  return (
    walls.value.find(
      (w) =>
        w.value !== null &&
        words !== '' &&
        (w.text.toLowerCase() === words || words.includes(w.text.toLowerCase())),
    )?.value ?? null
  )
}

async function keep(): Promise<void> {
  faults.value = {}
  const d = draft.value
  if (d.name.trim() === '') {
    faults.value = { name: t('nameIsEmptyWriteWhat') }
    nameField.value?.focus()
    return
  }
  if (d.name.length > 120) {
    faults.value = { name: t('nameIsLongerThan120') }
    return
  }
  try {
    const size = parseSize(d.size, kind.value, says.value)
    if (size.question && asked.value !== d.size) {
      // Asked once; the same size entered again is meant.
      asked.value = d.size
      faults.value = { size: t('questionEnterAgainToKeep', { question: size.question }) }
      return
    }
    const id = store.add('pieces', {
      ...ROWS.pieces.blank(),
      serves: [],
      position: nextPosition(job.value?.pieces ?? []),
      name: d.name.trim(),
      kind: kind.value,
      widthMm: size.widthMm,
      depthMm: size.depthMm,
      heightMm: size.heightMm,
      material: d.material.trim().slice(0, 60),
      color: d.color.trim().slice(0, 60),
      place: d.place.trim().slice(0, 80),
      wallId: wallOf(d.place),
      verdict: (d.verdict || null) as (typeof VERDICTS)[number] | null,
      there: true,
    })
    emit('kept', id)
    draft.value = blank()
    asked.value = ''
    await nextTick()
    nameField.value?.focus()
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    faults.value = { size: error.message }
  }
}
</script>

<template>
  <form class="entry" novalidate :aria-label="t('aPieceThatIsThere')" @submit.prevent="keep">
    <PlainField
      ref="nameField"
      v-model="draft.name"
      class="name"
      :label="t('piece')"
      :dirty="draft.name !== ''"
      :fault="faults.name"
    />
    <PlainField
      v-model="draft.size"
      class="size"
      :label="t('sizeWDH')"
      :dirty="draft.size !== ''"
      :placeholder="system === 'metric' ? '1980 900 840' : `6'6 x 35 1/2 x 33`"
      :fault="faults.size"
    />
    <PlainField v-model="draft.material" :label="t('material')" :dirty="draft.material !== ''" />
    <PlainField v-model="draft.color" :label="t('color')" :dirty="draft.color !== ''" />
    <PlainField v-model="draft.place" :label="t('where')" :dirty="draft.place !== ''" list="walls-of-room" />
    <datalist id="walls-of-room">
      <option v-for="w in walls.slice(1)" :key="w.text" :value="w.text" />
    </datalist>
    <ChoiceField v-model="draft.verdict" :label="t('verdict')" :choices="VERDICT_CHOICES" />
    <ChoiceField v-model="draft.kind" :label="t('kind')" :choices="kindChoices" />
    <ElButton type="primary" native-type="submit">{{ t('keep') }}</ElButton>
  </form>
</template>

<style scoped>
.entry {
  display: grid;
  grid-template-columns: 1.5fr 1.3fr 0.9fr 0.8fr 1fr 100px 112px auto;
  gap: 8px;
  align-items: start;
  background: var(--paper);
  border-top: 1px solid var(--ink);
  border-bottom: 1px solid var(--ink);
  padding: 8px 10px 6px;
}
.entry .el-button {
  margin-top: 21px;
  min-height: 30px;
}
@media (width < 760px) {
  .entry {
    grid-template-columns: 1fr 1fr;
  }
  .entry .name,
  .entry .size,
  .entry .el-button {
    grid-column: 1 / -1;
  }
  .entry .el-button {
    margin-top: 4px;
    min-height: 44px;
  }
}
</style>
