<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { ROWS } from '@bonitas/core/model/registry'
import type { TakeoffPart } from '@bonitas/core/model/rows/takeoffParts'
import type { Takeoff } from '@bonitas/core/model/rows/takeoffs'
import { COVERED, coverPieces, insertSize, pipingFor } from '@bonitas/core/stages/takeoff/cloth/coverPieces'
import RowChoice from '../form/RowChoice.vue'
import { useLocale } from '../form/useLocale.js'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** The piece a cover is cut for: its pieces are proposed from the sizes it is measured by. */
const props = defineProps<{ row: Takeoff; parts: readonly TakeoffPart[] }>()
const store = useJobStore()
const { says } = useLocale()
const pieces = computed(() => (store.snapshot?.pieces ?? []).filter((p) => COVERED.has(p.kind)))
const piece = computed(() => pieces.value.find((p) => p.id === props.row.pieceId))
const choices = computed(() => [
  { value: null, text: t('notChosen') },
  ...pieces.value.map((p) => ({ value: p.id, text: p.name })),
])
const insert = computed(() => {
  if (piece.value?.kind !== 'cushion') return undefined
  const [long, side] = insertSize(piece.value)
  return {
    size: `${says.value.length(Math.round(long))} × ${says.value.length(Math.round(side))}`,
    piping: says.value.length(pipingFor(piece.value)),
  }
})

/** Proposed, and not among the pieces to cut yet: pressed again it adds nothing. */
const proposed = computed(() =>
  piece.value
    ? coverPieces(piece.value).filter(
        (p) =>
          !props.parts.some(
            (o) => o.lengthMm === p.lengthMm && o.widthMm === p.widthMm && o.count === p.count,
          ),
      )
    : [],
)
/** One step; pieces named already stay. */
function propose(): void {
  const position = nextPosition(props.parts)
  store.apply([
    ...proposed.value.map((p, i) => ({
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
  <ElButton v-if="proposed.length > 0" @click="propose">{{ t('proposeItsPieces') }}</ElButton>
  <p v-if="insert" class="second">{{ t('fillingOf', insert) }}</p>
</template>

<style scoped>
.el-button {
  justify-self: start;
}
</style>
