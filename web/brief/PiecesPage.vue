<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'

import { PIECE_KINDS, VERDICTS } from '@bonitas/core/model/vocabulary/piece'
import type { Piece } from '@bonitas/core/model/rows/pieces'
import RowTable from '../form/RowTable.vue'
import type { TableColumn } from '../form/tableColumn.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import { useInAddress } from '../job/useInAddress.js'
import { useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import PieceEntry from './PieceEntry.vue'
import PieceStrip from './PieceStrip.vue'
import StageTabs from '../job/StageTabs.vue'
import SizeField from './SizeField.vue'

const store = useJobStore()
const job = computed(() => store.snapshot)
const pieces = computed(() => job.value?.pieces.filter((p) => p.there) ?? [])
const coming = computed(() => job.value?.pieces.filter((p) => !p.there) ?? [])
useStageKeys([
  ['Enter anywhere in the entry', 'Keep the piece, on to the next'],
  ['1980 900 840', 'Width, depth, height as they are spoken'],
])

const chosen = useInAddress('piece')
const selected = computed(() => job.value?.pieces.find((p) => p.id === chosen.value))
/** What is here on loan, in words; the loans themselves stand under Dates, with their days. */
const lent = computed(
  () =>
    new Map(
      (job.value?.loans ?? []).flatMap((l) =>
        l.pieceId && !l.returnedOn
          ? [[l.pieceId, l.owner ? `lent from ${l.owner}` : 'borrowed'] as const]
          : [],
      ),
    ),
)
const VERDICT_CHOICES = [{ value: null, text: 'not judged' }, ...VERDICTS.map((v) => ({ value: v, text: v }))]
const byVerdict = computed(() =>
  [...VERDICTS, null].map((v) => ({
    word: v ?? 'not judged',
    n: pieces.value.filter((p) => p.verdict === v).length,
  })),
)
const columns: TableColumn<Piece>[] = [
  { id: 'name', head: 'Piece', kind: 'text', label: () => 'Name' },
  { id: 'kind', head: 'Kind', choices: PIECE_KINDS },
  { id: 'size', head: 'W × D × H', figure: true },
  { id: 'material', head: 'Material', kind: 'text' },
  { id: 'color', head: 'Color', kind: 'text' },
  { id: 'place', head: 'Where', kind: 'text', label: (p) => `Where ${p.name} stands` },
  { id: 'verdict', head: 'Verdict', choices: VERDICT_CHOICES, label: (p) => `Verdict on ${p.name}` },
  { id: 'more', head: 'More', quietHead: true },
]
</script>

<template>
  <StagePage v-if="job" title="Brief">
    <template #head><StageTabs stage="brief" /></template>
    <PieceEntry @kept="(id) => (chosen = id)" />
    <p class="second tally" role="status">
      {{ pieces.length }} {{ pieces.length === 1 ? 'piece' : 'pieces' }} there<template
        v-if="pieces.length > 0"
        >:
        <template v-for="(v, i) in byVerdict.filter((x) => x.n > 0)" :key="v.word"
          >{{ i > 0 ? ', ' : '' }}{{ v.n }} {{ v.word }}</template
        ></template
      >
    </p>
    <p v-if="pieces.length === 0" class="second teach">
      Walk through the room once and enter what is there: a name, its size, Enter. The kind is taken from the
      name. Each piece then gets a verdict, and a purpose or a reason to stay.
    </p>
    <RowTable
      v-else
      v-model:chosen="chosen"
      collection="pieces"
      :rows="pieces"
      :columns="columns"
      :name-of="(p) => p.name"
      :row-class="(p) => ({ gone: p.verdict === 'let go' })"
    >
      <template #after-name="{ row }">
        <span v-if="row.sentimental || lent.has(row.id)" class="second flags">{{
          [row.sentimental && 'sentimental', lent.get(row.id)].filter(Boolean).join(', ')
        }}</span>
      </template>
      <template #cell-size="{ row }"><SizeField :piece="row" /></template>
      <template #cell-more="{ row }">
        <ElButton link :aria-label="`More about ${row.name}`" @click="chosen = row.id">more</ElButton>
      </template>
    </RowTable>
    <p v-if="coming.length > 0" class="second tally">
      {{ coming.length }} more {{ coming.length === 1 ? 'piece is' : 'pieces are' }} still to come; they are
      laid out in the Palette.
    </p>
    <template v-if="selected" #strip>
      <PieceStrip :piece="selected" :lent="lent.has(selected.id)" />
    </template>
    <template #panel>
      <FindingsPanel stage="brief" quiet="The brief raises no question." />
    </template>
  </StagePage>
</template>

<style scoped>
.tally {
  margin: 8px 0 4px;
}
.teach {
  max-width: 62ch;
}
:deep(.of-name) {
  min-width: 128px;
}
:deep(.of-size) {
  white-space: nowrap;
}
.flags {
  display: block;
  margin-top: -4px;
}
:deep(tr.gone .of-name textarea) {
  text-decoration: line-through;
}
</style>
