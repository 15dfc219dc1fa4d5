<script setup lang="ts">
import { ElButton } from 'element-plus'
import { ROWS } from '@bonitas/core/model/registry'
import type { Piece } from '@bonitas/core/model/rows/pieces'
import type { Stored } from '@bonitas/core/model/snapshot'
import { FIXINGS } from '@bonitas/core/model/vocabulary/fixing'
import RowCheck from '../form/RowCheck.vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useJobStore } from '../job/jobStore.js'
import KindFacts from '../job/KindFacts.vue'
import SameThing from '../job/SameThing.vue'
import { useWallChoices } from '../measure/useWallChoices.js'
import { t } from './words.js'

/** What else is known of one piece that is there. */
const props = defineProps<{ piece: Stored<Piece>; lent: boolean }>()
const store = useJobStore()
const walls = useWallChoices(t('noWall'))
function borrow(): void {
  store.add('loans', {
    ...ROWS.loans.blank(),
    name: props.piece.name,
    pieceId: props.piece.id,
    reason: 'from another room',
    takenOn: store.day,
  })
}
</script>

<template>
  <div class="strip">
    <h2>
      {{ piece.name }}
      <ElButton link @click="store.remove('pieces', piece.id)">{{ t('removeThePiece') }}</ElButton>
    </h2>
    <RowCheck collection="pieces" :row="piece" field="sentimental" />
    <RowCheck collection="pieces" :row="piece" field="stays" :label="t('notToBeMoved')" />
    <RowField collection="pieces" :row="piece" field="reason" kind="text" :label="t('reasonToStay')" />
    <RowChoice collection="pieces" :row="piece" field="wallId" :choices="walls" :label="t('standsAt')" />
    <RowField collection="pieces" :row="piece" field="count" kind="whole" :label="t('number')" figure />
    <RowField
      collection="pieces"
      :row="piece"
      field="openDepthMm"
      kind="length"
      :label="t('depthExtended')"
      figure
    />
    <RowField collection="pieces" :row="piece" field="weightG" kind="weight" :label="t('weight')" figure />
    <RowChoice collection="pieces" :row="piece" field="fixing" :choices="FIXINGS" :label="t('held')" />
    <RowField collection="pieces" :row="piece" field="originalAt" kind="text" :label="t('originalKeptAt')" />
    <KindFacts :piece="piece" />
    <SameThing :id="piece.id" class="all" collection="pieces" />
    <p v-if="!lent" class="all">
      <ElButton link @click="borrow">{{ t('itIsBorrowedAndGoes') }}</ElButton>
    </p>
  </div>
</template>

<style scoped>
.strip {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 1fr));
  gap: 4px 14px;
  align-items: end;
}
.strip h2 {
  grid-column: 1 / -1;
  display: flex;
  justify-content: space-between;
}
.strip .all {
  grid-column: 1 / -1;
  margin: 0;
}
.strip .el-button {
  font-size: 14px;
  font-weight: 400;
}
@media (width < 760px) {
  .strip {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
