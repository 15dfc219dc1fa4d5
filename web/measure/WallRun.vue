<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { computed, nextTick, ref } from 'vue'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { FACES } from '@bonitas/core/model/vocabulary/room'
import type { Wall } from '@bonitas/core/model/rows/walls'
import RowChoice from '../form/RowChoice.vue'
import RowTable from '../form/RowTable.vue'
import type { TableColumn } from '../form/tableColumn.js'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import LaserLine from './LaserLine.vue'
import { moveWall } from './wallEdits.js'
import { readWall, wallExamples } from './wallEntry.js'
import { t } from './words.js'

/** The walls as they are walked: called out one after the other, and put right in their table. */
const chosen = defineModel<string | undefined>('chosen')
const store = useJobStore()
const { system, typed: asTyped, number, says } = useLocale()
const job = computed(() => store.snapshot)
const facts = computed(() => store.derived?.measure)
const walls = computed(() => facts.value?.walls ?? [])
const closure = computed(() => facts.value?.closure)

const typed = ref('')
const fault = ref('')
const entry = ref<InstanceType<typeof ElInput>>()
const usual = computed(() => (closure.value?.run.sense === 'left' && walls.value.length > 0 ? -90 : 90))

async function addWall(): Promise<void> {
  if (typed.value.trim() === '') return
  try {
    const wall = readWall(typed.value, system.value, usual.value)
    fault.value = ''
    const last = walls.value[walls.value.length - 1]
    chosen.value = store.add('walls', {
      position: (last?.position ?? -1) + 1,
      face: last?.face ?? 'smooth paint',
      ...wall,
    })
    typed.value = ''
    await nextTick()
    entry.value?.focus()
    document.querySelector('.walls tr:last-child')?.scrollIntoView({ block: 'nearest' })
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    fault.value = error.message
  }
}

const nameOf = (i: number) => (facts.value ? facts.value.nameOf(walls.value[i]?.id ?? '') : '')
const correction = (i: number) => {
  const now = closure.value
  const c = now?.corrections[i]
  if (!c || now.state !== 'closed') return ''
  const by = Math.round((c.correctedMm - c.lengthMm) * 10) / 10
  const figure = system.value === 'metric' ? number(Math.abs(by), 1) : says.value.fine(Math.abs(by))
  return by === 0 ? '0' : `${by > 0 ? '+' : '−'}${figure}`
}
const turned = (i: number) => {
  const c = closure.value?.corrections[i]
  return c
    ? t('lengthMmBecomesSystemAndTurns', {
        lengthMm: asTyped(c.lengthMm),
        system: system.value === 'metric' ? says.value.fine(c.correctedMm) : asTyped(c.correctedMm),
        turnedDeg: number(Math.abs(c.turnedDeg), 2),
      })
    : ''
}

const examples = computed(() => wallExamples(system.value))

const columns = computed((): TableColumn<Wall>[] => [
  { id: 'number', head: '#' },
  { id: 'name', head: t('wall'), kind: 'text', label: (_w, i) => t('nameOfWallI', { i: i + 1 }) },
  {
    id: 'lengthMm',
    head: t('length'),
    kind: 'length',
    figure: true,
    label: (_w, i) => t('lengthOfWallI', { i: i + 1 }),
  },
  { id: 'turnDeg', head: t('then'), kind: 'turn', label: (_w, i) => t('turnAfterWallI', { i: i + 1 }) },
  ...(closure.value?.state === 'closed' && closure.value.run.gapMm >= 1
    ? [{ id: 'spread', head: t('spread'), figure: true }]
    : []),
])
const move = (id: string, by: 1 | -1) => job.value && store.apply(moveWall(job.value, id, by))
</script>

<template>
  <section v-if="closure" class="run" :aria-label="t('wallRun')">
    <form class="entry" novalidate @submit.prevent="addWall">
      <label for="next-wall"
        >{{ t('wallWallsLengthThenThe', { walls: walls.length + 1 })
        }}<span class="second">{{
          t('longTurnsUsualLong2L', {
            long: examples.long,
            usual: usual === 90 ? 'right' : 'left',
            long2: examples.long,
            short: examples.short,
          })
        }}</span></label
      >
      <div>
        <ElInput
          id="next-wall"
          ref="entry"
          v-model="typed"
          size="large"
          data-length="wall"
          :data-dirty="typed !== ''"
          autocomplete="off"
          :validate-event="false"
          :aria-invalid="fault ? 'true' : undefined"
          aria-describedby="next-wall-says"
        />
        <ElButton type="primary" native-type="submit">{{ t('next') }}</ElButton>
      </div>
      <p id="next-wall-says" class="fault">{{ fault }}</p>
    </form>
    <div class="walls">
      <RowTable
        v-if="walls.length > 0"
        v-model:chosen="chosen"
        collection="walls"
        :rows="walls"
        :columns="columns"
        :name-of="(_w, i) => t('wallII2', { i: i + 1, i2: nameOf(i) })"
        removable
      >
        <template #cell-number="{ index }">{{ index + 1 }}</template>
        <template #cell-spread="{ index }"
          ><span :title="turned(index)">{{ correction(index) }}</span></template
        >
      </RowTable>
    </div>
    <div v-if="chosen && walls.some((w) => w.id === chosen)" class="more">
      <template v-for="(w, i) in walls" :key="w.id">
        <template v-if="w.id === chosen">
          <RowChoice
            collection="walls"
            :row="w"
            field="face"
            :choices="FACES"
            :label="t('faceOfI', { i: nameOf(i) })"
          />
          <p>
            <ElButton link :disabled="i === 0" @click="move(w.id, -1)">{{ t('earlier') }}</ElButton>
            <ElButton link :disabled="i === walls.length - 1" @click="move(w.id, 1)">{{
              t('later')
            }}</ElButton>
          </p>
        </template>
      </template>
    </div>
    <LaserLine />
  </section>
</template>

<style scoped>
.entry label span {
  display: block;
}
.entry > div {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
  margin-top: 4px;
}
.entry :deep(.el-input) {
  font-size: 17px;
}
.entry .fault {
  min-height: 18px;
}
.walls {
  max-height: 372px;
  overflow-y: auto;
}
.walls :deep(.of-number) {
  width: 20px;
  color: var(--ink-2);
}
.more {
  display: flex;
  align-items: end;
  gap: 14px;
  padding: 8px 0;
}
.more p {
  display: flex;
  gap: 12px;
}
@media (width < 760px) {
  .walls {
    max-height: none;
  }
}
</style>
