<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { currencyDigits } from '@bonitas/core/kernel/money/currency'
import { ApiProblem, ServerGone } from '../../api/http.js'
import ListTable from '../../form/ListTable.vue'
import FileButton from '../../form/FileButton.vue'
import { useJobStore } from '../../job/jobStore.js'
import { DECK_FORMATS, readDeckFile, writeDeck, type DeckFormat } from './deckFiles.js'
import { useLibraryStore, type DeckLine } from './libraryStore.js'
import { saveText } from '../../files/saveFile.js'
import { t } from '../words.js'

/** The decks of the studio: out and in as files, and removed. */
const emit = defineEmits<{ said: [words: string] }>()
const store = useJobStore()
const library = useLibraryStore()
const confirming = ref('')
const digits = computed(() => currencyDigits(store.snapshot?.studio.currency ?? 'EUR'))
const WORDS: Readonly<Record<DeckFormat, string>> = { csv: 'CSV', gpl: 'GPL', cxf: 'CxF' }

async function save(deck: DeckLine, format: DeckFormat): Promise<void> {
  const samples = library.samples.filter((s) => s.deckId === deck.id)
  const whole = {
    name: deck.name,
    note: deck.note,
    samples: samples.map(({ deckId: _i, deck: _d, ...s }) => s),
  }
  saveText(`${deck.name}.${format}`, await writeDeck(whole, format, digits.value))
}

/** Does what may be refused, and says why nothing came of it. */
async function trying(nothing: string, work: () => Promise<string>): Promise<void> {
  try {
    emit('said', await work())
  } catch (error) {
    if (!(error instanceof InputError || error instanceof ApiProblem || error instanceof ServerGone))
      throw error
    emit('said', `${nothing} ${error.message || t('theServerDidNotAnswer')}`)
  }
}

async function picked(file: File): Promise<void> {
  emit('said', `Reading ${file.name} …`)
  await trying(t('nothingWasTakenOver'), async () => {
    const deck = await readDeckFile(file, digits.value)
    await library.keep(deck)
    return t('samplesSamplesTakenOverAs', { samples: deck.samples.length, name: deck.name })
  })
}

async function remove(deck: DeckLine): Promise<void> {
  if (confirming.value !== deck.id) {
    confirming.value = deck.id
    return
  }
  confirming.value = ''
  await trying(t('itWasNotRemoved'), async () => {
    await library.remove(deck.id)
    return t('nameIsRemovedFinishesTaken', { name: deck.name })
  })
}
</script>

<template>
  <section class="panel-part">
    <h2>{{ t('decks') }}</h2>
    <ListTable
      :rows="library.decks"
      :columns="[
        { id: 'name', head: '' },
        { id: 'acts', head: '' },
      ]"
      :key-of="(d) => d.id"
      headless
    >
      <template #cell-name="{ row: d }"
        >{{ d.name }}<span class="second"> · {{ d.samples }}</span></template
      >
      <template #cell-acts="{ row: d }"
        ><span class="acts"
          ><ElButton
            v-for="f in DECK_FORMATS"
            :key="f"
            link
            :aria-label="t('wordsExportName', { WORDS: WORDS[f], name: d.name })"
            @click="save(d, f)"
          >
            {{ WORDS[f] }}
          </ElButton>
          <ElButton
            link
            :aria-label="`${confirming === d.id ? 'Really?' : t('remove')} ${d.name}`"
            @click="remove(d)"
          >
            {{ confirming === d.id ? 'Really?' : t('remove') }}
          </ElButton></span
        ></template
      >
    </ListTable>
    <FileButton
      :label="t('deckToImport')"
      :words="t('importADeckCSVGPL')"
      accept=".csv,.gpl,.cxf,.xml,text/csv"
      @picked="picked"
    />
  </section>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  justify-content: flex-end;
  gap: 4px 12px;
}
</style>
