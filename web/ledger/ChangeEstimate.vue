<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed, ref } from 'vue'
import { LEAVES_A_MARK } from '@bonitas/core/model/vocabulary/fixing'
import type { DerivedItem } from '@bonitas/core/job/deriveItems'
import { changeEstimate } from '@bonitas/core/stages/ledger/changeEstimate'
import ListTable from '../form/ListTable.vue'
import FoldPart from '../form/FoldPart.vue'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

/** An estimate of changing a room that is done: what of the first stays, what goes, what comes, and what only that costs. */
const store = useJobStore()
const { column, money } = useLocale()
/** What is unticked: of what stands it goes, of what could come it is no part of this. */
const unticked = ref<ReadonlySet<string>>(new Set())
function tick(id: string): void {
  const next = new Set(unticked.value)
  if (!next.delete(id)) next.add(id)
  unticked.value = next
}

const look = computed(() => {
  const items = store.derived?.items ?? []
  const isBought = (i: DerivedItem) => i.state === 'ordered' || i.state === 'delivered'
  return changeEstimate(
    items.filter(isBought).map((i) => ({
      id: i.item.id,
      name: i.item.name,
      costMinor: i.lines.reduce((sum, l) => sum + l.state.costMinor, 0),
      stays: !unticked.value.has(i.item.id),
      fixed: LEAVES_A_MARK.has(i.item.fixing),
    })),
    items
      .filter((i) => !isBought(i))
      .map((i) => ({
        id: i.item.id,
        name: i.item.name,
        costMinor: i.state === 'chosen' ? i.chosenMinor : i.item.targetMinor,
        makesGood: i.item.category === 'services' || i.item.category === 'surfaces',
        leftOut: unticked.value.has(i.item.id),
      })),
  )
})
const WORDS = { stays: t('stays'), goes: t('goes'), comes: t('comes'), 'left out': t('notPartOfIt') } as const
function propose(): void {
  const named = (what: 'goes' | 'comes') => look.value.lines.filter((l) => l.what === what).map((l) => l.name)
  store.add('proposals', {
    proposedOn: store.day,
    amountMinor: look.value.costMinor,
    why: t('changeEstimate'),
    items: [
      named('comes').length > 0 ? `${t('comes')}: ${named('comes').join(', ')}` : '',
      named('goes').length > 0 ? `${t('goes')}: ${named('goes').join(', ')}` : '',
    ]
      .filter(Boolean)
      .join('; ')
      .slice(0, 400),
    state: 'proposed',
    answeredOn: null,
    answer: '',
  })
}
const COLUMNS = [
  { id: 'thing', head: t('thing') },
  { id: 'first', head: t('firstLook'), figure: true },
  { id: 'then', head: t('withTheChange'), figure: true },
  { id: 'what', head: t('whatBecomesOfIt'), quietHead: true },
]
</script>

<template>
  <FoldPart v-if="look.lines.some((l) => l.what === 'stays' || l.what === 'goes')" class="look">
    <template #title
      ><h2>{{ t('whatAChangeWouldCost') }}</h2></template
    >
    <p class="second">
      {{ t('untickWhatGoesAndWhat') }}
    </p>
    <ListTable
      :rows="look.lines"
      :columns="COLUMNS"
      :key-of="(l) => l.id"
      :sums="{ thing: t('all'), first: column(look.firstMinor), then: column(look.costMinor) }"
    >
      <template #cell-thing="{ row: l }"
        ><ElCheckbox :model-value="!unticked.has(l.id)" @change="tick(l.id)">{{
          l.name
        }}</ElCheckbox></template
      >
      <template #cell-first="{ row: l }">{{
        l.what === 'stays' || l.what === 'goes' ? column(l.firstMinor) : ''
      }}</template>
      <template #cell-then="{ row: l }">{{ column(l.costMinor) }}</template>
      <template #cell-what="{ row: l }"
        ><span class="second">{{ WORDS[l.what] }}</span></template
      >
    </ListTable>
    <p>
      {{ t('theChangeCosts') }} <b>{{ money(look.costMinor) }}</b><template v-if="look.leftBehindMinor > 0">{{
        t('leftBehindMinorOfTheFirstLook', { leftBehindMinor: money(look.leftBehindMinor) })
      }}</template
      >.
    </p>
    <p v-if="look.unfixed.length > 0" class="mind">
      {{ t('takingOffJoinLeavesA', { join: look.unfixed.join(' and ') }) }}
    </p>
    <ElButton :disabled="look.costMinor === 0" @click="propose">
      {{ t('proposeCostMinor', { costMinor: money(look.costMinor) }) }}
    </ElButton>
  </FoldPart>
</template>

<style scoped>
.look {
  width: 100%;
}
.look > p:has(b) {
  padding-top: 6px;
}
.mind {
  border-left: 4px solid var(--ink);
  padding-left: 10px;
}
</style>
