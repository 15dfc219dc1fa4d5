<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** Measured distances between corners: the check of the walls, and what tells walls that lie alike apart. */
const store = useJobStore()
const { typed } = useLocale()
const job = computed(() => store.snapshot)
const walls = computed(() => store.derived?.measure.walls ?? [])
const closure = computed(() => store.derived?.measure.closure)
function addDiagonal(): void {
  const [a, , c] = walls.value
  if (!a || !c) return
  store.add('diagonals', { fromWallId: a.id, toWallId: c.id, lengthMm: 5000 })
}
const corners = computed(() => walls.value.map((w, i) => ({ value: w.id, text: `corner ${i + 1}` })))
const diagonalOf = (id: string) => closure.value?.diagonals.find((d) => d.diagonal.id === id)
const diagonalSays = (id: string) => {
  const d = diagonalOf(id)
  if (!d) return t('twoCorners')
  const off = Math.round(d.offMm)
  return t('computedMmFromTheWallsOff', {
    computedMm: typed(d.computedMm),
    off: off === 0 ? t('theSame') : `${off > 0 ? '+' : '−'}${typed(Math.abs(off))}`,
    agrees: d.agrees ? '' : t('doesNotAgree'),
  })
}
</script>

<template>
  <section v-if="job">
    <div class="part-head">
      <h2>{{ t('diagonals') }}</h2>
      <ElButton :disabled="walls.length < 3" @click="addDiagonal">{{ t('addADiagonal') }}</ElButton>
    </div>
    <p v-if="job.diagonals.length === 0" class="second">
      {{ t('oneOrTwoAcrossThe') }}
    </p>
    <div v-for="d in job.diagonals" :key="d.id" class="row">
      <RowChoice
        collection="diagonals"
        :row="d"
        field="fromWallId"
        :choices="corners"
        bare
        :label="t('from')"
      />
      <RowChoice collection="diagonals" :row="d" field="toWallId" :choices="corners" bare :label="t('to')" />
      <RowField
        collection="diagonals"
        :row="d"
        field="lengthMm"
        kind="length"
        bare
        figure
        :label="t('diagonal')"
      />
      <span class="second" :class="{ off: diagonalOf(d.id) && !diagonalOf(d.id)?.agrees }">{{
        diagonalSays(d.id)
      }}</span>
      <ElButton link :aria-label="t('removeTheDiagonal')" @click="store.remove('diagonals', d.id)">
        ×
      </ElButton>
    </div>
  </section>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 110px 110px 90px 1fr 24px;
  gap: 8px;
  align-items: center;
  border-bottom: 1px solid var(--rule);
}
.off {
  color: var(--stop);
}
@media (width < 760px) {
  .row {
    grid-template-columns: 1fr 1fr;
    padding: 6px 0;
  }
}
</style>
