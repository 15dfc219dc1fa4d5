<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import type { LabD65 } from '@bonitas/core/kernel/color/lab'
import { currencyDigits } from '@bonitas/core/kernel/money/currency'
import { agreeingSamples } from '@bonitas/core/stages/palette/library/agreeing'
import { wearInstead } from '@bonitas/core/stages/palette/rules/wearInstead'
import { HUE_NAMES } from '@bonitas/core/stages/palette/undertone'
import { MATERIALS, SHEENS, type Material } from '@bonitas/core/model/vocabulary/finish'
import ChoiceField from '../form/ChoiceField.vue'
import { ApiProblem, ServerGone } from '../api/http.js'
import PlainField from '../form/PlainField.vue'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import ColorField from './ColorField.vue'
import { useLibraryStore, type NearSample } from './library/libraryStore.js'
import DecksPanel from './library/DecksPanel.vue'
import NearList from './library/NearList.vue'
import ReaderPanel from './library/ReaderPanel.vue'
import { useBench } from './library/useBench.js'

const store = useJobStore()
const library = useLibraryStore()
const { take, said, price } = useBench()
const trouble = ref('')
// One comes here with a color of the room in hand; an empty room begins with a middle grey.
const lab = ref<LabD65>(store.derived?.palette.finishes[0]?.lab ?? { l: 60, a: 0, b: 0 })
const material = ref<Material | ''>('paint')
const sheen = ref<(typeof SHEENS)[number] | ''>('')
const word = ref('')
const from = ref('')
const to = ref('')
const upTo = ref('')
const found = ref<readonly NearSample[]>([])
const digits = computed(() => currencyDigits(store.snapshot?.studio.currency ?? 'EUR'))

/** A number someone typed, undefined for none, and what is wrong with it. */
function typed(text: string, least: number, most: number): { value: number | undefined; fault: string } {
  if (text.trim() === '') return { value: undefined, fault: '' }
  const value = Number(text.replace(',', '.'))
  return value >= least && value <= most
    ? { value, fault: '' }
    : { value: undefined, fault: `From ${least} to ${most}.` }
}
const lrvFrom = computed(() => typed(from.value, 0, 100))
const lrvTo = computed(() => typed(to.value, 0, 100))
const priceTo = computed(() => typed(upTo.value, 0, 1e6))

async function loadAll(): Promise<void> {
  try {
    await library.load()
    trouble.value = ''
  } catch (error) {
    if (!(error instanceof ServerGone || error instanceof ApiProblem)) throw error
    trouble.value = 'The library could not be fetched. Try again in a moment.'
  }
}
/** The finish a sample is wanted instead of; then only what agrees with the rest of the room is shown. */
const route = useRoute()
const insteadId = ref(typeof route.query.instead === 'string' ? route.query.instead : '')
const instead = computed(() => store.derived?.palette.finishes.find((f) => f.finish.id === insteadId.value))
function useInstead(near: NearSample): void {
  const from = instead.value
  const id = take(near.sample)
  const facts = store.derived?.palette
  const to = facts?.finishes.find((f) => f.finish.id === id)
  const fix = from && to && facts && wearInstead(facts, from, to)
  if (fix) {
    store.applyFix(fix)
    said.value = `${near.sample.name} takes the place of ${from.finish.name}.`
    insteadId.value = id
  } else
    said.value = `${near.sample.name} is on the bench; what wears ${from?.finish.name ?? 'it'} stays as it is.`
}
let asked = 0
async function search(): Promise<void> {
  if (library.state !== 'ready') return
  const mine = ++asked
  if (instead.value && store.derived) {
    found.value = agreeingSamples(store.derived.palette, instead.value, library.samples, 12)
    return
  }
  const near = await library.nearest(lab.value, 14, {
    materials: material.value ? [material.value] : undefined,
    sheen: sheen.value || undefined,
    undertone: word.value || undefined,
    lrvFrom: lrvFrom.value.value,
    lrvTo: lrvTo.value.value,
    priceToMinor:
      priceTo.value.value === undefined ? undefined : Math.round(priceTo.value.value * 10 ** digits.value),
  })
  // An answer that was overtaken by a later question is dropped.
  if (mine === asked) found.value = near
}
onMounted(loadAll)
watch([lab, material, sheen, word, from, to, upTo, insteadId, () => library.samples], search, {
  immediate: true,
})
</script>

<template>
  <StagePage v-if="store.snapshot" title="Palette" broad>
    <template #head><StageTabs stage="palette" /></template>
    <p v-if="trouble" class="fault" role="alert">
      {{ trouble }} <ElButton link @click="loadAll">Try again</ElButton>
    </p>
    <form class="search" @submit.prevent="search">
      <ColorField :lab="lab" label="Nearest to" @keep="(v) => (lab = v)" />
      <ChoiceField
        v-model="insteadId"
        label="Instead of, and agreeing with the room"
        :choices="[
          { value: '', text: 'nothing: any color' },
          ...(store.derived?.palette.finishes ?? []).map((f) => ({
            value: f.finish.id,
            text: f.finish.name,
          })),
        ]"
      />
      <ChoiceField
        v-model="material"
        label="Material"
        :choices="[{ value: '', text: 'any' }, ...MATERIALS]"
      />
      <ChoiceField
        v-model="word"
        label="Undertone"
        :choices="[{ value: '', text: 'any' }, 'none', ...HUE_NAMES]"
      />
      <ChoiceField v-model="sheen" label="Sheen" :choices="[{ value: '', text: 'any' }, ...SHEENS]" />
      <PlainField
        v-model="from"
        label="LRV from"
        inputmode="decimal"
        figure
        :fault="lrvFrom.fault || undefined"
      />
      <PlainField v-model="to" label="LRV to" inputmode="decimal" figure :fault="lrvTo.fault || undefined" />
      <PlainField
        v-model="upTo"
        label="Price up to"
        inputmode="decimal"
        figure
        :fault="priceTo.fault || undefined"
      />
    </form>
    <p class="second" role="status">
      {{
        said ||
        (library.state === 'loading'
          ? 'Fetching the library …'
          : `${library.count} samples in ${library.decks.length} decks`)
      }}
    </p>
    <NearList
      v-if="found.length > 0"
      :found="found"
      :price="price"
      :act="instead ? `Use instead` : 'To the bench'"
      @take="(f) => (instead ? useInstead(f) : take(f.sample))"
    />
    <p v-else-if="library.state === 'ready'" class="second teaching">
      {{
        library.count === 0
          ? 'The library is empty. Import a deck at the right: a paint maker’s list as CSV, GPL or CxF, or samples read with the color reader. Every color picked from a picture is then answered with the nearest finish that can be bought.'
          : 'Nothing in the library passes these filters. Widen them.'
      }}
    </p>
    <template #panel>
      <DecksPanel @said="(words) => (said = words)" />
      <ReaderPanel
        @take="take"
        @find="(v) => ((insteadId = ''), (lab = v))"
        @said="(words) => (said = words)"
      />
    </template>
  </StagePage>
</template>

<style scoped>
.search {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 8px 10px;
  align-items: start;
  padding-bottom: 6px;
}
</style>
