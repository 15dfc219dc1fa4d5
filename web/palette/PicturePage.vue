<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, shallowRef, watch } from 'vue'
import { labToHex, type LabD65 } from '@bonitas/core/kernel/color/lab'
import type { ExtractedColor } from '@bonitas/core/stages/palette/extraction/extractColors'
import { labOfLinear, whiteGains, type WhiteGains } from '@bonitas/core/stages/palette/extraction/labPlanes'
import { undertone } from '@bonitas/core/stages/palette/undertone'
import ChoiceField from '../form/ChoiceField.vue'
import FileButton from '../form/FileButton.vue'
import { useJobStore } from '../job/jobStore.js'
import { nextPosition } from '../job/edits.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useTask } from '../worker/useTask.js'
import { useLibraryStore, type NearSample } from './library/libraryStore.js'
import NearList from './library/NearList.vue'
import { useBench } from './library/useBench.js'
import type { ExtractAsk, ExtractResult } from './picture/extract.worker.js'
import ColorsFound from './picture/ColorsFound.vue'
import Inspiration from './picture/Inspiration.vue'
import PickCanvas from './picture/PickCanvas.vue'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

const { number } = useLocale()
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
  // A receipt or a damage is no picture of the room.
  (job.value?.photos ?? [])
    .filter((p) => p.kind !== 'paper' && p.kind !== 'damage')
    .sort((x, y) => Number(y.kind === 'inspiration') - Number(x.kind === 'inspiration')),
)
const photoId = ref<string>()
const file = shallowRef<Blob>()
const colors = shallowRef<readonly ExtractedColor[]>([])
const fault = ref('')
const gains = ref<WhiteGains>()
const atCard = ref(false)
const chosen = ref<Picked>()
const found = shallowRef<readonly NearSample[]>([])
const UNREADABLE = t('thePictureCannotBeRead')
const task = useTask<ExtractResult>(
  () => new Worker(new URL('./picture/extract.worker.ts', import.meta.url), { type: 'module' }),
)
const { done, stop } = task

async function extract(): Promise<void> {
  if (!file.value) return
  fault.value = ''
  const ask: ExtractAsk = { picture: file.value, gains: gains.value && [...gains.value] }
  const result = await task.run(ask)
  if (!result) return
  if ('colors' in result) colors.value = result.colors
  else fault.value = UNREADABLE
}

function show(picture: Blob): void {
  stop()
  colors.value = []
  chosen.value = undefined
  gains.value = undefined
  atCard.value = false
  fault.value = ''
  file.value = picture
}
function unreadable(): void {
  fault.value = UNREADABLE
  file.value = undefined
}

async function open(id: string): Promise<void> {
  photoId.value = id
  fault.value = ''
  try {
    const answer = await fetch(`/api/jobs/${job.value?.brief.id ?? ''}/pictures/${id}`)
    if (!answer.ok) throw new Error(String(answer.status))
    const picture = await answer.blob()
    if (photoId.value === id) show(picture)
  } catch {
    fault.value = t('thePictureCouldNotBeFetched')
  }
}
watch(
  photos,
  ([first]) => {
    if (first && photoId.value === undefined) void open(first.id)
  },
  { immediate: true },
)

function picked(given: File): void {
  photoId.value = ''
  show(given)
}

function pick(mean: [number, number, number], at: Picked['at']): void {
  if (atCard.value) {
    gains.value = whiteGains(mean)
    atCard.value = false
    chosen.value = undefined
    void extract()
    return
  }
  const [r, g, b] = gains.value ?? [1, 1, 1]
  choose({ lab: labOfLinear(mean[0] * r, mean[1] * g, mean[2] * b), share: undefined, at })
}
function uncorrected(): void {
  gains.value = undefined
  chosen.value = undefined
  void extract()
}

function choose(p: Picked): void {
  chosen.value = p
}
watch([chosen, () => library.samples], async ([c]) => {
  found.value = c ? await library.nearest(c.lab, 6).catch(() => []) : []
})

const word = (lab: LabD65) => undertone('paint', lab).phrase
function pull(p: Picked): void {
  const now = job.value
  if (!now) return
  store.add('sampledColors', {
    position: nextPosition(now.sampledColors),
    name: word(p.lab),
    labL: p.lab.l,
    labA: p.lab.a,
    labB: p.lab.b,
    share: p.share ?? 0,
    photoId: photoId.value || null,
  })
  said.value = t('labIsAmongWhatInspires', { lab: word(p.lab) })
}
const same = (one: LabD65, two: LabD65) =>
  Math.abs(one.l - two.l) + Math.abs(one.a - two.a) + Math.abs(one.b - two.b) < 0.01
const pulled = (p: Picked) =>
  job.value?.sampledColors.some((q) => same({ l: q.labL, a: q.labA, b: q.labB }, p.lab)) ?? false
</script>

<template>
  <StagePage v-if="job" :title="t('palette')" broad>
    <template #head><StageTabs stage="palette" /></template>
    <div class="over-bench">
      <ChoiceField
        :model-value="photoId ?? ''"
        beside
        :label="t('picture')"
        :choices="photos.map((p) => ({ value: p.id, text: p.note || p.kind }))"
        @update:model-value="open"
      />
      <FileButton
        :label="t('pictureToLookAt')"
        :words="t('anotherPicture')"
        accept="image/*"
        @picked="picked"
      />
      <ElButton :aria-pressed="atCard" :disabled="!file" @click="atCard = !atCard">
        {{ t('pointAtTheWhiteCard') }}
      </ElButton>
      <ElButton v-if="gains" link @click="uncorrected">{{ t('withoutCorrection') }}</ElButton>
      <template v-if="done !== undefined">
        <progress :value="done" max="1" :aria-label="t('lookingForColors')"></progress>
        <ElButton link @click="stop">{{ t('stop') }}</ElButton>
      </template>
      <span class="second" role="status">{{
        fault ? '' : atCard ? t('pointAtAWhiteOr') : gains ? t('correctedByTheCard') : said
      }}</span>
    </div>
    <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
    <p v-if="photos.length === 0 && !file" class="second teaching">
      {{ t('aPaletteOftenStartsFrom') }}
    </p>
    <div class="look">
      <PickCanvas :picture="file" :spot="chosen?.at" @pick="pick" @shown="extract" @unreadable="unreadable" />
      <ColorsFound :colors="colors" :chosen="chosen?.lab" @choose="choose" />
    </div>
    <template #panel>
      <section v-if="chosen">
        <div class="chosen">
          <i :style="{ background: labToHex(chosen.lab) }"></i>
          <p>
            <b>{{ word(chosen.lab) }}</b><br /><span class="second"
              >{{ t('labOf', { l: number(chosen.lab.l), a: number(chosen.lab.a), b: number(chosen.lab.b) })
              }}{{ chosen.share === undefined ? t('meanOfASmallDisc') : '' }}</span
            >
          </p>
        </div>
        <ElButton :disabled="pulled(chosen)" @click="chosen && pull(chosen)">
          {{ pulled(chosen) ? t('pulled') : t('pullItIntoThePalette') }}
        </ElButton>
        <h2>{{ t('nearestFinishes') }}</h2>
        <NearList :found="found" :price="price" narrow @take="(f) => take(f.sample)" />
      </section>
      <Inspiration />
    </template>
  </StagePage>
</template>

<style scoped>
progress {
  accent-color: var(--ink);
  width: 120px;
}
.look {
  display: grid;
  gap: 10px;
  max-width: 660px;
}
section {
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
</style>
