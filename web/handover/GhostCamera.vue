<script setup lang="ts">
import { ElButton } from 'element-plus'
import { onBeforeUnmount, onMounted, ref } from 'vue'
import { t } from './words.js'

/** A camera with the picture of before over what it sees, so that after is taken from the same standpoint. */
defineProps<{ ghost: string | undefined }>()
const emit = defineEmits<{ taken: [file: File]; close: [] }>()
const video = ref<HTMLVideoElement>()
const trouble = ref(false)
const JPEG_QUALITY = 0.92
let stream: MediaStream | undefined

onMounted(async () => {
  try {
    stream = await navigator.mediaDevices.getUserMedia({
      video: { facingMode: 'environment', width: { ideal: 2560 } },
    })
    if (video.value) video.value.srcObject = stream
  } catch {
    trouble.value = true
  }
})
onBeforeUnmount(() => {
  stream?.getTracks().forEach((track) => {
    track.stop()
  })
})

function take(): void {
  const from = video.value
  if (!from || from.videoWidth === 0) return
  const canvas = document.createElement('canvas')
  ;[canvas.width, canvas.height] = [from.videoWidth, from.videoHeight]
  canvas.getContext('2d')?.drawImage(from, 0, 0)
  canvas.toBlob(
    (blob) => {
      if (blob) emit('taken', new File([blob], 'after.jpg', { type: 'image/jpeg' }))
    },
    'image/jpeg',
    JPEG_QUALITY,
  )
}
</script>

<template>
  <div class="camera">
    <p v-if="trouble" role="alert">{{ t('noCamera') }}</p>
    <template v-else>
      <p class="second">{{ t('takeTeach') }}</p>
      <div class="seen">
        <video ref="video" autoplay muted playsinline></video>
        <img v-if="ghost" :src="ghost" alt="" />
      </div>
    </template>
    <div class="acts">
      <ElButton v-if="!trouble" type="primary" @click="take">{{ t('take') }}</ElButton>
      <ElButton @click="emit('close')">{{ t('cancel') }}</ElButton>
    </div>
  </div>
</template>

<style scoped>
.camera {
  display: grid;
  gap: 8px;
}
.seen {
  position: relative;
  background: var(--ink);
}
video {
  display: block;
  width: 100%;
  max-height: 60vh;
}
img {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  object-fit: contain;
  opacity: 0.45;
  pointer-events: none;
}
.acts {
  display: flex;
  gap: 8px;
}
</style>
