<script setup lang="ts">
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import { labToHex, type LabD65 } from '@bonitas/core/color/lab'
import type { ExtractedColor } from '@bonitas/core/palette/extraction/extractColors'
import {
  discMean,
  labOfLinear,
  whiteGains,
  type WhiteGains,
} from '@bonitas/core/palette/extraction/labPlanes'
import { undertone } from '@bonitas/core/palette/undertone'
import { useJobStore } from '../job/jobStore.js'
import { nextPosition } from '../job/edits.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useLibraryStore, type NearSample } from './library/libraryStore.js'
import NearList from './library/NearList.vue'
import { useBench } from './library/useBench.js'
import { PALETTE_PAGES } from './paletteTabs.js'
import type { ExtractAnswer } from './picture/extract.worker.js'

interface Picked {
  readonly lab: LabD65
  /** Undefined for a color picked by pointing. */
  readonly share: number | undefined
  readonly at: { readonly x: number; readonly y: number }
}

const store = useJobStore()
const library = useLibraryStore()
const { take, said, price } = useBench()
const job = computed(() => store.snapshot)
const photos = computed(() =>
  [...(job.value?.photos ?? [])].sort(
    (x, y) => Number(y.kind === 'inspiration') - Number(x.kind === 'inspiration'),
  ),
)
const photoId = ref<string>()
const file = shallowRef<Blob>()
const colors = shallowRef<readonly ExtractedColor[]>([])
const done = ref<number>()
const fault = ref('')
const gains = ref<WhiteGains>()
const atCard = ref(false)
const chosen = ref<Picked>()
const found = shallowRef<readonly NearSample[]>([])
const canvas = ref<HTMLCanvasElement>()
const glass = ref<HTMLCanvasElement>()
const pointer = ref<{ x: number; y: number }>()
const picker = ref<HTMLInputElement>()
// Pixels of the picture on screen; the disc is averaged on these.
const SHOWN_PX = 1000
const DISC = 5
const GLASS = 120
let worker: Worker | undefined
let pixels: ImageData | undefined

function stop(): void {
  worker?.terminate()
  worker = undefined
  done.value = undefined
}
onBeforeUnmount(stop)

function extract(): void {
  stop()
  if (!file.value) return
  done.value = 0
  fault.value = ''
  worker = new Worker(new URL('./picture/extract.worker.ts', import.meta.url), { type: 'module' })
  worker.addEventListener('message', ({ data }: MessageEvent<ExtractAnswer>) => {
    if ('done' in data) done.value = data.done
    else {
      if ('colors' in data) colors.value = data.colors
      else fault.value = data.fault
      stop()
    }
  })
  worker.postMessage({ picture: file.value, gains: gains.value && [...gains.value] })
}

async function show(picture: Blob): Promise<void> {
  colors.value = []
  chosen.value = undefined
  gains.value = undefined
  fault.value = ''
  try {
    const bitmap = await createImageBitmap(picture, { resizeWidth: SHOWN_PX, resizeQuality: 'medium' })
    const to = canvas.value
    const context = to?.getContext('2d', { willReadFrequently: true })
    if (!to || !context) return
    to.width = bitmap.width
    to.height = bitmap.height
    context.drawImage(bitmap, 0, 0)
    pixels = context.getImageData(0, 0, bitmap.width, bitmap.height)
    bitmap.close()
    file.value = picture
    extract()
  } catch {
    fault.value = 'The picture cannot be read. Choose a JPEG, PNG or WebP.'
  }
}

async function open(id: string): Promise<void> {
  photoId.value = id
  fault.value = ''
  try {
    const answer = await fetch(`/api/jobs/${job.value?.brief.id ?? ''}/pictures/${id}`)
    if (!answer.ok) throw new Error(String(answer.status))
    await show(await answer.blob())
  } catch {
    fault.value = 'The picture could not be fetched. Try again in a moment.'
  }
}
watch(canvas, (is) => {
  const first = photos.value[0]
  if (is && first && !photoId.value) void open(first.id)
}) // prettier-ignore

async function picked(): Promise<void> {
  const given = picker.value?.files?.[0]
  if (picker.value) picker.value.value = ''
  if (!given) return
  photoId.value = ''
  await show(given)
}

/** Where on the picture the pointer is, in its pixels. */
function place(event: PointerEvent | MouseEvent): { x: number; y: number } | undefined {
  const box = canvas.value?.getBoundingClientRect()
  if (!box || !canvas.value) return undefined
  return {
    x: ((event.clientX - box.left) / box.width) * canvas.value.width,
    y: ((event.clientY - box.top) / box.height) * canvas.value.height,
  }
}
function magnify(at: { x: number; y: number } | undefined): void {
  pointer.value = at
  const context = glass.value?.getContext('2d')
  if (!at || !context || !canvas.value) return
  const span = 4 * DISC
  context.imageSmoothingEnabled = false
  context.fillStyle = '#dedede'
  context.fillRect(0, 0, GLASS, GLASS)
  context.drawImage(canvas.value, at.x - span / 2, at.y - span / 2, span, span, 0, 0, GLASS, GLASS)
  context.strokeStyle = '#fff'
  context.lineWidth = 3
  context.beginPath()
  context.arc(GLASS / 2, GLASS / 2, (DISC / span) * GLASS, 0, 2 * Math.PI)
  context.stroke()
  context.strokeStyle = '#1a1a1a'
  context.lineWidth = 1.5
  context.stroke()
}
function pick(at: { x: number; y: number } | undefined): void {
  if (!at || !pixels) return
  const mean = discMean(pixels, at.x, at.y, DISC)
  if (atCard.value) {
    gains.value = whiteGains(mean)
    atCard.value = false
    chosen.value = undefined
    extract()
    return
  }
  const [r, g, b] = gains.value ?? [1, 1, 1]
  choose({ lab: labOfLinear(mean[0] * r, mean[1] * g, mean[2] * b), share: undefined, at: { x: at.x / pixels.width, y: at.y / pixels.height } })
} // prettier-ignore

// By keyboard: arrows move the point, Enter picks.
const point = ref({ x: 0.5, y: 0.5 })
function keys(event: KeyboardEvent): void {
  const step = event.shiftKey ? 0.05 : 0.01
  const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[event.key]
  const size = canvas.value
  if (!size) return
  if (by) {
    event.preventDefault()
    point.value = { x: Math.min(1, Math.max(0, point.value.x + (by[0] ?? 0))), y: Math.min(1, Math.max(0, point.value.y + (by[1] ?? 0))) }
    magnify({ x: point.value.x * size.width, y: point.value.y * size.height })
  } else if (event.key === 'Enter') {
    event.preventDefault()
    pick({ x: point.value.x * size.width, y: point.value.y * size.height })
  }
} // prettier-ignore

function choose(p: Picked): void {
  chosen.value = p
}
watch([chosen, () => library.samples], async ([c]) => {
  found.value = c ? await library.nearest(c.lab, 6).catch(() => []) : []
}) // prettier-ignore

const word = (lab: LabD65) => undertone('paint', lab).phrase
function pull(p: Picked): void {
  const now = job.value
  if (!now) return
  store.add('pulls', {
    position: nextPosition(now.pulls), name: word(p.lab), labL: p.lab.l, labA: p.lab.a, labB: p.lab.b, share: p.share ?? 0,
    photoId: photoId.value || null,
  })
  said.value = `${word(p.lab)} is among what inspires the room.`
} // prettier-ignore
const same = (one: LabD65, two: LabD65) =>
  Math.abs(one.l - two.l) + Math.abs(one.a - two.a) + Math.abs(one.b - two.b) < 0.01
const pulled = (p: Picked) =>
  job.value?.pulls.some((q) => same({ l: q.labL, a: q.labA, b: q.labB }, p.lab)) ?? false
</script>

<template>
  <StagePage v-if="job" title="Palette" broad>
    <template #head><StageTabs stage="palette" :pages="PALETTE_PAGES" /></template>
    <div class="line">
      <label>
        Picture
        <select class="short" :value="photoId" @change="(e) => open((e.target as HTMLSelectElement).value)">
          <option v-if="!photoId" :value="photoId"></option>
          <option v-for="p in photos" :key="p.id" :value="p.id">{{ p.note || p.kind }}</option>
        </select>
      </label>
      <input
        ref="picker"
        class="said-once"
        type="file"
        accept="image/*"
        tabindex="-1"
        aria-label="Picture to look at"
        @change="picked"
      />
      <button class="button" @click="picker?.click()">Another picture</button>
      <button class="button" :aria-pressed="atCard" :disabled="!file" @click="atCard = !atCard">
        Point at the white card
      </button>
      <button v-if="gains" class="word" @click="((gains = undefined), extract())">Without correction</button>
      <template v-if="done !== undefined">
        <progress :value="done" max="1" aria-label="Looking for colors"></progress>
        <button class="word" @click="stop">Stop</button>
      </template>
      <span class="second" role="status">{{
        fault
          ? ''
          : atCard
            ? 'Point at a white or grey card in the picture: what makes it neutral is applied to all colors.'
            : gains
              ? 'Corrected by the card.'
              : said
      }}</span>
    </div>
    <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
    <p v-if="photos.length === 0 && !file" class="second teach">
      A palette often starts from one thing: a rug, a picture, a view. Open a photo of it, and its colors are
      found with their shares, each material once, in the light. Pull those that shall come back in the room.
    </p>
    <div class="look">
      <div class="frame" @pointerleave="magnify(undefined)">
        <canvas
          ref="canvas"
          width="2"
          height="2"
          tabindex="0"
          role="application"
          aria-label="The picture. Arrows move the point, Enter picks the color there."
          :class="{ crosshair: file }"
          @pointermove="magnify(place($event))"
          @click="pick(place($event))"
          @keydown="keys"
          @blur="magnify(undefined)"
        ></canvas>
        <canvas
          ref="glass"
          class="glass"
          :class="{ off: !pointer }"
          :width="GLASS"
          :height="GLASS"
          aria-hidden="true"
        ></canvas>
        <i
          v-if="chosen"
          class="spot"
          :style="{ left: `${100 * chosen.at.x}%`, top: `${100 * chosen.at.y}%` }"
        ></i>
      </div>
      <div
        v-if="colors.length > 0"
        class="bar"
        role="img"
        :aria-label="`${colors.length} colors in their shares`"
      >
        <i v-for="(c, i) in colors" :key="i" :style="{ flexGrow: c.share, background: labToHex(c.lab) }"></i>
      </div>
      <ul class="found">
        <li v-for="(c, i) in colors" :key="i">
          <button :aria-pressed="chosen?.lab === c.lab" @click="choose(c)">
            <i :style="{ background: labToHex(c.lab) }"></i>
            <span
              >{{ word(c.lab) }}<br /><span class="second"
                >{{ (100 * c.share).toFixed(c.share < 0.1 ? 1 : 0) }} %</span
              ></span
            >
          </button>
        </li>
      </ul>
    </div>
    <template #panel>
      <section v-if="chosen">
        <div class="chosen">
          <i :style="{ background: labToHex(chosen.lab) }"></i>
          <p>
            <b>{{ word(chosen.lab) }}</b><br /><span class="second"
              >L {{ chosen.lab.l.toFixed(0) }} a {{ chosen.lab.a.toFixed(0) }} b {{ chosen.lab.b.toFixed(0)
              }}{{ chosen.share === undefined ? ' · mean of a small disc' : '' }}</span
            >
          </p>
        </div>
        <button class="button" :disabled="pulled(chosen)" @click="chosen && pull(chosen)">
          {{ pulled(chosen) ? 'Pulled' : 'Pull it into the palette' }}
        </button>
        <h2>Nearest finishes</h2>
        <NearList :found="found" :price="price" narrow @take="(f) => take(f.sample)" />
      </section>
      <section>
        <h2>What inspires the room</h2>
        <p v-if="job.pulls.length === 0" class="second">Nothing pulled yet.</p>
        <ul class="pulls">
          <li v-for="p in job.pulls" :key="p.id">
            <i :style="{ background: labToHex({ l: p.labL, a: p.labA, b: p.labB }) }"></i>{{ p.name
            }}<span class="second">&ensp;{{ p.share > 0 ? `${Math.round(100 * p.share)} %` : '' }}</span
            ><button class="word" :aria-label="`Put back ${p.name}`" @click="store.remove('pulls', p.id)">
              Put back
            </button>
          </li>
        </ul>
        <p class="second">
          A photo is not a measurement: read what stays with the color reader, and hold samples to it.
        </p>
      </section>
    </template>
  </StagePage>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  padding-bottom: 10px;
}
.short {
  width: auto;
  max-width: 260px;
}
progress {
  accent-color: var(--ink);
  width: 120px;
}
.look {
  display: grid;
  gap: 10px;
  max-width: 660px;
}
.frame {
  position: relative;
  line-height: 0;
}
.frame > canvas:first-child {
  width: 100%;
  max-height: 400px;
  object-fit: contain;
  object-position: left;
}
.crosshair {
  cursor: crosshair;
}
.glass {
  position: absolute;
  right: 8px;
  top: 8px;
  border: 1px solid var(--ink);
  pointer-events: none;
}
.glass.off {
  visibility: hidden;
}
.spot {
  position: absolute;
  width: 14px;
  height: 14px;
  margin: -7px;
  border: 2px solid #fff;
  outline: 1.5px solid var(--ink);
  border-radius: 50%;
  pointer-events: none;
}
.bar {
  display: flex;
  height: 26px;
}
.bar i {
  flex: 0 1 0;
  min-width: 1px;
}
.found {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(152px, 1fr));
  gap: 6px 10px;
}
.found button {
  display: flex;
  gap: 9px;
  align-items: center;
  border: 0;
  background: none;
  text-align: left;
  padding: 3px;
  width: 100%;
  line-height: 1.2;
  font-size: 13px;
}
.found button[aria-pressed='true'] {
  background: var(--paper);
  outline: 1px solid var(--ink);
}
.found i {
  width: 46px;
  height: 34px;
  flex: none;
}
section,
.pulls {
  display: grid;
  gap: 8px;
  justify-items: start;
}
.chosen {
  display: flex;
  gap: 12px;
}
.chosen i {
  width: 110px;
  height: 72px;
}
.pulls li {
  display: flex;
  gap: 9px;
  align-items: center;
}
.pulls i {
  width: 34px;
  height: 20px;
}
.pulls .word {
  margin-left: 10px;
}
.teach {
  max-width: 60ch;
  font-size: 14px;
}
</style>
