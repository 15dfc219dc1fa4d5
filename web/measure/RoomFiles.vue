<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, defineAsyncComponent, ref, shallowRef } from 'vue'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { planDrawing } from '@bonitas/core/stages/measure/planDrawing'
import { readRoom, writeRoom } from '@bonitas/core/stages/measure/roomFile'
import FileButton from '../form/FileButton.vue'
import { useJobStore } from '../job/jobStore.js'
import type { OpenedRoom } from './openedRoom.js'
import { t } from './words.js'

const RoomFileDialog = defineAsyncComponent(() => import('./RoomFileDialog.vue'))

/** The room out to a file and in from one. What comes in is read whole and shown before anything is taken over. */
const store = useJobStore()
const job = computed(() => store.snapshot)
const says = ref('')
const wrong = ref(false)
const opened = shallowRef<OpenedRoom>()
const MOST_BYTES = 5_000_000

function save(text: string, type: string, ending: string): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([text], { type }))
  link.download = `${job.value?.brief.roomName.replace(/[^\p{L}\p{N} -]/gu, '') ?? 'room'}.${ending}`
  link.click()
  URL.revokeObjectURL(link.href)
  wrong.value = false
  says.value = t('savedAsDownload', { download: link.download })
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

async function open(file: File): Promise<void> {
  if (!job.value) return
  wrong.value = true
  if (file.size > MOST_BYTES) {
    says.value = t('nameIsLargerThan5', { name: file.name })
    return
  }
  try {
    const text = await file.text()
    if (/\.dxf$/i.test(file.name)) {
      const { readDxf } = await import('./planFiles.js')
      opened.value = { name: file.name, kind: 'drawing', outline: readDxf(text) }
    } else opened.value = { name: file.name, kind: 'room', room: readRoom(text) }
    wrong.value = false
    says.value = ''
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    says.value = t('messageNothingWasChanged', { message: error.message }).replace(
      /Nothing was changed\. (.*)Nothing was changed\./,
      t('nothingWasChanged1'),
    )
  }
}

function done(taken: string): void {
  opened.value = undefined
  says.value = taken
}
</script>

<template>
  <p class="files second">
    <span>{{ t('roomAs') }}</span>
    <ElButton link :disabled="job?.walls.length === 0" @click="saveAs('json')">JSON</ElButton>
    <ElButton link :disabled="job?.walls.length === 0" @click="saveAs('dxf')">DXF</ElButton>
    <ElButton link :disabled="job?.walls.length === 0" @click="saveAs('svg')">SVG</ElButton>
    <FileButton
      link
      :label="t('roomFileJSONOrDXF')"
      :words="t('openARoomFile')"
      accept=".json,.dxf"
      @picked="open"
    />
    <span role="status" :class="{ fault: wrong }">{{ says }}</span>
    <RoomFileDialog v-if="opened" :opened="opened" @done="done" />
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
