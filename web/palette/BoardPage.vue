<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { BOARD_HEIGHT, BOARD_WIDTH, boardSvg, boardWords } from '@bonitas/core/stages/palette/board'
import boardFont from '@fontsource-variable/archivo/files/archivo-latin-standard-normal.woff2?url'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { saveFile, saveText } from './library/saveText.js'
import BoardDrawing from './board/BoardDrawing.js'
import SchemeBar from './SchemeBar.vue'

const store = useJobStore()
const job = computed(() => store.snapshot)
const facts = computed(() => store.derived?.palette)
const fault = ref('')
const worn = computed(() => facts.value?.finishes.filter((f) => f.share > 0) ?? [])
const svg = computed(() => {
  if (!job.value || !facts.value) return ''
  return boardSvg(facts.value.finishes, boardWords(job.value, facts.value.scheme?.name, new Date()))
})
// On the page the shipped font goes by its own name.
const shown = computed(() => svg.value.replaceAll('font-family="Archivo"', 'font-family="Archivo Variable"'))
const name = computed(() => `${job.value?.brief.roomName ?? 'Room'}, sample board`)

/** A picture drawn apart from the page knows none of its fonts, so the font goes into the drawing. */
async function withFont(): Promise<string> {
  const bytes = new Uint8Array(await (await fetch(boardFont)).arrayBuffer())
  let text = ''
  for (const byte of bytes) text += String.fromCharCode(byte)
  return svg.value.replace(
    /(<svg[^>]*>)/,
    `$1<style>@font-face{font-family:Archivo;font-weight:100 900;src:url(data:font/woff2;base64,${btoa(text)})}</style>`,
  )
}

async function savePng(): Promise<void> {
  fault.value = ''
  try {
    const image = new Image()
    image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(await withFont())}`
    await image.decode()
    const canvas = document.createElement('canvas')
    canvas.width = 2 * BOARD_WIDTH
    canvas.height = 2 * BOARD_HEIGHT
    canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height)
    canvas.toBlob((blob) => {
      if (blob) saveFile(`${name.value}.png`, blob)
    }, 'image/png')
  } catch {
    fault.value = 'The picture could not be made. Save it as SVG or PDF.'
  }
}
const saveSvg = async () => saveText(`${name.value}.svg`, await withFont(), 'image/svg+xml')
const pdf = computed(() => `/api/jobs/${job.value?.brief.id ?? ''}/board.pdf`)
</script>

<template>
  <StagePage v-if="job && facts" title="Palette">
    <template #head><StageTabs stage="palette" /></template>
    <div class="over-bench"><SchemeBar /></div>
    <p v-if="worn.length === 0" class="second teaching">
      The board is put together from what the room wears, in true proportion. Give surfaces and pieces their
      finishes on the first page, and it is ready.
    </p>
    <!-- Every name in the drawing is escaped where it is drawn. -->
    <div
      v-else
      class="board"
      role="img"
      :aria-label="`Sample board: ${worn.map((f) => `${f.finish.name} ${(100 * f.share).toFixed(0)} %`).join(', ')}`"
    >
      <BoardDrawing :svg="shown" />
    </div>
    <template #panel>
      <section class="panel-part">
        <h2>For the client</h2>
        <p class="second">
          Each tile is as large as its share of what is seen; the list names every finish, its code and where
          it is used.
        </p>
        <ElButton
          :tag="worn.length === 0 ? 'button' : 'a'"
          :disabled="worn.length === 0"
          :href="pdf"
          target="_blank"
          rel="noopener"
          >Open as PDF, A3</ElButton
        >
        <ElButton :disabled="worn.length === 0" @click="saveSvg">Save as SVG</ElButton>
        <ElButton :disabled="worn.length === 0" @click="savePng">Save as PNG</ElButton>
        <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
      </section>
      <section v-if="worn.some((f) => !f.finish.code)" class="panel-part">
        <h2>Without a code</h2>
        <p class="second">
          Known today and gone in a month:
          {{
            worn
              .filter((f) => !f.finish.code)
              .map((f) => f.finish.name)
              .join(', ')
          }}.
        </p>
      </section>
    </template>
  </StagePage>
</template>

<style scoped>
.board :deep(svg) {
  display: block;
  width: 100%;
  height: auto;
  border: 1px solid var(--rule);
}
</style>
