<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, defineAsyncComponent, nextTick, ref, watch } from 'vue'
import type { DerivedItem } from '@bonitas/core/job/deriveItems'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import { useInAddress } from '../job/useInAddress.js'
import { typing, useStageKeys } from '../job/keys.js'
import { showPanel } from '../job/panel.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useWindowed } from '../job/useWindowed.js'
import ItemEditor from './ItemEditor.vue'
import ItemSearch from './ItemSearch.vue'
import MoreMoney from './MoreMoney.vue'
import OptionCard from './OptionCard.vue'
import PlanLimits from './PlanLimits.vue'
import PriceAxis from './PriceAxis.vue'
import OptionEditor from './OptionEditor.vue'
import QuickCapture from './QuickCapture.vue'
import { useItemActs } from './useItemActs.js'
import { isBought, useItemSearch } from './useItemSearch.js'
import { t } from './words.js'

const ROW_PX = 44
const SeveralItems = defineAsyncComponent(() => import('./SeveralItems.vue'))
const store = useJobStore()
const job = computed(() => store.snapshot)
const items = computed(() => store.derived?.items ?? [])
const itemId = useInAddress('item')
const optionId = ref<string>()
const root = ref<HTMLElement>()
const strip = ref<'curve' | 'item'>('curve')
/** The axis and the options first; the editor with the findings, once these are on screen. */
const drawn = computed(() => store.findings !== undefined)

const { search, only, filtered, showAll } = useItemSearch(items)
const { shown, before, after, reveal } = useWindowed(filtered, ROW_PX, root)
// The item in hand stays while others are searched for.
const item = computed(() => items.value.find((i) => i.item.id === itemId.value) ?? items.value[0])
const option = computed(() => item.value?.options.find((o) => o.option.id === optionId.value))

useStageKeys([
  ['↑ ↓', t('previousAndNextItem')],
  ['D, C', t('dearerCheaperOption')],
  ['Enter', t('chooseTheOptionMarkedOr')],
  ['N', t('newItem')],
  ['O', t('newOptionForThisItem')],
  ['F', t('aFindInOneLine')],
  ['E', t('whatTheItemAsksFor')],
  ['/', t('searchItemsAndOptions')],
])

watch(
  item,
  (now, then) => {
    if (now?.item.id !== then?.item.id) optionId.value = (now?.chosen ?? now?.options[0])?.option.id
  },
  { immediate: true },
)

// The strip takes room from the bench: the row in hand stays in sight.
watch(strip, () => void nextTick(() => item.value && reveal(filtered.value.indexOf(item.value))))

const { toggle, newItem, newOption, removeItem, removeOption } = useItemActs()
function addItem(): void {
  showAll()
  itemId.value = newItem()
  strip.value = 'item'
  void focusIn('.item-editor')
  void nextTick(() => reveal(filtered.value.findIndex((i) => i.item.id === itemId.value)))
}
function addOption(): void {
  if (!item.value) return
  optionId.value = newOption(item.value)
  void focusIn('.option-editor')
}
function takeOut(i: DerivedItem): void {
  removeItem(i)
  itemId.value = undefined
}

async function focusIn(where: '.item-editor' | '.option-editor' | '.capture'): Promise<void> {
  // The editors stand beside the bench, in the strip and the panel.
  if (where !== '.item-editor') await showPanel()
  await nextTick(() => document.querySelector<HTMLElement>(`${where} input, ${where} textarea`)?.focus())
}

function step(by: number): void {
  const at = filtered.value.findIndex((x) => x === item.value)
  const next = Math.max(0, Math.min(filtered.value.length - 1, at + by))
  itemId.value = filtered.value[next]?.item.id
  reveal(next)
  void nextTick(() => root.value?.querySelector<HTMLElement>('tr.here .need')?.focus())
}

function mark(by: 1 | -1): void {
  const options = item.value?.options ?? []
  const at = options.findIndex((o) => o === option.value)
  optionId.value = options[Math.max(0, Math.min(options.length - 1, at + by))]?.option.id
}
const KEYS: Readonly<Record<string, () => void>> = {
  ArrowDown: () => step(1),
  ArrowUp: () => step(-1),
  ArrowRight: () => mark(1),
  ArrowLeft: () => mark(-1),
  d: () => mark(1),
  c: () => mark(-1),
  n: addItem,
  o: addOption,
  f: () => void focusIn('.capture'),
  e: () => (strip.value = strip.value === 'item' ? 'curve' : 'item'),
  '/': () => document.querySelector<HTMLElement>('#item-search')?.focus(),
}
function keys(event: KeyboardEvent): void {
  if (typing(event) || event.ctrlKey || event.altKey || event.metaKey) return
  const [i, o] = [item.value, option.value]
  const onNeed = (event.target as HTMLElement).classList.contains('need')
  if (event.key === 'Enter' && i && o && onNeed) toggle(i, o)
  else if (KEYS[event.key]) KEYS[event.key]?.()
  else return
  event.preventDefault()
}

/** What the rule book says of the item in hand; when it has nothing to say, the gravest of the others. */
const findings = computed(() => {
  const all = (store.findings ?? []).filter((f) => f.rule.startsWith('source.'))
  const own = all.filter((f) => f.about.some((r) => r.id === item.value?.item.id))
  return own.length > 0 ? { elsewhere: false, list: own } : { elsewhere: true, list: all.slice(0, 4) }
})
</script>

<template>
  <StagePage v-if="job" broad :title="t('source')" :says="t('filledChosenDottedStruckOut')" @keydown="keys">
    <template #head>
      <StageTabs stage="source" />
      <span class="add">
        <SeveralItems v-if="drawn && items.length > 1" />
        <ElButton @click="addItem">{{ t('newItem') }}</ElButton>
      </span>
    </template>
    <div ref="root">
      <ItemSearch v-if="items.length > 0" v-model:search="search" v-model:only="only" />
      <PriceAxis
        v-if="items.length > 0"
        :items="items"
        :shown="shown"
        :before="before"
        :after="after"
        :item="item"
        :option-id="optionId"
        @take="(id) => (itemId = id)"
        @mark="(id, option) => ((itemId = id), (optionId = option))"
      />
      <p v-if="items.length > 0 && filtered.length === 0" class="second none">
        {{ t('nothingHereIsCalledThat') }}
      </p>
      <div v-if="items.length === 0" class="teach">
        <h2>{{ t('theScheduleDecidesWhatIs') }}</h2>
        <p>
          {{ t('anItemIsOneThing') }}
        </p>
        <ElButton type="primary" @click="addItem">{{ t('addTheFirstItem') }}</ElButton>
      </div>
    </div>
    <template v-if="item" #strip>
      <div class="strip-head">
        <ElButton link :aria-pressed="strip === 'curve'" @click="strip = 'curve'">{{ t('curve') }}</ElButton>
        <ElButton link :aria-pressed="strip === 'item'" @click="strip = 'item'">
          {{ t('whatNameAsksFor', { name: item.item.name }) }}
        </ElButton>
        <PlanLimits v-if="strip === 'item'" :item="item" />
      </div>
      <ItemEditor v-if="strip === 'item'" :item="item" @remove="takeOut(item)" />
      <MoreMoney v-else />
    </template>
    <template v-if="item" #panel>
      <div class="of">
        <h2>{{ item.item.name }}</h2>
        <ElButton @click="addOption">{{ t('newOption') }}</ElButton>
      </div>
      <p v-if="item.item.intent" class="second">{{ item.item.intent }}</p>
      <QuickCapture :item="item" @kept="(id) => (optionId = id)" />
      <p v-if="item.options.length === 0" class="second">
        {{ t('noOptionYetShopThe') }}
      </p>
      <OptionCard
        v-for="o in item.options"
        :key="o.option.id"
        :item="item"
        :option="o"
        :marked="o === option"
        :live="isBought(item)"
        @mark="optionId = o.option.id"
        @toggle="toggle(item, o)"
      />
      <template v-if="findings.list.length > 0">
        <h2 v-if="findings.elsewhere">{{ t('onOtherItems') }}</h2>
        <FindingsPanel stage="source" :list="findings.list" whole :most="6" />
      </template>
      <OptionEditor
        v-if="option && drawn"
        :item="item"
        :option="option"
        :live="isBought(item)"
        @remove="removeOption(item, option)"
      />
    </template>
  </StagePage>
</template>

<style scoped>
.add {
  order: 3;
  margin-left: auto;
  flex: none;
  display: flex;
  gap: 12px;
  align-items: baseline;
}
.none {
  padding: 14px 0;
}
.teach {
  max-width: 58ch;
  padding-top: 26px;
  display: grid;
  gap: 12px;
  justify-items: start;
}
.of {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
.strip-head {
  display: flex;
  gap: 16px;
  align-items: baseline;
}
.strip-head :deep(.el-button) {
  flex: none;
  white-space: nowrap;
}
.strip-head .el-button[aria-pressed='true'] {
  font-weight: 600;
  text-decoration: none;
}
</style>
