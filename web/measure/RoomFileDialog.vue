<script setup lang="ts">
import { ElButton, ElDialog, ElRadio, ElRadioGroup } from 'element-plus'
import { computed, ref } from 'vue'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { drawingSvg } from '@bonitas/core/kernel/geometry/drawingSvg'
import { rowOf } from '@bonitas/core/model/applyChanges'
import { plainName, type RowsByName } from '@bonitas/core/model/cascade'
import { measureFacts } from '@bonitas/core/stages/measure/measureFacts'
import { planDrawing } from '@bonitas/core/stages/measure/planDrawing'
import { wallsFromOutline, type RoomFile } from '@bonitas/core/stages/measure/roomFile'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { DRAWING_UNITS, type OpenedRoom } from './openedRoom.js'
import { replaceRoom } from './wallEdits.js'
import { t } from './words.js'

/** A room file before it is taken over: its plan, its size, the unit where the file does not say it, and what will go. */
const props = defineProps<{ opened: OpenedRoom }>()
const emit = defineEmits<{ done: [says: string] }>()
const store = useJobStore()
const { run, typed, says } = useLocale()
const stated = computed(() => (props.opened.kind === 'drawing' ? props.opened.outline.mmPerUnit : undefined))
const asksUnit = computed(() => props.opened.kind === 'drawing' && stated.value === undefined)
const unitMm = ref<number>()

interface Read {
  readonly room?: RoomFile
  readonly fault?: string
}
/** The room as it would be taken over; nothing while its unit is not known. */
const read = computed((): Read => {
  const { opened } = props
  const job = store.snapshot
  if (!job) return {}
  if (opened.kind === 'room') {
    const { version: _v, ...room } = opened.room.room as RoomFile['room'] & { version?: number }
    return { room: { ...opened.room, room } }
  }
  const mm = stated.value ?? unitMm.value
  if (mm === undefined) return {}
  try {
    const walls = wallsFromOutline(opened.outline.corners, mm).map((w, n) => ({ ...w, id: `wall ${n}` }))
    const { version: _v, ...room } = job.room
    return { room: { room, walls, ceilings: [], diagonals: [], openings: [], fixtures: [] } }
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    return { fault: error.message }
  }
})
const picture = computed(() => {
  const { room } = read.value
  const drawing = room && planDrawing(measureFacts(room, [], says.value))
  return drawing && `data:image/svg+xml,${encodeURIComponent(drawingSvg(drawing, props.opened.name))}`
})
const sizes = computed(() => {
  const lengths = read.value.room?.walls.map((w) => w.lengthMm) ?? []
  return lengths.length === 0
    ? ''
    : t('lengthsWallsReduceRoundThe', {
        lengths: lengths.length,
        reduce: run(lengths.reduce((a, b) => a + b, 0)),
        max: typed(Math.max(...lengths)),
      })
})
/** What the room in hand loses: its walls, and rows that mean nothing without them. */
const going = computed(() => {
  const job = store.snapshot
  const { room } = read.value
  if (!job || !room) return []
  return replaceRoom(job, room, () => 'new').going.flatMap(({ collection, id }) => {
    const row = rowOf(job, collection, id)
    return row ? [plainName(collection, row, job as unknown as RowsByName)] : []
  })
})

function take(): void {
  const job = store.snapshot
  const { room } = read.value
  if (!job || !room) return
  store.apply(replaceRoom(job, room, () => crypto.randomUUID()).changes, `opened ${props.opened.name}`)
  emit(
    'done',
    `${room.walls.length} walls from ${props.opened.name}. Undo brings the measures before it back.`,
  )
}
</script>

<template>
  <ElDialog
    :model-value="true"
    :title="t('takeOverName', { name: opened.name })"
    width="680"
    :close-on-click-modal="false"
    @close="emit('done', '')"
  >
    <div class="file">
      <div v-if="asksUnit">
        <p>{{ t('theDrawingDoesNotSay') }}</p>
        <ElRadioGroup
          :model-value="unitMm ?? 0"
          :aria-label="t('unitOfTheDrawing')"
          @update:model-value="(mm) => (unitMm = Number(mm))"
        >
          <ElRadio v-for="u in DRAWING_UNITS" :key="u.mm" :value="u.mm">{{ u.text }}</ElRadio>
        </ElRadioGroup>
      </div>
      <p v-if="read.fault" class="fault" role="alert">{{ read.fault }}</p>
      <img v-if="picture" :src="picture" :alt="t('thePlanInTheFile')" />
      <p v-if="sizes">{{ sizes }}</p>
      <p v-if="store.snapshot && store.snapshot.walls.length > 0 && read.room">
        {{ t('itTakesThePlaceOf', { walls: store.snapshot.walls.length })
        }}<template v-if="going.length > 0">{{
          t('withThemGoJoinGoing', {
            join: going.slice(0, 12).join(', '),
            going: going.length > 12 ? t('andGoingMore', { going: going.length - 12 }) : '',
          })
        }}</template
        >{{ t('itIsOneStepUndo') }}
      </p>
    </div>
    <template #footer>
      <ElButton @click="emit('done', '')">{{ t('leaveTheRoomAsIt') }}</ElButton>
      <ElButton type="primary" :disabled="!read.room" @click="take">{{ t('takeItOver') }}</ElButton>
    </template>
  </ElDialog>
</template>

<style scoped>
.file {
  display: grid;
  gap: 12px;
}
img {
  max-height: 300px;
  max-width: 100%;
  margin: 0 auto;
}
</style>
