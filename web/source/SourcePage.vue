<script setup lang="ts">
import { ROWS } from '@bonitas/core/model/registry'
import { computed, nextTick, ref, watch } from 'vue'
import type { DerivedItem, DerivedOption } from '@bonitas/core/job/deriveItems'

import { CATEGORIES } from '@bonitas/core/model/vocabulary/category'
import { currencyDigits } from '@bonitas/core/kernel/money/currency'
import { moneyColumnText } from '@bonitas/core/kernel/money/moneyText'
import { useLocale } from '../form/useLocale.js'
import { nextPosition } from '../job/edits.js'
import FindingsPanel from '../job/FindingsPanel.vue'
import { useJobStore } from '../job/jobStore.js'
import { useInAddress } from '../job/useInAddress.js'
import { typing, useStageKeys } from '../job/keys.js'
import { afterPaint } from '../job/afterPaint.js'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import AxisRow from './AxisRow.vue'
import { AxisMark } from './AxisMark.js'
import { axisView } from './axisView.js'
import ItemEditor from './ItemEditor.vue'
import NextEuro from './NextEuro.vue'
import OptionCard from './OptionCard.vue'
import PlanLimits from './PlanLimits.vue'
import OptionEditor from './OptionEditor.vue'
import QuickCapture from './QuickCapture.vue'
import { useWindowed } from '../job/useWindowed.js'

const ROW_PX = 44
const store = useJobStore()
const { money } = useLocale()
const job = computed(() => store.snapshot)
const items = computed(() => store.derived?.items ?? [])
const currency = computed(() => job.value?.studio.currency ?? 'EUR')
const axis = computed(() => axisView(items.value, currencyDigits(currency.value)))
const itemId = useInAddress('item')
const optionId = ref<string>()
const root = ref<HTMLElement>()
const strip = ref<'curve' | 'item'>('curve')
/** The axis and the options first; the editor with the findings, once these are on screen. */
const drawn = computed(() => store.findings !== undefined)

/** What is searched of an item; a derived item is made anew when anything of it changes. */
const texts = new WeakMap<DerivedItem, string>()
function textOf(i: DerivedItem): string {
  let text = texts.get(i)
  if (text === undefined) {
    text =
      `${i.item.name} ${i.item.intent} ${i.item.specification} ${i.options.map((o) => o.option.name).join(' ')}`.toLowerCase()
    texts.set(i, text)
  }
  return text
}

watch(
  items,
  afterPaint(() => items.value.forEach(textOf)),
  { immediate: true },
)

const search = ref('')
const only = ref('all')
const SHOWN = ['all', 'open', 'chosen', 'ordered', 'over target', ...CATEGORIES]
const filtered = computed(() => {
  const words = search.value.toLowerCase().split(/\s+/).filter(Boolean)
  if (words.length === 0 && only.value === 'all') return items.value
  return items.value.filter((i) => {
    if (only.value === 'open' || only.value === 'chosen') {
      if (i.state !== only.value) return false
    } else if (only.value === 'ordered') {
      if (i.state !== 'ordered' && i.state !== 'delivered') return false
    } else if (only.value === 'over target') {
      if (!(i.chosenMinor > i.item.targetMinor && i.item.targetMinor > 0)) return false
    } else if (only.value !== 'all' && i.item.category !== only.value) return false
    if (words.length === 0) return true
    const text = textOf(i)
    return words.every((w) => text.includes(w))
  })
})
const { shown, before, after, reveal } = useWindowed(filtered, ROW_PX, root)
// The item in hand stays while others are searched for.
const item = computed(() => items.value.find((i) => i.item.id === itemId.value) ?? items.value[0])
const option = computed(() => item.value?.options.find((o) => o.option.id === optionId.value))

useStageKeys([
  ['↑ ↓', 'Previous and next item'],
  ['D, C', 'Dearer, cheaper option'],
  ['Enter', 'Choose the option marked, or let it go'],
  ['N', 'New item'],
  ['O', 'New option for this item'],
  ['F', 'A find in one line'],
  ['E', 'What the item asks for, or the curve'],
  ['/', 'Search items and options'],
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

const live = (i: DerivedItem) => i.state === 'ordered' || i.state === 'delivered'

function toggle(i: DerivedItem, o: DerivedOption): void {
  if (live(i)) return
  store.change('items', i.item.id, { chosenOptionId: o.chosen ? null : o.option.id })
}

function addItem(): void {
  const all = job.value?.items ?? []
  search.value = ''
  only.value = 'all'
  itemId.value = store.add('items', {
    ...ROWS.items.blank(),
    serves: [],
    demands: [],
    name: `Item ${all.length + 1}`,
    category: 'furniture',
    targetMinor: 0,
    neededOn: job.value?.brief.installOn ?? null,
    position: nextPosition(all),
  })
  strip.value = 'item'
  focusIn('.item-editor')
  void nextTick(() => reveal(filtered.value.findIndex((i) => i.item.id === itemId.value)))
}

function addOption(): void {
  const i = item.value
  if (!i) return
  optionId.value = store.add('options', {
    ...ROWS.options.blank(),
    traits: [],
    lookedAt: [],
    itemId: i.item.id,
    name: `Option ${i.options.length + 1}`,
    priceMinor: i.item.targetMinor,
  })
  focusIn('.option-editor')
}

function removeItem(i: DerivedItem): void {
  store.remove('items', i.item.id)
  itemId.value = undefined
}

function removeOption(i: DerivedItem, o: DerivedOption): void {
  if (o.chosen) store.change('items', i.item.id, { chosenOptionId: null })
  store.remove('options', o.option.id)
}

function focusIn(where: string): void {
  // The editors stand beside the bench, in the strip and the panel.
  void nextTick(() => document.querySelector<HTMLElement>(`${where} input, ${where} textarea`)?.focus())
}

function step(by: number): void {
  const at = filtered.value.findIndex((x) => x === item.value)
  const next = Math.max(0, Math.min(filtered.value.length - 1, at + by))
  itemId.value = filtered.value[next]?.item.id
  reveal(next)
  void nextTick(() => root.value?.querySelector<HTMLElement>('tr.here .need')?.focus())
}

function keys(event: KeyboardEvent): void {
  if (typing(event) || event.ctrlKey || event.altKey || event.metaKey) return
  const i = item.value
  const down = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0
  const dear =
    event.key === 'd' || event.key === 'ArrowRight'
      ? 1
      : event.key === 'c' || event.key === 'ArrowLeft'
        ? -1
        : 0
  if (down !== 0) step(down)
  else if (dear !== 0 && i) {
    const at = i.options.findIndex((o) => o === option.value)
    optionId.value = i.options[Math.max(0, Math.min(i.options.length - 1, at + dear))]?.option.id
  } else if (event.key === 'n') addItem()
  else if (event.key === 'o') addOption()
  else if (event.key === 'f') focusIn('.capture')
  else if (event.key === 'e') strip.value = strip.value === 'item' ? 'curve' : 'item'
  else if (event.key === '/') document.querySelector<HTMLElement>('#item-search')?.focus()
  else if (
    event.key === 'Enter' &&
    i &&
    option.value &&
    (event.target as HTMLElement).classList.contains('need')
  )
    toggle(i, option.value)
  else return
  event.preventDefault()
}

const stateText = (i: DerivedItem) =>
  i.state === 'open'
    ? 'open'
    : i.state === 'chosen'
      ? money(i.chosenMinor)
      : moneyColumnText(
          i.lines.reduce((s, l) => s + l.state.dueMinor, 0),
          currency.value,
          job.value?.studio.locale,
        ).replace(/[.,]00$/, '')

/** What the rule book says of the item in hand; when it has nothing to say, the gravest of the others. */
const findings = computed(() => {
  const all = (store.findings ?? []).filter((f) => f.rule.startsWith('source.'))
  const own = all.filter((f) => f.about.some((r) => r.id === item.value?.item.id))
  return own.length > 0 ? { elsewhere: false, list: own } : { elsewhere: true, list: all.slice(0, 4) }
})
</script>

<template>
  <StagePage
    v-if="job"
    broad
    title="Source"
    says="filled: chosen · dotted: struck out · ▾ target"
    @keydown="keys"
  >
    <template #head>
      <StageTabs stage="source" />
      <button class="button add" @click="addItem">New item</button>
    </template>
    <div ref="root">
      <div v-if="items.length > 0" class="above">
        <label class="visually-hidden" for="item-search">Search items and options</label>
        <input id="item-search" v-model="search" type="search" placeholder="Search" autocomplete="off" />
        <label class="visually-hidden" for="item-only">Show</label>
        <select id="item-only" v-model="only">
          <option v-for="s in SHOWN" :key="s">{{ s }}</option>
        </select>
        <p class="legend second">
          <AxisMark kind="new" :chosen="true" :fits="true" />new
          <AxisMark kind="second-hand" :chosen="true" :fits="true" />second-hand
          <AxisMark kind="made" :chosen="true" :fits="true" />made
          <AxisMark kind="owned" :chosen="true" :fits="true" />owned
        </p>
      </div>
      <table v-if="items.length > 0">
        <thead>
          <tr>
            <th scope="col" class="need-head">Item</th>
            <th scope="col" class="axis-head">
              <span class="visually-hidden">Options by landed price, tax and delivery in</span>
              <div class="axis">
                <span
                  v-for="t in axis.ticks"
                  :key="t.left"
                  class="tick narrow"
                  :style="{ left: `${t.left}%` }"
                  >{{ t.text }}</span
                >
              </div>
            </th>
            <th scope="col" class="figure chosen-head">chosen, {{ currency }}</th>
          </tr>
        </thead>
        <tbody :style="{ '--axis-lines': axis.lines }">
          <tr v-if="before > 0" aria-hidden="true">
            <td colspan="3" :style="{ height: `${before}px` }"></td>
          </tr>
          <AxisRow
            v-for="(i, n) in shown"
            :key="n"
            :item="i"
            :axis="axis"
            :here="i === item"
            :option-id="i === item ? optionId : undefined"
            :state="stateText(i)"
            @take="itemId = i.item.id"
            @mark="(id) => ((itemId = i.item.id), (optionId = id))"
          />
          <tr v-if="after > 0" aria-hidden="true">
            <td colspan="3" :style="{ height: `${after}px` }"></td>
          </tr>
        </tbody>
      </table>
      <p v-if="items.length > 0 && filtered.length === 0" class="second none">
        Nothing here is called that. Clear the search, or show all.
      </p>
      <div v-if="items.length === 0" class="teach">
        <h2>The schedule decides what is bought</h2>
        <p>
          An item is one thing the job needs: a settee, a rug, a lamp. Give it a target price and the size it
          may have; then collect options, new, second-hand, made or already owned, and see them side by side
          on one price scale.
        </p>
        <button class="button primary" @click="addItem">Add the first item</button>
      </div>
    </div>
    <template v-if="item" #strip>
      <div class="strip-head">
        <button class="word" :aria-pressed="strip === 'curve'" @click="strip = 'curve'">Curve</button>
        <button class="word" :aria-pressed="strip === 'item'" @click="strip = 'item'">
          What “{{ item.item.name }}” asks for
        </button>
        <PlanLimits v-if="strip === 'item'" :item="item" />
      </div>
      <ItemEditor v-if="strip === 'item'" :item="item" @remove="removeItem(item)" />
      <NextEuro v-else />
    </template>
    <template v-if="item" #panel>
      <div class="of">
        <h2>{{ item.item.name }}</h2>
        <button class="button" @click="addOption">New option</button>
      </div>
      <p v-if="item.item.intent" class="second">{{ item.item.intent }}</p>
      <QuickCapture :item="item" @kept="(id) => (optionId = id)" />
      <p v-if="item.options.length === 0" class="second">
        No option yet. Shop the house first: what is already owned counts as one.
      </p>
      <OptionCard
        v-for="o in item.options"
        :key="o.option.id"
        :item="item"
        :option="o"
        :marked="o === option"
        :live="live(item)"
        @mark="optionId = o.option.id"
        @toggle="toggle(item, o)"
      />
      <template v-if="findings.list.length > 0">
        <h2 v-if="findings.elsewhere">On other items</h2>
        <FindingsPanel stage="source" :list="findings.list" :most="6" />
      </template>
      <OptionEditor
        v-if="option && drawn"
        :item="item"
        :option="option"
        :live="live(item)"
        @remove="removeOption(item, option)"
      />
    </template>
  </StagePage>
</template>

<style scoped>
.above {
  display: flex;
  gap: 10px;
  align-items: center;
  padding-bottom: 4px;
}
#item-search {
  width: 130px;
}
#item-only {
  width: 108px;
}
.above input,
.above select {
  flex: none;
}
.legend {
  display: flex;
  align-items: center;
  gap: 3px;
  min-width: 0;
  overflow: hidden;
  white-space: nowrap;
}
.legend svg {
  width: 13px;
  height: 13px;
  margin-left: 6px;
  flex: none;
}
.add {
  order: 3;
  margin-left: auto;
  flex: none;
}
table {
  table-layout: fixed;
}
.need-head {
  width: 204px;
}
.chosen-head {
  width: 92px;
}
.axis-head {
  padding: 0;
}
.axis {
  position: relative;
  height: 26px;
  margin: 0 14px 0 12px;
}
.axis .tick {
  position: absolute;
  bottom: 3px;
  transform: translateX(-50%);
  color: var(--ink);
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
.strip-head :deep(.word) {
  flex: none;
  white-space: nowrap;
}
.strip-head .word[aria-pressed='true'] {
  font-weight: 600;
  text-decoration: none;
}
</style>
