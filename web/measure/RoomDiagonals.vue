<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'

/** Measured distances between corners: the check of the walls, and what tells walls that lie alike apart. */
const store = useJobStore()
const { length } = useLocale()
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
  if (!d) return 'two corners'
  const off = Math.round(d.offMm)
  return `${length(d.computedMm)} from the walls, ${off === 0 ? 'the same' : `${off > 0 ? '+' : '−'}${length(Math.abs(off))}`}${d.agrees ? '' : ': does not agree'}`
}
</script>

<template>
  <section v-if="job">
    <div class="part-head">
      <h2>Diagonals</h2>
      <ElButton :disabled="walls.length < 3" @click="addDiagonal">Add a diagonal</ElButton>
    </div>
    <p v-if="job.diagonals.length === 0" class="second">
      One or two across the room check the corners, and tell apart walls that lie alike.
    </p>
    <div v-for="d in job.diagonals" :key="d.id" class="row">
      <RowChoice collection="diagonals" :row="d" field="fromWallId" :choices="corners" bare label="From" />
      <RowChoice collection="diagonals" :row="d" field="toWallId" :choices="corners" bare label="To" />
      <RowField collection="diagonals" :row="d" field="lengthMm" kind="length" bare figure label="Diagonal" />
      <span class="second" :class="{ off: diagonalOf(d.id) && !diagonalOf(d.id)?.agrees }">{{
        diagonalSays(d.id)
      }}</span>
      <ElButton link aria-label="Remove the diagonal" @click="store.remove('diagonals', d.id)"> × </ElButton>
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
