<script setup lang="ts">
import { ElButton, ElCheckbox, ElProgress } from 'element-plus'
import { ref, shallowRef, toRaw, watch } from 'vue'
import { listed } from '@bonitas/core/kernel/listed'
import type { Piece } from '@bonitas/core/model/rows/pieces'
import { useJobStore } from '../job/jobStore.js'
import { useTask } from '../worker/useTask.js'
import type { ComposeAsk, ComposeResult, Proposed } from './compose.worker.js'
import ShelfDrawing from './ShelfDrawing.vue'
import { t } from './words.js'

/** Arrangements proposed for one unit, or for all that stand open: the best few that differ, each tried in the job first. */
const props = defineProps<{
  unitId: string
  hosts: readonly Piece[]
  hexOf: (pieceId: string) => string
  /** Other units that could be composed with it. */
  others: readonly string[]
}>()
const store = useJobStore()
const together = ref(false)
const withLoose = ref(true)
const seed = ref(1)
const found = shallowRef<ComposeResult>()
const trouble = ref('')
const task = useTask<ComposeResult>(
  () => new Worker(new URL('./compose.worker.ts', import.meta.url), { type: 'module' }),
)
const { done } = task
// What was proposed belongs to the shelves as they were.
watch([() => store.snapshot, () => props.unitId], () => (found.value = undefined))

async function run(): Promise<void> {
  const job = store.snapshot
  if (!job) return
  trouble.value = ''
  try {
    const ask: ComposeAsk = {
      ...{ job: toRaw(job), today: store.day, withLoose: withLoose.value, seed: seed.value },
      unitIds: together.value ? [props.unitId, ...props.others] : [props.unitId],
    }
    const result = await task.run(JSON.parse(JSON.stringify(ask)) as ComposeAsk)
    if (result) found.value = result
  } catch {
    trouble.value = t('composeFailed')
  }
}
function again(): void {
  seed.value++
  void run()
}
const sizeOf = (id: string) => props.hosts.find((h) => h.id === id) ?? { widthMm: 1000, heightMm: 1000 }
const reasons = (p: Proposed) =>
  [
    p.open === 0 ? t('nothingSaid') : t('openThen', { n: p.open, now: found.value?.openNow ?? 0 }),
    p.moved.length > 0
      ? t('movesN', { names: listed(p.moved.slice(0, 4)), n: p.moved.length })
      : t('movesNone'),
    p.comes.length > 0 && t('comesOnView', { names: listed(p.comes) }),
    p.offView.length > 0 && t('goesOffView', { names: listed(p.offView) }),
    p.brings.length > 0 && t('brings', { names: listed(p.brings) }),
  ].filter((x): x is string => typeof x === 'string')
const take = (p: Proposed) => store.apply(p.changes, t('composed'))
</script>

<template>
  <section class="panel-part compose">
    <h2>{{ t('compose') }}</h2>
    <p class="second">{{ t('composeTeach') }}</p>
    <ElCheckbox v-if="others.length > 0" v-model="together" :validate-event="false">{{
      t('allUnits')
    }}</ElCheckbox>
    <ElCheckbox v-model="withLoose" :validate-event="false">{{ t('withLoose') }}</ElCheckbox>
    <div class="acts">
      <ElButton type="primary" :disabled="done !== undefined" @click="run">{{ t('propose') }}</ElButton>
      <ElButton v-if="found && done === undefined" @click="again">{{ t('otherOnes') }}</ElButton>
      <ElButton v-if="done !== undefined" @click="task.stop()">{{ t('stop') }}</ElButton>
    </div>
    <ElProgress v-if="done !== undefined" :percentage="Math.round(done * 100)" :aria-label="t('composing')" />
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
    <p v-if="found && found.proposed.length === 0" role="status">{{ t('nothingBetter') }}</p>
    <article v-for="(p, i) in found?.proposed ?? []" :key="i">
      <div class="pictures">
        <ShelfDrawing
          v-for="u in p.units"
          :key="u.id"
          :unit="u"
          :size="sizeOf(u.id)"
          :hex-of="hexOf"
          :marked="new Set()"
          still
        />
      </div>
      <div>
        <p v-for="r in reasons(p)" :key="r" class="second">{{ r }}</p>
        <ElButton link :aria-label="t('takeOverN', { n: i + 1 })" @click="take(p)">{{
          t('takeOver')
        }}</ElButton>
      </div>
    </article>
  </section>
</template>

<style scoped>
.compose {
  display: grid;
  gap: 8px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
article {
  display: grid;
  grid-template-columns: 108px 1fr;
  gap: 10px;
  border-top: 1px solid var(--rule-2);
  padding-top: 8px;
}
.pictures {
  display: grid;
  gap: 6px;
}
.pictures :deep(svg) {
  max-height: 190px;
}
</style>
