<script setup lang="ts">
import { ref, watch } from 'vue'
import { discMean } from '@bonitas/core/stages/palette/extraction/labPlanes'
import { t } from '../words.js'

/** A place in the picture, as parts of its width and height. */
interface Place {
  readonly x: number
  readonly y: number
}

/** The picture to point at: a disc is averaged where one clicks, and shown large under the pointer. */
const props = defineProps<{ picture: Blob | undefined; spot: Place | undefined }>()
const emit = defineEmits<{
  /** The mean of the disc, linear sRGB. */
  pick: [mean: [number, number, number], at: Place]
  shown: []
  unreadable: []
}>()
// Pixels across the picture as it is shown; the disc is averaged on these.
const SHOWN_PX = 1000
const DISC_PX = 5
const GLASS_PX = 120
const STEP = 0.01
const canvas = ref<HTMLCanvasElement>()
const glass = ref<HTMLCanvasElement>()
const point = ref<Place>()
let pixels: ImageData | undefined

async function show(picture: Blob): Promise<void> {
  try {
    const bitmap = await createImageBitmap(picture, { resizeWidth: SHOWN_PX, resizeQuality: 'medium' })
    const to = canvas.value
    const context = to?.getContext('2d', { willReadFrequently: true })
    // Another picture may have been opened meanwhile.
    if (!to || !context || picture !== props.picture) return
    to.width = bitmap.width
    to.height = bitmap.height
    context.drawImage(bitmap, 0, 0)
    pixels = context.getImageData(0, 0, bitmap.width, bitmap.height)
    bitmap.close()
    emit('shown')
  } catch {
    emit('unreadable')
  }
}
watch(
  () => props.picture,
  (picture) => {
    pixels = undefined
    if (picture) void show(picture)
  },
  { immediate: true, flush: 'post' },
)

function under(event: MouseEvent): Place | undefined {
  const box = canvas.value?.getBoundingClientRect()
  return box && { x: (event.clientX - box.left) / box.width, y: (event.clientY - box.top) / box.height }
}

function magnify(at: Place | undefined): void {
  point.value = pixels && at
  const context = glass.value?.getContext('2d')
  if (!at || !pixels || !context || !canvas.value) return
  const span = 4 * DISC_PX
  const middle = GLASS_PX / 2
  context.imageSmoothingEnabled = false
  context.clearRect(0, 0, GLASS_PX, GLASS_PX)
  context.drawImage(
    canvas.value,
    at.x * pixels.width - span / 2,
    at.y * pixels.height - span / 2,
    span,
    span,
    0,
    0,
    GLASS_PX,
    GLASS_PX,
  )
  // A dark line on a light one is seen on every color.
  for (const [color, width] of [
    ['white', 3],
    ['black', 1.5],
  ] as const) {
    context.strokeStyle = color
    context.lineWidth = width
    context.beginPath()
    context.arc(middle, middle, (DISC_PX / span) * GLASS_PX, 0, 2 * Math.PI)
    context.stroke()
  }
}

function pick(at: Place | undefined): void {
  if (at && pixels) emit('pick', discMean(pixels, at.x * pixels.width, at.y * pixels.height, DISC_PX), at)
}

/** Arrows move the point, Enter picks. */
function keys(event: KeyboardEvent): void {
  const step = event.shiftKey ? 5 * STEP : STEP
  const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[
    event.key
  ]
  const from = point.value ?? { x: 0.5, y: 0.5 }
  const within = (v: number) => Math.min(1, Math.max(0, v))
  if (by) {
    event.preventDefault()
    magnify({ x: within(from.x + (by[0] ?? 0)), y: within(from.y + (by[1] ?? 0)) })
  } else if (event.key === 'Enter') {
    event.preventDefault()
    pick(from)
  }
}
</script>

<template>
  <div class="frame" @pointerleave="magnify(undefined)">
    <canvas
      ref="canvas"
      width="2"
      height="2"
      tabindex="0"
      role="application"
      :aria-label="t('thePictureArrowsMoveThe')"
      :class="{ crosshair: picture }"
      @pointermove="magnify(under($event))"
      @click="pick(under($event))"
      @keydown="keys"
      @blur="magnify(undefined)"
    ></canvas>
    <canvas
      ref="glass"
      class="glass"
      :class="{ off: !point }"
      :width="GLASS_PX"
      :height="GLASS_PX"
      aria-hidden="true"
    ></canvas>
    <i v-if="spot" class="spot" :style="{ left: `${100 * spot.x}%`, top: `${100 * spot.y}%` }"></i>
  </div>
</template>

<style scoped>
/* The canvas is as large as what is drawn on it, so that a place on the one is a place on the other. */
.frame {
  position: relative;
  line-height: 0;
  width: fit-content;
}
.frame > canvas:first-child {
  max-width: 100%;
  max-height: 400px;
}
.crosshair {
  cursor: crosshair;
}
.glass {
  position: absolute;
  right: 8px;
  top: 8px;
  border: 1px solid var(--ink);
  background: var(--ground);
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
</style>
