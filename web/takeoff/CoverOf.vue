<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { ROWS } from '@bonitas/core/model/registry'
import type { TakeoffPart } from '@bonitas/core/model/rows/takeoffParts'
import type { Takeoff } from '@bonitas/core/model/rows/takeoffs'
import { coverPieces, insertText, pipingFor } from '@bonitas/core/stages/takeoff/cloth/coverPieces'
import RowChoice from '../form/RowChoice.vue'
import { useLocale } from '../form/useLocale.js'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** The piece a cover is cut for: its pieces are proposed from the sizes it is measured by. */
const props = defineProps<{ row: Takeoff; parts: readonly TakeoffPart[] }>()
const store = useJobStore()
const { says } = useLocale()
const pieces = computed(() => store.snapshot?.pieces ?? [])
const piece = computed(() => pieces.value.find((p) => p.id === props.row.pieceId))
const choices = computed(() => [
  { value: null, text: t('notChosen') },
  ...pieces.value.map((p) => ({ value: p.id, text: p.name })),
])
const insert = computed(() => {
  if (piece.value?.kind !== 'cushion') return undefined
  const [long, side] = insertText(piece.value)
  return {
    size: `${says.value.length(Math.round(long))} × ${says.value.length(Math.round(side))}`,
    piping: says.value.length(pipingFor(piece.value)),
  }
})

/** One step; pieces named already stay. */
function propose(): void {
  if (!piece.value) return
  const position = nextPosition(props.parts)
  const proposed = coverPieces(piece.value)
  store.apply([
    ...proposed.map((p, i) => ({
      collection: 'takeoffParts' as const,
      add: {
        ...ROWS.takeoffParts.blank(),
        ...p,
        id: crypto.randomUUID(),
        takeoffId: props.row.id,
        position: position + i,
      },
    })),
  ])
}
</script>

<template>
  <RowChoice collection="takeoffs" :row="row" field="pieceId" :choices="choices" :label="t('cutFor')" />
  <ElButton v-if="piece" @click="propose">{{ t('proposeItsPieces') }}</ElButton>
  <p v-if="insert" class="second">{{ t('fillingOf', insert) }}</p>
</template>

<style scoped>
.el-button {
  justify-self: start;
}
</style>
