<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import type { DerivedItem, DerivedOption } from '@bonitas/core/job/derive'
import { currencyDigits } from '@bonitas/core/money/currency'
import { moneyColumnText, moneyText } from '@bonitas/core/money/moneyText'
import { OPTION_KINDS } from '@bonitas/core/source/schema'
import { NEW_ITEM } from '@bonitas/core/job/emptyJob'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import { nextPosition } from '../job/edits.js'
import ItemEditor from './ItemEditor.vue'
import { useJobStore } from '../job/jobStore.js'
import { typing, useStageKeys } from '../job/keys.js'
import StagePage from '../job/StagePage.vue'
import AxisMark from './AxisMark.vue'
import { axisMarks, axisView } from './axisView.js'
import { fitText, landedSteps, sizeText } from './optionText.js'

const store = useJobStore()
const route = useRoute()
const job = computed(() => store.snapshot)
const items = computed(() => store.derived?.items ?? [])
const currency = computed(() => job.value?.studio.currency ?? 'EUR')
const system = computed(() => job.value?.studio.system ?? 'metric')
const money = (minor: number) => moneyText(minor, currency.value, job.value?.studio.locale)
const axis = computed(() => axisView(items.value, currencyDigits(currency.value)))
const itemId = ref<string>()
const optionId = ref<string>()
const root = ref<HTMLElement>()
const item = computed(() => items.value.find((i) => i.item.id === itemId.value) ?? items.value[0])
const option = computed(() => item.value?.options.find((o) => o.option.id === optionId.value))
const suppliers = computed(() => [
  { value: null, text: 'none named' },
  ...(job.value?.suppliers ?? []).map((s) => ({ value: s.id, text: s.name })),
])
const newSupplier = ref('')
useStageKeys([
  ['↑ ↓', 'Previous and next item'],
  ['D, C', 'Dearer, cheaper option'],
  ['Enter', 'Choose the option marked, or let it go'],
  ['N', 'New item'],
  ['O', 'New option for this item'],
])

watch(() => route.query.item, (id) => {
  if (typeof id === 'string') itemId.value = id
}, { immediate: true }) // prettier-ignore
watch(item, (now, before) => {
  if (now?.item.id !== before?.item.id) optionId.value = (now?.chosen ?? now?.options[0])?.option.id
}, { immediate: true }) // prettier-ignore

const live = (i: DerivedItem) => i.state === 'ordered' || i.state === 'delivered'

function toggle(i: DerivedItem, o: DerivedOption): void {
  if (live(i)) return
  store.change('items', i.item.id, { chosenOptionId: o.chosen ? null : o.option.id })
}

function addItem(): void {
  const all = job.value?.items ?? []
  itemId.value = store.add('items', {
    ...NEW_ITEM, serves: [], name: `Item ${all.length + 1}`, category: 'furniture', targetMinor: 0,
    neededOn: job.value?.brief.installOn ?? null,
    position: nextPosition(all),
  }) // prettier-ignore
  focusIn('.item-editor')
}

function addOption(): void {
  const i = item.value
  if (!i) return
  optionId.value = store.add('options', {
    itemId: i.item.id, kind: 'new', name: `Option ${i.options.length + 1}`, supplierId: null, priceMinor: i.item.targetMinor, packSize: 1,
    discountPpm: 0, discountMinor: 0, deliveryMinor: 0, fittingMinor: 0, leadDays: null, returnDays: null, widthMm: null, depthMm: null, heightMm: null, note: '',
  }) // prettier-ignore
  focusIn('.option-editor')
}

function addSupplier(): void {
  const name = newSupplier.value.trim()
  if (!name || name.length > 120 || !option.value) return
  const id = store.add('suppliers', { name, note: '' })
  store.change('options', option.value.option.id, { supplierId: id })
  newSupplier.value = ''
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
  void nextTick(() => document.querySelector<HTMLInputElement>(`${where} input`)?.focus())
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
  if (down !== 0) {
    const at = items.value.findIndex((x) => x === i)
    itemId.value = items.value[Math.max(0, Math.min(items.value.length - 1, at + down))]?.item.id
    void nextTick(() => root.value?.querySelector<HTMLElement>('tr.here .need')?.focus())
  } else if (dear !== 0 && i) {
    const at = i.options.findIndex((o) => o === option.value)
    optionId.value = i.options[Math.max(0, Math.min(i.options.length - 1, at + dear))]?.option.id
  } else if (event.key === 'n') addItem()
  else if (event.key === 'o') addOption()
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
      ? money(i.chosen?.price.landedMinor ?? 0)
      : moneyColumnText(
          i.lines.reduce((s, l) => s + l.state.dueMinor, 0),
          currency.value,
          job.value?.studio.locale,
        ).replace(/[.,]00$/, '')
const limits = (i: DerivedItem) => {
  const { maxWidthMm: w, maxDepthMm: d, maxHeightMm: h } = i.item
  return [w && `w ≤ ${w}`, d && `d ≤ ${d}`, h && `h ≤ ${h}`].filter(Boolean).join(' · ')
}
</script>

<template>
  <StagePage
    v-if="job"
    broad
    title="Source"
    :says="`landed price, tax and delivery in, ${currency}`"
    @keydown="keys"
  >
    <template #head>
      <p class="legend second">
        <AxisMark kind="new" chosen fits />new <AxisMark kind="second-hand" chosen fits />second-hand
        <AxisMark kind="made" chosen fits />made <AxisMark kind="owned" chosen fits />owned · filled: chosen ·
        dotted: does not fit · ▾ target
      </p>
      <button class="button add" @click="addItem">New item</button>
    </template>
    <div ref="root">
      <table v-if="items.length > 0">
        <thead>
          <tr>
            <th scope="col" class="need-head">Item</th>
            <th scope="col" class="axis-head">
              <span class="said-once">Options by landed price</span>
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
            <th scope="col" class="figure chosen-head">chosen</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="i in items" :key="i.item.id" :class="{ here: i === item }" @click="itemId = i.item.id">
            <td>
              <button class="need" :aria-pressed="i === item" @focus="itemId = i.item.id">
                <b
                  >{{ i.item.name
                  }}<template v-if="i.item.quantity > 1"> × {{ i.item.quantity }}</template></b
                >
                <span class="second">{{
                  [limits(i), i.item.specification].filter(Boolean).join(' · ') || i.item.category
                }}</span>
              </button>
            </td>
            <td>
              <div class="axis line">
                <i v-for="t in axis.ticks" :key="t.left" class="grid" :style="{ left: `${t.left}%` }"></i>
                <i
                  v-if="i.item.targetMinor > 0"
                  class="target"
                  :style="{ left: `${axis.place(i.item.targetMinor)}%` }"
                  :title="`Target ${money(i.item.targetMinor)}`"
                ></i>
                <button
                  v-for="m in axisMarks(i, axis, money)"
                  :key="m.optionId"
                  class="mark"
                  tabindex="-1"
                  :class="{ marked: m.optionId === optionId && i === item }"
                  :style="{ left: `${m.left}%` }"
                  :title="m.text"
                  :aria-label="m.text"
                  @click.stop="((itemId = i.item.id), (optionId = m.optionId))"
                >
                  <AxisMark :kind="m.kind" :chosen="m.chosen" :fits="m.fits" />
                </button>
              </div>
            </td>
            <td class="figure">
              {{ stateText(i) }}
              <p v-if="live(i)" class="second">{{ i.state }}</p>
            </td>
          </tr>
        </tbody>
      </table>
      <div v-else class="teach">
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
      <ItemEditor :item="item" @remove="removeItem(item)" />
    </template>
    <template v-if="item" #panel>
      <div class="of">
        <h2>{{ item.item.name }}</h2>
        <button class="button" @click="addOption">New option</button>
      </div>
      <p v-if="item.options.length === 0" class="second">
        No option yet. Shop the house first: what is already owned counts as one.
      </p>
      <article
        v-for="o in item.options"
        :key="o.option.id"
        :class="{ chosen: o.chosen, marked: o === option }"
        @click="optionId = o.option.id"
      >
        <div class="line">
          <AxisMark :kind="o.option.kind" :chosen="o.chosen" :fits="o.fit.verdict !== 'too large'" />
          <button class="pick" :aria-expanded="o === option" @click="optionId = o.option.id">
            <b>{{ o.option.name }}</b>
          </button>
          <b class="figure" :title="landedSteps(o, item.item.quantity, money).join('\n')">{{
            money(o.price.landedMinor)
          }}</b>
        </div>
        <p class="second">
          {{
            [
              sizeText(o.option, system),
              o.option.leadDays != null ? `in ${o.option.leadDays} days` : '',
              o.option.returnDays != null
                ? o.option.returnDays
                  ? `back within ${o.option.returnDays} days`
                  : 'no returns'
                : '',
            ]
              .filter(Boolean)
              .join(' · ') || o.option.kind
          }}
        </p>
        <p :class="{ unfit: o.fit.verdict === 'too large' }">
          {{ [fitText(o, system), o.option.note].filter(Boolean).join(' · ') }}
        </p>
        <div v-if="o === option" class="more">
          <ol class="sum second">
            <li v-for="s in landedSteps(o, item.item.quantity, money)" :key="s">{{ s }}</li>
          </ol>
          <button
            v-if="!live(item)"
            class="button"
            :class="{ primary: !o.chosen }"
            @click.stop="toggle(item, o)"
          >
            {{ o.chosen ? 'Let it go' : 'Choose' }}
          </button>
          <p v-else class="second">
            {{
              o.chosen
                ? `Chosen and ${item.state}.`
                : `The item is ${item.state}; cancel or return it in the Ledger to choose this.`
            }}
          </p>
        </div>
      </article>
      <section v-if="option" class="option-editor">
        <RowField
          :key="option.option.id"
          collection="options"
          :row="option.option"
          field="name"
          kind="text"
          class="long"
        />
        <RowChoice collection="options" :row="option.option" field="kind" :choices="OPTION_KINDS" />
        <RowField collection="options" :row="option.option" field="priceMinor" kind="money" figure />
        <RowField collection="options" :row="option.option" field="packSize" kind="whole" figure />
        <RowField
          collection="options"
          :row="option.option"
          field="discountPpm"
          kind="percent"
          label="Discount, %"
          figure
        />
        <RowField collection="options" :row="option.option" field="discountMinor" kind="money" figure />
        <RowField collection="options" :row="option.option" field="deliveryMinor" kind="money" figure />
        <RowField collection="options" :row="option.option" field="fittingMinor" kind="money" figure />
        <RowField collection="options" :row="option.option" field="widthMm" kind="length" figure />
        <RowField collection="options" :row="option.option" field="depthMm" kind="length" figure />
        <RowField collection="options" :row="option.option" field="heightMm" kind="length" figure />
        <RowField
          collection="options"
          :row="option.option"
          field="leadDays"
          kind="whole"
          label="Lead time, days"
          figure
        />
        <RowField
          collection="options"
          :row="option.option"
          field="returnDays"
          kind="whole"
          label="Returns, days"
          figure
        />
        <RowChoice
          collection="options"
          :row="option.option"
          field="supplierId"
          :choices="suppliers"
          class="two"
        />
        <form class="row-field" @submit.prevent="addSupplier">
          <label for="new-supplier">New supplier</label>
          <input
            id="new-supplier"
            v-model="newSupplier"
            maxlength="120"
            placeholder="name, Enter"
            autocomplete="off"
          />
        </form>
        <RowField collection="options" :row="option.option" field="note" kind="text" class="long" />
        <button v-if="!(live(item) && option.chosen)" class="word" @click="removeOption(item, option)">
          Remove the option
        </button>
      </section>
    </template>
  </StagePage>
</template>

<style scoped>
.legend {
  display: flex;
  align-items: center;
  gap: 3px;
  min-width: 0;
  overflow: hidden;
  order: 2;
}
.legend svg {
  width: 13px;
  height: 13px;
  margin-left: 6px;
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
  width: 84px;
}
td {
  padding: 0;
  vertical-align: middle;
  height: 43px;
}
td.figure {
  line-height: 1.2;
}
tr.here td {
  background: var(--paper);
}
tr.here td:first-child {
  box-shadow: inset 4px 0 var(--ink);
}
.need {
  width: 204px;
  border: 0;
  background: none;
  text-align: left;
  padding: 0 8px 0 10px;
  line-height: 1.3;
}
.need b {
  font-weight: 600;
}
.need b,
.need span {
  display: block;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
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
.axis.line {
  height: 42px;
  background: linear-gradient(var(--rule-2), var(--rule-2)) 0 50% / 100% 1px no-repeat;
}
.grid {
  position: absolute;
  top: 7px;
  bottom: 7px;
  width: 1px;
  background: var(--rule);
}
.target {
  position: absolute;
  top: 3px;
  margin-left: -5px;
  border: 5px solid transparent;
  border-top: 7px solid var(--ink-2);
  border-bottom: 0;
}
.mark {
  position: absolute;
  top: 50%;
  width: 24px;
  height: 24px;
  margin: -12px 0 0 -12px;
  padding: 3px;
  border: 0;
  background: none;
}
.mark.marked {
  outline: 1px solid var(--ink);
  outline-offset: -1px;
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
article {
  background: var(--paper);
  padding: 8px 12px;
  border: 2px solid transparent;
  font-size: 13px;
  margin-bottom: -6px;
}
article.chosen {
  border-color: var(--ink);
}
article.marked:not(.chosen) {
  border: 2px dotted var(--rule-2);
}
article .line {
  display: grid;
  grid-template-columns: 20px 1fr auto;
  gap: 6px;
  align-items: center;
  font-size: 14px;
}
.pick {
  border: 0;
  background: none;
  padding: 0;
  text-align: left;
  line-height: 1.25;
}
.unfit {
  text-decoration: underline dotted;
}
.more {
  display: flex;
  justify-content: space-between;
  align-items: end;
  gap: 12px;
  margin-top: 6px;
}
.sum {
  margin: 0;
  padding: 0;
  list-style: none;
}
.option-editor {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 8px 10px;
  align-items: end;
  border-top: 1px solid var(--rule);
  padding-top: 12px;
  margin-top: 6px;
}
.long {
  grid-column: span 2;
}
.two {
  grid-column: span 1;
}
</style>
