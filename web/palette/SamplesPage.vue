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
import { ApiProblem, ServerGone } from '../api/http.js'
import ChoiceField from '../form/ChoiceField.vue'
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
import { t } from './words.js'

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
    : { value: undefined, fault: t('fromLeastToMost', { least, most }) }
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
    trouble.value = t('theLibraryCouldNotBeFetched')
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
    store.apply(fix.changes, fix.label)
    said.value = t('nameTakesThePlaceOf', { name: near.sample.name, name2: from.finish.name })
    insteadId.value = id
  } else said.value = t('nameIsOnTheBench', { name: near.sample.name, name2: from?.finish.name ?? 'it' })
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
  <StagePage v-if="store.snapshot" :title="t('palette')" broad>
    <template #head><StageTabs stage="palette" /></template>
    <p v-if="trouble" class="fault" role="alert">
      {{ trouble }} <ElButton link @click="loadAll">{{ t('tryAgain') }}</ElButton>
    </p>
    <form class="search" @submit.prevent="search">
      <ColorField :lab="lab" :label="t('nearestTo')" @keep="(v) => (lab = v)" />
      <ChoiceField
        v-model="insteadId"
        :label="t('insteadOfAndAgreeingWith')"
        :choices="[
          { value: '', text: t('nothingAnyColor') },
          ...(store.derived?.palette.finishes ?? []).map((f) => ({
            value: f.finish.id,
            text: f.finish.name,
          })),
        ]"
      />
      <ChoiceField
        v-model="material"
        :label="t('material')"
        :choices="[{ value: '', text: 'any' }, ...MATERIALS]"
      />
      <ChoiceField
        v-model="word"
        :label="t('undertone')"
        :choices="[{ value: '', text: 'any' }, 'none', ...HUE_NAMES]"
      />
      <ChoiceField v-model="sheen" :label="t('sheen')" :choices="[{ value: '', text: 'any' }, ...SHEENS]" />
      <PlainField
        v-model="from"
        :label="t('lrvFrom')"
        inputmode="decimal"
        figure
        :fault="lrvFrom.fault || undefined"
      />
      <PlainField
        v-model="to"
        :label="t('lrvTo')"
        inputmode="decimal"
        figure
        :fault="lrvTo.fault || undefined"
      />
      <PlainField
        v-model="upTo"
        :label="t('priceUpTo')"
        inputmode="decimal"
        figure
        :fault="priceTo.fault || undefined"
      />
    </form>
    <p class="second" role="status">
      {{
        said ||
        (library.state === 'loading'
          ? t('fetchingTheLibrary')
          : t('countSamplesInDecksDecks', { count: library.count, decks: library.decks.length }))
      }}
    </p>
    <NearList
      v-if="found.length > 0"
      :found="found"
      :price="price"
      :act="instead ? t('useInstead') : t('toTheBench')"
      @take="(f) => (instead ? useInstead(f) : take(f.sample))"
    />
    <p v-else-if="library.state === 'ready'" class="second teaching">
      {{ library.count === 0 ? t('theLibraryIsEmptyImport') : t('nothingInTheLibraryPasses') }}
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
@media (width < 760px) {
  .search {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
