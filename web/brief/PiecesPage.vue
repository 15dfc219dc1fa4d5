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
import StageTabs from '../job/StageTabs.vue'
import PieceEntry from './PieceEntry.vue'
import PieceStrip from './PieceStrip.vue'
import SizeField from './SizeField.vue'
import { t } from './words.js'
import SeveralRows from '../job/SeveralRows.vue'
import type { SeveralFact } from '../job/severalFacts.js'
import { useWallChoices } from '../measure/useWallChoices.js'
import { FIXINGS } from '@bonitas/core/model/vocabulary/fixing'
import OrderRows from '../job/OrderRows.vue'

const store = useJobStore()
const job = computed(() => store.snapshot)
const pieces = computed(() => job.value?.pieces.filter((p) => p.there) ?? [])
const coming = computed(() => job.value?.pieces.filter((p) => !p.there) ?? [])
useStageKeys([
  [t('enterAnywhereInTheEntry'), t('keepThePieceOnTo')],
  ['1980 900 840', t('widthDepthHeightAsThey')],
])

const chosen = useInAddress('piece')
const selected = computed(() => job.value?.pieces.find((p) => p.id === chosen.value))
/** What is here on loan, in words; the loans themselves stand under Dates, with their days. */
const lent = computed(
  () =>
    new Map(
      (job.value?.loans ?? []).flatMap((l) =>
        l.pieceId && !l.returnedOn
          ? [[l.pieceId, l.owner ? t('lentFromOwner', { owner: l.owner }) : 'borrowed'] as const]
          : [],
      ),
    ),
)
const VERDICT_CHOICES = [
  { value: null, text: t('notJudged') },
  ...VERDICTS.map((v) => ({ value: v, text: v })),
]
const byVerdict = computed(() =>
  [...VERDICTS, null].map((v) => ({
    word: v ?? t('notJudged'),
    n: pieces.value.filter((p) => p.verdict === v).length,
  })),
)
const walls = useWallChoices(t('noWall'))
/** What is often the same for many: what they were judged to be, what they are made of, where they stand. */
const facts = computed((): SeveralFact[] => [
  { field: 'verdict', choices: VERDICT_CHOICES },
  { field: 'kind', choices: PIECE_KINDS },
  { field: 'material', kind: 'text' },
  { field: 'color', kind: 'text' },
  { field: 'place', kind: 'text', label: t('where') },
  { field: 'wallId', choices: walls.value, label: t('standsAt') },
  { field: 'fixing', choices: FIXINGS, label: t('held') },
  { field: 'sentimental' },
  { field: 'stays', label: t('notToBeMoved') },
  { field: 'reason', kind: 'text', label: t('reasonToStay') },
  { field: 'originalAt', kind: 'text', label: t('originalKeptAt') },
])
const columns: TableColumn<Piece>[] = [
  { id: 'name', head: t('piece'), kind: 'text', label: () => t('name') },
  { id: 'kind', head: t('kind'), choices: PIECE_KINDS },
  { id: 'size', head: 'W × D × H', figure: true },
  { id: 'material', head: t('material'), kind: 'text' },
  { id: 'color', head: t('color'), kind: 'text' },
  { id: 'place', head: t('where'), kind: 'text', label: (p) => t('whereNameStands', { name: p.name }) },
  {
    id: 'verdict',
    head: t('verdict'),
    choices: VERDICT_CHOICES,
    label: (p) => t('verdictOnName', { name: p.name }),
  },
  { id: 'more', head: t('more'), quietHead: true },
]
</script>

<template>
  <StagePage v-if="job" :title="t('brief')">
    <template #head><StageTabs stage="brief" /></template>
    <PieceEntry @kept="(id) => (chosen = id)" />
    <p class="second tally" role="status">
      {{
        t('piecesPieces2There', { pieces: pieces.length, pieces2: pieces.length === 1 ? 'piece' : 'pieces' })
      }}<template v-if="pieces.length > 0"
        >:
        <template v-for="(v, i) in byVerdict.filter((x) => x.n > 0)" :key="v.word"
          >{{ i > 0 ? ', ' : '' }}{{ v.n }} {{ v.word }}</template
        ></template
      >
      <template v-if="pieces.length > 1">
        <SeveralRows collection="pieces" :rows="pieces" :facts="facts" />
        <OrderRows collection="pieces" :rows="pieces" :what="t('pieces')" />
      </template>
    </p>
    <p v-if="pieces.length === 0" class="second teach">
      {{ t('walkThroughTheRoomOnce') }}
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
        <ElButton link :aria-label="t('moreAboutName', { name: row.name })" @click="chosen = row.id">{{
          t('more2')
        }}</ElButton>
      </template>
    </RowTable>
    <p v-if="coming.length > 0" class="second tally">
      {{
        t('comingMoreComing2StillTo', {
          coming: coming.length,
          coming2: coming.length === 1 ? t('pieceIs') : t('piecesAre'),
        })
      }}
    </p>
    <template v-if="selected" #strip>
      <PieceStrip :piece="selected" :lent="lent.has(selected.id)" />
    </template>
    <template #panel>
      <FindingsPanel stage="brief" page="pieces" :quiet="t('theBriefRaisesNoQuestion')" />
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
