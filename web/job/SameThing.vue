<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { ownedPiece, pieceOfItems, sizeSource } from '@bonitas/core/model/oneThing'
import FieldFrame from '../form/FieldFrame.vue'
import ChoiceBox from '../form/ChoiceBox.vue'
import RowChoice from '../form/RowChoice.vue'
import { useJobStore } from './jobStore.js'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

/**
 * What else a row is: the line that buys a piece, the piece a line becomes, the piece that an owned option or a loan is;
 * with where each fact comes from, and the way to where it is held.
 */
const props = defineProps<{ collection: 'pieces' | 'items' | 'options' | 'loans'; id: string }>()
const store = useJobStore()
const { day } = useLocale()
const job = computed(() => store.snapshot)
const row = computed(() => job.value?.[props.collection].find((r) => r.id === props.id))
const jobPath = (rest: string) => `/jobs/${job.value?.brief.id ?? ''}/${rest}`

const piece = computed(() => job.value?.pieces.find((p) => p.id === props.id))
const size = computed(() => job.value && piece.value && sizeSource(piece.value, job.value))
const chosen = computed(() => {
  const item = job.value?.items.find((i) => i.id === piece.value?.itemId)
  return item && job.value?.options.find((o) => o.id === item.chosenOptionId)
})
const loan = computed(() => job.value?.loans.find((l) => l.pieceId === props.id && !l.returnedOn))
const ownedFor = computed(() => job.value?.options.find((o) => ownedPiece(o) === props.id))
const drawn = computed(() => job.value && pieceOfItems(job.value.pieces).get(props.id))

const NOT_TIED = { value: null, text: t('nothingElse') }
const choices = computed(() => {
  const all = job.value
  if (!all) return []
  if (props.collection === 'pieces')
    return [
      NOT_TIED,
      ...all.items
        .filter((i) => i.category !== 'surfaces' && i.category !== 'services')
        .map((i) => ({ value: i.id, text: i.name })),
    ]
  return [NOT_TIED, ...all.pieces.filter((p) => p.there).map((p) => ({ value: p.id, text: p.name }))]
})
/** Pieces to come that no line buys yet: a line can be said to be one of them. */
const free = computed(() => job.value?.pieces.filter((p) => !p.there && !p.itemId) ?? [])
const drawChoices = computed(() => [
  { value: null, text: t('notDrawn') },
  ...free.value.map((p) => ({ value: p.id, text: p.name })),
])
function choosePiece(chosenPiece: string | null): void {
  if (chosenPiece) store.change('pieces', chosenPiece, { itemId: props.id })
}
</script>

<template>
  <div v-if="job && row" class="same-thing">
    <template v-if="collection === 'pieces' && piece">
      <RowChoice
        v-if="!piece.there || piece.itemId"
        collection="pieces"
        :row="piece"
        field="itemId"
        :choices="choices"
        :label="t('boughtAs')"
      />
      <p class="second">
        <template v-if="size">
          {{ t('itsSizeIsThatOf', { name: size.name }) }}
          <RouterLink :to="jobPath(`source?item=${size.itemId}`)">{{ t('chosenInSource') }}</RouterLink>.
          <ElButton link @click="store.change('pieces', piece.id, { ownSize: true })">
            {{ t('giveItASizeOf') }}
          </ElButton>
        </template>
        <template v-else-if="chosen && piece.ownSize">
          {{ t('itsSizeIsItsOwn') }}
          <ElButton link @click="store.change('pieces', piece.id, { ownSize: false })">
            {{ t('takeThatOfName', { name: chosen.name }) }}
          </ElButton>
        </template>
        <template v-if="ownedFor">
          {{ t('ownedAnOptionIn') }}
          <RouterLink :to="jobPath(`source?item=${ownedFor.itemId}`)">{{ t('source') }}</RouterLink>.
        </template>
        <template v-if="loan">
          {{
            t('borrowedOwnerBackOn', {
              owner: loan.owner ? ` from ${loan.owner}` : '',
              backOn: loan.backOn ? t('goesBackByBackOn', { backOn: day(loan.backOn) }) : t('noDayToGiveIt'),
            })
          }}
          <RouterLink :to="jobPath('ledger/dates')">{{ t('dates') }}</RouterLink>.
        </template>
      </p>
    </template>
    <template v-else-if="collection === 'items'">
      <p v-if="drawn" class="second">
        {{ t('drawnAsNameWhichHolds', { name: drawn.name }) }}
        <RouterLink :to="jobPath(`palette?row=${drawn.id}`)">{{ t('toThePiece') }}</RouterLink>.
        <ElButton link @click="store.change('pieces', drawn.id, { itemId: null })">
          {{ t('itIsAnotherThing') }}
        </ElButton>
      </p>
      <FieldFrame v-else-if="free.length > 0" :id="`drawn-${id}`" :label="t('drawnAs')">
        <ChoiceBox
          :id="`drawn-${id}`"
          :label="t('drawnAs')"
          :value="null"
          :choices="drawChoices"
          @choose="choosePiece"
        />
      </FieldFrame>
    </template>
    <RowChoice
      v-else
      :collection="collection"
      :row="row"
      field="pieceId"
      :choices="choices"
      :label="collection === 'options' ? t('pieceOfTheHouse') : t('pieceOfTheRoom')"
    />
  </div>
</template>

<style scoped>
.same-thing {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: end;
  font-size: 13px;
}
.same-thing p {
  margin: 0;
}
.same-thing :deep(.choice-box) {
  width: 220px;
}
</style>
