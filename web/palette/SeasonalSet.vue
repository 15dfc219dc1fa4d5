<script setup lang="ts">
import { computed } from 'vue'
import type { Scheme } from '@bonitas/core/model/rows/schemes'
import { schemeView } from '@bonitas/core/stages/palette/schemeView'
import FieldFrame from '../form/FieldFrame.vue'
import ChoiceBox from '../form/ChoiceBox.vue'
import RowField from '../form/RowField.vue'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** What a scheme over another changes: the textiles of the room, and what they wear in it. */
const props = defineProps<{ scheme: Scheme }>()
const store = useJobStore()
/** The textiles a seasonal scheme can change, with what they wear in it. */
const textiles = computed(() => {
  const s = props.scheme
  const now = store.snapshot
  if (!s.overId || !now) return []
  return schemeView(now, s.id)
    .pieces.filter(
      (p) => ['cushion', 'throw', 'curtains', 'rug', 'blind', 'bed'].includes(p.kind) && !p.stays,
    )
    .map((piece) => ({
      piece,
      own: now.schemeOverrides.find((d) => d.schemeId === s.id && d.pieceId === piece.id),
    }))
})
const cloths = computed(() => [
  { value: null, text: t('asBelow') },
  ...(store.snapshot?.finishes ?? [])
    .filter((f) => f.material === 'textile')
    .map((f) => ({ value: f.id, text: f.name })),
])
function dress(pieceId: string, finishId: string | null): void {
  const s = props.scheme
  const own = textiles.value.find((dressed) => dressed.piece.id === pieceId)?.own
  if (own)
    store.apply([
      finishId
        ? { collection: 'schemeOverrides', id: own.id, set: { finishId } }
        : { collection: 'schemeOverrides', id: own.id, remove: true },
    ])
  else if (finishId)
    store.add('schemeOverrides', { schemeId: s.id, pieceId, finishId, absent: false, costMinor: 0 })
}
</script>

<template>
  <div class="seasonal">
    <h2>{{ t('whatItChanges') }}</h2>
    <p v-if="textiles.length === 0" class="second">
      {{ t('noCushionThrowCurtainOr') }}
    </p>
    <div v-for="dressed in textiles" :key="dressed.piece.id" class="cloth">
      <FieldFrame :id="`in-${dressed.piece.id}`" :label="dressed.piece.name">
        <ChoiceBox
          :id="`in-${dressed.piece.id}`"
          :label="dressed.piece.name"
          :value="dressed.own?.finishId ?? null"
          :choices="cloths"
          @choose="dress(dressed.piece.id, $event)"
        />
      </FieldFrame>
      <RowField
        v-if="dressed.own"
        collection="schemeOverrides"
        :row="dressed.own"
        field="costMinor"
        kind="money"
        figure
      />
    </div>
  </div>
</template>

<style scoped>
.seasonal {
  display: grid;
  gap: 8px;
}
.cloth {
  display: grid;
  gap: 4px;
  border-top: 1px solid var(--rule);
  padding-top: 6px;
}
</style>
