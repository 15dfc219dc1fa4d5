<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { ownedPiece, pieceOfItems, sizeSource } from '@bonitas/core/model/oneThing'
import { dayText } from '@bonitas/core/kernel/units/days'
import FieldFrame from '../form/FieldFrame.vue'
import ChoiceBox from '../form/ChoiceBox.vue'
import RowChoice from '../form/RowChoice.vue'
import { useJobStore } from './jobStore.js'

/**
 * What else a row is: the line that buys a piece, the piece a line becomes, the piece that an owned option or a loan is;
 * with where each fact comes from, and the way to where it is held.
 */
const props = defineProps<{ collection: 'pieces' | 'items' | 'options' | 'loans'; id: string }>()
const store = useJobStore()
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

const NOT_TIED = { value: null, text: 'nothing else' }
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
  { value: null, text: 'not drawn' },
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
        label="Bought as"
      />
      <p class="second">
        <template v-if="size">
          Its size is that of {{ size.name }},
          <RouterLink :to="jobPath(`source?item=${size.itemId}`)">chosen in Source</RouterLink>.
          <ElButton link @click="store.change('pieces', piece.id, { ownSize: true })">
            Give it a size of its own
          </ElButton>
        </template>
        <template v-else-if="chosen && piece.ownSize">
          Its size is its own.
          <ElButton link @click="store.change('pieces', piece.id, { ownSize: false })">
            Take that of {{ chosen.name }}
          </ElButton>
        </template>
        <template v-if="ownedFor">
          Owned, an option in
          <RouterLink :to="jobPath(`source?item=${ownedFor.itemId}`)">Source</RouterLink>.
        </template>
        <template v-if="loan">
          Borrowed{{ loan.owner ? ` from ${loan.owner}` : ''
          }}{{
            loan.backOn ? `, goes back by ${dayText(loan.backOn, store.day)}` : ', no day to give it back'
          }}: <RouterLink :to="jobPath('ledger/dates')">Dates</RouterLink>.
        </template>
      </p>
    </template>
    <template v-else-if="collection === 'items'">
      <p v-if="drawn" class="second">
        Drawn as {{ drawn.name }}, which holds its kind, fixing, weight, wall, uses and where the original is:
        changing them here changes the piece.
        <RouterLink :to="jobPath(`palette?row=${drawn.id}`)">To the piece</RouterLink>.
        <ElButton link @click="store.change('pieces', drawn.id, { itemId: null })">
          It is another thing
        </ElButton>
      </p>
      <FieldFrame v-else-if="free.length > 0" :id="`drawn-${id}`" label="Drawn as">
        <ChoiceBox
          :id="`drawn-${id}`"
          label="Drawn as"
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
      :label="collection === 'options' ? 'Piece of the house' : 'Piece of the room'"
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
.same-thing :deep(select),
select {
  max-width: 220px;
}
</style>
