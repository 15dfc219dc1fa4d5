<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { labToHex, lrv, type LabD65 } from '@bonitas/core/color/lab'
import { InputError } from '@bonitas/core/errors/InputError'
import { currencyDigits } from '@bonitas/core/money/currency'
import { MATERIALS, SHEENS, type Material } from '@bonitas/core/palette/schema'
import { NEW_SAMPLE, type Deck } from '@bonitas/core/palette/library/sample'
import { ApiProblem, ServerGone } from '../api/http.js'
import PlainField from '../form/PlainField.vue'
import { agreeingSamples } from '@bonitas/core/palette/library/agreeing'
import { wearInstead } from '@bonitas/core/palette/rules/wearInstead'
import { useRoute } from 'vue-router'
import { useJobStore } from '../job/jobStore.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import ColorField from './ColorField.vue'
import { saveText } from './library/saveText.js'
import { useLibraryStore, type DeckLine, type NearSample } from './library/libraryStore.js'
import NearList from './library/NearList.vue'
import { useBench } from './library/useBench.js'
import { useColorReader } from './library/useColorReader.js'
import { PALETTE_PAGES } from './paletteTabs.js'

const store = useJobStore()
const library = useLibraryStore()
const { take, said, price } = useBench()
const reader = useColorReader()
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
const confirming = ref('')
const picker = ref<HTMLInputElement>()
const WORDS = [
  'none',
  'pink',
  'red',
  'orange',
  'yellow',
  'yellow-green',
  'green',
  'green-blue',
  'blue',
  'violet',
]
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
  const mend = from && to && facts && wearInstead(facts, from, to)
  if (mend) {
    store.applyMend(mend)
    said.value = `${near.sample.name} takes the place of ${from.finish.name}.`
    insteadId.value = id
  } else
    said.value = `${near.sample.name} is on the bench; what wears ${from?.finish.name ?? 'it'} stays as it is.`
}
async function search(): Promise<void> {
  if (library.state !== 'ready') return
  if (instead.value && store.derived) {
    found.value = agreeingSamples(store.derived.palette, instead.value, library.samples, 12)
    return
  }
  found.value = await library.nearest(lab.value, 14, {
    materials: material.value ? [material.value] : undefined,
    sheen: sheen.value || undefined,
    undertone: word.value || undefined,
    lrvFrom: lrvFrom.value.value,
    lrvTo: lrvTo.value.value,
    priceToMinor:
      priceTo.value.value === undefined ? undefined : Math.round(priceTo.value.value * 10 ** digits.value),
  })
}
onMounted(loadAll)
onBeforeUnmount(reader.disconnect)
watch([lab, material, sheen, word, from, to, upTo, insteadId, () => library.samples], search, {
  immediate: true,
})

/** The formats a deck can travel in; their code is fetched when one is used. */
async function write(deck: DeckLine, format: 'csv' | 'gpl' | 'cxf'): Promise<void> {
  const whole: Deck = {
    name: deck.name,
    note: deck.note,
    samples: library.samples.filter((s) => s.deckId === deck.id).map(({ deckId: _i, deck: _d, ...s }) => s),
  }
  const text =
    format === 'csv'
      ? (await import('@bonitas/core/palette/library/deckCsv')).deckToCsv(whole, digits.value)
      : format === 'gpl'
        ? (await import('@bonitas/core/palette/library/deckGpl')).deckToGpl(whole)
        : (await import('@bonitas/core/palette/library/deckCxf')).deckToCxf(whole)
  saveText(`${deck.name}.${format}`, text)
}

async function read(file: File): Promise<Deck> {
  const text = await file.text()
  const name = file.name.replace(/\.[^.]+$/, '') || 'Deck'
  if (/\.gpl$/i.test(file.name))
    return (await import('@bonitas/core/palette/library/deckGpl')).deckFromGpl(text, name)
  if (/\.(cxf|xml)$/i.test(file.name))
    return (await import('@bonitas/core/palette/library/deckCxf')).deckFromCxf(text, name)
  return (await import('@bonitas/core/palette/library/deckCsv')).deckFromCsv(text, name, digits.value)
}

async function picked(): Promise<void> {
  const file = picker.value?.files?.[0]
  if (picker.value) picker.value.value = ''
  if (!file) return
  said.value = `Reading ${file.name} …`
  try {
    if (file.size > 20e6)
      throw new InputError('DECK_NOT_READ', { what: 'is over 20 MB', where: 'The file', mend: 'Split it.' })
    const deck = await read(file)
    await library.keep(deck)
    said.value = `${deck.samples.length} samples taken over as “${deck.name}”.`
  } catch (error) {
    if (!(error instanceof InputError || error instanceof ApiProblem || error instanceof ServerGone))
      throw error
    said.value = `Nothing was taken over. ${error.message || 'The server did not answer.'}`
  }
}

async function remove(deck: DeckLine): Promise<void> {
  if (confirming.value !== deck.id) {
    confirming.value = deck.id
    return
  }
  confirming.value = ''
  await library.remove(deck.id)
}

const measuredName = ref('')
watch(reader.name, (n) => (measuredName.value = n))
const measured = computed(() => {
  const mean = reader.spread.value?.mean
  const name = measuredName.value.trim()
  return mean && name
    ? { ...NEW_SAMPLE, name, lab: mean, material: readAs.value, readings: reader.readings.value }
    : undefined
})
const readAs = ref<Material>('textile')
const measuredFault = computed(() =>
  reader.readings.value.length > 0 && measuredName.value.trim() === '' ? 'Name the sample.' : '',
)
async function keepMeasured(): Promise<void> {
  if (!measured.value) return
  try {
    await library.keepMeasured(measured.value)
    said.value = `${measured.value.name} is kept in the deck “Measured”.`
  } catch (error) {
    if (!(error instanceof ServerGone || error instanceof ApiProblem)) throw error
    said.value = 'It could not be kept: the server did not answer. The readings stay here.'
  }
}
const STATE_WORDS = {
  off: '',
  connecting: 'looking for the reader …',
  on: 'Reader ready: lay it on a sample and press its trigger.',
  lost: 'The reader is gone. What it read stays here.',
  none: 'No color reader is set up for this program.',
} as const
</script>

<template>
  <StagePage v-if="store.snapshot" title="Palette" broad>
    <template #head><StageTabs stage="palette" :pages="PALETTE_PAGES" /></template>
    <p v-if="trouble" class="fault" role="alert">
      {{ trouble }} <button class="word" @click="loadAll">Try again</button>
    </p>
    <form class="search" @submit.prevent="search">
      <ColorField :lab="lab" label="Nearest to" @keep="(v) => (lab = v)" />
      <div class="row-field">
        <label for="of-finish">Instead of, and agreeing with the room</label>
        <select id="of-finish" v-model="insteadId">
          <option value=""></option>
          <option v-for="f in store.derived?.palette.finishes" :key="f.finish.id" :value="f.finish.id">
            {{ f.finish.name }}
          </option>
        </select>
      </div>
      <div class="row-field">
        <label for="of-material">Material</label>
        <select id="of-material" v-model="material">
          <option value="">any</option>
          <option v-for="m in MATERIALS" :key="m">{{ m }}</option>
        </select>
      </div>
      <div class="row-field">
        <label for="of-word">Undertone</label>
        <select id="of-word" v-model="word">
          <option value="">any</option>
          <option v-for="w in WORDS" :key="w">{{ w }}</option>
        </select>
      </div>
      <div class="row-field">
        <label for="of-sheen">Sheen</label>
        <select id="of-sheen" v-model="sheen">
          <option value="">any</option>
          <option v-for="s in SHEENS" :key="s">{{ s }}</option>
        </select>
      </div>
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
    <p v-else-if="library.state === 'ready'" class="second teach">
      {{
        library.count === 0
          ? 'The library is empty. Import a deck at the right: a paint maker’s list as CSV, GPL or CxF, or samples read with the color reader. Every color picked from a picture is then answered with the nearest finish that can be bought.'
          : 'Nothing in the library passes these filters. Widen them.'
      }}
    </p>
    <template #panel>
      <section>
        <h2>Decks</h2>
        <table>
          <tbody>
            <tr v-for="d in library.decks" :key="d.id">
              <td>
                {{ d.name }}<span class="second"> · {{ d.samples }}</span>
              </td>
              <td class="acts">
                <button
                  v-for="f in ['csv', 'gpl', 'cxf'] as const"
                  :key="f"
                  class="word"
                  :aria-label="`Export ${d.name} as ${f.toUpperCase()}`"
                  @click="write(d, f)"
                >
                  {{ f === 'cxf' ? 'CxF' : f.toUpperCase() }}
                </button>
                <button
                  class="word"
                  :aria-label="confirming === d.id ? `Really remove ${d.name}` : `Remove ${d.name}`"
                  @click="remove(d)"
                >
                  {{ confirming === d.id ? 'Really?' : 'Remove' }}
                </button>
              </td>
            </tr>
          </tbody>
        </table>
        <input
          ref="picker"
          class="said-once"
          type="file"
          accept=".csv,.gpl,.cxf,.xml,text/csv"
          tabindex="-1"
          aria-label="Deck to import"
          @change="picked"
        />
        <button class="button" @click="picker?.click()">Import a deck (CSV, GPL, CxF)</button>
      </section>
      <section>
        <h2>Color reader</h2>
        <p class="second" role="status">{{ reader.said.value || STATE_WORDS[reader.state.value] }}</p>
        <button v-if="reader.state.value !== 'on'" class="button" @click="reader.connect">
          Connect the reader
        </button>
        <template v-if="reader.spread.value">
          <div class="read">
            <i :style="{ background: labToHex(reader.spread.value.mean) }"></i>
            <p>
              {{ reader.readings.value.length }}
              {{ reader.readings.value.length === 1 ? 'reading' : 'readings' }}, LRV
              {{ lrv(reader.spread.value.mean).toFixed(0) }}<br />
              <span class="second">{{
                reader.readings.value.length === 1
                  ? 'Read it again to see its spread.'
                  : `spread ΔE00 ${reader.spread.value.spread.toFixed(2)}${reader.spread.value.spread > 2 ? ': uneven, worn or patterned; one value would lie' : ''}`
              }}</span>
            </p>
          </div>
          <PlainField v-model="measuredName" label="Sample" :fault="measuredFault || undefined" />
          <div class="row-field">
            <label for="read-as">Material</label>
            <select id="read-as" v-model="readAs">
              <option v-for="m in MATERIALS" :key="m">{{ m }}</option>
            </select>
          </div>
          <div class="acts">
            <button class="button" :disabled="!measured" @click="measured && take(measured)">
              To the bench
            </button>
            <button class="button" :disabled="!measured" @click="keepMeasured">Keep in the library</button>
            <button class="word" @click="lab = reader.spread.value.mean">Find the nearest</button>
            <button class="word" @click="reader.begin">Begin anew</button>
          </div>
        </template>
      </section>
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
section {
  display: grid;
  gap: 8px;
  justify-items: start;
}
section table {
  border-top: 1px solid var(--ink);
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
}
td.acts {
  justify-content: flex-end;
}
.read {
  display: flex;
  gap: 12px;
}
.read i {
  width: 72px;
  height: 44px;
}
.teach {
  max-width: 62ch;
  font-size: 14px;
  padding-top: 12px;
}
</style>
