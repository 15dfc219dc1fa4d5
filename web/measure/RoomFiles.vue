<script setup lang="ts">
import { computed, ref } from 'vue'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { planDrawing } from '@bonitas/core/stages/measure/planDrawing'
import { readRoom, wallsFromOutline, writeRoom, type RoomFile } from '@bonitas/core/stages/measure/roomFile'
import { useJobStore } from '../job/jobStore.js'
import { replaceRoom } from './wallEdits.js'

/** The room out to a file and in from one. What comes in is read whole before anything is changed. */
const store = useJobStore()
const job = computed(() => store.snapshot)
const says = ref('')
const wrong = ref(false)
const picker = ref<HTMLInputElement>()
const MOST_BYTES = 5_000_000

function save(text: string, type: string, ending: string): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([text], { type }))
  link.download = `${job.value?.brief.roomName.replace(/[^\p{L}\p{N} -]/gu, '') ?? 'room'}.${ending}`
  link.click()
  URL.revokeObjectURL(link.href)
  wrong.value = false
  says.value = `Saved as ${link.download}`
}

async function saveAs(kind: 'json' | 'dxf' | 'svg'): Promise<void> {
  const now = job.value
  const facts = store.derived?.measure
  if (!now || !facts) return
  if (kind === 'json') {
    save(writeRoom(now), 'application/json', 'json')
    return
  }
  const drawing = planDrawing(facts)
  if (!drawing) return
  const files = await import('./planFiles.js')
  if (kind === 'dxf') save(files.writeDxf(drawing), 'application/dxf', 'dxf')
  else save(files.writeSvg(drawing, now.brief.roomName), 'image/svg+xml', 'svg')
}

async function open(): Promise<void> {
  const file = picker.value?.files?.[0]
  const now = job.value
  if (!file || !now) return
  if (picker.value) picker.value.value = ''
  wrong.value = true
  if (file.size > MOST_BYTES) {
    says.value = `${file.name} is larger than 5 MB. A room file is small; choose another.`
    return
  }
  try {
    const text = await file.text()
    let room: RoomFile
    if (/\.dxf$/i.test(file.name)) {
      const { readDxf } = await import('./planFiles.js')
      const walls = wallsFromOutline(readDxf(text)).map((w) => ({ ...w, id: crypto.randomUUID() }))
      room = { room: now.room, walls, ceilings: [], diagonals: [], openings: [], fixtures: [] }
    } else room = readRoom(text)
    const { version: _v, ...kept } = room.room as RoomFile['room'] & { version?: number }
    store.apply(replaceRoom(now, { ...room, room: kept }, () => crypto.randomUUID()))
    wrong.value = false
    says.value = `${room.walls.length} walls from ${file.name}. Undo brings the measures before it back.`
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    says.value = `${error.message} Nothing was changed.`.replace(
      /Nothing was changed\. (.*)Nothing was changed\./,
      'Nothing was changed. $1',
    )
  }
}
</script>

<template>
  <p class="files second">
    <span>Room as</span>
    <button class="word" :disabled="job?.walls.length === 0" @click="saveAs('json')">JSON</button>
    <button class="word" :disabled="job?.walls.length === 0" @click="saveAs('dxf')">DXF</button>
    <button class="word" :disabled="job?.walls.length === 0" @click="saveAs('svg')">SVG</button>
    <button class="word" @click="picker?.click()">Open a room file</button>
    <input
      ref="picker"
      class="said-once"
      type="file"
      accept=".json,.dxf"
      aria-label="Room file, JSON or DXF"
      tabindex="-1"
      @change="open"
    />
    <span role="status" :class="{ fault: wrong }">{{ says }}</span>
  </p>
</template>

<style scoped>
.files {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-items: baseline;
  position: relative;
}
</style>
